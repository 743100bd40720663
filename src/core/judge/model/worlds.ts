/** Which world a colour lies in: near-neutrals, where undertone rules, or colours. The figures are common practice, no source. */
export const WORLDS = {
  /** Hue (degrees) toward which a near-neutral may hold most chroma: orange-yellow. */
  neutralAxisDeg: 75, // degrees
  /** Chroma up to which a colour is a near-neutral that way, and the other way, toward blue. */
  neutralWarm: 20, // C*ab
  neutralCool: 7, // C*ab
  /** Chroma up to which it is one across that, toward green and toward violet, at the widest of the ellipse. */
  neutralGreen: 7, // C*ab
  /** The same toward yellow-green, where tans lie, and the warmth from which it begins to be so and wholly is. */
  neutralTan: 11, // C*ab
  tanFromWarmth: 8, // C*ab
  tanFullWarmth: 16, // C*ab
  neutralViolet: 7, // C*ab
  /**
   * The same toward pink, where the ellipse is pinched: a blush is a colour, a pink beige is none; and the warmth from which it is wholly
   * so.
   */
  neutralPink: 4.5, // C*ab
  pinkFromWarmth: 8, // C*ab
  /** Size of the ellipse, as a multiple, up to which a colour is wholly a near-neutral, and from which wholly a colour. */
  neutralTo: 0.88, // multiple
  colourFrom: 1.3, // multiple
  /**
   * The most that what is said of near-neutrals counts for what is only partly one: without it the ramp between the worlds would be a
   * cliff.
   */
  neutralMost: 4, // cost
} as const;
