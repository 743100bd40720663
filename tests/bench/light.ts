import { engineRoomOf, preparedFor } from '@/core/engine/engine-rooms';
import type { AnyDescription, JoinedDescription } from '@/core/light/any-room';
import { plannedRoomSchema } from '@/core/light/plan/planned-description';
import { boxPlan } from '@/core/room/plan';
import { PATCHES } from '@/core/light/box';
import { dayLight } from '@/core/light/day-light';
import { dayMoments } from '@/core/light/day-moments';
import { prepareRoom } from '@/core/light/prepare-room';
import { shapeOf } from '@/core/light/room-shape';
import { usualPositions } from '@/core/light/sample-positions';
import { glassOf, panesOf, type LightRoom } from '@/core/light/light-room';
import { greyRoom, openWindow, paint, plainLamp } from '../light-room';
import { against, medianSeconds, SMOKE } from './measure';

const PLACE = { latitude: 51.45, longitude: -2.59 };
const DATE = '2026-06-21';
/** 64 moments: sixteen hours of a long day in quarters, from half past four. */
const MOMENTS = dayMoments(DATE, 'Europe/London').slice(18, 82);

function benchRoom(): LightRoom {
  const cream = paint(90, 0.6, 14.4);
  const window = { glass: glassOf('double'), panes: panesOf('double'), revealM: 0.1, obstructionDeg: 12 };
  return greyRoom({
    bearingDeg: 285,
    walls: [cream, cream, cream, cream],
    floor: paint(51, 9.6, 21.8),
    ground: paint(40, -12, 22),
    windows: [openWindow(window), openWindow({ ...window, wall: 1, widthM: 1.1 })],
    lamps: [plainLamp()],
  });
}

/** From nothing known of the room to the whole day at five positions. */
function wholeDay(room: LightRoom, patches: number): void {
  const prepared = prepareRoom(room, usualPositions(room).slice(0, 5), shapeOf(room, patches));
  dayLight(prepared, { moments: MOMENTS, place: PLACE, date: DATE, skies: MOMENTS.map(() => 'clear' as const) });
}

/** An L with a bay: eight walls, three panes, a window in the arm. */
const L_WITH_BAY = plannedRoomSchema.parse({
  plan: [
    [0, 0],
    [2.4, 0],
    [2.9, -0.5],
    [4.3, -0.5],
    [4.8, 0],
    [6.6, 0],
    [6.6, 3.2],
    [3.6, 3.2],
    [3.6, 5.6],
    [0, 5.6],
  ],
  heightM: 2.6,
  bearingDeg: 170,
  surfaces: { walls: { lab: [86, 1, 8] }, floor: { lab: [55, 8, 20] }, ceiling: { lab: [94, 0, 2] } },
  windows: [
    { wall: 2, leftM: 0.1, sillM: 0.6, widthM: 1.2, heightM: 1.5 },
    { wall: 1, leftM: 0.05, sillM: 0.6, widthM: 0.6, heightM: 1.5 },
    { wall: 3, leftM: 0.05, sillM: 0.6, widthM: 0.6, heightM: 1.5 },
    { wall: 9, leftM: 1, sillM: 0.9, widthM: 1.4, heightM: 1.2 },
  ],
});
const boxOf = (widthM: number, depthM: number, windows: object[]) =>
  plannedRoomSchema.parse({ plan: boxPlan(widthM, depthM), heightM: 2.5, windows, surfaces: L_WITH_BAY.surfaces });
const WINDOW = { wall: 0, leftM: 1, sillM: 0.9, widthM: 1.4, heightM: 1.2 };
const JOINED = {
  rooms: { hall: boxOf(1.6, 5, []), den: boxOf(4, 4, [WINDOW]), study: boxOf(3, 3.4, [WINDOW]), kitchen: L_WITH_BAY },
  doors: [
    { rooms: ['hall', 'den'], walls: [1, 3], leftM: [0.4, 1], widthM: 0.84, heightM: 2.04 },
    { rooms: ['hall', 'study'], walls: [1, 3], leftM: [3, 1], widthM: 0.84, heightM: 2.04 },
    { rooms: ['hall', 'kitchen'], walls: [3, 6], leftM: [2, 1], widthM: 0.84, heightM: 2.04 },
  ],
} satisfies JoinedDescription;

/** From nothing known of it to the whole day at every position of a room of any plan, and of a hall among the three it has light from. */
function plannedDay(description: AnyDescription): void {
  const { room } = engineRoomOf(description);
  const prepared = preparedFor(room, 'usual', shapeOf);
  dayLight(prepared, { moments: MOMENTS, place: PLACE, date: DATE, skies: MOMENTS.map(() => 'clear' as const) });
}

/** The light of a day, how it grows with patches, and what memory it takes. */
export function benchLight(): void {
  const room = benchRoom();
  const times = (SMOKE ? [60, 90] : [150, PATCHES.least, 600]).map((patches) => ({
    patches,
    seconds: medianSeconds(() => wholeDay(room, patches), 3),
  }));
  for (const { patches, seconds } of times) {
    const name = `a day: 64 moments × 5 positions, at most ${patches} patches`;
    against(name, 1000 * seconds, 600, 'ms');
  }
  const [few, many] = [times[0]!, times.at(-1)!];
  const growth = Math.log(many.seconds / few.seconds) / Math.log(many.patches / few.patches);
  process.stdout.write(`${'which grows with the patches to the power of'.padEnd(58)} ${growth.toFixed(2).padStart(10)}\n`);
  against('memory of the process with it all', process.memoryUsage().rss / 1e6, 300, 'MB');
  const times3 = SMOKE ? 1 : 3;
  against(
    'a day of an L with a bay, ten positions and more',
    medianSeconds(() => plannedDay(L_WITH_BAY), times3),
    1.5,
    's',
  );
  against(
    'a day of a hall among three rooms it has light from',
    medianSeconds(() => plannedDay(JOINED), times3),
    5,
    's',
  );
}
