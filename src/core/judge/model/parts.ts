/** The parts of a thing of several colours: which count, and how much. */
export const PARTS = {
  /** Share of a thing, alike parts together, from which it is large enough to blend with, and from which it is wholly so. */
  largeFrom: 0.3, // share
  largeFull: 0.45, // share
  /** ΔE00 up to which parts are wholly alike, and from which they are not at all. */
  alikeUpTo: 2, // ΔE00
  alikeNoMore: 5, // ΔE00
  /** Weight of a component by share s: s^power of it: small veins and flecks can veto. */
  sharePower: 0.3, // exponent of the share
  /** Share of a thing under which a part without a hue of its own is a joint or a speck: it asks no more than the whole thing does. */
  speckBelow: 0.3, // share
  speckFull: 0.2, // share
  /** Share of the largest part's chroma under which such a part is a joint whose hue is not met, and wholly. */
  jointFrom: 0.45, // share
  jointFull: 0.25, // share
} as const;
