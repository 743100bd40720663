import { ramp } from '../base/ramp';
import { chroma, hueDeg, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { hueApart } from '../judge/hues';

/** From and to, and where in between it is best. */
export type Span = { readonly from: number; readonly to: number; readonly at: number };

/** What a companion should be: LRV in points, chroma C*ab, hue in degrees. */
export type Wanted = {
  readonly lrv: Span;
  readonly chroma: Span;
  /** null where any hue will do. */
  readonly hue: { readonly deg: number; readonly within: number } | null;
};

export const MISFIT = {
  /** What one unit of misfit is: so many points of LRV, units of chroma, degrees of hue outside of what is wanted. Own choice. */
  lrv: 4,
  chroma: 2.5,
  hue: 14,
  /** What lies within counts so much less. */
  within: 0.2,
  /** Chroma from which a hue is seen at all, and from which it is seen in full. */
  hueFrom: 0.8,
  hueFull: 5,
  /** Up to this much a colour fills a role; the deck has none where all are beyond it. */
  most: 2,
} as const;

const outside = (v: number, { from, to }: Span): number => Math.max(0, from - v, v - to);
const apart = (v: number, span: Span, unit: number): number =>
  outside(v, span) / unit + (MISFIT.within * Math.abs(Math.min(Math.max(v, span.from), span.to) - span.at)) / unit;

/** How far a colour is from what is wanted; 0 where it is just that. */
export function misfit(lab: Lab, { lrv, chroma: strength, hue }: Wanted): number {
  const c = chroma(lab);
  const off = hue ? hueApart(hueDeg(lab), hue.deg) : 0;
  const seen = ramp(c, MISFIT.hueFrom, MISFIT.hueFull);
  const turned = hue ? (Math.max(0, off - hue.within) + MISFIT.within * Math.min(off, hue.within)) / MISFIT.hue : 0;
  return apart(lrvOf(lab), lrv, MISFIT.lrv) + apart(c, strength, MISFIT.chroma) + seen * turned;
}
