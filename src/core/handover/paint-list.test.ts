import { decision as made, WALL_SURFACES } from '../../../tests/made-up-decision';
import type { Choice, Decision } from '@/core/record/decision';
import { candidate, room } from '../../../tests/made-up-room';
import { decidedRoom } from '@/core/derived/decided';
import { paintworkSchema } from '@/core/record/paintwork';
import type { Room } from '@/core/record/room';
import { supplySchema } from '@/core/record/supply';
import { all } from '../../../tests/all';
import type { Units } from '../units/length';
import { sayNeed } from '../units/volume';
import { paintList } from './paint-list';
import { letterOf, surfaceRows } from './rows';

const decision = (surfaces: string[], more: Partial<Decision> = {}): Decision => made(surfaces, { candidateId: 'c100', ...more });

const box = (decisions: Decision[], more: Partial<Room> = {}) =>
  room({
    widthM: 5,
    depthM: 4,
    heightM: 2.5,
    bearingDeg: 0,
    windows: [],
    paintwork: paintworkSchema.parse({ skirtingM: 0 }),
    decisions,
    ...more,
  });
const list = (rooms: Room[], supply = supplySchema.parse({ waste: 0 }), units: Units = 'metric') =>
  paintList(
    rooms.map((r) => ({ room: r, decided: decidedRoom(r) })),
    supply,
    units,
  );

describe('what has to be bought', () => {
  test('four walls of a box of 5 × 4 × 2.5 m: 45 m² twice over are 9 litres at 10 m² a litre', () => {
    const [line, ...others] = list([box([decision(WALL_SURFACES)])]);
    expect(others).toEqual([]);
    expect(line!.litres).toBeCloseTo(9, 10);
    // one tin and one tinting before four that leave nothing over
    expect(line!.cans).toMatchObject({ cans: [{ container: 'litre-10', count: 1 }], leftover: 1 });
    expect(line!.leastLeft!.cans).toEqual([
      { container: 'litre-5', count: 1 },
      { container: 'litre-2-5', count: 1 },
      { container: 'litre', count: 1 },
      { container: 'litre-0-5', count: 1 },
    ]);
  });

  test('what is told of surfaces adds up to what is told of the paint, in litres and in gallons', () => {
    for (const units of ['metric', 'imperial'] as const) {
      const odd = box([decision(WALL_SURFACES)], { widthM: 4.37, depthM: 3.11, heightM: 2.43 });
      const [line] = list([odd], supplySchema.parse({}), units);
      const told = line!.uses.reduce((sum, u) => sum + u.tenths, 0);
      expect(`${(told / 10).toFixed(1)} ${units === 'metric' ? 'l' : 'gal'}`).toBe(sayNeed(line!.litres, units));
      expect(all(line!.uses, (u) => u.tenths > 0)).toBe(true);
    }
  });

  test('the same colour, product and sheen in two rooms is bought once; another sheen, strength or product is not', () => {
    const rooms = [box([decision(WALL_SURFACES)]), box([decision(WALL_SURFACES)], { id: 'r2', name: 'Hall' })];
    expect(list(rooms)).toHaveLength(1);
    expect(list(rooms)[0]!.litres).toBeCloseTo(18, 10);
    expect(list(rooms)[0]!.uses.map((u) => u.room)).toEqual([
      ...Array<string>(4).fill('Sitting room'),
      ...Array<string>(4).fill('Hall'),
    ]);
    const other = (more: Partial<Choice>) => list([box([decision(WALL_SURFACES), decision(['trim', 'wall-1'], more)])]).length;
    expect(other({ sheen: 'satin' })).toBe(2);
    expect(other({ finish: 'trim' })).toBe(2);
    expect(other({ candidateId: 'c75' })).toBe(2);
  });

  test('an undercoat and a primer are lines of their own, after the finishes', () => {
    const lines = list([
      box([decision(['wall-0'], { undercoat: 'grey' }), decision(['wall-1'], { undercoat: 'tinted', primer: 'full' })]),
    ]);
    expect(lines.map((l) => l.key)).toEqual(['FR:FR 1 100 wall eggshell', 'undercoat grey', 'undercoat c100', 'primer']);
    expect(lines[1]).toMatchObject({ candidate: null, undercoat: 'grey', finish: null });
    expect(lines[1]!.litres).toBeCloseTo(12.5 / 9, 10);
  });

  test('what is open, or left as it is, needs nothing; waste is added on top', () => {
    expect(list([box([decision(['ceiling'], { what: 'leave', candidateId: null })])])).toEqual([]);
    expect(list([box([])])).toEqual([]);
    const wasted = list([box([decision(WALL_SURFACES)])], supplySchema.parse({ waste: 0.1, spreading: { wall: 5 } }));
    expect(wasted[0]!.litres).toBeCloseTo(18 * 1.1, 10);
  });
});

describe('surfaces as rows', () => {
  const rows = (decisions: Decision[], more: Partial<Room> = {}) => surfaceRows(decidedRoom(box(decisions, more)));

  test('what is painted in one way stands in one row, with its letter and its area', () => {
    const found = rows([decision(WALL_SURFACES), decision(['wall-1'], { candidateId: 'c75' })]);
    expect(found.map((r) => [r.letter, r.name])).toEqual([
      ['A', 'north, south and west wall'],
      ['B', 'east wall'],
      ['C', 'trim'],
      ['D', 'ceiling'],
    ]);
    expect(found[0]!.areaM2).toBeCloseTo(35, 10);
    expect(found[2]!.choice).toBeUndefined();
  });

  test('open walls stand together, and four are all four', () => {
    expect(rows([])[0]!.name).toBe('all four walls');
    const parted = rows([], { paintwork: paintworkSchema.parse({ rails: [{ wall: 0, heightM: 1 }] }) });
    expect(parted[0]!.name).toBe('east, south and west wall, north wall above the rail and north wall below the rail');
  });

  test('trim has its metres, a mixed row has none', () => {
    const found = rows([decision(['trim', 'wall-0'], { finish: 'trim' })], {
      paintwork: paintworkSchema.parse({ skirtingM: 0.1 }),
    });
    expect(found.find((r) => r.name.includes('skirting'))!.runM).toBeNull();
    expect(
      rows([], { paintwork: paintworkSchema.parse({ skirtingM: 0.1 }) }).find((r) => r.name === 'skirting')!.runM,
    ).toBeCloseTo(18, 10);
  });

  test('letters go on after Z', () => {
    expect([0, 25, 26, 27, 51, 52].map(letterOf)).toEqual(['A', 'Z', 'AA', 'AB', 'AZ', 'BA']);
  });

  test('a colour kept under another candidate is another row', () => {
    const of = box([decision(['wall-0']), decision(['wall-1'], { candidateId: 'x' })], {
      candidates: [candidate('c100', 100), candidate('x', 75)],
    });
    expect(surfaceRows(decidedRoom(of)).filter((r) => r.choice)).toHaveLength(2);
  });
});
