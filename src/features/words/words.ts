import type { Refusal } from '@/core/operations/operation';

/** What to tell the person when a write was refused. */
export function sayRefusal(refusal: Refusal): string {
  switch (refusal.reason) {
    case 'invalid':
      return refusal.issues[0]?.message ?? 'Something in it could not be read.';
    case 'changed-elsewhere':
      return 'This was changed in another window meanwhile. What you typed is still here: look at the newer version below, then save again.';
    case 'not-found':
      return `The ${refusal.what} is not there any more.`;
    case 'already-there':
      return 'That is recorded already.';
    case 'not-a-surface-colour':
      return `No real surface can have the colour given for “${refusal.what}”. Check the Lab values.`;
    case 'too-many':
      return `A room keeps no more ${refusal.what}. Take one away first.`;
    case 'last-room':
      return 'A visit needs at least one room.';
    case 'failed':
      return 'It could not be saved. What you typed is still here; try again.';
  }
}

/** "+18 points", with a real minus sign. */
export const signed = (value: number, digits = 0): string =>
  `${value > 0 ? '+' : value < 0 ? '−' : '±'}${Math.abs(value).toFixed(digits)}`;
