import type { SpectralPower } from '../colour/grid';
import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import { ASSUMED } from './assumptions';
import { daylightAvailable, dayOfYear, type SkyCondition } from './availability';
import { beamSpectrum } from './beam-spectrum';
import type { Place } from './day';
import { daylightAmounts, glowToward, skyTemperature } from './sky-colour';
import { standardSky, traditionalOvercast, type Sky } from './sky';
import { shareAbove, SKY_GRID } from './sky-grid';
import { addLight, noLight } from './spectral';
import { incidenceCosine, sunPosition, type SunPosition } from './sun';
import { RAD } from '../base/angles';

export const SKIES = ['clear', 'broken', 'overcast'] as const;
/** The sky as a consultant says it. */
export type SkyName = (typeof SKIES)[number];

const CONDITION: Readonly<Record<SkyName, SkyCondition>> = { clear: 'clear', broken: 'partly-cloudy', overcast: 'overcast' };
/** How much of each is clear sky. */
const CLEAR_SHARE: Readonly<Record<SkyName, number>> = { clear: 1, broken: ASSUMED.brokenShareOfBlue.value, overcast: 0 };
/** CIE Standard General Sky of each. ISO 15469: 12 clear, 7 partly cloudy, 1 overcast. */
const STANDARD: Readonly<Record<SkyName, number>> = { clear: 12, broken: 7, overcast: 1 };

/** A sky given outright instead of by place and time: its pattern, its horizontal illuminance, and the sun when there is one. */
export type GivenSky = {
  /** 1–15 of ISO 15469, or one of the two closed forms. */
  readonly type: number | 'traditional-overcast' | 'uniform';
  readonly horizontalLux: number;
  readonly sun?: SunPosition | undefined;
  readonly beamNormalLux?: number | undefined;
  /** One temperature for the whole sky; 6,500 K when not given. */
  readonly cctK?: number | undefined;
};

/** The light outside at one moment. Luminances in cd/m², illuminances in lux; spectra carry the same units. */
export type Outdoors = {
  readonly sun: SunPosition;
  readonly beamNormalLux: number;
  /** By the sky alone. */
  readonly horizontalLux: number;
  /** One lux of the beam. */
  readonly beam: SpectralPower;
  /** Luminance of the sky in a direction. */
  readonly luminance: Sky;
  /** Amounts of the CIE daylight components in a piece of sky in a direction, cd/m². */
  readonly skyAt: (altitudeDeg: number, azimuthDeg: number) => readonly [number, number, number];
  /** The three amounts times luminance in every cell of the sky grid: cell · 3 + component. */
  readonly cells: Float64Array;
};

const NO_SUN: SunPosition = { azimuthDeg: 0, altitudeDeg: -90 };

type Description = {
  readonly sun: SunPosition;
  readonly beamNormalLux: number;
  readonly horizontalLux: number;
  readonly pattern: Sky;
  readonly temperature: (luminance: number) => number;
  /** Share of a piece of sky's light that is the glow toward a low sun. */
  readonly glow: Sky;
};

/** A piece of sky as amounts of the three CIE daylight components. */
type Amounts = readonly [number, number, number];

function patternOf(type: GivenSky['type'], sun: SunPosition): Sky {
  if (type === 'uniform') return () => 1;
  if (type === 'traditional-overcast') return traditionalOvercast;
  // below the horizon the pattern of a sun on it goes on
  return standardSky(type, { ...sun, altitudeDeg: Math.max(0, sun.altitudeDeg) });
}

/** Steps of luminance for which the three amounts are kept: finer than any eye. */
const LUMINANCE_STEP = 1.02;

/** Amounts by luminance, remembered in steps of 2 %. */
function remembered(temperature: (luminance: number) => number): (luminance: number) => Amounts {
  const known = new Map<number, Amounts>();
  return (luminance) => {
    const step = Math.round(Math.log(Math.max(luminance, 1e-3)) / Math.log(LUMINANCE_STEP));
    const before = known.get(step);
    if (before) return before;
    const found = daylightAmounts(temperature(LUMINANCE_STEP ** step));
    known.set(step, found);
    return found;
  };
}

/** A pattern on the cells of the sky grid. */
const onCells = (pattern: Sky): Float64Array =>
  Float64Array.from({ length: SKY_GRID.cells }, (_, cell) => pattern(SKY_GRID.altitudeDeg[cell]!, SKY_GRID.azimuthDeg[cell]!));

/** Horizontal illuminance by a pattern over its zenith luminance, on the sky grid: within 0.5 % of a fine integration. */
const horizontalOver = (patternOnCells: Float64Array): number =>
  patternOnCells.reduce((sum, value, cell) => sum + value * SKY_GRID.horizontal[cell]!, 0);

const GLOWING = daylightAmounts(ASSUMED.glowK.value);

function describe({ sun, beamNormalLux, horizontalLux, pattern, temperature, glow }: Description): Outdoors {
  const known = horizontalLux > 0 ? onCells(pattern) : new Float64Array(SKY_GRID.cells);
  const zenith = horizontalLux > 0 ? horizontalLux / horizontalOver(known) : 0;
  const luminance: Sky = (altitudeDeg, azimuthDeg) => zenith * pattern(altitudeDeg, azimuthDeg);
  const amounts = remembered(temperature);
  const amountsOf = (value: number, altitudeDeg: number, azimuthDeg: number): Amounts => {
    const own = amounts(value);
    const share = glow(altitudeDeg, azimuthDeg);
    const part = (k: 0 | 1 | 2) => value * (own[k] + share * (GLOWING[k] - own[k]));
    return [part(0), part(1), part(2)];
  };
  const skyAt = (altitudeDeg: number, azimuthDeg: number): Amounts =>
    amountsOf(luminance(altitudeDeg, azimuthDeg), altitudeDeg, azimuthDeg);
  const cells = new Float64Array(SKY_GRID.cells * 3);
  for (let cell = 0; zenith > 0 && cell < SKY_GRID.cells; cell++) {
    cells.set(amountsOf(zenith * known[cell]!, SKY_GRID.altitudeDeg[cell]!, SKY_GRID.azimuthDeg[cell]!), cell * 3);
  }
  const beam = beamSpectrum(sun.altitudeDeg);
  return {
    sun,
    beamNormalLux,
    horizontalLux,
    beam,
    luminance,
    skyAt,
    cells,
  };
}

/** The light outside at a place and instant (epoch milliseconds) under a sky. */
export function outdoorsAt({
  at,
  place,
  date,
  sky,
}: {
  readonly at: number;
  readonly place: Place;
  readonly date: string;
  readonly sky: SkyName;
}): Outdoors {
  const sun = sunPosition(at, place);
  const condition = CONDITION[sky];
  const { beamNormalLux, skyHorizontalLux } = daylightAvailable(condition, sun.altitudeDeg, dayOfYear(date));
  const temperature = (luminance: number) => skyTemperature(condition, luminance, sun.altitudeDeg);
  const clear = CLEAR_SHARE[sky];
  const toward = glowToward(sun);
  const glow: Sky = (altitudeDeg, azimuthDeg) => clear * toward(altitudeDeg, azimuthDeg);
  const pattern = patternOf(STANDARD[sky], sun);
  return describe({ sun, beamNormalLux, horizontalLux: skyHorizontalLux, pattern, temperature, glow });
}

/** The light outside under a sky that is given outright. */
export function outdoorsGiven(given: GivenSky): Outdoors {
  const sun = given.sun ?? NO_SUN;
  const kelvin = given.cctK ?? ASSUMED.overcastTemperatureK.value;
  const { horizontalLux, beamNormalLux = 0 } = given;
  return describe({
    sun,
    beamNormalLux,
    horizontalLux,
    pattern: patternOf(given.type, sun),
    temperature: () => kelvin,
    glow: () => 0,
  });
}

/** No light outside at all: a room by its lamps. */
export const outdoorsDark = (): Outdoors => outdoorsGiven({ type: 'uniform', horizontalLux: 0 });

/**
 * Share of the ground before a façade that the sun reaches: all of it when the sun stands before the façade, else what lies beyond the
 * house's shadow, weighed as a window sees it.
 */
export function sunlitGround({ azimuthDeg, altitudeDeg }: SunPosition, bearingDeg: number): number {
  if (altitudeDeg <= 0) return 0;
  const behind = -Math.cos((azimuthDeg - bearingDeg) * RAD);
  if (behind <= 0) return 1;
  const shadowM = (ASSUMED.houseHeightM.value * behind) / Math.tan(altitudeDeg * RAD);
  const edge = Math.atan2(ASSUMED.groundBelowEyeM.value, shadowM);
  return (edge + Math.sin(edge) * Math.cos(edge)) / (Math.PI / 2);
}

/** A skyline: its altitude in degrees in each direction. */
export type Skyline = (azimuthDeg: number) => number;

/** By how much a surface sees each cell of the sky grid: steradians, weighed by the cosine. The same at every moment. */
export type SkySeen = Float64Array;

/** What a horizontal surface sees of the sky above a skyline. */
export const seenFromGround = (skyline: Skyline): SkySeen =>
  Float64Array.from(
    { length: SKY_GRID.cells },
    (_, cell) => SKY_GRID.horizontal[cell]! * shareAbove(cell, skyline(SKY_GRID.azimuthDeg[cell]!)).horizontal,
  );

/** What a vertical surface that faces `bearingDeg` sees of the sky above a skyline. */
export const seenFromFront = (bearingDeg: number, skyline: Skyline): SkySeen =>
  Float64Array.from({ length: SKY_GRID.cells }, (_, cell) => {
    const direction = { altitudeDeg: SKY_GRID.altitudeDeg[cell]!, azimuthDeg: SKY_GRID.azimuthDeg[cell]! };
    const share = shareAbove(cell, skyline(direction.azimuthDeg)).solidAngle;
    return Math.max(0, share * incidenceCosine(direction, bearingDeg) * SKY_GRID.solidAngle[cell]!);
  });

/** Spectral illuminance of a surface by the sky it sees. */
export function skyOn({ cells }: Outdoors, seen: SkySeen): SpectralPower {
  let [a, b, c] = [0, 0, 0];
  for (let cell = 0, k = 0; cell < SKY_GRID.cells; cell++, k += 3) {
    const share = seen[cell]!;
    a += share * cells[k]!;
    b += share * cells[k + 1]!;
    c += share * cells[k + 2]!;
  }
  const power = noLight();
  [a, b, c].forEach((s, k) => addLight(power, DAYLIGHT_COMPONENTS[k]!, s));
  return power;
}

/** Spectral illuminance of a vertical surface that faces `bearingDeg` by the sun's beam. */
export const beamOnVertical = ({ beam, beamNormalLux, sun }: Outdoors, bearingDeg: number): SpectralPower => {
  const lux = beamNormalLux * Math.max(0, incidenceCosine(sun, bearingDeg));
  return beam.map((v) => lux * v);
};
