import type { Lab } from '../colour/types';
import { flagsOf, readingsOf } from './readings';
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

/** A turn from one moment to another, both counted. */
export type Turn = { readonly kind: TurnKind; readonly from: number; readonly to: number };

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
 */
export function turnIn(deck: Lab, usual: Lab, look: Appearance): TurnKind | undefined {
  const flags = flagsOf(readingsOf(deck, look));
  if (flags.includes('dingy')) return 'dingy';
  if (flags.includes('washed-out')) return 'washed-out';
  if (flags.includes('turned-blue') && deck.l <= TURNS.navyTo) return 'navy';
  const [da, db] = [look.lab.a - usual.a, look.lab.b - usual.b];
  if (Math.max(Math.abs(da), Math.abs(db)) < TURNS.shift) return undefined;
  if (Math.abs(da) > Math.abs(db)) return !leaves(look.lab.a, usual.a, deck.a) ? undefined : da > 0 ? 'pinker' : 'greener';
  return !leaves(look.lab.b, usual.b, deck.b) ? undefined : db > 0 ? 'yellower' : 'bluer';
}

/** The turns of a colour through a day, in order of time. Moments without light are no turn. */
export function turnsOf(deck: Lab, looks: readonly (Appearance | undefined)[]): Turn[] {
  const usual = usualLook(looks);
  if (!usual) return [];
  const turns: Turn[] = [];
  looks.forEach((look, moment) => {
    const kind = look && turnIn(deck, usual, look);
    if (!kind) return;
    const last = turns.at(-1);
    if (last?.kind === kind && last.to === moment - 1) turns[turns.length - 1] = { ...last, to: moment };
    else turns.push({ kind, from: moment, to: moment });
  });
  return turns.filter((t) => t.to - t.from + 1 >= TURNS.least);
}
