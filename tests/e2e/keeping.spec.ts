import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { allSaved, live, openRoom, recordOf, shownAsSaved, toStep } from './demo';
import type { Route } from '@playwright/test';
import { contextAt, expect, filledFolder, startServer, test } from './server';

test.describe.configure({ mode: 'serial' });

/** The claim on a folder. */
function claimOf(folder: string): unknown {
  const names = readdirSync(folder).filter((name) => name.startsWith('claim.'));
  expect(names).toHaveLength(1);
  return JSON.parse(readFileSync(path.join(folder, names[0]!), 'utf8'));
}

const said = (record: Awaited<ReturnType<typeof recordOf>>) =>
  record.candidates.flatMap((c) => c.verdicts.map((v) => v.id)).sort();

test('reload and restart keep everything', async ({ browser }) => {
  const folder = filledFolder('demo');
  const first = await startServer({ folder, demo: true });
  const context = await contextAt(browser);
  const page = await context.newPage();
  await openRoom(page, first.url, 'Kitchen', 'Bench');
  for (const key of ['w', 'ArrowRight', 'r', '1', 'ArrowRight', 'e']) await page.keyboard.press(key);
  await allSaved(page);
  const before = await recordOf(page);
  await page.reload();
  await expect(page.getByRole('group', { name: 'Said of this pair' }).locator('[data-verdict]').first()).toBeVisible();
  expect(await recordOf(page)).toEqual(before);
  expect(await first.end('SIGTERM')).toBe(0);
  expect(claimOf(folder)).toMatchObject({ released: true });
  const second = await startServer({ folder, demo: true, port: Number(new URL(first.url).port) });
  await page.reload();
  expect(await recordOf(page)).toEqual(before);
  await second.end('SIGTERM');
  await context.close();
  rmSync(path.dirname(folder), { recursive: true, force: true });
});

test('kill -9 while verdicts are given loses none that was shown as saved, and what was not is sent again', async ({
  browser,
}) => {
  const folder = filledFolder('demo');
  let server = await startServer({ folder, demo: true });
  const context = await contextAt(browser);
  const page = await context.newPage();
  await openRoom(page, server.url, 'Sitting room', 'Bench');
  const saved = new Set<string>();
  const port = Number(new URL(server.url).port);
  for (let round = 0; round < 4; round++) {
    const killed = new Promise<void>((resolve) => {
      setTimeout(() => void server.end('SIGKILL').then(() => resolve()), 600 + 250 * round);
    });
    for (let i = 0; i < 12; i++) {
      await page.keyboard.press(['w', 'e', 'r'][i % 3]!);
      for (const id of await shownAsSaved(page)) saved.add(id);
      await page.keyboard.press(i % 2 ? 'ArrowRight' : 'o');
      await page.keyboard.press(i % 4 === 3 ? 'd' : 'l');
    }
    await killed;
    for (const id of await shownAsSaved(page)) saved.add(id);
    server = await startServer({ folder, demo: true, port });
    const kept = said(await recordOf(page));
    for (const id of saved) expect(kept).toContain(id);
  }
  // some in every round, however slow the machine
  expect(saved.size).toBeGreaterThanOrEqual(4);
  // the page goes on sending what it had not seen saved
  await allSaved(page);
  await page.reload();
  await allSaved(page);
  const kept = said(await recordOf(page));
  for (const id of saved) expect(kept).toContain(id);
  expect(new Set(kept).size).toBe(kept.length);
  await server.end('SIGTERM');
  await context.close();
  rmSync(path.dirname(folder), { recursive: true, force: true });
});

test('what was said with the server gone is kept in the browser and saved when it is back', async ({ browser }) => {
  const folder = filledFolder('demo');
  const first = await startServer({ folder, demo: true });
  const context = await contextAt(browser);
  const page = await context.newPage();
  await openRoom(page, first.url, 'Kitchen', 'Bench');
  const before = said(await recordOf(page));
  await first.end('SIGKILL');
  await page.keyboard.press('o');
  await page.keyboard.press('r');
  await expect(page.getByText('Not saved yet: trying again (1)')).toBeVisible();
  const second = await startServer({ folder, demo: true, port: Number(new URL(first.url).port) });
  await allSaved(page);
  expect(said(await recordOf(page))).toHaveLength(before.length + 1);
  await second.end('SIGTERM');
  await context.close();
  rmSync(path.dirname(folder), { recursive: true, force: true });
});

test('a page opens and goes on recording while the server is started again', async ({ browser }) => {
  const folder = filledFolder('demo');
  const first = await startServer({ folder, demo: true });
  const context = await contextAt(browser, undefined, { serviceWorkers: 'allow' });
  const page = await context.newPage();
  await openRoom(page, first.url, 'Kitchen', 'Bench');
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  // read once more, so that it is kept
  await page.reload();
  await live(page);
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await page.reload();
  await live(page);
  const before = said(await recordOf(page));
  await first.end('SIGKILL');
  await page.reload();
  await live(page);
  await expect(page.locator('[data-bench-cell]')).toBeVisible();
  await page.keyboard.press('o');
  await page.keyboard.press('r');
  await expect(page.getByText('Not saved yet: trying again (1)')).toBeVisible();
  // closed and opened again meanwhile: what was said is still there
  await page.reload();
  await live(page);
  await expect(page.getByText('Not saved yet: trying again (1)')).toBeVisible();
  const second = await startServer({ folder, demo: true, port: Number(new URL(first.url).port) });
  await allSaved(page);
  expect(said(await recordOf(page))).toHaveLength(before.length + 1);
  const manifest = (await (await page.request.get(`${second.url}/manifest.webmanifest`)).json()) as { icons: { src: string }[] };
  for (const { src } of manifest.icons) expect((await page.request.get(second.url + src)).status()).toBe(200);
  await second.end('SIGTERM');
  await context.close();
  rmSync(path.dirname(folder), { recursive: true, force: true });
});

test('a second start on the same folder says so and stops, changing nothing; a stale claim is taken over', async () => {
  const folder = filledFolder('own');
  const first = await startServer({ folder });
  const claim = claimOf(folder);
  const second = await startServer({ folder });
  expect(await second.ended).toBe(3);
  expect(second.output()).toContain('is in use by another Elm Swatch');
  expect(claimOf(folder)).toEqual(claim);
  expect((await fetch(`${first.url}/visits`)).status).toBe(200);
  await first.end('SIGKILL');
  expect(claimOf(folder)).toEqual(claim);
  const third = await startServer({ folder });
  expect((await fetch(`${third.url}/visits`)).status).toBe(200);
  await third.end('SIGTERM');
  rmSync(path.dirname(folder), { recursive: true, force: true });
});

test('a demo never empties a folder that is not a demo’s', async () => {
  const folder = filledFolder('own');
  const own = await startServer({ folder });
  await own.end('SIGTERM');
  const demo = await startServer({ folder, demo: true });
  expect(await demo.ended).toBe(1);
  expect(demo.output()).toContain('the demo leaves it as it is');
  expect(existsSync(path.join(folder, 'pg', 'PG_VERSION'))).toBe(true);
  rmSync(path.dirname(folder), { recursive: true, force: true });
});

test('a step that fails keeps navigation, saving and undo, and works again when what it failed at is gone', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Stays');
  await expect(page.getByRole('heading', { name: /^Sitting room: / })).toBeVisible();
  await toStep(page, 'Brief');
  await page.getByLabel('What annoys').first().fill('The beams');
  await allSaved(page);
  // a drawing that only some steps need
  await page.evaluate(() => {
    const canvas = HTMLCanvasElement.prototype as unknown as { getContext: unknown; before: unknown };
    canvas.before = canvas.getContext;
    canvas.getContext = () => {
      throw new Error('no canvas here');
    };
  });
  await toStep(page, 'Stays');
  const failed = page.getByRole('alert').filter({ hasText: 'Stays could not be shown' });
  await expect(failed).toBeVisible();
  await allSaved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^Undid: /)).toBeVisible();
  await toStep(page, 'Brief');
  await expect(page.getByLabel('What annoys').first()).not.toHaveValue('The beams');
  await toStep(page, 'Stays');
  await expect(failed).toBeVisible();
  await page.evaluate(() => {
    const canvas = HTMLCanvasElement.prototype as unknown as { getContext: unknown; before: unknown };
    canvas.getContext = canvas.before;
  });
  await failed.getByRole('button', { name: 'Try again' }).click();
  await expect(failed).toBeHidden();
  await expect(page.getByRole('heading', { name: /^Sitting room: / })).toBeVisible();
});

test('what waits is sent and shown from every page, goes into a file, and is taken in again', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  const before = said(await recordOf(page));
  const away = (route: Route) => route.abort();
  await page.route('**/api/operations', away);
  await page.keyboard.press('o');
  await page.keyboard.press('r');
  await expect(page.getByText('Not saved yet: trying again (1)')).toBeVisible();
  await page.goto(`${demo.url}/visits`);
  const waits = page.locator('[data-unsaved-elsewhere="1"]');
  await expect(waits).toContainText('Not saved yet: 1, trying again.');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    waits.getByRole('button', { name: 'Keep it as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('elm-swatch-unsaved.json');
  const file = readFileSync(await download.path(), 'utf8');
  expect(file).toContain('verdict.give');
  await page.unroute('**/api/operations', away);
  await expect(waits).toBeHidden({ timeout: 30_000 });
  // in another browser, which never knew of it: taken in once, and twice is once
  await page.goto(`${demo.url}/keeping`);
  await expect(page.locator('[data-live=true]')).toBeAttached();
  const input = page.getByLabel('A file of what was not saved');
  await input.setInputFiles({ name: 'other.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
  await expect(page.getByText('other.json is no file of what was not saved. Nothing was changed.')).toBeVisible();
  await input.setInputFiles({ name: 'kept.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  await expect(page.getByText('1 entry of kept.json taken in.')).toBeVisible();
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  expect(said(await recordOf(page))).toHaveLength(before.length + 1);
});
