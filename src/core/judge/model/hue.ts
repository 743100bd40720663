/** Conflicts of hue between near-neutrals. */
export const HUE = {
  /** Hue difference (ΔH′/SH, just-noticeable steps) that costs one. */
  hueStep: 2, // ΔH′/SH of CIEDE2000
  /** Chroma of the stay from which it has a hue to conflict with, and from which that counts fully. */
  hueFromChroma: 1.5, // C*ab
  hueFullChroma: 4.5, // C*ab
  /** The same for the candidate: a near-black or a blue-white has hardly a hue. */
  hueCandidateFrom: 1, // C*ab
  hueCandidateFull: 3.5, // C*ab
  /** The same for the candidate beside a furnishing: a near-neutral wall is a ground for it. */
  hueGroundFrom: 7, // C*ab
  hueGroundFull: 16, // C*ab
  /** Chroma difference at which a hue conflict counts half: a neutral is a ground for a coloured thing. */
  hueChroma: 18, // C*ab
  /**
   * Two colours that share their pink, or their green, of at least so much a* are forgiven this share of a hue conflict, as far as the
   * weaker of the two has half as much as the stronger.
   */
  sharedFull: 3, // a*
  sharedRelief: 0.4, // share
  /** Lightness difference at which a hue conflict counts half. */
  hueDepth: 25, // L*
  /** What is left of a hue conflict of a near-neutral with a finish that is wholly a colour: it is the ground of it. */
  groundLeft: 0.45, // share
  /** Hue conflict toward green costs this much more beside a pink stay: green-leaning tans are refused by pink veining. */
  greenBesidePink: 1.1, // cost
} as const;
