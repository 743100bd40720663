/** Under these ratios two surfaces give back about the same light, and hardly more or less. Own choice. */
const ABOUT_THE_SAME = 1.1;
const A_LITTLE = 1.35;

const times = (ratio: number): string => {
  if (ratio < A_LITTLE) return 'a little more light than';
  if (ratio < 1.75) return 'half as much light again as';
  if (ratio < 2.5) return 'twice the light of';
  return `${Math.round(ratio)} times the light of`;
};
const PARTS = [
  '',
  '',
  'half',
  'a third of',
  'a quarter of',
  'a fifth of',
  'a sixth of',
  'a seventh of',
  'an eighth of',
  'a ninth of',
  'a tenth of',
];
const part = (ratio: number): string => {
  if (ratio < A_LITTLE) return 'a little less light than';
  if (ratio < 1.75) return 'two thirds of the light of';
  const n = Math.round(ratio);
  return n < PARTS.length ? `${PARTS[n]!} the light of` : 'hardly any light beside';
};

/**
 * How much light a surface gives back beside another, in words: LRV as a ratio, which says more to a client than points. A colour of LRV 86
 * gives back about ten times the light of one of LRV 8: common practice, no source.
 *
 * @param lrv 0–100; @param other 0–100, above 0
 * @example sayLightRatio(86, 8, 'the wall') // → "gives back 11 times the light of the wall"
 */
export function sayLightRatio(lrv: number, other: number, what: string): string {
  const ratio = lrv / other;
  if (ratio < ABOUT_THE_SAME && ratio > 1 / ABOUT_THE_SAME) return `gives back about the light of ${what}`;
  return `gives back ${ratio > 1 ? times(ratio) : part(1 / Math.max(ratio, 1e-3))} ${what}`;
}
