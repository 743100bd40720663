import type { Lab } from '../colour/types';
import { flagsOf, READINGS, readingsOf } from './readings';
import type { Appearance } from './scene';

export const TURN_KINDS = ['dingy', 'washed-out', 'navy', 'greener', 'pinker', 'bluer', 'yellower'] as const;
/** What a colour does for a while that it does not do for most of the day. */
export type TurnKind = (typeof TURN_KINDS)[number];
export const TURN_NAMES: Readonly<Record<TurnKind, string>> = {
  dingy: 'dingy',
  'washed-out': 'washed out',
  navy: 'navy',
  greener: 'greener',
  pinker: 'pinker',
  bluer: 'bluer',
  yellower: 'yellower',
};

export const TURNS = {
  /** Shift in a* or b* against the day's usual look at which a colour has turned; under it few eyes notice. Own choice. */
  shift: 4,
  /** L* in the deck under which a turn to blue reads as navy. */
  navyTo: 40,
  /** Moments a turn lasts at least. */
  least: 3,
} as const;

/** A white of paper, as everyone has one in the eye: what dims it dims the room, and is said of the room once. */
export const REFERENCE_WHITE: Lab = { l: 96, a: 0, b: 0 };
const dullness = (deck: Lab, look: Appearance): number => {
  const { value, threshold } = readingsOf(deck, look).find((r) => r.flag === 'dingy')!;
  return value / threshold;
};

/** Whether the light is too dim for a white. */
export const isDim = (white: Appearance): boolean => dullness(REFERENCE_WHITE, white) >= 1;

/** A turn from one moment to another, both counted. */
export type Turn = { readonly kind: TurnKind; readonly from: number; readonly to: number };

/**
 * Whether a light colour is dull only as everything is in so little light, and as its depth makes it anywhere: it loses no more warmth
 * than a white does, as far as an eye would notice, or not enough to be dingy where the white is not. A deeper colour goes muddy in its
 * own way.
 */
function isWithTheRoom(deck: Lab, look: Appearance, white: Appearance | undefined): boolean {
  if (!white || deck.l < READINGS.dingy.lightFrom) return false;
  const lost = deck.b - look.lab.b - (REFERENCE_WHITE.b - white.lab.b);
  const { perWarmth, threshold } = READINGS.dingy;
  return lost < TURNS.shift || dullness(REFERENCE_WHITE, white) + (perWarmth * lost) / threshold < 1;
}

const median = (values: readonly number[]): number => [...values].sort((p, q) => p - q)[Math.floor(values.length / 2)]!;

/** The look of most of the day: medians of L*, a* and b*; undefined when there is no look at all. */
export function usualLook(looks: readonly (Appearance | undefined)[]): Lab | undefined {
  const labs = looks.flatMap((look) => (look ? [look.lab] : []));
  if (labs.length === 0) return undefined;
  return { l: median(labs.map((c) => c.l)), a: median(labs.map((c) => c.a)), b: median(labs.map((c) => c.b)) };
}

/** Whether a look has left both the usual one and the deck in the same direction: what only comes back toward the deck has not turned. */
const leaves = (now: number, usual: number, deck: number): boolean => Math.sign(now - usual) === Math.sign(now - deck);

/**
 * How a colour has turned in one look, against its usual look of the day; undefined when it holds. The larger shift names the turn.
 *
 * @param deck Lab (D65, 10°) in the deck
 * @param white how a white looks in the same light: a colour is dingy where it suffers more than that
 */
export function turnIn(deck: Lab, usual: Lab, look: Appearance, white?: Appearance): TurnKind | undefined {
  const flags = flagsOf(readingsOf(deck, look));
  if (flags.includes('dingy') && !isWithTheRoom(deck, look, white)) return 'dingy';
  if (flags.includes('washed-out')) return 'washed-out';
  if (flags.includes('turned-blue') && deck.l <= TURNS.navyTo) return 'navy';
  const [da, db] = [look.lab.a - usual.a, look.lab.b - usual.b];
  if (Math.max(Math.abs(da), Math.abs(db)) < TURNS.shift) return undefined;
  const mostly = Math.abs(da) > Math.abs(db) ? 'a' : 'b';
  if (!leaves(look.lab[mostly], usual[mostly], deck[mostly])) return undefined;
  if (mostly === 'a') return da > 0 ? 'pinker' : 'greener';
  return db > 0 ? 'yellower' : 'bluer';
}

/** The turns of a colour through a day, in order of time. Moments without light are no turn. @param whites a white at the same moments */
export function turnsOf(
  deck: Lab,
  looks: readonly (Appearance | undefined)[],
  whites: readonly (Appearance | undefined)[] = [],
): Turn[] {
  const usual = usualLook(looks);
  if (!usual) return [];
  return stretches(looks.map((look, moment) => look && turnIn(deck, usual, look, whites[moment])));
}

/** When the light is too dim for a white, in order of time: dim hours of the room, whatever is in it. */
export const dimHours = (whites: readonly (Appearance | undefined)[]): Turn[] =>
  stretches(whites.map((white) => (white && isDim(white) ? 'dingy' : undefined)));

/** Turns that last, from what each moment turns to. */
function stretches(kinds: readonly (TurnKind | undefined)[]): Turn[] {
  const turns: Turn[] = [];
  kinds.forEach((kind, moment) => {
    if (!kind) return;
    const last = turns.at(-1);
    if (last?.kind === kind && last.to === moment - 1) turns[turns.length - 1] = { ...last, to: moment };
    else turns.push({ kind, from: moment, to: moment });
  });
  return turns.filter((t) => t.to - t.from + 1 >= TURNS.least);
}
