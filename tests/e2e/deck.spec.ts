import { readFileSync } from 'node:fs';
import { allSaved, live, openRoom } from './demo';
import { expect, test, type Page } from './server';

const choose = async (page: Page, code: string) => {
  await page.getByLabel('Find by name or code').fill(code);
  await page.locator(`[data-code="${code}"]`).click();
};

test('filters by family, lean, LRV, maker, base and formula', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Deck');
  const count = page.getByText(/\d+ of 372 colours/);
  await expect(count).toContainText('372 of 372');
  await page.getByLabel('Family', { exact: true }).selectOption('beige');
  await page.getByLabel('Lean', { exact: true }).selectOption('orange-pink');
  await page.getByLabel('LRV from').fill('50');
  await page.getByLabel('to', { exact: true }).fill('70');
  await page.getByLabel('Maker', { exact: true }).selectOption('Ferrowmere');
  await page.getByLabel('Base', { exact: true }).selectOption('white');
  await page.getByLabel('has a formula').check();
  await expect(count).not.toContainText('372 of 372');
  const shown = await page.locator('[data-code]').evaluateAll((all) => all.map((e) => e.getAttribute('aria-label')!));
  expect(shown.length).toBeGreaterThan(0);
  for (const label of shown) expect(label).toMatch(/beige, leans orange-pink, LRV (5|6|70)/);
  await page.getByLabel('LRV from').fill('99');
  await expect(page.getByText('No colour fits')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).first().click();
  await expect(count).toContainText('372 of 372');
});

test('two steps lighter on the strip, and the compare tray in words and numbers', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Deck');
  await choose(page, 'FR 3113');
  const panel = page.getByRole('complementary', { name: 'Chosen colour' });
  await panel.getByRole('button', { name: 'Compare' }).click();
  await panel.getByRole('button', { name: '2 lighter' }).click();
  await expect(panel.getByText('FR 3111')).toBeVisible();
  await panel.getByRole('button', { name: 'Compare' }).click();
  await choose(page, 'FR 3163');
  await panel.getByRole('button', { name: 'Compare' }).click();
  const tray = page.getByRole('region', { name: 'Compare tray' });
  await expect(tray.getByText(/FR 3163 the greenest/)).toBeVisible();
  await expect(tray.locator('[data-compared="FR 3163"]')).toContainText(/greener by \d/);
  await tray.getByLabel('Undertone read against').selectOption({ label: 'printer paper, with brightener' });
  await expect(tray.getByText(/Brightener makes this paper bluish/)).toBeVisible();
  await expect(tray.locator('[data-compared="FR 3111"]')).toContainText(/yellower by \d/);
  await tray
    .getByRole('button', { name: /Take .* out of the tray/ })
    .first()
    .click();
  await expect(tray.locator('[data-compared]')).toHaveCount(2);
  await tray.getByRole('button', { name: 'Empty the tray' }).click();
  await expect(tray).toBeHidden();
});

test('the colour sheet: curve, strengths, lights, formulas, a strength found, an order at the counter', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Deck');
  await choose(page, 'FR 3112');
  await page.getByRole('button', { name: 'Sheet' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('img', { name: /Reflectance in percent/ })).toBeVisible();
  await expect(sheet.getByText('75 % strength (colourant cut by a quarter)')).toBeVisible();
  await expect(sheet.getByText('certain').first()).toBeVisible();
  await sheet.getByRole('radiogroup', { name: 'Strength of the formula' }).getByRole('radio', { name: '75 %' }).click();
  await expect(sheet.getByRole('row', { name: /sample jar/ })).toContainText(/ochre \d+/);
  await sheet.getByRole('button', { name: 'Order 2.5 litres at 75 % at the simulated counter' }).click();
  await expect(sheet.getByText(/made, ΔE \d\.\d off/)).toBeVisible();
  await sheet.getByLabel('LRV wanted').fill('75');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(sheet.getByRole('status').getByText(/% strength/)).toBeVisible();
  await sheet.getByLabel('LRV wanted').fill('99');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(sheet.getByText(/Cannot be reached. Nearest: 10 % strength/)).toBeVisible();
  await sheet.getByRole('radio', { name: 'a contrast' }).click();
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(sheet.getByRole('status').getByText(/strength/)).toBeVisible();
});

test('in a deep or clear base the sheet warns that cutting strength costs hiding', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Deck');
  await page.getByLabel('Base', { exact: true }).selectOption('clear');
  await page.locator('[data-code]').first().click();
  await page.getByRole('button', { name: 'Sheet' }).click();
  await expect(
    page
      .getByRole('dialog')
      .getByText(/cutting strength costs hiding first/)
      .first(),
  ).toBeVisible();
});

test('a deck goes out and a deck comes in: looked at first, bad rows by line, then taken', async ({ page, demo }) => {
  await page.goto(`${demo.url}/decks`);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Ferrowmere as CGATS' }).click(),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toMatch(/^CGATS\.17/);
  const csv =
    'maker;maker_name;code;name;L;a;b\nNW;Newmade;N 1;Kell Wharf;84,5;3;11\nNW;Newmade;N 2;=cmd;fifty;3;11\nNW;Newmade;N 3;impossible;50;140;0\n';
  const give = (name: string, text: string) =>
    page.getByLabel('Deck file').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByRole('button', { name: 'Choose a file' })).toBeEnabled();
  await give('new.csv', csv);
  await expect(page.getByText('1 colour can be taken, 2 things wrong')).toBeVisible();
  await expect(page.getByRole('list', { name: 'What is wrong' })).toContainText('Line 3: L* is “fifty”, not a number');
  await expect(page.getByRole('list', { name: 'What is wrong' })).toContainText('N 3: no real surface');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await give('new.csv', csv);
  await page.getByRole('button', { name: 'Take the 1 good colour' }).click();
  await expect(page.getByText('1 colour taken in.')).toBeVisible();
  await expect(page.getByText('Newmade')).toBeVisible();
  await give('new.csv', csv);
  await expect(page.getByText('no colour can be taken')).toBeVisible();
  await expect(page.getByText('N 1: this code is in the deck already')).toBeVisible();
});

test('a file that is too large is not read, by the page or by the server', async ({ page, demo, request }) => {
  await page.goto(`${demo.url}/decks`);
  await expect(page.getByRole('button', { name: 'Choose a file' })).toBeEnabled();
  const large = Buffer.alloc(33 * 1024 * 1024, 'a');
  const answer = await request.put(`${demo.url}/api/decks/import?name=large.csv`, {
    data: large,
    headers: { origin: demo.url },
  });
  expect(answer.status()).toBe(413);
  await page.getByLabel('Deck file').setInputFiles({ name: 'large.csv', mimeType: 'text/csv', buffer: large });
  await expect(page.getByText('large.csv has 33 MB; a deck file has at most 32 MB. Nothing was read.')).toBeVisible();
  const noise = await request.put(`${demo.url}/api/decks/import?name=noise.csv`, {
    data: Buffer.from([0, 1, 2, 255, 254, 10, 200]),
    headers: { origin: demo.url },
  });
  expect(await noise.text()).toContain('there is no column');
});

test('the stand-ins say that they are simulated, and read', async ({ page, demo }) => {
  await page.clock.setFixedTime(new Date('2026-09-23T12:05:00Z')); // by day: a meter reads no temperature in the dark
  await openRoom(page, demo.url, 'North bedroom', 'Stays');
  await page.getByRole('button', { name: 'Record what stays' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Hearth', exact: true }).click();
  await dialog.getByRole('button', { name: 'Something else, by its colour' }).click();
  await dialog.getByRole('radio', { name: 'Instrument' }).click();
  // off until it is switched on
  await expect(dialog.getByRole('button', { name: 'Calibrate on the white tile' })).toBeHidden();
  await dialog.getByRole('button', { name: /^Try it out with a simulated colorimeter/ }).click();
  await dialog.getByRole('button', { name: 'Calibrate on the white tile' }).click();
  await dialog.getByRole('radio', { name: 'Spectrophotometer' }).click();
  await expect(dialog.getByText(/Simulated spectrophotometer: its readings are made up/)).toBeVisible();
  await dialog.getByLabel('Put it on').selectOption({ label: 'Slate hearth' });
  await dialog.getByRole('button', { name: 'Read the spectrum' }).click();
  await expect(dialog.getByText('spectrophotometer (simulated), spectrum kept')).toBeVisible();
  await dialog.getByLabel('What you call it').fill('Slate');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('heading', { name: 'Slate' })).toBeVisible();
  await allSaved(page);
  await page.reload();
  await live(page);
  await expect(page.getByText('spectrum kept')).toBeVisible();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Light' }).click();
  await page.getByRole('radio', { name: 'Light meter' }).click();
  await page.getByRole('button', { name: 'Read the simulated meter' }).click();
  await expect(page.getByText(/Simulated light meter: its readings are made up/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Light readings' })).toContainText(/lx, [\d,]+ K at/, { timeout: 30_000 });
});
