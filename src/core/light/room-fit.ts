import { ASSUMED } from './assumptions';

/** How far opposite walls may differ and still be those of a box, as a share of the longer. */
export const CLOSES_WITHIN = 0.02;
export const wallsClose = (aM: number, bM: number): boolean => Math.abs(aM - bM) <= CLOSES_WITHIN * Math.max(aM, bM);

/** Height of a sill, metres; where none was measured, the usual one, lower where the window would not fit under the ceiling. */
export const sillOf = (window: { readonly sillM: number | null; readonly heightM: number }, roomHeightM: number): number =>
  window.sillM ?? Math.max(0, Math.min(ASSUMED.sillM.value, roomHeightM - window.heightM));

/** A rectangle of a wall, from the wall's left end and floor, metres. */
export type WallRect = { readonly s0: number; readonly s1: number; readonly z0: number; readonly z1: number };

/** Where a window lies in its wall. */
export const openingOf = (w: Record<'leftM' | 'sillM' | 'widthM' | 'heightM', number>): WallRect => ({
  s0: w.leftM,
  s1: w.leftM + w.widthM,
  z0: w.sillM,
  z1: w.sillM + w.heightM,
});

/** Whether two rectangles of one wall share more than a strip of `slackM`. */
export const rectsOverlap = (a: WallRect, b: WallRect, slackM: number): boolean =>
  a.s0 < b.s1 - slackM && b.s0 < a.s1 - slackM && a.z0 < b.z1 - slackM && b.z0 < a.z1 - slackM;
