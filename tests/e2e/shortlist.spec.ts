import { openRoom, toStep } from './demo';
import { expect, test, type Page } from './server';

const openSearch = async (page: Page, url: string, room: string) => {
  await openRoom(page, url, room, 'Deck');
  await page.getByRole('radio', { name: 'What could work here' }).click();
};
const ranked = (page: Page) => page.getByRole('group', { name: 'What could work, best first' });
const rowsOf = (page: Page) => ranked(page).locator('[data-found]');

test('searches at once: a row for each colour with its strengths, what speaks for it and its weakest link', async ({
  page,
  demo,
}) => {
  await openSearch(page, demo.url, 'Sitting room');
  await expect(ranked(page)).toBeVisible();
  await expect(page.getByText(/ do not, of 372 colours at their best strength/)).toBeVisible();
  await expect(page.getByText(/^Strengths of colours that do not work, by why: .+ \(\d+\)/)).toBeVisible();
  await expect(page.getByText(/By day about [\d,]+ lx on this wall/)).toBeVisible();
  const rows = rowsOf(page);
  await expect(rows.first()).toContainText('shares the undertone of');
  await expect(rows.first()).toContainText('warmer as wanted');
  await expect(rows.first()).toContainText(/LRV \d+, (beige|tan|cream|off-white|white|brown|yellow|grey|taupe)/);
  await expect(rows.first()).toContainText(/weakest:|nothing fights it/);
  const pinker = ranked(page).getByRole('region', { name: 'Pinker', exact: true });
  const chances = (await pinker.locator('[data-found] b.text-base').allTextContents()).map((t) => parseInt(t));
  expect(chances.length).toBeGreaterThan(1);
  expect([...chances].sort((p, q) => q - p)).toEqual(chances);
  const verdicts = await rows.evaluateAll((all) => all.map((e) => e.getAttribute('data-verdict')));
  expect(new Set(verdicts)).toEqual(new Set(['works', 'nearly']));
  expect(verdicts.lastIndexOf('works')).toBeLessThan(verdicts.indexOf('nearly'));
  await page.getByRole('button', { name: 'How it is judged' }).click();
  await expect(page.getByText(/window by day \d+ %, overcast \d+ %, lamps 35 %/).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await rows
    .first()
    .getByRole('button', { name: /in the plot/ })
    .click();
  await expect(page.getByRole('img', { name: /green to pink/ })).toBeVisible();
  const take = rows
    .nth(1)
    .getByRole('button', { name: /^Take .* into the room/ })
    .first();
  const name = /^Take (.+) into the room/.exec((await take.getAttribute('aria-label'))!)![1]!;
  await take.click();
  await ranked(page)
    .getByRole('link', { name: `${name} is in this room: to the bench` })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: name.replace(/ (\d+ %)$/, ' at $1') })).toBeVisible();
});

test('rows lie by direction from the first, the rest on demand', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Hall');
  const groups = ranked(page).getByRole('region');
  await expect(groups.first()).toBeVisible();
  const names = await groups.evaluateAll((all) => all.map((e) => e.getAttribute('aria-label')));
  expect(names[0]).toBe('The first, and like it');
  expect(names.length).toBeGreaterThan(3);
  const deeper = ranked(page).getByRole('region', { name: 'Deeper', exact: true });
  expect(await deeper.locator('[data-found]').count()).toBeLessThanOrEqual(3);
  await deeper.getByRole('button', { name: /^show \d+ more$/ }).click();
  expect(await deeper.locator('[data-found]').count()).toBeGreaterThan(3);
});

test('what is narrowed down is searched at once and remembered in this room alone', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Kitchen');
  await expect(ranked(page)).toBeVisible();
  await page.getByRole('button', { name: /^Family: / }).click();
  await page.getByRole('menuitemcheckbox', { name: 'off-white', exact: true }).click();
  await page.getByRole('menuitemcheckbox', { name: 'white', exact: true }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Maker: / }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Ferrowmere' }).click();
  await page.keyboard.press('Escape');
  for (const strength of ['75 %', '50 %']) await page.getByRole('button', { name: strength, exact: true }).click();
  const from = page.getByRole('slider', { name: 'Depth, from' });
  await from.focus();
  for (let n = 0; n < 6; n++) await page.keyboard.press('PageUp');
  await expect(from).toHaveAttribute('aria-valuetext', 'LRV 60');
  const codes = () => rowsOf(page).evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['found']!));
  await expect.poll(async () => (await codes()).every((code) => /^FR \d+\/(100|25)$/.test(code))).toBe(true);
  expect((await codes()).length).toBeGreaterThan(0);
  for (const label of await rowsOf(page)
    .getByRole('img', { name: /LRV/ })
    .evaluateAll((all) => all.map((e) => e.ariaLabel!)))
    expect(label).toMatch(/white.*LRV (6|7|8|9|100)/);
  await page.getByRole('button', { name: 'Only what works' }).click();
  await expect(rowsOf(page).locator('visible=true').first()).toHaveAttribute('data-verdict', 'works');
  await expect
    .poll(() => rowsOf(page).evaluateAll((all) => all.every((e) => (e as HTMLElement).dataset['verdict'] === 'works')))
    .toBe(true);
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Stays', exact: true }).click();
  await page.reload();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Deck', exact: true }).click();
  await expect(ranked(page)).toBeVisible();
  await expect(
    page
      .getByRole('button', { name: 'Family: white, off-white' })
      .or(page.getByRole('button', { name: 'Family: off-white, white' })),
  ).toBeVisible();
  await expect(from).toHaveAttribute('aria-valuetext', 'LRV 60');
  await openSearch(page, demo.url, 'Hall');
  await expect(page.getByRole('button', { name: 'Family: every family' })).toBeVisible();
});

test('with everything left out it says so, and how to go on', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Hall');
  await expect(ranked(page)).toBeVisible();
  const to = page.getByRole('slider', { name: 'Depth, to' });
  await to.focus();
  for (let n = 0; n < 10; n++) await page.keyboard.press('PageDown');
  await page.getByRole('button', { name: /^Family: / }).click();
  await page.getByRole('menuitemcheckbox', { name: 'yellow', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('No colour of the deck is left')).toBeVisible();
});

test('where nothing works it says what would have to change', async ({ page, demo }) => {
  await openSearch(page, demo.url, 'Kitchen');
  await expect(ranked(page)).toBeVisible();
  await page.getByRole('button', { name: /^Family: / }).click();
  await page.getByRole('menuitemcheckbox', { name: 'green', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Nothing works here')).toBeVisible();
  await expect(page.getByText(/with .+ painted or replaced \d+ colours? works? at full strength/)).toBeVisible();
  await expect(rowsOf(page).first()).not.toHaveAttribute('data-verdict', 'works');
  await page.getByRole('button', { name: 'Only what works' }).click();
  await expect(page.getByText('None of them works')).toBeVisible();
  await page.getByRole('button', { name: 'Show the closest too' }).click();
  await expect(rowsOf(page).first()).toBeVisible();
});

test('the list is painted as in the deck or as it looks at the cursor', async ({ page, demo }) => {
  await page.clock.setFixedTime(new Date('2026-09-23T12:05:00Z'));
  await openSearch(page, demo.url, 'Hall');
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
  let letIn: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (letIn = resolve));
  await page.route('**/api/deck/curves', async (route) => {
    await held;
    await route.continue();
  });
  await openSearch(page, demo.url, 'Hall');
  const progress = page.getByRole('progressbar', { name: 'Search' });
  await expect(progress).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(progress).toBeHidden();
  await expect(page.getByText('The search was given up')).toBeVisible();
  letIn();
  // what was given up does not come back
  await page.waitForTimeout(1500);
  await expect(ranked(page)).toBeHidden();
  await page.getByRole('button', { name: 'Find what could work' }).click();
  await expect(ranked(page)).toBeVisible();
});

test('what a room is and when it is used is told on the brief, and the search goes by it', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Hall', 'Brief');
  const chip = (group: string, name: string) =>
    page.getByRole('group', { name: group, exact: true }).getByRole('button', { name, exact: true });
  await expect(chip('It is a', 'hall, stairs')).toHaveAttribute('aria-pressed', 'true');
  await chip('Used', 'evenings').click();
  await openSearch(page, demo.url, 'Hall');
  await expect(ranked(page)).toBeVisible();
  await page.getByRole('button', { name: 'How it is judged' }).click();
  await expect(page.getByText(/evenings: .*lamps 70 %/).first()).toBeVisible();
});

test('a finish that fights the wish is told on the brief, where it is recorded and before the search', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Brief');
  const wish = page.getByRole('group', { name: 'The client wants it' }).getByRole('button', { name: /calmer, cooler$/ });
  if ((await wish.getAttribute('aria-pressed')) === 'false') await wish.click();
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
  await openRoom(page, demo.url, 'Sitting room', 'Brief');
  const wish = page.getByRole('group', { name: 'The client wants it' }).getByRole('button', { name: /warmer$/ });
  if ((await wish.getAttribute('aria-pressed')) === 'false') await wish.click();
  await openSearch(page, demo.url, 'Sitting room');
  await page.getByText('Schools', { exact: true }).click();
  await page.getByLabel('Whites in a dim room').selectOption('with more chroma');
  await expect(ranked(page)).toBeVisible();
  const ways = page.getByRole('region', { name: 'Two ways with the light' });
  await expect(ways.getByRole('button', { name: /^Correct it: .+, stays itself$/ })).toBeVisible();
  const embrace = ways.getByRole('button', { name: /^Embrace it: .+, goes (bluer|greener|pinker|warmer|washed out)/ });
  const name = /^Embrace it: (.+), goes/.exec((await embrace.getAttribute('aria-label'))!)![1]!;
  await embrace.click();
  await expect(ranked(page).getByText(name, { exact: true })).toBeInViewport();
  await openSearch(page, demo.url, 'Hall');
  await page.getByText('Schools', { exact: true }).click();
  await expect(page.getByLabel('Whites in a dim room')).toHaveValue('more-chroma');
});

test('an empty room is ranked by light, use and wish alone, and says so; the first thing recorded ranks it anew', async ({
  page,
  demo,
}) => {
  await openSearch(page, demo.url, 'North bedroom');
  const main = page.getByRole('main');
  await expect(main.getByText('ranked by light, use and wish alone').first()).toBeVisible();
  await expect(main.locator('[data-found]').first()).toBeVisible();
  const before = await main
    .locator('[data-found]')
    .evaluateAll((all) => all.slice(0, 8).map((e) => e.getAttribute('data-found')));
  await main.getByRole('link', { name: 'Record what stays' }).click();
  await expect(page).toHaveURL(/\/stays$/);
  await page.getByRole('button', { name: 'Record what stays' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Floor', exact: true }).click();
  await dialog.getByRole('button', { name: /Travertine/ }).click();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await toStep(page, 'Deck');
  await expect(main.getByText('ranked by light, use and wish alone')).toHaveCount(0);
  await expect(async () => {
    const now = await main.locator('[data-found]').evaluateAll((all) => all.slice(0, 8).map((e) => e.getAttribute('data-found')));
    expect(now.length).toBeGreaterThan(0);
    expect(now).not.toEqual(before);
  }).toPass();
});
