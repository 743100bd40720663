import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { lookAnswersSchema } from '@/core/formats/look-answers';
import { seriousFindings } from './axe';
import { allSaved, live, openRoom, recordOf } from './demo';
import { expect, test, type Page } from './server';

const planned = async (page: Page) => {
  await expect(page.locator('[data-look]').first()).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/^planning/)).toBeHidden({ timeout: 60_000 });
};
const look = (page: Page, number: number) => page.locator(`[data-look="${number}"]`);
/** The number of the first planned look whose words match. */
async function numberOf(page: Page, words: RegExp): Promise<number> {
  const found = page.locator('[data-look][data-state="planned"]').filter({ hasText: words }).first();
  return Number(await found.getAttribute('data-look'));
}

test('the plan stands on the house, and is usable by all', async ({ page, demo }) => {
  // the visit begins at ten: the order of rooms is of what is left of it
  await page.clock.setFixedTime(new Date('2026-09-23T08:30:00Z'));
  await openRoom(page, demo.url, 'Sitting room', 'Looks');
  await planned(page);
  const house = page.getByRole('region', { name: 'The house through the day' });
  for (const room of ['Hall', 'Sitting room', 'Kitchen', 'North bedroom'])
    await expect(house.getByText(room, { exact: true })).toBeVisible();
  await expect(page.getByText(/^\d+ looks show every change of more than/)).toBeVisible();
  await expect(page.getByText(/^Best order.*: .*10:00/)).toBeVisible();
  // every look has two touching colours and says what it decides
  const count = await page.locator('[data-look][data-state="planned"]').count();
  expect(count).toBeGreaterThan(3);
  expect(await page.locator('[data-look][data-state="planned"] [data-patch]').count()).toBe(2 * count);
  expect(await seriousFindings(page)).toEqual([]);
});

test('a look is taken by its key: light, wall and bench are set, what is said is bound to it, and the record says what it rests on', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Looks');
  await planned(page);
  const number = await numberOf(page, /^.*Kitchen, after dark, lamps on/);
  await page.keyboard.press(String(number));
  const bar = page.getByRole('region', { name: `Look ${number}` });
  await expect(bar).toContainText('after dark, lamps on');
  await expect(page.getByTitle('Lamps (L)')).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('radio', { name: 'One', exact: true })).toBeVisible();
  // it is five past one: until the person says that they stand in that light, nothing is said at the look and it is not ticked
  await expect(bar).toContainText('It is 13:05 now. Do you see the room in this light?');
  await expect(bar.getByRole('button', { name: 'Looked' })).toBeHidden();
  await page.keyboard.press('e');
  await bar.getByRole('button', { name: 'On the screen only' }).click();
  await expect(bar).toContainText('On the screen: kept, and the look stays open.');
  await bar.getByRole('button', { name: 'Leave the look without ticking it' }).click();
  await planned(page);
  await page.keyboard.press(String(number));
  await bar.getByRole('button', { name: 'I see it in this light' }).click();
  await expect(bar).not.toContainText('Do you see the room');
  await page.keyboard.press('e');
  await allSaved(page);
  // another light is no look of this number
  await page.keyboard.press('l');
  await expect(bar).toContainText('The ribbon shows another light now');
  await bar.getByRole('button', { name: 'Set its sky and lamps' }).click();
  await expect(bar).not.toContainText('another light');
  await bar.getByRole('button', { name: 'I see it in this light' }).click();
  await bar.getByRole('button', { name: 'Looked' }).click();
  await expect(look(page, number)).toHaveAttribute('data-state', 'taken');
  await expect(look(page, number)).toContainText('nearly');
  await allSaved(page);
  const record = await recordOf(page);
  const kept = record.looks.find((l) => l.number === number)!;
  expect(kept).toMatchObject({ light: 'lamps', state: 'taken' });
  const bound = record.candidates.flatMap((c) => c.verdicts).filter((v) => v.lookId === kept.id);
  expect(bound).toMatchObject([{ verdict: 'nearly', light: 'lamps', seen: 'in-room' }]);
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Record' }).click();
  await expect(page.getByText(`rests on look ${number}`).first()).toBeVisible();
});

test('a look is dropped with a reason, which is undone; another is added by hand; without cloud it is planned anew', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Hall', 'Looks');
  await planned(page);
  const number = await numberOf(page, /Hall, .*/);
  await page.getByRole('button', { name: `Change look ${number}`, exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Drop it…' }).click();
  await expect(dialog.getByRole('button', { name: 'Drop it for that reason' })).toBeDisabled();
  await dialog.getByLabel('Why it is dropped').fill('they are away');
  await dialog.getByRole('button', { name: 'Drop it for that reason' }).click();
  await expect(look(page, number)).toContainText('dropped: they are away');
  await page.keyboard.press('z');
  await planned(page);
  await expect(page.getByText('dropped: they are away')).toBeHidden();

  await page.getByRole('button', { name: 'Add a look' }).click();
  await dialog.getByLabel('Light').selectOption('overcast');
  await dialog.getByLabel('From', { exact: true }).fill('15:00');
  await dialog.getByLabel('to', { exact: true }).fill('14:00');
  await expect(dialog.getByText('It ends before it begins.')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Keep it so' })).toBeDisabled();
  await dialog.getByLabel('to', { exact: true }).fill('16:00');
  await dialog.getByRole('button', { name: 'Keep it so' }).click();
  await planned(page);
  await expect(page.locator('[data-look]').filter({ hasText: 'Hall, 15:00–16:00, overcast' })).toBeVisible();

  await page.getByRole('button', { name: 'Plan by' }).click();
  const skies = page.getByRole('group', { name: 'Sky to be expected then' });
  for (const sky of ['clear', 'sun and clouds', 'overcast']) await skies.getByRole('button', { name: sky }).click();
  await page.keyboard.press('Escape');
  await planned(page);
  // under no sky nothing by daylight falls into the visit but what a person keeps there
  const mine = page.getByRole('region', { name: /in this visit$/i }).locator('[data-look][data-state="planned"]');
  await expect(mine).toHaveCount(1);
});

test('the client’s page opens without a network, gives back a file, and only that hand-out’s file is taken', async ({
  page,
  demo,
  browser,
}, info) => {
  await openRoom(page, demo.url, 'Sitting room', 'Looks');
  await planned(page);
  await page.getByRole('button', { name: 'For the client' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('From the day on').fill('2026-10-25');
  await dialog.getByRole('button', { name: /^Hand over \d+ looks/ }).click();
  await expect(dialog.getByText(/looks are handed over/)).toBeVisible();
  const href = async (name: string) => `${demo.url}${await dialog.getByRole('link', { name }).first().getAttribute('href')}`;

  // cards, read back by a PDF library: four A6 cards a sheet of A4
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const pdf = await page.request.get(await href('Cards, A4'));
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  const file = await getDocument({ data: new Uint8Array(await pdf.body()), verbosity: 0 }).promise;
  const sheet = await file.getPage(1);
  const { width, height } = sheet.getViewport({ scale: 1 });
  expect([Math.round(width), Math.round(height)]).toEqual([595, 842]);
  const text = (await sheet.getTextContent()).items
    .map((i) => ('str' in i ? i.str : ''))
    .join(' ')
    .replace(/\s+/g, ' ')
    .replace(/ ,/g, ',');
  expect(text.match(/Judge the painted board/g)!.length).toBeLessThanOrEqual(4);
  for (const words of ['suits', 'not sure', 'does not suit', 'Sitting room', 'from 25 October on']) expect(text).toContain(words);
  const letter = await page.request.get(await href('Cards, Letter'));
  expect((await letter.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const calendar = await (await page.request.get(await href('Calendar file'))).text();
  expect(calendar).toMatch(/DTSTART;TZID=Europe\/London:20261025T/);

  // the page, from a file, in a browser without a network
  const html = await page.request.get(await href('Page for the phone'));
  expect(html.headers()['content-disposition']).toContain('attachment');
  const saved = path.join(info.outputDir, 'looks.html');
  const { mkdirSync } = await import('node:fs');
  mkdirSync(info.outputDir, { recursive: true });
  writeFileSync(saved, await html.body());
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, offline: true, acceptDownloads: true });
  const client = await phone.newPage();
  // the looks of now stand first: they must not change places between two openings
  await client.clock.setFixedTime(new Date('2026-10-25T11:00:00Z'));
  const asked: string[] = [];
  const errors: string[] = [];
  client.on('request', (r) => asked.push(r.url()));
  client.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
  await client.goto(`file://${saved}`);
  await expect(client.getByRole('button', { name: 'Save my answers as a file' })).toBeDisabled();
  expect(await client.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(await seriousFindings(client)).toEqual([]);
  const sitting = client.locator('section').filter({ hasText: 'Sitting room' }).first();
  await sitting.locator('label.box', { hasText: 'does not' }).first().click();
  await sitting.getByRole('textbox').first().fill('too <b>green</b> at tea');
  // a browser gives a reloaded file to another process of its own, which may read its storage a moment before it is written
  await expect
    .poll(async () => {
      await client.reload();
      return sitting.getByRole('textbox').first().inputValue();
    })
    .toBe('too <b>green</b> at tea');
  const [download] = await Promise.all([
    client.waitForEvent('download'),
    client.getByRole('button', { name: 'Save my answers as a file' }).click(),
  ]);
  const answered = path.join(info.outputDir, 'answered.json');
  await download.saveAs(answered);
  expect(asked.filter((url) => !url.startsWith('file:') && !url.startsWith('blob:'))).toEqual([]);
  expect(errors).toEqual([]);
  await phone.close();
  const given = lookAnswersSchema.parse(JSON.parse(readFileSync(answered, 'utf8')));
  expect(given.answers).toMatchObject([{ verdict: 'no', words: 'too <b>green</b> at tea' }]);

  // read in: shown first, then kept; the same again is nothing new; a forged one is refused
  await page.keyboard.press('Escape');
  const read = async (name: string, body: string) =>
    page
      .getByLabel('The client’s file of answers')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
  await read('forged.json', JSON.stringify({ ...given, key: 'xxxxxxxxxxxxxxxxxxxxxx' }));
  await expect(dialog.getByRole('alert')).toHaveText('These answers belong to another visit. Nothing was kept.');
  await page.keyboard.press('Escape');
  await read(
    'answered.json',
    JSON.stringify({ ...given, answers: given.answers.map((a) => ({ ...a, lookedAt: '2026-09-23T11:00:00.000Z' })) }),
  );
  await expect(dialog.getByText('“too <b>green</b> at tea”')).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep this answer' }).click();
  await allSaved(page);
  await read(
    'again.json',
    JSON.stringify({ ...given, answers: given.answers.map((a) => ({ ...a, lookedAt: '2026-09-23T11:00:00.000Z' })) }),
  );
  await expect(dialog.getByRole('button', { name: 'Nothing new' })).toBeDisabled();
  await page.keyboard.press('Escape');
  const record = await recordOf(page);
  expect(record.answers.filter((a) => a.words === 'too <b>green</b> at tea' && !a.undone)).toHaveLength(1);
  const [no] = record.answers.filter((a) => a.verdict === 'no');
  expect(record.candidates.find((c) => c.id === no!.candidateId)!.ruling).toBe('not');
});

test('other lamps and the year are computed when they are asked for', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Looks');
  await planned(page);
  await page.getByRole('button', { name: /^Other lamps/ }).click();
  await expect(page.getByRole('rowheader', { name: /^better rendering Ra 97/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/for a licensed electrician/)).toBeVisible();
  await page.getByRole('button', { name: /^The year/ }).click();
  await expect(page.getByRole('img', { name: /^Dec: \d of 8 hours with daylight$/ })).toBeVisible({ timeout: 60_000 });
  expect(await seriousFindings(page)).toEqual([]);
  await live(page);
});
