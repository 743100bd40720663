import { cpSync, rmSync } from 'node:fs';
import { openDatabase } from '@/data/db';
import { loadVisit } from '@/server/visits/load-visit';
import { listVisits } from '@/data/visits';
import { homeOf } from '@/core/derived/home';
import { asSeen } from '@/core/derived/kinds-of-light';
import { saidInRooms } from '@/core/engine/said-in-rooms';
import { learntFrom } from '@/core/eye/learnt';
async function main() {
  rmSync('/tmp/w/lcopy', { recursive: true, force: true });
  cpSync('/tmp/w/large/data/pg', '/tmp/w/lcopy', { recursive: true });
  const db = await openDatabase('/tmp/w/lcopy');
  const [{ id }] = (await listVisits(db)) as [{ id: string }];
  const t = (name: string, from: number) => console.log(name, (performance.now() - from).toFixed(0));
  for (let i = 0; i < 3; i++) {
    let a = performance.now();
    const visit = (await db.transaction((sql) => loadVisit(sql, id)))!;
    t('load', a); a = performance.now();
    const seen = asSeen(visit); t('asSeen', a); a = performance.now();
    homeOf(seen); t('homeOf', a); a = performance.now();
    const said = saidInRooms(visit); t('said', a); a = performance.now();
    learntFrom(said); t('learnt', a);
  }
  await db.close();
}
main();
