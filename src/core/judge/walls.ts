import { ramp } from '../base/ramp';
import { chroma, hueDeg, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { partsOfUse, type RoomKind, type RoomUse } from '../room/use';
import { prepareAffinity, stepsOf, type Tie } from './affinity';
import { coolOf } from './hues';
import type { LightSchools } from './light-schools';
import type { School } from './kinds';
import { RELATION } from './model';
import type { Stay } from './relation';
import { coolness as coolGround, grantedAll, warmthOf, type Ground, type Wish } from './wish';

const { abs, max, min } = Math;

/**
 * What belongs on four walls, and what a room's light asks of them, in "nearlies". The facts are common practice, no source; the figures
 * are this product's own, set on twelve rooms of the trade and twelve of our own (tests/golden), and tried on twelve more.
 */
export const WALL_COSTS = {
  /**
   * LRV under which a wall is a wish rather than a default, in halls and where lighter is wished for, and the points under it that cost
   * one.
   */
  darkUnder: 50,
  darkUnderInHall: 60,
  darkUnderIfLighter: 70,
  /** So much less in a high room to wind down in: there deep colours are at home though nobody wished for them. */
  darkLessToWindDown: 24,
  darkStep: 12,
  /** LRV under which a default wall is on the dark side, and the points under it that cost one. */
  darkishUnder: 66,
  darkishStep: 45,
  /** LRV over which it is a ceiling's or trim's white, also where lighter is wished for, and the points over it that cost one. */
  whiteOver: 84,
  whiteOverIfLighter: 90,
  whiteStep: 10,
  /** Points of LRV darker than the fixed finishes that cost one: floors are darker than walls. */
  underGroundStep: 20,
  /** Points of LRV away from everything fixed from which a wall jumps, and so many more that cost one. */
  jumpFrom: 50,
  jumpStep: 25,
  /** Chroma up to which a wall is quiet, so much more where warmth is wished for, and the chroma over it that costs one. */
  quietTo: 9,
  quietMoreIfWarmer: 3,
  quietStep: 5,
  /** Where depth is wished for: LRV between which it is deep, the points over and under that cost one, and chroma from which it is loud. */
  deep: { lrv: [5, 20], overStep: 10, underStep: 6, quietTo: 25, loudStep: 10 },
  /** Where colour is wished for: LRV and strength (steps of Munsell chroma) between which it is a colour for walls, with what costs one. */
  colour: { lrv: [33, 66], steps: [2.3, 6.2], darkStep: 18, lightStep: 12, weakStep: 0.9, loudStep: 2 },
  /** What a violet or mauve costs there: the rarer wish on four walls; hues from, wholly from, to, and no more. */
  violet: { costs: 0.3, from: 284, full: 298, to: 338, gone: 352 },
  /** What sharing no undertone costs, and going against the wish; and how much of the first is left where colour is wished for. */
  undertone: 0.6,
  undertoneIfColour: 0.4,
  wish: 2,
  /** A warm colour in a bedroom or bath: calm cool ones suit them. */
  warmWhereCool: 0.3,
  /**
   * A grey without a lean goes flat and cold: chroma from which it does not, and up to which it does, LRV up to which it is a black, and
   * what it costs.
   */
  flat: { fades: 1.6, gone: 1, blackTo: 4, blackNoMore: 8, whiteFrom: 82, whiteFull: 88, costs: 0.8 },
  /** Where calm is wished for: strength (steps of Munsell chroma) from which a colour is too strong, and so much more that costs one. */
  tooStrongForCalm: { over: 5, step: 2 },
  /**
   * LRV under which four walls are dark though nobody wished for depth, so much less that costs one, and the most it costs: a wish, not a
   * default.
   */
  darkUnwished: { under: 54, step: 12, most: 1.6 },
  /** What a plainly cool colour costs where warmth is wished for, and the chroma from which it is one, and wholly. */
  tooCool: { costs: 1.3, from: 3, full: 6 },
  /** Strength (steps of Munsell chroma) under which a colour is too weak where colour is wished for, and so much less that costs one. */
  tooWeak: { under: 1.7, step: 0.7 },
  /** What a wholly dim room costs a colour without warmth, or without chroma, by the school. */
  dimAsks: 1.1,
  dimWarmth: [1, 12],
  dimChroma: [3, 14],
  /**
   * What every colour lacks where there is no abundance of light. A very bright room gives it back, but not to a light weak colour, which
   * washes out; with a clean white beside it that colour is held so much. So less light never speaks for a colour.
   */
  abundance: 1.2,
  heldByWhite: 0.4,
  /**
   * What the school costs a white it refuses in a dim room: a cool one, any, or one of little chroma. LRV from which a colour is a white.
   */
  dimWhite: 2.4,
  whiteLrv: [66, 70],
  /**
   * Share of the use by little daylight from which a school's word on whites holds at all, and wholly: what is said of a dim room, holds
   * there.
   */
  dimWhiteFrom: 0.25,
  dimWhiteFull: 0.5,
  /** LRV at which a colour begins to be too light where depth is wished for, and the points over it that cost one. */
  tooLight: { over: 24, step: 12 },
  /** LRV at which it begins to be too dark where lighter is wished for, and where nothing of the kind is and the room is dim. */
  tooDark: { underIfLighter: 58, stepIfLighter: 12, underInDim: 30, stepInDim: 20 },
} as const;

/** How much of the use of a room is by so little daylight that colours go dull, or by so much that weak ones wash out, each 0–1. */
export type RoomLight = { readonly dim: number; readonly bright: number };

/** What makes a room one to wind down in: what it is, when it is used, and how high it is, in metres, from not at all to fully. */
const WIND_DOWN = { kinds: ['dining', 'study'] as readonly RoomKind[], byEvening: 0.6, heightM: [2.4, 3] } as const;

/** How far a room is one to wind down in, 0–1. Common practice, no source; the figures are own choice. */
export function toWindDown({ kind, use, heightM }: { kind: RoomKind; use: RoomUse; heightM: number }): number {
  const calls = WIND_DOWN.kinds.includes(kind)
    ? 1
    : partsOfUse(use).every((part) => part === 'evening')
      ? WIND_DOWN.byEvening
      : 0;
  return calls * (0.5 + 0.5 * ramp(heightM, ...WIND_DOWN.heightM));
}

/** What of a room decides what belongs on its walls. */
export type WallsOf = {
  readonly stays: readonly (Stay & { readonly school: School })[];
  /** What is wished for first: it rules what belongs on the walls. */
  readonly wish: Wish | null;
  /** What else is wished for, in order: each weighs less than the one before. */
  readonly moreWishes?: readonly Wish[];
  readonly kind: RoomKind;
  /** How far it is a room to wind down in, 0–1: see {@link toWindDown}. */
  readonly windDown: number;
  readonly light: RoomLight;
  readonly schools: LightSchools;
};

/** How well a colour serves as four walls, apart from what it stands beside: each in "nearlies", 0 is best. */
export type WallCosts = {
  /** What belongs on four walls of this kind of room. */
  readonly prior: number;
  readonly wish: number;
  readonly undertone: number;
  /** What the amount of light asks for. */
  readonly light: number;
  /** Counting for the verdict: a white that the school refuses in this light, and too dark or too light for the wish or the room. */
  readonly refused: number;
  readonly tooDark: number;
  readonly tooLight: number;
  readonly tooStrong: number;
  readonly tooWeak: number;
  readonly tooCool: number;
  /** How far it is a grey without any lean, which goes flat and cold, 0–1; counted in `prior`. */
  readonly flat: number;
  /** Just-noticeable steps by which the wish is missed; 0 where it is granted or nothing is wished for. */
  readonly wishMissed: number;
  /** What it plainly shares with a thing, or how it answers one. */
  readonly tie: Tie | undefined;
};

/** The fixed finishes that are no whites; undefined without any. */
function groundOf(stays: WallsOf['stays']): Ground | undefined {
  const parts = stays.filter((s) => s.kind === 'fixed').flatMap((s) => s.components.filter((c) => c.lab.l < 91));
  const all = parts.reduce((s, p) => s + p.share, 0);
  if (all === 0) return undefined;
  const mean = (of: (lab: Lab) => number) => parts.reduce((s, p) => s + p.share * of(p.lab), 0) / all;
  return { lrv: mean(lrvOf), chroma: mean(chroma), warmth: mean(warmthOf) };
}

const over = (value: number, from: number, step: number) => max(0, (value - from) / step);

/** What is between two ends is free. */
const outside = (value: number, [from, to]: readonly [number, number], under: number, above: number) =>
  over(from, value, under) + over(value, to, above);

function priorOf(lab: Lab, { wish, kind, windDown }: WallsOf, groundLrv: number): number {
  const m = WALL_COSTS;
  const [lrv, c] = [lrvOf(lab), chroma(lab)];
  if (wish === 'deeper')
    return outside(lrv, m.deep.lrv, m.deep.underStep, m.deep.overStep) + over(c, m.deep.quietTo, m.deep.loudStep);
  if (wish === 'more-colour') {
    const k = m.colour;
    const { costs, from, full, to, gone } = m.violet;
    const hue = hueDeg(lab);
    const violet = costs * min(ramp(hue, from, full), ramp(hue, gone, to));
    return outside(lrv, k.lrv, k.darkStep, k.lightStep) + outside(stepsOf(lab), k.steps, k.weakStep, k.loudStep) + violet;
  }
  const lighter = wish === 'lighter';
  const inKind = kind === 'hall' ? m.darkUnderInHall : m.darkUnder;
  const usual = lighter ? m.darkUnderIfLighter : inKind;
  const less = lighter ? 0 : windDown * m.darkLessToWindDown;
  const dark = over(usual - less, lrv, m.darkStep);
  const darkish = over(m.darkishUnder - less, lrv, m.darkishStep);
  const white = over(lrv, lighter ? m.whiteOverIfLighter : m.whiteOver, m.whiteStep);
  const loud = over(c, m.quietTo + (wish === 'warmer' ? m.quietMoreIfWarmer : 0), m.quietStep);
  const cool = kind === 'bedroom' || kind === 'bath' ? m.warmWhereCool * ramp(lab.a + lab.b, 4, 12) : 0;
  return max(dark, darkish) + white + over(groundLrv, lrv, m.underGroundStep) + loud + cool;
}

/** What a school holds against a white in a dim room, 0–1. */
const refusedBy: Readonly<Record<LightSchools['dimWhite'], (lab: Lab) => number>> = {
  never: () => 1,
  'warm-only': (lab) => ramp(warmthOf(lab), 3.5, 1),
  'more-chroma': (lab) => ramp(chroma(lab), 6, 4),
};

/** How far a colour has what a dim room asks for, 0–1: warmth, or chroma where the school goes by that. */
const holdsInDim = (lab: Lab, { dimWhite }: LightSchools): number =>
  dimWhite === 'more-chroma' ? ramp(chroma(lab), ...WALL_COSTS.dimChroma) : ramp(warmthOf(lab), ...WALL_COSTS.dimWarmth);

type Against = Pick<WallCosts, 'tooDark' | 'tooLight' | 'tooStrong' | 'tooWeak' | 'tooCool'>;

/** Too dark, too light or too strong for what is wished or for a dim room: in the same units as a conflict. */
function againstWish(lab: Lab, lrv: number, { wish, windDown, light: { dim } }: WallsOf): Against {
  const { tooDark: d, tooLight: l, tooStrongForCalm: s, darkUnwished: u } = WALL_COSTS;
  const none = { tooDark: 0, tooLight: 0, tooStrong: 0, tooWeak: 0, tooCool: 0 };
  if (wish === 'deeper') return { ...none, tooLight: over(lrv, l.over, l.step) };
  if (wish === 'lighter') return { ...none, tooDark: over(d.underIfLighter, lrv, d.stepIfLighter) };
  const inDim = dim * over(d.underInDim, lrv, d.stepInDim);
  const unwished = min(u.most, over(u.under - windDown * WALL_COSTS.darkLessToWindDown, lrv, u.step));
  const tooDark = max(inDim, unwished);
  if (wish === 'calmer') return { ...none, tooDark, tooStrong: over(stepsOf(lab), s.over, s.step) };
  if (wish === 'more-colour')
    return { ...none, tooDark: inDim, tooWeak: over(WALL_COSTS.tooWeak.under, stepsOf(lab), WALL_COSTS.tooWeak.step) };
  return { ...none, tooDark, tooCool: wish === 'warmer' ? coolness(lab) : 0 };
}

/** What a green, blue or violet costs where warmth is wished for. */
function coolness(lab: Lab): number {
  const { costs, from, full } = WALL_COSTS.tooCool;
  const hue = hueDeg(lab);
  const round = hue < 60 ? hue + 360 : hue;
  // a pink without yellow is cool too
  const cool = max(coolOf(hue, RELATION), ramp(round, 275, 285) * ramp(round, 397, 375));
  return costs * cool * ramp(chroma(lab), from, full);
}

/** How far a colour is a grey without any lean, 0–1; whites are fresh and blacks deep without one. */
function flatness(lab: Lab, lrv: number): number {
  const { fades, gone, blackTo, blackNoMore, whiteFrom, whiteFull } = WALL_COSTS.flat;
  return ramp(chroma(lab), fades, gone) * ramp(lrv, blackTo, blackNoMore) * ramp(lrv, whiteFull, whiteFrom);
}

/** Makes ready what a room asks of its walls. Lab as in the deck (D65, 10°). */
export function prepareWalls(room: WallsOf): (lab: Lab) => WallCosts {
  const m = WALL_COSTS;
  const { stays, wish, schools, light } = room;
  const ground = groundOf(stays);
  const affinityOf = prepareAffinity(stays);
  const partner = stays.some((s) => s.components.some((c) => c.lab.l > 92 && chroma(c.lab) < 4));
  const depths = stays.filter((s) => s.kind === 'fixed').flatMap((s) => s.components.map((c) => lrvOf(c.lab)));
  // a deep wall is wished for to stand out
  const jumpOf = (lrv: number) =>
    wish === 'deeper' || depths.length === 0 ? 0 : over(min(...depths.map((d) => abs(lrv - d))), m.jumpFrom, m.jumpStep);
  const grantedBy = grantedAll(wish === null ? [] : [wish, ...(room.moreWishes ?? [])], ground);
  const school = ramp(light.dim, m.dimWhiteFrom, m.dimWhiteFull);
  // who wants warmth beside a cool floor does not want its undertone
  const cooler = wish === 'warmer' && ground ? 1 - coolGround(ground) : 1;
  const shares = m.undertone * (wish === 'more-colour' ? m.undertoneIfColour : cooler);
  return (lab) => {
    const lrv = lrvOf(lab);
    const { undertone, tie } = affinityOf(lab);
    const flat = flatness(lab, lrv);
    const granted = grantedBy(lab);
    const weak = ramp(lrv, 55, 65) * ramp(lrv, 88, 82) * ramp(chroma(lab), 12, 6);
    return {
      prior: priorOf(lab, room, ground?.lrv ?? 0) + jumpOf(lrv) + m.flat.costs * flat,
      wish: m.wish * (1 - granted.share),
      undertone: shares * (1 - undertone),
      light:
        light.dim * m.dimAsks * (1 - holdsInDim(lab, schools)) +
        m.abundance * (1 - light.bright * (1 - weak * (partner ? 1 - m.heldByWhite : 1))),
      refused: school * m.dimWhite * ramp(lrv, ...m.whiteLrv) * refusedBy[schools.dimWhite](lab),
      ...againstWish(lab, lrv, room),
      flat,
      wishMissed: granted.missedBy,
      tie,
    };
  };
}
