import { GRID } from '../colour/grid';
import { knownMetamers } from '../colour/metamers';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { all } from '../../../tests/all';
import { describeBox } from '../derived/describe-room';
import { sayAlso } from '../house/say-sight';
import { VIEW, type View } from '../house/views';
import type { Lab } from '../colour/types';
import type { RoomLamp } from '../record/lamp';
import type { Swatch } from './light-protocol';
import { sightLines, type SightAnswer, type SightPlace } from './sight-lines';
import { toTheEnd } from './steps';

const GREIGE: Lab = { l: 80, a: 1, b: 8 };
/** A deck of one pink at three strengths: half of it hardly leans. */
const STRENGTHS: readonly Lab[] = [
  { l: 86, a: 2.2, b: 7 },
  { l: 80, a: 6, b: 10 },
  { l: 78, a: 7, b: 11 },
];
const curves = new Float32Array(STRENGTHS.length * GRID.count);
STRENGTHS.forEach((lab, k) => curves.set(knownMetamers(lab, 'paint')[0]!, GRID.count * k));
const DECK = {
  ids: ['pink'],
  makers: ['F'],
  strengths: [50, 100, 125],
  labs: Float32Array.from(STRENGTHS.flatMap(({ l, a, b }) => [l, a, b])),
  curves,
};
const WHITE: Lab = { l: 94, a: 0, b: 2 };
const swatch = (lab: Lab, id = 'walls'): Swatch => ({ id, lab, population: 'paint' });
type Of = {
  readonly bearingDeg?: number;
  readonly lamps?: readonly RoomLamp[];
  readonly walls?: Lab;
  readonly paint?: SightPlace['paint'];
  readonly trim?: Lab;
  readonly floor?: Lab | null;
};
function place(
  id: string,
  { bearingDeg = 0, lamps = [roomLamp({ lumens: 1500 })], walls = GREIGE, paint = null, trim = WHITE, floor = null }: Of = {},
): SightPlace {
  const of = room({ bearingDeg, windows: [roomWindow({ widthM: 1.6, heightM: 1.4 })], lamps });
  return {
    id,
    day: {
      room: describeBox(of).description,
      place: { latitude: 51.45, longitude: -2.59 },
      date: '2026-09-23',
      zone: 'Europe/London',
      skies: 'overcast',
    },
    scale: 1,
    walls: [0, 1, 2, 3].map(() => swatch(walls)),
    trim: swatch(trim, 'trim'),
    floor: floor && swatch(floor, 'floor'),
    paint,
  };
}
const view = (fromId: string, toId: string): View => ({
  id: `${fromId} ${toId}`,
  fromId,
  toId,
  spot: 'door',
  at: [1, VIEW.awayM],
  through: ['d'],
  nearWall: 2,
  farWall: 2,
  share: 0.4,
  farShare: 0.4,
  distanceM: 5,
});
const seen = (rooms: readonly SightPlace[], views: readonly View[]): SightAnswer => {
  const answer = toTheEnd(sightLines({ rooms, views, lampsOn: false }, DECK));
  if (!answer.ok) throw new Error('no answer');
  return answer;
};

describe('a wall seen through a door', () => {
  test('in a room just like the one stood in, it is as it is there: no turn, nothing but a run', () => {
    const { views, moments } = seen([place('a'), place('b')], [view('a', 'b')]);
    const [only] = views;
    expect(only!.turn).toBeNull();
    expect(only!.worst.kind).toBe('runs-on');
    expect(only!.moments).toHaveLength(moments.length);
    const lit = only!.moments.filter((m) => m !== null);
    expect(lit.length).toBeGreaterThan(20);
    expect(all(lit, (m) => m.near === m.far && Math.abs(m.luxNear - m.luxFar) < 1e-9)).toBe(true);
    expect(only!.lamps!.near).toBe(only!.lamps!.far);
  });

  test('behind a door in another light it is turned as the eye’s white says: cool lamps seen from warm ones are bluer, and back yellower', () => {
    const warm = place('warm', { lamps: [roomLamp({ lumens: 1500, cctK: 2700 })] });
    const cool = place('cool', { lamps: [roomLamp({ lumens: 1500, cctK: 5000 })] });
    const { views } = seen([warm, cool], [view('warm', 'cool'), view('cool', 'warm')]);
    const turn = (id: string) => views.find((v) => v.id === id)!.lamps!.turn;
    expect(turn('warm cool')!.towards).toBe('bluer');
    expect(turn('cool warm')!.towards).toBe('yellower');
  });

  test('three times the light makes it lighter on the screen, not in what it is judged by', () => {
    const bright = place('bright', { lamps: [roomLamp({ lumens: 6000 })] });
    const { views } = seen([place('dim'), bright], [view('dim', 'bright')]);
    const { near, far, luxNear, luxFar } = views[0]!.lamps!;
    expect(luxFar / luxNear).toBeGreaterThan(3);
    expect(parseInt(far.slice(1, 3), 16)).toBeGreaterThan(parseInt(near.slice(1, 3), 16));
    expect(views[0]!.worst.kind).toBe('runs-on');
  });

  test('the doorway that breaks comes first, says what the far wall is, and which strength would mend it', () => {
    const pink: Lab = { l: 80, a: 6, b: 10 };
    const rooms = [place('a'), place('b', { walls: pink, paint: { id: 'pink', strength: 100 } }), place('c')];
    const { views } = seen(rooms, [view('a', 'c'), view('a', 'b')]);
    expect(views.map((v) => [v.id, v.worst.kind])).toEqual([
      ['a b', 'clash'],
      ['a c', 'runs-on'],
    ]);
    expect(views[0]!.worst.reason).toBe('too-pink');
    expect(views[0]!.mends[0]).toMatchObject({ roomId: 'b', id: 'pink', strength: 50 });
    expect(all(views[0]!.mends, (m) => m.kind !== 'clash')).toBe(true);
  });

  test('where a wall is not known nothing is said; a room that cannot be is no answer', () => {
    const bare = { ...place('b'), walls: [null, null, null, null] };
    expect(seen([place('a'), bare], [view('a', 'b')]).views).toEqual([]);
    expect(seen([], []).views).toEqual([]);
    const crooked = place('b');
    const cannot = { ...crooked, day: { ...crooked.day, room: { ...crooked.day.room, heightM: 0.1 } } };
    expect(toTheEnd(sightLines({ rooms: [place('a'), cannot], views: [view('a', 'b')], lampsOn: false }, DECK))).toMatchObject({
      ok: false,
    });
  });
});

test('trims and floors of both rooms are judged with each other; where one is not known, nothing is said', () => {
  const oak: Lab = { l: 60, a: 7, b: 22 };
  const slate: Lab = { l: 40, a: -1, b: -3 };
  const one = seen([place('a', { floor: oak }), place('b', { floor: oak })], [view('a', 'b')]).views[0]!;
  expect(one.also.map((a) => [a.of, a.kind])).toEqual([
    ['trims', 'runs-on'],
    ['floors', 'runs-on'],
  ]);
  expect(one.also.map(sayAlso)).toEqual(['', '']);
  const cream: Lab = { l: 90, a: 1, b: 16 };
  const two = seen([place('a', { floor: oak, trim: WHITE }), place('b', { floor: slate, trim: cream })], [view('a', 'b')])
    .views[0]!;
  expect(two.also.map((a) => a.kind)).not.toContain('runs-on');
  expect(sayAlso(two.also[0]!)).toMatch(/^the (other trim is|trims are two whites)/);
  expect(seen([place('a', { floor: oak }), place('b')], [view('a', 'b')]).views[0]!.also.map((a) => a.of)).toEqual(['trims']);
});
