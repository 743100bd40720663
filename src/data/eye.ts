import { z } from 'zod';
import { eyeSettingsSchema, practiceSetSchema, USUAL_EYE, type EyeSettings, type PracticeSet } from '@/core/record/eye';
import { insertRow } from './columns';
import type { Sql } from './sql';

export const insertPracticeSet = (sql: Sql, set: PracticeSet): Promise<void> =>
  insertRow(sql, 'practice_set', practiceSetSchema.parse(set));

/** Every sitting of practice, the oldest first. */
export const listPracticeSets = async (sql: Sql): Promise<PracticeSet[]> =>
  z.array(practiceSetSchema).parse(await sql.query(`select id, at, exercise, answers from practice_set order by at, id`));

/** Sets how the eye is practised and learnt from; what is left out stays as it is. */
export const setEyeSettings = (sql: Sql, said: Partial<EyeSettings>) =>
  sql.query(
    `insert into eye_settings (settings) values ($1::jsonb)
     on conflict (one) do update set settings = eye_settings.settings || excluded.settings`,
    [JSON.stringify(said)],
  );

/** As it was set last; as usual before. */
export const findEyeSettings = async (sql: Sql): Promise<EyeSettings> => {
  const [found] = await sql.query<{ settings: unknown }>(`select settings from eye_settings`);
  return found ? eyeSettingsSchema.parse(found.settings) : USUAL_EYE;
};
