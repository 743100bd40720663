import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { sampleSchema } from '@/core/record/sample';
import { columnsOf, OF_VISIT } from './columns';
import type { Sql } from './sql';

const sampleRow = sampleSchema.extend({ roomId: idSchema, retired: z.boolean() });

/** Samples of a visit in the order in which they were made, those taken away included. */
export const listSamples = async (sql: Sql, visitId: string) =>
  z
    .array(sampleRow)
    .parse(await sql.query(`select ${columnsOf(sampleRow)} from sample where ${OF_VISIT} order by id`, [visitId]));
