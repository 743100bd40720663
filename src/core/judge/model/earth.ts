/** Earth (brown, brick, terracotta, wood as a colour), what answers it, and what is hard beside it. */
export const EARTH = {
  /** What is left of a discord where an earth comes beside a green or blue, unless that is answered outright. */
  earthLeft: 0.4, // share
  /** Strength up to which a green or blue answers earth, and from which it does not: muted and deep ones do. */
  answersToSteps: 5.5, // steps of Munsell chroma
  answersNoMoreSteps: 8, // steps of Munsell chroma
  /** Earth: a brown, brick, terracotta or wood lies within so many degrees of this hue, wholly and not at all. */
  earthHueDeg: 60, // degrees
  earthWithin: 26, // degrees
  earthNoMore: 36, // degrees
  /** Strength from which it is earth at all, and wholly; and the blackness, so that peach and butter are none. */
  earthFromSteps: 1.6, // steps of Munsell chroma
  earthFullSteps: 2.6, // steps of Munsell chroma
  earthFromBlack: 0.12, // blackness, 0–1
  earthFullBlack: 0.2, // blackness, 0–1
  /** Hues that answer earth: greens to blues, wholly between the inner two. */
  coolFromDeg: 85, // degrees
  coolFullDeg: 100, // degrees
  coolToDeg: 278, // degrees
  coolGoneDeg: 292, // degrees
  /** L* from which what is cool is too pale to answer brick and terracotta, and wholly. */
  pastelFromL: 72, // L*
  pastelFullL: 84, // L*
  /** Hues that are hard beside wood: cool mauves and violets, wholly between the inner two. */
  mauveFromDeg: 284, // degrees
  mauveFullDeg: 298, // degrees
  mauveToDeg: 338, // degrees
  mauveGoneDeg: 356, // degrees
  /** What they cost, from which strength, and up to which L* they are deep enough to be none. */
  mauve: 1.6, // cost
  mauveFromSteps: 0.9, // steps of Munsell chroma
  mauveFullSteps: 2, // steps of Munsell chroma
  mauveDeepL: 28, // L*
  mauveFullL: 45, // L*
} as const;
