import { screenColour } from '@/core/colour/srgb';
import { describeColour, familyOf, nameColour, type Family } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import type { Lab } from '@/core/colour/types';
import type { Lean } from '@/core/colour/lean';
import type { BaseKind } from '@/core/paint/tint-system';
import type { DeckListRow } from '@/data/deck-rows';

/** A deck colour as the deck step shows it; `says` and `family` are computed, never stored. */
export type DeckColour = {
  readonly id: string;
  readonly maker: string;
  readonly code: string;
  readonly name: string;
  readonly strip: string;
  readonly step: number;
  readonly lab: Lab;
  readonly hex: string;
  readonly lrv: number;
  readonly family: Family;
  readonly lean: Lean;
  readonly baseKind: BaseKind;
  /** A spectrum was measured; otherwise the colour is known by its Lab only. */
  readonly measured: boolean;
  readonly hasFormula: boolean;
  readonly says: string;
  readonly sharedName: boolean;
};

export function deckColour(row: DeckListRow): DeckColour {
  const lab = { l: row.l, a: row.a, b: row.b };
  return {
    id: row.id,
    maker: row.maker,
    code: row.code,
    name: row.name,
    strip: row.strip,
    step: row.step,
    lab,
    hex: screenColour(lab).hex,
    lrv: lrvOf(lab),
    family: familyOf(lab),
    lean: nameColour(lab).lean,
    baseKind: row.baseKind,
    measured: row.measured,
    hasFormula: row.hasFormula,
    says: describeColour(lab),
    sharedName: row.sharedName,
  };
}
