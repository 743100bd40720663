import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { GRID } from '@/core/colour/grid';
import { deckSchema } from '@/core/formats/deck/deck';
import { nameSchema } from '@/core/base/fields';
import { BASE_KINDS } from '@/core/paint/tint-system';
import { upsertTintSystem } from '@/data/decks';
import type { Database } from '@/data/sql';
import { storeDeck } from './store-deck';

const curve = z.array(z.number().min(0)).length(GRID.count);
/** A tint system as it ships: its colourants, and the bases of the makers who use it. */
export const tintFileSchema = z.strictObject({
  format: z.literal('elm-swatch/tint-system'),
  version: z.literal(1),
  about: z.string(),
  id: z.string(),
  name: nameSchema,
  shotMl: z.number().positive(),
  surface: z.strictObject({ k1: z.number().min(0).max(0.2), k2: z.number().min(0).max(0.9) }),
  colourants: z.array(z.strictObject({ id: z.string(), name: nameSchema, k: curve, s: curve })),
  bases: z.array(
    z.strictObject({
      id: z.string(),
      kind: z.enum(BASE_KINDS),
      name: nameSchema,
      film: z.number().positive(),
      k: curve,
      s: curve,
    }),
  ),
});

const readJson = (file: string): unknown => JSON.parse(readFileSync(/* turbopackIgnore: true */ file, 'utf8'));

/** Loads the tint system and the decks that ship with the product, and brings those already there up to date. */
export async function loadShippedDecks(
  db: Database,
  folder = process.env['ELM_SWATCH_DECKS'] ?? path.join('demo', 'decks'),
  tintFile = path.join('demo', 'tint-system.json'),
): Promise<void> {
  const tint = existsSync(/* turbopackIgnore: true */ tintFile) ? tintFileSchema.parse(readJson(tintFile)) : undefined;
  const files = readdirSync(/* turbopackIgnore: true */ folder).filter((f) => f.endsWith('.json'));
  await db.transaction(async (sql) => {
    if (tint) await upsertTintSystem(sql, tint);
    for (const file of files.sort()) {
      const deck = deckSchema.parse(readJson(path.join(/* turbopackIgnore: true */ folder, file)));
      await storeDeck(sql, deck, { importId: null, optical: tint?.bases ?? [] });
    }
  });
}
