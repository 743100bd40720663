import { z } from 'zod';
import { placeSchema, schoolsSchema, visitFieldsSchema, type VisitFields } from '@/core/record/visit';
import { insertRow, snakeCase, updateRow } from './columns';
import type { Sql } from './sql';

/** Fields that are kept as columns of their own, each with its name there. */
const SPREAD = {
  place: { ...sameNames(placeSchema), name: 'placeName' },
  schools: sameNames(schoolsSchema),
} as const;
type Spread = keyof typeof SPREAD;

type Named<S extends z.ZodObject> = Readonly<Record<keyof S['shape'] & string, string>>;
function sameNames<S extends z.ZodObject>(schema: S): Named<S> {
  return Object.fromEntries(Object.keys(schema.shape).map((name) => [name, name])) as Named<S>;
}

/** Fields of a visit as its row holds them. */
const rowOf = (visit: Partial<VisitFields>): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    Object.entries(visit).flatMap(([field, value]) => {
      const columns = (SPREAD as Readonly<Record<string, Readonly<Record<string, string>>>>)[field];
      if (!columns) return [[field, value]];
      return Object.entries(value as object).map(([part, one]): [string, unknown] => [columns[part]!, one]);
    }),
  );

/** The columns of a visit, as its fields. */
const COLUMNS = Object.keys(visitFieldsSchema.shape)
  .map((field) => {
    if (field === 'visitedOn') return 'visited_on::text as visited_on';
    if (!(field in SPREAD)) return snakeCase(field);
    const parts = Object.entries(SPREAD[field as Spread]).map(([part, column]) => `'${part}', ${snakeCase(column)}`);
    return `jsonb_build_object(${parts.join(', ')}) as ${field}`;
  })
  .join(', ');

/** Ids of the visits, newest first. */
export const listVisits = async (sql: Sql): Promise<{ readonly id: string }[]> =>
  sql.query<{ id: string }>(`select id from visit order by created_at desc, id desc`);

/** The visits themselves, without their rooms, newest first. */
export const listVisitFields = async (sql: Sql): Promise<VisitFields[]> =>
  z.array(visitFieldsSchema).parse(await sql.query(`select ${COLUMNS} from visit order by created_at desc, id desc`));

export const visitExists = async (sql: Sql, id: string): Promise<boolean> =>
  (await sql.query(`select 1 as there from visit where id = $1`, [id])).length > 0;

export const findVisit = async (sql: Sql, id: string): Promise<VisitFields | undefined> =>
  z.array(visitFieldsSchema).parse(await sql.query(`select ${COLUMNS} from visit where id = $1`, [id]))[0];

export const insertVisit = (sql: Sql, visit: VisitFields): Promise<void> =>
  insertRow(sql, 'visit', rowOf(visitFieldsSchema.strip().parse(visit)));

/** Sets fields of a visit; with a revision, false when the visit is not at it any more. */
export const updateVisit = (
  sql: Sql,
  visit: { readonly id: string; readonly revision?: number },
  set: Partial<Omit<VisitFields, 'id' | 'revision'>>,
): Promise<boolean> => updateRow(sql, 'visit', visit, rowOf(set));

/** Sets who is to be reached; what is left out stays as it is. */
export const setPeople = (sql: Sql, id: string, said: Partial<VisitFields['people']>) =>
  sql.query(`update visit set people = people || $2::jsonb where id = $1`, [id, JSON.stringify(said)]);
