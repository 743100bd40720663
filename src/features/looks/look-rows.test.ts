import type { HousePlan, PlannedLook } from '@/core/engine/plan-protocol';
import { look } from '../../../tests/made-up-look';
import { room, verdict, visit } from '../../../tests/made-up-room';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import { sideBySide } from './house-bands';
import { aboutOf, isOn, lookOf, lookRows, sayLookWhen } from '@/core/engine/look-rows';
import { hourOfText } from './plan-settings';

const at = (clock: string) => Date.parse(`2026-09-23T${clock}:00+01:00`);
const planned = (more: Partial<PlannedLook>): PlannedLook => ({
  id: null,
  light: 'clear',
  lights: ['clear', 'broken'],
  at: at('10:30'),
  from: at('10:00'),
  to: at('12:00'),
  walls: ['wall-2'],
  worth: 4,
  inVisit: true,
  decides: {
    kind: 'colour',
    says: 'Chalk turns greener',
    hexes: ['#aaaaaa', '#bbbbbb'],
    candidateIds: ['c100'],
    stayId: 'floor',
  },
  missed: ['Chalk turns greener at 10:30 under a clear sky'],
  ...more,
});
const lamps = planned({ light: 'lamps', lights: ['lamps'], at: at('20:00'), from: at('20:00'), to: at('23:45'), inVisit: false });
const evening = planned({ at: at('17:30'), from: at('17:00'), to: at('18:00'), inVisit: false });
const planOf = (looks: readonly PlannedLook[]): HousePlan => ({
  ok: true,
  route: null,
  rooms: [{ roomId: room().id, looks, exact: true, atLeast: 0, tints: { overcast: null, lamps: null }, problem: null }],
});
const home = (looks: readonly ReturnType<typeof look>[] = []): VisitInLight => ({ ...visit(), rooms: [room({ looks })] });

describe('what a look is about', () => {
  const [row] = lookRows(home(), planOf([planned({})]));

  test('planned: the colour and the thing it decides', () => expect(aboutOf(row!)).toEqual({ colour: 'c100', stay: 'floor' }));

  test('looked at: what was said at it; by hand: the first of its colours', () => {
    const taken = look({ id: 'l9', state: 'taken', byHand: true, candidateIds: ['c50'] });
    const at = { ...row!, planned: undefined, look: taken, candidateIds: taken.candidateIds };
    expect(aboutOf({ ...at, room: room({ verdicts: [verdict({ lookId: 'l9', stayId: 'rug' })] }) })).toEqual({
      colour: 'c100',
      stay: 'rug',
    });
    expect(aboutOf(at)).toEqual({ colour: 'c50' });
  });
});

describe('the list of looks', () => {
  test('numbers go early to late, the visit’s before the client’s', () => {
    const rows = lookRows(home(), planOf([lamps, evening, planned({})]));
    expect(rows.map((r) => [r.light, r.fromHour, r.number, r.who])).toEqual([
      ['lamps', null, 3, 'client'],
      ['clear', 17, 2, 'client'],
      ['clear', 10, 1, 'consultant'],
    ]);
  });

  test('what is kept holds its number, the others take those that are free', () => {
    const kept = look({ number: 2, state: 'taken', takenAt: '2026-09-23T10:00:00.000Z', who: 'consultant', decides: '' });
    const rows = lookRows(home([kept]), planOf([planned({ id: kept.id }), evening, lamps]));
    expect(rows.map((r) => [r.number, r.state])).toEqual([
      [2, 'taken'],
      [1, 'planned'],
      [3, 'planned'],
    ]);
    expect(rows[0]!.decides).toBe('Chalk turns greener');
  });

  test('a kept look stays in the list while nothing is computed, or has no such light today', () => {
    const kept = look({ number: 5 });
    expect(lookRows(home([kept]), undefined)).toMatchObject([{ number: 5, planned: undefined, lights: ['clear'] }]);
  });

  test('keeping a planned row says all of it', () => {
    const [row] = lookRows(home(), planOf([planned({})]));
    expect(lookOf(row!, { who: 'client' })).toMatchObject({
      number: 1,
      light: 'clear',
      fromHour: 10,
      toHour: 12,
      who: 'client',
      state: 'planned',
      takenAt: null,
    });
  });
});

describe('whether a look can be taken now', () => {
  const [byDay, late, dark] = lookRows(home(), planOf([planned({}), planned({ light: 'both', lights: ['both'] }), lamps]));
  test.each([
    ['within its hours and under one of its skies', byDay!, { hour: 10.5, sky: 'broken', dark: false }, true],
    ['under another sky', byDay!, { hour: 10.5, sky: 'overcast', dark: false }, false],
    ['after its hours', byDay!, { hour: 12, sky: 'clear', dark: false }, false],
    ['lamps while it is dark', dark!, { hour: 20.5, sky: 'clear', dark: true }, true],
    ['lamps by day', dark!, { hour: 12, sky: 'clear', dark: false }, false],
    ['late lamps under cloud', late!, { hour: 11, sky: 'overcast', dark: false }, true],
    ['late lamps under a clear sky', late!, { hour: 11, sky: 'clear', dark: false }, false],
  ] as const)('%s', (_, row, { hour, ...light }, on) => {
    expect(isOn(row, hour, light)).toBe(on);
  });
});

test.each([
  [{ light: 'clear', lights: ['clear', 'broken', 'overcast'], fromHour: 9, toHour: 12 }, '09:00–12:00, any sky'],
  [{ light: 'clear', lights: ['clear', 'broken'], fromHour: 9.5, toHour: 12 }, '09:30–12:00, clear or broken'],
  [{ light: 'both', lights: ['both'], fromHour: 16, toHour: 17 }, '16:00–17:00, overcast, lamps on'],
  [{ light: 'lamps', lights: ['lamps'], fromHour: null, toHour: null }, 'after dark, lamps on'],
] as const)('%j is said "%s"', (row, says) => {
  expect(sayLookWhen(row)).toBe(says);
});

test('frames on a band stand side by side, in their order, within it', () => {
  const shares = sideBySide([{ share: 0.5 }, { share: 0.5 }, { share: 0.01 }, { share: 2 }], 700).map((f) => f.share);
  expect(shares).toEqual([...shares].sort((p, q) => p - q));
  expect(shares[2]! - shares[1]!).toBeGreaterThan(0.05);
  expect(shares[0]).toBeGreaterThan(0.02);
  expect(shares.at(-1)).toBeLessThan(1);
  // where there is no room for all they share what there is
  const many = sideBySide(
    Array.from({ length: 30 }, () => ({ share: 0.5 })),
    300,
  ).map((f) => f.share);
  expect(Math.min(...many)).toBeGreaterThan(0);
  expect(Math.max(...many)).toBeLessThan(1);
});

test.each([
  ['09:30', 9.5],
  ['24:00', 24],
  ['24:30', undefined],
  ['', undefined],
] as const)('the hour of "%s" is %s', (text, hour) => {
  expect(hourOfText(text)).toBe(hour);
});
