import { readFileSync } from 'node:fs';
import { seriousFindings } from './axe';
import { allSaved, openRoom, recordOf } from './demo';
import { textOfPdf } from './pdf-text';
import { expect, test, type Page } from './server';

const card = (page: Page, colour: string) => page.locator('[data-sample]').filter({ hasText: colour });
const toBuy = (page: Page) => page.getByRole('region', { name: 'To buy for samples' });

test('finalists stand in paint with their pots, their clock and what to say at the counter; labels are read back', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Samples');
  await expect(page.getByText('3 of 3 finalists in paint')).toBeVisible();
  await expect(card(page, 'Esk Mossen 75 %')).toContainText('Dry: judge it');
  await expect(card(page, 'Esk Mossen 100 %')).toContainText('1 jar of 118 ml (4 fl oz)');
  await expect(toBuy(page)).toContainText('“Ferrowmere FR 3122 at 100 % strength (the full formula)”');
  await expect(toBuy(page)).toContainText('£16.00');
  await expect(toBuy(page)).toContainText('from what is meant');
  await expect(toBuy(page)).toContainText('Not for touching up');
  const places = page.getByRole('region', { name: 'Where to put them when' });
  await expect(places.getByText(/^Look \d+/).first()).toBeVisible({ timeout: 60_000 });
  await expect(places).toContainText(' wall, ');
  expect(await seriousFindings(page)).toEqual([]);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Labels, A4' }).click()]);
  const { text, pages } = await textOfPdf(readFileSync(await download.path()));
  expect(pages).toEqual([{ width: 595, height: 842 }]);
  for (const words of [
    'Quay Row 14 · 23 September 2026',
    'Ferrowmere FR 3122',
    '75 % strength (colourant cut by a quarter)',
    'painted 22 September 2026',
    'taped card',
  ])
    expect(text).toContain(words);
});

test('a fourth finalist asks for a reason; a wet sample says until when, and the looks wait for it', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Samples');
  await page.getByRole('button', { name: 'Sample Chalk Ferrow 100 %' }).click();
  await expect(page.getByText('Three at most are told apart: say what the fourth is for.')).toBeVisible();
  await page.getByLabel('4 finalists, where three are usual: why?').fill('the trim is decided with it');
  await page.getByLabel('4 finalists, where three are usual: why?').blur();
  await expect(page.getByText('Three at most are told apart')).toBeHidden();
  const fourth = card(page, 'Chalk Ferrow 100 %');
  await fourth.getByRole('button', { name: 'First coat is on' }).click();
  await expect(fourth).toContainText('Wet until 23 Sept, 21:05');
  await expect(fourth).toContainText('next coat from 23 Sept, 17:05');
  // a border wider than the board is refused in words
  await fourth.getByLabel(/^Border/).fill('0,3');
  await fourth.getByLabel(/^Border/).blur();
  await expect(fourth).toContainText('With this border nothing of the sample is left.');
  await fourth.getByLabel(/^Border/).fill('0,05');
  await fourth.getByRole('radio', { name: 'Wall patch' }).click();
  await allSaved(page);
  await page.keyboard.press('z');
  await expect(fourth.getByRole('radio', { name: 'Board' })).toHaveAttribute('aria-checked', 'true');
});

test('a dry sample that is read is what the room is judged by, and the deck’s colour comes back', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Samples');
  const first = card(page, 'Esk Mossen 75 %');
  const labOf = async () => (await recordOf(page)).candidates.find((c) => c.code === 'FR 3122' && c.strengthPercent === 75)!.lab;
  const deck = await labOf();
  await first.getByRole('button', { name: 'Read it dry' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'Lab' }).click();
  for (const [field, value] of [
    ['L*', '84'],
    ['a*', '5'],
    ['b*', '11'],
  ] as const)
    await dialog.getByLabel(field, { exact: true }).fill(value);
  await expect(dialog.getByText(/^Meant and read: ΔE \d\.\d/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(dialog).toBeHidden();
  await expect(first).toContainText('from what was meant');
  await allSaved(page);
  expect(await labOf()).toMatchObject({ l: 84, a: 5, b: 11 });
  await first.getByRole('button', { name: 'Read again' }).click();
  await page.getByRole('button', { name: 'Back to the deck’s colour' }).click();
  await allSaved(page);
  expect(await labOf()).toEqual(deck);
});
