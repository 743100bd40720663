import { resample } from '@/core/colour/resample';
import type { Paint, PaintBase } from '@/core/paint/paint';
import type { TintSystem } from '@/core/paint/tint-system';
import { listBases, listTintSystems } from '@/data/decks';
import type { BaseRow, DeckColourRow, TintSystemRow } from '@/data/deck-rows';
import type { Sql } from '@/data/sql';

const lab = ({ l, a, b }: { l: number; a: number; b: number }) => ({ l, a, b });
const curve = (spectrum: DeckColourRow['spectrum']) =>
  spectrum ? resample(spectrum.start, spectrum.step, spectrum.values).reflectance : undefined;

export function paintBase(row: BaseRow): PaintBase {
  const { id, kind, name, spectrum, optical } = row;
  return {
    id,
    kind,
    name,
    lab: lab(row),
    reflectance: curve(spectrum),
    optical: optical ? { k: Float64Array.from(optical.k), s: Float64Array.from(optical.s), film: optical.film } : undefined,
  };
}

const tintSystem = ({ id, name, shotMl, surface, colourants }: TintSystemRow): TintSystem => ({
  id,
  name,
  shotMl,
  surface,
  colourants: colourants.map((c) => ({ id: c.id, name: c.name, k: Float64Array.from(c.k), s: Float64Array.from(c.s) })),
});

/** Deck colours as paints: their bases and tint systems are read once for all of them. */
export async function paintsOf(sql: Sql, rows: readonly DeckColourRow[]): Promise<Map<string, Paint>> {
  const bases = new Map((await listBases(sql, [...new Set(rows.map((r) => r.baseId))])).map((b) => [b.id, paintBase(b)]));
  const needed = rows.some((r) => r.formula !== null);
  const systems = new Map(needed ? (await listTintSystems(sql)).map((t) => [t.id, tintSystem(t)]) : []);
  return new Map(
    rows.map((row) => {
      const system = row.tintSystemId === null ? undefined : systems.get(row.tintSystemId);
      const tint = system && row.formula ? { system, formula: row.formula } : undefined;
      return [row.id, { lab: lab(row), reflectance: curve(row.spectrum), base: bases.get(row.baseId)!, tint }];
    }),
  );
}
