/** A wall of colour among colours: how strong is loud, which hues share, lie between, or answer from across. */
export const COLOURS = {
  /** Strength up to which a colour is a considered one on any ground, from mid depth on, and how much stronger a deep one may be. */
  loudFrom: 9.6, // steps of Munsell chroma
  loudMoreDeep: 4, // steps of Munsell chroma
  loudDeepL: 50, // L*
  loudDeepestL: 25, // L*
  /** Strength beyond that which costs one. */
  loudStep: 1.1, // steps of Munsell chroma
  /** Chroma (C′ of CIEDE2000) by which it must be stronger than what it stands beside to count wholly as the louder one. */
  loudBeyond: 8, // C′ of CIEDE2000
  /** Hues up to so far apart are shared; from the second on they are two. */
  sharedDeg: 30, // degrees
  betweenDeg: 65, // degrees
  /** Hues from so far apart begin to answer each other, and wholly do. */
  acrossFromDeg: 115, // degrees
  acrossFullDeg: 155, // degrees
  /** What is left of a discord between two that answer: where sharing is wanted, and beside a fixed finish. */
  acrossSharing: 0.5, // share
  acrossFixed: 0.4, // share
  /** Product of the two strengths at which hues in between cost one, at equal depth. */
  discordSteps: 4.8, // steps of Munsell chroma, squared
  /** Lightness difference at which a discord counts half. */
  discordDepth: 25, // L*
  /** Deep colours are easy: what is left of a discord with one of this L*, and from which it counts wholly. */
  deepLeft: 0.3, // share
  deepL: 24, // L*
  deepGoneL: 46, // L*
  /** What is left of a discord between greens and blues: they are met together everywhere. */
  coolsLeft: 0.5, // share
  /** Of two paints of one job a contrast is meant from this L* of the deeper one, and wholly from the second: a deep trim. */
  meantFromL: 66, // L*
  meantFullL: 50, // L*
  /** What a picture's conflicts count beside a furnishing's. */
  artwork: 0.6, // share
} as const;
