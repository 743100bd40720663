import { z } from 'zod';
import type { BaseKind } from '@/core/paint/tint-system';
import { productLinesSchema, type ProductLines } from '@/core/paint/product-lines';
import type { DeckEntry } from '@/core/formats/deck/deck';
import {
  baseRow,
  deckColourRow,
  deckListRow,
  tintSystemRow,
  type BaseRow,
  type DeckColourRow,
  type DeckListRow,
  type TintSystemRow,
} from './deck-rows';
import type { Sql } from './sql';

export type Lab = { readonly l: number; readonly a: number; readonly b: number };
export type NewBase = Lab & {
  readonly id: string;
  readonly kind: BaseKind;
  readonly name: string;
  readonly spectrum: DeckEntry['spectrum'] | null;
  readonly optical: { readonly k: readonly number[]; readonly s: readonly number[]; readonly film: number } | null;
};
export type NewDeckColour = Lab & {
  readonly code: string;
  readonly name: string;
  readonly strip: string;
  readonly step: number;
  readonly baseId: string;
  readonly spectrum: DeckEntry['spectrum'] | null;
  readonly formula: DeckEntry['formula'] | null;
  readonly lrv: number | null;
};

const BASE_KNOWN = `d.base_id <> d.maker_id || ':assumed' as base_known`;

const SHARED = `exists (select 1 from deck_colour o join maker om on om.id = o.maker_id
  where lower(o.name) = lower(d.name) and o.maker_id <> d.maker_id and not om.retired) as shared_name`;
const HEAD = `d.id, d.maker_id, coalesce(m.called, m.name) as maker, d.code, d.name, d.strip, d.step, d.l, d.a, d.b, d.lrv`;
const FULL = `select ${HEAD}, d.base_id, ${BASE_KNOWN}, d.spectrum, d.formula, m.tint_system_id, ${SHARED}
  from deck_colour d join maker m on m.id = d.maker_id`;

/** The whole deck, strip by strip, without spectra. */
export const listDeck = async (sql: Sql): Promise<DeckListRow[]> =>
  z.array(deckListRow).parse(
    await sql.query(
      `select ${HEAD}, b.kind as base_kind, ${BASE_KNOWN}, d.spectrum is not null as measured, d.formula is not null as has_formula, ${SHARED}
       from deck_colour d join maker m on m.id = d.maker_id join base b on b.id = d.base_id
       where not m.retired order by coalesce(m.called, m.name), d.strip, d.step, d.code`,
    ),
  );

/** Deck colours by their ids; those that are none are left out. */
export const listDeckColoursById = async (sql: Sql, ids: readonly string[]): Promise<DeckColourRow[]> =>
  ids.length === 0 ? [] : z.array(deckColourRow).parse(await sql.query(`${FULL} where d.id = any($1)`, [ids]));

export const findDeckColour = async (sql: Sql, id: string): Promise<DeckColourRow | undefined> =>
  z.array(deckColourRow).parse(await sql.query(`${FULL} where d.id = $1`, [id]))[0];

/** All colours of the deck with their spectra and formulas, in the order of {@link listDeck}. */
export const listDeckColours = async (sql: Sql): Promise<DeckColourRow[]> =>
  z
    .array(deckColourRow)
    .parse(await sql.query(`${FULL} where not m.retired order by coalesce(m.called, m.name), d.strip, d.step, d.code`));

/** Changes whenever the deck does: decks come in whole, are called otherwise, and are put away. */
export const deckVersion = async (sql: Sql): Promise<string> =>
  (
    await sql.query<{ version: string }>(
      `select (select count(*) from deck_colour) || '-' ||
         (select coalesce(max(seq), 0) from operation where name in ('deck.import', 'deck.products', 'deck.rename', 'deck.retire')) as version`,
    )
  )[0]!.version;

/** All colours of one maker, as they go into a file. */
export const listDeckColoursOfMaker = async (sql: Sql, makerId: string): Promise<DeckColourRow[]> =>
  z.array(deckColourRow).parse(await sql.query(`${FULL} where d.maker_id = $1 order by d.strip, d.step, d.code`, [makerId]));

export type MakerRow = {
  readonly id: string;
  readonly name: string;
  readonly tintSystemId: string | null;
  readonly retired: boolean;
  readonly products: ProductLines;
  readonly colours: number;
  /** Colours of it that are tried somewhere, and in how many visits. */
  readonly tried: number;
  readonly visits: number;
};
export const listMakers = async (sql: Sql): Promise<MakerRow[]> => {
  const rows = await sql.query<Omit<MakerRow, 'products'> & { readonly products: unknown }>(
    `select m.id, coalesce(m.called, m.name) as name, m.tint_system_id, m.retired, m.products, count(distinct d.id)::int4 as colours,
       count(distinct c.deck_colour_id)::int4 as tried, count(distinct r.visit_id)::int4 as visits
     from maker m left join deck_colour d on d.maker_id = m.id
       left join candidate c on c.deck_colour_id = d.id and not c.retired
       left join room r on r.id = c.room_id
     group by m.id order by m.retired, coalesce(m.called, m.name)`,
  );
  return rows.map((row) => ({ ...row, products: productLinesSchema.parse(row.products) }));
};

/** What makers' products are called on their tins, by maker. */
export const listProductLines = async (sql: Sql, makerIds: readonly string[]): Promise<ReadonlyMap<string, ProductLines>> => {
  const rows = await sql.query<{ id: string; products: unknown }>(`select id, products from maker where id = any($1)`, [
    makerIds,
  ]);
  return new Map(rows.map(({ id, products }) => [id, productLinesSchema.parse(products)]));
};

/** Says what a maker's products are called where nobody has said it yet. */
export const fillProductLines = (sql: Sql, id: string, products: ProductLines) =>
  sql.query(`update maker set products = $2::jsonb where id = $1 and products = '{}'::jsonb`, [id, JSON.stringify(products)]);

/** Empty when there is no such maker. */
export const setProductLines = (sql: Sql, id: string, products: ProductLines) =>
  sql.query<{ id: string }>(`update maker set products = $2::jsonb where id = $1 returning id`, [id, JSON.stringify(products)]);

/** Empty when there is no such maker. */
export const renameMaker = (sql: Sql, id: string, called: string | null) =>
  sql.query<{ id: string }>(`update maker set called = $2 where id = $1 returning id`, [id, called]);

/** Empty when there is no such maker. */
export const retireMaker = (sql: Sql, id: string, retired: boolean) =>
  sql.query<{ id: string }>(`update maker set retired = $2 where id = $1 returning id`, [id, retired]);

/** Lab of a deck's colours, strip by strip. */
export const listStrips = async (
  sql: Sql,
  makerId: string,
): Promise<{ readonly strip: string; readonly l: number; readonly a: number; readonly b: number }[]> =>
  sql.query(`select strip, l, a, b from deck_colour where maker_id = $1 order by strip, step, code`, [makerId]);

/** Codes of a maker that stand in the deck already. */
export const listCodes = async (sql: Sql, makerId: string): Promise<string[]> =>
  (await sql.query<{ code: string }>(`select code from deck_colour where maker_id = $1 order by code`, [makerId])).map(
    (r) => r.code,
  );

export const listBases = async (sql: Sql, ids: readonly string[]): Promise<BaseRow[]> =>
  z
    .array(baseRow)
    .parse(
      await sql.query(`select id, maker_id, kind, name, l, a, b, spectrum, optical from base where id = any($1) order by id`, [
        ids,
      ]),
    );

export const listBasesOfMaker = async (sql: Sql, makerId: string): Promise<BaseRow[]> =>
  z
    .array(baseRow)
    .parse(
      await sql.query(`select id, maker_id, kind, name, l, a, b, spectrum, optical from base where maker_id = $1 order by id`, [
        makerId,
      ]),
    );

export const listTintSystems = async (sql: Sql): Promise<TintSystemRow[]> =>
  z.array(tintSystemRow).parse(await sql.query(`select id, name, shot_ml, surface, colourants from tint_system order by id`));

export const upsertTintSystem = (
  sql: Sql,
  t: { id: string; name: string; shotMl: number; surface: object; colourants: readonly object[] },
) =>
  sql.query(
    `insert into tint_system (id, name, shot_ml, surface, colourants) values ($1, $2, $3, $4::jsonb, $5::jsonb)
     on conflict (id) do update set name = excluded.name, shot_ml = excluded.shot_ml, surface = excluded.surface, colourants = excluded.colourants`,
    [t.id, t.name, t.shotMl, JSON.stringify(t.surface), JSON.stringify(t.colourants)],
  );

/** Version of the shipped decks that are in; undefined before any is. */
export const shippedVersion = async (sql: Sql): Promise<string | undefined> =>
  (await sql.query<{ version: string }>('select version from shipped'))[0]?.version;
export const setShippedVersion = (sql: Sql, version: string) =>
  sql.query(`insert into shipped (version) values ($1) on conflict (one) do update set version = excluded.version`, [version]);

/** A maker as a file names it; one that is here already stays as it is. */
export const addMaker = (sql: Sql, maker: { id: string; name: string; tintSystemId: string | null }) =>
  sql.query(
    `insert into maker (id, name, tint_system_id)
     values ($1, $2, (select id from tint_system where id = $3)) on conflict (id) do nothing`,
    [maker.id, maker.name, maker.tintSystemId],
  );

export const upsertMaker = (sql: Sql, maker: { id: string; name: string; tintSystemId: string | null }) =>
  sql.query(
    `insert into maker (id, name, tint_system_id) values ($1, $2, $3)
     on conflict (id) do update set name = excluded.name, tint_system_id = coalesce(excluded.tint_system_id, maker.tint_system_id)`,
    [maker.id, maker.name, maker.tintSystemId],
  );

export const upsertBases = (sql: Sql, makerId: string, bases: readonly NewBase[]) =>
  sql.query(
    `insert into base (id, maker_id, kind, name, l, a, b, spectrum, optical)
     select b->>'id', $1, b->>'kind', b->>'name', (b->>'l')::float8, (b->>'a')::float8, (b->>'b')::float8,
       nullif(b->'spectrum', 'null'::jsonb), nullif(b->'optical', 'null'::jsonb)
     from jsonb_array_elements($2::jsonb) as t (b)
     on conflict (id) do update set kind = excluded.kind, name = excluded.name, l = excluded.l, a = excluded.a, b = excluded.b,
       spectrum = excluded.spectrum, optical = coalesce(excluded.optical, base.optical)
     where base.maker_id = excluded.maker_id`,
    [makerId, JSON.stringify(bases)],
  );

/** Adds colours in one statement; those already there are brought up to date. */
export const upsertDeckColours = (sql: Sql, makerId: string, colours: readonly NewDeckColour[], importId: string | null) =>
  sql.query(
    `insert into deck_colour (id, maker_id, code, name, strip, step, l, a, b, base_id, spectrum, formula, lrv, import_id)
     select $1 || ':' || (c->>'code'), $1, c->>'code', c->>'name', c->>'strip', (c->>'step')::int4,
       (c->>'l')::float8, (c->>'a')::float8, (c->>'b')::float8, c->>'baseId',
       nullif(c->'spectrum', 'null'::jsonb), nullif(c->'formula', 'null'::jsonb), (c->>'lrv')::float8, $3::uuid
     from jsonb_array_elements($2::jsonb) as t (c)
     on conflict (id) do update set name = excluded.name, strip = excluded.strip, step = excluded.step, l = excluded.l, a = excluded.a,
       b = excluded.b, base_id = excluded.base_id, spectrum = excluded.spectrum, formula = excluded.formula, lrv = excluded.lrv`,
    [makerId, JSON.stringify(colours), importId],
  );

/** Colours that two makers sell under one name, at full strength; at most so many, in the order of their names. */
const MOST_SAME_NAMES = 60;
const sameNameRow = z.object({
  name: z.string(),
  makers: z.tuple([z.string(), z.string()]),
  labs: z.tuple([
    z.object({ l: z.number(), a: z.number(), b: z.number() }),
    z.object({ l: z.number(), a: z.number(), b: z.number() }),
  ]),
});
export const listSameNames = async (sql: Sql) =>
  z.array(sameNameRow).parse(
    await sql.query(
      `select d.name,
         jsonb_build_array(coalesce(m.called, m.name), coalesce(om.called, om.name)) as makers,
         jsonb_build_array(jsonb_build_object('l', d.l, 'a', d.a, 'b', d.b), jsonb_build_object('l', o.l, 'a', o.a, 'b', o.b)) as labs
       from deck_colour d join maker m on m.id = d.maker_id
       join deck_colour o on lower(o.name) = lower(d.name) and o.maker_id > d.maker_id join maker om on om.id = o.maker_id
       where not m.retired and not om.retired order by d.name, d.id limit $1`,
      [MOST_SAME_NAMES],
    ),
  );
