import { rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { claimFolder, type Claim } from '@/data/folder-claim';

/** One of several processes that try to claim the same folders at the same instant, as told by their parent. */
type Told =
  | { readonly what: 'claim'; readonly folder: string; readonly at: number }
  | { readonly what: 'release' }
  /** Claims, works a moment and gives back, many times; tells how often another was working at the same time. */
  | { readonly what: 'loop'; readonly folder: string; readonly times: number };

let held: Claim | undefined;
const say = (answer: object) => process.send!(answer);

function loop(folder: string, times: number): { owned: number; twice: number } {
  const mark = path.join(folder, 'working');
  let [owned, twice] = [0, 0];
  for (const until = Date.now() + 60_000; owned < times && Date.now() < until;) {
    const claim = claimFolder(folder);
    if (!claim.ok) continue;
    owned += 1;
    try {
      writeFileSync(mark, String(process.pid), { flag: 'wx' });
      rmSync(mark);
    } catch {
      twice += 1;
    }
    claim.release();
  }
  return { owned, twice };
}

process.on('message', (told: Told) => {
  if (told.what === 'loop') return say(loop(told.folder, told.times));
  if (told.what === 'release') {
    if (held?.ok) held.release();
    held = undefined;
    return say({ released: true });
  }
  while (performance.timeOrigin + performance.now() < told.at);
  held = claimFolder(told.folder);
  return say({ ok: held.ok });
});
say({ ready: true });
