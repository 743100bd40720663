import { screenColour } from '@/core/colour/srgb';
import { describeColour, familyOf, nameColour, type Family } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import { stripsByColour, type Strip } from '@/core/colour/strips-by-colour';
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
  /** As its maker prints it; null where the deck does not say. */
  readonly makerLrv: number | null;
  /** Its maker's base is known, not assumed. */
  readonly baseKnown: boolean;
  /** Its strip is its maker's; otherwise it is made by colour. */
  readonly ownStrip: boolean;
  readonly family: Family;
  readonly lean: Lean;
  readonly baseKind: BaseKind;
  /** A spectrum was measured; otherwise the colour is known by its Lab only. */
  readonly measured: boolean;
  readonly hasFormula: boolean;
  readonly says: string;
  readonly sharedName: boolean;
};

function deckColour(row: DeckListRow, made: Strip | undefined): DeckColour {
  const lab = { l: row.l, a: row.a, b: row.b };
  return {
    id: row.id,
    maker: row.maker,
    code: row.code,
    name: row.name,
    strip: made?.strip ?? row.strip,
    step: made?.step ?? row.step,
    ownStrip: made === undefined,
    lab,
    hex: screenColour(lab).hex,
    lrv: lrvOf(lab),
    makerLrv: row.lrv,
    baseKnown: row.baseKnown,
    family: familyOf(lab),
    lean: nameColour(lab).lean,
    baseKind: row.baseKind,
    measured: row.measured,
    hasFormula: row.hasFormula,
    says: describeColour(lab),
    sharedName: row.sharedName,
  };
}

/** Deck colours as the deck step shows them; those of which no strip is known are put on strips by their colours, maker by maker. */
export function deckColours(rows: readonly DeckListRow[]): DeckColour[] {
  const loose = rows.filter((r) => r.strip === '');
  const made = new Map<string, Strip>();
  for (const maker of new Set(loose.map((r) => r.makerId))) {
    const own = loose.filter((r) => r.makerId === maker);
    stripsByColour(own).forEach((strip, k) => made.set(own[k]!.id, strip));
  }
  return rows.map((row) => deckColour(row, made.get(row.id)));
}
