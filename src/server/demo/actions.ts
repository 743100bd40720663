'use server';

import { database } from '../database';
import { loadDemo } from './load';

/** Puts the made-up visit beside one's own. */
export async function openExample(): Promise<void> {
  await loadDemo(await database());
}
