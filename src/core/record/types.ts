import type { Lab } from '../colour/types';
import type { School, StayKind } from '../judge/relation';
import type { Reason, Verdict } from '../judge/reasons';
import type { Person, Ruling } from '../judge/ruling';
import type { BaseKind } from '../paint/tint-system';
import type { JudgingLight, Wall } from '../room/facing';

/** Where a recorded colour came from. */
export type ColourSource =
  | { readonly kind: 'colorimeter'; readonly surface: string; readonly readings: number; readonly spread: number }
  | { readonly kind: 'deck'; readonly deckColourId: string; readonly label: string }
  | { readonly kind: 'hex'; readonly hex: string }
  | {
      readonly kind: 'spectrophotometer';
      readonly surface: string;
      /** Reflectance factors from `start` nm in steps of `step` nm. */
      readonly spectrum: { readonly start: number; readonly step: number; readonly values: readonly number[] };
    }
  | { readonly kind: 'lab' };

export type RecordedColour = { readonly lab: Lab; readonly source: ColourSource };

/** Lengths in metres, bearings in degrees from true north. */
export type RoomWindow = { readonly id: string; readonly wall: Wall; readonly widthM: number; readonly heightM: number };
export type RoomLamp = { readonly id: string; readonly name: string; readonly cctK: number };

export type RecordedComponent = {
  readonly id: string;
  readonly name: string;
  readonly share: number;
  readonly colour: RecordedColour;
};
export type RecordedStay = {
  readonly id: string;
  readonly name: string;
  readonly kind: StayKind;
  readonly school: School;
  readonly revision: number;
  readonly components: readonly RecordedComponent[];
};

export type Candidate = {
  readonly id: string;
  readonly deckColourId: string;
  readonly maker: string;
  readonly code: string;
  readonly name: string;
  readonly baseKind: BaseKind;
  /** The strengths usually offered, each with its Lab (D65, 10°) in the maker's own base. */
  readonly offered: readonly { readonly strength: number; readonly lab: Lab }[];
  /** Percent of the formula. */
  readonly strength: number;
  /** The maker's colour at this strength, Lab (D65, 10°). */
  readonly lab: Lab;
  /** True when another maker sells a different colour under this name. */
  readonly sharedName: boolean;
};

export type VerdictEvent = {
  readonly id: string;
  readonly candidateId: string;
  readonly stayId: string;
  readonly light: JudgingLight;
  readonly person: Person;
  readonly verdict: Verdict;
  /** The latest reason given for it. */
  readonly reason: Reason | null;
  /** ISO 8601 instant. */
  readonly at: string;
  readonly undone: boolean;
  /** What the core had computed when it was given. */
  readonly predicted: Verdict;
};

export type RulingEvent = {
  readonly id: string;
  readonly candidateId: string;
  /** null: back to the derived ruling. */
  readonly ruling: Ruling | null;
  readonly note: string;
  readonly at: string;
};

export type Units = 'metric' | 'imperial';
export type VisitPlace = {
  readonly name: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
};

export type Room = {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  /** Bearing the first wall faces outward; null until it is read. */
  readonly bearingDeg: number | null;
  readonly windows: readonly RoomWindow[];
  readonly lamps: readonly RoomLamp[];
  readonly oldWall: RecordedColour | null;
  readonly stays: readonly RecordedStay[];
  readonly candidates: readonly Candidate[];
  /** Oldest first, undone ones included. */
  readonly verdicts: readonly VerdictEvent[];
  readonly rulings: readonly RulingEvent[];
};

export type Visit = {
  readonly id: string;
  readonly label: string;
  readonly place: VisitPlace;
  readonly units: Units;
  readonly revision: number;
  readonly createdAt: string;
  readonly rooms: readonly Room[];
};
