import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { openRoom } from '../e2e/demo';
import { newFolder, NOON, startServer } from '../e2e/server';
import { demoFolder } from './demo-folder';
import { against, sized } from './measure';

/** A folder with the shipped decks and one generated deck of 4,000 colours. */
function largeDecks(): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'elm-decks-'));
  for (const file of readdirSync('demo/decks')) copyFileSync(path.join('demo/decks', file), path.join(folder, file));
  execFileSync(process.execPath, [
    '--import',
    'tsx',
    'scripts/make-decks.ts',
    String(sized(4000, 200)),
    path.join(folder, 'bench.json'),
  ]);
  return folder;
}

/** The longest task of the main thread while `work` goes on, in milliseconds (0 when none reached 50 ms). */
async function longestTask(page: Page, work: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    const holder = globalThis as { longTasks?: number[]; observer?: PerformanceObserver };
    const seen: number[] = [];
    holder.observer?.disconnect();
    holder.observer = new PerformanceObserver((list) => seen.push(...list.getEntries().map((e) => e.duration)));
    holder.observer.observe({ entryTypes: ['longtask'] });
    holder.longTasks = seen;
  });
  await work();
  await page.waitForTimeout(300);
  return page.evaluate(() => Math.max(0, ...(globalThis as { longTasks?: number[] }).longTasks!));
}

/** The median of three passes, since the browser's own first drawing of a page is in the first. */
async function longestOfThree(page: Page, name: string, work: (page: Page) => Promise<void>): Promise<void> {
  const passes: number[] = [];
  for (let i = 0; i < sized(3, 1); i++) passes.push(await longestTask(page, () => work(page)));
  passes.sort((a, b) => a - b);
  against(name, passes[passes.length >> 1]!, 50, 'ms', passes.map((p) => p.toFixed(0)).join(', '));
}

async function scrollDeck(page: Page): Promise<void> {
  const box = (await page.getByTestId('deck').boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  for (let i = 0; i < sized(60, 6); i++) {
    await page.mouse.wheel(0, 900);
    await page.waitForTimeout(16);
  }
}

async function filterDeck(page: Page): Promise<void> {
  for (const text of ['b', 'be', 'bench 1', 'bench 12', '']) {
    await page.getByLabel('Find by name or code').fill(text);
    await page.waitForTimeout(120);
  }
  for (const family of ['beige', 'grey', 'every family']) {
    await page.getByLabel('Family').selectOption({ label: family });
    await page.waitForTimeout(120);
  }
}

/** Drags the day's cursor over the whole ribbon and back. */
async function dragCursor(page: Page): Promise<void> {
  const box = (await page.getByRole('slider', { name: 'Time of day' }).boundingBox())!;
  const y = box.y + 30;
  await page.mouse.move(box.x + 20, y);
  await page.mouse.down();
  const half = sized(60, 6);
  for (let k = 0; k <= 2 * half; k++) {
    const share = k <= half ? k / half : 2 - k / half;
    await page.mouse.move(box.x + 20 + share * (box.width - 40), y);
    await page.waitForTimeout(16);
  }
  await page.mouse.up();
}

/** From a verdict key going down to the frame that shows it pressed, in milliseconds. */
const keyToPaint = (page: Page, key: string, name: string) =>
  page.evaluate(
    ([k, label]) =>
      new Promise<number>((resolve) => {
        const button = [...document.querySelectorAll('button')].find((b) => b.textContent!.startsWith(label!))!;
        const start = performance.now();
        const look = () => {
          if (button.getAttribute('aria-pressed') !== 'true') return requestAnimationFrame(look);
          return requestAnimationFrame(() => resolve(performance.now() - start));
        };
        window.dispatchEvent(new KeyboardEvent('keydown', { key: k! }));
        requestAnimationFrame(look);
      }),
    [key, name] as const,
  );

/** Reads in and takes a deck of 5,000 colours known by their Lab. */
async function benchImport(url: string): Promise<void> {
  const rows = Array.from(
    { length: sized(5000, 100) },
    (_, i) => `IM,I ${i},imported ${i},${Math.floor(i / 8)},${(i % 8) + 1},${30 + (i % 60)},${(i % 9) - 4},${(i % 17) - 4}`,
  );
  const body = `maker,code,name,strip,step,L,a,b\n${rows.join('\n')}\n`;
  const start = performance.now();
  const lines = (
    await (await fetch(`${url}/api/decks/import?name=five.csv`, { method: 'PUT', body, headers: { origin: url } })).text()
  )
    .trim()
    .split('\n');
  const { preview } = JSON.parse(lines.at(-1)!) as { preview: { token: string } };
  const taken = await fetch(`${url}/api/decks/import`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: url },
    body: JSON.stringify({ token: preview.token }),
  });
  if (!((await taken.json()) as { ok: boolean }).ok) throw new Error('the deck was not taken');
  against('deck of 5,000 read in and taken', (performance.now() - start) / 1000, 10, 's', `${lines.length} reports`);
}

/** Searches a deck of 4,000 at every strength; how long it takes with the light of the day, and how often it says how far it is. */
async function benchSearch(page: Page): Promise<void> {
  await page.evaluate(() => {
    const told: number[] = [];
    (globalThis as { told?: number[] }).told = told;
    let last = -1;
    new MutationObserver(() => {
      const bar = document.querySelector('progress[aria-label="Search"]') as HTMLProgressElement | null;
      if (bar && bar.value !== last) told.push(performance.now());
      last = bar?.value ?? -1;
    }).observe(document.body, { subtree: true, childList: true, attributes: true, attributeFilter: ['value'] });
  });
  const start = performance.now();
  await page.getByRole('radio', { name: 'What could work here' }).click();
  await page.getByRole('group', { name: 'What could work, best first' }).waitFor({ timeout: 120_000 });
  against('deck of 4,000 × 4 searched, with the light of the day', (performance.now() - start) / 1000, 5, 's');
  const told = await page.evaluate(() => (globalThis as { told?: number[] }).told!);
  const gaps = told.slice(1).map((t, i) => t - told[i]!);
  const gap = [...gaps].sort((p, q) => p - q)[Math.floor(gaps.length / 2)] ?? 0;
  against('time between two reports of a search, median', gap, 100, 'ms', `${gaps.length}`);
  // another school is another search: the light is known by then
  await page.getByText('Schools', { exact: true }).click();
  await page.getByLabel('A light that turns it').selectOption('embrace');
  await page.getByRole('button', { name: 'Cancel' }).waitFor();
  const cancelled = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const button = (name: string) => [...document.querySelectorAll('button')].find((b) => b.textContent!.includes(name));
        const from = performance.now();
        const look = () => (button('Find what could work') ? resolve(performance.now() - from) : requestAnimationFrame(look));
        button('Cancel')!.click();
        look();
      }),
  );
  against('from Cancel to the screen without it', cancelled, 100, 'ms');
}

/**
 * From something said to the proposals that come of it, in milliseconds; undefined when nothing new was asked. Watched as it is written into the
 * page: asking and answering can fall between two frames.
 */
async function nextSampleAfter(page: Page, key: string): Promise<number | undefined> {
  return page.evaluate(
    (pressed) =>
      new Promise<number | undefined>((resolve) => {
        const start = performance.now();
        let asked = false;
        const watch = new MutationObserver((changes) => {
          for (const { target, oldValue } of changes) {
            if (!(target instanceof Element) || target.getAttribute('aria-label') !== 'Look at next') continue;
            asked ||= oldValue === 'true' || target.getAttribute('aria-busy') === 'true';
            if (!asked || target.getAttribute('aria-busy') === 'true') continue;
            watch.disconnect();
            return resolve(performance.now() - start);
          }
          return undefined;
        });
        watch.observe(document.body, {
          subtree: true,
          attributes: true,
          attributeOldValue: true,
          attributeFilter: ['aria-busy'],
        });
        setTimeout(() => {
          watch.disconnect();
          resolve(undefined);
        }, 1000);
        window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed }));
      }),
    key,
  );
}

/** From a reason to what to look at next: each reason of a “no” is another thing said. The bench stays at the pair. */
async function benchNextSample(page: Page): Promise<void> {
  await page.keyboard.press('r');
  // what is believed beforehand is worked out once for a room
  await page.waitForTimeout(1000);
  await page.locator('[aria-label="Look at next"][aria-busy="false"]').waitFor({ timeout: 30_000 });
  const next: number[] = [];
  for (const key of ['1', '2', '3', '4', '5', '6', '7']) {
    const took = await nextSampleAfter(page, key);
    await page.waitForTimeout(300);
    if (took !== undefined) next.push(took);
  }
  next.sort((a, b) => a - b);
  against(
    'what was said to what to look at next, median',
    next[Math.floor(next.length / 2)] ?? NaN,
    100,
    'ms',
    `of ${next.length}`,
  );
}

/** Memory that belongs to the pages alone, MB: what their processes share with nobody. */
async function memoryOfPages(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  const privateKb = (pid: number) =>
    [...readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8').matchAll(/^Private_(?:Clean|Dirty): +(\d+) kB/gm)].reduce(
      (sum, m) => sum + Number(m[1]),
      0,
    );
  return processInfo.filter((p) => p.type === 'renderer').reduce((most, p) => Math.max(most, privateKb(p.id) / 1000), 0);
}

/** Lets the page and its worker collect their garbage, and the browser give back what nobody uses, as it does when memory is short. */
async function collected(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  const given: Promise<unknown>[] = [];
  session.on('Target.attachedToTarget', ({ sessionId }) => {
    const message = JSON.stringify({ id: 1, method: 'HeapProfiler.collectGarbage' });
    given.push(session.send('Target.sendMessageToTarget', { sessionId, message }));
  });
  await session.send('Target.setAutoAttach', { autoAttach: true, waitForDebuggerOnStart: false, flatten: false });
  await session.send('HeapProfiler.collectGarbage');
  await Promise.all(given);
  await session.send('Memory.simulatePressureNotification', { level: 'critical' });
  await page.waitForTimeout(3000);
}

/** From another school, which asks the whole deck anew, to the search being done, seconds. */
const searchedAgain = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const choice = [...document.querySelectorAll('select')].find((s) => [...s.options].some((o) => o.value === 'embrace'))!;
        const start = performance.now();
        let going = false;
        const watch = new MutationObserver(() => {
          const shown = document.querySelector('progress[aria-label="Search"]') !== null;
          going ||= shown;
          if (going && !shown) {
            watch.disconnect();
            resolve((performance.now() - start) / 1000);
          }
        });
        watch.observe(document.body, { subtree: true, childList: true });
        setTimeout(() => reject(new Error('no search was seen')), 30_000);
        choice.value = choice.value === 'embrace' ? 'correct' : 'embrace';
        choice.dispatchEvent(new Event('change', { bubbles: true }));
      }),
  );

/** The first search of a page in the demo, with the day's light computed beside it. */
async function benchFirstSearch(browser: Browser): Promise<void> {
  const server = await startServer({ folder: demoFolder(), demo: true });
  const times: number[] = [];
  const again: number[] = [];
  try {
    for (let i = 0; i < sized(3, 1); i++) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await openRoom(page, server.url, 'Sitting room', 'Deck');
      await page.locator('[data-code]').first().waitFor();
      const start = performance.now();
      await page.getByRole('radio', { name: 'What could work here' }).click();
      await page.getByRole('group', { name: 'What could work, best first' }).waitFor({ timeout: 120_000 });
      times.push((performance.now() - start) / 1000);
      await page.getByText('Schools', { exact: true }).click();
      again.push(await searchedAgain(page));
      await page.close();
    }
  } finally {
    await server.end('SIGTERM');
  }
  times.sort((a, b) => a - b);
  const each = times.map((t) => t.toFixed(2)).join(', ');
  against('first search in the demo, with the light of the day', times[times.length >> 1]!, 1.2, 's', each);
  again.sort((a, b) => a - b);
  against('the same search again, another wish', again[again.length >> 1]!, 0.4, 's');
}

/** The deck of 4,000 and the verdict key, in headless Chromium against the built application. */
export async function benchPage(): Promise<void> {
  const first = await chromium.launch(CHROMIUM);
  await benchFirstSearch(first);
  await first.close();
  process.env['ELM_SWATCH_DECKS'] = largeDecks();
  const server = await startServer({ folder: newFolder(), demo: true });
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    // noon of the demo's own day: lamps come on by themselves in the dark, and are another light
    await page.clock.setFixedTime(NOON);
    await page.addInitScript(() => sessionStorage.setItem('elm-swatch.bench.pace', 'by-hand'));
    await openRoom(page, server.url, 'Sitting room', 'Deck');
    await page.locator('[data-code]').first().waitFor();
    await page.waitForTimeout(500);
    await longestOfThree(page, 'deck of 4,000: longest task while scrolling', scrollDeck);
    await longestOfThree(page, 'deck of 4,000: longest task while filtering', filterDeck);
    await openRoom(page, server.url, 'Sitting room', 'Light');
    await page.getByRole('slider', { name: 'Time of day' }).waitFor();
    await page.getByRole('radio', { name: 'Through the day' }).click();
    await page.locator('[data-band]').first().waitFor();
    await page.waitForTimeout(500);
    await longestOfThree(page, 'longest task while the cursor is dragged over the strip', dragCursor);
    await openRoom(page, server.url, 'Sitting room', 'Record');
    await page.waitForTimeout(3000);
    await longestOfThree(page, 'longest task while it is dragged over the record', dragCursor);
    await openRoom(page, server.url, 'Sitting room', 'Bench');
    await page.waitForTimeout(400);
    const times: number[] = [];
    for (let i = 0; i < sized(12, 3); i++)
      times.push(await keyToPaint(page, ['r', 'e', 'w'][i % 3]!, ['No', 'Nearly', 'Works'][i % 3]!));
    times.sort((a, b) => a - b);
    against('verdict key to painted cell, median', times[times.length >> 1]!, 33, 'ms');
    against('verdict key to painted cell, slowest of 12', times.at(-1)!, 60, 'ms');
    await benchNextSample(page);
    await openRoom(page, server.url, 'Sitting room', 'Deck');
    await page.locator('[data-code]').first().waitFor();
    await benchSearch(page);
    for (const step of ['Record', 'Bench', 'Light'] as const) {
      await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true }).click();
      await page.waitForTimeout(2000);
    }
    await benchImport(server.url);
    against('memory of the page with it all open', await memoryOfPages(browser), 300, 'MB');
    await collected(page);
    against('the same once it was asked to give back what it does not hold', await memoryOfPages(browser), 300, 'MB');
  } finally {
    await browser.close();
    await server.end('SIGTERM');
  }
}
