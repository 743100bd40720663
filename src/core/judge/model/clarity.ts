/** Clear beside muted: what makes a colour one or the other, and what the two cost side by side. */
export const CLARITY = {
  /** Blackness up to which a colour is clear, and from which it is muted, with the strength from which it is a clear colour at all. */
  clearTo: 0.14, // blackness, 0–1
  clearGone: 0.23, // blackness, 0–1
  clearFromSteps: 1.8, // steps of Munsell chroma
  clearFullSteps: 3, // steps of Munsell chroma
  mutedFrom: 0.22, // blackness, 0–1
  mutedFull: 0.34, // blackness, 0–1
  /** Strength from which something is so much of a colour that clear and muted jar, and wholly. */
  jarFromSteps: 1.6, // steps of Munsell chroma
  jarFullSteps: 2.6, // steps of Munsell chroma
  /** What a clear colour beside a muted one of another hue costs. */
  jar: 1.8, // cost
} as const;
