import { rmSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { openRoom } from '../e2e/demo';
import { startServer } from '../e2e/server';
import { demoFolder } from './demo-folder';
import { against } from './measure';

/** From asking for a page to its own script running, seconds. */
async function running(page: Page, url: string): Promise<number> {
  const start = performance.now();
  await page.goto(url);
  await page.locator('[data-live=true]').waitFor({ state: 'attached' });
  return (performance.now() - start) / 1000;
}

/** A server started on a folder in use, to its first answer; then the first page of it, and the second. */
export async function benchStart(): Promise<void> {
  const folder = demoFolder();
  const first = await startServer({ folder, demo: true });
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await openRoom(page, first.url, 'Sitting room', 'Bench');
    const { pathname } = new URL(page.url());
    await page.close();
    await first.end('SIGTERM');
    const start = performance.now();
    const second = await startServer({ folder, demo: true });
    const answer = await fetch(`${second.url}/api/deck`);
    if (!answer.ok) throw new Error(`the deck was not answered: ${answer.status}`);
    await answer.arrayBuffer();
    against('start of the server on a folder in use, to its first answer', (performance.now() - start) / 1000, 3, 's');
    try {
      const fresh = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      against('the first page after it, until it runs', await running(fresh, second.url + pathname), 1.5, 's');
      await fresh.close();
      const next = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      against('the second page, until it runs', await running(next, second.url + pathname), 0.5, 's');
      await next.close();
    } finally {
      await second.end('SIGTERM');
    }
  } finally {
    await browser.close();
    rmSync(path.dirname(folder), { recursive: true, force: true });
  }
}
