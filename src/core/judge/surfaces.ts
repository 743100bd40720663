import type { Lab } from '../colour/types';
import type { JudgedKind, School } from './kinds';

/** A surface: its Lab in the deck (D65, 10°) and the curve that stands for it, on the grid, 0–1. */
export type Surface = { readonly lab: Lab; readonly reflectance: ArrayLike<number> };
export type SurfaceComponent = Surface & { readonly name: string; readonly share: number };

/** A thing that stays, by surfaces: it can be seen in any light. */
export type SurfaceStay = {
  readonly name: string;
  readonly kind: JudgedKind;
  readonly school: School;
  readonly components: readonly SurfaceComponent[];
};
