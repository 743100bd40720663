import { database } from '../database';
import { loadDemo } from './load';

/** Puts the made-up visit into a folder that has no visit yet; into another it puts nothing. */
export async function openExample(): Promise<void> {
  await loadDemo(await database());
}
