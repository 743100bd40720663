import { idSchema } from '@/core/base/fields';
import { visitFile } from '../archive/visit-file';
import { database } from '../database';
import { fileName, type MadeFile } from '../exports/file-name';

/** A visit's file to be taken away; undefined when there is no such visit. */
export async function visitToTake(visitId: string): Promise<MadeFile | undefined> {
  if (!idSchema.safeParse(visitId).success) return undefined;
  const made = await visitFile(await database(), visitId);
  return made && { body: made.bytes, type: 'application/zip', name: `${fileName(made.label, 'visit')}.zip`, extension: 'zip' };
}
