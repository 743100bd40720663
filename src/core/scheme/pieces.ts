import type { RecordedStay } from '../record/stay';
import { thingOf, type Thing } from '../record/thing';
import type { PieceColour } from './piece';

/** Things whose colours a scheme may begin from. */
const PIECES: ReadonlySet<Thing> = new Set<Thing>(['art', 'rug', 'curtains', 'sofa', 'other']);

/** What of a room a scheme may begin from: pictures first, then rugs and fabrics, each with several colours. */
export const piecesOf = (stays: readonly RecordedStay[]): readonly RecordedStay[] => {
  const order = [...PIECES];
  return stays
    .filter((s) => PIECES.has(thingOf(s)) && s.components.length > 1)
    .sort((p, q) => order.indexOf(thingOf(p)) - order.indexOf(thingOf(q)));
};

/** The colours of a piece, the largest first. */
export const coloursOfStay = ({ components }: Pick<RecordedStay, 'components'>): readonly PieceColour[] =>
  components.map((c) => ({ lab: c.colour.lab, share: c.share })).sort((p, q) => q.share - p.share);
