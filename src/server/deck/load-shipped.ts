import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { GRID } from '@/core/colour/grid';
import { deckSchema } from '@/core/formats/deck/deck';
import { nameSchema } from '@/core/base/fields';
import { BASE_KINDS } from '@/core/paint/tint-system';
import { setShippedVersion, shippedVersion, upsertTintSystem } from '@/data/decks';
import type { Entry } from '@/data/journal/line';
import type { Database, Sql } from '@/data/sql';
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

type Shipped = Extract<Entry, { readonly kind: 'shipped' }>;

/** What ships with the product, and its version: the SHA-256 of all of it. */
function shippedDecks(folder: string, tintFile: string): Shipped {
  const tint = existsSync(/* turbopackIgnore: true */ tintFile) ? readJson(tintFile) : null;
  const decks = readdirSync(/* turbopackIgnore: true */ folder)
    .filter((f) => f.endsWith('.json'))
    .sort()
    .map((file) => readJson(path.join(/* turbopackIgnore: true */ folder, file)));
  const version = createHash('sha256')
    .update(JSON.stringify([tint, decks]))
    .digest('hex');
  return { kind: 'shipped', version, tint, decks };
}

/** Puts the tint system and the decks that ship with the product in, and brings those already there up to date. */
export async function storeShipped(sql: Sql, { version, tint: given, decks }: Shipped): Promise<void> {
  const tint = given === null ? undefined : tintFileSchema.parse(given);
  if (tint) await upsertTintSystem(sql, tint);
  for (const deck of decks) await storeDeck(sql, deckSchema.parse(deck), { importId: null, optical: tint?.bases ?? [] });
  await setShippedVersion(sql, version);
}

/** Loads what ships with the product, unless this very version is in: then nothing is written. */
export async function loadShippedDecks(
  db: Database,
  folder = process.env['ELM_SWATCH_DECKS'] ?? path.join('demo', 'decks'),
  tintFile = path.join('demo', 'tint-system.json'),
): Promise<void> {
  const entry = shippedDecks(folder, tintFile);
  if ((await shippedVersion(db)) === entry.version) return;
  await db.journalled(async (sql) => {
    await storeShipped(sql, entry);
    return { entry, value: undefined };
  });
}
