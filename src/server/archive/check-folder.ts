import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { checkSeal } from '@/data/folder/seal';
import { linesAfter } from '@/data/journal/journal';
import { scanJournal } from '@/data/journal/scan';
import { listCopies, readCopy, copiesIn } from './folder-copy';
import { sha256 } from '../sha256';

/** One thing that was looked at, and what is wrong with it; nothing when it is as it was written. */
export type Checked = { readonly what: string; readonly wrong: string | undefined };

const saidBy = (work: () => string | undefined): string | undefined => {
  try {
    return work();
  } catch (e) {
    return e instanceof Error ? e.message : String(e);
  }
};

/** Every picture the journal says is kept and was not let go, with the hash of what was kept. */
function keptPictures(folder: string): Map<string, string> {
  const kept = new Map<string, string>();
  for (const { entry } of linesAfter(path.join(folder, 'journal'), 0)) {
    if (entry.kind === 'picture') kept.set(entry.hash, entry.sha256);
    if (entry.kind === 'operations') for (const { hash, sha256: told } of entry.pictures ?? []) kept.set(hash, told);
    if (entry.kind === 'forget') for (const hash of entry.hashes) kept.delete(hash);
    if (entry.kind === 'rows' && entry.table === 'picture')
      for (const row of entry.rows as { hash: string; sha256: string }[]) kept.set(row.hash, row.sha256);
  }
  return kept;
}

/** Whether every picture that is kept is there, and as it was kept. */
function* checkPictures(folder: string): Generator<Checked> {
  const kept = keptPictures(folder);
  for (const [hash, told] of kept) {
    const file = path.join(folder, 'pictures', `${hash}.jpg`);
    const wrong = saidBy(() =>
      !existsSync(file)
        ? 'it is missing'
        : sha256(new Uint8Array(readFileSync(file))) === told
          ? undefined
          : 'it is not as it was kept',
    );
    if (wrong !== undefined) yield { what: `pictures/${hash}.jpg`, wrong };
  }
  yield { what: `${kept.size} pictures`, wrong: undefined };
}

/** Looks at everything in a data folder and changes nothing. A folder in use is one whose database is open. */
export function* checkFolder(folder: string): Generator<Checked> {
  if (!existsSync(folder)) return yield { what: folder, wrong: 'there is no such folder' };
  let lines = 0;
  const wrong = saidBy(() => {
    const { last, torn } = scanJournal(path.join(folder, 'journal'), false);
    lines = last;
    return torn ? `${torn.file}, line ${torn.line}, was being written and is cut off at the next start` : undefined;
  });
  yield { what: `journal, ${lines} lines`, wrong };
  const seal = checkSeal(path.join(folder, 'pg'));
  const open = seal.kind === 'open' ? 'in use, or was not closed: it is made anew from the journal at the next start' : undefined;
  yield {
    what: `database${open === undefined ? '' : ` (${open})`}`,
    wrong: seal.kind === 'damaged' ? `${seal.why}; it is made anew from the journal at the next start` : undefined,
  };
  const kept = checkSeal(path.join(folder, 'pg.kept'));
  if (kept.kind !== 'none')
    yield {
      what: 'database kept for a fast start',
      wrong: kept.kind === 'damaged' ? `${kept.why}; it is not used, and made anew at the next close` : undefined,
    };
  if (wrong === undefined) yield* checkPictures(folder);
  for (const day of listCopies(folder))
    yield {
      what: `copy of ${day}`,
      wrong: saidBy(() => void readCopy(path.join(copiesIn(folder), `${day}.zip`))),
    };
  const aside = readdirSync(folder).filter((name) => name.includes('.damaged-'));
  if (aside.length > 0) yield { what: `set aside earlier: ${aside.join(', ')}`, wrong: undefined };
}
