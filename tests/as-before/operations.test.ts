import { v7 } from 'uuid';
import { z } from 'zod';
import { seededRandom } from '@/core/base/random';
import { entryIssues } from '@/core/operations/entry-issues';
import { inverseOf, stepNow } from '@/core/operations/inverse';
import { isRefusal } from '@/core/operations/operation';
import { OPERATIONS, outcomeOf, type Operation, type Write } from '@/core/operations/operations';
import { inWalkingOrder } from '@/core/operations/room-order';
import { timeIssues } from '@/core/operations/time-issues';
import { newVisit } from '@/core/operations/visit-create';
import { roomsOf, type Visit } from '@/core/record/visit';
import { sha256 } from '@/server/sha256';
import { candidate } from '../made-up-room';
import { operation, PLACE } from '../made-up-writes';
import { draws, drawnWhole } from '../random-writes';
import { expectAsBefore } from './as-before';

const WRITES = 260;
const BATCH = 20;

/** Text of a value in which every id is called by the order in which it was met first. */
function calledById() {
  const met = new Map<string, string>();
  return (value: unknown): string =>
    JSON.stringify(value, (key, v: unknown) => (key === 'at' ? '' : v) ?? 'nothing').replace(
      /[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g,
      (id) => {
        if (!met.has(id)) met.set(id, `#${met.size}`);
        return met.get(id)!;
      },
    );
}
const short = (text: string) => sha256(text).slice(0, 8);

function begun(): { readonly visit: Visit; readonly operation: Operation } {
  const rooms = ['Hall', 'Den', 'Kitchen'].map((name) => ({ roomId: v7(), name }));
  const created = operation({ name: 'visit.create', visitId: v7(), label: 'Row 1', place: PLACE, units: 'metric', rooms });
  return { visit: newVisit(created.write as never, created), operation: created };
}

/** What the server would have resolved. */
function resolved(write: Write): Write {
  if (write.name !== 'candidate.add') return write;
  const { id: _, deckColourId: __, strength: ___, ordinal: ____, ...facts } = candidate('c', write.strength);
  return { ...write, facts };
}

/** A visit written to by draws: what each write came to, and what would take it back. */
function written(seed: number): readonly string[] {
  const d = draws(seededRandom(seed));
  const text = calledById();
  let { visit } = begun();
  const past: { to: Write; from: Write }[] = [];
  const lines = Array.from({ length: WRITES }, () => {
    const rooms = roomsOf(visit);
    const drawn = operation(resolved(drawnWhole(d, visit, d.pick(rooms))));
    const issues = entryIssues(drawn.write, d.pick(rooms)).map((issue) => issue.message);
    const outcome = outcomeOf(visit, drawn);
    if (isRefusal(outcome)) return `${drawn.write.name} refused ${text(outcome)} ${issues.join(' ')}`;
    const inverse = inverseOf(visit, outcome, drawn);
    visit = outcome;
    const old = past.length > 0 && d.sometimes(0.3) ? stepNow(visit, d.pick(past)) : undefined;
    if (inverse) past.push({ to: inverse.undo, from: inverse.redo });
    return `${drawn.write.name} ${text([outcome, inverse, old])} ${issues.join(' ')}`;
  });
  return Array.from({ length: WRITES / BATCH }, (_, k) => short(lines.slice(k * BATCH, (k + 1) * BATCH).join('\n')));
}

test('writes of every kind, right and wrong, come to what they came to', () => {
  expectAsBefore('operations', Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8].map((seed) => [`visit ${seed}`, written(seed)])));
});

test('what may be written is what might be', () => {
  const schemas = Object.entries(OPERATIONS).map(([name, { schema }]) => [
    name,
    short(JSON.stringify(z.toJSONSchema(schema, { io: 'input' }))),
  ]);
  expectAsBefore('operations-schemas', Object.fromEntries(schemas) as Record<string, unknown>);
});

test('rooms asked for come first, the others as they stood, the older first where two stand at one place', () => {
  const rooms = [
    { id: 'd', ordinal: 2 },
    { id: 'a', ordinal: 3 },
    { id: 'c', ordinal: 2 },
    { id: 'b', ordinal: 1 },
  ];
  expect(inWalkingOrder(rooms, ['a'])).toEqual(['a', 'b', 'c', 'd']);
  expect(inWalkingOrder(rooms, [])).toEqual(['b', 'c', 'd', 'a']);
});

test('years of this century can be written, wherever a time is held; a text that is no time says nothing', () => {
  const years = ['1999-12-31', '2000-01-01', '2099-12-31', '2100-01-01'];
  expect(years.map((at) => timeIssues({ at }).length)).toEqual([1, 0, 0, 1]);
  expect(timeIssues({ list: [{ paintedAt: '2050-01-01' }, { paintedAt: '1850-01-01' }], words: '1850-01-01' })).toEqual([
    { path: ['list', 1, 'paintedAt'], message: 'A year from 2000 to 2099: is the clock of this device right?' },
  ]);
  expect(timeIssues({ at: null, date: 3 })).toEqual([]);
});
