/** Wood is seen as wood: what looks like it, and what stands on it. */
export const WOOD = {
  /**
   * Wood is seen as wood: any quiet colour stands on it, and conflicts of hue and chroma with it are eased by this share. Wood lies
   * within so many degrees of this hue, from a chroma and up to an L* at which it counts wholly.
   */
  woodRelief: 0.45, // share
  /** What is left of a conflict of hue between wood and a near-neutral of green or blue, which answer it: wood is a dark orange. */
  woodAnswered: 0.12, // share
  woodHueDeg: 70, // degrees
  woodHueWithin: 8, // degrees
  woodHueNoMore: 16, // degrees
  woodFromChroma: 17.5, // C*ab
  woodFullChroma: 20.5, // C*ab
  woodGoneL: 75, // L*
  woodFullL: 70, // L*
  /** Chroma from which what is called wood looks like it at all, and wholly: pale limed oak has the colour of stone. */
  namedWoodFrom: 4, // C*ab
  namedWoodFull: 8, // C*ab
} as const;
