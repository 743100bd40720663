import { PLANNED_BOARD } from '../../../tests/made-up-sample';
import { candidate, room, visit } from '../../../tests/made-up-room';
import { asMixed, readOf } from '@/core/derived/as-mixed';
import type { Room } from '@/core/record/room';
import type { Sample } from '@/core/record/sample';
import { supplySchema } from '@/core/record/supply';
import { finalistsOf, paintedArea, sampleLabels, sampleList, sampleReminders, sayPots } from './sampling';

let n = 0;
const sample = (more: Partial<Sample> = {}): Sample => ({
  id: `s${++n}`,
  candidateId: 'c75',
  ...PLANNED_BOARD,
  ...more,
});
const of = (more: Partial<Room>) => visit(more);

test('the white border is left out of what is painted', () => {
  expect(paintedArea(sample())).toBeCloseTo(0.5 * 0.8, 12);
  expect(paintedArea(sample({ borderM: 0 }))).toBeCloseTo(0.54, 12);
});

describe('one list for the visit', () => {
  test('the same colour in two rooms is one line; what is painted already is bought already', () => {
    const v = of({
      samples: [
        sample(),
        sample({ candidateId: 'c100', method: 'card', widthM: 0.4, heightM: 0.3 }),
        sample({ paintedAt: '2026-09-23T09:00:00.000Z' }),
      ],
    });
    const both = { ...v, rooms: [...v.rooms, room({ id: 'r2', name: 'Hall', samples: [sample()] })] };
    const list = sampleList(both);
    expect(list.lines.map((l) => [l.candidate.strength, l.rooms, sayPots(l.pots, 'metric')])).toEqual([
      [75, ['Sitting room', 'Hall'], '2 jars of 118 ml (4 fl oz)'],
      [100, ['Sitting room'], '1 jar of 118 ml (4 fl oz)'],
    ]);
    expect(list).toMatchObject({ boards: 2, cards: 1 });
    expect(list.unpriced).toEqual(['pots', 'boards', 'cards']);
  });
  test('costs what is priced, and says what is not', () => {
    const supply = supplySchema.parse({ samples: { jar: 4, pint: 7, board: 2.5 } });
    const v = { ...of({ samples: [sample(), sample({ method: 'card', widthM: 0.4, heightM: 0.3, borderM: 0.02 })] }), supply };
    expect(sampleList(v)).toMatchObject({ cost: 6.5, unpriced: ['cards'] });
  });
});

test('reminders where they apply: two coats, no small spot, a white border', () => {
  expect(sampleReminders(sample())).toEqual([]);
  expect(sampleReminders(sample({ coats: 1 }))[0]).toContain('Two coats');
  expect(sampleReminders(sample({ method: 'patch', widthM: 0.3, heightM: 0.3, borderM: 0 }))[0]).toContain('edge to edge');
  expect(sampleReminders(sample({ borderM: 0 }))[0]).toContain('white border');
});

test('a fourth finalist asks for a reason; a second sample of one colour is no finalist more', () => {
  const ids = ['a', 'b', 'c', 'd'];
  expect(finalistsOf({ samples: ids.slice(0, 3).map((candidateId) => sample({ candidateId })) })).toEqual({
    count: 3,
    needsReason: false,
  });
  expect(finalistsOf({ samples: ids.map((candidateId) => sample({ candidateId })) }).needsReason).toBe(true);
  expect(
    finalistsOf({
      samples: [...ids.map((candidateId) => sample({ candidateId })), sample({ candidateId: 'a', reason: 'two schools' })],
    }),
  ).toEqual({
    count: 4,
    needsReason: false,
  });
});

test('a label says visit, room, maker, code, strength both ways, method, coats and date; its code holds the same', () => {
  const [label] = sampleLabels(of({ samples: [sample({ paintedAt: '2026-09-23T09:00:00.000Z' })] }));
  expect(label!.lines).toEqual([
    'Test Row 1 · 23 September 2026',
    'Sitting room',
    'Ferrowmere FR 1',
    'Test Shell',
    '75 % strength (colourant cut by a quarter)',
    'bordered board, 0.6 m × 0.9 m',
    '2 coats, painted 23 September 2026',
  ]);
  expect(label!.text).toBe(label!.lines.join('\n'));
});

describe('a dry sample that was read', () => {
  const read = { lab: { l: 79, a: 4, b: 13 }, source: { kind: 'lab' as const } };
  const v = of({ samples: [sample({ paintedAt: '2026-09-23T09:00:00.000Z', read })] });
  test('is what is judged from then on; what the deck says of its strengths stays', () => {
    const [c100, c75] = asMixed(v).rooms[0]!.candidates;
    expect(c75!.lab).toEqual(read.lab);
    expect(c75!.offered).toEqual(candidate('c75', 75).offered);
    expect(c100!.lab).toEqual(candidate('c100', 100).lab);
    expect(readOf(v.rooms[0]!, 'c75')).toBe(read);
  });
  test('leaves a visit as it is when nothing was read, and answers the same thing twice', () => {
    const none = of({ samples: [sample()] });
    expect(asMixed(none)).toBe(none);
    expect(asMixed(v)).toBe(asMixed(v));
  });
});

test('the day on a label is the day in the home, not in Greenwich', () => {
  const late = { ...of({ samples: [sample({ paintedAt: '2026-09-23T03:30:00.000Z' })] }) };
  const denver = { ...late, place: { ...late.place, timeZone: 'America/Denver' } };
  expect(sampleLabels(denver)[0]!.lines.at(-1)).toBe('2 coats, painted 22 September 2026');
});
