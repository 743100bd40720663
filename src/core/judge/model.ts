/**
 * The parameters of the relation model, each with its meaning. Fitted by hand to trade cases (common practice, no published source);
 * docs/relation-model.md explains them. Costs are in units of "one nearly": 1 makes a pair nearly, 2 makes it no.
 */
export const RELATION = {
  /** Hue difference (ΔH′/SH, just-noticeable steps) that costs one. */
  hueStep: 2,
  /** Chroma of the stay from which it has a hue to conflict with, and from which that counts fully. */
  hueFromChroma: 1.5,
  hueFullChroma: 4.5,
  /** The same for the candidate: a near-black or a blue-white has hardly a hue. */
  hueCandidateFrom: 1,
  hueCandidateFull: 3.5,
  /** The same for the candidate beside a furnishing: a near-neutral wall is a ground for it. */
  hueGroundFrom: 7,
  hueGroundFull: 16,
  /** Chroma difference at which a hue conflict counts half: a neutral is a ground for a coloured thing. */
  hueChroma: 18,
  /**
   * Two colours that share their pink, or their green, of at least so much a* are forgiven this share of a hue conflict, as far as the
   * weaker of the two has half as much as the stronger.
   */
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
  /** Beside a furnishing that is answered the growth is only this: an answer forgives the hue, not the strength. */
  answerGrowth: 0.5,
  /** A clean white beside a colour is crisp contrast: "too strong" fades from this L* of a clean white stay, and is gone at the other. */
  crispFrom: 91,
  crispFull: 95,
  /** Excess chroma that costs one. */
  strongStep: 2,
  /** Chroma shortfall (from the chroma the stay's own depth family has at the candidate's depth) that costs one. */
  weakStep: 3,
  /** The share of that expected chroma a candidate may lack for free. */
  weakSlack: 0.25,
  /** Share of the stay's chroma by which a candidate must fall short to count wholly as the weaker one: what is as strong is never too weak. */
  weakMargin: 0.08,
  /** Lightness difference at which a shortfall counts half: far apart in depth, colours are easy. */
  weakDepth: 11,
  /** The same where the candidate is the deeper one: a deeper wall is not lifeless for being quieter. */
  weakDeeper: 40,
  /** Only pale colours go lifeless: a shortfall counts from this L* of the candidate, and fully from the other. */
  weakFrom: 40,
  weakFull: 70,
  /** A dark stay is easy on colour: conflicts of chroma count fully from the second L*, least at the first. */
  easyAt: 15,
  easyBelow: 60,
  /** The same of hue. */
  easyHueAt: 28,
  easyHueBelow: 48,
  /** What is left of a conflict beside a black stay. */
  easyLeast: 0.05,
  /**
   * Wood is seen as wood: any quiet colour stands on it, and conflicts of hue and chroma with it are eased by this share. Wood lies within so
   * many degrees of this hue, from a chroma and up to an L* at which it counts wholly.
   */
  woodRelief: 0.45,
  woodHueDeg: 70,
  woodHueWithin: 8,
  woodHueNoMore: 16,
  woodFromChroma: 17.5,
  woodFullChroma: 20.5,
  woodGoneL: 75,
  woodFullL: 70,
  /** White by white: yellower by so many b* units is nothing; by this many more, and darker, costs one as "looks dirty"; never more than that. */
  dirtyFrom: 1.35,
  dirtyStep: 3,
  dirtyMost: 2.4,
  /** A yellower white that is so much lighter does not look dirty any more. */
  dirtyLighter: 4,
  /** Chroma from which a candidate is a colour beside white rather than a dirty white, and is wholly so. */
  dirtyFades: 10,
  dirtyGone: 16,
  /** Hue distance (degrees) from pure yellow from which a light colour is not yellowed but pink or green, and is wholly so. */
  dirtyHueFades: 18,
  dirtyHueGone: 38,
  /** Whites: clean from the second L* on, and no more from the first; clean up to the second chroma, and no more at the first. */
  cleanFromL: 87,
  cleanFullL: 89.5,
  cleanGoneChroma: 6,
  cleanFullChroma: 3,
  /** L* from which a candidate can read dirty. */
  offWhiteL: 87,
  /** L* from which a candidate counts fully as an off-white: a light beige beside white trim is contrast, not dirt. */
  offWhiteFullL: 89.3,
  /** A light stay yellower than a clean white candidate by this many b* units looks dated beside it: costs one. */
  datedStep: 5,
  /** L* of the stay from which it can look dated; fully from offWhiteL. */
  datedFrom: 60,
  /** ΔE00 under which a candidate blends with what is large ("too close"). */
  closeBelow: 3,
  /** ΔE00 by which blending fades out above that, and by how much later when the two differ in depth alone: a step neither match nor contrast. */
  closeFades: 1.2,
  closeStep: 0.8,
  /** ΔE00 up to which a candidate is the very colour of a thing of one colour, which is a choice, and from which it is a near miss. */
  sameUpTo: 0.4,
  sameNoMore: 1,
  /** Share of a thing, alike parts together, from which it is large enough to blend with, and from which it is wholly so. */
  largeFrom: 0.3,
  largeFull: 0.45,
  /** ΔE00 up to which parts are wholly alike, and from which they are not at all. */
  alikeUpTo: 2,
  alikeNoMore: 5,
  /** Weight of a component by share s: s^power of it: small veins and flecks can veto. */
  sharePower: 0.3,
  /** Share of a thing under which a part without a hue of its own is a joint or a speck: it asks no more than the whole thing does. */
  speckBelow: 0.3,
  speckFull: 0.2,
  /** A furnishing may be replaced: its conflicts count this much; and a wall is never too weak beside it. */
  furnishing: 0.7,
  /** Chroma from which a furnishing can answer from across the hue circle, and does so wholly; and the same of the hue distance (degrees). */
  answerFromChroma: 5,
  answerFullChroma: 10,
  answerFromDeg: 30,
  answerFullDeg: 60,
  /** Costs at which a pair is nearly, and no. */
  nearlyFrom: 1,
  noFrom: 2,
} as const;

export type RelationModel = { readonly [K in keyof typeof RELATION]: number };
