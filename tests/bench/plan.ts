import { housePlan } from '@/core/engine/house-plan';
import type { NamedSwatch, RoomToPlan } from '@/core/engine/plan-protocol';
import { toTheEnd } from '@/core/engine/steps';
import type { JudgedStay } from '@/core/engine/judgement-protocol';
import { describeBox } from '@/core/derived/describe-room';
import { room, roomLamp, roomWindow } from '../made-up-room';
import { against, medianSeconds } from './measure';

const ZONE = 'Europe/London';
const place = { latitude: 51.45, longitude: -2.59 };
const DATE = '2026-09-23';
const COLOURS = [
  [92, 0.5, 6],
  [76, 1.2, 8],
  [80, 4, 13],
  [70, -3, 4],
  [66, -2, -6],
  [28, 0, -14],
  [60, 4, 7],
  [88, 1, 16],
  [72, -6, -14],
  [52, 20, 22],
  [72, 2, 18],
  [74, 3, -3],
].map(([l, a, b], k): NamedSwatch => ({ id: `c${k}`, name: `Colour ${k}`, lab: { l: l!, a: a!, b: b! }, population: 'paint' }));
const stay = (id: string, l: number, a: number, b: number): JudgedStay => ({
  id,
  name: id,
  kind: 'fixed',
  school: 'share',
  components: [{ id: `${id}0`, name: 'field', share: 1, lab: { l, a, b } }],
});
const STAYS = [stay('floor', 51, 9, 20), stay('stone', 77, 4, 14), stay('trim', 94, 0, 4), stay('sofa', 55, 0, 2)];

/** Six rooms that face round the compass, one with two windows; `n` makes them new to every cache. */
const house = (n: number): RoomToPlan[] =>
  [0, 45, 90, 180, 270, 315].map((bearingDeg, k) => ({
    roomId: `r${k}`,
    lit: {
      day: {
        room: describeBox(
          room({
            bearingDeg,
            widthM: 4 + n / 1000,
            depthM: 5,
            heightM: 2.6,
            windows: [roomWindow({ widthM: 1.8, heightM: 1.4 }), ...(k === 3 ? [roomWindow({ id: 'w2', wall: 1 })] : [])],
            lamps: [roomLamp({ lumens: 1500 })],
          }),
        ).description,
        place,
        date: DATE,
        zone: ZONE,
      },
      lookIn: { position: 'wall-2', lampsOn: false, scale: 1 },
      usedFor: { use: 'all', skies: null },
    },
    candidates: COLOURS,
    stays: STAYS,
    kept: [],
    dropped: [],
  }));

/** The plan of a whole house, from rooms nothing is known of; and again, as when a look was taken or the weather changed. */
export function benchPlan(): void {
  let n = 0;
  const visit = [Date.parse(`${DATE}T09:00Z`), Date.parse(`${DATE}T12:00Z`)] as const;
  const plan = (rooms: readonly RoomToPlan[]) =>
    toTheEnd(housePlan({ rooms, toleranceE: 3, visit, skies: ['clear', 'broken'], dryAt: null }));
  const anew = medianSeconds(() => plan(house(++n)), 3);
  against('a plan of looks: 6 rooms × 12 colours, rooms not known yet', anew, 1.8, 's');
  const same = house(n);
  against('the same planned again', 1000 * medianSeconds(() => plan(same), 3), 1500, 'ms');
}
