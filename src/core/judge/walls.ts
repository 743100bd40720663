import { ramp } from '../base/ramp';
import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { RoomKind, RoomUse } from '../room/use';
import { prepareAffinity } from './affinity';
import type { LightSchools } from './light-schools';
import type { School, Stay } from './relation';
import { coolness, warmthOf, wished, type Ground, type Wish } from './wish';

const { abs, max, min } = Math;

/**
 * What belongs on four walls, and what a room's light asks of them, in "nearlies". The facts are common practice, no source; the figures are this
 * product's own, set on twelve rooms of the trade and twelve of our own (tests/golden), and tried on twelve more.
 */
export const WALLS = {
  /** LRV under which a wall is a wish rather than a default, in halls and where lighter is wished for, and the points under it that cost one. */
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
  /** Where colour is wished for: LRV and chroma between which it is a colour for walls, with the steps that cost one. */
  colour: { lrv: [36, 78], chroma: [12, 32], darkStep: 22, lightStep: 12, weakStep: 5, loudStep: 8 },
  /** What sharing no undertone costs, and going against the wish. */
  undertone: 0.6,
  wish: 2,
  /** A warm colour in a bedroom or bath: calm cool ones suit them. */
  warmWhereCool: 0.3,
  /** What a wholly dim room costs a colour without warmth, or without chroma, by the school. */
  dimAsks: 1.1,
  dimWarmth: [1, 12],
  dimChroma: [3, 14],
  /**
   * What every colour lacks where there is no abundance of light. A very bright room gives it back, but not to a light weak colour, which washes
   * out; with a clean white beside it that colour is held so much. So less light never speaks for a colour.
   */
  abundance: 1.2,
  heldByWhite: 0.4,
  /** What the school costs a white it refuses in a dim room: a cool one, any, or one of little chroma. LRV from which a colour is a white. */
  dimWhite: 2.2,
  whiteLrv: 70,
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
  const calls = WIND_DOWN.kinds.includes(kind) ? 1 : use === 'evening' ? WIND_DOWN.byEvening : 0;
  return calls * (0.5 + 0.5 * ramp(heightM, ...WIND_DOWN.heightM));
}

/** What of a room decides what belongs on its walls. */
export type WallsOf = {
  readonly stays: readonly (Stay & { readonly school: School })[];
  readonly wish: Wish | null;
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
  /** Index of the thing whose undertone it plainly shares. */
  readonly sharesWith: number | undefined;
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
  const m = WALLS;
  const [lrv, c] = [lrvOf(lab), chroma(lab)];
  if (wish === 'deeper')
    return outside(lrv, m.deep.lrv, m.deep.underStep, m.deep.overStep) + over(c, m.deep.quietTo, m.deep.loudStep);
  if (wish === 'more-colour') {
    const k = m.colour;
    return outside(lrv, k.lrv, k.darkStep, k.lightStep) + outside(c, k.chroma, k.weakStep, k.loudStep);
  }
  const lighter = wish === 'lighter';
  const usual = lighter ? m.darkUnderIfLighter : kind === 'hall' ? m.darkUnderInHall : m.darkUnder;
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
  'more-chroma': (lab) => ramp(chroma(lab), 6, 3),
};

/** How far a colour has what a dim room asks for, 0–1: warmth, or chroma where the school goes by that. */
const holdsInDim = (lab: Lab, { dimWhite }: LightSchools): number =>
  dimWhite === 'more-chroma' ? ramp(chroma(lab), ...WALLS.dimChroma) : ramp(warmthOf(lab), ...WALLS.dimWarmth);

/** Too dark, or too light, for what is wished or for a dim room: in the same units as a conflict. */
function depthConflict(lrv: number, { wish, light: { dim } }: WallsOf): { tooDark: number; tooLight: number } {
  const { tooDark: d, tooLight: l } = WALLS;
  if (wish === 'deeper') return { tooDark: 0, tooLight: over(lrv, l.over, l.step) };
  if (wish === 'lighter') return { tooDark: over(d.underIfLighter, lrv, d.stepIfLighter), tooLight: 0 };
  return { tooDark: dim * over(d.underInDim, lrv, d.stepInDim), tooLight: 0 };
}

/** Makes ready what a room asks of its walls. Lab as in the deck (D65, 10°). */
export function prepareWalls(room: WallsOf): (lab: Lab) => WallCosts {
  const m = WALLS;
  const { stays, wish, schools, light } = room;
  const ground = groundOf(stays);
  const affinityOf = prepareAffinity(stays);
  const partner = stays.some((s) => s.components.some((c) => c.lab.l > 92 && chroma(c.lab) < 4));
  const depths = stays.filter((s) => s.kind === 'fixed').flatMap((s) => s.components.map((c) => lrvOf(c.lab)));
  // a deep wall is wished for to stand out
  const jumpOf = (lrv: number) =>
    wish === 'deeper' || depths.length === 0 ? 0 : over(min(...depths.map((d) => abs(lrv - d))), m.jumpFrom, m.jumpStep);
  const grantedBy = wished(wish, ground);
  // who wants warmth beside a cool floor does not want its undertone
  const shares = m.undertone * (wish === 'warmer' && ground ? 1 - coolness(ground) : 1);
  return (lab) => {
    const lrv = lrvOf(lab);
    const { undertone, sharesWith } = affinityOf(lab);
    const weak = ramp(lrv, 55, 65) * ramp(lrv, 88, 82) * ramp(chroma(lab), 12, 6);
    return {
      prior: priorOf(lab, room, ground?.lrv ?? 0) + jumpOf(lrv),
      wish: m.wish * (1 - grantedBy(lab)),
      undertone: shares * (1 - undertone),
      light:
        light.dim * m.dimAsks * (1 - holdsInDim(lab, schools)) +
        m.abundance * (1 - light.bright * (1 - weak * (partner ? 1 - m.heldByWhite : 1))),
      refused: light.dim * m.dimWhite * ramp(lrv, m.whiteLrv, m.whiteLrv + 5) * refusedBy[schools.dimWhite](lab),
      ...depthConflict(lrv, room),
      sharesWith,
    };
  };
}
