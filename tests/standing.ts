import type { Swatch } from '@/core/engine/light-protocol';
import type { Dress } from '@/core/engine/standing-dress';
import type { ShownFacet } from '@/core/engine/standing-face';

export const NOTHING_ON: Dress = { walls: [], ceiling: null, slopes: [], floor: null, worktop: null, parts: [], things: [] };
/** A room with one colour on all of up to twelve walls. */
export const onAllWalls = (swatch: Swatch): Dress => ({ ...NOTHING_ON, walls: Array.from({ length: 12 }, () => swatch) });

/** The colour drawn at a place of a face: between the corners of the polygon nearest to it, the nearer the more. */
export function drawnAt({ points, tones, polygons }: ShownFacet, at: readonly number[], tone = 0): string {
  const rgb = tones[tone]!;
  const away = (k: number) => Math.hypot(...points[k]!.map((c, n) => c - at[n]!));
  const middle = (of: readonly number[]) =>
    Math.hypot(...at.map((c, n) => of.reduce((sum, k) => sum + points[k]![n]! / of.length, 0) - c));
  const near = polygons.reduce((best, one) => (middle(one) < middle(best) ? one : best));
  const weights = near.map((k) => 1 / Math.max(1e-6, away(k)));
  const sum = weights.reduce((p, q) => p + q, 0);
  const part = (c: number) =>
    Math.round(near.reduce((all, k, n) => all + (weights[n]! * rgb[3 * k + c]!) / sum, 0))
      .toString(16)
      .padStart(2, '0');
  return `#${part(0)}${part(1)}${part(2)}`;
}
