import type { Lab } from '../colour/types';
import type { Directions } from '../colour/directions';
import type { Family } from '../colour/family';
import type { LightSchools } from '../judge/light-conflict';
import type { Reason, Verdict } from '../judge/reasons';
import type { School, StayKind } from '../judge/relation';
import type { Wish } from '../judge/wish';
import type { Flag } from '../appearance/readings';
import type { JudgingLight } from '../room/facing';
import type { DayRequest, LookIn, NoAnswer, Progress, Swatch } from './light-protocol';

export type JudgedComponent = Swatch & { readonly name: string; readonly share: number };
/** A thing that stays, its components to be seen in any light. */
export type JudgedStay = {
  readonly id: string;
  readonly name: string;
  readonly kind: StayKind;
  readonly school: School;
  readonly components: readonly JudgedComponent[];
};

export type PairRequest = {
  readonly day: DayRequest;
  readonly lookIn: LookIn;
  readonly stay: JudgedStay;
  readonly candidate: Swatch;
};
/** How a candidate stands beside a thing at one moment. */
export type PairLook = {
  readonly verdict: Verdict;
  readonly cost: number;
  readonly reasons: readonly Reason[];
  /** Reasons from the likeliest on, also those too weak to be felt. */
  readonly likely: readonly Reason[];
  /** Index of the component that decides. */
  readonly component: number;
  /** From that component to the candidate, in that light. */
  readonly directions: Directions;
  /** Share of the plausible surfaces that have this verdict too; 1 for measured ones. */
  readonly sure: number;
};
/** By moment of the day; null in the dark. */
export type PairAnswer = { readonly ok: true; readonly looks: readonly (PairLook | null)[] };

export type CellsRequest = {
  readonly day: DayRequest;
  readonly lookIn: LookIn;
  readonly stays: readonly JudgedStay[];
  readonly candidates: readonly Swatch[];
};
/** What is predicted of a candidate beside a thing in one of the lights of the record. */
export type Cell = {
  readonly candidateId: string;
  readonly stayId: string;
  readonly light: JudgingLight;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
};
export type CellsAnswer = { readonly ok: true; readonly cells: readonly Cell[] };

/** What of the deck is looked through. */
export type Wanted = {
  /** Empty is every one. */
  readonly makers: readonly string[];
  readonly families: readonly Family[];
  readonly strengths: readonly number[];
  /** LRV from and to, 0–100. */
  readonly lrv: readonly [from: number, to: number];
};
export type ShortlistRequest = {
  readonly day: DayRequest;
  readonly lookIn: LookIn;
  readonly stays: readonly JudgedStay[];
  readonly schools: LightSchools;
  /** What the client wants of the room; ranked for. */
  readonly wish: Wish | null;
  readonly wanted: Wanted;
};
/** Where a colour is weakest, or why it was dropped. */
export type Weakest = {
  readonly moment: string;
  readonly stay: string | null;
  readonly component: string | null;
  readonly reason: Reason | null;
  readonly flag: Flag | null;
};
export type Found = {
  readonly deckColourId: string;
  readonly strength: number;
  readonly lab: Lab;
  /** Of the weakest link; under 1 works, under 2 nearly. */
  readonly cost: number;
  /** 0–100: the cost, and what speaks for it (undertone shared, wish granted). */
  readonly fit: number;
  readonly weakest: Weakest | null;
  /** The thing whose undertone it plainly shares. */
  readonly shares: string | null;
};
/** A colour as it looks at a moment. */
export type FoundLook = { readonly found: Found; readonly hex: string };
/** The best of either school where a light of the room turns colours: one it leaves alone, one that goes with it, as both look then. */
export type BothWays = {
  readonly moment: string;
  readonly flag: Flag;
  readonly corrected: FoundLook;
  readonly embraced: FoundLook;
};
export type ShortlistAnswer = {
  readonly ok: true;
  readonly found: readonly Found[];
  readonly looked: { readonly works: number; readonly nearly: number; readonly no: number };
  readonly drops: readonly { readonly weakest: Weakest; readonly count: number }[];
  readonly bothWays: BothWays | null;
  /** What was judged in, by name. */
  readonly moments: readonly string[];
  /** Every place that was looked at, for the plot: Lab one after the other, and the cost. */
  readonly labs: Float32Array;
  readonly costs: Float32Array;
  /** Milliseconds that the ranking took, without the light and the deck. */
  readonly rankedInMs: number;
};

/** Samples that can be put on the table, and what was said so far. */
export type NextRequest = {
  /** Lab one after the other; the first `atHand` of them are strengths of what is in the room. `name` tells one set of samples from another. */
  readonly samples: { readonly name: string; readonly labs: Float32Array; readonly atHand: number };
  /** Conflicts with them, as in the deck, speak against a colour beforehand. */
  readonly stays: readonly JudgedStay[];
  readonly said: readonly {
    readonly lab: Lab;
    readonly verdict: Verdict;
    readonly reason: Reason | null;
    readonly lapse: number;
  }[];
};
export type NextAnswer = {
  readonly ok: true;
  readonly proposals: readonly { readonly index: number; readonly chance: number; readonly bits: number }[];
  readonly possible: number;
};

export type JudgementWorker = {
  readonly pair: (id: number, request: PairRequest) => Promise<PairAnswer | NoAnswer>;
  readonly cells: (id: number, request: CellsRequest) => Promise<CellsAnswer | NoAnswer>;
  readonly shortlist: (id: number, request: ShortlistRequest, progress: Progress) => Promise<ShortlistAnswer | NoAnswer>;
  readonly next: (id: number, request: NextRequest) => Promise<NextAnswer | NoAnswer>;
};
