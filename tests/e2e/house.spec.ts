import { seriousFindings } from './axe';
import { allSaved, openRoom, recordOf } from './demo';
import { expect, test } from './server';

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

  const row = through.locator('[data-paint]').first();
  const rooms = await row.getByRole('listitem').count();
  expect(rooms).toBeGreaterThan(1);
  const name = (await row.getAttribute('aria-label'))!.replace(/ \d+ %$/, '');
  const named = (await row.getByRole('listitem').first().innerText()).trim();
  await row.getByRole('button', { name: `Into ${rooms} rooms` }).click();
  await expect(row.getByRole('button', { name: 'In its rooms' })).toBeDisabled();
  await allSaved(page);
  await page
    .getByRole('navigation', { name: 'Rooms' })
    .getByRole('link', { name: new RegExp(`^${named}`) })
    .click();
  await expect(page).toHaveURL(/\/brief$/);
  expect((await recordOf(page)).candidates.map((c) => c.name)).toContain(name);
});
