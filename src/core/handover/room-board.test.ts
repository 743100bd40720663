import { decision } from '../../../tests/made-up-decision';
import { candidate, room, scheme } from '../../../tests/made-up-room';
import { decidedRoom } from '../derived/decided';
import { paintworkSchema } from '../record/paintwork';
import type { Room } from '../record/room';
import { clientScheme } from './client-scheme';
import { roomBoard } from './room-board';
import { surfaceRows } from './rows';

const box = (more: Partial<Room> = {}) =>
  room({
    widthM: 5,
    depthM: 4,
    heightM: 2.5,
    bearingDeg: 0,
    windows: [],
    paintwork: paintworkSchema.parse({ skirtingM: 0 }),
    candidates: [candidate('c100', 100), candidate('c75', 75)],
    ...more,
  });
const boardOf = (of: ReturnType<typeof box>) => {
  const decided = decidedRoom(of);
  return roomBoard(of, decided, { rows: surfaceRows(decided), factsOf: () => undefined, scheme: clientScheme(of) });
};

test('each paint has its share of all that is painted: three walls beside one', () => {
  const { paints } = boardOf(
    box({
      decisions: [
        decision(['wall-0', 'wall-1', 'wall-2'], { candidateId: 'c100' }),
        decision(['wall-3'], { id: 'd2', candidateId: 'c75' }),
      ],
    }),
  );
  // walls of 5, 4 and 5 m against one of 4 m, all as high
  expect(paints.map((p) => p.share)).toEqual([expect.closeTo(14 / 18, 9), expect.closeTo(4 / 18, 9)]);
  expect(paints.map((p) => p.colour.strength)).toEqual([100, 75]);
});

test('what is not decided has no field, and a ceiling that is painted stays no more', () => {
  const ceiling = {
    ...box().stays[0]!,
    id: 's-ceiling',
    name: 'Ceiling',
    thing: 'ceiling' as const,
    kind: 'fixed' as const,
  };
  const stays = [...box().stays, ceiling];
  expect(boardOf(box({ stays })).paints).toEqual([]);
  expect(boardOf(box({ stays })).stays.map((s) => s.name)).toContain('Ceiling');
  const painted = boardOf(box({ stays, decisions: [decision(['ceiling'], { candidateId: 'c100' })] }));
  expect(painted.paints.map((p) => p.where)).toEqual(['Ceiling']);
  expect(painted.stays.map((s) => s.name)).not.toContain('Ceiling');
});

test('cloth of the picked scheme is still to be looked for', () => {
  const cloth = { part: 'large', candidateId: null, lab: { l: 40, a: 4, b: 12 } } as const;
  const schemes = [scheme({ wallId: 'c75', parts: [cloth], pickedAt: '2026-09-24T10:00:00.000Z' })];
  expect(boardOf(box({ schemes })).toLookFor).toHaveLength(1);
  expect(boardOf(box()).toLookFor).toEqual([]);
});
