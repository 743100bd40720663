import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { whiteBrightness, type Reads } from './scene';

export const FLAGS = ['dingy', 'washed-out', 'turned-blue', 'turned-warm', 'turned-green', 'turned-pink'] as const;
/** What a light does to a colour that a consultant would name. */
export type Flag = (typeof FLAGS)[number];

export const FLAG_NAMES: Readonly<Record<Flag, string>> = {
  dingy: 'dingy',
  'washed-out': 'washed out',
  'turned-blue': 'bluer',
  'turned-warm': 'warmer, toward beige',
  'turned-green': 'greener',
  'turned-pink': 'pinker',
};

/**
 * The one table of thresholds. The facts behind them are common practice, no source; the figures are this product's own, fitted to eight
 * cases of the trade (tests/golden/casebook.json) and held by neighbours of them and other facts of the trade (appearance.test.ts). Lab
 * and C* are D65, 10°.
 */
export const READINGS = {
  dingy: {
    /** Only light colours are expected to shine: L* in the deck from here on. */
    lightFrom: 75,
    /** Brightness a light colour is expected to have: that of a white in so many lux. */
    expectedLux: 250,
    /** Each unit of b* lost counts as this share of brightness; warmth gained counts for the colour. */
    perWarmth: 0.01,
    /** Warmth gained counts at most so much. */
    mostForgiven: 0.2,
    /** Share of the expected brightness missing. */
    threshold: 0.15,
    /** A warm colour that is not light (hue and C* in the deck) goes muddy instead: the share of its chroma lost in a cool or dim light. */
    muddy: { hueDeg: { from: 20, to: 100 }, fromChroma: 10, threshold: 0.2 },
  },
  'washed-out': {
    /** L* in the deck: lighter is white already, darker has colour to spare. */
    light: { from: 75, to: 93 },
    /** C* in the deck up to here is weak. */
    weakTo: 14,
    /** Brightness beyond that of a white in so many lux dazzles; the number is a ratio to it. */
    dazzlingLux: 3000,
    threshold: 1,
  },
  /** C* in the deck up to which an undertone can turn at all. */
  nearNeutralTo: 12,
  'turned-blue': { shift: -1, reads: -2.5 },
  'turned-warm': {
    shift: 4,
    reads: 8,
    deckBelow: 6,
    /** A lean to blue or violet, b* in the deck up to so much, that a warm light takes away: so far at least, and to that b*. */
    coolLean: { upTo: -3, shift: 2.8, reads: -1 },
  },
  'turned-green': {
    shift: -1.5,
    reads: -2,
    /**
     * A blue goes aqua: hue, C* in the deck, and how far its hue turns, degrees; no farther than to a green, and read from so much C* on.
     */
    aqua: { hueDeg: { from: 200, to: 290 }, fromChroma: 6, turnDeg: 15, readsHueFrom: 110, readsFrom: 3 },
  },
  'turned-pink': { shift: 1.5, reads: 2 },
} as const;

/** A reading with its number: it holds when the number reaches the threshold. */
export type Reading = { readonly flag: Flag; readonly value: number; readonly threshold: number; readonly holds: boolean };

const EXPECTED = whiteBrightness(READINGS.dingy.expectedLux);
const DAZZLING = whiteBrightness(READINGS['washed-out'].dazzlingLux);

/** Share of the brightness expected of a light colour that is missing, with warmth lost or gained. */
function dinginess(deck: Lab, { brightness, lab }: Reads): number {
  const { perWarmth, mostForgiven } = READINGS.dingy;
  const warmthLost = Math.max(-mostForgiven / perWarmth, deck.b - lab.b);
  return 1 - brightness / EXPECTED + perWarmth * warmthLost;
}

/** A turn counts when the shift and what is read both reach their marks: the smaller share of the two. */
function turn(shift: number, reads: number, marks: { readonly shift: number; readonly reads: number }): number {
  return Math.min(shift / marks.shift, reads / marks.reads);
}

/** Share of a warm colour's chroma that a cool or dim light takes; none where it is not a warm colour to begin with. */
function muddiness(deck: Lab, { lab }: Reads): number {
  const { hueDeg: warm, fromChroma } = READINGS.dingy.muddy;
  const hue = hueDeg(deck);
  const own = chroma(deck);
  return own < fromChroma || hue < warm.from || hue > warm.to ? 0 : 1 - chroma(lab) / own;
}

/** How far a lean to blue or violet is warmed away; 1 from where it has turned. */
function coolLeanLost(deck: Lab, { lab }: Reads): number {
  const { upTo, shift, reads } = READINGS['turned-warm'].coolLean;
  return deck.b > upTo ? 0 : (lab.b - deck.b) / Math.max(shift, reads - deck.b);
}

/** How far a blue has turned toward green; 1 from where it reads as aqua. */
function towardAqua(deck: Lab, { lab }: Reads): number {
  const { hueDeg: blue, fromChroma, turnDeg, readsHueFrom, readsFrom } = READINGS['turned-green'].aqua;
  const hue = hueDeg(deck);
  const reads = hueDeg(lab);
  if (chroma(deck) < fromChroma || hue < blue.from || hue > blue.to) return 0;
  // past the greens lies yellow, and round the other way pink
  return chroma(lab) < readsFrom || reads < readsHueFrom ? 0 : (hue - reads) / turnDeg;
}

/**
 * What a light does to a colour, each with its number and threshold.
 *
 * @param deck Lab (D65, 10°) of the colour in the deck; @param seen how it looks in the light
 */
export function readingsOf(deck: Lab, seen: Reads): Reading[] {
  const { dingy, 'washed-out': washed, nearNeutralTo } = READINGS;
  const nearNeutral = chroma(deck) <= nearNeutralTo;
  const reading = (flag: Flag, value: number, threshold: number, applies: boolean): Reading => ({
    flag,
    value,
    threshold,
    holds: applies && value >= threshold,
  });
  const [da, db] = [seen.lab.a - deck.a, seen.lab.b - deck.b];
  // the larger shift names the turn
  const alongB = nearNeutral && Math.abs(db) >= Math.abs(da);
  const alongA = nearNeutral && !alongB;
  const weakLight = deck.l >= washed.light.from && deck.l <= washed.light.to && chroma(deck) <= washed.weakTo;
  return [
    deck.l >= dingy.lightFrom
      ? reading('dingy', dinginess(deck, seen), dingy.threshold, true)
      : reading('dingy', muddiness(deck, seen), dingy.muddy.threshold, true),
    reading('washed-out', seen.brightness / DAZZLING, washed.threshold, weakLight),
    reading('turned-blue', turn(db, seen.lab.b, READINGS['turned-blue']), 1, alongB),
    reading(
      'turned-warm',
      Math.max(turn(db, seen.lab.b, READINGS['turned-warm']), coolLeanLost(deck, seen)),
      1,
      alongB && deck.b < READINGS['turned-warm'].deckBelow,
    ),
    reading(
      'turned-green',
      Math.max(alongA ? turn(da, seen.lab.a, READINGS['turned-green']) : 0, towardAqua(deck, seen)),
      1,
      true,
    ),
    reading('turned-pink', turn(da, seen.lab.a, READINGS['turned-pink']), 1, alongA),
  ];
}

export const flagsOf = (readings: readonly Reading[]): Flag[] => readings.filter((r) => r.holds).map((r) => r.flag);
