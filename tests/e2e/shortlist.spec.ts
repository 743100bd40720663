import { openRoom } from './demo';
import { expect, test, type Page } from './server';

const openSearch = async (page: Page, url: string, room: string) => {
  await openRoom(page, url, room, 'Deck');
  await page.getByRole('radio', { name: 'What could work here' }).click();
};
const find = (page: Page) => page.getByRole('button', { name: 'Find what could work' });
const ranked = (page: Page) => page.getByRole('list', { name: 'Ranked' });

test('finds what could work, ranked, each with its weakest link, and takes one into the room', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Sitting room');
  await expect(page.getByText('the search no hand could do')).toBeVisible();
  await find(page).click();
  await expect(ranked(page)).toBeVisible();
  await expect(page.getByText(/ dropped, of 1,\d\d\d colours and strengths/)).toBeVisible();
  await expect(page.getByText(/^Dropped for: .+ \(\d+\)/)).toBeVisible();
  await expect(page.getByText('judged in 12 lights, ranked for “warmer”')).toBeVisible();
  const rows = ranked(page).locator('[data-found]');
  await expect(rows.first()).toContainText('shares the undertone of');
  const fits = (await rows.locator('b.text-lg').allTextContents()).map(Number);
  expect(fits.length).toBeGreaterThan(10);
  expect([...fits].sort((p, q) => q - p)).toEqual(fits);
  await expect(rows.first()).toContainText(/beside|no conflict|the light makes it/);
  await rows
    .first()
    .getByRole('button', { name: /in the plot/ })
    .click();
  await expect(page.getByRole('img', { name: /green to pink/ })).toBeVisible();
  const take = ranked(page)
    .getByRole('button', { name: /^Take .* into the room$/ })
    .first();
  const name = (await take.getAttribute('aria-label'))!.slice('Take '.length, -' into the room'.length);
  await take.click();
  await ranked(page)
    .getByRole('link', { name: `${name} is in this room: to the bench` })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: name.replace(/ (\d+ %)$/, ' at $1') })).toBeVisible();
});

test('what was found is still there on the way back; a filter narrows the next search', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Kitchen');
  await page.getByRole('button', { name: /^Family: / }).click();
  await page.getByRole('menuitemcheckbox', { name: 'grey', exact: true }).click();
  await page.getByRole('menuitemcheckbox', { name: 'white', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Family: grey, white' })).toBeVisible();
  await page.getByRole('button', { name: /^Maker: / }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Ferrowmere' }).click();
  await page.keyboard.press('Escape');
  for (const strength of ['75 %', '50 %', /^25 %/]) await page.getByRole('button', { name: strength, exact: true }).click();
  await page.getByLabel('LRV from').fill('60');
  await find(page).click();
  await expect(ranked(page)).toBeVisible();
  const codes = await ranked(page)
    .locator('[data-found]')
    .evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['found']!));
  expect(codes.length).toBeGreaterThan(0);
  for (const code of codes) expect(code).toMatch(/^FR \d+\/100$/);
  for (const label of await ranked(page)
    .getByRole('img', { name: /LRV/ })
    .evaluateAll((all) => all.map((e) => e.ariaLabel!)))
    expect(label).toMatch(/(grey|white).*LRV (6|7|8|9|100)/);
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Stays', exact: true }).click();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Deck', exact: true }).click();
  await expect(ranked(page)).toBeVisible();
});

test('the list is painted as in the deck or as it looks at the cursor', async ({ page, demo }) => {
  await page.clock.setFixedTime(new Date('2026-09-23T12:05:00Z'));
  await openSearch(page, demo.url, 'Hall');
  await find(page).click();
  const shades = () =>
    ranked(page)
      .getByRole('img', { name: /LRV/ })
      .evaluateAll((all) => all.slice(0, 10).map((e) => (e as HTMLElement).dataset['patch']));
  await expect(ranked(page)).toBeVisible();
  await page.getByRole('radio', { name: 'As in the deck' }).click();
  const inDeck = await shades();
  await page.getByRole('radio', { name: /^As it looks at/ }).click();
  await expect.poll(async () => (await shades()).every((hex, i) => hex !== inDeck[i])).toBe(true);
  await page.getByRole('radio', { name: 'As in the deck' }).click();
  await expect.poll(shades).toEqual(inDeck);
});

test('nothing moves under the finger when the deck arrives', async ({ page, demo }) => {
  let letIn: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (letIn = resolve));
  await page.route('**/api/deck', async (route) => {
    await held;
    await route.continue();
  });
  await openRoom(page, demo.url, 'Hall', 'Deck');
  const choice = page.getByRole('radio', { name: 'What could work here' });
  await expect(page.getByRole('status').filter({ hasText: 'Reading the deck' })).toBeVisible();
  const before = await choice.boundingBox();
  letIn();
  await expect(page.getByText('372 of 372 colours')).toBeVisible();
  expect(await choice.boundingBox()).toEqual(before);
});

test('a search says how far it is and can be given up', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Hall');
  let letIn: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (letIn = resolve));
  await page.route('**/api/deck/curves', async (route) => {
    await held;
    await route.continue();
  });
  await find(page).click();
  const progress = page.getByRole('progressbar', { name: 'Search' });
  await expect(progress).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(progress).toBeHidden();
  await expect(find(page)).toBeVisible();
  letIn();
  // what was given up does not come back
  await page.waitForTimeout(1500);
  await expect(ranked(page)).toBeHidden();
  await find(page).click();
  await expect(ranked(page)).toBeVisible();
});

test('a finish that fights the wish is told on the brief, where it is recorded and before the search', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Brief');
  await page
    .getByRole('group', { name: 'What the client wants of Sitting room' })
    .getByLabel('The client wants it')
    .selectOption('more-colour');
  for (const step of ['Brief', 'Stays']) {
    await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true }).click();
    const note = page.getByRole('note', { name: 'What fights the wish' }).first();
    await expect(note).toContainText(/” fights with /);
    await expect(note).toContainText(/Ways out: .*soft and light.* · go with it: it is .+ · change it/);
  }
  await openSearch(page, demo.url, 'Sitting room');
  await expect(page.getByRole('note', { name: 'What fights the wish' })).toBeVisible();
});

test('the schools are the visit’s; where a light turns colours both ways stand side by side', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Sitting room');
  await page.getByLabel('Whites in a dim room').selectOption('with more chroma');
  await find(page).click();
  await expect(ranked(page)).toBeVisible();
  const ways = page.getByRole('region', { name: 'Two ways with the light' });
  await expect(ways.getByRole('button', { name: /^Correct it: .+, stays itself$/ })).toBeVisible();
  const embrace = ways.getByRole('button', { name: /^Embrace it: .+, goes (bluer|greener|pinker|warmer|washed out)/ });
  const name = /^Embrace it: (.+), goes/.exec((await embrace.getAttribute('aria-label'))!)![1]!;
  await embrace.click();
  await expect(ranked(page).getByText(name, { exact: true })).toBeInViewport();
  await openSearch(page, demo.url, 'Hall');
  await expect(page.getByLabel('Whites in a dim room')).toHaveValue('more-chroma');
});

test('a room with nothing that stays says what to do first', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'North bedroom');
  await expect(page.getByText('Nothing to judge against yet')).toBeVisible();
  await page.getByRole('main').getByRole('link', { name: 'Record what stays' }).click();
  await expect(page).toHaveURL(/\/stays$/);
});
