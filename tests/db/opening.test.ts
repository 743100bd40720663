import { readdirSync } from 'node:fs';
import { openDatabase } from '@/data/db';
import { migrate, MIGRATIONS } from '@/data/migrate';
import type { Database } from '@/data/sql';
import { loadDemo } from '@/server/demo/load';
import { loadShippedDecks } from '@/server/deck/load-shipped';
import { deckColours } from '@/server/deck/deck-colour';
import { listDeck } from '@/data/decks';
import { listVisits } from '@/data/visits';
import { loadVisit } from '@/server/visits/load-visit';
import { TEMPLATE } from './made-up';

describe('the database', () => {
  let db: Database;
  beforeAll(async () => {
    db = await openDatabase(undefined, TEMPLATE);
  }, 60_000);
  afterAll(() => db.close());

  test('is migrated once, in order', async () => {
    const applied = await migrate(db);
    expect(applied).toEqual(
      readdirSync(MIGRATIONS)
        .filter((f) => f.endsWith('.sql'))
        .sort(),
    );
    expect(await migrate(db)).toEqual([]);
  });

  test('refuses undefined as a parameter', async () => {
    await expect(db.query('select $1::text as a', [undefined as never])).rejects.toThrow('parameter $1 is undefined');
  });

  test('a failed transaction leaves nothing', async () => {
    const work = db.transaction(async (sql) => {
      await sql.query(`insert into maker (id, name) values ('XX', 'half')`);
      throw new Error('stop');
    });
    await expect(work).rejects.toThrow('stop');
    expect(await db.query(`select id from maker where id = 'XX'`)).toEqual([]);
  });

  test('holds the two made-up decks: at least 240 colours, no code twice, at least three names of both makers', async () => {
    await loadShippedDecks(db);
    await loadShippedDecks(db);
    const deck = deckColours(await listDeck(db));
    expect(deck.length).toBeGreaterThanOrEqual(240);
    expect(new Set(deck.map((c) => c.id)).size).toBe(deck.length);
    expect(new Set(deck.map((c) => c.maker)).size).toBe(2);
    expect(new Set(deck.filter((c) => c.sharedName).map((c) => c.name)).size).toBeGreaterThanOrEqual(3);
    for (const family of [
      'white',
      'off-white',
      'cream',
      'grey',
      'greige',
      'taupe',
      'beige',
      'tan',
      'brown',
      'charcoal',
      'off-black',
      'black',
    ])
      expect(deck.some((c) => c.family === family)).toBe(true);
  });

  test('the demo visit is part tested, and loading it again changes nothing', async () => {
    await loadDemo(db);
    await loadDemo(db);
    const visits = await listVisits(db);
    expect(visits).toHaveLength(2);
    const visit = (await loadVisit(db, visits[0]!.id))!;
    expect(visit.rooms).toHaveLength(4);
    expect(visit.rooms.some((r) => r.verdicts.length > 10)).toBe(true);
    expect(visit.rooms.some((r) => r.verdicts.length === 0)).toBe(true);
  });

  test('a folder written by a newer build is left alone', async () => {
    await db.query(`insert into migration (name) values ('9999_future.sql')`);
    await expect(migrate(db)).rejects.toThrow('newer Elm Swatch');
    await db.query(`delete from migration where name = '9999_future.sql'`);
  });
});
