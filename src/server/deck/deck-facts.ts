import type { DeckFacts } from '@/core/record/candidate';
import { paintAtStrength, type Paint } from '@/core/paint/paint';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { inSteps } from '@/core/operations/visit-text';
import { deckVersion, listDeckColoursById } from '@/data/decks';
import type { DeckColourRow } from '@/data/deck-rows';
import type { Sql } from '@/data/sql';
import { paintsOf } from '../paint/paint-of';
import { onePerProcess } from '../one-per-process';

/** A colour of the deck at a strength. */
export type AtStrength = { readonly deckColourId: string; readonly strength: number };

/** The spectrum of a paint at a strength, when it is more than a guess from Lab. */
function knownSpectrum(paint: Paint, strength: number): readonly number[] | null {
  const mixed = paintAtStrength(paint, strength);
  const measured = paint.reflectance !== undefined && (strength === 100 || paint.base.reflectance !== undefined);
  return mixed.how === 'colourants' || measured ? Array.from(mixed.reflectance, inSteps) : null;
}

/** Lab without a negative zero, which no text can carry. */
const plainLab = ({ l, a, b }: DeckFacts['lab']) => ({ l: l + 0, a: a + 0, b: b + 0 });

type Known = { readonly row: DeckColourRow; readonly paint: Paint; readonly facts: Map<number, DeckFacts> };

function factsAt({ row, paint, facts }: Known, strength: number): DeckFacts {
  const before = facts.get(strength);
  if (before) return before;
  const made: DeckFacts = {
    maker: row.maker,
    code: row.code,
    name: row.name,
    baseKind: paint.base.kind,
    offered: OFFERED_STRENGTHS.map((s) => ({ strength: s, lab: plainLab(paintAtStrength(paint, s).lab) })),
    lab: plainLab(paintAtStrength(paint, strength).lab),
    spectrum: knownSpectrum(paint, strength),
    sharedName: row.sharedName,
  };
  facts.set(strength, made);
  return made;
}

/** What was mixed of the deck of one database as it is now; a deck that changes is mixed anew. */
type Mixed = { readonly database: symbol; readonly version: string; readonly colours: Map<string, Known> };
const kept = onePerProcess<{ mixed?: Mixed }>('mixed-deck', () => ({}));

async function coloursNow(sql: Sql): Promise<Map<string, Known>> {
  const version = await deckVersion(sql);
  if (kept.mixed?.database !== sql.database || kept.mixed.version !== version)
    kept.mixed = { database: sql.database, version, colours: new Map() };
  return kept.mixed.colours;
}

/**
 * What the deck says of colours at strengths, in their order; undefined for a colour it does not have. Each is mixed once per state of
 * the deck.
 */
export async function deckFactsOf(sql: Sql, wanted: readonly AtStrength[]): Promise<(DeckFacts | undefined)[]> {
  const colours = await coloursNow(sql);
  const missing = [...new Set(wanted.map((w) => w.deckColourId))].filter((id) => !colours.has(id));
  const rows = await listDeckColoursById(sql, missing);
  const paints = await paintsOf(sql, rows);
  for (const row of rows) colours.set(row.id, { row, paint: paints.get(row.id)!, facts: new Map() });
  return wanted.map(({ deckColourId, strength }) => {
    const known = colours.get(deckColourId);
    return known && factsAt(known, strength);
  });
}
