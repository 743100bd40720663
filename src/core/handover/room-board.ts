import { describeColour } from '../colour/family';
import { screenColour } from '../colour/srgb';
import type { DecidedRoom } from '../derived/decided';
import type { RoomInLight } from '../derived/kinds-of-light';
import { paintedKinds, stayingWith } from '../derived/painted-over';
import { upperFirst } from '../base/words';
import type { ClientScheme, InMeasure } from './client-scheme';
import { paperColour, type FactsOf, type PaperColour } from './paper-colour';
import type { SurfaceRow } from './rows';

/** A paint on the board: a field as large as it is in the room's sight, to lay the painted card on. */
export type BoardPaint = {
  readonly letter: string;
  readonly where: string;
  readonly colour: PaperColour;
  /** Share of all that is painted, 0–1; the fields are drawn by it. */
  readonly share: number;
};
/** A thing that stays, as its colours in its own shares. */
export type BoardThing = { readonly name: string; readonly says: string; readonly colours: readonly InMeasure[] };
/** Everything of a room on one sheet, to lay real samples on. */
export type RoomBoard = {
  readonly paints: readonly BoardPaint[];
  readonly stays: readonly BoardThing[];
  /** Cloth and other things of the picked scheme that no deck holds. */
  readonly toLookFor: ClientScheme['toLookFor'];
};

/** No field is narrower, as a share of its row, than a card that is laid on it. Own choice. */
export const LEAST_FIELD = 0.16;

/** What a board is good for. Common practice, no source. */
export const BOARD_SAYS =
  'Lay the painted cards and the real pieces on their fields, flat, in the room, by day and under the lamps. The print shows where, not which colour.';

/** The board of a room: what is painted, by its area, what stays beside it, what is still to be looked for. */
export function roomBoard(
  room: RoomInLight,
  decided: DecidedRoom,
  of: { readonly rows: readonly SurfaceRow[]; readonly factsOf: FactsOf; readonly scheme: ClientScheme | null },
): RoomBoard {
  const painted = of.rows.flatMap(({ choice, candidate, areaM2, letter, name }) =>
    choice?.what === 'paint' && candidate ? [{ letter, name, candidate, areaM2 }] : [],
  );
  const total = painted.reduce((sum, p) => sum + p.areaM2, 0);
  const staying = stayingWith(room.stays, paintedKinds(decided));
  return {
    paints: painted.map(({ letter, name, candidate, areaM2 }) => ({
      letter,
      where: upperFirst(name),
      colour: paperColour(candidate, of.factsOf(candidate)),
      share: total > 0 ? areaM2 / total : 1 / painted.length,
    })),
    stays: staying.map(({ name, components }) => ({
      name,
      says: [...components]
        .sort((p, q) => q.share - p.share)
        .map((c) => (components.length === 1 ? describeColour(c.colour.lab) : `${c.name}, ${describeColour(c.colour.lab)}`))
        .join('; '),
      colours: components.map((c) => ({ hex: screenColour(c.colour.lab).hex, share: c.share })),
    })),
    toLookFor: of.scheme?.toLookFor ?? [],
  };
}
