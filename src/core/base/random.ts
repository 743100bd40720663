/** A source of uniform numbers in [0, 1). */
export type Random = () => number;

const { imul } = Math;

/** Deterministic random numbers from a 32-bit seed: mulberry32 (public domain), enough for simulated scatter. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = imul(t ^ (t >>> 15), t | 1);
    t ^= t + imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** One draw from the standard normal distribution. Box & Muller 1958. */
export const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
