import type { Swatch } from './light-protocol';
import type { Dress } from './standing-dress';
import { deltaE00 } from '../colour/ciede2000';
import { labFromHex } from '../colour/srgb';
import { seenIn } from '../appearance/scene';
import { plannedDescription } from '../derived/describe-room';
import { plainShape } from '../../../tests/made-shapes';
import { day as boxDay, lookIn } from '../../../tests/lit-room';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { dayOf, lightsOf, placeOf, roomOf, sceneAt } from './known-days';
import { isPlanned } from './engine-rooms';
import { standingRoom } from './standing-room';
import type { ShownFacet } from './standing-in-plan';
import { toTheEnd } from './steps';

const onAllWalls = (swatch: Swatch): Dress => ({ walls: [0, 1, 2, 3, 4, 5].map(() => swatch), ceiling: null, parts: [] });
const l = room({
  bearingDeg: 200,
  widthM: 7,
  depthM: 5,
  heightM: 2.6,
  windows: [roomWindow({ widthM: 1.8, heightM: 1.4, leftM: 1, sillM: 0.9 })],
  lamps: [roomLamp({ lumens: 1500, xM: 2, yM: 3 })],
  shape: plainShape('L'),
});
const day = { ...boxDay, room: plannedDescription(l) };
const NOON = 48;
const position = 'wall-4';
function facets(moment: number, lampsOn: boolean, walls: { id: string; lab: { l: number; a: number; b: number } } | null = null) {
  const found = toTheEnd(
    standingRoom({ day, moment, lookIn: { ...lookIn, position, lampsOn }, dress: walls && onAllWalls(walls) }),
  );
  if (!found.ok) throw new Error(JSON.stringify(found));
  return found.facets!;
}
/** The colour drawn at a place of a face: between the four points nearest to it, the nearer the more. */
function drawnAt({ points, rgb }: ShownFacet, at: readonly number[]): string {
  const away = (k: number) => Math.hypot(...points[k]!.map((c, n) => c - at[n]!));
  const near = [...points.keys()].sort((p, q) => away(p) - away(q)).slice(0, 4);
  const weights = near.map((k) => 1 / Math.max(1e-6, away(k)));
  const sum = weights.reduce((p, q) => p + q, 0);
  const part = (c: number) =>
    Math.round(near.reduce((all, k, n) => all + (weights[n]! * rgb[3 * k + c]!) / sum, 0))
      .toString(16)
      .padStart(2, '0');
  return `#${part(0)}${part(1)}${part(2)}`;
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
  const drawn = drawnAt(facets(moment, lampsOn)[4]!, [2, 5, 1.3]);
  expect(deltaE00(labFromHex(drawn), labFromHex(bench.hex))).toBeLessThan(1);
});

test('every wall, the floor and the ceiling are there; the window lies in its wall, and the sun falls past no corner', () => {
  const found = facets(NOON, false);
  expect(found).toHaveLength(8);
  for (const { points, rgb, polygons } of found) {
    expect(rgb).toHaveLength(3 * points.length);
    for (const at of polygons) expect(Math.max(...at)).toBeLessThan(points.length);
  }
  expect(found[0]!.pieces.length).toBeGreaterThan(0);
  const sun = found[6]!.pieces;
  expect(sun.length).toBeGreaterThan(5);
  // the window is in the long part: no sun on the floor of the arm behind the corner
  for (const { corners } of sun) for (const [x, y] of corners) expect(x > 4.1 && y > 2.1).toBe(false);
});

test('a colour that is tried is on the walls and nowhere else', () => {
  const [before, after] = [facets(NOON, false), facets(NOON, false, { id: 'deep', lab: { l: 40, a: 10, b: -20 } })];
  const l_ = (of: ShownFacet) => labFromHex(drawnAt(of, [2, 5, 1.3])).l;
  expect(l_(after[4]!)).toBeLessThan(l_(before[4]!) - 20);
  expect(l_(after[7]!)).toBeGreaterThan(l_(after[4]!) + 20);
});
