import { plainShape } from '../../../tests/made-shapes';
import { day } from '../../../tests/lit-room';
import { room, roomWindow } from '../../../tests/made-up-room';
import { viewOf } from '../appearance/scene';
import { plannedDescription } from '../derived/describe-room';
import { facesOf, type LightRoom } from '../light/light-room';
import { outdoorsAt } from '../light/outdoors';
import { patchLight } from '../light/patch-light';
import { plannedPatchLight } from '../light/plan/planned-patch-light';
import { luxOf, noLight } from '../light/spectral';
import type { Vector } from '../light/view-factor';
import { isPlanned, type Planned } from './engine-rooms';
import { roomOf, shapeFor } from './known-days';
import { plannedPatches } from './planned-shapes';
import type { LitFace } from './standing-face';
import { facesInBox } from './standing-in-box';
import { facesInPlan } from './standing-in-plan';
import { toTheEnd } from './steps';

const outdoors = outdoorsAt({ at: Date.UTC(2026, 8, 23, 11), place: day.place, date: day.date, sky: 'broken' });
const scene = { power: noLight().map(() => 1), lux: 300 };
const adapted = { eye: viewOf(scene), scene };

const cross = (p: Vector, q: Vector) =>
  Math.hypot(p[1] * q[2] - p[2] * q[1], p[2] * q[0] - p[0] * q[2], p[0] * q[1] - p[1] * q[0]);
const areaOf = ([o, ...rest]: readonly Vector[]): number => {
  const from = (q: Vector): Vector => [q[0] - o![0], q[1] - o![1], q[2] - o![2]];
  return rest.slice(1).reduce((sum, q, k) => sum + cross(from(rest[k]!), from(q)) / 2, 0);
};
/** Square metres of what is drawn, and the lumens on them. */
const drawn = (faces: readonly LitFace[]) =>
  faces
    .flatMap((f) => f.patches)
    .reduce(
      ({ areaM2, lumens }, { corners, light }) => ({
        areaM2: areaM2 + areaOf(corners),
        lumens: lumens + areaOf(corners) * luxOf(light),
      }),
      { areaM2: 0, lumens: 0 },
    );

test('all faces of a box are drawn with all of the light the core has on them', () => {
  const box = roomOf(day.room).room as LightRoom;
  const shape = shapeFor(box);
  const light = toTheEnd(patchLight(box, shape, outdoors, false));
  const total = shape.patched.patches.reduce((sum, { area }, p) => sum + area * luxOf(light[p]!), 0);
  const { areaM2, lumens } = drawn(facesInBox({ room: box, shape, light, outdoors }, adapted));
  const { widthM: w, depthM: d, heightM: h } = box.box;
  expect(areaM2).toBeCloseTo(2 * (w * d + w * h + d * h), 6);
  expect(lumens / total).toBeCloseTo(1, 9);
  expect(facesOf(box)).toHaveLength(6);
});

test('and all faces of an L', () => {
  const l = room({ widthM: 7, depthM: 5, heightM: 2.6, windows: [roomWindow({ widthM: 1.8 })], shape: plainShape('L') });
  const { room: as } = roomOf(plannedDescription(l));
  if (!isPlanned(as)) throw new Error('a box');
  const patches = plannedPatches(as);
  const light = toTheEnd(plannedPatchLight(patches, outdoors, false));
  const total = patches.known.patches.reduce((sum, { area }, p) => sum + area * luxOf(light[p]!), 0);
  const on = { walls: [], ceiling: null, slopes: [] };
  const { own, beyond } = toTheEnd(facesInPlan({ as: as as Planned, on, outdoors, lampsOn: false, scale: 1, adapted }));
  const { areaM2, lumens } = drawn(own);
  // a floor of 4 × 5 and 3 × 2 m, walls 24 m round
  expect(areaM2).toBeCloseTo(2 * 26 + 24 * 2.6, 6);
  expect(lumens / total).toBeCloseTo(1, 9);
  expect(beyond).toEqual([]);
});
