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
}
