import { planOf, turnOf, wallsOf, type Walled } from './plan';

/** The four walls of a box room, clockwise seen from above, beginning with the one whose bearing is recorded. */
export const WALLS = [0, 1, 2, 3] as const;
/** One of them. */
export type BoxWall = (typeof WALLS)[number];
/** A wall of any room by its number, as they are met turning right. */
export type Wall = number;

/** The wall of a box one faces with one's back to a wall. */
export const oppositeWall = (wall: number): BoxWall => WALLS[(wall + 2) % 4]!;

/**
 * Bearing (degrees clockwise from true north, 0–360) that wall `wall` of a box faces outward, when the first faces `firstBearingDeg`.
 *
 * @example wallBearingDeg(350, 1) // → 80
 */
export const wallBearingDeg = (firstBearingDeg: number, wall: number): number =>
  (((firstBearingDeg + 90 * wall) % 360) + 360) % 360;

/** What the walls of a room are called by. */
export type Facing = Pick<Walled, 'shape'> & {
  readonly bearingDeg: number | null;
  readonly windows: readonly { readonly wall: number }[];
};

/** Bearing that a wall of any room faces outward, when the first faces `firstBearingDeg`. */
export function bearingOfWall(firstBearingDeg: number, { shape }: Pick<Walled, 'shape'>, wall: number): number {
  if (!shape || wall >= shape.plan.length) return wallBearingDeg(firstBearingDeg, wall);
  const turn = turnOf(planOf({ widthM: 1, depthM: 1, shape }), wall);
  return (((firstBearingDeg + turn) % 360) + 360) % 360;
}

const POINTS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;
export type CompassPoint = (typeof POINTS)[number];

/**
 * Compass word of a bearing in degrees.
 *
 * @example compassPoint(200) // → 'south'
 */
export const compassPoint = (bearingDeg: number): CompassPoint =>
  POINTS[Math.round((((bearingDeg % 360) + 360) % 360) / 45) % 8]!;

/** Walls as they lie to the one with the window, as one faces it. */
const FROM_WINDOW = ['window wall', 'wall right of the window', 'wall opposite the window', 'wall left of the window'] as const;

/** As they lie to the first wall of the plan, as one faces it. */
const FROM_FIRST = ['first wall', 'wall right of the first', 'wall opposite the first', 'wall left of the first'] as const;

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'] as const;
const ordinal = (k: number): string => ORDINALS[k] ?? `${k + 1}th`;

/**
 * "north-west wall" once the bearing of the first is read; before, by how it lies to the first wall with a window: "wall opposite the
 * window"; to the first wall of the plan in a room of which neither is known. Of a room that is no box walls that face alike are told
 * apart as they are met turning right: "second north wall".
 */
export function wallName({ bearingDeg, windows, shape }: Facing, wall: number): string {
  if (shape) {
    if (bearingDeg === null) return `${ordinal(wall)} wall`;
    const point = (w: number) => compassPoint(bearingOfWall(bearingDeg, { shape }, w));
    const alike = wallsOf({ shape }).filter((w) => point(w) === point(wall));
    return alike.length > 1 ? `${ordinal(alike.indexOf(wall))} ${point(wall)} wall` : `${point(wall)} wall`;
  }
  if (bearingDeg !== null) return `${compassPoint(wallBearingDeg(bearingDeg, wall))} wall`;
  if (windows.length === 0) return FROM_FIRST[wall]!;
  const first = Math.min(...windows.map((w) => w.wall));
  return FROM_WINDOW[(wall - first + 4) % 4]!;
}

type Quarter = 'pole' | 'equator' | 'east' | 'west';
const MIRRORED: Readonly<Record<Quarter, Quarter>> = { pole: 'equator', equator: 'pole', east: 'east', west: 'west' };
const quarterOf = (bearingDeg: number, latitude: number): Quarter => {
  const quarter = (['pole', 'east', 'equator', 'west'] as const)[Math.round((((bearingDeg % 360) + 360) % 360) / 90) % 4]!;
  return latitude >= 0 ? quarter : MIRRORED[quarter];
};

const LIGHT_WORDS: Record<Quarter, string> = {
  pole: 'cool and even',
  equator: 'warm',
  east: 'bright and slightly warm in the morning, cooler after noon',
  west: 'subdued in the morning, warm and strong late in the day',
};

const NO_SUN_WORDS = 'sky light alone: no sun comes in on this day';

/**
 * What light the windows give, in the trade's words: north cool and even, south warm, east and west by the hour; mirrored in the southern
 * hemisphere; windows on two or more sides balance out. Common practice, no source.
 *
 * @param sunComesIn whether it does on the day, past what stands opposite: an east room behind a tall house has no morning sun
 */
export function daylightWords(windowBearingsDeg: readonly number[], latitude: number, sunComesIn = true): string {
  const quarters = [...new Set(windowBearingsDeg.map((b) => quarterOf(b, latitude)))];
  if (quarters.length === 0) return 'no window: lamps only';
  if (!sunComesIn && quarters.some((q) => q !== 'pole')) return NO_SUN_WORDS;
  if (quarters.length === 1) return LIGHT_WORDS[quarters[0]!];
  return 'balanced: light from more than one side';
}

/** What the sun that comes in by a wall is called: by where the wall faces, so that morning and late sun are two lights. */
export type SunLight = `sun-${CompassPoint}`;

/**
 * The kinds of light a room is judged in, in the order of a day. `window-day` is a day of which it is not known whether the sun came in:
 * in a room that was not measured, or for a judgement in no kind of it in particular.
 */
export const LIGHTS = [
  'window-day',
  'no-sun',
  'sun-east',
  'sun-south-east',
  'sun-south',
  'sun-south-west',
  'sun-west',
  'sun-north-west',
  'sun-north',
  'sun-north-east',
  'overcast',
  'lamps',
  'lamps-by-day',
] as const;
export type JudgingLight = (typeof LIGHTS)[number];
export const LIGHT_NAMES: Readonly<Record<JudgingLight, string>> = {
  'window-day': 'window by day',
  'no-sun': 'day without sun',
  ...(Object.fromEntries(POINTS.map((point) => [`sun-${point}`, `sun from the ${point}`])) as Record<SunLight, string>),
  overcast: 'overcast',
  lamps: 'lamps',
  'lamps-by-day': 'lamps by day',
};

/** What is written of the light with a judgement: what its moment tells without the room. */
export const KEPT_LIGHTS = ['window-day', 'overcast', 'lamps'] as const satisfies readonly JudgingLight[];
export type KeptLight = (typeof KEPT_LIGHTS)[number];

/** The light in a room into which the sun comes by a wall that faces `bearingDeg`. */
export const sunFrom = (bearingDeg: number): SunLight => `sun-${compassPoint(bearingDeg)}`;
