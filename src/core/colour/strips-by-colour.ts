import { familyOf, type Family } from './family';
import { hueDeg } from './lab';
import type { Lab } from './types';

/** Where a colour stands: its strip and its step on it, 1 the lightest. */
export type Strip = { readonly strip: string; readonly step: number };

/** Steps on a made strip at most. Own choice: as many as fit one under another. */
const MOST_STEPS = 7;

/**
 * Strips for colours whose maker names none: each family in order of hue, parted into strips of at most seven, the lightest first.
 *
 * @param labs D65, 10°
 * @returns one place for each, in their order
 */
export function stripsByColour(labs: readonly Lab[]): Strip[] {
  const families = new Map<Family, number[]>();
  labs.forEach((lab, i) => {
    const family = familyOf(lab);
    families.set(family, [...(families.get(family) ?? []), i]);
  });
  const places: Strip[] = [];
  for (const [family, members] of families) {
    const byHue = [...members].sort((p, q) => hueDeg(labs[p]!) - hueDeg(labs[q]!) || p - q);
    const count = Math.ceil(byHue.length / MOST_STEPS);
    for (let s = 0; s < count; s++) {
      const part = byHue.slice(Math.round((s * byHue.length) / count), Math.round(((s + 1) * byHue.length) / count));
      const byDepth = part.sort((p, q) => labs[q]!.l - labs[p]!.l || p - q);
      byDepth.forEach((i, k) => (places[i] = { strip: count === 1 ? family : `${family} ${s + 1}`, step: k + 1 }));
    }
  }
  return places;
}

/**
 * Lightness between two steps that can be told apart on a wall, and the least and most that count as "two steps". Common practice, no
 * source; own figures.
 */
const TWO_STEPS = { least: 5, wanted: 10, most: 20 } as const;

/**
 * The colour that is two visible steps lighter (by −1) or deeper (by 1) than another and nearest to it in hue and chroma; undefined where
 * none is.
 *
 * @param labOf D65, 10°
 */
export function nearestInDepth<T>(colours: readonly T[], from: T, by: -1 | 1, labOf: (colour: T) => Lab): T | undefined {
  const start = labOf(from);
  const cost = (colour: T): number => {
    const lab = labOf(colour);
    const step = by * (start.l - lab.l);
    if (step < TWO_STEPS.least || step > TWO_STEPS.most) return Infinity;
    return Math.hypot(lab.a - start.a, lab.b - start.b) + 0.3 * Math.abs(step - TWO_STEPS.wanted);
  };
  let found: T | undefined;
  let least = Infinity;
  for (const colour of colours) {
    const of = cost(colour);
    if (of < least) [found, least] = [colour, of];
  }
  return found;
}
