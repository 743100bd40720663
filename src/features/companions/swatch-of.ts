import type { PlacedCompanion } from '@/core/engine/companions';
import type { Swatch } from '@/core/engine/light-protocol';
import { offeredSwatch } from '@/core/engine/swatches';

/** A companion to be painted: a colour of the deck at a strength, or a fabric by its role. */
export const swatchOf = ({ id, strength, role, key, lab }: PlacedCompanion): Swatch =>
  id === null ? { id: `${role} ${key}`, lab } : offeredSwatch({ deckColourId: id }, strength!, lab);
