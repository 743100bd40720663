import type { CompanionsAnswer, CompanionsRequest } from './companions';
import type { WhiteAnswer, WhiteRequest } from './find-white';
import type { SkyName } from '../light/outdoors';
import type { LookLight } from '../plan/look-light';
import type { Route } from '../plan/route';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer, Progress, Swatch } from './light-protocol';
import type { LitRoom } from './lit-room';
import type { WaysAnswer, WaysRequest } from './surface-ways';
import type { Worst } from './worst-beside';

/** A colour with the name it goes by in words. */
export type NamedSwatch = Swatch & { readonly name: string };

/** A look that was decided by hand: its light and, by day, the hours of the home's clock. */
export type DecidedLook = {
  readonly id: string;
  readonly light: LookLight;
  readonly hours: readonly [from: number, to: number] | null;
  /** Looked at already: nobody goes there for it again. */
  readonly taken: boolean;
};

export type RoomToPlan = {
  readonly roomId: string;
  readonly lit: LitRoom;
  readonly candidates: readonly NamedSwatch[];
  readonly stays: readonly JudgedStay[];
  readonly kept: readonly DecidedLook[];
  readonly dropped: readonly DecidedLook[];
};

export type PlanRequest = {
  /** In walking order; all on one date, in one zone. */
  readonly rooms: readonly RoomToPlan[];
  /** ΔE00 within which an appearance is seen at a look. */
  readonly toleranceE: number;
  /** From and to of the visit, instants of the day; null when nobody is in the house. */
  readonly visit: readonly [from: number, to: number] | null;
  /** Daylight that is to be expected during it. */
  readonly skies: readonly LookLight[];
  /** Instant from which the samples are dry; null: they are. */
  readonly dryAt: number | null;
  /** The instant it is, where that lies within the visit: nobody goes anywhere before it. */
  readonly now?: number | undefined;
};

/** What a look decides, from the clearest kind on: whether something still works, which of two gives way, what one colour does. */
export type Decides = {
  readonly kind: 'verdict' | 'pair' | 'colour';
  readonly says: string;
  /** The two colours touching, as they look then: `#rrggbb`. */
  readonly hexes: readonly [string, string];
  readonly candidateIds: readonly string[];
  /** The thing a verdict is about; null where the colours are looked at among themselves. */
  readonly stayId: string | null;
};

export type PlannedLook = {
  /** The look it keeps; null where it is only planned. */
  readonly id: string | null;
  readonly light: LookLight;
  /** Skies that would show the same within the hour. */
  readonly lights: readonly LookLight[];
  /** Instants: the moment planned, and the stretch in which it shows as much. */
  readonly at: number;
  readonly from: number;
  readonly to: number;
  /** Sample positions at which something is to be seen that the first does not show. */
  readonly walls: readonly string[];
  /** How much it decides: the largest change (ΔE00) that only it shows, and more where it alone shows another verdict. */
  readonly worth: number;
  /** Whether its light can be met within the visit. */
  readonly inVisit: boolean;
  readonly decides: Decides;
  /** What would not be seen without it. */
  readonly missed: readonly string[];
};

export type RoomPlan = {
  readonly roomId: string;
  /** Early to late, lamps last. */
  readonly looks: readonly PlannedLook[];
  /** No fewer looks show as much; otherwise there must be `atLeast` so many. */
  readonly exact: boolean;
  readonly atLeast: number;
  /** Tint of its light under cloud and by the lamps, `#rrggbb`; null where there is none. */
  readonly tints: { readonly overcast: string | null; readonly lamps: string | null };
  /** Why nothing can be planned; null when it could be. */
  readonly problem: string | null;
};

/** An order of rooms under one sky: of skies that exclude each other the one that shows most. */
export type VisitRoute = Route & {
  /** Instant of its first slot. */
  readonly from: number;
  /** null where any sky, or the lamps alone, would do. */
  readonly sky: SkyName | null;
};

export type HousePlan = {
  readonly ok: true;
  readonly rooms: readonly RoomPlan[];
  /** Through what is left of the visit, in slots of {@link ROUTE_SLOT_MINUTES}; null without one. */
  readonly route: VisitRoute | null;
};

export const ROUTE_SLOT_MINUTES = 15;

/** Other lamps in the room's fittings; what is null stays as it is. */
export type LampOption = {
  readonly id: string;
  readonly says: string;
  /** Colour temperature, K. */
  readonly cctK: number | null;
  /** General colour rendering index (CIE 13.3). */
  readonly ra: number | null;
  readonly lumensTimes: number;
};
export type LampAdviceRequest = {
  readonly lit: LitRoom;
  readonly stays: readonly JudgedStay[];
  readonly candidates: readonly NamedSwatch[];
};
export type LampRow = {
  readonly option: LampOption;
  /** What falls on the wall that is judged at, by the lamps alone. */
  readonly lux: number;
  readonly cctK: number | null;
  readonly colours: readonly {
    readonly id: string;
    readonly hex: string;
    /** ΔE00 from how it looks by day; null in a room without daylight. */
    readonly fromDay: number | null;
    readonly worst: Worst;
  }[];
};
export type LampAdvice = { readonly ok: true; readonly rows: readonly LampRow[] };

export type SeasonRequest = LampAdviceRequest;
export type SeasonMonth = {
  /** 1 to 12; its 21st stands for it. */
  readonly month: number;
  readonly hours: readonly { readonly hour: number; readonly lux: number; readonly hex: string }[];
};
export type SeasonRuling = {
  readonly month: number;
  readonly colours: readonly { readonly id: string; readonly lights: readonly Worst[] }[];
};
export type SeasonAnswer = {
  readonly ok: true;
  readonly months: readonly SeasonMonth[];
  /** At both solstices and equinoxes. */
  readonly rulings: readonly SeasonRuling[];
};

export type OthersRequest = {
  readonly lit: LitRoom;
  readonly stays: readonly JudgedStay[];
  readonly swatches: readonly Swatch[];
};
export type OtherColour = { readonly id: string; readonly lights: readonly Worst[] };
export type OthersAnswer = { readonly ok: true; readonly others: readonly OtherColour[] };

export type PlanWorker = {
  readonly plan: (id: number, request: PlanRequest, progress: Progress) => Promise<HousePlan | NoAnswer>;
  readonly lamps: (id: number, request: LampAdviceRequest) => Promise<LampAdvice | NoAnswer>;
  readonly season: (id: number, request: SeasonRequest, progress: Progress) => Promise<SeasonAnswer | NoAnswer>;
  readonly others: (id: number, request: OthersRequest) => Promise<OthersAnswer | NoAnswer>;
  readonly ways: (id: number, request: WaysRequest) => Promise<WaysAnswer | NoAnswer>;
  readonly white: (id: number, request: WhiteRequest, progress: Progress) => Promise<WhiteAnswer | NoAnswer>;
  readonly companions: (id: number, request: CompanionsRequest, progress: Progress) => Promise<CompanionsAnswer | NoAnswer>;
};
