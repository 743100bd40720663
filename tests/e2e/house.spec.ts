import { seriousFindings } from './axe';
import { allSaved, openRoom, recordOf } from './demo';
import sharp from 'sharp';
import { readVisitText } from '../../src/core/operations/visit-text';
import { expect, test, type Locator, type Page } from './server';

test('the house as one: its rooms as strips, the fewest colours that serve it, one white for trim, a palette; a row goes into its rooms', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Hall', 'Brief');
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'The house' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('the house');
  const through = page.getByRole('region', { name: 'One colour through the house' });
  await expect(through.locator('[data-paint]').first()).toBeVisible();
  // what is decided stands in its strip, what is proposed says so
  await expect(page.getByRole('img', { name: /^Hall: .*, decided$/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Kitchen: .*, proposed$/ })).toBeVisible();
  await expect(through.getByText('No fewer do.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'One white for all trim' }).locator('[data-paint]')).toHaveCount(1);
  const palette = page.getByRole('region', { name: 'A palette for the house' });
  await expect(palette.getByText('Light and quiet', { exact: true })).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);

  const row = through
    .locator('[data-paint]')
    .filter({ has: page.getByRole('button', { name: /^Into \d+ rooms?$/ }) })
    .first();
  const id = (await row.getAttribute('data-paint'))!;
  const name = (await row.getAttribute('aria-label'))!.replace(/ \d+ %$/, '');
  const named = (await row.getByRole('listitem').first().innerText()).trim();
  await row.getByRole('button', { name: /^Into \d+ rooms?$/ }).click();
  await expect(through.locator(`[data-paint="${id}"]`).getByRole('button', { name: 'In its rooms' })).toBeDisabled();
  await allSaved(page);
  await page
    .getByRole('navigation', { name: 'Rooms' })
    .getByRole('link', { name: new RegExp(`^${named}`) })
    .click();
  await expect(page).toHaveURL(/\/brief$/);
  expect((await recordOf(page)).candidates.map((c) => c.name)).toContain(name);
});

/** The house's page, with what one sees together on it. */
async function openHouse(page: Page, url: string): Promise<Locator> {
  await openRoom(page, url, 'Hall', 'Brief');
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'The house' }).click();
  const seen = page.getByRole('list', { name: 'What one sees together' });
  await expect(seen.locator('[data-view]').first()).toBeVisible();
  return seen;
}
const doorsOf = async (page: Page, room: string) => {
  const response = await page.request.get(page.url().replace(/\/visits\/([^/]+)\/.*$/, '/api/visits/$1'));
  const { text } = (await response.json()) as { text: string };
  return readVisitText(text).visit.rooms.find((r) => r.name === room)!.paintwork.doors;
};

test('which room leads to which is said in a tap, known to both rooms, and taken back', async ({ page, demo }) => {
  const seen = await openHouse(page, demo.url);
  await expect(seen.getByText('From the kitchen into the hall')).toBeVisible();
  await page.getByRole('button', { name: 'Doors…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('This room').selectOption('Sitting room');
  const leads = dialog.getByRole('group', { name: 'Sitting room leads to' });
  await expect(leads.getByRole('button', { name: 'Hall' })).toHaveAttribute('aria-pressed', 'true');
  await leads.getByRole('button', { name: 'North bedroom' }).click();
  await expect(leads.getByRole('button', { name: 'North bedroom' })).toHaveAttribute('aria-pressed', 'true');
  await dialog.getByLabel('What is there').last().selectOption('a door, usually shut');
  await allSaved(page);
  const [here, there] = [await doorsOf(page, 'Sitting room'), await doorsOf(page, 'North bedroom')];
  expect(there.find((d) => d.id === here.at(-1)!.id)).toMatchObject({ wall: null, stands: 'shut', leadsTo: 'the sitting room' });
  expect(await seriousFindings(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await allSaved(page);
  expect(await doorsOf(page, 'North bedroom')).toHaveLength(there.length - 1);
});

test('a room is moved on the plan by the arrows: its door goes along in both rooms’ walls', async ({ page, demo }) => {
  await openHouse(page, demo.url);
  const before = (await doorsOf(page, 'Kitchen'))[0]!;
  const kitchen = page.getByRole('button', { name: /^Kitchen: drag it/ });
  await kitchen.focus();
  await page.keyboard.press('ArrowDown');
  await allSaved(page);
  const [after] = await doorsOf(page, 'Kitchen');
  expect(after!.wall).toBe(before.wall);
  expect(Math.abs(after!.leftM! - before.leftM!)).toBeCloseTo(0.25, 1);
  const hall = (await doorsOf(page, 'Hall')).find((d) => d.id === after!.id)!;
  expect(hall.wall).not.toBeNull();
});

test('two rooms swap their colours, what is settled lets go, and the page is one picture', async ({ page, demo }) => {
  await openHouse(page, demo.url);
  await expect(page.getByRole('img', { name: /^Sitting room: .*, decided$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Swap these two' }).click();
  await expect(page.getByRole('img', { name: /^Hall: Esk Mossen 75 %, swapped in, .* \(predicted\)$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Back as it was' }).click();
  await expect(page.getByRole('img', { name: /^Hall: .*, decided$/ })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As a picture' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/the house\.png$/);
  const { width, height, format } = await sharp(await download.path()).metadata();
  expect(format).toBe('png');
  expect(Math.min(width, height)).toBeGreaterThan(1000);
});
