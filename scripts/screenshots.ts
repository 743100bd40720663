/** Every picture of docs/screenshots from the demo, at a fixed date, hour and sky, once the day is computed: bin/screenshots [NAME ...] */
import { mkdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../tests/e2e/chromium';
import { openRoom } from '../tests/e2e/demo';
import { newFolder, NOON, startServer } from '../tests/e2e/server';

const SIZE = { width: 1280, height: 800 } as const;
const OUT = 'docs/screenshots';

/** What a picture shows, from the list of visits on. */
type Shot = { readonly name: string; readonly take: (page: Page, url: string) => Promise<void> };
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const radio = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });

/** Waits until the ribbon has its day and every light on the screen is computed. */
async function computed(page: Page): Promise<void> {
  await page.locator('[role=slider][aria-label="Time of day"]').waitFor();
  await page.waitForFunction(
    () => document.querySelector('[aria-busy="true"]') === null && !/computing|planning/.test(document.body.innerText),
  );
  await page.waitForTimeout(600);
}
const room = (name: string, step: string, more: (page: Page) => Promise<unknown> = async () => undefined) => ({
  take: async (page: Page, url: string) => {
    await openRoom(page, url, name, step);
    await computed(page);
    await more(page);
    await computed(page);
  },
});
const chosenColour = async (page: Page) => {
  await page.getByLabel('Find by name or code').fill('FR 3123');
  await page.locator('[data-code="FR 3123"]').click();
  await button(page, '75 % strength').waitFor();
};

const SHOTS: readonly Shot[] = [
  { name: 'visits', take: async (page, url) => void (await page.goto(`${url}/visits`)) },
  {
    name: 'practice',
    take: async (page, url) => {
      await page.goto(`${url}/practice`);
      await page.locator('[data-live=true]').waitFor();
      await button(page, 'I see all ten').click();
    },
  },
  { name: 'light', ...room('Sitting room', 'Light') },
  { name: 'strip', ...room('Sitting room', 'Light', (page) => radio(page, 'Through the day').click()) },
  {
    name: 'standing',
    ...room('Sitting room', 'Light', async (page) => {
      await radio(page, 'Standing in it').click();
      await page.getByLabel('Stand', { exact: true }).selectOption({ index: 2 });
      await page.locator('canvas[data-shown=room]').waitFor();
    }),
  },
  { name: 'stays', ...room('Sitting room', 'Stays') },
  { name: 'deck', ...room('Sitting room', 'Deck', chosenColour) },
  {
    name: 'house',
    ...room('Sitting room', 'Brief', async (page) => {
      await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'The house' }).click();
      await page.locator('[data-paint]').first().waitFor({ timeout: 120_000 });
    }),
  },
  {
    name: 'shortlist',
    ...room('Sitting room', 'Deck', async (page) => {
      await radio(page, 'What could work here').click();
      await page.getByRole('group', { name: 'What could work, best first' }).waitFor({ timeout: 120_000 });
    }),
  },
  { name: 'bench', ...room('Sitting room', 'Bench') },
  {
    name: 'companions',
    ...room('Sitting room', 'Bench', async (page) => {
      await page.getByRole('link', { name: 'Goes with…' }).click();
      await page.locator('[data-companion]').first().waitFor();
    }),
  },
  { name: 'pairs', ...room('Sitting room', 'Bench', (page) => button(page, 'Let the client pick between two').click()) },
  { name: 'record', ...room('Sitting room', 'Record') },
  { name: 'schemes', ...room('Sitting room', 'Schemes', (page) => page.locator('[data-scheme]').nth(2).waitFor()) },
  { name: 'looks', ...room('Sitting room', 'Looks', (page) => page.locator('[data-look]').first().waitFor()) },
  { name: 'samples', ...room('Sitting room', 'Samples') },
  {
    name: 'decide',
    ...room('Sitting room', 'Decide', async (page) => {
      await page.keyboard.press('v');
      await page.locator('[data-surface="wall-1"]').click();
    }),
  },
  { name: 'handover', ...room('Sitting room', 'Hand over') },
  { name: 'photos', ...room('Sitting room', 'Record', (page) => page.getByRole('radio', { name: /^Photographs/ }).click()) },
];

async function main() {
  const wanted = process.argv.slice(2);
  const unknown = wanted.filter((name) => !SHOTS.some((shot) => shot.name === name));
  if (unknown.length > 0) throw new Error(`no picture ${unknown.join(', ')}; there are ${SHOTS.map((s) => s.name).join(', ')}`);
  mkdirSync(OUT, { recursive: true });
  const folder = newFolder();
  const server = await startServer({ folder, demo: true });
  // a room is drawn in space, without a graphics card too
  const args = [...CHROMIUM.args.filter((a) => a !== '--disable-gpu'), '--use-angle=swiftshader', '--enable-unsafe-swiftshader'];
  const browser = await chromium.launch({ ...CHROMIUM, args });
  try {
    for (const { name, take } of SHOTS.filter((shot) => wanted.length === 0 || wanted.includes(shot.name))) {
      const context = await browser.newContext({ locale: 'en-GB', viewport: SIZE });
      await context.clock.setFixedTime(NOON);
      const page = await context.newPage();
      page.setDefaultTimeout(60_000);
      await take(page, server.url);
      await page.waitForTimeout(400);
      await page.screenshot({ path: path.join(OUT, `${name}.png`) });
      await context.close();
      process.stdout.write(`${name}\n`);
    }
  } finally {
    await browser.close();
    await server.end('SIGTERM');
    rmSync(path.dirname(folder), { recursive: true, force: true });
  }
}

void main();
