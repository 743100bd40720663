import { byTag, type ByTag } from '@/core/base/by-tag';
import type { Refusal } from '@/core/operations/operation';

type Refusals = { readonly [R in Refusal['reason']]: Extract<Refusal, { reason: R }> };
const REFUSED: ByTag<Refusals, [], string> = {
  invalid: ({ issues }) => issues[0]?.message ?? 'Something in it could not be read.',
  'changed-elsewhere': () =>
    'This was changed in another window meanwhile. What you typed is still here: look at the newer version below, then save again.',
  'not-found': ({ what }) => `The ${what} is not there any more.`,
  'taken-out': ({ what }) => `The ${what} was taken out of the room. Put it back first.`,
  signed: () => 'That was signed. Decide it anew, then sign the revision: both stay on record.',
  'already-there': () => 'That is recorded already.',
  'not-a-surface-colour': ({ what }) => `No real surface can have the colour given for “${what}”. Check the Lab values.`,
  'too-many': ({ what }) => `A room keeps no more ${what}. Take one away first.`,
  'last-room': () => 'A visit needs at least one room.',
  'no-room': ({ says }) => says,
  failed: () => 'It could not be saved. What you typed is still here; try again.',
};

/** What to tell the person when a write was refused. */
export const sayRefusal = (refusal: Refusal): string =>
  byTag<Refusals, Refusal['reason'], [], string>(REFUSED, refusal.reason, refusal);

/** "+18 points", with a real minus sign. */
export const signed = (value: number, digits = 0): string =>
  `${SIGNS[Math.sign(value)] ?? '±'}${Math.abs(value).toFixed(digits)}`;
const SIGNS: Readonly<Record<number, string>> = { 1: '+', [-1]: '−' };
