import { screenColour } from '@/core/colour/srgb';
import { describeColour, familyOf, type Family } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import type { Lab } from '@/core/colour/types';
import type { DeckColourRow } from '@/data/rows';

/** A deck colour as the deck step shows it; `says` and `family` are computed, never stored. */
export type DeckColour = {
  readonly id: string;
  readonly maker: string;
  readonly code: string;
  readonly name: string;
  readonly strip: string;
  readonly step: number;
  readonly lab: Lab;
  readonly base: Lab;
  readonly hex: string;
  readonly lrv: number;
  readonly family: Family;
  readonly says: string;
  readonly sharedName: boolean;
};

export function deckColour(row: DeckColourRow): DeckColour {
  const lab = { l: row.l, a: row.a, b: row.b };
  return {
    id: row.id,
    maker: row.maker,
    code: row.code,
    name: row.name,
    strip: row.strip,
    step: row.step,
    lab,
    base: { l: row.base_l, a: row.base_a, b: row.base_b },
    hex: screenColour(lab).hex,
    lrv: lrvOf(lab),
    family: familyOf(lab),
    says: describeColour(lab),
    sharedName: row.shared_name,
  };
}
