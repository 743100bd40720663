import type { Lab } from '../colour/types';
import type { LightSchools } from '../judge/light-conflict';
import type { School, StayKind } from '../judge/relation';
import type { Reason, Verdict } from '../judge/reasons';
import type { Person, Ruling } from '../judge/ruling';
import type { Wish } from '../judge/wish';
import type { Curtain, Glazing, Ground, Obstruction } from '../light/assumptions';
import type { LampKind, LampThrow } from '../light/lamp';
import type { SkyName } from '../light/outdoors';
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

/** Lengths in metres, bearings in degrees from true north. What is null was not measured: see ASSUMED in core/light. */
export type RoomWindow = {
  readonly id: string;
  readonly wall: Wall;
  readonly widthM: number;
  readonly heightM: number;
  /** From the wall's left end seen from inside; null puts the windows of a wall evenly. */
  readonly leftM: number | null;
  readonly sillM: number | null;
  readonly glazing: Glazing;
  readonly curtain: Curtain;
  /** How high, in degrees, what stands opposite reaches. */
  readonly obstructionDeg: number;
  readonly revealM: number;
  readonly overhangM: number;
};
export type RoomLamp = {
  readonly id: string;
  readonly name: string;
  readonly cctK: number;
  readonly kind: LampKind;
  readonly lumens: number;
  readonly throws: LampThrow;
  /** In the plan, from the corner of wall 0 and wall 3; null is the middle. */
  readonly xM: number | null;
  readonly yM: number | null;
  readonly heightM: number | null;
  readonly dimmedPercent: number;
};

export const STAY_PLACES = ['floor', 'ceiling', 'walls'] as const;
/** The face a thing lies on, when it gives the light back from there. */
export type StayPlace = (typeof STAY_PLACES)[number];

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
  readonly lies: StayPlace | null;
  /** Share of that face it covers, 0–1. */
  readonly cover: number;
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
  /** Its reflectance on the grid (380–780 nm, 5 nm) when colour and base are known by more than their Lab; null otherwise. */
  readonly spectrum: readonly number[] | null;
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
  /** The light it was given in; null for verdicts of before this was kept. */
  readonly moment: VerdictMoment | null;
  /** How long the eye took at first glance, with the computed verdict hidden; null when it was not a first glance. */
  readonly firstGlanceMs: number | null;
};

/** A moment of the day ribbon, and where in the room. */
export type VerdictMoment = {
  readonly at: string;
  readonly sky: SkyName;
  readonly lampsOn: boolean;
  readonly position: string;
};

/** The client picked one candidate over another. */
export type PairPick = {
  readonly id: string;
  readonly chosenId: string;
  readonly otherId: string;
  readonly at: string;
  readonly undone: boolean;
};

/** A note on the room, or on a candidate. */
export type Note = {
  readonly id: string;
  readonly candidateId: string | null;
  readonly words: string;
  readonly at: string;
  readonly undone: boolean;
};

/** A photograph; its picture is fetched by its id. */
export type Photo = {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  readonly caption: string;
  /** Whether exposure and white balance were locked. */
  readonly settings: 'locked' | 'automatic' | 'unknown';
  /** Where white paper lies (shares of width and height) and what the camera made of it, sRGB 0–255. */
  readonly white: { readonly x: number; readonly y: number; readonly rgb: readonly [number, number, number] } | null;
  readonly at: string;
};

/** A scheme for a room; each colour is a candidate. */
export type Scheme = {
  readonly id: string;
  readonly name: string;
  readonly wallId: string | null;
  readonly trimId: string | null;
  readonly accentIds: readonly string[];
};

export type RulingEvent = {
  readonly id: string;
  readonly candidateId: string;
  /** null: back to the derived ruling. */
  readonly ruling: Ruling | null;
  readonly note: string;
  readonly at: string;
};

/** A light meter's reading, and the light it was taken in. */
export type LightMeterReading = {
  readonly id: string;
  /** Name of the sample position: wall-0 … wall-3, by-window, under-lamp. */
  readonly position: string;
  readonly lux: number;
  readonly cctK: number | null;
  /** What the core had computed for that place and moment when it was read, uncorrected, lux. */
  readonly computedLux: number;
  readonly sky: SkyName;
  readonly lampsOn: boolean;
  readonly at: string;
  readonly undone: boolean;
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
  /** Length of walls 0 and 2, of walls 1 and 3, and height, metres. */
  readonly widthM: number | null;
  readonly depthM: number | null;
  readonly heightM: number | null;
  readonly ground: Ground;
  /** What stands opposite the windows. */
  readonly obstruction: Obstruction;
  readonly ceiling: RecordedColour | null;
  /** Whether readings correct what is computed. */
  readonly calibrated: boolean;
  /** Oldest first, undone ones included. */
  readonly readings: readonly LightMeterReading[];
  readonly windows: readonly RoomWindow[];
  readonly lamps: readonly RoomLamp[];
  readonly oldWall: RecordedColour | null;
  readonly stays: readonly RecordedStay[];
  readonly candidates: readonly Candidate[];
  /** Oldest first, undone ones included. */
  readonly verdicts: readonly VerdictEvent[];
  readonly rulings: readonly RulingEvent[];
  /** What the client wants of it, and in whose words. */
  readonly wish: Wish | null;
  readonly wishWords: string;
  /** Oldest first, undone ones included. */
  readonly picks: readonly PairPick[];
  readonly notes: readonly Note[];
  /** Oldest first; those taken away are not here. */
  readonly photos: readonly Photo[];
  readonly schemes: readonly Scheme[];
};

export type Visit = {
  readonly id: string;
  readonly label: string;
  readonly place: VisitPlace;
  readonly units: Units;
  /** Followed where good consultants disagree. */
  readonly schools: LightSchools;
  readonly revision: number;
  readonly createdAt: string;
  readonly rooms: readonly Room[];
};
