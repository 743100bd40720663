'use server';

import type { WriteResult } from '@/core/formats/operations';
import { database } from '../database';
import { applyUnknown } from './apply';

/** Does one write of the product: parses it, applies it, answers a small value. Never throws for a bad input. */
export async function performOperation(operation: unknown): Promise<WriteResult> {
  try {
    return await applyUnknown(await database(), operation);
  } catch (e) {
    console.error('operation failed', e);
    return { ok: false, reason: 'failed' };
  }
}
