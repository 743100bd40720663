import { GRID } from '@/core/colour/grid';
import { encodeDeckCurves, placesOf } from '@/core/formats/deck-curves';
import { paintAtStrength, type Paint } from '@/core/paint/paint';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { deckVersion, listDeckColours } from '@/data/decks';
import type { Sql } from '@/data/sql';
import { database } from '../database';
import { paintsOf } from '../paint/paint-of';
import { onePerProcess } from '../one-per-process';

export type MadeCurves = { readonly version: string; readonly file: Uint8Array<ArrayBuffer> };

/** Colours computed before others get their turn. */
const BATCH = 50;
const othersFirst = () => new Promise((resolve) => setImmediate(resolve));

/** A paint at a strength; undefined when it cannot be mixed. */
function mixed(paint: Paint, strength: number) {
  try {
    return paintAtStrength(paint, strength);
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/** The whole deck at the usual strengths, computed. */
export async function makeCurves(sql: Sql): Promise<Uint8Array<ArrayBuffer>> {
  const rows = await listDeckColours(sql);
  const paints = await paintsOf(sql, rows);
  const head = { ids: rows.map((r) => r.id), makers: rows.map((r) => r.maker), strengths: OFFERED_STRENGTHS };
  const labs = new Float32Array(3 * placesOf(head)).fill(NaN);
  const curves = new Float32Array(GRID.count * placesOf(head));
  let place = 0;
  for (const [n, { id }] of rows.entries()) {
    if (n % BATCH === 0) await othersFirst();
    for (const strength of OFFERED_STRENGTHS) {
      const found = mixed(paints.get(id)!, strength);
      if (found) {
        labs.set([found.lab.l, found.lab.a, found.lab.b], 3 * place);
        curves.set(found.reflectance, GRID.count * place);
      }
      place += 1;
    }
  }
  return encodeDeckCurves({ ...head, labs, curves });
}

const kept = onePerProcess<{ made?: Promise<MadeCurves> | undefined; version: string }>('deck-curves', () => ({ version: '' }));

/** The whole deck at the usual strengths; computed once for each state of the deck. */
export async function deckCurves(): Promise<MadeCurves> {
  const sql = await database();
  const now = await deckVersion(sql);
  if (kept.made && now === kept.version) return kept.made;
  kept.version = now;
  kept.made = makeCurves(sql).then((file) => ({ version: now, file }));
  kept.made.catch(() => (kept.made = undefined));
  return kept.made;
}
