import { z } from 'zod';
import type { RecordedComponent, RecordedStay } from '@/core/record/types';
import { componentRow, stayRow } from './rows';
import type { Sql } from './sql';

export const listStays = async (sql: Sql, visitId: string) =>
  z.array(stayRow).parse(
    await sql.query(
      `select id, room_id, name, kind, school, lies, cover, revision from stay
       where room_id in (select id from room where visit_id = $1) and not retired order by position, id`,
      [visitId],
    ),
  );

export const listComponents = async (sql: Sql, visitId: string) =>
  z.array(componentRow).parse(
    await sql.query(
      `select c.id, c.stay_id, c.name, c.share, c.colour from component c join stay s on s.id = c.stay_id
       where s.room_id in (select id from room where visit_id = $1) order by c.position, c.id`,
      [visitId],
    ),
  );

export const findStay = async (sql: Sql, id: string) =>
  z
    .array(stayRow)
    .parse(await sql.query(`select id, room_id, name, kind, school, lies, cover, revision from stay where id = $1`, [id]))[0];

export const listComponentsOfStay = async (sql: Sql, stayId: string) =>
  z
    .array(componentRow)
    .parse(
      await sql.query(`select id, stay_id, name, share, colour from component where stay_id = $1 order by position, id`, [
        stayId,
      ]),
    );

/** A new thing, or the next revision of one. */
export const upsertStay = (sql: Sql, roomId: string, stay: Omit<RecordedStay, 'components' | 'revision'>) =>
  sql.query(
    `insert into stay (id, room_id, name, kind, school, lies, cover, position)
     values ($1, $2, $3, $4, $5, $6, $7, (select coalesce(max(position), 0) + 1 from stay where room_id = $2))
     on conflict (id) do update set name = excluded.name, kind = excluded.kind, school = excluded.school, lies = excluded.lies,
       cover = excluded.cover, revision = stay.revision + 1`,
    [stay.id, roomId, stay.name, stay.kind, stay.school, stay.lies, stay.cover],
  );

export const deleteComponents = (sql: Sql, stayId: string) => sql.query(`delete from component where stay_id = $1`, [stayId]);

export const insertComponents = (sql: Sql, stayId: string, components: readonly RecordedComponent[]) =>
  sql.query(
    `insert into component (id, stay_id, name, share, colour, position)
     select (c->>'id')::uuid, $1, c->>'name', (c->>'share')::float8, c->'colour', n
     from jsonb_array_elements($2::jsonb) with ordinality as t (c, n)`,
    [stayId, JSON.stringify(components)],
  );

export const retireStay = (sql: Sql, id: string, roomId: string, retired: boolean) =>
  sql.query<{ id: string }>(`update stay set retired = $3 where id = $1 and room_id = $2 returning id`, [id, roomId, retired]);
