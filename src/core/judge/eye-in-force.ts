import { REASONS, type Reason } from './reasons';

/** By how much each reason counts for the eye that judges; 1 is as shipped. */
export type EyeFactors = Readonly<Record<Reason, number>>;

/**
 * The eye that is judged for in this program: one consultant works here at a time, and everything that judges, from the pair in view to the
 * whole deck, must judge for the same. Null is the shipped model.
 */
let inForce: EyeFactors | null = null;
let most = 1;

/** Judges for an eye from now on; what was judged before is not the same any more. */
export function setEyeInForce(factors: EyeFactors | null): void {
  inForce = factors;
  most = factors ? Math.max(...REASONS.map((r) => factors[r])) : 1;
}
export const eyeInForce = (): EyeFactors | null => inForce;

/** By how much the eye in force may raise a cost at most. */
export const mostRaised = (): number => most;

/** What work comes to for an eye; whatever was in force is so again after it. */
export function judgedFor<T>(factors: EyeFactors | null, work: () => T): T {
  const before = inForce;
  setEyeInForce(factors);
  try {
    return work();
  } finally {
    setEyeInForce(before);
  }
}
