import { all } from '../../../tests/all';
import { describeBox } from '../derived/describe-room';
import { room as madeUp, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { lightRoomOf } from './light-room-of';
import { outdoorsAt, outdoorsDark, outdoorsGiven } from './outdoors';
import { patchLight } from './patch-light';
import { prepareRoom } from './prepare-room';
import { illuminance } from './receiver';
import { shapeOf } from './room-shape';
import { luxOf } from './spectral';
import { sunPatches } from './sun-patch';
import { eachLitPatch } from './transfers';
import type { LightRoom } from './light-room';
import type { Outdoors } from './outdoors';

const ROOM = lightRoomOf(
  describeBox(
    madeUp({ bearingDeg: 200, windows: [roomWindow({ widthM: 1.6, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1200 })] }),
  ).description,
);
const SHAPE = shapeOf(ROOM);
const CEILING = 5;

function forward(room: LightRoom, outdoors: Outdoors, lampsOn: boolean): number[] {
  const steps = patchLight(room, SHAPE, outdoors, lampsOn);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value.map(luxOf);
  }
}
/** Patches on which no sun falls. */
function inShade(room: LightRoom, outdoors: Outdoors): ReadonlySet<number> {
  const lit = new Set<number>();
  for (const patchOfSun of sunPatches(room, outdoors.sun)) eachLitPatch(SHAPE, patchOfSun, (p) => lit.add(p));
  return new Set(SHAPE.patched.patches.map((_, p) => p).filter((p) => !lit.has(p)));
}
/** The same at the middles of patches, solved backwards. */
function backwards(room: LightRoom, outdoors: Outdoors, lampsOn: boolean, picked: readonly number[]): number[] {
  const { patches, faces } = SHAPE.patched;
  const receivers = picked.map((p) => {
    const { face, corners } = patches[p]!;
    const { plane } = faces[face]!;
    const normal: [number, number, number] = [0, 0, 0];
    normal[plane.axis] = plane.inward;
    const at = ([0, 1, 2] as const).map((k) => corners.reduce((s, c) => s + c[k]! / corners.length, 0)) as [
      number,
      number,
      number,
    ];
    return { name: `${p}`, at, normal };
  });
  return prepareRoom(room, receivers, SHAPE)
    .lightAt(outdoors, lampsOn)
    .map((light) => illuminance(light).total);
}

test.each([
  ['under an overcast sky', outdoorsGiven({ type: 'traditional-overcast', horizontalLux: 10_000 }), false],
  [
    'in the sun of an afternoon',
    outdoorsAt({ at: Date.UTC(2026, 8, 23, 14), place: { latitude: 51.45, longitude: -2.59 }, date: '2026-09-23', sky: 'clear' }),
    false,
  ],
  ['by its lamps', outdoorsDark(), true],
])('%s every patch has the light that is found backwards', (_, outdoors, lampsOn) => {
  const light = forward(ROOM, outdoors, lampsOn);
  // patches by the window are large for what changes there: those in the middle of the faces are compared
  const shade = inShade(ROOM, outdoors);
  const picked = SHAPE.patched.faces
    .map(({ first, us, vs }) => first + (us.length - 1) * ((vs.length - 1) >> 1) + ((us.length - 1) >> 1))
    // what the sun shines on is drawn apart; over a lamp the ceiling is another light at every hand's breadth
    .filter((p, face) => shade.has(p) && !(lampsOn && face === CEILING));
  expect(picked.length).toBeGreaterThanOrEqual(4);
  const other = backwards(ROOM, outdoors, lampsOn, picked);
  picked.forEach((p, k) => {
    const off = light[p]! / other[k]! - 1;
    expect([p, Math.abs(off) < 0.06 ? 'alike' : off]).toEqual([p, 'alike']);
  });
});

test('no light outside and no lamp: no patch has any', () => {
  expect(all(forward(ROOM, outdoorsDark(), false), (lux) => lux === 0)).toBe(true);
});
