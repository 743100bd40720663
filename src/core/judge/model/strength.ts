/** Too strong and too weak among near-neutrals, and how dark stays are easy on both. */
export const STRENGTH = {
  /** Chroma a candidate may hold: allowance + growth × the stay's chroma, before it is too strong. */
  strongAllowance: 5, // C*ab
  strongGrowth: 1.3, // C*ab for one of the stay
  /** Beside a furnishing so much more is allowed: it does not rule the wall. */
  strongFurnishing: 2, // C*ab
  /** Beside a furnishing that is answered the growth is only this: an answer forgives the hue, not the strength. */
  answerGrowth: 0.5, // C*ab for one of the stay
  /** A clean white beside a colour is crisp contrast: "too strong" fades from this L* of a clean white stay, and is gone at the other. */
  crispFrom: 91, // L*
  crispFull: 95, // L*
  /** Excess chroma that costs one. */
  strongStep: 2, // C*ab
  /** Chroma shortfall (from the chroma the stay's own depth family has at the candidate's depth) that costs one. */
  weakStep: 3, // C*ab
  /** The share of that expected chroma a candidate may lack for free. */
  weakSlack: 0.25, // share
  /**
   * Share of the stay's chroma by which a candidate must fall short to count wholly as the weaker one: what is as strong is never too
   * weak.
   */
  weakMargin: 0.08, // share
  /** Lightness difference at which a shortfall counts half: far apart in depth, colours are easy. */
  weakDepth: 11, // L*
  /** The same where the candidate is the deeper one: a deeper wall is not lifeless for being quieter. */
  weakDeeper: 40, // L*
  /** Only pale colours go lifeless: a shortfall counts from this L* of the candidate, and fully from the other. */
  weakFrom: 40, // L*
  weakFull: 70, // L*
  /** A dark stay is easy on colour: conflicts of chroma count fully from the second L*, least at the first. */
  easyAt: 15, // L*
  easyBelow: 60, // L*
  /** The same of hue. */
  easyHueAt: 28, // L*
  easyHueBelow: 48, // L*
  /** What is left of a conflict beside a black stay. */
  easyLeast: 0.05, // share
} as const;
