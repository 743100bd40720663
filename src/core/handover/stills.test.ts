import { decision, WALL_SURFACES } from '../../../tests/made-up-decision';
import { candidate, visit } from '../../../tests/made-up-room';
import { NO_CARD } from '@/core/record/consultant-card';
import type { Room } from '@/core/record/room';
import { handOver } from './hand-over';

const NOW = Date.UTC(2026, 8, 24, 9);
const of = (more: Partial<Room>) => visit({ widthM: 5, depthM: 4, heightM: 2.5, bearingDeg: 0, ...more });
const made = (v: ReturnType<typeof of>) => handOver(v, { factsOf: () => undefined, card: NO_CARD }, NOW);

describe('pictures that were computed', () => {
  const still = { id: 'p1', picture: 'a'.repeat(64), width: 880, height: 464, caption: 'By the fire.', settings: 'unknown', white: null, predicted: 'the walls as decided, 23 Sept, 12:30', at: '2026-09-23T11:00:00.000Z' } as const; // prettier-ignore
  const photograph = { ...still, id: 'p2', picture: 'b'.repeat(64), predicted: '' };
  const shown = { picture: still.picture, says: 'Predicted, no photograph: the walls as decided, 23 Sept, 12:30. By the fire.' };

  test('stand on the client’s sheet in their room, said to be no photographs; photographs do not', () => {
    const v = of({ photos: [still, photograph], candidates: [candidate('c1', 100)], decisions: [decision(WALL_SURFACES)] });
    expect(made(v).rooms[0]!.forClient.stills).toEqual([shown]);
    expect(made(v).stillsLeft).toEqual([]);
  });

  test('and after the rooms where nothing is decided yet', () => {
    const papers = made(of({ photos: [still] }));
    expect([papers.rooms, papers.stillsLeft]).toEqual([[], [{ room: papers.roomsLeft[0], stills: [shown] }]]);
  });
});
