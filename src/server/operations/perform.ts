import type { ApplyResult } from '@/core/operations/revision';
import { database } from '../database';
import { applyUnknown } from './apply';

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
};

/** Does one operation as it came over the border, as text. Never throws for a bad input. */
export async function performOperation(text: string): Promise<ApplyResult> {
  try {
    return await applyUnknown(await database(), parsed(text));
  } catch (e) {
    console.error('operation failed', e);
    return { ok: false, reason: 'failed' };
  }
}
