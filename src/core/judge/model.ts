/**
 * The parameters of the relation model, each with its meaning. Fitted by hand to trade cases (common practice, no published source);
 * docs/relation-model.md explains them. Costs are in units of "one nearly": 1 makes a pair nearly, 2 makes it no.
 */
export const RELATION = {
  /** Hue difference (ΔH′/SH, just-noticeable steps) that costs one. */
  hueStep: 2,
  /** Chroma of the stay from which it has a hue to conflict with, and from which that counts fully. */
  hueFromChroma: 2,
  hueFullChroma: 4,
  /** The same for the candidate: a near-black or a blue-white has hardly a hue. */
  hueCandidateFrom: 1,
  hueCandidateFull: 3,
  /** Chroma difference at which a hue conflict counts half: a neutral is a ground for a coloured thing. */
  hueChroma: 15,
  /** Two colours that share their pink, or their green, of at least so much a* are forgiven this share of a hue conflict. */
  sharedFull: 3,
  sharedRelief: 0.4,
  /** Lightness difference at which a hue conflict counts half. */
  hueDepth: 25,
  /** Hue conflict toward green costs this much more beside a pink stay: green-leaning tans are refused by pink veining. */
  greenBesidePink: 1.1,
  /** Chroma a candidate may hold: allowance + growth × the stay's chroma, before it is too strong. */
  strongAllowance: 5,
  strongGrowth: 1.3,
  /** Beside a furnishing so much more is allowed: it does not rule the wall. */
  strongFurnishing: 2,
  /** A clean white beside a colour is crisp contrast: "too strong" fades from this L* of a clean white stay, and is gone at the other. */
  crispFrom: 91,
  crispFull: 95,
  /** Excess chroma that costs one. */
  strongStep: 2,
  /** Chroma shortfall (from the chroma the stay's own depth family has at the candidate's depth) that costs one. */
  weakStep: 3,
  /** The share of that expected chroma a candidate may lack for free. */
  weakSlack: 0.25,
  /** Lightness difference at which a shortfall counts half: far apart in depth, colours are easy. */
  weakDepth: 18,
  /** Only pale colours go lifeless: a shortfall counts from this L* of the candidate, and fully from the other. */
  weakFrom: 40,
  weakFull: 70,
  /** A dark stay is easy on colour: conflicts of chroma and hue count fully from this L*, less below. */
  easyBelow: 60,
  /** What is left of a conflict beside a black stay. */
  easyLeast: 0.05,
  /** White by white: yellower by so many b* units is nothing; by this many more, and darker, costs one as "looks dirty". */
  dirtyFrom: 1.5,
  dirtyStep: 3.5,
  /** A yellower white that is so much lighter does not look dirty any more. */
  dirtyLighter: 4,
  /** Whites: stays of at least this L* and at most this chroma are clean whites; candidates of at least offWhiteL can read dirty. */
  cleanWhiteL: 89,
  cleanWhiteChroma: 4,
  offWhiteL: 86,
  /** L* from which a candidate counts fully as an off-white: a light beige beside white trim is contrast, not dirt. */
  offWhiteFullL: 90,
  /** A light stay yellower than a clean white candidate by this many b* units looks dated beside it: costs one. */
  datedStep: 5,
  /** L* of the stay from which it can look dated; fully from offWhiteL. */
  datedFrom: 60,
  /** ΔE00 under which a candidate blends with a large component ("too close") and under which it is simply the same colour. */
  closeBelow: 3,
  /** Share from which a component is large enough to blend with. */
  largeShare: 0.4,
  /** Weight of a component by share s: s^power of it, at least vetoLeast: small veins and flecks can veto. */
  sharePower: 0.3,
  /** A furnishing may be replaced: its conflicts count this much; and a wall is never too weak beside it. */
  furnishing: 0.7,
  /** Chroma from which a furnishing can answer from across the hue circle, and the hue distance (degrees) that makes it an answer. */
  answerChroma: 8,
  answerHueDeg: 45,
  /** Costs at which a pair is nearly, and no. */
  nearlyFrom: 1,
  noFrom: 2,
} as const;

export type RelationModel = { readonly [K in keyof typeof RELATION]: number };
