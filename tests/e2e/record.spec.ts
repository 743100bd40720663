import sharp from 'sharp';
import { allSaved, openRoom, recordOf } from './demo';
import { expect, test, type Page } from './server';

const view = (page: Page, name: RegExp) =>
  page.getByRole('radiogroup', { name: 'What is shown' }).getByRole('radio', { name }).click();

test('each cell says what was computed where nothing was seen, and where the eye saw it otherwise', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Record');
  await expect(page.locator('[data-computed-cells]')).not.toHaveAttribute('data-computed-cells', '0');
  // wherever they are: which cells they are is for the model to say
  const otherwise = page.locator('[data-row]').getByRole('link', { name: /; computed otherwise: (works|nearly|no)$/ });
  await expect(otherwise.first()).toContainText(/≠ (works|nearly|no)$/);
  await expect(otherwise.first()).toHaveAttribute('data-differs', 'true');
  const untried = page.locator('[data-row="TC 0213/75"]');
  await expect(untried.getByRole('link', { name: /not looked at yet; computed: (works|nearly|no)$/ })).toHaveCount(9);
  // the hit rate is of what is marked: every miss is listed
  const hits = page.locator('[data-hits]');
  const [agreed, seen] = (await hits.getAttribute('data-hits'))!.split('/').map(Number);
  await expect(hits.getByRole('list', { name: 'Seen otherwise' }).getByRole('listitem')).toHaveCount(
    Math.min(12, seen! - agreed!),
  );
  await hits.getByRole('list', { name: 'Seen otherwise' }).getByRole('link').first().click();
  await expect(page.getByRole('region', { name: 'Your eye' })).toBeVisible();
});

test('the record by light and by person', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Record');
  const marked = page.locator('[data-row] [data-mark]:not([data-mark="none"])');
  const all = await marked.count();
  await page.getByLabel('In light').selectOption('lamps');
  await expect(marked).not.toHaveCount(all);
  const byLamps = await marked.count();
  expect(byLamps).toBeGreaterThan(0);
  await page.getByLabel('Said by').selectOption('client');
  await expect(marked).toHaveCount(0);
  await page.getByLabel('In light').selectOption('');
  expect(await marked.count()).toBeGreaterThan(0);
});

test('notes on a colour and on the room; one is taken away and put back', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Record');
  const words = 'Try it “in the corner” by the <b>window</b>';
  await page.getByRole('button', { name: /^Add a note on .* at 50 %$/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Keep this note' }).click();
  await expect(page.getByRole('dialog').getByText('Write something.')).toBeVisible();
  await page.getByRole('dialog').getByLabel('Note').fill(words);
  await page.getByRole('dialog').getByRole('button', { name: 'Keep this note' }).click();
  await expect(page.locator('[data-row="TC 0333/50"]').getByText(words)).toBeVisible();
  await view(page, /^Photographs/);
  await page.getByLabel('Note', { exact: true }).fill('The tap leaks.');
  await page.getByRole('button', { name: 'Keep this note' }).click();
  const notes = page.getByRole('list', { name: 'Notes' });
  await expect(notes.getByRole('listitem')).toHaveCount(2);
  await allSaved(page);
  const before = await recordOf(page);
  await notes.getByRole('button', { name: /^Take away the note “The tap/ }).click();
  await expect(notes.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(notes.getByText('The tap leaks.')).toBeVisible();
  await allSaved(page);
  expect((await recordOf(page)).notes).toEqual(before.notes);
  await page.reload();
  await expect(notes.getByRole('listitem')).toHaveCount(2);
});

/** A picture of white paper in a warm light, lying on its side, with a place, a camera and a time in it. */
const pictureOnItsSide = () =>
  sharp({ create: { width: 600, height: 400, channels: 3, background: { r: 232, g: 205, b: 162 } } })
    .jpeg()
    .withExif({
      IFD0: { Make: 'Test camera' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 27/1 0/1', GPSLongitudeRef: 'W', GPSLongitude: '2/1 35/1 0/1' },
    })
    .withMetadata({ orientation: 6 })
    .toBuffer();

test('a photograph is kept upright and without its place; white paper in it takes the cast out', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Hall', 'Record');
  await view(page, /^Photographs/);
  await expect(page.getByText('No photograph yet')).toBeVisible();
  await page.getByRole('radio', { name: 'Automatic' }).click();
  const buffer = await pictureOnItsSide();
  expect(buffer.includes('Test camera')).toBe(true);
  const files = page.locator('input[type=file]:not([capture])');
  await files.setInputFiles([
    { name: 'hall.jpg', mimeType: 'image/jpeg', buffer },
    { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
  ]);
  await expect(page.getByText(/notes\.jpg is not a picture that can be read/)).toBeVisible();
  const card = page.locator('[data-photo]');
  await expect(card).toHaveCount(1);
  await expect(card).toHaveAttribute('data-settings', 'automatic');
  const picture = card.getByRole('img', { name: 'Photograph: photograph 1' });
  expect(await picture.evaluate((e: HTMLImageElement) => [e.naturalWidth, e.naturalHeight])).toEqual([400, 600]);
  const stored = await page.request.get(new URL((await picture.getAttribute('src'))!, page.url()).href);
  const { exif, xmp, icc } = await sharp(await stored.body()).metadata();
  expect([exif, xmp, icc]).toEqual([undefined, undefined, undefined]);

  await card.getByRole('button', { name: 'White paper' }).click();
  await card.getByRole('button', { name: /^Point at the white paper/ }).focus();
  for (const key of ['ArrowLeft', 'ArrowUp', 'Enter']) await page.keyboard.press(key);
  await expect(card.getByText(/^As taken, white paper is much yellower/)).toBeVisible();
  await expect(card.locator('[data-corrected="true"]')).toBeVisible();
  const shown = sharp(await picture.screenshot());
  const { channels } = await shown.stats();
  const [r, g, b] = channels.map((c) => c.mean);
  expect(Math.max(r!, g!, b!) - Math.min(r!, g!, b!)).toBeLessThan(4);
  await card.getByRole('button', { name: 'Cast taken out' }).click();
  await expect(card.locator('[data-corrected="false"]')).toBeVisible();

  await card.getByLabel('Caption').fill('Stair, lamps on');
  await card.getByLabel('Caption').press('Enter');
  await expect(card.getByRole('img', { name: 'Photograph: Stair, lamps on' })).toBeVisible();
  await card.getByRole('button', { name: 'Take away Stair, lamps on' }).click();
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(card).toHaveCount(1);
});
