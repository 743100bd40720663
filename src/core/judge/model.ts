/** Which world a colour lies in: near-neutrals, where undertone rules, or colours. C*ab, degrees; BRIEF figures are common practice, no source. */
const WORLDS = {
  /** Hue (degrees) toward which a near-neutral may hold most chroma: orange-yellow. */
  neutralAxisDeg: 75,
  /** Chroma up to which a colour is a near-neutral that way, and the other way, toward blue. */
  neutralWarm: 20,
  neutralCool: 7,
  /** Chroma up to which it is one across that, toward green and toward violet, at the widest of the ellipse. */
  neutralGreen: 7,
  /** The same toward yellow-green, where tans lie, and the warmth from which it begins to be so and wholly is. */
  neutralTan: 11,
  tanFromWarmth: 8,
  tanFullWarmth: 16,
  neutralViolet: 7,
  /** The same toward pink, where the ellipse is pinched: a blush is a colour, a pink beige is none; and the warmth from which it is wholly so. */
  neutralPink: 4.5,
  pinkFromWarmth: 8,
  /** Size of the ellipse, as a multiple, up to which a colour is wholly a near-neutral, and from which wholly a colour. */
  neutralTo: 0.88,
  colourFrom: 1.3,
  /** The most that what is said of near-neutrals counts for what is only partly one: without it the ramp between the worlds would be a cliff. */
  neutralMost: 4,
} as const;

/** Colours: strength in steps of Munsell chroma (`colour/nuance`), blackness 0–1, hues in degrees. */
const COLOURS = {
  /** Strength up to which a colour is a considered one on any ground, from mid depth on, and how much stronger a deep one may be. */
  loudFrom: 9.6,
  loudMoreDeep: 4,
  loudDeepL: 50,
  loudDeepestL: 25,
  /** Strength beyond that which costs one. */
  loudStep: 1.1,
  /** Chroma (C′ of CIEDE2000) by which it must be stronger than what it stands beside to count wholly as the louder one. */
  loudBeyond: 8,
  /** Hues up to so far apart are shared; from the second on they are two. */
  sharedDeg: 30,
  betweenDeg: 65,
  /** Hues from so far apart begin to answer each other, and wholly do. */
  acrossFromDeg: 115,
  acrossFullDeg: 155,
  /** What is left of a discord between two that answer: where sharing is wanted, and beside a fixed finish. */
  acrossSharing: 0.5,
  acrossFixed: 0.4,
  /** Product of the two strengths at which hues in between cost one, at equal depth. */
  discordSteps: 4.8,
  /** Lightness difference at which a discord counts half. */
  discordDepth: 25,
  /** Deep colours are easy: what is left of a discord with one of this L*, and from which it counts wholly. */
  deepLeft: 0.3,
  deepL: 24,
  deepGoneL: 46,
  /** What is left of a discord between greens and blues: they are met together everywhere. */
  coolsLeft: 0.5,
  /** What is left of a discord where an earth comes beside a green or blue, unless that is answered outright. */
  earthLeft: 0.4,
  /** Strength up to which a green or blue answers earth, and from which it does not: muted and deep ones do. */
  answersToSteps: 5.5,
  answersNoMoreSteps: 8,
  /** Blackness up to which a colour is clear, and from which it is muted, with the strength from which it is a clear colour at all. */
  clearTo: 0.14,
  clearGone: 0.23,
  clearFromSteps: 1.8,
  clearFullSteps: 3,
  mutedFrom: 0.22,
  mutedFull: 0.34,
  /** Strength from which something is so much of a colour that clear and muted jar, and wholly. */
  jarFromSteps: 1.6,
  jarFullSteps: 2.6,
  /** What a clear colour beside a muted one of another hue costs. */
  jar: 1.8,
  /** Earth: a brown, brick, terracotta or wood lies within so many degrees of this hue, wholly and not at all. */
  earthHueDeg: 60,
  earthWithin: 26,
  earthNoMore: 36,
  /** Strength from which it is earth at all, and wholly; and the blackness, so that peach and butter are none. */
  earthFromSteps: 1.6,
  earthFullSteps: 2.6,
  earthFromBlack: 0.12,
  earthFullBlack: 0.2,
  /** Hues that answer earth: greens to blues, wholly between the inner two. */
  coolFromDeg: 85,
  coolFullDeg: 100,
  coolToDeg: 278,
  coolGoneDeg: 292,
  /** L* from which what is cool is too pale to answer brick and terracotta, and wholly. */
  pastelFromL: 72,
  pastelFullL: 84,
  /** Hues that are hard beside wood: cool mauves and violets, wholly between the inner two. */
  mauveFromDeg: 284,
  mauveFullDeg: 298,
  mauveToDeg: 338,
  mauveGoneDeg: 356,
  /** What they cost, from which strength, and up to which L* they are deep enough to be none. */
  mauve: 1.6,
  mauveFromSteps: 0.9,
  mauveFullSteps: 2,
  mauveDeepL: 28,
  mauveFullL: 45,
  /** A neutral that leans, by its chroma, resists tints from the other side: from so many degrees, wholly from the second. */
  leanFrom: 1.5,
  leanFull: 3.6,
  opposedFromDeg: 112,
  opposedFullDeg: 145,
  /** Tints of any other hue it resists so much, from so many degrees and wholly from the second: pale ones lean apart as near-neutrals do. */
  tintsApart: 0.8,
  tintsFromDeg: 45,
  tintsFullDeg: 80,
  /** How much of that a furnishing does, but against yellow: grey sofas take warm walls that are not yellow. */
  tintsFurnishing: 0.45,
  yellowDeg: 88,
  yellowWithin: 18,
  yellowNoMore: 34,
  /** A pink lean resists green ones, wholly between the inner two hues. */
  greenFromDeg: 92,
  greenFullDeg: 115,
  greenToDeg: 185,
  greenGoneDeg: 210,
  /** Tints are light: not at all up to the first L*, wholly from the second. */
  tintFromL: 62,
  tintFullL: 78,
  /** Strength of a tint that costs one beside a neutral that wholly leans away from it. */
  opposedStep: 1.2,
  /** ΔE00 up to which a colour is one of a patterned thing's own, and from which it is none of them. */
  ownUpTo: 4,
  ownNoMore: 8,
  /** ΔE00 between its colours from which cloth or a picture is patterned at all, and wholly: a weave of like threads is one colour. */
  patternFrom: 10,
  patternFull: 18,
  /** The most a patterned thing holds against what is nearly one of its own colours. */
  ownMost: 4,
  /** Chroma up to which a furnishing is a neutral that refuses nothing, and from which it may refuse; the most it then costs. */
  neutralFurnishing: 3.5,
  hueFurnishing: 6,
  furnishingMost: 1.9,
  /** Of two paints of one job a contrast is meant from this L* of the deeper one, and wholly from the second: a deep trim. */
  meantFromL: 66,
  meantFullL: 50,
  /** What a picture's conflicts count beside a furnishing's. */
  artwork: 0.6,
} as const;

/**
 * The parameters of the relation model, each with its meaning. Fitted by hand to trade cases (common practice, no published source);
 * docs/relation-model.md explains them. Costs are in units of "one nearly": 1 makes a pair nearly, 2 makes it no.
 */
export const RELATION = {
  ...WORLDS,
  ...COLOURS,
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
  /** What is left of a hue conflict of a near-neutral with a finish that is wholly a colour: it is the ground of it. */
  groundLeft: 0.45,
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
  /** What is left of a conflict of hue between wood and a near-neutral of green or blue, which answer it: wood is a dark orange. */
  woodAnswered: 0.12,
  woodHueDeg: 70,
  woodHueWithin: 8,
  woodHueNoMore: 16,
  woodFromChroma: 17.5,
  woodFullChroma: 20.5,
  woodGoneL: 75,
  woodFullL: 70,
  /** Chroma from which what is called wood looks like it at all, and wholly: pale limed oak has the colour of stone. */
  namedWoodFrom: 4,
  namedWoodFull: 8,
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
  /** Share of the largest part's chroma under which such a part is a joint whose hue is not met, and wholly. */
  jointFrom: 0.45,
  jointFull: 0.25,
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
