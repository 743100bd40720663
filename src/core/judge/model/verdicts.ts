/** Costs at which a pair is nearly, and no. */
export const VERDICTS = {
  /** Costs at which a pair is nearly, and no. */
  nearlyFrom: 1, // cost
  noFrom: 2, // cost
} as const;
