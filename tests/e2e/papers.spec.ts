import { readFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import { seriousFindings } from './axe';
import { allSaved, openRoom } from './demo';
import { textOfPdf } from './pdf-text';
import { expect, test } from './server';

test('what is printed says whose it is and which page, on paper of the place, and nothing to press', async ({ page, demo }) => {
  const errors: string[] = [];
  page.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
  await openRoom(page, demo.url, 'Sitting room', 'Hand over');
  await expect(page.getByRole('article', { name: 'Painter’s schedule' })).toHaveAttribute('aria-busy', 'false');
  const { text, pages } = await textOfPdf(await page.pdf({ preferCSSPageSize: true }));
  expect(pages[0]!.width).toBeCloseTo(595, -1);
  expect(pages[0]!.height).toBeCloseTo(842, -1);
  expect(text).toContain(`page 1 of ${pages.length}`);
  expect(text).toContain(`page ${pages.length} of ${pages.length}`);
  for (const words of ['Quay Row 14, Bristol', '14 Quay Row', 'Tamsin Orrell', 'South wall 2.10 × 2.70 m'])
    expect(text).toContain(words);
  for (const never of ['All papers', 'PDF, A4', '…']) expect(text).not.toContain(never);
  expect(errors).toEqual([]);
});

test('all papers come in one zip; the painter’s are at hand again at once, and leave the client out where so chosen', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Hall', 'Hand over');
  await expect(page.getByRole('article')).toHaveAttribute('aria-busy', 'false');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'All papers' }).click()]);
  expect(download.suggestedFilename()).toBe('Quay Row 14 papers.zip');
  const files = unzipSync(readFileSync(await download.path()));
  expect(Object.keys(files)).toEqual([
    'Your colours.pdf',
    'Painter s schedule.pdf',
    'Order for the counter.pdf',
    'Board of each room.pdf',
    'Your colours.csv',
    'Painter s schedule.csv',
    'Order for the counter.csv',
    'Board of each room.csv',
    'Room 1 Hall record.pdf',
    'Room 2 Sitting room record.pdf',
    'Room 3 Kitchen record.pdf',
    'Sample labels.pdf',
  ]);
  const schedule = await textOfPdf(Buffer.from(files['Painter s schedule.pdf']!));
  for (const words of ['14 Quay Row, Bristol', '0117 496 0123', 'Flaking paint', 'Ferrow Wall Silk'])
    expect(schedule.text).toContain(words);
  const href = page.url().replace(/\/visits\/([^/]+)\/.*/, '/api/visits/$1/papers/schedule-a4.pdf');
  const first = await (await page.request.get(href)).body();
  // nothing changed: the very same bytes
  expect((await (await page.request.get(href)).body()).equals(first)).toBe(true);
  await openRoom(page, demo.url, 'Hall', 'Brief');
  await page.getByRole('checkbox', { name: /^The painter is given/ }).click();
  await allSaved(page);
  const without = await textOfPdf(await (await page.request.get(href)).body());
  expect(without.text).not.toContain('0117 496 0123');
  expect(without.text).not.toContain('Merrin');
});

test('the card with its logo is kept by itself and stands on papers; a wrong address is answered at its field', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/keeping`);
  await page.getByLabel('Your name').fill('Ada Example');
  await page.getByLabel('Your name').blur();
  await page.getByLabel('E-mail').fill('nobody');
  await page.getByLabel('E-mail').blur();
  await expect(page.getByText('An e-mail address, such as name@example.org.')).toBeVisible();
  await page.getByLabel('E-mail').fill('ada@example.org');
  await page.getByLabel('E-mail').blur();
  const logo = await sharp({ create: { width: 120, height: 60, channels: 3, background: '#336699' } })
    .png()
    .toBuffer();
  await page.getByLabel('Logo file').setInputFiles({ name: 'logo.png', mimeType: 'image/png', buffer: logo });
  await expect(page.getByAltText('Your logo')).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
  await page.reload();
  await expect(page.getByLabel('Your name')).toHaveValue('Ada Example');
  await expect(page.getByLabel('E-mail')).toHaveValue('ada@example.org');
  await expect(page.getByAltText('Your logo')).toBeVisible();
  await openRoom(page, demo.url, 'Hall', 'Hand over');
  await expect(page.getByRole('article').getByText('Ada Example, Orrell Colour at Home')).toBeVisible();
  const pdf = await page.request.get(page.url().replace(/\/visits\/([^/]+)\/.*/, '/api/visits/$1/papers/order-a4.pdf'));
  const bytes = await pdf.body();
  expect((await textOfPdf(bytes)).text).toContain('Ada Example');
  expect(bytes.toString('latin1')).toContain('/Subtype /Image');
});

test('PDFs are tagged: a title, headings and paragraphs in the order in which they are read', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Hall', 'Hand over');
  const href = page.url().replace(/\/visits\/([^/]+)\/.*/, '/api/visits/$1/papers/client-a4.pdf');
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const bytes = await (await page.request.get(href)).body();
  const file = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  expect(await file.getMarkInfo()).toMatchObject({ Marked: true });
  const first = await file.getPage(1);
  type Node = { readonly role?: string; readonly id?: string; readonly children?: readonly Node[] };
  const tree = (await first.getStructTree()) as Node;
  const { items } = await first.getTextContent({ includeMarkedContent: true });
  const words = new Map<string, string>();
  let at = '';
  for (const item of items) {
    if ('str' in item) words.set(at, `${words.get(at) ?? ''}${item.str}`);
    else if (item.type === 'beginMarkedContentProps') at = item.id;
  }
  const textOf = (node: Node): string => (node.id ? (words.get(node.id) ?? '') : (node.children ?? []).map(textOf).join(''));
  const told = (tree.children?.[0]?.children ?? []).map((n) => `${n.role}: ${textOf(n).trim()}`);
  expect(told.filter((t) => !t.startsWith('P:')).slice(0, 2)).toEqual(['H1: Your colours', 'H2: Hall']);
  expect(told).toContain('P: All four walls');
  // what stands at the foot of every sheet is no content
  expect(told.join('\n')).not.toContain('page 1 of');
});

test('a mail stands ready for whoever the paper is for', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Hall', 'Hand over');
  await expect(page.getByRole('article')).toHaveAttribute('aria-busy', 'false');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Mail' }).click()]);
  await expect(page.getByText(`${download.suggestedFilename()} is in your downloads: add it to the mail.`)).toBeVisible();
});

test('what is there now is said once: preparation and primer come from it', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Decide');
  await page.getByRole('button', { name: 'Doors, rails, what is there now' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Walls: now').selectOption('bare plaster');
  await expect(dialog.getByText(/^Bare plaster: let it dry right through/)).toBeVisible();
  await allSaved(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'All walls' }).click();
  await page.getByRole('button', { name: /^Take/ }).first().click();
  await allSaved(page);
  await expect(page.getByLabel('Primer')).toHaveValue('full');
});

test('the board of a room has a field for each paint, for what stays and for what is to look for; the client’s sheet has the house', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Hand over');
  await page.getByRole('radio', { name: 'Boards' }).click();
  const board = page.getByRole('article', { name: 'Board of each room' }).getByRole('region', { name: 'Sitting room' });
  await expect(board.getByText(/Esk Mossen.*of the paint$/).first()).toBeVisible();
  await expect(board.getByText('Hearth stone', { exact: true })).toBeVisible();
  await expect(board.getByRole('heading', { name: 'To look for' })).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
  await page.getByRole('radio', { name: 'Client’s sheet' }).click();
  const house = page.getByRole('region', { name: 'The house as one' });
  await expect(house.getByRole('img', { name: /^How the rooms join: Hall, Sitting room, Kitchen/ })).toBeVisible();
  await expect(house.getByText('From the sitting room into the hall')).toBeVisible();
  await expect(house.getByText('not decided').first()).toBeVisible();
});
