/** Furnishings: they may be replaced, and can answer a wall from across. */
export const FURNISHINGS = {
  /** Chroma up to which a furnishing is a neutral that refuses nothing, and from which it may refuse; the most it then costs. */
  neutralFurnishing: 3.5, // C*ab
  hueFurnishing: 6, // C*ab
  furnishingMost: 1.9, // cost
  /** A furnishing may be replaced: its conflicts count this much; and a wall is never too weak beside it. */
  furnishing: 0.7, // share
  /**
   * Chroma from which a furnishing can answer from across the hue circle, and does so wholly; and the same of the hue distance (degrees).
   */
  answerFromChroma: 5, // C*ab
  answerFullChroma: 10, // C*ab
  answerFromDeg: 30, // degrees
  answerFullDeg: 60, // degrees
} as const;
