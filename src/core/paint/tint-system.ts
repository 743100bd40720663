import { GRID } from '../colour/grid';
import type { SurfaceConstants } from './saunderson';

/** Absorption K and scattering S on the grid, in units of the white base's scattering per film unit. */
export type Optical = { readonly k: Float64Array; readonly s: Float64Array };

export type Colourant = Optical & { readonly id: string; readonly name: string };

export const BASE_KINDS = ['white', 'pastel', 'deep', 'clear'] as const;
export type BaseKind = (typeof BASE_KINDS)[number];

/** A maker's untinted paint. Deep and clear bases hold little or no white pigment: what hides is the colourant. */
export type TintBase = Optical & {
  readonly id: string;
  readonly kind: BaseKind;
  readonly name: string;
  /** Thickness of two dry coats, in film units. */
  readonly film: number;
};

/** Colourants and the counter's smallest shot, in millilitres. */
export type TintSystem = {
  readonly id: string;
  readonly name: string;
  readonly shotMl: number;
  /** Surface reflection as its colours are measured: an instrument that leaves gloss out sees less than the usual 4 %. */
  readonly surface: SurfaceConstants;
  readonly colourants: readonly Colourant[];
};

/** Millilitres of colourant per litre of base, by colourant id. */
export type Formula = Readonly<Record<string, number>>;

/**
 * K and S of a base with `p` times a formula: both add by volume. Two-constant Kubelka–Munk (Duncan 1940).
 *
 * @throws RangeError when the formula names a colourant the system does not have, or a negative amount
 */
export function mix(system: TintSystem, base: Optical, formula: Formula, p = 1): Optical {
  const [k, s] = [Float64Array.from(base.k), Float64Array.from(base.s)];
  for (const [id, amount] of Object.entries(formula)) {
    const colourant = system.colourants.find((c) => c.id === id);
    if (!colourant) throw new RangeError(`the tint system ${system.name} has no colourant ${id}`);
    if (!(amount >= 0)) throw new RangeError(`${amount} ml/l of ${id}: must not be negative`);
    for (let i = 0; i < GRID.count; i++) {
      k[i]! += p * amount * colourant.k[i]!;
      s[i]! += p * amount * colourant.s[i]!;
    }
  }
  return { k, s };
}

/** Total colourant in a formula, millilitres per litre. */
export const loadOf = (formula: Formula): number => Object.values(formula).reduce((sum, v) => sum + v, 0);
