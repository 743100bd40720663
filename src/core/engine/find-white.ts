import { readIn } from '../appearance/scene';
import type { Surface } from '../judge/surfaces';
import {
  isWhite,
  sayReadsAs,
  WHITE_KINDS,
  whiteKind,
  whiteMisfit,
  type WhiteEdge,
  type WhiteKind,
  type WhitePalette,
} from '../companions/whites';
import type { PaletteColour } from '../companions/companion';
import { deltaE00 } from '../colour/ciede2000';
import { GRID } from '../colour/grid';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { sayWeakest } from '../judge/say-advice';
import type { Advice } from '../judge/room-advice';
import type { Verdict } from '../judge/reasons';
import type { JudgingLight } from '../room/facing';
import { adviseIn, type AdvisedRoom, type RoomToAdvise } from './advised-room';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { inPart, type Steps } from './steps';
import { surfaceStay } from './surface-stay';
import type { UsedLight } from './used-lights';

export type WhiteRequest = AdvisedRoom & {
  readonly stays: readonly JudgedStay[];
  readonly palette: WhitePalette;
  readonly edge: WhiteEdge;
};

/** What a white reads as in a light of the room, where that is not white. */
export type WhiteReads = { readonly kind: UsedLight['kind']; readonly at: number; readonly as: string };
export type FoundWhiteColour = {
  readonly id: string;
  readonly strength: number;
  readonly lab: Lab;
  readonly kind: WhiteKind;
  readonly verdict: Verdict;
  /** Where it is weakest, in words; null where nothing is against it. */
  readonly weakest: string | null;
  /** Where it does not read as white, the light it is used in most first. */
  readonly reads: readonly WhiteReads[];
};
export type WhiteAnswer = {
  readonly ok: true;
  /** Two or three to try, best first; none where the school or the light allows none. */
  readonly found: readonly FoundWhiteColour[];
  /** The best of each kind that is not among them, and so why not. */
  readonly not: readonly FoundWhiteColour[];
  /** What serves instead, where no white does. */
  readonly instead: readonly FoundWhiteColour[];
};

const CHOICE = {
  most: 3,
  /** Two are offered only so far apart, ΔE00: they are held side by side. */
  apart: 1.5,
  /** What it weighs to be what was asked for, beside how it serves. */
  asked: 0.8,
  batch: 40,
  /** Instead of a white: from a little deeper up to it, with the chroma that a dim room asks for. */
  instead: { lrv: [58, 78], chroma: [4, 14] },
} as const;

type Tried = { readonly colour: PaletteColour; readonly advice: Advice<JudgingLight>; readonly rank: number };
const HELD: Readonly<Record<Verdict, number>> = { works: 0, nearly: 1, no: 4 };

/** The best of some, no two alike. */
function pick(tried: readonly Tried[], most: number): Tried[] {
  const sorted = [...tried].sort((p, q) => p.rank - q.rank || (p.colour.id < q.colour.id ? -1 : 1));
  return sorted.reduce<Tried[]>(
    (found, one) =>
      found.length < most && found.every((f) => deltaE00(f.colour.lab, one.colour.lab) >= CHOICE.apart) ? [...found, one] : found,
    [],
  );
}

/** Finds whites for the walls of a room in its light, by its school; and says why not the others. */
export function* findWhite(
  { stays, palette, edge, ...room }: WhiteRequest,
  deck: readonly PaletteColour[],
): Steps<WhiteAnswer | NoAnswer> {
  const surfaces = stays.map(surfaceStay);
  const advised = yield* inPart(adviseIn(room, surfaces), 0, 0.5);
  if (!advised.ok) return advised;
  const full = deck.filter((c) => c.strength === 100);
  const tried: Tried[] = [];
  const others: Tried[] = [];
  for (const [k, colour] of full.entries()) {
    if (k % CHOICE.batch === 0) yield 0.5 + (0.5 * k) / full.length;
    const white = isWhite(colour.lab);
    if (!white && !servesInstead(colour.lab)) continue;
    const advice = advised.adviceOn(colour);
    const asked = white ? CHOICE.asked * whiteMisfit(colour.lab, palette, edge) : 0;
    (white ? tried : others).push({ colour, advice, rank: advice.behind + HELD[advice.verdict] + asked });
  }
  const told = (one: Tried) => toldOf(one, advised, stays);
  const good = pick(
    tried.filter((t) => t.advice.verdict !== 'no'),
    CHOICE.most,
  );
  const kinds = new Set(good.map((g) => whiteKind(g.colour.lab)));
  const not = WHITE_KINDS.filter((kind) => !kinds.has(kind)).flatMap((kind) =>
    pick(
      tried.filter((t) => whiteKind(t.colour.lab) === kind),
      1,
    ),
  );
  const serves = others.filter((t) => t.advice.verdict !== 'no');
  const instead = good.length > 0 ? [] : pick(serves, CHOICE.most);
  return { ok: true, found: good.map(told), not: not.map(told), instead: instead.map(told) };
}

function servesInstead(lab: Lab): boolean {
  const { lrv, chroma } = CHOICE.instead;
  const [l, c] = [lrvOf(lab), Math.hypot(lab.a, lab.b)];
  return l >= lrv[0] && l <= lrv[1] && c >= chroma[0] && c <= chroma[1];
}

function toldOf({ colour, advice }: Tried, { lights }: RoomToAdvise, stays: readonly JudgedStay[]): FoundWhiteColour {
  const { id, strength, lab } = colour;
  return {
    id,
    strength,
    lab,
    kind: whiteKind(lab),
    verdict: advice.verdict,
    weakest: sayWeakest(advice, stays) ?? null,
    reads: readsOf(colour, lights),
  };
}

/** A white without any lean, to tell what a light does to every white: that is a fact of the light. */
const PLAIN: ArrayLike<number> = new Float64Array(GRID.count).fill(0.88);

/** Where a white reads otherwise than white does there, the light that is met most first, each reading once. */
function readsOf({ reflectance }: Surface, lights: readonly UsedLight[]): WhiteReads[] {
  const found: WhiteReads[] = [];
  for (const { kind, at, scene } of [...lights].sort((p, q) => q.weight - p.weight)) {
    const read = readIn(scene);
    const as = sayReadsAs(read(reflectance).lab);
    const always = as === 'white' || as === sayReadsAs(read(PLAIN).lab);
    if (!always && !found.some((f) => f.as === as)) found.push({ kind, at, as });
  }
  return found;
}
