import { all } from '../../../tests/all';
import { day, lookIn } from '../../../tests/lit-room';
import { drawnAt, NOTHING_ON, onAllWalls } from '../../../tests/standing';
import { seenIn } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import { labFromHex } from '../colour/srgb';
import { FACES } from '../light/box';
import { facesOf, type LightRoom } from '../light/light-room';
import { dayOf, lightsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { Swatch } from './light-protocol';
import type { Dress } from './standing-dress';
import { LAYERS } from './standing-face';
import { standingRoom } from './standing-room';
import { toTheEnd } from './steps';

const NOON = 50;
const { widthM, depthM, heightM } = (roomOf(day.room).room as LightRoom).box;
function shown(moment: number, { lampsOn = false, dress = null }: { lampsOn?: boolean; dress?: Dress | null } = {}) {
  const answer = toTheEnd(standingRoom({ day, moment, lookIn: { ...lookIn, lampsOn }, dress }));
  if (!answer.ok) throw new Error(answer.reason);
  return answer;
}
const facets = (moment: number, of: Parameters<typeof shown>[1] = {}) => shown(moment, of).facets!;
/** Where the wall that is judged at has its middle. */
const OPPOSITE = [widthM / 2, depthM, heightM / 2];
const swatch = (id: string, l: number, a: number, b: number): Swatch => ({ id, lab: { l, a, b } });
const sun = (of: ReturnType<typeof facets>[number]) => of.pieces.filter((p) => p.layer >= LAYERS.sun);

test.each([
  ['by day', NOON, false],
  ['by lamps', 0, true],
])('%s the wall that is judged at has the colour the bench shows there', (_, moment, lampsOn) => {
  const known = toTheEnd(dayOf(day));
  const { room } = roomOf(day.room);
  const scene = sceneAt(lightsOf(known, moment, lampsOn), placeOf(room, lookIn.position), 1)!;
  const bench = seenIn(scene)(facesOf(room as LightRoom)[2]!);
  const drawn = drawnAt(facets(moment, { lampsOn })[2]!, OPPOSITE);
  expect(deltaE00(labFromHex(drawn), labFromHex(bench.hex))).toBeLessThan(1);
});

test('every face is there, with a colour at each of its points; windows lie in their wall, and sun falls in the afternoon', () => {
  const found = facets(NOON);
  expect(found).toHaveLength(FACES.length);
  expect(all(found, ({ points, tones }) => tones.length === 1 && tones[0]!.length === 3 * points.length)).toBe(true);
  expect(
    all(
      found.flatMap((f) => [...f.tones[0]!]),
      (v) => v >= 0 && v <= 255,
    ),
  ).toBe(true);
  expect(found[0]!.pieces.filter((p) => p.layer === LAYERS.window)).toHaveLength(1);
  expect(found.some((f) => sun(f).length > 0)).toBe(true);
  // what faces inward faces inward
  const [middle] = [[widthM / 2, depthM / 2, heightM / 2]];
  for (const { inward, points } of found)
    expect(inward.reduce((sum, c, k) => sum + c * (middle![k]! - points[0]![k]!), 0)).toBeGreaterThan(0);
});

test('other walls are seen on the walls, and tint what they light', () => {
  const [before, red] = [facets(NOON), facets(NOON, { dress: onAllWalls(swatch('red', 45, 50, 30)) })];
  const a = (of: typeof before, f: number, at: number[]) => labFromHex(drawnAt(of[f]!, at)).a;
  expect(a(red, 2, OPPOSITE)).toBeGreaterThan(a(before, 2, OPPOSITE) + 20);
  const above = [widthM / 2, depthM / 2, heightM];
  expect(a(red, 5, above)).toBeGreaterThan(a(before, 5, above) + 3);
});

test('a floor of two colours has both at each place, each as it would look alone there', () => {
  const [oak, slate] = [swatch('oak', 62, 9, 24), swatch('slate', 35, -1, -4)];
  const floor = { swatches: [oak, slate], laid: { key: 'floor', wideM: 3 } };
  const two = facets(NOON, { dress: { ...NOTHING_ON, floor } })[4]!;
  const one = facets(NOON, { dress: { ...NOTHING_ON, floor: { swatches: [slate], laid: null } } })[4]!;
  expect(two.tones).toHaveLength(2);
  expect(two.tones[1]).toEqual(one.tones[0]);
  expect(two.lies!.at).toHaveLength(two.points.length);
  // a width of the picture is three metres
  const k = two.points.findIndex(([x, y]) => x > 1 && y > 1);
  const [x, y] = two.points[k]!;
  expect(two.lies!.at[k]![0]).toBeCloseTo(x / 3, 6);
  expect(two.lies!.at[k]![1]).toBeCloseTo(y / 2, 6);
  // the sun on it has both, too
  expect(all(sun(two), (p) => p.tones.length === 2)).toBe(true);
});

test('the sun on what hangs on a wall has the colour of that, over the sun on the wall', () => {
  const f = [0, 1, 2, 3].find((wall) => sun(facets(NOON)[wall]!).length > 0);
  const moment =
    f === undefined
      ? [40, 44, 56, 60, 64].find((m) =>
          facets(m)
            .slice(0, 4)
            .some((w) => sun(w).length > 0),
        )!
      : NOON;
  const wall = f ?? facets(moment).findIndex((w, k) => k < 4 && sun(w).length > 0);
  const long = wall % 2 === 0 ? widthM : depthM;
  const part = {
    wall,
    rect: { s0: 0, s1: long, z0: 0, z1: heightM },
    covering: { swatches: [swatch('red', 45, 55, 30)], laid: null },
    layer: 'hung' as const,
  };
  const on = sun(facets(moment, { dress: { ...NOTHING_ON, parts: [part] } })[wall]!);
  const over = on.filter((p) => p.layer > LAYERS.sun);
  expect(over.length).toBeGreaterThan(0);
  expect(labFromHex(over[0]!.tones[0]![0]!).a).toBeGreaterThan(labFromHex(on[0]!.tones[0]![0]!).a + 20);
});

test('a thing stands as a box: its top lit as the floor is, its sides as walls that face as they do', () => {
  const white = swatch('white', 92, 0, 2);
  const thing = {
    id: 'sofa',
    atM: [0.5, 1] as const,
    widthM: 2,
    depthM: 0.9,
    fromM: 0,
    toM: 0.8,
    covering: { swatches: [white], laid: null },
  };
  const { things } = shown(NOON, { dress: { ...NOTHING_ON, things: [thing] } });
  expect(things).toHaveLength(5);
  const [top, front] = things;
  expect(all(top!.corners, (c) => c[2] === 0.8)).toBe(true);
  // the side that faces the window wall is lit as the wall opposite the window is: more than the one that turns its back
  const light = (p: (typeof things)[number]) => labFromHex(p.tones[0]![0]!).l;
  expect(light(front!)).toBeGreaterThan(light(things[3]!));
});

test('in the dark nothing is shown', () => expect(shown(0).facets).toBeNull());
