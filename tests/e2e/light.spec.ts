import type { Page } from '@playwright/test';
import { allSaved, openRoom } from './demo';
import { expect, test } from './server';

const slider = (page: Page) => page.getByRole('slider', { name: 'Time of day' });
const view = (page: Page, name: string) => page.getByRole('radio', { name, exact: true }).click();
const candidateHex = (page: Page) =>
  page
    .getByRole('img', { name: /at 100 %: / })
    .first()
    .getAttribute('data-patch');

test.use({ timezoneId: 'Europe/London' });

/** Opens the demo on the day of its visit, early in the afternoon. */
async function openAt(page: Page, url: string, step: string, room = 'Sitting room'): Promise<void> {
  await page.clock.setFixedTime(new Date('2026-09-23T12:05:00Z'));
  await openRoom(page, url, room, step);
  await expect(slider(page)).toBeVisible();
}

test('the day ribbon says the light of the room, steps by keys and switches sky and lamps', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Bench');
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /^13:05, [\d,]+ K, [\d,]+ lx at the east wall$/);
  await page.keyboard.press(']');
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /^13:20, /);
  await slider(page).press('PageDown');
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /^12:15, /);
  await slider(page).press('End');
  // after dark the lamps are on by themselves
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /2,[4-9]00 K, \d+ lx/);
  await page.keyboard.press('l');
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /no light, 0 lx/);
  await page.keyboard.press('l');
  await expect(page.getByRole('region', { name: 'Your eye' })).toContainText('lamps');
  await page.keyboard.press('t');
  await page.keyboard.press('o');
  await expect(page.getByRole('radio', { name: 'overcast' })).toHaveAttribute('aria-checked', 'true');
  await expect(page.getByRole('region', { name: 'Your eye' })).toContainText('overcast');
});

test('moving the cursor repaints the bench as it looks, and one key goes back to the deck', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Bench');
  const deck = await candidateHex(page);
  await page.keyboard.press(']');
  await expect(page.getByRole('radio', { name: /As it looks at/ })).toHaveAttribute('aria-checked', 'true');
  await expect.poll(() => candidateHex(page)).not.toBe(deck);
  const afternoon = await candidateHex(page);
  await slider(page).press('End');
  await expect.poll(() => candidateHex(page)).not.toBe(afternoon);
  await page.keyboard.press('v');
  await expect.poll(() => candidateHex(page)).toBe(deck);
});

test('dragging the ribbon by pointer moves the cursor', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Bench');
  const box = (await slider(page).boundingBox())!;
  await page.mouse.move(box.x + box.width * 0.3, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.6, box.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /^15:|^16:/);
});

test('the strip says once that the room is dim, names turns of a colour’s own, and a tap takes the cursor there', async ({
  page,
  demo,
}) => {
  await openAt(page, demo.url, 'Light', 'Hall');
  await view(page, 'Through the day');
  const turn = page.getByRole('button', { name: /^Stair trim: bluer .*go there$/ });
  await expect(turn).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/^The room is dim before \d\d:\d\d and after \d\d:\d\d/)).toHaveCount(1);
  await expect(page.getByRole('button', { name: /: dingy .*go there$/ })).toHaveCount(0);
  await turn.click();
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /^17:/);
  await page.getByRole('button', { name: /Stair trim by lamps: .*go there/ }).click();
  await expect(page.getByRole('button', { name: /^lamps on/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText(/± ΔE \d/).first()).toBeVisible();
  await expect(page.getByText(/spectrum known/).first()).toBeVisible();
});

test('four walls, the other rooms and the slide', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Light');
  await view(page, 'Four walls');
  await expect(page.getByRole('img', { name: /^(west|north|east|south) wall: / })).toHaveCount(8, { timeout: 30_000 });
  await expect(page.getByRole('img', { name: /^(Hall|Kitchen|North bedroom): / })).toHaveCount(3, { timeout: 30_000 });
  await view(page, 'The slide');
  await expect(page.getByRole('img', { name: /^Esk Mossen 100 %: / })).toHaveCount(9, { timeout: 30_000 });
});

test('a reading stands beside the computed light, corrects the room, and is taken back', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Light', 'Kitchen');
  const before = await slider(page).getAttribute('aria-valuetext');
  await view(page, 'Light meter');
  await page.getByLabel('A reading').fill('0,5 k');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('A reading is a number of lux between 0 and 200,000.')).toBeVisible();
  await page.getByRole('button', { name: /^Try it out with a simulated light meter/ }).click();
  await page.getByRole('button', { name: 'Read the simulated meter' }).click();
  await expect(page.getByRole('list', { name: 'Light readings' }).getByText(/computed [\d,]+ lx, read × \d\.\d\d/)).toBeVisible({
    timeout: 30_000,
  });
  await page.getByRole('button', { name: /Correct this room × / }).click();
  await expect(page.getByText(/^Corrected × /)).toBeVisible();
  await expect(slider(page)).not.toHaveAttribute('aria-valuetext', before!);
  await allSaved(page);
  await page.reload();
  await view(page, 'Light meter');
  await page.getByRole('button', { name: 'Back to what is computed' }).click();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText('No reading yet.')).toBeVisible();
  await expect(slider(page)).toHaveAttribute('aria-valuetext', before!);
});

test('what does not fit the room is answered at its field; a room of lamps alone works', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Light', 'Hall');
  await page.getByLabel('Wide').fill('6');
  await expect(page.getByText('The window is wider than its wall of 2.10 m.')).toBeVisible();
  await page.getByLabel('Wide').fill('0.9');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByLabel('North wall, how long').fill('3');
  await expect(page.getByText(/The walls do not close: the one opposite is 2.1/)).toBeVisible();
  await page.getByLabel('North wall, how long').fill('');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Remove window 1' }).click();
  await expect(page.getByText('no window: lamps only')).toBeVisible();
  // where no daylight falls the lamps are on by themselves
  await expect(slider(page)).toHaveAttribute('aria-valuetext', /[23],\d00 K/, { timeout: 30_000 });
  await page.getByRole('button', { name: 'Add a window in the south wall' }).click();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
});

test('a quick tap on a room and then a step goes to both', async ({ page, demo }) => {
  await openAt(page, demo.url, 'Brief');
  // both at once, before the page has drawn the first
  await page.evaluate(() => {
    const link = (name: string) =>
      [...document.querySelectorAll('nav a')].find((a) => a.textContent?.startsWith(name)) as HTMLElement;
    link('Kitchen').click();
    link('Light').click();
  });
  await expect(page.getByRole('heading', { name: 'Kitchen: the light' })).toBeVisible();
});
