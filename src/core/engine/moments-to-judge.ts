import type { JudgedMoment } from '../judge/room-score';
import { wallClock } from '../light/time-zone';
import { lightsOf, midday, sceneAt, type KnownDay } from './known-days';

/** Under so many lux by day nobody judges a colour by the window alone. */
const DAYLIT_LUX = 20;
/** Moments under a clear sky, and under cloud. */
const CLEAR = 6;
const OVERCAST = 3;

type Days = { readonly clear: KnownDay; readonly grey: KnownDay; readonly zone: string };

function clock(at: number, zone: string): string {
  const minutes = Math.round(wallClock(at, zone).hours * 60);
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

/** Moments spread evenly over the daylit part of a day. */
function spread(known: KnownDay, place: number, { count, scale }: { readonly count: number; readonly scale: number }): number[] {
  const daylit = known.moments.flatMap((_, m) => (known.day.daylight[m]![place]!.lux * scale >= DAYLIT_LUX ? [m] : []));
  const picked = Array.from({ length: count }, (_, k) => daylit[Math.floor(((k + 0.5) / count) * daylit.length)]);
  return [...new Set(picked.filter((m) => m !== undefined))];
}

/**
 * The moments a shortlist is judged in: as in the deck; six over the day under a clear sky and three under cloud; the lamps alone, and the
 * lamps on a grey midday. Fewer where a room has no window, or no lamp.
 */
export function momentsToJudge({ clear, grey, zone }: Days, place: number, scale: number): JudgedMoment[] {
  const through = (known: KnownDay, count: number, sky: string) =>
    spread(known, place, { count, scale }).map((m) => ({
      name: `${clock(known.moments[m]!, zone)}, ${sky}`,
      scene: sceneAt(lightsOf(known, m, false), place, scale),
    }));
  const lit = clear.day.lamps[place]!.lux > 0;
  const noon = midday(grey);
  const byLamps = [
    { name: 'after dark, lamps', scene: sceneAt(clear.day.lamps, place, scale) },
    {
      name: `${clock(grey.moments[noon]!, zone)}, overcast with lamps`,
      scene: sceneAt(lightsOf(grey, noon, true), place, scale),
    },
  ];
  const found = [...through(clear, CLEAR, 'clear sky'), ...through(grey, OVERCAST, 'overcast'), ...(lit ? byLamps : [])];
  return [{ name: 'as in the deck', scene: undefined }, ...found.filter((m) => m.scene !== undefined)];
}
