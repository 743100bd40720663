import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { CONTAINERS, type Container } from './containers';
import { labOfFormula } from './match-formula';
import { loadOf, type Formula, type Optical, type TintSystem } from './tint-system';

/** ΔE00 from the intended colour from which rounding is warned of. */
export const ROUNDING_WARNS_FROM = 1;

export type Dispensed = {
  readonly container: Container;
  /** Whole shots of each colourant; those that round to none are left out. */
  readonly shots: Readonly<Record<string, number>>;
  /** The formula that these shots really are, millilitres per litre. */
  readonly formula: Formula;
  /** The colour it will really give, hiding, and how far that is from what was meant. */
  readonly lab: Lab;
  readonly deltaE00: number;
  readonly warns: boolean;
};

/**
 * A formula at a strength as the counter can pour it into one container: whole shots only.
 *
 * @param percent strength, percent of the formula
 */
export function dispense(
  { system, base }: { readonly system: TintSystem; readonly base: Optical },
  formula: Formula,
  percent: number,
  container: Container,
): Dispensed {
  const { litres } = CONTAINERS[container];
  const counted = Object.entries(formula).map(
    ([id, perLitre]) => [id, Math.round((perLitre * percent * litres) / (100 * system.shotMl))] as const,
  );
  const shots = Object.fromEntries(counted.filter(([, n]) => n > 0));
  const poured = Object.fromEntries(Object.entries(shots).map(([id, n]) => [id, (n * system.shotMl) / litres]));
  const lab = labOfFormula(system, base, poured);
  const apart = deltaE00(labOfFormula(system, base, formula, percent / 100), lab);
  return { container, shots, formula: poured, lab, deltaE00: apart, warns: apart >= ROUNDING_WARNS_FROM };
}

/** Most colourant, millilitres per litre, that a base of a kind takes before it turns soft and slow to dry. Common practice, no source. */
export const MOST_COLOURANT = { white: 60, pastel: 60, deep: 110, clear: 150 } as const;

/** True when a formula holds more colourant than its base should take. */
export const overloaded = (kind: keyof typeof MOST_COLOURANT, formula: Formula): boolean =>
  loadOf(formula) > MOST_COLOURANT[kind];

/** "1 shot", "62 shots": the counter's smallest measures. */
export const sayShots = (shots: number): string => (shots === 1 ? '1 shot' : `${shots} shots`);
