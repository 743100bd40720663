import type { Habits } from './habits';
import { inUnits } from './length';
import { inAmerican } from './local-words';

/** The months as they are written out and in short. */
const MONTH =
  'January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept|Sep|Oct|Nov|Dec';
const DATE = new RegExp(
  `\\b(?:((?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|Mon|Tue|Wed|Thu|Fri|Sat|Sun),? )?(\\d{1,2}) (${MONTH})\\b(?: (\\d{4})\\b)?`,
  'g',
);

/** "Wednesday 23 September 2026" as "Wednesday, September 23, 2026". */
const monthFirst = (text: string): string =>
  text.replace(DATE, (...found: (string | undefined)[]) => {
    const [, weekday, day, month, year] = found;
    return `${weekday ? `${weekday}, ` : ''}${month} ${day}${year ? `, ${year}` : ''}`;
  });

/** "16:30" as "4:30 pm". */
const twelveHours = (text: string): string =>
  text.replace(/(?<![\d:.])([01]?\d|2[0-4]):([0-5]\d)(?![\d:]| ?[ap]m\b)/g, (_, h: string, minutes: string) => {
    const hour = Number(h) % 24;
    return `${hour % 12 === 0 ? 12 : hour % 12}:${minutes} ${hour < 12 ? 'am' : 'pm'}`;
  });

/**
 * Says a text of the application, which is written in British words, metres, a clock of 24 hours and the day first, as is usual
 * somewhere.
 */
export function localText(text: string, { units, clock, dates, words }: Habits): string {
  let said = inUnits(text, units);
  if (dates === 'month') said = monthFirst(said);
  if (clock === '12') said = twelveHours(said);
  return words === 'american' ? inAmerican(said) : said;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Shorter names are words as well. */
const LEAST_NAME = 3;

/**
 * How a visit speaks: {@link localText}, but for the names and words that people gave, which stay as they are wherever they stand.
 *
 * @param own names and texts of the visit
 */
export function localSpeech(habits: Habits, own: Iterable<string>): (text: string) => string {
  const kept = [...new Set(own)].filter((name) => name.trim().length >= LEAST_NAME && localText(name, habits) !== name);
  if (kept.length === 0) return (text) => localText(text, habits);
  const names = new RegExp(
    `(${kept
      .sort((p, q) => q.length - p.length)
      .map(escaped)
      .join('|')})`,
  );
  return (text) =>
    text
      .split(names)
      .map((part, k) => (k % 2 === 1 ? part : localText(part, habits)))
      .join('');
}

/** Every text of a value, said otherwise; numbers, keys and everything else as they are. */
export function inSpeech<T>(value: T, say: (text: string) => string, kept: ReadonlySet<string>): T {
  if (typeof value === 'string') return say(value) as T;
  if (Array.isArray(value)) return value.map((one: unknown) => inSpeech(one, say, kept)) as T;
  if (value === null || typeof value !== 'object' || Object.getPrototypeOf(value) !== Object.prototype) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, kept.has(key) ? (one as unknown) : inSpeech(one as unknown, say, kept)]),
  ) as T;
}
