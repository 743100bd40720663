import { z } from 'zod';
import { visitFieldsSchema, type Shelf, type VisitFields } from '@/core/record/visit';
import type { Sql } from './sql';

/** Ids of the visits, newest first. */
export const listVisits = async (sql: Sql): Promise<{ readonly id: string }[]> =>
  sql.query<{ id: string }>(`select id from visit order by created_at desc, id desc`);

export const findVisit = async (sql: Sql, id: string): Promise<VisitFields | undefined> =>
  z.array(visitFieldsSchema).parse(
    await sql.query(
      `select id, label, units, revision, created_at, decides, budget, painter, built_year, visited_on::text as visited_on, shelf, people, plan, supply, habits,
         jsonb_build_object('name', place_name, 'latitude', latitude, 'longitude', longitude, 'timeZone', time_zone) as place,
         jsonb_build_object('dimWhite', dim_white, 'fightingLight', fighting_light) as schools
       from visit where id = $1`,
      [id],
    ),
  )[0];

export const visitExists = async (sql: Sql, id: string): Promise<boolean> =>
  (await sql.query(`select 1 as there from visit where id = $1`, [id])).length > 0;

export const insertVisit = (sql: Sql, v: VisitFields) =>
  sql.query(
    `insert into visit (id, label, place_name, latitude, longitude, time_zone, units, dim_white, fighting_light, revision, created_at)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11::timestamptz)`,
    [
      v.id,
      v.label,
      v.place.name,
      v.place.latitude,
      v.place.longitude,
      v.place.timeZone,
      v.units,
      v.schools.dimWhite,
      v.schools.fightingLight,
      v.revision,
      v.createdAt,
    ],
  );

/** Empty when there is no such visit. */
export const setSchools = (sql: Sql, id: string, { dimWhite, fightingLight }: VisitFields['schools']) =>
  sql.query<{ id: string }>(`update visit set dim_white = $2, fighting_light = $3 where id = $1 returning id`, [
    id,
    dimWhite,
    fightingLight,
  ]);

/** Sets what was said for the whole home; what is undefined stays as it is. */
export const setVisitBrief = (sql: Sql, id: string, said: { readonly [K in VisitBriefField]?: VisitFields[K] | undefined }) =>
  sql.query(
    `update visit set decides = coalesce($2, decides), budget = coalesce($3, budget), painter = coalesce($4, painter),
       built_year = case when $5 then $6 else built_year end, visited_on = case when $7 then $8::date else visited_on end
     where id = $1`,
    [
      id,
      said.decides ?? null,
      said.budget ?? null,
      said.painter ?? null,
      said.builtYear !== undefined,
      said.builtYear ?? null,
      said.visitedOn !== undefined,
      said.visitedOn ?? null,
    ],
  );
type VisitBriefField = 'decides' | 'budget' | 'painter' | 'builtYear' | 'visitedOn';

/** Sets who is to be reached; what is left out stays as it is. */
export const setPeople = (sql: Sql, id: string, said: Partial<VisitFields['people']>) =>
  sql.query(`update visit set people = people || $2::jsonb where id = $1`, [id, JSON.stringify(said)]);

export const setPlan = (sql: Sql, id: string, plan: VisitFields['plan']) =>
  sql.query(`update visit set plan = $2::jsonb where id = $1`, [id, JSON.stringify(plan)]);

export const setSupply = (sql: Sql, id: string, supply: VisitFields['supply']) =>
  sql.query(`update visit set supply = $2::jsonb where id = $1`, [id, JSON.stringify(supply)]);

export const setHabits = (sql: Sql, id: string, habits: VisitFields['habits']) =>
  sql.query(`update visit set habits = $2::jsonb where id = $1`, [id, JSON.stringify(habits)]);

export const setShelf = (sql: Sql, id: string, shelf: Shelf) =>
  sql.query(`update visit set shelf = $2 where id = $1`, [id, shelf]);

/** Empty when the visit is not at `revision` any more. */
export const updateVisit = (sql: Sql, v: Pick<VisitFields, 'id' | 'revision' | 'label' | 'place' | 'units'>) =>
  sql.query<{ id: string }>(
    `update visit set label = $3, place_name = $4, latitude = $5, longitude = $6, time_zone = $7, units = $8, revision = revision + 1
     where id = $1 and revision = $2 returning id`,
    [v.id, v.revision, v.label, v.place.name, v.place.latitude, v.place.longitude, v.place.timeZone, v.units],
  );
