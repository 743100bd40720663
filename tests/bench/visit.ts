import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { v7 } from 'uuid';
import { OPERATION_VERSION, writeSchema, type WriteInput } from '@/core/operations/operations';
import { VERDICTS } from '@/core/judge/reasons';
import { openDatabase, TEMPLATE_FILE } from '@/data/db';
import { listDeck } from '@/data/decks';
import { migrate } from '@/data/migrate';
import { loadShippedDecks } from '@/server/deck/load-shipped';
import { applyOperation } from '@/server/operations/apply';
import { CHROMIUM } from '../e2e/chromium';
import { newFolder, NOON, startServer } from '../e2e/server';
import { against, SMOKE, sized } from './measure';

const SIZE = SMOKE ? { rooms: 3, candidates: 4, verdicts: 6 } : { rooms: 40, candidates: 60, verdicts: 2000 };
const PLACE = { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' };

/** A folder with one large visit; answers the address of its first room's bench. */
export async function largeVisit(folder: string): Promise<string> {
  mkdirSync(folder, { recursive: true });
  // it gets its journal when it is opened, as a folder of before that is on its way to one
  writeFileSync(path.join(folder, 'pg.adopting'), '');
  const db = await openDatabase(path.join(folder, 'pg'), path.resolve(TEMPLATE_FILE));
  await migrate(db);
  await loadShippedDecks(db);
  const write = async (w: WriteInput) => {
    const operation = { id: v7(), version: OPERATION_VERSION, at: NOON.toISOString(), write: writeSchema.parse(w) } as const;
    const done = await applyOperation(db, operation);
    if (!done.ok) throw new Error(`${w.name}: ${JSON.stringify(done)}`);
    return done.id;
  };
  const deck = await listDeck(db);
  const rooms = Array.from({ length: SIZE.rooms }, (_, i) => ({ roomId: v7(), name: `Room ${i + 1}` }));
  const visitId = await write({
    name: 'visit.create',
    visitId: v7(),
    label: 'Large Row 1',
    place: PLACE,
    units: 'metric',
    rooms,
  });
  for (const [r, { roomId }] of rooms.entries()) {
    const windows = [{ id: v7(), wall: 0 as const, widthM: 1.4, heightM: 1.3 }];
    await write({ name: 'room.light', roomId, revision: 1, windows, lamps: [], bearingDeg: 200 });
    const colour = { lab: { l: 60, a: 4, b: 12 }, source: { kind: 'lab' as const } };
    const components = [{ id: v7(), name: 'board', share: 1, colour }];
    const stay = { stay: 'Floor', kind: 'fixed', school: 'share', components } as const;
    const stayId = await write({ name: 'stay.save', roomId, revision: null, stayId: v7(), ...stay });
    const candidates: string[] = [];
    for (let k = 0; k < SIZE.candidates; k++) {
      const deckColourId = deck[(r * 7 + (k >> 2)) % deck.length]!.id;
      candidates.push(
        await write({ name: 'candidate.add', roomId, candidateId: v7(), deckColourId, strength: [100, 75, 50, 25][k % 4]! }),
      );
    }
    for (let k = 0; k < SIZE.verdicts / SIZE.rooms; k++) {
      const candidateId = candidates[k % candidates.length]!;
      await write({
        name: 'verdict.give',
        roomId,
        candidateId,
        stayId,
        light: 'overcast',
        person: 'consultant',
        verdict: VERDICTS[k % 3]!,
      });
    }
  }
  await db.close();
  return `/visits/${visitId}/${rooms[0]!.roomId}/bench`;
}

/** From a verdict key to the verdict shown as saved, milliseconds, and the bytes that went over the wire for it both ways. */
async function oneMoreVerdict(page: Page, key: string): Promise<{ readonly ms: number; readonly bytes: number }> {
  let bytes = 0;
  const count = async (response: Awaited<ReturnType<Page['waitForResponse']>>) => {
    if (!response.url().includes('/api/')) return;
    const sizes = await response.request().sizes();
    bytes += sizes.requestBodySize + sizes.requestHeadersSize + sizes.responseBodySize + sizes.responseHeadersSize;
  };
  page.on('response', count);
  const ms = await page.evaluate(
    (pressed) =>
      new Promise<number>((resolve) => {
        const saved = () => document.querySelectorAll('[data-saving="saved"][data-unsaved="0"]').length > 0;
        const start = performance.now();
        let sending = false;
        const look = () => {
          sending ||= !saved();
          if (sending && saved()) return resolve(performance.now() - start);
          return setTimeout(look);
        };
        window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed }));
        look();
      }),
    key,
  );
  await page.waitForTimeout(500);
  page.off('response', count);
  return { ms, bytes };
}

const median = (all: readonly number[]) => [...all].sort((p, q) => p - q)[Math.floor(all.length / 2)]!;

/** A visit of 40 rooms, 2,400 candidates and 2,000 verdicts: opened, and one verdict more. */
export async function benchVisit(): Promise<void> {
  const folder = newFolder();
  const address = await largeVisit(folder);
  const server = await startServer({ folder });
  const browser = await chromium.launch(CHROMIUM);
  try {
    const opened: number[] = [];
    for (let i = 0; i < sized(4, 2); i++) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await page.clock.setFixedTime(NOON);
      const start = performance.now();
      await page.goto(server.url + address);
      await page.locator('[data-live=true]').waitFor();
      await page.getByRole('region', { name: 'Your eye' }).waitFor();
      opened.push((performance.now() - start) / 1000);
      await page.close();
    }
    against('visit of 40 × 60 × 2,000: opened after a start of the server', opened[0]!, 2.5, 's');
    against('visit of 40 × 60 × 2,000: opened again, median of 3', median(opened.slice(1)), 1.2, 's');
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.clock.setFixedTime(NOON);
    await page.goto(server.url + address);
    await page
      .locator('[data-testid=computed][data-where=in-light]')
      .waitFor({ timeout: 60_000 })
      .catch(() => undefined);
    await page.waitForTimeout(2000);
    const verdicts: Awaited<ReturnType<typeof oneMoreVerdict>>[] = [];
    for (let i = 0; i < sized(9, 3); i++) verdicts.push(await oneMoreVerdict(page, ['r', 'e', 'w'][i % 3]!));
    against('one more verdict there, from key to saved, median', median(verdicts.map((v) => v.ms)), 50, 'ms');
    against('one more verdict there, slowest of 9', Math.max(...verdicts.map((v) => v.ms)), 100, 'ms');
    against('one more verdict there, over the wire both ways, most', Math.max(...verdicts.map((v) => v.bytes)) / 1000, 2.5, 'kB');
  } finally {
    await browser.close();
    await server.end('SIGTERM');
    rmSync(path.dirname(folder), { recursive: true, force: true });
  }
}
