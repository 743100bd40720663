import { onGrid, type SpectralPower } from '../colour/grid';
import { planckian } from '../colour/planck';
import { ILLUMINANT_TABLE } from '../reference/illuminants';
import { ASSUMED } from './assumptions';
import { ledSpectrum } from './led-spectrum';
import { perLux } from './spectral';
import type { Vector } from './view-factor';

export const LAMP_KINDS = ['filament', 'led', 'led-high', 'fluorescent'] as const;
/** `led` renders colours in the ordinary way, `led-high` well: see {@link USUAL_RA}; either can be given its own index. */
export type LampKind = (typeof LAMP_KINDS)[number];
export const LAMP_KIND_NAMES: Readonly<Record<LampKind, string>> = {
  filament: 'filament or halogen',
  led: 'LED',
  'led-high': 'LED, high colour rendering',
  fluorescent: 'fluorescent',
};
export const LAMP_THROWS = ['round', 'down', 'up'] as const;
/** Where a fitting sends its light: all round, or as a diffuse source down or up. */
export type LampThrow = (typeof LAMP_THROWS)[number];
export const LAMP_THROW_NAMES: Readonly<Record<LampThrow, string>> = { round: 'all round', down: 'down', up: 'up' };

/** A lamp in the room; measures in metres in the room's frame. */
export type Lamp = {
  readonly kind: LampKind;
  /** Colour temperature on the label, K. */
  readonly cctK: number;
  /** General colour rendering index on the label (CIE 13.3), of LEDs; null is the usual of the kind. */
  readonly ra: number | null;
  /** On the label, at full power. */
  readonly lumens: number;
  readonly throws: LampThrow;
  readonly at: Vector;
  /** Share of full light, 0–1. */
  readonly dimmedShare: number;
};

const black = (kelvin: number): SpectralPower => onGrid((nm) => planckian(nm, kelvin));

/** General colour rendering index (CIE 13.3) of an LED whose label was not read, by its kind. Common practice, no source. */
export const USUAL_RA = { led: 80, 'led-high': 92 } as const;
/** Temperatures LEDs are made for; beyond them they are taken as the nearest. */
const LED_RANGE = { min: 1500, max: 10_000 } as const;

const led = (kelvin: number, ra: number): SpectralPower =>
  ledSpectrum(Math.min(LED_RANGE.max, Math.max(LED_RANGE.min, kelvin)), ra);

/** Three-band fluorescent lamps of CIE 15 by temperature: F12, F11, F10, F7-like daylight beyond. */
const TUBES = [
  { cctK: 3000, name: 'F12' },
  { cctK: 4000, name: 'F11' },
  { cctK: 5000, name: 'F10' },
  { cctK: 6500, name: 'F7' },
] as const;

/** Between two tubes their light is mixed, evenly in reciprocal temperature; beyond the last it is that one's. One lux. */
function fluorescent(kelvin: number): SpectralPower {
  const spectrum = (name: string) => perLux(Float64Array.from(ILLUMINANT_TABLE[name]!));
  const cooler = TUBES.findIndex((tube) => tube.cctK >= kelvin);
  if (cooler === 0) return spectrum(TUBES[0].name);
  if (cooler < 0) return spectrum(TUBES.at(-1)!.name);
  const [warm, cool] = [TUBES[cooler - 1]!, TUBES[cooler]!];
  const share = (1 / warm.cctK - 1 / kelvin) / (1 / warm.cctK - 1 / cool.cctK);
  const [from, to] = [spectrum(warm.name), spectrum(cool.name)];
  return from.map((v, i) => v * (1 - share) + to[i]! * share);
}

/** Temperature of a filament dimmed to a share of its light. */
const dimmedTemperature = (kelvin: number, share: number): number => kelvin * share ** ASSUMED.filamentDimming.value;

/**
 * Spectrum of a lamp, one lux in all. A filament is a black body that reddens when dimmed; an LED is made to have its temperature and its
 * colour rendering; fluorescent lamps are CIE F12, F11, F10 and F7 and mixtures of neighbours.
 *
 * @param lamp kind, temperature (1,000–25,000 K), colour rendering (70–97, null for the usual of its kind) and dimming (0–1)
 */
export function lampSpectrum({ kind, cctK, ra, dimmedShare }: Pick<Lamp, 'kind' | 'cctK' | 'ra' | 'dimmedShare'>): SpectralPower {
  if (!(cctK >= 1000 && cctK <= 25000)) throw new RangeError(`lamp of ${cctK} K: must lie between 1,000 and 25,000 K`);
  if (kind === 'filament') return perLux(black(dimmedShare > 0 ? dimmedTemperature(cctK, dimmedShare) : cctK));
  if (kind === 'fluorescent') return perLux(fluorescent(cctK));
  return led(cctK, ra ?? USUAL_RA[kind]);
}
