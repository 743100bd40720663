import { VISIBLE_STEP } from '../colour/directions';

/** A copy fails in a light that takes it so much farther off than the deck's, ΔE00. Own choice. */
const FAILS_BY = 0.5;

/** Whether a match betrays itself in a light: it shows there, and more than in the light of the deck. Differences in ΔE00. */
export const betraysItself = (inLight: number, inDeck: number): boolean =>
  inLight >= VISIBLE_STEP && inLight >= inDeck + FAILS_BY;
