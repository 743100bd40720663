import { allSaved, openRoom, recordOf } from './demo';
import { expect, test, type Locator, type Page } from './server';

/**
 * The four works that are done most, with the taps and keys they need counted. What they needed before: 20 taps and 50 characters, 28 keys,
 * 12 taps and 21 characters, a form of 12 fields.
 */
function counter(page: Page) {
  let taps = 0;
  let keys = 0;
  return {
    taps: () => taps,
    keys: () => keys,
    async tap(target: Locator) {
      taps += 1;
      await target.click();
    },
    async key(key: string) {
      keys += 1;
      await page.keyboard.press(key);
    },
  };
}
const button = (within: Page | Locator, name: string | RegExp) =>
  within.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name });

test('a thing that stays with three components: at most 8 taps, nothing typed', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'North bedroom', 'Stays');
  const count = counter(page);
  await count.tap(button(page, 'Record what stays'));
  const dialog = page.getByRole('dialog');
  await count.tap(button(dialog, 'Floor'));
  await count.tap(button(dialog, /Travertine/));
  await count.tap(button(dialog, 'lighter'));
  await count.tap(button(dialog, 'Done'));
  await allSaved(page);
  expect([count.taps() <= 8, count.keys()]).toEqual([true, 0]);
  const stay = (await recordOf(page)).stays.find((s) => s.name === 'Travertine floor')!;
  expect(stay.components.map((c) => c.share)).toEqual([0.75, 0.2, 0.05]);
  expect(stay.components[0]!.colour.source.kind).toBe('eye');
});

test('3 colours × 4 things, all verdicts and 5 reasons: 17 keys, and undo brings back', async ({ page, demo }) => {
  await page.addInitScript(() => sessionStorage.setItem('elm-swatch.bench.pace', 'brisk'));
  await openRoom(page, demo.url, 'North bedroom', 'Stays');
  for (const [kind, material] of [
    ['Worktop', /Soapstone/],
    ['Trim', /Soft white/],
    ['Sofa', /Wool, mid grey/],
  ] as const) {
    await button(page, 'Record what stays').click();
    await button(page.getByRole('dialog'), kind).click();
    await button(page.getByRole('dialog'), material).click();
    await button(page.getByRole('dialog'), 'Done').click();
  }
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Deck' }).click();
  for (const code of ['fr3121', 'fr3091', 'fr3161']) {
    await page.getByLabel('Find by name or code').fill(code);
    await page.locator('[data-code]').first().click();
    await button(page, /^100 % strength/).click();
  }
  await allSaved(page);
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Bench' }).click();
  const before = (await recordOf(page)).candidates;
  expect([before.length, (await recordOf(page)).stays.length]).toEqual([3, 4]);
  const count = counter(page);
  const cell = page.locator('[data-bench-cell]');
  const PLAN = ['w', 'e1', 'w', 'w', 'w', 'r2', 'e3', 'w', 'w', 'w', 'r8', 'e9'];
  let here = await cell.getAttribute('data-bench-cell');
  for (const [i, said] of PLAN.entries()) {
    for (const key of said) await count.key(key);
    // it goes on by itself; after the last there is nowhere to go
    if (i === PLAN.length - 1) break;
    await expect(cell).not.toHaveAttribute('data-bench-cell', here!);
    here = await cell.getAttribute('data-bench-cell');
  }
  await allSaved(page);
  expect(count.keys()).toBe(17);
  const said = (await recordOf(page)).candidates.flatMap((c) => c.verdicts.filter((v) => !v.undone));
  expect(said).toHaveLength(12);
  expect(said.filter((v) => v.reason !== null).map((v) => v.reason)).toEqual([
    'too-pink',
    'too-green',
    'too-yellow',
    'too-light',
    'too-close',
  ]);
  await expect(page.getByText('All is judged in this light.')).toBeVisible();
  // the reason goes first, then the verdict; and it leads back to the pair before
  await page.keyboard.press('z');
  await expect(page.getByText(/^Undid: too close, blends, /)).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByText(/^Undid: nearly, /)).toBeVisible();
  const last = await cell.getAttribute('data-bench-cell');
  await page.keyboard.press('z');
  await expect(page.getByText(/^Undid: too light, /)).toBeVisible();
  await expect(cell).not.toHaveAttribute('data-bench-cell', last!);
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+Z');
  await expect(page.getByText(/^Did again: too close, blends, /)).toBeVisible();
  await allSaved(page);
  const again = (await recordOf(page)).candidates.flatMap((c) => c.verdicts.filter((v) => !v.undone));
  expect(again.map((v) => [v.verdict, v.reason])).toEqual(said.map((v) => [v.verdict, v.reason]));
});

test('an accepted colour into three more rooms: 4 taps', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  const count = counter(page);
  await count.tap(button(page, /Also try in/));
  const dialog = page.getByRole('dialog');
  for (const room of ['Hall', 'Kitchen', 'North bedroom']) {
    const tick = dialog.getByRole('checkbox', { name: new RegExp(`^${room}`) });
    await count.tap(tick);
    await expect(tick).toHaveAttribute('aria-checked', 'true');
  }
  await allSaved(page);
  expect(count.taps()).toBe(4);
  await page.keyboard.press('Escape');
  await page
    .getByRole('navigation', { name: 'Rooms' })
    .getByRole('link', { name: /^North bedroom/ })
    .click();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Bench' }).click();
  expect((await recordOf(page)).candidates.some((c) => c.code === 'FR 3122')).toBe(true);
});

test('a new visit with its place and five rooms: at most 6 taps and the place’s name', async ({ page, demo }) => {
  await page.goto(`${demo.url}/visits`);
  const count = counter(page);
  await count.tap(page.getByRole('link', { name: 'Start a visit' }));
  await expect(page.getByLabel('Town or city')).toBeFocused();
  await page.keyboard.type('Cape Town');
  await count.tap(button(page, /^Cape Town Western Cape, South Africa/));
  await count.tap(button(page, 'Bathroom'));
  await count.tap(button(page, 'Start'));
  await expect(page.getByRole('heading', { level: 1, name: 'Home in Cape Town' })).toBeVisible();
  await expect(page.getByText('Cape Town · 5 rooms', { exact: false })).toBeVisible();
  expect(count.taps()).toBeLessThanOrEqual(6);
});
