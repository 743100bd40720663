import { plainShape } from '../../../tests/made-shapes';
import { day as boxDay, lookIn } from '../../../tests/lit-room';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { drawnAt, NOTHING_ON, onAllWalls } from '../../../tests/standing';
import { seenIn } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import { labFromHex } from '../colour/srgb';
import type { Vector } from '../light/view-factor';
import { describeBox, plannedDescription } from '../derived/describe-room';
import { isPlanned } from './engine-rooms';
import { dayOf, lightsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { DayRequest } from './light-protocol';
import type { Dress } from './standing-dress';
import { LAYERS, type ShownFacet } from './standing-face';
import { standingRoom } from './standing-room';
import { toTheEnd } from './steps';

const l = room({
  bearingDeg: 200,
  widthM: 7,
  depthM: 5,
  heightM: 2.6,
  windows: [roomWindow({ widthM: 1.8, heightM: 1.4, leftM: 1, sillM: 0.9 })],
  lamps: [roomLamp({ lumens: 1500, xM: 2, yM: 3 })],
  shape: plainShape('L'),
});
const day: DayRequest = { ...boxDay, room: plannedDescription(l) };
const NOON = 48;
const position = 'wall-4';
const cross = (p: Vector, q: Vector): Vector => [p[1] * q[2] - p[2] * q[1], p[2] * q[0] - p[0] * q[2], p[0] * q[1] - p[1] * q[0]];
/** Square metres of flat pieces. */
const areaOf = (pieces: ShownFacet['pieces']): number =>
  pieces.reduce((all, { corners: [o, ...rest] }) => {
    const from = (q: Vector): Vector => [q[0] - o![0], q[1] - o![1], q[2] - o![2]];
    return all + rest.slice(1).reduce((sum, q, k) => sum + Math.hypot(...cross(from(rest[k]!), from(q))) / 2, 0);
  }, 0);

function facets(
  moment: number,
  {
    lampsOn = false,
    dress = null,
    of = day,
    at = position,
  }: { lampsOn?: boolean; dress?: Dress | null; of?: DayRequest; at?: string } = {},
) {
  const found = toTheEnd(standingRoom({ day: of, moment, lookIn: { ...lookIn, position: at, lampsOn }, dress }));
  if (!found.ok) throw new Error(JSON.stringify(found));
  return found.facets!;
}

test.each([
  ['by day', NOON, false],
  ['by lamps', 0, true],
])('%s the wall that is judged at is drawn in the colour the bench shows there', (_, moment, lampsOn) => {
  const known = toTheEnd(dayOf(day));
  const { room: made } = roomOf(day.room);
  if (!isPlanned(made)) throw new Error('a box');
  const scene = sceneAt(lightsOf(known, moment, lampsOn), placeOf(made, position), 1)!;
  const bench = seenIn(scene)(made.planned.walls[4]!);
  const drawn = drawnAt(facets(moment, { lampsOn })[4]!, [2, 5, 1.3]);
  expect(deltaE00(labFromHex(drawn), labFromHex(bench.hex))).toBeLessThan(1);
});

test('every wall, the floor and the ceiling are there; the window lies in its wall, and the sun falls past no corner', () => {
  const found = facets(NOON);
  expect(found).toHaveLength(8);
  for (const { points, tones, polygons } of found) {
    expect(tones[0]).toHaveLength(3 * points.length);
    for (const at of polygons) expect(Math.max(...at)).toBeLessThan(points.length);
  }
  expect(found[0]!.pieces.filter((p) => p.layer === LAYERS.window)).toHaveLength(1);
  const sun = found[6]!.pieces.filter((p) => p.layer === LAYERS.sun);
  expect(areaOf(sun)).toBeGreaterThan(0.5);
  // the window is in the long part: no sun on the floor of the arm behind the corner
  for (const { corners } of sun) for (const [x, y] of corners) expect(x > 4.1 && y > 2.1).toBe(false);
});

test.each([40, 48, 56])('the sun falls in a box by its plan where it falls in the box (moment %i)', (moment) => {
  const box = room({ ...l, shape: null, widthM: 4 });
  const byPlan = { ...l, widthM: 4, shape: plainShape('box') };
  const [boxes, plans] = [
    { ...boxDay, room: describeBox(box).description },
    { ...boxDay, room: plannedDescription(byPlan) },
  ].map((of) => facets(moment, { of, at: 'wall-2' }));
  for (const f of [1, 2, 3, 4]) {
    const sun = (of: readonly ShownFacet[]) => of[f]!.pieces.filter((p) => p.layer === LAYERS.sun);
    expect(areaOf(sun(plans!))).toBeCloseTo(areaOf(sun(boxes!)), 6);
  }
  expect(areaOf(boxes!.flatMap((f) => f.pieces.filter((p) => p.layer === LAYERS.sun)))).toBeGreaterThan(0.1);
});

test('where a corner is in its way the sun falls in stretches, and never behind it', () => {
  const window = roomWindow({ wall: 2, widthM: 1.5, heightM: 1.6, leftM: 0.2, sillM: 0.7 });
  const of: DayRequest = { ...boxDay, room: plannedDescription({ ...l, bearingDeg: 290, windows: [window] }) };
  const shown = [44, 48, 52, 56].flatMap((moment) =>
    facets(moment, { of }).flatMap((f) => f.pieces.filter((p) => p.layer === LAYERS.sun)),
  );
  expect(shown.length).toBeGreaterThan(3);
  for (const { corners } of shown) for (const [x, y] of corners) expect(x > 4.08 && y > 2.08).toBe(false);
});

test('a colour that is tried is on the walls and nowhere else', () => {
  const [before, after] = [facets(NOON), facets(NOON, { dress: onAllWalls({ id: 'deep', lab: { l: 40, a: 10, b: -20 } }) })];
  const l_ = (of: ShownFacet) => labFromHex(drawnAt(of, [2, 5, 1.3])).l;
  expect(l_(after[4]!)).toBeLessThan(l_(before[4]!) - 20);
  expect(l_(after[7]!)).toBeGreaterThan(l_(after[4]!) + 20);
});

test('an island as high as a worktop has the worktop’s colours on top, and its own at its sides', () => {
  const island = {
    id: '0197f3a0-0000-7000-8000-00000000b001',
    name: 'Island',
    xM: 1,
    yM: 2,
    widthM: 1.5,
    depthM: 0.9,
    heightM: 0.9,
    colour: null,
  };
  const of: DayRequest = { ...boxDay, room: plannedDescription({ ...l, shape: { ...l.shape!, boxes: [island] } }) };
  const worktop = { swatches: [{ id: 'a', lab: { l: 30, a: 2, b: 4 } }, { id: 'b', lab: { l: 80, a: 0, b: 3 } }], laid: { key: 'top', wideM: 1.5 } }; // prettier-ignore
  const found = facets(NOON, { of, dress: { ...NOTHING_ON, worktop } });
  const top = found.filter((f) => f.inward[2] === 1 && f.points[0]![2] === 0.9);
  expect(top.map((f) => f.tones.length)).toEqual([2]);
  expect(found.filter((f) => f.tones.length === 2)).toHaveLength(1);
});

describe('through an open door', () => {
  const hall = { ...plannedDescription({ ...l, windows: [], lamps: [], shape: plainShape('box'), widthM: 4 }) };
  const joined = {
    rooms: { own: plannedDescription(l), hall },
    // the L's wall 5 (from 0, 5 to 0, 0) and the hall's wall 1
    doors: [{ rooms: ['own', 'hall'] as const, walls: [5, 1] as const, leftM: [1, 1] as const, widthM: 0.9, heightM: 2.1 }],
  };
  const of: DayRequest = { ...boxDay, room: joined as unknown as DayRequest['room'] };
  const found = facets(NOON, { of });

  test('the next room is seen, where it lies', () => {
    expect(found).toHaveLength(8 + 6);
    // it lies beyond x = 0, and touches it
    const xs = found.slice(8).flatMap((f) => f.points.map((p) => p[0]));
    expect(Math.max(...xs)).toBeCloseTo(0, 1);
    expect(Math.min(...xs)).toBeCloseTo(-4, 1);
  });

  test('the wall is open where the door is', () => {
    const inDoor = ([, y, z]: readonly number[]) => z! < 2.05 && y! > 3.15 && y! < 3.95;
    const { points, polygons } = found[5]!;
    const middles = polygons.map((at) => [0, 1, 2].map((c) => at.reduce((sum, k) => sum + points[k]![c]! / at.length, 0)));
    expect(middles.filter(inDoor)).toEqual([]);
    expect(middles.length).toBeGreaterThan(10);
  });
});
