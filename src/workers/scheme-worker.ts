import type { HouseAnswer, HouseRequest } from '@/core/engine/house';
import type { EyeFactors } from '@/core/judge/eye-in-force';
import type { NoAnswer, Progress } from '@/core/engine/light-protocol';
import type { ChangesAnswer, ChangesRequest } from '@/core/engine/changes';
import type { SightAnswer, SightRequest } from '@/core/engine/sight-lines';
import type { SchemesAnswer, SchemesRequest } from '@/core/engine/schemes-of-deck';
import type { StandingAnswer, StandingRequest } from '@/core/engine/standing-room';
import type { TellingAnswer, TellingRequest } from '@/core/engine/telling-at';
import type { Piece } from '@/core/scheme/piece';
import type { Frame } from '@/core/scheme/picture';

/** A picture as it was taken, and what of it is the piece, and what white paper; shares of its width and height. */
export type PieceRequest = { readonly file: Blob; readonly frame: Frame | null; readonly paper: Frame | null };
export type PieceAnswer = { readonly ok: true } & Piece;

/** Whole schemes of a room, the colours of a piece, and the house as one, beside the page. */
export type SchemeWorker = {
  readonly schemes: (id: number, request: SchemesRequest, progress: Progress) => Promise<SchemesAnswer | NoAnswer>;
  readonly changes: (id: number, request: ChangesRequest, progress: Progress) => Promise<ChangesAnswer | NoAnswer>;
  readonly house: (id: number, request: HouseRequest, progress: Progress) => Promise<HouseAnswer | NoAnswer>;
  readonly sight: (id: number, request: SightRequest, progress: Progress) => Promise<SightAnswer | NoAnswer>;
  /** The room as one stands in it. */
  readonly standing: (id: number, request: StandingRequest) => Promise<StandingAnswer | NoAnswer>;
  readonly telling: (id: number, request: TellingRequest) => Promise<TellingAnswer | NoAnswer>;
  /** The eye that is judged for from now on; null for the shipped model. */
  readonly judgeFor: (factors: EyeFactors | null) => void;
  readonly piece: (id: number, request: PieceRequest) => Promise<PieceAnswer | NoAnswer>;
};
