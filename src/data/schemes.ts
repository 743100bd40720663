import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { schemeSchema } from '@/core/record/scheme';
import { columnsOf, OF_VISIT } from './columns';
import type { Sql } from './sql';

const schemeRow = schemeSchema.extend({ roomId: idSchema, retired: z.boolean() });

/** Schemes of a visit, in the order they were made, those taken away included. */
export const listSchemes = async (sql: Sql, visitId: string) =>
  z
    .array(schemeRow)
    .parse(await sql.query(`select ${columnsOf(schemeRow)} from scheme where ${OF_VISIT} order by id`, [visitId]));
