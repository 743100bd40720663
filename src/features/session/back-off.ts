/** Pauses between attempts, milliseconds: half a second, doubled each time, at most half a minute. Own choice. */
const FIRST_MS = 500;
const MOST_MS = 30_000;

/** The pause before attempt `n`, counted from 1 after the first failure. */
export const pauseBefore = (n: number): number => Math.min(MOST_MS, FIRST_MS * 2 ** (n - 1));
