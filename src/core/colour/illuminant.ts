import { CMF_1931_Y } from '../reference/cmf-1931';
import { DAYLIGHT_S0, DAYLIGHT_S1, DAYLIGHT_S2 } from '../reference/daylight-components';
import { ILLUMINANT_TABLE } from '../reference/illuminants';
import { SYNTHETIC_LED_TABLE } from '../reference/synthetic-leds';
import { ok, type Ok, type Refused } from '../base/result';
import { GRID, onGrid, type SpectralPower } from './grid';
import { planckian } from './planck';

const tabled = (name: string): SpectralPower => Float64Array.from(ILLUMINANT_TABLE[name]!);

/** CIE standard illuminant D65 on the grid (ISO/CIE 11664-2). */
export const daylight65: SpectralPower = tabled('D65');

/** Range of the CIE daylight formula, in kelvin. CIE 15:2018 §3.1. */
export const DAYLIGHT_RANGE = { min: 4000, max: 25000 } as const;

/** The CIE daylight components S0, S1, S2, of which every CIE daylight is a sum. CIE 15:2018 table 6. */
export const DAYLIGHT_COMPONENTS: readonly SpectralPower[] = [DAYLIGHT_S0, DAYLIGHT_S1, DAYLIGHT_S2].map((s) =>
  Float64Array.from(s),
);

/**
 * Shares M1, M2 of the second and third component in the CIE daylight of a correlated colour temperature. CIE 15:2018 eq. 3.2–3.5.
 *
 * @param kelvin 4,000–25,000
 * @throws RangeError outside that range
 */
export function daylightShares(kelvin: number): readonly [m1: number, m2: number] {
  if (!(kelvin >= DAYLIGHT_RANGE.min && kelvin <= DAYLIGHT_RANGE.max))
    throw new RangeError(`daylight of ${kelvin} K: the CIE formula holds from 4,000 to 25,000 K`);
  const [p3, p2, p1, p0] = kelvin <= 7000 ? [-4.607e9, 2.9678e6, 0.09911e3, 0.244063] : [-2.0064e9, 1.9018e6, 0.24748e3, 0.23704];
  const x = p3 / kelvin ** 3 + p2 / kelvin ** 2 + p1 / kelvin + p0;
  const y = -3 * x * x + 2.87 * x - 0.275;
  const m = 0.0241 + 0.2562 * x - 0.7341 * y;
  const m1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m;
  const m2 = (0.03 - 31.4424 * x + 30.0717 * y) / m;
  return [m1, m2];
}

/** CIE daylight of a correlated colour temperature (4,000–25,000 K), relative spectral power. CIE 15:2018 eq. 3.2–3.5. */
export function daylight(kelvin: number): SpectralPower {
  const [m1, m2] = daylightShares(kelvin);
  return Float64Array.from(DAYLIGHT_S0, (s0, i) => s0 + m1 * DAYLIGHT_S1[i]! + m2 * DAYLIGHT_S2[i]!);
}

const LED_TEMPERATURES = [2733, 2998, 4103, 5109, 6598] as const;

/** Made-up LED of a colour temperature (2,733–6,598 K): neighbours of the synthetic table mixed in mireds. */
function syntheticLed(kelvin: number): SpectralPower {
  const upper = Math.max(
    1,
    LED_TEMPERATURES.findIndex((t) => t >= kelvin),
  );
  const [cool, warm] = [LED_TEMPERATURES[upper]!, LED_TEMPERATURES[upper - 1]!];
  const share = (1e6 / warm - 1e6 / kelvin) / (1e6 / warm - 1e6 / cool);
  const [a, b] = [SYNTHETIC_LED_TABLE[String(warm)]!, SYNTHETIC_LED_TABLE[String(cool)]!];
  return Float64Array.from(a, (v, i) => v * (1 - share) + b[i]! * share);
}

const within = (kelvin: number, min: number, max: number) => kelvin >= min && kelvin <= max;

/** Nominal temperatures such as "D5000": CIE 15 shifts them by 1.4388 / 1.4380, as c₂ was revised. */
const SHIFT = 1.4388 / 1.438;

/**
 * Illuminant by name: `A`, `C`, `D50`, `D55`, `D65`, `D75`, `F1`–`F12`, `E`; `D` and four or five digits for CIE daylight of a temperature
 * (`D5000`), `P2700` for a Planckian radiator, `LED-3000` for a made-up LED (synthetic, not a CIE illuminant).
 * Two-digit D names beyond the tables (`D60`) are CIE daylight of the nominal temperature × 1.4388 / 1.4380.
 */
export function illuminant(name: string): Ok<SpectralPower> | Refused<'unknown-illuminant', { name: string }> {
  if (Object.hasOwn(ILLUMINANT_TABLE, name)) return ok(tabled(name));
  const [, kind, digits] = /^(D|P|LED-)(\d{2,5})$/.exec(name) ?? [];
  const number = Number(digits);
  if (kind === 'D') {
    const kelvin = digits!.length === 2 ? number * 100 * SHIFT : number;
    if (within(kelvin, DAYLIGHT_RANGE.min, DAYLIGHT_RANGE.max)) return ok(daylight(kelvin));
  }
  if (kind === 'P' && within(number, 1000, 25000)) return ok(onGrid((nm) => planckian(nm, number)));
  if (kind === 'LED-' && within(number, LED_TEMPERATURES[0], LED_TEMPERATURES[4])) return ok(syntheticLed(number));
  return { ok: false, reason: 'unknown-illuminant', name };
}

/** From here a plain light begins to be daylight, from there it is nothing else, K. CIE 224:2017. */
const MIXED = { from: DAYLIGHT_RANGE.min, to: 5000 } as const;

/** A spectrum scaled to a luminance of 1, in no particular unit. */
const evenly = (power: SpectralPower): SpectralPower => {
  const luminance = power.reduce((sum, v, i) => sum + v * CMF_1931_Y[i * GRID.step]!, 0);
  return power.map((v) => v / luminance);
};

/**
 * Relative spectral power of a plain light by colour temperature (1,000–25,000 K): Planckian up to 4,000 K, CIE daylight from 5,000 K,
 * between them a mixture by luminance, as CIE 224:2017 takes its reference illuminant.
 */
export function lightOfTemperature(kelvin: number): SpectralPower {
  if (kelvin >= MIXED.to) return daylight(kelvin);
  const black = onGrid((nm) => planckian(nm, kelvin));
  if (kelvin <= MIXED.from) return black;
  const share = (kelvin - MIXED.from) / (MIXED.to - MIXED.from);
  const [p, d] = [evenly(black), evenly(daylight(kelvin))];
  return p.map((v, i) => v * (1 - share) + d[i]! * share);
}
