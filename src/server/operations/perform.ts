import { parsedJson } from '@/core/base/parsed-json';
import type { ApplyResult } from '@/core/operations/revision';
import { isFatal } from '@/data/within-time';
import { database } from '../database';
import { isOfTheDisk, sayTrouble } from '../folder/trouble';
import { applyUnknown } from './apply';

/**
 * Does one operation as it came over the border, as text. Never throws for a bad input.
 *
 * @throws when the database is past using: then there is no server to answer, and what was said waits for the next one
 */
export async function performOperation(text: string): Promise<ApplyResult> {
  try {
    return await applyUnknown(await database(), parsedJson(text));
  } catch (e) {
    if (isOfTheDisk(e)) return { ok: false, reason: 'no-room', says: sayTrouble(e) };
    console.error('operation failed', e);
    if (isFatal(e)) throw e;
    return { ok: false, reason: 'failed' };
  }
}
