import { GRID } from '../colour/grid';
import { candidate, storedRoom as room, visit } from '../../../tests/made-up-room';
import { inSteps, readVisitText, SPECTRUM_STEPS, writeVisitText } from './visit-text';

const spectrum = Array.from({ length: GRID.count }, (_, i) => inSteps(i / (GRID.count - 1)));
const revision = { seq: 7, deck: '372-0.x' };

describe('a visit over the wire', () => {
  const measured = { ...candidate('m', 50), deckColourId: 'TC:TC 1', spectrum };
  const here = room({ candidates: [candidate('c100', 100), measured], notes: [] });
  const other = room({
    id: 'r2',
    candidates: [{ ...measured, id: 'n' }],
    retired: { ...here.retired, candidates: [candidate('g', 75)] },
  });
  const made = { ...visit(), rooms: [here, other], retiredRooms: [room({ id: 'r3' })] };

  test('is read back as it was written', () => {
    expect(readVisitText(writeVisitText({ visit: made, revision }))).toEqual({ visit: made, revision });
  });

  test('what the deck says of a colour stands once', () => {
    const text = writeVisitText({ visit: made, revision });
    expect(text.match(/Ferrowmere/g)).toHaveLength(2);
    const read = readVisitText(text).visit;
    expect(read.rooms[1]!.candidates[0]!.spectrum).toBe(read.rooms[0]!.candidates[1]!.spectrum);
  });

  test('every step of a spectrum has a character of its own, from black to the perfect white', () => {
    const steps = [0, 1 / SPECTRUM_STEPS, 0.5, 1 - 1 / SPECTRUM_STEPS, 1];
    const curve = Array.from({ length: GRID.count }, (_, i) => steps[i % steps.length]!);
    const only = { ...visit(), rooms: [room({ candidates: [{ ...measured, spectrum: curve }] })] };
    expect(readVisitText(writeVisitText({ visit: only, revision })).visit.rooms[0]!.candidates[0]!.spectrum).toEqual(curve);
  });
});
