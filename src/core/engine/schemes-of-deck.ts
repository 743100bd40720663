import type { Lab } from '../colour/types';
import type { DeckCurves } from '../formats/deck-curves';
import type { Proposal } from '../scheme/parts';
import { lightsOrDeck, type AdvisedRoom } from './advised-room';
import { namedAt, sourceOf } from './deck-places';
import { judgedDeck } from './judged-deck';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { withoutLights } from './lit-room';
import { nearestPaints } from './scheme-parts';
import type { SchemesAsked } from './scheme-walls';
import { judgeScheme, schemes } from './schemes';
import { inPart, type Steps } from './steps';
import { surfaceStay } from './surface-stay';

export type SchemesRequest = {
  readonly room: AdvisedRoom;
  /** What the walls are judged beside, as the search has it: what was judged there is not judged again. */
  readonly things: readonly JudgedStay[];
  readonly asked: SchemesAsked;
};
/** A colour of the deck at a strength, and how far it is from one of the piece, ΔE00. */
export type NearPaint = { readonly id: string; readonly strength: number; readonly lab: Lab; readonly apart: number };
export type SchemesAnswer = {
  readonly ok: true;
  readonly proposals: readonly Proposal[];
  /** For each colour of the piece what of the deck comes nearest to it, in their order. */
  readonly nearest: readonly NearPaint[];
};

/** Share of the work that judging the deck is, where it has not been judged. */
const JUDGING_SHARE = 0.6;

/** Whole schemes for a room out of a deck at every strength. */
export function* schemesOfDeck({ room, things, asked }: SchemesRequest, deck: DeckCurves): Steps<SchemesAnswer | NoAnswer> {
  if (asked.only) {
    const lights = yield* lightsOrDeck(room);
    return 'ok' in lights ? lights : { ok: true, proposals: [judgeScheme(asked, { lights, palette: [] })], nearest: [] };
  }
  const name = JSON.stringify({ room: withoutLights(room), things });
  const judged = yield* inPart(judgedDeck(name, room, { stays: things.map(surfaceStay), deck }), 0, JUDGING_SHARE);
  if (!judged.ok) return judged;
  const source = sourceOf(deck);
  const places = Array.from({ length: source.count }, (_, place) => place).filter((place) => judged.advice[place] !== undefined);
  const palette = places.map((place) => {
    const { deckColourId: id, strength } = namedAt(deck, place);
    return { id, strength, lab: source.labOf(place), reflectance: source.reflectanceOf(place) };
  });
  const { lights } = judged.room;
  const adviceOn = (k: number) => judged.advice[places[k]!]!;
  const proposals = yield* inPart(schemes(asked, { lights, palette, adviceOn }), JUDGING_SHARE, 1);
  const nearest = asked.piece.flatMap(({ lab }) =>
    nearestPaints(palette, lab, 1).map(({ colour: { id, strength, lab: near }, apart }) => ({ id, strength, lab: near, apart })),
  );
  return { ok: true, proposals, nearest };
}
