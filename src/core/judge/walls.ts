import { ramp } from '../base/ramp';
import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { prepareAffinity } from './affinity';
import type { DimWhiteSchool } from './light-conflict';
import type { School, Stay } from './relation';
import { grants, type Wish } from './wish';

const { max } = Math;

/** Kinds of room that the trade treats differently. */
export const ROOM_KINDS = ['living', 'dining', 'study', 'kitchen', 'bedroom', 'bath', 'hall', 'other'] as const;
export type RoomKind = (typeof ROOM_KINDS)[number];

/**
 * What belongs on four walls, and what a room's light asks of them, in "nearlies". The facts are common practice, no source; the figures are this
 * product's own, set on twelve rooms of the trade and twelve of our own (tests/golden), and tried on twelve more.
 */
export const WALLS = {
  /** LRV under which a wall is a wish rather than a default, in halls, and the points under it that cost one. */
  darkUnder: 50,
  darkUnderInHall: 60,
  darkStep: 12,
  /** LRV over which it is a ceiling's or trim's white, also where lighter is wished for, and the points over it that cost one. */
  whiteOver: 84,
  whiteOverIfLighter: 90,
  whiteStep: 10,
  /** Points of LRV darker than the fixed finishes that cost one: floors are darker than walls. */
  underGroundStep: 20,
  /** Chroma up to which a wall is quiet, so much more where warmth is wished for, and the chroma over it that costs one. */
  quietTo: 9,
  quietMoreIfWarmer: 3,
  quietStep: 5,
  /** Where depth is wished for: LRV up to which it is deep, the points over it that cost one, and chroma from which it is loud. */
  deepTo: 20,
  deepStep: 10,
  deepQuietTo: 25,
  /** Where colour is wished for: LRV and chroma between which it is a colour for walls, with the steps that cost one. */
  colour: { lrv: [25, 80], chroma: [12, 35], lrvStep: 12, weakStep: 5, loudStep: 8 },
  /** What sharing no undertone costs, and going against the wish. */
  undertone: 0.6,
  wish: 2,
  /** Warmth (b* and half of a*) that plainly is warmer, at least, and as a share of the chroma of the fixed finishes: beside strong ones a little is lost. */
  warmFrom: 2,
  warmFull: 9,
  warmOfFinishes: 0.65,
  /** A warm colour in a bedroom or bath: calm cool ones suit them. */
  warmWhereCool: 0.3,
  /** Lux by day between which a room is dim, and bright, from not at all to fully. */
  dimLux: [150, 50],
  brightLux: [2000, 5000],
  /** A dim room wants warmth. */
  dimWarmth: 0.8,
  /** A light weak colour washes out in a very bright room, less with a clean white beside it. */
  washedOut: 0.8,
  washedOutWithWhite: 0.3,
  /** What the school costs a white it refuses in a dim room: a cool one, any, or one of little chroma. LRV from which a colour is a white. */
  dimWhite: 2.2,
  whiteLrv: 70,
} as const;

/** What of a room decides what belongs on its walls. */
export type WallsOf = {
  readonly stays: readonly (Stay & { readonly school: School })[];
  readonly wish: Wish | null;
  readonly kind: RoomKind;
  /** Middle lux by day where the sample is held, in the hours it is used; 0 without daylight. */
  readonly dayLux: number;
  readonly dimWhite: DimWhiteSchool;
};

/** How well a colour serves as four walls, apart from what it stands beside: each in "nearlies", 0 is best. */
export type WallCosts = {
  /** What belongs on four walls of this kind of room. */
  readonly prior: number;
  readonly wish: number;
  readonly undertone: number;
  /** What the amount of light asks for. */
  readonly light: number;
  /** A white that the school refuses in this light: counts for the verdict. */
  readonly refused: number;
};

/** Mean of the fixed finishes that are no whites, by share; undefined without any. */
function groundOf(stays: WallsOf['stays']): { readonly lrv: number; readonly chroma: number } | undefined {
  const parts = stays.filter((s) => s.kind === 'fixed').flatMap((s) => s.components.filter((c) => c.lab.l < 91));
  const all = parts.reduce((s, p) => s + p.share, 0);
  if (all === 0) return undefined;
  const mean = (of: (lab: Lab) => number) => parts.reduce((s, p) => s + p.share * of(p.lab), 0) / all;
  return { lrv: mean(lrvOf), chroma: mean(chroma) };
}

const warmthOf = ({ a, b }: Lab) => b + a / 2;

function priorOf(lab: Lab, { wish, kind }: WallsOf, groundLrv: number): number {
  const m = WALLS;
  const [lrv, c] = [lrvOf(lab), chroma(lab)];
  if (wish === 'deeper') return max(0, (lrv - m.deepTo) / m.deepStep) + max(0, (c - m.deepQuietTo) / m.deepStep);
  if (wish === 'more-colour') {
    const { lrv: l, chroma: k, lrvStep, weakStep, loudStep } = m.colour;
    const depth = max(0, (l[0] - lrv) / lrvStep) + max(0, (lrv - l[1]) / lrvStep);
    return depth + max(0, (k[0] - c) / weakStep) + max(0, (c - k[1]) / loudStep);
  }
  const dark = max(0, ((kind === 'hall' ? m.darkUnderInHall : m.darkUnder) - lrv) / m.darkStep);
  const white = max(0, (lrv - (wish === 'lighter' ? m.whiteOverIfLighter : m.whiteOver)) / m.whiteStep);
  const quiet = m.quietTo + (wish === 'warmer' ? m.quietMoreIfWarmer : 0);
  const cool = kind === 'bedroom' || kind === 'bath' ? m.warmWhereCool * ramp(lab.a + lab.b, 4, 12) : 0;
  return dark + white + max(0, (groundLrv - lrv) / m.underGroundStep) + max(0, (c - quiet) / m.quietStep) + cool;
}

/** What a school holds against a white in a dim room, 0–1. */
const refusedBy: Readonly<Record<DimWhiteSchool, (lab: Lab) => number>> = {
  never: () => 1,
  'warm-only': (lab) => ramp(warmthOf(lab), 3.5, 1),
  'more-chroma': (lab) => ramp(chroma(lab), 6, 3),
};

/** Makes ready what a room asks of its walls. Lab as in the deck (D65, 10°). */
export function prepareWalls(room: WallsOf): (lab: Lab) => WallCosts {
  const m = WALLS;
  const ground = groundOf(room.stays);
  const affinityOf = prepareAffinity(room.stays, room.wish);
  const dim = ramp(room.dayLux, m.dimLux[0], m.dimLux[1]);
  const bright = ramp(room.dayLux, m.brightLux[0], m.brightLux[1]);
  const partner = room.stays.some((s) => s.components.some((c) => c.lab.l > 92 && chroma(c.lab) < 4));
  const warmFull = max(m.warmFull, m.warmOfFinishes * (ground?.chroma ?? 0));
  const granted = (lab: Lab) =>
    !room.wish ? 1 : room.wish === 'warmer' ? ramp(warmthOf(lab), m.warmFrom, warmFull) : grants(room.wish, lab);
  return (lab) => {
    const lrv = lrvOf(lab);
    const weak = ramp(lrv, 55, 65) * ramp(lrv, 88, 82) * ramp(chroma(lab), 12, 6);
    return {
      prior: priorOf(lab, room, ground?.lrv ?? 0),
      wish: m.wish * (1 - granted(lab)),
      undertone: m.undertone * (1 - affinityOf(lab).undertone),
      light: dim * m.dimWarmth * (1 - ramp(warmthOf(lab), 1, 7)) + bright * weak * (partner ? m.washedOutWithWhite : m.washedOut),
      refused: dim * m.dimWhite * ramp(lrv, m.whiteLrv, m.whiteLrv + 5) * refusedBy[room.dimWhite](lab),
    };
  };
}
