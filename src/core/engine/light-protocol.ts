import type { Flag } from '../appearance/readings';
import type { Turn, TurnKind } from '../appearance/turns';
import type { Population } from '../colour/metamers';
import type { Lab } from '../colour/types';
import type { AnyDescription } from '../light/any-room';
import type { Place } from '../light/day';
import type { SkyName } from '../light/outdoors';
import type { SunPosition } from '../light/sun';

/** A room through one day. `skies` is one for all of it, or one for each hour of the local clock. */
export type DayRequest = {
  readonly room: AnyDescription;
  readonly place: Place;
  readonly date: string;
  readonly zone: string;
  readonly skies: SkyName | readonly SkyName[];
};

/** What falls on a position: lux, and temperature in K with Duv where there is light to have one. */
export type Light = { readonly lux: number; readonly cctK: number | null; readonly duv: number | null };
/** The same with its tint beside standard daylight, `#rrggbb`. */
export type TintedLight = Light & { readonly hex: string };

export type DayAnswer = {
  readonly ok: true;
  /** Instants, a quarter of an hour apart. */
  readonly moments: readonly number[];
  readonly sun: readonly SunPosition[];
  readonly skies: readonly SkyName[];
  readonly positions: readonly string[];
  /** By moment, then position; without and with the lamps. */
  readonly daylight: readonly (readonly TintedLight[])[];
  readonly withLamps: readonly (readonly TintedLight[])[];
  readonly lamps: readonly TintedLight[];
  /** For each window the stretches of moments in which a clear sky would send sun through it. */
  readonly sunHours: readonly (readonly (readonly [first: number, last: number])[])[];
};

/** A room's daylight factor in percent; by the formula 0 of a room without a window. */
export type DaylightFactorAnswer = { readonly ok: true; readonly formula: number; readonly computed: number };

/** Why there is no answer: the room cannot be, in words; or nobody waits any more. */
export type NoAnswer =
  | { readonly ok: false; readonly reason: 'cannot-be'; readonly says: string }
  | { readonly ok: false; readonly reason: 'cancelled' };

/** A colour to look at: by its spectrum when that is known, by its Lab otherwise. */
export type Swatch = {
  readonly id: string;
  readonly lab: Lab;
  readonly spectrum?: readonly number[] | null;
  /** What it may be made of where only its Lab is known; any surface if not said. */
  readonly population?: Population;
};

/** How a swatch looks: as it reads, on the screen, and how far (ΔE00) a real one may stray when only its Lab is known. */
export type ShownColour = {
  readonly lab: Lab;
  readonly hex: string;
  readonly inGamut: boolean;
  readonly spread: number;
  readonly flags: readonly Flag[];
};

/** Which light: a position of the room, lamps on or off, and by how much a meter corrects it. */
export type LookIn = { readonly position: string; readonly lampsOn: boolean; readonly scale: number };

/** A swatch through a day; null where it is dark. */
export type Band = {
  readonly id: string;
  readonly looks: readonly (ShownColour | null)[];
  readonly turns: readonly Turn[];
  /** At midday under cloud, and by the lamps alone, with what it turns to there. */
  readonly overcast: { readonly look: ShownColour; readonly turn: TurnKind | null } | null;
  readonly lamps: { readonly look: ShownColour; readonly turn: TurnKind | null } | null;
};
export type BandsAnswer = {
  readonly ok: true;
  readonly bands: readonly Band[];
  /** When the room is too dim for a white: said of the room once. */
  readonly dim: readonly Turn[];
  /** The same at midday under cloud, and by the lamps alone. */
  readonly dimAside: { readonly overcast: boolean; readonly lamps: boolean };
};

/** One moment in a room. */
export type MomentRequest = {
  readonly room: AnyDescription;
  readonly place: Place;
  readonly date: string;
  readonly at: number;
  readonly sky: SkyName;
  readonly lampsOn: boolean;
  readonly scale: number;
  /** Where: the usual positions, the walls only, or the slide. */
  readonly where: 'usual' | 'walls' | 'slide';
};
export type Spot = {
  readonly position: string;
  readonly light: TintedLight;
  /** In the order of the swatches; null in the dark. */
  readonly looks: readonly (ShownColour | null)[];
};
export type SpotsAnswer = { readonly ok: true; readonly spots: readonly Spot[] };

/** Screen colours of many Lab colours at one moment of a day, in their order. */
export type HexesAnswer = { readonly ok: true; readonly hexes: readonly string[] };

/** Told how much is done, 0–1. */
export type Progress = (share: number) => void;
/** `id` names a piece of work, so that it can be cancelled. */
export type RoomLightWorker = {
  readonly day: (id: number, request: DayRequest, progress: Progress) => Promise<DayAnswer | NoAnswer>;
  readonly bands: (
    id: number,
    request: { readonly day: DayRequest; readonly swatches: readonly Swatch[]; readonly lookIn: LookIn },
    progress: Progress,
  ) => Promise<BandsAnswer | NoAnswer>;
  readonly spots: (id: number, request: MomentRequest, swatches: readonly Swatch[]) => Promise<SpotsAnswer | NoAnswer>;
  readonly hexes: (
    id: number,
    request: {
      readonly day: DayRequest;
      readonly moment: number;
      readonly labs: readonly Lab[];
      readonly lookIn: LookIn;
    },
  ) => Promise<HexesAnswer | NoAnswer>;
  readonly daylightFactor: (id: number, room: AnyDescription) => Promise<DaylightFactorAnswer | NoAnswer>;
  readonly cancel: (id: number) => void;
};
