import { fork, spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { claimFolder } from '@/data/folder-claim';
import { quickFolder } from '../quick-folder';

const here = mkdtempSync(path.join(quickFolder(), 'elm-claim-'));
const racers: ChildProcess[] = [];
afterAll(() => {
  for (const racer of racers) racer.kill('SIGKILL');
  rmSync(here, { recursive: true, force: true });
});

const claimsIn = (folder: string) => readdirSync(folder).filter((name) => name.startsWith('claim.'));
const DEAD = { pid: 2 ** 22 + 1 };

describe('claiming a folder', () => {
  test('is given to one, and given back', () => {
    const folder = path.join(here, 'own');
    const claim = claimFolder(folder);
    if (!claim.ok) throw new Error('not claimed');
    expect(claimFolder(folder)).toEqual({ ok: false, pid: process.pid });
    claim.release();
    const again = claimFolder(folder);
    expect(again.ok).toBe(true);
    expect(claimsIn(folder)).toHaveLength(1);
    if (again.ok) again.release();
  });

  test('under another name is the same folder', () => {
    const folder = path.join(here, 'real');
    const claim = claimFolder(folder);
    symlinkSync(folder, path.join(here, 'link'));
    expect(claimFolder(path.join(here, 'link'))).toEqual({ ok: false, pid: process.pid });
    if (claim.ok) claim.release();
  });

  test.each(['in the folder', 'beside it, as builds from before put it'])('a living process keeps it: its claim %s', (where) => {
    const folder = path.join(here, `busy-${where.length}`);
    mkdirSync(folder);
    const other = spawn(process.execPath, ['-e', 'setInterval(() => {}, 1000)']);
    try {
      const file = where === 'in the folder' ? path.join(folder, 'claim.4') : `${folder}.claim`;
      writeFileSync(file, JSON.stringify({ pid: other.pid }));
      const before = readdirSync(folder);
      expect(claimFolder(folder)).toEqual({ ok: false, pid: other.pid });
      expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual({ pid: other.pid });
      expect(readdirSync(folder)).toEqual(before);
    } finally {
      other.kill('SIGKILL');
    }
  });

  test.each([
    ['a process that died', JSON.stringify(DEAD)],
    ['a reused process number', JSON.stringify({ pid: 1, start: '1' })],
    ['a process before the machine was started anew', JSON.stringify({ pid: process.pid, boot: 'another' })],
    ['a torn file', '{"pid":'],
  ])('a claim left by %s is taken over', (_, left) => {
    const folder = path.join(here, `stale-${left.length}`);
    mkdirSync(folder);
    writeFileSync(path.join(folder, 'claim.7'), left);
    const claim = claimFolder(folder);
    expect([claim.ok, claimsIn(folder)]).toEqual([true, ['claim.8']]);
    if (claim.ok) claim.release();
  });

  test('where a file stands says so', () => {
    writeFileSync(path.join(here, 'a-file'), 'x');
    expect(() => claimFolder(path.join(here, 'a-file'))).toThrow(expect.objectContaining({ code: 'EEXIST' }));
    expect(() => claimFolder(path.join(here, 'a-file', 'below'))).toThrow(expect.objectContaining({ code: 'ENOTDIR' }));
  });
});

describe('several processes at once', () => {
  const COUNT = 4;
  const answer = (racer: ChildProcess) =>
    new Promise<Record<string, unknown>>((resolve) => racer.once('message', resolve as never));
  const all = (told: object) =>
    Promise.all(
      racers.map((racer) => {
        const answered = answer(racer);
        racer.send(told);
        return answered;
      }),
    );
  beforeAll(async () => {
    const env = { ...process.env, NODE_OPTIONS: '', TSX_TSCONFIG_PATH: path.resolve('tsconfig.json') };
    for (let n = 0; n < COUNT; n++) racers.push(fork('tests/claim-racer.ts', [], { execArgv: ['--import', 'tsx'], env }));
    await Promise.all(racers.map(answer));
  });

  test('1,000 races for a folder: one owner each', async () => {
    const owners: number[] = [];
    for (let race = 0; race < 1000; race++) {
      const folder = path.join(here, `race-${race}`);
      mkdirSync(folder);
      if (race % 3 !== 0)
        writeFileSync(path.join(folder, 'claim.3'), JSON.stringify(race % 3 === 1 ? DEAD : { ...DEAD, released: true }));
      const answers = await all({ what: 'claim', folder, at: performance.timeOrigin + performance.now() + 1.5 });
      owners.push(answers.filter((a) => a['ok']).length);
      await all({ what: 'release' });
      rmSync(folder, { recursive: true });
    }
    expect(owners.filter((n) => n !== 1)).toEqual([]);
  }, 300_000);

  test('claiming and giving back in a loop: never two at a time', async () => {
    const folder = path.join(here, 'loop');
    mkdirSync(folder);
    const told = (await all({ what: 'loop', folder, times: 250 })) as { owned: number; twice: number }[];
    expect(told.map((t) => t.twice)).toEqual([0, 0, 0, 0]);
    expect(told.map((t) => t.owned)).toEqual([250, 250, 250, 250]);
    expect(existsSync(path.join(folder, 'working'))).toBe(false);
  }, 120_000);
});
