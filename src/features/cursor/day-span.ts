import type { DayAnswer } from '@/core/engine/light-protocol';

/** Moments a ribbon shows of a day: from an hour before the first light, or five o'clock, to an hour after the last, or 22:30. */
export function spanOf({ moments, sun }: Pick<DayAnswer, 'moments' | 'sun'>): { readonly first: number; readonly last: number } {
  const HOUR = 4;
  const lit = sun.flatMap((p, m) => (p.altitudeDeg > -6 ? [m] : []));
  const usual = { first: 5 * HOUR, last: Math.round(22.5 * HOUR) };
  const first = Math.min(usual.first, (lit[0] ?? usual.first) - HOUR);
  const last = Math.max(usual.last, (lit.at(-1) ?? usual.last) + HOUR);
  return { first: Math.max(0, first), last: Math.min(moments.length - 1, last) };
}

/** Faintest light that has a height, lx. */
const LEAST_LUX = 3;

/** Height of a bar, 0–1: by the logarithm, as the eye takes light. */
export function heightOf(lux: number, mostLux: number): number {
  if (lux <= LEAST_LUX) return 0;
  return Math.min(1, Math.log(lux / LEAST_LUX) / Math.log(Math.max(mostLux, 1000) / LEAST_LUX));
}
