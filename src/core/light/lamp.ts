import { illuminant } from '../colour/illuminant';
import { onGrid, wavelength, type SpectralPower } from '../colour/grid';
import { planckian } from '../colour/planck';
import { ILLUMINANT_TABLE } from '../reference/illuminants';
import { ASSUMED } from './assumptions';
import { perLux } from './spectral';
import type { Vector } from './view-factor';

export const LAMP_KINDS = ['filament', 'led', 'led-high', 'fluorescent'] as const;
/** `led` renders colours in the ordinary way (about Ra 80), `led-high` well (Ra 90 and more). */
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
  /** On the label, at full power. */
  readonly lumens: number;
  readonly throws: LampThrow;
  readonly at: Vector;
  /** Share of full light, 0–1. */
  readonly dimmedShare: number;
};

const black = (kelvin: number): SpectralPower => onGrid((nm) => planckian(nm, kelvin));

/** Range of the made-up LED table; beyond it its ends are bent like a black body. */
const LED_RANGE = { min: 2733, max: 6598 } as const;

function led(kelvin: number): SpectralPower {
  const held = Math.min(LED_RANGE.max, Math.max(LED_RANGE.min, Math.round(kelvin)));
  const found = illuminant(`LED-${held}`);
  if (!found.ok) throw new RangeError(`LED of ${kelvin} K`);
  if (held === Math.round(kelvin)) return found.value;
  return found.value.map((v, i) => (v * planckian(wavelength(i), kelvin)) / planckian(wavelength(i), held));
}

/** Three-band fluorescent lamps of CIE 15 by temperature: F12, F11, F10, F7-like daylight beyond. */
const TUBES = [
  { cctK: 3000, name: 'F12' },
  { cctK: 4000, name: 'F11' },
  { cctK: 5000, name: 'F10' },
  { cctK: 6500, name: 'F7' },
] as const;

function fluorescent(kelvin: number): SpectralPower {
  const nearest = TUBES.reduce((p, q) => (Math.abs(1 / q.cctK - 1 / kelvin) < Math.abs(1 / p.cctK - 1 / kelvin) ? q : p));
  return Float64Array.from(ILLUMINANT_TABLE[nearest.name]!);
}

/** Temperature of a filament dimmed to a share of its light. */
const dimmedTemperature = (kelvin: number, share: number): number => kelvin * share ** ASSUMED.filamentDimming.value;

/**
 * Spectrum of a lamp, one lux in all. A filament is a black body that reddens when dimmed; LEDs are synthetic three-band spectra, mixed
 * half and half with a black body (or daylight) for high colour rendering; fluorescent lamps are the nearest of CIE F12, F11, F10 and F7.
 *
 * @param lamp kind, temperature (1,000–25,000 K) and dimming (0–1)
 */
export function lampSpectrum({ kind, cctK, dimmedShare }: Pick<Lamp, 'kind' | 'cctK' | 'dimmedShare'>): SpectralPower {
  if (!(cctK >= 1000 && cctK <= 25000)) throw new RangeError(`lamp of ${cctK} K: must lie between 1,000 and 25,000 K`);
  if (kind === 'filament') return perLux(black(dimmedShare > 0 ? dimmedTemperature(cctK, dimmedShare) : cctK));
  if (kind === 'fluorescent') return perLux(fluorescent(cctK));
  const bands = perLux(led(cctK));
  if (kind === 'led') return bands;
  const full = perLux(black(cctK));
  return bands.map((v, i) => (v + full[i]!) / 2);
}
