import type { Lab } from '../colour/types';
import type { Directions } from '../colour/directions';
import type { Family } from '../colour/family';
import type { Reason, Verdict } from '../judge/reasons';
import type { JudgedKind, School } from '../judge/kinds';
import type { Fight, Wish } from '../judge/wish';
import type { Flag } from '../appearance/readings';
import type { JudgingLight } from '../room/facing';
import type { AdvisedRoom } from './advised-room';
import type { LightsAnswer, LitRoom } from './lit-room';
import type { DayRequest, LookIn, NoAnswer, Progress, Swatch } from './light-protocol';
import type { UsedLight } from './used-lights';

export type JudgedComponent = Swatch & { readonly name: string; readonly share: number };
/** A thing that stays, its components to be seen in any light. */
export type JudgedStay = {
  readonly id: string;
  readonly name: string;
  readonly kind: JudgedKind;
  readonly school: School;
  /** Whether it is of wood; left out, its name tells. */
  readonly wood?: boolean;
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

export type CellsRequest = AdvisedRoom & {
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
/** What is predicted of a candidate as four walls of the room at all, whatever it stands beside: by the schools, the wish and the light. */
export type AsWalls = { readonly candidateId: string; readonly verdict: Verdict; readonly says: string };
export type CellsAnswer = {
  readonly ok: true;
  readonly cells: readonly Cell[];
  /** Only of candidates that something is against. */
  readonly asWalls: readonly AsWalls[];
};

/** What of the deck is looked through. */
export type Wanted = {
  /** Empty is every one. */
  readonly makers: readonly string[];
  readonly families: readonly Family[];
  readonly strengths: readonly number[];
  /** LRV from and to, 0–100. */
  readonly lrv: readonly [from: number, to: number];
  /** Leaves out what only nearly works. */
  readonly onlyWorks: boolean;
};
export type ShortlistRequest = AdvisedRoom & {
  readonly stays: readonly JudgedStay[];
  readonly wanted: Wanted;
  /** Log odds by which the eye is kinder than the model in this visit. */
  readonly leniency: number;
};

/** A colour at one of the strengths looked through. */
export type FoundStrength = {
  readonly strength: number;
  readonly lab: Lab;
  readonly verdict: Verdict;
  /** Chance that it serves as the walls, 0–1. */
  readonly chance: number;
};
/** A colour at the strength that serves best. */
export type Found = FoundStrength & {
  readonly deckColourId: string;
  /** What speaks for it, from the model itself. */
  readonly speaks: string;
  /** Where it is weakest, in words; null where nothing is against it. */
  readonly weakest: string | null;
  /** Every strength looked through, strongest first. */
  readonly strengths: readonly FoundStrength[];
};
/** A colour as it looks in a light. */
export type FoundLook = { readonly found: Found; readonly hex: string };
/** The best of either school where a light of the room turns colours: one it leaves alone, one that goes with it, as both look then. */
export type BothWays = {
  readonly light: UsedLight['kind'];
  readonly flag: Flag;
  readonly corrected: FoundLook;
  readonly embraced: FoundLook;
};
/**
 * What would have to change, and how many colours would work then: things by their indices, two only where no single change opens
 * anything up.
 */
export type Opening = {
  readonly change:
    { readonly kind: 'things'; readonly stays: readonly number[] } | { readonly kind: 'lamps' } | { readonly kind: 'wish' };
  readonly works: number;
};
export type ShortlistAnswer = {
  readonly ok: true;
  /** Colours, best first, each once. */
  readonly found: readonly Found[];
  /** Colours by the verdict of their best strength. */
  readonly looked: { readonly works: number; readonly nearly: number; readonly no: number };
  /** Why colours at a strength were dropped, most often first. */
  readonly drops: readonly { readonly says: string; readonly count: number }[];
  readonly bothWays: BothWays | null;
  /** Where nothing works: what would have to change, by how much it opens up. */
  readonly openings: readonly Opening[];
  /** What is to be said of the room itself. */
  readonly about: readonly string[];
  /** What was judged in, with the shares of the use. */
  readonly lights: readonly { readonly light: JudgingLight; readonly share: number }[];
  /**
   * Every place that was looked at, for the plot: Lab one after the other, the cost of the weakest link, and the chance; NaN was not
   * looked at.
   */
  readonly labs: Float32Array;
  readonly costs: Float32Array;
  readonly chances: Float32Array;
  /** Milliseconds that the judging took, without fetching the deck. */
  readonly tookMs: number;
};

export type FightsRequest = Omit<AdvisedRoom, 'wish'> & {
  readonly wishes: readonly Wish[];
  readonly stays: readonly JudgedStay[];
};
export type FightsAnswer = { readonly ok: true; readonly fights: readonly Fight[] };

/**
 * Colours of the deck at a strength; the first `atHand` of them are strengths of what is in the room. `name` tells one set from another.
 */
export type Samples = {
  readonly name: string;
  readonly ids: readonly string[];
  readonly strengths: readonly number[];
  readonly labs: Float32Array;
  readonly atHand: number;
};
/** Samples that can be put on the table, and what was said so far. */
export type NextRequest = AdvisedRoom & {
  readonly samples: Samples;
  /** How a colour serves as the walls is what is believed of it beforehand. */
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
  readonly lights: (id: number, room: LitRoom) => Promise<LightsAnswer | NoAnswer>;
  readonly pair: (id: number, request: PairRequest) => Promise<PairAnswer | NoAnswer>;
  readonly cells: (id: number, request: CellsRequest) => Promise<CellsAnswer | NoAnswer>;
  readonly shortlist: (id: number, request: ShortlistRequest, progress: Progress) => Promise<ShortlistAnswer | NoAnswer>;
  readonly fights: (id: number, request: FightsRequest) => Promise<FightsAnswer | NoAnswer>;
  /** Keeps a set of samples to be asked about; one at a time. */
  readonly keepSamples: (samples: Samples) => Promise<void>;
  /** About the samples that were kept last. */
  readonly next: (id: number, request: Omit<NextRequest, 'samples'>) => Promise<NextAnswer | NoAnswer>;
};
