import { PLANNED_BOARD } from '../../../tests/made-up-sample';
import { room, visit } from '../../../tests/made-up-room';
import { operation } from '../../../tests/made-up-writes';
import type { Room } from '@/core/record/room';
import type { Visit } from '@/core/record/visit';
import { isRefusal } from './operation';
import { outcomeOf, type WriteInput } from './operations';

const id = (n: number) => `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const [HALL, DEN, COLOUR, ELSEWHERE, THING] = [1, 2, 3, 4, 5].map(id) as [string, string, string, string, string];

/** Two rooms with a colour each. */
const home = (): Visit => {
  const [one] = room().candidates;
  const bare = { ...room(), looks: [], samples: [], schemes: [], stays: [] };
  return {
    ...visit(),
    rooms: [
      { ...bare, id: HALL, candidates: [{ ...one!, id: COLOUR }] },
      { ...bare, id: DEN, candidates: [{ ...one!, id: ELSEWHERE }] },
    ],
  };
};
const look = (roomId: string, more: object = {}): WriteInput => ({
  name: 'look.save',
  roomId,
  lookId: THING,
  number: 1,
  light: 'overcast',
  fromHour: 9,
  toHour: 12,
  walls: ['wall-0'],
  candidateIds: [roomId === HALL ? COLOUR : ELSEWHERE],
  who: 'client',
  date: null,
  decides: '',
  missed: '',
  byHand: true,
  state: 'planned',
  reason: '',
  takenAt: null,
  ...more,
});
const sample = (roomId: string, more: object = {}): WriteInput => ({
  name: 'sample.save',
  roomId,
  sampleId: THING,
  candidateId: roomId === HALL ? COLOUR : ELSEWHERE,
  ...PLANNED_BOARD,
  ...more,
});
const scheme = (roomId: string, more: object = {}): WriteInput => ({
  name: 'scheme.save',
  roomId,
  schemeId: THING,
  scheme: 'Quiet',
  wallId: roomId === HALL ? COLOUR : ELSEWHERE,
  trimId: null,
  accentIds: [],
  ...more,
});

const done = (from: Visit, write: WriteInput): Visit => {
  const outcome = outcomeOf(from, operation(write));
  if (isRefusal(outcome)) throw new Error(JSON.stringify(outcome));
  return outcome;
};
const refusal = (from: Visit, write: WriteInput) => {
  const outcome = outcomeOf(from, operation(write));
  return isRefusal(outcome) ? outcome : 'done';
};

const KINDS = [
  {
    what: 'look',
    kind: 'looks',
    save: look,
    ofElsewhere: { candidateIds: [COLOUR, ELSEWHERE] },
    change: { decides: 'between two' },
    field: 'decides',
  },
  {
    what: 'sample',
    kind: 'samples',
    save: sample,
    ofElsewhere: { candidateId: ELSEWHERE },
    change: { coats: 3 },
    field: 'coats',
  },
  {
    what: 'scheme',
    kind: 'schemes',
    save: scheme,
    ofElsewhere: { trimId: ELSEWHERE },
    change: { scheme: 'Light' },
    field: 'name',
  },
] as const;

describe.each(KINDS)('a $what', ({ what, kind, save, ofElsewhere, change, field }) => {
  const list = (from: Visit, n: number): readonly object[] =>
    from.rooms[n]![kind as keyof Room & ('looks' | 'samples' | 'schemes')];
  const kept = done(home(), save(HALL));

  test('is kept once, and changed under its id', () => {
    expect(list(kept, 0)).toHaveLength(1);
    const changed = done(kept, save(HALL, change));
    expect(list(changed, 0)).toMatchObject([{ id: THING, [field]: Object.values(change)[0] }]);
  });

  test('of another room is not saved in this one', () => {
    expect(refusal(kept, save(DEN))).toEqual({ reason: 'not-found', what });
    // nor one that was taken out there
    const out = done(kept, { name: `${what}.retire`, roomId: HALL, [`${what}Id`]: THING, retired: true } as never);
    expect(refusal(out, save(DEN))).toEqual({ reason: 'not-found', what });
  });

  test('that was taken out comes back with what is said of it', () => {
    const out = done(kept, { name: `${what}.retire`, roomId: HALL, [`${what}Id`]: THING, retired: true } as never);
    expect([list(out, 0).length, out.rooms[0]!.retired[kind].length]).toEqual([0, 1]);
    const back = done(out, save(HALL, change));
    expect([list(back, 0).length, back.rooms[0]!.retired[kind].length]).toEqual([1, 0]);
  });

  test('names colours of its own room only, in a room that is there', () => {
    expect(refusal(home(), save(HALL, ofElsewhere))).toEqual({ reason: 'not-found', what: 'colour' });
    expect(refusal(home(), save(id(77)))).toEqual({ reason: 'not-found', what: 'room' });
  });
});
