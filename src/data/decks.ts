import { z } from 'zod';
import { deckColourRow, type DeckColourRow } from './rows';
import type { Sql } from './sql';

export type Maker = {
  readonly id: string;
  readonly name: string;
  readonly base: { readonly l: number; readonly a: number; readonly b: number };
};
export type NewDeckColour = {
  readonly code: string;
  readonly name: string;
  readonly strip: string;
  readonly step: number;
  readonly l: number;
  readonly a: number;
  readonly b: number;
};

const SELECT = `select d.id, d.maker_id, m.name as maker, d.code, d.name, d.strip, d.step, d.l, d.a, d.b, m.base_l, m.base_a, m.base_b,
  exists (select 1 from deck_colour o where lower(o.name) = lower(d.name) and o.maker_id <> d.maker_id) as shared_name
  from deck_colour d join maker m on m.id = d.maker_id`;

/** The whole deck, strip by strip. */
export const listDeck = async (sql: Sql): Promise<DeckColourRow[]> =>
  z.array(deckColourRow).parse(await sql.query(`${SELECT} order by m.name, d.strip, d.step, d.code`));

/** The deck colours tried in a visit. */
export const listDeckColoursOfVisit = async (sql: Sql, visitId: string): Promise<DeckColourRow[]> =>
  z
    .array(deckColourRow)
    .parse(
      await sql.query(
        `${SELECT} where d.id in (select c.deck_colour_id from candidate c join room r on r.id = c.room_id where r.visit_id = $1)`,
        [visitId],
      ),
    );

export const findDeckColour = async (sql: Sql, id: string): Promise<DeckColourRow | undefined> =>
  z.array(deckColourRow).parse(await sql.query(`${SELECT} where d.id = $1`, [id]))[0];

export const upsertMaker = (sql: Sql, maker: Maker) =>
  sql.query(
    `insert into maker (id, name, base_l, base_a, base_b) values ($1, $2, $3, $4, $5)
     on conflict (id) do update set name = excluded.name, base_l = excluded.base_l, base_a = excluded.base_a, base_b = excluded.base_b`,
    [maker.id, maker.name, maker.base.l, maker.base.a, maker.base.b],
  );

/** Adds the colours that are not there yet, in one statement; colours already there stay as they are. */
export const insertDeckColours = (sql: Sql, makerId: string, colours: readonly NewDeckColour[]) =>
  sql.query(
    `insert into deck_colour (id, maker_id, code, name, strip, step, l, a, b)
     select $1 || ':' || (c->>'code'), $1, c->>'code', c->>'name', c->>'strip', (c->>'step')::int4,
       (c->>'l')::float8, (c->>'a')::float8, (c->>'b')::float8
     from jsonb_array_elements($2::jsonb) as t (c)
     on conflict (id) do nothing`,
    [makerId, JSON.stringify(colours)],
  );
