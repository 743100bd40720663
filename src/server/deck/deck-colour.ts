import { screenColour } from '@/core/colour/srgb';
import { describeColour, familyOf, nameColour } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import { stripsByColour, type Strip } from '@/core/colour/strips-by-colour';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { DeckListRow } from '@/data/deck-rows';

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
