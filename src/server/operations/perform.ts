import { parsedJson } from '@/core/base/parsed-json';
import type { ApplyResult } from '@/core/operations/revision';
import { database } from '../database';
import { applyUnknown } from './apply';

/** Does one operation as it came over the border, as text. Never throws for a bad input. */
export async function performOperation(text: string): Promise<ApplyResult> {
  try {
    return await applyUnknown(await database(), parsedJson(text));
  } catch (e) {
    console.error('operation failed', e);
    return { ok: false, reason: 'failed' };
  }
}
