/** Tints beside neutrals that lean: a lean resists pale colours from the other side. */
export const TINTS = {
  /** A neutral that leans, by its chroma, resists tints from the other side: from so many degrees, wholly from the second. */
  leanFrom: 1.5, // C*ab
  leanFull: 3.6, // C*ab
  opposedFromDeg: 112, // degrees
  opposedFullDeg: 145, // degrees
  /**
   * Tints of any other hue it resists so much, from so many degrees and wholly from the second: pale ones lean apart as near-neutrals do.
   */
  tintsApart: 0.8, // share
  tintsFromDeg: 45, // degrees
  tintsFullDeg: 80, // degrees
  /** How much of that a furnishing does, but against yellow: grey sofas take warm walls that are not yellow. */
  tintsFurnishing: 0.45, // share
  yellowDeg: 88, // degrees
  yellowWithin: 18, // degrees
  yellowNoMore: 34, // degrees
  /** A pink lean resists green ones, wholly between the inner two hues. */
  greenFromDeg: 92, // degrees
  greenFullDeg: 115, // degrees
  greenToDeg: 185, // degrees
  greenGoneDeg: 210, // degrees
  /** Tints are light: not at all up to the first L*, wholly from the second. */
  tintFromL: 62, // L*
  tintFullL: 78, // L*
  /** Strength of a tint that costs one beside a neutral that wholly leans away from it. */
  opposedStep: 1.2, // steps of Munsell chroma
} as const;
