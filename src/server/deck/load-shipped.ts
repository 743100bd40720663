import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { labSchema, nameSchema } from '@/core/formats/operations';
import { insertDeckColours, upsertMaker } from '@/data/decks';
import type { Database } from '@/data/sql';

const code = z.string().min(1).max(40);
export const deckFileSchema = z.object({
  about: z.string(),
  maker: z.strictObject({ id: code, name: nameSchema, base: labSchema }),
  colours: z
    .array(
      z.strictObject({ code, name: nameSchema, strip: z.string().max(80), step: z.int().min(1).max(50), ...labSchema.shape }),
    )
    .max(20000),
});

/** Loads the decks that ship with the product; colours already there stay as they are. */
export async function loadShippedDecks(
  db: Database,
  folder = process.env['ELM_SWATCH_DECKS'] ?? path.join('demo', 'decks'),
): Promise<void> {
  for (const file of readdirSync(/* turbopackIgnore: true */ folder)
    .filter((f) => f.endsWith('.json'))
    .sort()) {
    const deck = deckFileSchema.parse(JSON.parse(readFileSync(path.join(/* turbopackIgnore: true */ folder, file), 'utf8')));
    await db.transaction(async (sql) => {
      await upsertMaker(sql, deck.maker);
      await insertDeckColours(sql, deck.maker.id, deck.colours);
    });
  }
}
