import sharp from 'sharp';
import { allSaved, openRoom, recordOf, toStep } from './demo';
import { expect, test, type Page } from './server';

const proposals = (page: Page) => page.locator('[data-scheme]');
const kept = (page: Page, name: string) => page.getByRole('region', { name: `Scheme: ${name}`, exact: true });

/** A made painting on a wall, with a sheet of white paper beside it, in warm light. */
async function painting(): Promise<Buffer> {
  const shapes = [
    '<rect width="800" height="600" fill="#cfc8bd"/>',
    '<rect x="30" y="30" width="110" height="150" fill="#f0f0f0"/>',
    '<rect x="200" y="100" width="500" height="400" fill="#d9b79a"/>',
    '<rect x="200" y="100" width="500" height="120" fill="#8fa39f"/>',
    '<rect x="200" y="420" width="500" height="80" fill="#b26548"/>',
    '<rect x="620" y="220" width="80" height="200" fill="#3d434d"/>',
  ];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600">${shapes.join('')}</svg>`;
  return sharp(Buffer.from(svg)).removeAlpha().linear([0.98, 0.9, 0.78], [0, 0, 0]).jpeg({ quality: 85 }).toBuffer();
}

/** Draws a rectangle over the picture of the piece; in its own pixels. */
async function drag(page: Page, [x0, y0, x1, y1]: readonly [number, number, number, number]): Promise<void> {
  const box = (await page.getByAltText('The picture of the piece').boundingBox())!;
  const at = (x: number, y: number) => [box.x + (box.width * x) / 800, box.y + (box.height * y) / 600] as const;
  await page.mouse.move(...at(x0, y0));
  await page.mouse.down();
  await page.mouse.move(...at((x0 + x1) / 2, (y0 + y1) / 2));
  await page.mouse.move(...at(x1, y1));
  await page.mouse.up();
}

test('whole schemes from what works here, each with its colours in measure; one kept, picked and decided', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Schemes');
  await page.getByRole('radio', { name: 'from the room' }).click();
  await expect(proposals(page)).toHaveCount(3);
  const first = page.getByRole('region', { name: 'Shared', exact: true });
  const measure = first.getByRole('group', { name: 'Its colours in measure' });
  await expect(measure.getByRole('img', { name: /^walls, \d+ %: / })).toBeVisible();
  const widths = await measure.getByRole('img').evaluateAll((all) => all.map((e) => e.getBoundingClientRect().width));
  expect(Math.max(...widths)).toBeGreaterThan(3 * Math.min(...widths));
  await expect(
    page.getByRole('region', { name: 'From the deepest to the lightest' }).locator('[data-rung]').first(),
  ).toBeVisible();
  await first.getByText(/^Its \d+ colours, \d+ of \d+ links work$/).click();
  await expect(first.getByText(/^Walls/).first()).toBeVisible();

  const before = (await recordOf(page)).candidates.length;
  await first.getByRole('button', { name: 'Keep the scheme: Shared' }).click();
  const scheme = kept(page, 'Shared');
  await expect(scheme.getByText(/^\d+ of \d+ links work/)).toBeVisible();
  await allSaved(page);
  const record = await recordOf(page);
  const saved = record.schemes.find((s) => s.name === 'Shared')!;
  expect(saved).toMatchObject({ kind: 'shared', pickedAt: null });
  expect(record.candidates.some((c) => c.id === saved.wallId)).toBe(true);
  expect(record.candidates.length).toBeGreaterThan(before);

  await scheme.getByRole('button', { name: 'The client’s pick' }).click();
  await expect(scheme.getByRole('button', { name: 'The client’s pick' })).toHaveAttribute('aria-pressed', 'true');
  await scheme.getByRole('button', { name: 'Decide so…' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Decide so' }).click();
  await expect(page.getByText(/^\d+ surfaces? decided/)).toBeVisible();
  await allSaved(page);
  const decided = await recordOf(page);
  expect(decided.schemes.find((s) => s.name === 'Shared')!.pickedAt).not.toBeNull();
  expect(decided.decisions.filter((d) => d.candidateId === saved.wallId && d.what === 'paint').length).toBeGreaterThan(0);
});

test('a piece from a photograph: its colours by the white paper, its shares, a thing of the room at once, and where each colour goes', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'North bedroom', 'Schemes');
  await page.getByRole('button', { name: 'A piece from a photograph…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .locator('input[type=file]')
    .setInputFiles({ name: 'nothing.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('nothing') });
  await expect(dialog.getByText('This is no picture that can be read here.')).toBeVisible();
  await dialog.locator('input[type=file]').setInputFiles({ name: 'p.jpg', mimeType: 'image/jpeg', buffer: await painting() });
  const colours = dialog.getByRole('listitem');
  await expect(colours.first()).toBeVisible();
  await drag(page, [202, 102, 698, 498]);
  await expect(dialog.getByText('the piece', { exact: true })).toBeVisible();
  await dialog.getByRole('radio', { name: 'White paper' }).click();
  await drag(page, [40, 40, 130, 170]);
  await expect(colours).toHaveCount(4);
  await dialog
    .getByLabel(/^Name of the colour/)
    .first()
    .fill('sand');
  await dialog.getByLabel('What you call it').fill('Dune painting');
  await dialog.getByRole('button', { name: 'Keep it as a thing of North bedroom' }).click();
  await expect(page.getByText('begun from Dune painting', { exact: false })).toBeVisible();
  const row = page.getByRole('region', { name: 'The colours of Dune painting' });
  await expect(row.getByText(/^4[123] % sand, the largest/)).toBeVisible();
  await expect(row.getByRole('img', { name: 'Dune painting' })).toBeVisible();
  await expect(proposals(page)).toHaveCount(3);
  await expect(
    page.getByRole('region', { name: 'Its largest colour' }).getByText(/Dune painting recedes, contrast \d+/),
  ).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'A minor colour' }).getByText(/Dune painting stands out, contrast \d+/),
  ).toBeVisible();
  // a colour of it on one wall, in every scheme
  await row.getByRole('button', { name: 'sand on the focal wall' }).click();
  await expect(row.getByRole('button', { name: 'sand on the focal wall' })).toHaveAttribute('aria-pressed', 'true');
  for (const name of ['Its largest colour', 'A minor colour'])
    await expect(
      page
        .getByRole('region', { name })
        .getByRole('group', { name: 'Its colours in measure' })
        .getByRole('img', { name: /^focal wall, \d+ %/ }),
    ).toBeVisible();
  await allSaved(page);
  const { stays } = await recordOf(page);
  expect(stays.find((s) => s.name === 'Dune painting')?.components).toHaveLength(4);
});

test('schemes by hand, with a thing of its own; changed, proposed anew with what is locked, taken away and put back', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Schemes');
  await expect(kept(page, 'Warm and light').getByText(/^\d+ of \d+ links work/)).toBeVisible();
  await page.getByRole('button', { name: 'By hand' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name of the scheme').fill('');
  await dialog.getByRole('button', { name: 'Keep this scheme' }).click();
  await expect(dialog.getByRole('alert')).toBeVisible();
  await dialog.getByLabel('Name of the scheme').fill('Green in the alcove');
  await dialog.getByLabel('Walls', { exact: true }).selectOption({ label: 'Esk Wharf 100 % · FR 3162' });
  await dialog.getByRole('button', { name: 'Add a chair, curtains, a rug…' }).click();
  await dialog.getByRole('group', { name: 'What is it?' }).getByRole('button', { name: 'Curtains' }).click();
  await dialog.getByRole('group', { name: 'Curtains: what of?' }).getByRole('button').first().click();
  await dialog.getByRole('button', { name: 'Keep this scheme' }).click();
  const scheme = kept(page, 'Green in the alcove');
  await expect(scheme.getByText(/weakest: walls .*Hearth stone/)).toBeVisible();
  await scheme.getByText('Its colours, and 1 thing of its own').click();
  await scheme.getByRole('button', { name: 'Keep walls when proposed anew' }).click();
  await expect(scheme.getByRole('button', { name: 'Release walls when proposed anew' })).toBeVisible();
  await scheme.getByRole('button', { name: 'Propose anew' }).click();
  await expect(page.getByText(/^Green in the alcove proposed anew, what is locked kept/)).toBeVisible();
  await expect(proposals(page)).toHaveCount(1);
  await proposals(page)
    .getByText(/^Its \d+ colours/)
    .click();
  await expect(proposals(page).getByText('Esk Wharf 100 %')).toBeVisible();
  await page.getByRole('button', { name: 'Back to all' }).click();
  await scheme.getByRole('button', { name: 'Take away Green in the alcove' }).click();
  await expect(scheme).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(scheme).toHaveCount(1);
  await toStep(page, 'Record');
});
