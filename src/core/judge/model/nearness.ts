/** Too close: near misses of what is large, and the very colour of a thing, which is a choice. */
export const NEARNESS = {
  /** ΔE00 up to which a colour is one of a patterned thing's own, and from which it is none of them. */
  ownUpTo: 4, // ΔE00
  ownNoMore: 8, // ΔE00
  /** ΔE00 between its colours from which cloth or a picture is patterned at all, and wholly: a weave of like threads is one colour. */
  patternFrom: 10, // ΔE00
  patternFull: 18, // ΔE00
  /** The most a patterned thing holds against what is nearly one of its own colours. */
  ownMost: 4, // cost
  /** ΔE00 under which a candidate blends with what is large ("too close"). */
  closeBelow: 3, // ΔE00
  /**
   * ΔE00 by which blending fades out above that, and by how much later when the two differ in depth alone: a step neither match nor
   * contrast.
   */
  closeFades: 1.2, // ΔE00
  closeStep: 0.8, // ΔE00
  /** ΔE00 up to which a candidate is the very colour of a thing of one colour, which is a choice, and from which it is a near miss. */
  sameUpTo: 0.4, // ΔE00
  sameNoMore: 1, // ΔE00
} as const;
