import { z } from 'zod';
import { labSchema } from '@/core/colour/colour-schema';
import { CONTAINERS, type Container } from '@/core/paint/containers';
import { NO_PRODUCT_LINES } from '@/core/paint/product-lines';
import { paintFacts, type PaintFacts } from '@/core/paint/paint-facts';
import { strengthSchema } from '@/core/record/candidate';
import { listDeckColoursById, listProductLines } from '@/data/decks';
import type { Sql } from '@/data/sql';
import { database } from '../database';
import { deckCopies } from './copies';
import { paintsOf } from './paint-of';

/** Largest request that is read, bytes. */
export const MOST_BYTES = 100_000;

const containerSchema = z.enum(Object.keys(CONTAINERS) as [Container, ...Container[]]);
export const askedSchema = z
  .array(
    z.strictObject({
      deckColourId: z.string().min(1).max(200),
      strength: strengthSchema,
      /** What is there now; null where it is not recorded. */
      under: labSchema.nullable(),
      containers: z.array(containerSchema).max(12).default([]),
      /** Whether the nearest paints of other makers are told. */
      copies: z.boolean().default(false),
    }),
  )
  .max(400);
export type AskedPaint = z.input<typeof askedSchema>[number];
export type { PaintFacts };

/** What papers say of paints, in the order they were asked; null for a colour the deck does not have. */
export async function factsOf(asked: readonly AskedPaint[]): Promise<(PaintFacts | null)[]> {
  const facts = await factsFor(await database(), asked);
  const wanted = asked.filter((one) => one.copies);
  if (wanted.length === 0) return facts;
  const copies = new Map((await deckCopies(wanted)).map((copied, k) => [wanted[k]!, copied]));
  return facts.map((of, k) => of && { ...of, copied: copies.get(asked[k]!) ?? null });
}

/** The same, from a database that is known. */
export async function factsFor(db: Sql, asked: readonly AskedPaint[]): Promise<(PaintFacts | null)[]> {
  const rows = await listDeckColoursById(db, [...new Set(asked.map((a) => a.deckColourId))]);
  const paints = await paintsOf(db, rows);
  const makers = new Map(rows.map((r) => [r.id, r.makerId]));
  const lines = await listProductLines(db, [...new Set(makers.values())]);
  return asked.map(({ deckColourId, strength, under, containers }) => {
    const paint = paints.get(deckColourId);
    const makerId = makers.get(deckColourId) ?? '';
    const products = lines.get(makerId) ?? NO_PRODUCT_LINES;
    return paint ? paintFacts(paint, strength, { under, containers: containers ?? [], products, makerId }) : null;
  });
}
