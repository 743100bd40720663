/** White by white: what is clean, what reads dirty beside it, what looks dated. */
export const WHITES = {
  /**
   * White by white: yellower by so many b* units is nothing; by this many more, and darker, costs one as "looks dirty"; never more than
   * that.
   */
  dirtyFrom: 1.35, // b*
  dirtyStep: 3, // b*
  dirtyMost: 2.4, // cost
  /** A yellower white that is so much lighter does not look dirty any more. */
  dirtyLighter: 4, // L*
  /** Chroma from which a candidate is a colour beside white rather than a dirty white, and is wholly so. */
  dirtyFades: 10, // C*ab
  dirtyGone: 16, // C*ab
  /** Hue distance (degrees) from pure yellow from which a light colour is not yellowed but pink or green, and is wholly so. */
  dirtyHueFades: 18, // degrees
  dirtyHueGone: 38, // degrees
  /** Whites: clean from the second L* on, and no more from the first; clean up to the second chroma, and no more at the first. */
  cleanFromL: 87, // L*
  cleanFullL: 89.5, // L*
  cleanGoneChroma: 6, // C*ab
  cleanFullChroma: 3, // C*ab
  /** L* from which a candidate can read dirty. */
  offWhiteL: 87, // L*
  /** L* from which a candidate counts fully as an off-white: a light beige beside white trim is contrast, not dirt. */
  offWhiteFullL: 89.3, // L*
  /** A light stay yellower than a clean white candidate by this many b* units looks dated beside it: costs one. */
  datedStep: 5, // b*
  /** L* of the stay from which it can look dated; fully from offWhiteL. */
  datedFrom: 60, // L*
} as const;
