import type { Lab } from '@/core/colour/types';
import type { SkyName } from '@/core/light/outdoors';
import type { SkyShares } from '@/core/room/use';
import type { Container } from '@/core/paint/containers';
import type { Formula } from '@/core/paint/tint-system';
import type { Random } from '@/core/base/random';

/** What every instrument says of itself; a stand-in says that it is simulated, wherever its readings are shown. */
export interface Device {
  readonly label: string;
  readonly simulated: boolean;
}

/** A pocket colorimeter: put it on a surface, get Lab (D65, 10°). It drifts until it is calibrated on its white tile. */
export interface Colorimeter extends Device {
  read(surfaceId: string, random: Random): Promise<Lab>;
  calibrate(): Promise<void>;
  /** Readings since the last calibration; undefined when never calibrated. */
  readonly sinceCalibration: number | undefined;
}

/** Reflectance factors, 0–1, from `start` nm in steps of `step` nm. */
export type SpectrumReading = { readonly start: number; readonly step: number; readonly values: readonly number[] };
export interface Spectrophotometer extends Device {
  read(surfaceId: string, random: Random): Promise<SpectrumReading>;
}

/** Illuminance in lux and correlated colour temperature in kelvin at one place; none in the dark. */
export type LightReading = { readonly lux: number; readonly cctK: number | null };
export interface LightMeter extends Device {
  /** Reads where it is held; a stand-in has to be told what is computed there. */
  read(
    place: { readonly roomId: string; readonly lux: number; readonly cctK: number | null },
    random: Random,
  ): Promise<LightReading>;
}

/** Tells the sky of a date (YYYY-MM-DD), one word for each hour of the local clock. */
export interface SkyService extends Device {
  skyOfDay(date: string): Promise<readonly SkyName[]>;
  /** How often each sky is met there by day around a date, adding up to 1. */
  skyShares(date: string): Promise<SkyShares>;
}

/** What to make: millilitres per litre at 100 %, and into which can. */
export type PaintOrder = {
  readonly formula: Formula;
  readonly percent: number;
  readonly container: Container;
  readonly shotMl: number;
};
/** What really went in, millilitres per litre. */
export type PaintMade = { readonly poured: Formula };
export interface TintCounter extends Device {
  make(order: PaintOrder, random: Random): Promise<PaintMade>;
}
