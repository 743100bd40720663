import { spawn } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { allSaved, live, openRoom, recordOf } from './demo';
import { contextAt, expect, filledFolder, newFolder, startServer, test, type Page } from './server';

const done = (folder: string) => rmSync(path.dirname(folder), { recursive: true, force: true });

test('a database that was hurt is made anew: everything is there, and the page says so once', async ({ browser }) => {
  const folder = filledFolder('demo');
  const first = await startServer({ folder, demo: true });
  const context = await contextAt(browser);
  const page = await context.newPage();
  await openRoom(page, first.url, 'Kitchen', 'Bench');
  await page.keyboard.press('w');
  await allSaved(page);
  const before = await recordOf(page);
  await first.end('SIGTERM');
  rmSync(path.join(folder, 'pg', 'global', 'pg_control'));
  const second = await startServer({ folder, demo: true, port: Number(new URL(first.url).port) });
  await page.reload();
  await live(page);
  const told = page.getByText(/^The database was damaged\. It was set aside as pg\.damaged-/);
  await expect(told).toBeVisible();
  expect(await recordOf(page)).toEqual(before);
  await page.getByRole('button', { name: 'I have read it' }).click();
  await expect(told).toBeHidden();
  await page.reload();
  await live(page);
  await expect(told).toBeHidden();
  expect(second.output()).toContain('The database was damaged.');
  await second.end('SIGTERM');
  await context.close();
  done(folder);
});

test('a journal that was hurt stops the start and says where, in words', async () => {
  const folder = filledFolder('demo');
  const first = await startServer({ folder, demo: true });
  await first.end('SIGTERM');
  const journal = path.join(folder, 'journal', '0001.jsonl');
  const text = readFileSync(journal, 'utf8');
  writeFileSync(journal, text.replace('"visit.create"', '"visit.creato"'));
  // beside a database that was closed as it should be it would be written anew
  rmSync(path.join(folder, 'pg.seal'));
  const second = await startServer({ folder, demo: true });
  expect(await second.ended).toBe(1);
  expect(second.output()).toMatch(/The journal is damaged at journal\/0001\.jsonl, line 2.*bin\/restore/);
  expect(second.output()).not.toMatch(/Aborted|\[object/);
  // as it says: the newest copy, into a new folder
  expect(readdirSync(path.join(folder, 'copies'))).toContainEqual(expect.stringMatching(/^\d{4}-\d{2}-\d{2}\.zip$/));
  done(folder);
});

test('a visit is taken away as a file, and brought into another application', async ({ page, browser }) => {
  const [from, to] = [filledFolder('demo'), filledFolder('own')];
  const home = await startServer({ folder: from, demo: true });
  await page.goto(`${home.url}/visits`);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: /^Take Quay Row 14 away as a file/ }).click();
  const file = path.join(path.dirname(from), 'visit.zip');
  await (await download).saveAs(file);
  const other = await startServer({ folder: to });
  const context = await contextAt(browser);
  const there = await context.newPage();
  await there.goto(`${other.url}/visits`);
  await there.getByRole('link', { name: 'Keeping' }).click();
  await live(there);
  await there.getByLabel('A visit’s file').setInputFiles(file);
  await expect(there.getByText('This visit is not here yet.')).toBeVisible();
  await expect(there.getByText(/^4 rooms, \d+ colours tried/)).toBeVisible();
  await there.getByRole('button', { name: 'Bring it in' }).click();
  await there.waitForURL(/visits\/[0-9a-f-]{36}/);
  const [, id] = /visits\/([^/]+)/.exec(there.url())!;
  // the same file again brings nothing
  await there.goto(`${other.url}/keeping`);
  await live(there);
  await there.getByLabel('A visit’s file').setInputFiles(file);
  await expect(there.getByText('There is nothing to bring in.', { exact: false })).toBeVisible();
  // one that was cut
  const whole = readFileSync(file);
  writeFileSync(file, whole.subarray(0, whole.length >> 1));
  await there.getByLabel('A visit’s file').setInputFiles(file);
  await expect(there.getByText(/was not brought in, and nothing was changed/)).toBeVisible();
  // out again, to the byte
  const again = await (await there.request.get(`${other.url}/api/visits/${id}/file`)).body();
  expect(again.equals(whole)).toBe(true);
  const everything = await there.request.get(`${other.url}/api/keeping/everything`);
  expect(everything.headers()['content-type']).toBe('application/zip');
  expect((await everything.body()).subarray(0, 2).toString()).toBe('PK');
  await context.close();
  await home.end('SIGTERM');
  await other.end('SIGTERM');
  expect(readdirSync(to).filter((name) => name.startsWith('taken-away'))).toEqual([]);
  done(from);
  done(to);
});

test('on a server others can reach, a device gets nothing before it enters the code, and can be turned away', async ({
  browser,
}) => {
  const folder = filledFolder('demo');
  const server = await startServer({ folder, demo: true, host: '0.0.0.0' });
  await expect.poll(() => server.output()).toMatch(/Code: [A-Z0-9]{4}-[A-Z0-9]{4}/);
  const [, code] = /Code: ([A-Z0-9-]{9})/.exec(server.output())!;
  for (const at of ['/visits', '/api/deck', '/sw.js', '/icon.svg']) {
    const answer = await fetch(server.url + at);
    expect([at, answer.status, (await answer.text()).includes('Enter the code')]).toEqual([at, 401, true]);
  }
  const [own, phone] = [await contextAt(browser), await contextAt(browser)];
  const page = await own.newPage();
  await page.goto(`${server.url}/visits`);
  await page.getByLabel('Code').fill('AAAA-AAAA');
  await page.getByRole('button', { name: 'Let this device in' }).click();
  await expect(page.getByText('That is not the code.')).toBeVisible();
  await page.getByLabel('Code').fill(code!.toLowerCase());
  await page.getByRole('button', { name: 'Let this device in' }).click();
  await expect(page.getByRole('heading', { name: 'Visits' })).toBeVisible();
  // lets a phone in
  await page.getByRole('link', { name: 'Keeping' }).click();
  await live(page);
  await page.getByRole('button', { name: 'Let another device in…' }).click();
  const shown = page.locator('[role=status] p.tabular-nums');
  await expect(shown).toHaveText(/^[A-Z0-9]{4}-[A-Z0-9]{4}$/);
  const there = await phone.newPage();
  await there.goto(`${server.url}/enter?code=${await shown.textContent()}`);
  await there.getByRole('button', { name: 'Let this device in' }).click();
  await openRoom(there, server.url, 'Kitchen', 'Bench');
  // and turns it away
  await page.reload();
  await live(page);
  await page.getByRole('button', { name: 'Turn it away' }).click();
  await expect(page.getByText(/is turned away/)).toBeVisible();
  expect((await there.request.get(`${server.url}/api/deck`)).status()).toBe(401);
  expect((await page.request.get(`${server.url}/api/deck`)).status()).toBe(200);
  await own.close();
  await phone.close();
  await server.end('SIGTERM');
  done(folder);
});

test('bin/start comes back at the same port, and says so when it cannot', async () => {
  const folder = newFolder();
  const start = async () => {
    const child = spawn(process.execPath, ['scripts/serve.mjs', 'start', '--data', folder], {
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += String(chunk)));
    await expect.poll(() => said, { timeout: 60_000 }).toMatch(/Elm Swatch +is at/);
    const url = /is at (\S+)/.exec(said)![1]!;
    const end = () =>
      new Promise<number | null>((resolve) => {
        child.once('exit', resolve);
        child.kill('SIGTERM');
      });
    return { url, end, said: () => said };
  };
  const first = await start();
  expect(await first.end()).toBe(0);
  const second = await start();
  expect(second.url).toBe(first.url);
  expect(await second.end()).toBe(0);
  expect(existsSync(path.join(folder, 'port'))).toBe(true);
  const other = await startServer({ folder: filledFolder('own'), port: Number(new URL(first.url).port) });
  const third = await start();
  expect(third.url).not.toBe(first.url);
  expect(third.said()).toContain('that of last time, is in use');
  await third.end();
  await other.end('SIGTERM');
  done(other.folder);
  done(folder);
});

/** Makes the storages of a browser refuse everything, or all that is written. */
const withoutStorage = (page: Page, how: 'off' | 'full') =>
  page.addInitScript((way) => {
    const refuse = () => {
      throw new DOMException('no', way === 'off' ? 'SecurityError' : 'QuotaExceededError');
    };
    if (way === 'full') Storage.prototype.setItem = refuse;
    else for (const name of ['localStorage', 'sessionStorage', 'indexedDB']) Object.defineProperty(window, name, { get: refuse });
  }, how);

test.describe('a browser that keeps nothing', () => {
  for (const how of ['off', 'full'] as const)
    test(`storage ${how}: what is said is saved, and while it is not the page says so plainly`, async ({ browser }) => {
      const folder = filledFolder('demo');
      const first = await startServer({ folder, demo: true });
      const context = await contextAt(browser);
      const page = await context.newPage();
      await withoutStorage(page, how);
      await openRoom(page, first.url, 'Kitchen', 'Bench');
      await page.keyboard.press('w');
      await allSaved(page);
      const before = await recordOf(page);
      await first.end('SIGKILL');
      await page.keyboard.press('l');
      await page.keyboard.press('r');
      await expect(page.getByText('Not saved yet: trying again (1)')).toBeVisible();
      await expect(page.getByText(/This browser keeps nothing now .* do not close the page/)).toBeVisible();
      const second = await startServer({ folder, demo: true, port: Number(new URL(first.url).port) });
      await allSaved(page);
      await expect(page.getByText(/This browser keeps nothing now/)).toBeHidden();
      const after = await recordOf(page);
      const count = (record: typeof after) => record.candidates.flatMap((c) => c.verdicts).length;
      expect(count(after)).toBe(count(before) + 1);
      await second.end('SIGTERM');
      await context.close();
      done(folder);
    });
});

test('a disk that is full is said in words, waited for, and what was said is saved when there is room', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  const says = 'The disk is full: 20 MB are left, and 42 MB stay free. Nothing was changed. Make room on it, then try again.';
  await page.route('**/api/operations', (route) => route.fulfill({ json: { ok: false, reason: 'no-room', says } }));
  await page.keyboard.press('w');
  await expect(page.getByText(says)).toBeVisible();
  await expect(page.getByText('Not saved yet: trying again (1)')).toBeVisible();
  await page.unroute('**/api/operations');
  await allSaved(page);
  await expect(page.getByText(says)).toBeHidden();
});

test('a clock set back an hour changes no order: what was said last stands', async ({ browser }) => {
  const folder = filledFolder('demo');
  const first = await startServer({ folder, demo: true });
  const context = await contextAt(browser);
  const page = await context.newPage();
  await openRoom(page, first.url, 'Kitchen', 'Bench');
  await first.end('SIGKILL');
  await page.keyboard.press('w');
  await context.clock.setFixedTime(new Date('2026-09-23T11:05:00Z'));
  await page.keyboard.press('r');
  await expect(page.getByText('Not saved yet: trying again (2)')).toBeVisible();
  const keys = await page.evaluate(() =>
    Object.keys(localStorage)
      .filter((k) => k.startsWith('elm-swatch.outbox.'))
      .sort(),
  );
  expect(keys).toHaveLength(2);
  const second = await startServer({ folder, demo: true, port: Number(new URL(first.url).port) });
  // from the browser's storage, in a page that was opened anew
  await page.reload();
  await allSaved(page);
  const said = () =>
    readFileSync(path.join(folder, 'journal', '0001.jsonl'), 'utf8')
      .trimEnd()
      .split('\n')
      .slice(-2)
      .map((line) => (JSON.parse(line) as { operation: { write: { verdict: string } } }).operation.write.verdict);
  // what is shown as saved is on the disk
  expect(said()).toEqual(['works', 'no']);
  await second.end('SIGTERM');
  await context.close();
  done(folder);
});

test('a deck file of 31 MB of bad rows is answered in seconds, while the rest goes on; one that is given up ends', async ({
  own,
}) => {
  const row = 'X 1,a name,not a number,1,2\n';
  const bad = `code,name,L,a,b\n${row.repeat(Math.floor((31 * 1024 * 1024) / row.length))}`;
  const began = Date.now();
  const asked = fetch(`${own.url}/api/decks/import?name=bad.csv`, {
    method: 'PUT',
    body: bad,
    headers: { origin: own.url },
  }).then((r) => r.text());
  expect((await fetch(`${own.url}/api/deck`)).status).toBe(200);
  const text = await asked;
  const last = JSON.parse(text.trimEnd().split('\n').at(-1)!) as { preview: { problems: object[]; problemCount: number } };
  expect(last.preview.problems.length).toBeLessThanOrEqual(200);
  expect(JSON.stringify(last.preview.problems)).toContain('20,000 rows');
  expect(Date.now() - began).toBeLessThan(30_000);
  const good = `code,name,L,a,b\n${Array.from({ length: 15_000 }, (_, n) => `G ${n},a name,${40 + (n % 50)},2,${n % 20}`).join('\n')}\n`;
  const stop = new AbortController();
  const response = await fetch(`${own.url}/api/decks/import?name=good.csv`, {
    method: 'PUT',
    body: good,
    signal: stop.signal,
    headers: { origin: own.url },
  });
  const reader = response.body!.getReader();
  await reader.read();
  stop.abort();
  await expect(reader.read()).rejects.toThrow();
  expect((await fetch(`${own.url}/api/deck`)).status).toBe(200);
});
