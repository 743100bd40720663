import type { Dress } from './standing-dress';
import type { LightRoom } from '../light/light-room';
import { deltaE00 } from '../colour/ciede2000';
import { labFromHex } from '../colour/srgb';
import { all } from '../../../tests/all';
import { day, lookIn } from '../../../tests/lit-room';
import { seenIn } from '../appearance/scene';
import { facesOf } from '../light/light-room';
import { FACES } from '../light/box';
import { dayOf, lightsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { Swatch } from './light-protocol';
import { standingRoom, type ShownFace } from './standing-room';
import { toTheEnd } from './steps';

const onAllWalls = (swatch: Swatch): Dress => ({ walls: [0, 1, 2, 3, 4, 5].map(() => swatch), ceiling: null, parts: [] });
const NOON = 50;
const faces = (moment: number, lampsOn = false, walls: Swatch | null = null): readonly ShownFace[] | null => {
  const answer = toTheEnd(standingRoom({ day, moment, lookIn: { ...lookIn, lampsOn }, dress: walls && onAllWalls(walls) }));
  if (!answer.ok) throw new Error(answer.reason);
  return answer.faces;
};
/** The colour in the middle of a face, between the lines around it as it is drawn. */
function middleOf({ us, vs, rgb }: ShownFace) {
  const [u, v] = [(us[0]! + us.at(-1)!) / 2, (vs[0]! + vs.at(-1)!) / 2];
  const at = (lines: readonly number[], x: number) => Math.min(lines.length - 2, Math.max(0, lines.findIndex((l) => l > x) - 1));
  const [i, j] = [at(us, u), at(vs, v)];
  const [s, t] = [(u - us[i]!) / (us[i + 1]! - us[i]!), (v - vs[j]!) / (vs[j + 1]! - vs[j]!)];
  const corner = (di: number, dj: number, k: number) => rgb[((j + dj) * us.length + i + di) * 3 + k]!;
  const hex = [0, 1, 2].map((k) => {
    const [low, high] = [0, 1].map((dj) => (1 - s) * corner(0, dj, k) + s * corner(1, dj, k));
    return Math.round((1 - t) * low! + t * high!)
      .toString(16)
      .padStart(2, '0');
  });
  return labFromHex(`#${hex.join('')}`);
}

test.each([
  ['by day', NOON, false],
  ['by lamps', 0, true],
])('%s the wall that is judged at has the colour the bench shows there', (_, moment, lampsOn) => {
  const known = toTheEnd(dayOf(day));
  const { room } = roomOf(day.room);
  const scene = sceneAt(lightsOf(known, moment, lampsOn), placeOf(room, lookIn.position), 1)!;
  const bench = seenIn(scene)(facesOf(room as LightRoom)[2]!);
  expect(deltaE00(middleOf(faces(moment, lampsOn)![2]!), labFromHex(bench.hex))).toBeLessThan(1);
});

test('every face is there, with as many colours as its lines cross; windows lie in their wall, and sun falls in the afternoon', () => {
  const found = faces(NOON)!;
  expect(found).toHaveLength(FACES.length);
  expect(all(found, ({ us, vs, rgb }) => rgb.length === us.length * vs.length * 3)).toBe(true);
  expect(
    all(
      found.flatMap((f) => [...f.rgb]),
      (v) => v >= 0 && v <= 255,
    ),
  ).toBe(true);
  expect(found[0]!.pieces.length).toBeGreaterThanOrEqual(1);
  expect(found.slice(1).some((f) => f.pieces.length > 0)).toBe(true);
});

test('other walls are seen on the walls, and tint what they light', () => {
  const [before, red] = [faces(NOON)!, faces(NOON, false, { id: 'red', lab: { l: 45, a: 50, b: 30 } })!];
  expect(middleOf(red[2]!).a).toBeGreaterThan(middleOf(before[2]!).a + 20);
  expect(middleOf(red[5]!).a).toBeGreaterThan(middleOf(before[5]!).a + 3);
});

test('in the dark nothing is shown', () => expect(faces(0)).toBeNull());
