import { dayMoments } from '../light/day-moments';
import { wallClock } from '../light/time-zone';
import { lightsOfUse, weighed } from './advised-room';
import { cannotBe, daylightAt, placeOf, roomOf } from './known-days';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import type { SeasonAnswer, SeasonMonth, SeasonRequest, SeasonRuling } from './plan-protocol';
import type { Steps } from './steps';
import { tinted } from './light-tint';
import { worstBeside } from './worst-beside';

/** Hours of the clock that a month's column shows. */
const HOURS = [6, 8, 10, 12, 14, 16, 18, 20] as const;
/** The day that stands for a month: about that of solstice and equinox. */
const DAY = 21;
/** Months in which the lights of use are judged: both solstices and both equinoxes. */
const JUDGED = [3, 6, 9, 12] as const;

const dateOf = (year: string, month: number): string => `${year}-${String(month).padStart(2, '0')}-${DAY}`;

/** A room through the year under a clear sky, and what is predicted of its colours in the lights of use of each season. */
export function* season({ lit, stays, candidates }: SeasonRequest): Steps<SeasonAnswer | NoAnswer> {
  const { room, problem } = roomOf(lit.day.room);
  if (problem) return cannotBe(problem);
  const place = placeOf(room, lit.lookIn.position);
  const { zone } = lit.day;
  const year = lit.day.date.slice(0, 4);
  const months: SeasonMonth[] = [];
  for (let month = 1; month <= 12; month++) {
    const date = dateOf(year, month);
    const moments = dayMoments(date, zone);
    const hours = HOURS.map((hour) => {
      const at = moments.find((m) => wallClock(m, zone).hours >= hour)!;
      const light = daylightAt({ ...lit.day, date, at, sky: 'clear' })[place]!;
      const scaled = { ...light, lux: light.lux * lit.lookIn.scale };
      return { hour, lux: scaled.lux, hex: tinted(scaled).hex };
    });
    months.push({ month, hours });
    yield (0.4 * month) / 12;
  }
  const surfaces = candidates.map((c) => surfacesOf(c)[0]!);
  const rulings: SeasonRuling[] = [];
  for (const [k, month] of JUDGED.entries()) {
    // the lights handed along are today's
    const lights = yield* lightsOfUse({ ...lit, day: { ...lit.day, date: dateOf(year, month) }, lights: undefined });
    yield 0.4 + (0.6 * (k + 1)) / JUDGED.length;
    if ('ok' in lights) continue;
    const judge = worstBeside(stays, weighed(lights));
    rulings.push({ month, colours: candidates.map((c, n) => ({ id: c.id, lights: judge(surfaces[n]!) })) });
  }
  return { ok: true, months, rulings };
}
