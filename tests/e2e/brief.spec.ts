import { seriousFindings } from './axe';
import { allSaved, live, openRoom, recordOf } from './demo';
import { expect, test, type Page } from './server';

const rooms = (page: Page) =>
  page
    .getByRole('navigation', { name: 'Rooms' })
    .locator('[data-progress]')
    .evaluateAll((all) => all.map((a) => a.querySelector('.font-semibold')!.textContent));
const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name, exact: true });

test('the brief saves itself as it is typed; leaving at once loses nothing, and all of it is taken back', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Brief');
  await page.getByLabel('What annoys').fill('The strip light');
  // before the pause is over
  await step(page, 'Light').click();
  await allSaved(page);
  expect((await recordOf(page)).room.annoys).toBe('The strip light');
  await step(page, 'Brief').click();
  await page.getByLabel('House built in').fill('nineteen');
  await expect(page.getByText('A year, such as 1936.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Not saved: House built in · the home/ })).toBeVisible();
  await page.reload();
  await live(page);
  await expect(page.getByLabel('House built in')).toHaveValue('nineteen');
  await page.getByLabel('House built in').fill('1995');
  await allSaved(page);
  await expect(page.getByText(/lead/)).toBeHidden();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('z');
  await expect(page.getByText(/^Undid: for the whole home: the year of the house/)).toBeVisible();
  await expect(page.getByLabel('House built in')).toHaveValue('1908');
  await expect(page.getByText(/may well have lead/)).toBeVisible();
});

test('rooms are put into another order by a tap and by keys', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Hall', 'Brief');
  expect(await rooms(page)).toEqual(['Hall', 'Sitting room', 'Kitchen', 'North bedroom']);
  await page.getByRole('button', { name: 'Kitchen earlier in the walk' }).click();
  await expect.poll(() => rooms(page)).toEqual(['Hall', 'Kitchen', 'Sitting room', 'North bedroom']);
  const grip = page.getByRole('button', { name: 'Move Hall' });
  await grip.focus();
  await page.keyboard.press('ArrowDown');
  await expect.poll(() => rooms(page)).toEqual(['Kitchen', 'Hall', 'Sitting room', 'North bedroom']);
  await allSaved(page);
  await page.reload();
  await live(page);
  expect(await rooms(page)).toEqual(['Kitchen', 'Hall', 'Sitting room', 'North bedroom']);
});

test('the list knows a home by its colours, finds it, puts it away and asks twice before it deletes', async ({ page, demo }) => {
  await page.goto(`${demo.url}/visits`);
  const card = page.getByRole('main').getByRole('listitem').filter({ hasText: 'Quay Row 14' });
  await expect(card).toContainText('Bristol · 23 September 2026');
  await expect(card).toContainText('4 rooms: 1 signed, 1 signed in part, 1 being tried');
  expect(await card.locator('[data-patch]').count()).toBeGreaterThan(3);
  const search = page.getByLabel('Find by name, client, place, room or colour');
  await search.fill('esk bristol');
  await expect(card).toBeVisible();
  await search.fill('nowhere');
  await expect(page.getByText('Nothing here answers “nowhere”')).toBeVisible();
  await search.fill('');
  await page.getByRole('button', { name: 'Put Orchard Lane 3 away' }).click();
  await page.getByRole('button', { name: 'Put Quay Row 14 away' }).click();
  await expect(page.getByText('Nothing is worked on just now')).toBeVisible();
  await page.getByRole('radio', { name: 'Put away' }).click();
  await page.getByRole('button', { name: 'Delete Quay Row 14' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText(/^Really delete it/)).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Yes, delete it' }).click();
  await page.getByRole('radio', { name: 'Deleted' }).click();
  await card.getByRole('button', { name: 'Put it back' }).click();
  await page.getByRole('radio', { name: 'Current' }).click();
  await expect(card).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
});

test('a first start explains itself and offers an example', async ({ page, own }) => {
  await page.goto(`${own.url}/visits`);
  await expect(page.getByText('The colour beside what stays')).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
  await page.getByRole('button', { name: 'Look at an example first' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Quay Row 14' })).toBeVisible();
});

test('a deck is shown by its strips, called otherwise, put away and put back', async ({ page, demo }) => {
  await page.goto(`${demo.url}/decks`);
  await page.getByRole('button', { name: 'Rename Tullacote' }).click();
  await page.getByLabel('Name of the deck').fill('The second fan');
  await page.getByRole('button', { name: 'Call it so' }).click();
  await expect(page.getByText('The second fan', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Put The second fan away' }).click();
  await expect(page.getByText(/colours of it are tried in 1 visit and stay there/)).toBeVisible();
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByText('186 colours, put away')).toBeVisible();
  await openRoom(page, demo.url, 'Hall', 'Deck');
  await expect(page.getByText(/^186 of 186 colours/)).toBeVisible();
  await page.goto(`${demo.url}/decks`);
  await page.locator('[data-deck="TC"]').getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: 'Put The second fan away' })).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
});

test('a phone has colours and verdict keys in view, and the deck its colours', async ({ page, demo }) => {
  for (const [width, height] of [
    [390, 844],
    [844, 390],
  ] as const) {
    await page.setViewportSize({ width, height });
    await openRoom(page, demo.url, 'Sitting room', 'Bench');
    await expect(page.locator('[data-bench-cell]')).toBeInViewport({ ratio: 0.6 });
    await expect(page.getByRole('button', { name: /^Nearly/ })).toBeInViewport({ ratio: 1 });
    await page.getByRole('button', { name: 'The day and its light' }).click();
    await expect(page.getByRole('slider', { name: 'Time of day' })).toBeInViewport();
    await page.getByRole('button', { name: 'The day and its light' }).click();
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await openRoom(page, demo.url, 'Sitting room', 'Deck');
  await expect(page.locator('[data-code]').first()).toBeInViewport({ ratio: 1 });
});

test('what a maker calls its products is kept with its deck', async ({ page, own }) => {
  await page.goto(`${own.url}/decks`);
  await page.getByRole('button', { name: 'Products of Tullacote' }).click();
  const wall = page.getByRole('dialog', { name: 'Products of Tullacote' }).getByRole('textbox').first();
  await wall.fill('Flat for walls');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(wall).toBeHidden();
  await page.reload();
  await page.getByRole('button', { name: 'Products of Tullacote' }).click();
  await expect(wall).toHaveValue('Flat for walls');
});

test('other words are said at once by everything that stands there, and the field that chose them keeps the focus', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Brief');
  const words = page.getByLabel('Words', { exact: true });
  await expect(page.getByText('more colour', { exact: true }).first()).toBeVisible();
  await words.focus();
  await words.selectOption('american');
  await expect(page.getByText('more color', { exact: true }).first()).toBeVisible();
  await expect(page.getByText('more colour', { exact: true })).toHaveCount(0);
  await expect(words).toBeFocused();
  await words.selectOption('british');
  await expect(page.getByText('more colour', { exact: true }).first()).toBeVisible();
});

test('a visit without a town asks for the town, and for nothing else', async ({ page, own }) => {
  await page.goto(`${own.url}/visits/new`);
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText('Choose the town from the list')).toBeVisible();
  await expect(page.locator('main').getByRole('alert')).toHaveCount(1);
});
