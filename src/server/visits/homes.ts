import { leastRecentlyUsed } from '@/core/base/least-recently-used';
import { tagOf } from '@/core/operations/revision';
import { asSeen } from '@/core/derived/kinds-of-light';
import { homeOf, type Home } from '@/core/derived/home';
import { listVisits } from '@/data/visits';
import { database } from '../database';
import { revisionOf } from './news';
import { loadVisit } from './load-visit';
import { onePerProcess } from '../one-per-process';

export type { Home };

/** Homes as they were read last, each at its revision. */
const MOST_KEPT = 1000;
const kept = onePerProcess('homes', () => leastRecentlyUsed<{ at: string; home: Home | undefined }>(MOST_KEPT));

/** Every visit as it stands in the list, the newest first; those that did not change are not read again. */
export async function homes(): Promise<Home[]> {
  const db = await database();
  return db.transaction(async (sql) => {
    const found: Home[] = [];
    for (const { id } of await listVisits(sql)) {
      const at = tagOf(await revisionOf(sql, id));
      const slot = kept(id, () => ({ at: '', home: undefined }));
      if (slot.at !== at || !slot.home) {
        const visit = await loadVisit(sql, id);
        slot.home = visit && homeOf(asSeen(visit));
        slot.at = at;
      }
      if (slot.home) found.push(slot.home);
    }
    return found;
  });
}
