import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { seriousFindings } from './axe';
import { allSaved, live, openRoom, recordOf, saidBy } from './demo';
import { textOfPdf } from './pdf-text';
import { expect, test, type Page } from './server';

const row = (page: Page, name: RegExp) => page.locator('[data-row]').filter({ has: page.getByRole('button', { name }) });
const drawing = (page: Page) => page.getByRole('group', { name: /^The room unfolded/ });
const judged = (page: Page) => expect(page.getByText(/^Judging them beside/)).toBeHidden({ timeout: 60_000 });

test('the room stands unfolded as it is decided, and its light repaints it', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Decide');
  await expect(page.getByText('1 of 7 surfaces open')).toBeVisible();
  await expect(drawing(page).getByText('North wall, focal')).toBeVisible();
  await expect(drawing(page).getByRole('button', { name: 'West wall: Esk Mossen 75 %' })).toBeVisible();
  const west = page.locator('[data-surface="wall-0"]');
  const inDeck = await west.getAttribute('data-patch');
  await page.keyboard.press('v');
  await page.keyboard.press('l');
  await expect(west).not.toHaveAttribute('data-patch', inDeck!);
  await page.keyboard.press('v');
  await expect(west).toHaveAttribute('data-patch', inDeck!);
  await expect(row(page, /^Skirting/)).toContainText('semi-gloss trim paint');
  await expect(page.getByRole('note', { name: 'Cautions' })).toContainText('Before sanding or scraping');
  // a wall that is chosen still shows its window
  await west.click({ position: { x: 12, y: 12 } });
  const glass = page.locator('[data-part="glass"]').first();
  const { x, y, width, height } = (await glass.boundingBox())!;
  expect(
    await page.evaluate(
      ([px, py]) => document.elementFromPoint(px!, py!)?.getAttribute('data-part'),
      [x + width / 2, y + height / 2],
    ),
  ).toBe('glass');
  await judged(page);
  expect(await seriousFindings(page)).toEqual([]);
});

test('the papers: on screen, as PDF read back, as CSV read back', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Hand over');
  const paper = page.getByRole('article', { name: 'Painter’s schedule' });
  await expect(paper).toHaveAttribute('aria-busy', 'false');
  await expect(paper.getByRole('region', { name: 'Sitting room' })).toContainText('75 % strength');
  await expect(paper).toContainText('Not decided. Do not paint; ask before the walls are begun.');
  await expect(
    paper.getByRole('img', { name: /^Sitting room unfolded: A west, east and south wall; B north wall/ }),
  ).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
  const taken = async (button: string, role: 'button' | 'link' = 'button') => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole(role, { name: button, exact: true }).click(),
    ]);
    return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
  };
  const pdf = await taken('PDF, A4');
  expect(pdf.name).toBe('Quay Row 14 Painter s schedule a4.pdf');
  const { text, pages } = await textOfPdf(pdf.bytes);
  expect(pages[0]).toEqual({ width: 595, height: 842 });
  for (const words of [
    'Painter’s schedule',
    'Quay Row 14, Bristol',
    'revision 2',
    'page 1 of',
    'FR 3122',
    '75 % strength',
    'colourant cut by',
    'white base',
    'eggshell',
    'Not decided.',
    'Before sanding or scraping',
    'For the counter',
    'ochre',
  ])
    expect(text).toContain(words);
  const letter = await textOfPdf((await taken('PDF, Letter')).bytes);
  expect(letter.pages[0]).toEqual({ width: 612, height: 792 });
  const csv = await taken('CSV', 'link');
  const parsed = Papa.parse<Record<string, string>>(csv.bytes.toString('utf8').replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: true,
  });
  expect(parsed.errors).toEqual([]);
  expect(
    parsed.data.filter((r) => r['room'] === 'Sitting room').map((r) => [r['letter'], r['state'], r['strength_percent']]),
  ).toEqual([
    ['A', 'painted', '75'],
    ['B', 'painted', '100'],
    ['C', 'painted', '100'],
    ['D', 'painted', '100'],
    ['E', 'not decided', ''],
  ]);
  await page.getByRole('radio', { name: 'Client’s sheet' }).click();
  await expect(page.getByRole('article', { name: 'Your colours' })).toContainText('To live with: too strong beside Sofa');
  const client = await textOfPdf((await taken('PDF, A4')).bytes);
  for (const words of [
    'Your colours',
    'like the light at teatime',
    'every light this room has',
    'Merrin and Alder Quayle',
    'not paint',
  ])
    expect(client.text).toContain(words);
  await page.getByRole('radio', { name: 'Order', exact: true }).click();
  const order = await textOfPdf((await taken('PDF, A4')).bytes);
  for (const words of ['Order for the counter', '100 % strength', 'the full formula', 'from what was meant'])
    expect(order.text).toContain(words);
});

test('the record of a room is a paper too', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Record');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'PDF', exact: true }).click(),
  ]);
  const { text } = await textOfPdf(readFileSync(await download.path()));
  for (const words of [
    'Room record: Sitting room',
    '23 September 2026',
    'like the light at teatime',
    'Hearth stone',
    'band, 30 %',
    'Works here',
    'a touch quieter over the mantel',
  ])
    expect(text).toContain(words);
});

test('a surface is chosen by tap and key, a proposal taken, changed, undone, and signed as a revision with its reason', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Decide');
  await page.locator('[data-surface="ceiling"]').click();
  await judged(page);
  const ways = page.getByRole('region', { name: /^Ceiling/ });
  await expect(ways.locator('[data-way]').first()).toContainText('white');
  await page.keyboard.press('a');
  await expect(page.getByText('everything decided')).toBeVisible();
  await allSaved(page);
  await expect(row(page, /^Ceiling/)).toContainText('matte ceiling paint');
  // one key takes it back, with the colour that came with it
  await page.keyboard.press('z');
  await expect(page.getByText('1 of 7 surfaces open')).toBeVisible();
  await page.keyboard.press('Shift+z');
  await expect(page.getByText('everything decided')).toBeVisible();
  // how it is painted
  await ways.getByLabel('Coats').selectOption('3');
  await expect(row(page, /^Ceiling/)).toContainText('3 coats');
  // by keys: the row of the door, opened again
  await page.keyboard.press('4');
  await expect(row(page, /^Door to the hall/)).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press('x');
  await expect(row(page, /^Door to the hall/)).toContainText('not decided');
  await page.getByRole('button', { name: 'Sign the revision' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Not decided: door to the hall, both sides');
  await dialog.getByRole('button', { name: /^Sign \d surfaces/ }).click();
  await expect(dialog).toContainText('Say why it is revised.');
  await dialog.getByLabel('Why it is revised').fill('the ceiling was settled on the phone');
  await dialog.getByRole('button', { name: /^Sign \d surfaces/ }).click();
  await expect(dialog).toBeHidden();
  await allSaved(page);
  await page.getByRole('button', { name: 'Signed', exact: true }).click();
  await expect(page.getByRole('dialog')).toContainText('Revision 2, Both clients');
  await expect(page.getByRole('dialog')).toContainText('the ceiling was settled on the phone');
  await page.keyboard.press('Escape');
  const record = await recordOf(page);
  expect(record.signatures.map((s) => s.why)).toEqual(['', 'the ceiling was settled on the phone']);
  expect(record.signatures[1]!.decided.find((d) => d.surface === 'ceiling')).toMatchObject({ coats: 3, finish: 'ceiling' });
  await page.reload();
  await expect(row(page, /^Ceiling/)).toContainText('3 coats');
  await live(page);
  // what was signed is not taken back behind the back of whoever signed
  await page.keyboard.press('z');
  await expect(page.getByText('That was signed. Decide it anew, then sign the revision: both stay on record.')).toBeVisible();
  await expect(row(page, /^Ceiling/)).toContainText('3 coats');
});

test('a client’s “no” after signing stands in Decide, Sign, schedule and order until it is signed again with a reason', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Hall', 'Decide');
  const decide = page.url();
  const wall = (await recordOf(page)).signatures.at(-1)!.decided.find((d) => d.surface === 'wall-0')!.candidateId!;
  await page.goto(decide.replace(/\/decide.*/, `/bench?colour=${wall}`));
  await live(page);
  await page.keyboard.press('c');
  await expect(page.getByRole('radio', { name: /^client/ })).toBeChecked();
  await page.keyboard.press('r');
  await expect(saidBy(page, 'client')).toContainText('no');
  await allSaved(page);
  await page.goto(decide);
  await live(page);
  const says = 'the client has said since that it does not suit. Ask before it is bought or painted.';
  await expect(page.getByRole('alert').filter({ hasText: says })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toContainText('refused since');
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Hand over', exact: true }).click();
  await page.getByRole('radio', { name: 'Order' }).click();
  const order = page.getByRole('article', { name: 'Order for the counter' });
  await expect(order).toContainText(says);
  await expect(order.locator('[data-draft]').first()).toContainText('the client has said since that it does not suit');
  await page.getByRole('radio', { name: 'Painter’s schedule' }).click();
  await expect(page.getByRole('article', { name: 'Painter’s schedule' })).toContainText(says);
  await page.goto(decide);
  await live(page);
  await page.getByRole('button', { name: 'Sign again' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('note', { name: 'Said against what is signed' })).toContainText(says);
  await dialog.getByRole('button', { name: /^Sign \d surfaces/ }).click();
  await expect(dialog).toContainText('Say why it is kept.');
  await dialog.getByLabel('Why it is kept').fill('looked at again together after dark');
  await dialog.getByRole('button', { name: /^Sign \d surfaces/ }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('alert').filter({ hasText: says })).toHaveCount(0);
});

test('doors, rails and cabinets are surfaces of their own; a spreading rate of 0 is refused in clear words', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'North bedroom', 'Decide');
  await expect(page.getByText(/The room is not measured: areas are those of a usual room/)).toBeVisible();
  await page.getByRole('button', { name: 'Doors, rails, what is there now' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Add a door' }).click();
  await dialog.getByLabel('Called').fill('the landing');
  await dialog.getByLabel('North wall', { exact: true }).fill('0.9');
  await dialog.getByRole('button', { name: 'Add cabinets or a built-in' }).click();
  await dialog.getByLabel('What', { exact: true }).fill('Wardrobe');
  await dialog.getByLabel(/^Area/).fill('6,5');
  await dialog.getByLabel(/^Area/).blur();
  await allSaved(page);
  await page.keyboard.press('Escape');
  await expect(row(page, /^All four walls|above the rail/).first()).toBeVisible();
  await expect(drawing(page).getByText('North wall below the rail · open')).toBeVisible();
  await expect(row(page, /^Door to the landing/)).toBeVisible();
  await expect(row(page, /^Wardrobe/)).toContainText('6.5 m²');
  await page.getByRole('button', { name: 'Quantities' }).click();
  await page
    .getByRole('dialog')
    .getByLabel(/^wall paint/)
    .fill('0');
  await page
    .getByRole('dialog')
    .getByLabel(/^wall paint/)
    .blur();
  await expect(page.getByRole('dialog')).toContainText('A spreading rate must be more than 0: no paint covers nothing.');
});
