import type { Lab } from '../colour/types';
import { lightnessOfLrv, lrvOf } from '../colour/lab';
import type { RoomKind } from '../room/use';

/** Sheen grades by their 60° gloss, in gloss units (ISO 2813); bounds as trade guides give them, from memory. */
export const SHEENS = [
  { grade: 'matte', from: 0, to: 5 },
  { grade: 'eggshell', from: 5, to: 20 },
  { grade: 'satin', from: 20, to: 40 },
  { grade: 'semi-gloss', from: 40, to: 70 },
  { grade: 'gloss', from: 70, to: 95 },
] as const;
export type Sheen = (typeof SHEENS)[number]['grade'];
export const SHEEN_GRADES = SHEENS.map((s) => s.grade);

/** The grade of a 60° gloss reading in gloss units, 0–100. */
export function sheenOf(glossUnits: number): Sheen {
  if (!(glossUnits >= 0 && glossUnits <= 100)) throw new RangeError(`gloss ${glossUnits} GU: must lie in 0–100`);
  return (SHEENS.find((s) => glossUnits < s.to) ?? SHEENS[SHEENS.length - 1]!).grade;
}

/** What the prediction assumes; the product's own figures. */
export const SHEEN_MODEL = {
  /** Reflectance of a gloss standard of 100 GU at 60° (black glass, n = 1.567). ISO 2813. */
  standard60: 0.1001,
  /** Luminance of what is mirrored (a window's surroundings) over that of a white in the same light. */
  mirrored: 3,
} as const;

/**
 * LRV points that a sheen adds when a wall is seen toward the window, at the middle of its grade: gloss/100 × R(60°) × mirrored luminance
 * × 100.
 */
export function addedTowardWindow(sheen: Sheen): number {
  const { from, to } = SHEENS.find((s) => s.grade === sheen)!;
  return ((from + to) / 200) * SHEEN_MODEL.standard60 * SHEEN_MODEL.mirrored * 100;
}

/**
 * How a colour looks toward the window in a sheen: its lightness raised by the mirrored light, its chroma thinned in the same measure.
 * Lab D65, 10°.
 */
export function towardWindow(lab: Lab, sheen: Sheen): Lab {
  const lrv = lrvOf(lab);
  const added = addedTowardWindow(sheen);
  const share = lrv / (lrv + added);
  return { l: lightnessOfLrv(Math.min(100, lrv + added)), a: lab.a * share, b: lab.b * share };
}

export const SURFACES = ['wall', 'feature-wall', 'trim', 'trim-in-wall-colour', 'door', 'cabinet', 'ceiling'] as const;
export type PaintedSurface = (typeof SURFACES)[number];
export type SheenAdvice = { readonly sheen: Sheen; readonly why: string };

const ADVICE: Readonly<Record<PaintedSurface, SheenAdvice>> = {
  wall: { sheen: 'eggshell', why: 'wipes clean and shows few flaws' },
  'feature-wall': { sheen: 'matte', why: 'a sheen makes a dark colour look lighter where light hits it and shows every flaw' },
  trim: { sheen: 'semi-gloss', why: 'trim paint takes knocks; the sheen sets it off from the wall' },
  'trim-in-wall-colour': { sheen: 'semi-gloss', why: 'in one colour only the sheen parts trim from wall' },
  door: { sheen: 'satin', why: 'is handled, without mirroring the room' },
  cabinet: { sheen: 'satin', why: 'is handled and wiped, without mirroring the room' },
  ceiling: { sheen: 'matte', why: 'grazing light shows every flaw' },
};
/** LRV below which a wall counts as dark for its sheen. */
const DARK_WALL = 20;

/** Rooms of steam and splashes. */
const STEAMY: readonly RoomKind[] = ['bath', 'kitchen'];
/** What they ask of surfaces that would be matte or eggshell elsewhere; a dark wall keeps as little sheen as washes. */
const IN_STEAM: Readonly<Partial<Record<PaintedSurface, SheenAdvice>>> = {
  wall: { sheen: 'satin', why: 'steam and splashes: it is washed often' },
  'feature-wall': { sheen: 'eggshell', why: 'dark, so little sheen; but steam and washing ask for more than matte' },
  ceiling: { sheen: 'eggshell', why: 'steam spots a matte ceiling' },
};

/** Which sheen for which surface of which room, and why. Common practice, no source. */
export function sheenFor(surface: PaintedSurface, lrv: number, room: RoomKind = 'other'): SheenAdvice {
  const on = surface === 'wall' && lrv < DARK_WALL ? 'feature-wall' : surface;
  return (STEAMY.includes(room) ? IN_STEAM[on] : undefined) ?? ADVICE[on];
}

/** Test pots come in eggshell only: what to say when another sheen is chosen. Common practice, no source. */
export function potCaution(sheen: Sheen): string | undefined {
  if (sheen === 'eggshell') return undefined;
  return `Test pots come in eggshell only: in ${sheen} it will look ${sheen === 'matte' ? 'less' : 'more'} shiny than its test.`;
}
