import { OPERATION_VERSION, withOperations, writeSchema, type Operation, type WriteInput } from '@/core/operations/operations';
import type { Applied, VisitNews } from '@/core/operations/revision';
import type { Visit } from '@/core/record/visit';
import { room, visit } from '../../../tests/made-up-room';
import { makeVisitStore } from './visit-store';

const id = (n: number) => `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const ROOM = id(1);
const FIRST: Visit = { ...visit(), id: id(9), rooms: [{ ...room(), id: ROOM }] };
const AT = { seq: 10, deck: 'd' };

let n = 100;
const operation = (write: WriteInput): Operation => ({
  id: id((n += 1)),
  version: OPERATION_VERSION,
  at: '2026-09-23T12:30:00.000Z',
  write: writeSchema.parse(write),
});
const note = (words: string) => operation({ name: 'note.add', roomId: ROOM, candidateId: null, words });
const done = (o: Operation, before: number, after = before + 1): Applied => ({
  ok: true,
  id: o.id,
  done: { operations: [o], before, after },
});

function store(answers: (VisitNews | 'away')[] = []) {
  const asked: unknown[] = [];
  let drawn = 0;
  const made = makeVisitStore(
    { visit: FIRST, revision: AT },
    {
      news: (_, known) => {
        asked.push(known);
        const answer = answers.shift() ?? { kind: 'same' };
        return answer === 'away' ? Promise.reject(new Error('away')) : Promise.resolve(answer);
      },
    },
    () => (drawn += 1),
  );
  const words = () => made.visit().rooms[0]!.notes.map((one) => one.words);
  return { made, asked, words, drawn: () => drawn };
}

describe('a visit as a page holds it', () => {
  test('what is said shows at once, and saving it reads nothing', () => {
    const { made, asked, words, drawn } = store();
    const said = note('Blinds down.');
    made.say([said]);
    expect(words()).toEqual(['Blinds down.']);
    expect(made.saved([said], done(said, 10))).toBe(true);
    expect(words()).toEqual(['Blinds down.']);
    expect(asked).toEqual([]);
    expect(drawn()).toBeLessThanOrEqual(2);
  });

  test('done as it was said, which the answer need not repeat', () => {
    const { made, asked, words } = store();
    const said = note('Blinds down.');
    made.say([said]);
    expect(made.saved([said], { ok: true, id: said.id, done: { operations: 'as-said', before: 10, after: 11 } })).toBe(true);
    expect(words()).toEqual(['Blinds down.']);
    expect(asked).toEqual([]);
  });

  test('saved behind what another window wrote, it reads those operations and keeps their order', async () => {
    const [mine, theirs] = [note('mine'), note('theirs')];
    const { made, asked, words } = store([{ kind: 'operations', operations: [theirs, mine], revision: { ...AT, seq: 12 } }]);
    made.say([mine]);
    expect(made.saved([mine], done(mine, 11))).toBe(false);
    await made.read();
    expect(asked).toEqual([AT]);
    expect(words()).toEqual(['theirs', 'mine']);
  });

  test('an operation that had been done before waits for what is read', async () => {
    const again = note('once');
    const { made, words } = store([{ kind: 'operations', operations: [again], revision: { ...AT, seq: 11 } }]);
    made.say([again]);
    expect(made.saved([again], { ok: true, id: again.id, done: null })).toBe(false);
    expect(words()).toEqual(['once']);
    await made.read();
    expect(words()).toEqual(['once']);
  });

  test('the whole visit takes the place of what was stored; what is not saved yet stays over it', async () => {
    const [saved, waiting] = [note('saved'), note('waiting')];
    const fresh = withOperations(FIRST, [saved]);
    const { made, words } = store([{ kind: 'visit', visit: { ...fresh, label: 'New' }, revision: { seq: 20, deck: 'e' } }]);
    made.say([saved, waiting]);
    made.saved([saved], done(saved, 15));
    await made.read();
    expect(made.visit().label).toBe('New');
    expect(words()).toEqual(['saved', 'waiting']);
    // what did not change keeps its identity
    expect(made.visit().rooms[0]!.stays).toBe(FIRST.rooms[0]!.stays);
  });

  test('operations that do not fit say that something was missed: everything is read', async () => {
    const odd = operation({ name: 'note.remove', roomId: ROOM, noteId: id(55), removed: true });
    const whole = { kind: 'visit', visit: { ...FIRST, label: 'Whole' }, revision: { seq: 30, deck: 'd' } } as const;
    const { made, asked } = store([{ kind: 'operations', operations: [odd], revision: { ...AT, seq: 11 } }, whole]);
    await made.read();
    expect(asked).toEqual([AT, undefined]);
    expect(made.visit().label).toBe('Whole');
  });

  test('an answer to an older question is not taken over what was saved meanwhile', async () => {
    const mine = note('mine');
    const stale = { kind: 'visit', visit: FIRST, revision: AT } as const;
    const { made, asked, words } = store([stale, { kind: 'same' }]);
    made.say([mine]);
    const reading = made.read();
    made.saved([mine], done(mine, 10));
    await reading;
    expect(words()).toEqual(['mine']);
    expect(asked).toEqual([AT, { ...AT, seq: 11 }]);
  });

  test('what was refused is taken back, and a server that is away changes nothing', async () => {
    const { made, words } = store(['away']);
    const refused = note('not to be');
    made.say([refused, note('stays')]);
    made.unsay([refused]);
    await made.read();
    expect(words()).toEqual(['stays']);
  });

  test('what was said together is saved together, and taken back together', () => {
    const { made, asked, words } = store();
    const [first, second] = [note('one'), note('two')];
    made.say([first, second]);
    expect(
      made.saved([first, second], { ok: true, id: first.id, done: { operations: [first, second], before: 10, after: 12 } }),
    ).toBe(true);
    expect([words(), asked]).toEqual([['one', 'two'], []]);
    const [third, fourth] = [note('three'), note('four')];
    made.say([third, fourth]);
    made.unsay([third, fourth]);
    expect(words()).toEqual(['one', 'two']);
  });
});
