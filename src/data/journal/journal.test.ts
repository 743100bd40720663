import { existsSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { open } from 'node:fs/promises';
import path from 'node:path';
import { crc32 } from 'node:zlib';
import { seededRandom } from '@/core/base/random';
import { quickFolder } from '../../../tests/quick-folder';
import { JournalBroken, linesAfter, openJournal, type JournalFile, type OpenFile } from './journal';
import { headOf, readLine, writeLine, type Entry } from './line';
import { JournalDamaged, JournalNewer, journalFiles, scanJournal } from './scan';

const here = mkdtempSync(path.join(quickFolder(), 'elm-journal-'));
afterAll(() => rmSync(here, { recursive: true, force: true }));
let made = 0;
const folderOf = () => path.join(here, `j${(made += 1)}`);

const entry = (n: number): Entry => ({ kind: 'forget', hashes: [`ü ${n} "\u2028`, 'x'.repeat(n % 90)] });
async function written(folder: string, count: number, mostInFile?: number) {
  const journal = openJournal(folder, scanJournal(folder), mostInFile === undefined ? {} : { mostInFile });
  for (let n = 1; n <= count; n++) await journal.append(entry(n));
  await journal.close();
}
const readAll = (folder: string, after = 0) => [...linesAfter(folder, after)].map(({ seq, entry: e }) => [seq, e]);

describe('a line', () => {
  test('carries the CRC-32 that zip has: its check value is CBF43926 for "123456789" (ITU-T V.42)', () => {
    expect(crc32('123456789').toString(16)).toBe('cbf43926');
    const text = writeLine(7, entry(1));
    const [, crc, tail] = /^\{"crc":"(.{8})",(.*)\n$/s.exec(text)!;
    expect(Number.parseInt(crc!, 16)).toBe(crc32(Buffer.from(tail!)));
  });

  test('is JSON, one line, and reads back', () => {
    const text = writeLine(12, entry(3));
    expect(text.indexOf('\n')).toBe(text.length - 1);
    expect(JSON.parse(text)).toMatchObject({ seq: 12, v: 1, kind: 'forget' });
    expect(headOf(text.trimEnd())).toEqual({ seq: 12, v: 1, kind: 'forget', span: 1 });
    expect(readLine(text)).toEqual({ seq: 12, v: 1, entry: entry(3) });
  });

  test('with any one bit flipped is no line any more', () => {
    const bytes = Buffer.from(writeLine(12, entry(3)).trimEnd());
    for (let bit = 0; bit < bytes.length * 8; bit++) {
      const hurt = Buffer.from(bytes);
      hurt[bit >> 3]! ^= 1 << (bit & 7);
      expect(headOf(hurt.toString('utf8'))).toBeUndefined();
    }
  });
});

describe('a journal', () => {
  test('goes on where it ended, over as many files as it takes, in one order', async () => {
    const folder = folderOf();
    await written(folder, 20, 400);
    expect(journalFiles(folder).length).toBeGreaterThan(3);
    const journal = openJournal(folder, scanJournal(folder), { mostInFile: 400 });
    expect(journal.last()).toBe(20);
    await journal.append(entry(21));
    await journal.close();
    expect(readAll(folder)).toEqual(Array.from({ length: 21 }, (_, i) => [i + 1, entry(i + 1)]));
    expect(readAll(folder, 19)).toEqual([
      [20, entry(20)],
      [21, entry(21)],
    ]);
  });

  test('cut anywhere in its last line is read up to there, and written on from there', async () => {
    const folder = folderOf();
    await written(folder, 6);
    const file = path.join(folder, '0001.jsonl');
    const whole = readFileSync(file);
    const lastAt = whole.lastIndexOf(10, whole.length - 2) + 1;
    for (let cut = lastAt; cut < whole.length; cut++) {
      writeFileSync(file, whole.subarray(0, cut));
      const scanned = scanJournal(folder);
      expect([scanned.last, scanned.torn !== undefined]).toEqual([5, cut > lastAt]);
      expect(readFileSync(file).length).toBe(lastAt);
    }
    const journal = openJournal(folder, scanJournal(folder));
    await journal.append(entry(6));
    await journal.close();
    expect(readFileSync(file).equals(whole)).toBe(true);
  });

  test('whose last line has parts that were never written is cut there too', async () => {
    const folder = folderOf();
    await written(folder, 3);
    const file = path.join(folder, '0001.jsonl');
    const whole = readFileSync(file);
    const lastAt = whole.lastIndexOf(10, whole.length - 2) + 1;
    writeFileSync(file, Buffer.concat([whole.subarray(0, lastAt), Buffer.alloc(20), whole.subarray(lastAt + 20)]));
    expect(scanJournal(folder)).toMatchObject({ last: 2, torn: { line: 3 } });
  });

  test('only looked at is not cut', async () => {
    const folder = folderOf();
    await written(folder, 3);
    const file = path.join(folder, '0001.jsonl');
    truncateSync(file, readFileSync(file).length - 2);
    const before = readFileSync(file);
    expect(scanJournal(folder, false).torn).toMatchObject({ line: 3 });
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  test.each<readonly [string, (lines: string[]) => string[], string]>([
    ['a line in the middle changed', (l) => l.with(1, l[1]!.replace('forget', 'forgot')), 'line 2: it is not as it was written'],
    ['the last line changed but whole', (l) => l.with(3, l[3]!.replace('ü', 'u')), 'line 4: it is not as it was written'],
    ['a line missing', (l) => l.toSpliced(1, 1), 'line 2: it is number 3, and number 2 should stand here'],
    ['two lines in each other’s place', (l) => [l[0]!, l[2]!, l[1]!, l[3]!], 'line 2: it is number 3'],
    ['its beginning missing', (l) => l.slice(1), 'line 1: it is number 2, and number 1 should stand here'],
  ])('with %s stops there and names it', async (_, hurt, says) => {
    const folder = folderOf();
    await written(folder, 4);
    const file = path.join(folder, '0001.jsonl');
    const lines = readFileSync(file, 'utf8').trimEnd().split('\n');
    writeFileSync(file, `${hurt(lines).join('\n')}\n`);
    expect(() => scanJournal(folder)).toThrow(JournalDamaged);
    expect(() => scanJournal(folder)).toThrow(`journal/0001.jsonl, ${says}`);
  });

  test('of a newer version is left alone', async () => {
    const folder = folderOf();
    await written(folder, 1);
    const tail = `"seq":2,"v":9,"kind":"new"}`.replace('}', ',"x":1}');
    const line = `{"crc":"${crc32(tail).toString(16).padStart(8, '0')}",${tail}\n`;
    const file = path.join(folder, '0001.jsonl');
    writeFileSync(file, readFileSync(file, 'utf8') + line);
    expect(() => scanJournal(folder)).toThrow(JournalNewer);
  });
});

/** A file whose disk fails in a chosen way at a chosen write. */
function failing(how: { at: number; code: string; where: 'write' | 'sync'; half?: boolean; back?: 'fails' }): OpenFile {
  let writes = 0;
  let failed = false;
  const error = () => Object.assign(new Error(how.code), { code: how.code });
  return async (name): Promise<JournalFile> => {
    const handle = await open(name, 'a');
    return {
      close: () => handle.close(),
      async write(bytes) {
        writes += 1;
        if (writes === how.at && how.where === 'write') {
          failed = true;
          if (how.half) await handle.write(bytes, 0, bytes.length >> 1);
          throw error();
        }
        await handle.write(bytes);
      },
      async datasync() {
        if (writes === how.at && how.where === 'sync' && !failed) {
          failed = true;
          throw error();
        }
        await handle.datasync();
      },
      async truncate(length) {
        if (how.back === 'fails') throw error();
        await handle.truncate(length);
      },
    };
  };
}

describe('a disk that fails', () => {
  test.each([
    { at: 3, code: 'ENOSPC', where: 'write', half: true },
    { at: 3, code: 'ENOSPC', where: 'write' },
    { at: 3, code: 'EIO', where: 'sync' },
  ] as const)('$code at $where (half a line: $half): the line is refused, the journal as before, and it goes on', async (how) => {
    const folder = folderOf();
    const journal = openJournal(folder, scanJournal(folder), { open: failing(how) });
    await journal.append(entry(1));
    await journal.append(entry(2));
    const before = readFileSync(path.join(folder, '0001.jsonl'));
    await expect(journal.append(entry(3))).rejects.toMatchObject({ code: how.code });
    expect(readFileSync(path.join(folder, '0001.jsonl')).equals(before)).toBe(true);
    expect(journal.last()).toBe(2);
    await journal.append(entry(33));
    await journal.close();
    expect(readAll(folder).at(-1)).toEqual([3, entry(33)]);
    expect(scanJournal(folder)).toMatchObject({ last: 3, torn: undefined });
  });

  test('that cannot take back half a line ends the journal: nothing is written behind it', async () => {
    const folder = folderOf();
    const how = { at: 2, code: 'EIO', where: 'write', half: true, back: 'fails' } as const;
    const journal = openJournal(folder, scanJournal(folder), { open: failing(how) });
    await journal.append(entry(1));
    await expect(journal.append(entry(2))).rejects.toThrow(JournalBroken);
    await expect(journal.append(entry(3))).rejects.toThrow(JournalBroken);
    await journal.close();
    // and the next start cuts it off
    expect(scanJournal(folder)).toMatchObject({ last: 1, torn: { line: 2 } });
  });

  test('whose new file cannot be begun keeps the old one', async () => {
    const folder = folderOf();
    await written(folder, 2);
    const full: OpenFile = () => Promise.reject(Object.assign(new Error('full'), { code: 'ENOSPC' }));
    const journal = openJournal(folder, scanJournal(folder), { open: full, mostInFile: 1 });
    await expect(journal.append(entry(3))).rejects.toMatchObject({ code: 'ENOSPC' });
    await journal.close();
    expect(existsSync(path.join(folder, '0002.jsonl'))).toBe(false);
    expect(scanJournal(folder).last).toBe(2);
  });
});

test('random cuts of several files lose nothing but the torn line', async () => {
  const random = seededRandom(5);
  for (let n = 0; n < 20; n++) {
    const folder = folderOf();
    const count = 3 + Math.floor(random() * 20);
    await written(folder, count, 300);
    const last = path.join(folder, journalFiles(folder).at(-1)!);
    const bytes = readFileSync(last);
    const begins = bytes.lastIndexOf(10, bytes.length - 2) + 1;
    truncateSync(last, begins + Math.floor(random() * (bytes.length - begins)));
    expect(scanJournal(folder).last).toBe(count - 1);
    expect(readAll(folder)).toHaveLength(count - 1);
  }
});
