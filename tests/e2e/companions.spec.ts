import { allSaved, openRoom, recordOf, toStep } from './demo';
import { seriousFindings } from './axe';
import { expect, test, type Page } from './server';

const row = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const found = (page: Page) => page.getByRole('main').locator('[data-companion]');

test('from a colour on the bench to what goes with it, by role, and one tap into the room', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  await page.getByRole('link', { name: 'Goes with…' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/^Goes with .* \d+ %$/);
  await expect(found(page).first()).toBeVisible();
  for (const name of ['Light trim', 'Dark trim', 'Light and quiet', 'Deep', 'Bridge', 'Accent, sparingly'])
    await expect(row(page, name)).toBeVisible();
  // none that fights is proposed
  expect(await found(page).evaluateAll((all) => all.filter((e) => (e as HTMLElement).dataset['verdict'] === 'no').length)).toBe(
    0,
  );
  // the rooms of the visit are known: what is quiet is for the brightest of the others
  await expect(row(page, 'Light and quiet')).toContainText(/Proposed for .*, in its light/);
  await expect(row(page, 'Accent, sparingly')).toContainText(/about .* m² of it/);
  const take = row(page, 'Light trim')
    .getByRole('button', { name: /^Take into Sitting room/ })
    .first();
  const name = (await take.getAttribute('aria-label'))!.replace(/^Take into Sitting room: (.*) \d+ %$/, '$1');
  await take.click();
  await allSaved(page);
  expect((await recordOf(page)).candidates.map((c) => c.name)).toContain(name);
  await expect(row(page, 'Light trim').getByRole('button', { name: /^Is in Sitting room/ })).toBeDisabled();
  expect(await seriousFindings(page)).toEqual([]);
});

test('telling neighbours each show another thing; fabrics are cards with how far is near enough', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Deck');
  await page.getByLabel('Find by name or code').fill('FR 3122');
  await page.locator('[data-code="FR 3122"]').click();
  await page.getByRole('complementary', { name: 'Chosen colour' }).getByRole('link', { name: 'Goes with…' }).click();
  const shows = row(page, 'What shows its undertone').locator('[data-shows]');
  await expect(shows.first()).toBeVisible();
  const kinds = await shows.evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['shows']));
  expect(kinds.length).toBeGreaterThanOrEqual(4);
  expect(new Set(kinds).size).toBe(kinds.length);
  await expect(
    row(page, 'Fabric, lively')
      .getByText(/still does\s+\(ΔE/)
      .first(),
  ).toBeVisible();
});

test('without a colour it asks which; one the deck does not have is said; another strength is another answer', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  const at = page.url().replace(/\/bench.*$/, '/with');
  await page.goto(at);
  await expect(page.getByRole('heading', { name: 'What goes with which colour?' })).toBeVisible();
  await page.goto(`${at}?colour=nowhere`);
  await expect(page.getByText('The deck does not have this colour at this strength')).toBeVisible();
  await page.getByRole('region', { name: 'Colours of the room' }).getByRole('link').first().click();
  await expect(found(page).first()).toBeVisible();
  await page.getByRole('radio', { name: '50 %', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('50 %');
  await expect(found(page).first()).toBeVisible();
});

test('a white is found in three questions, beside paper, with why not the others; one tap takes it', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Deck');
  await page.getByRole('button', { name: 'Find a white…' }).click();
  const dialog = page.getByRole('dialog');
  const whites = dialog.locator('[data-white]');
  await expect(whites.first()).toBeVisible();
  await dialog.getByRole('radio', { name: 'Cool', exact: true }).click();
  await dialog.getByRole('radio', { name: 'Soft', exact: true }).click();
  await expect(dialog.getByRole('status')).toHaveCount(0);
  const kinds = await whites.evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['white']!));
  const not = await dialog.locator('[data-not]').evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['not']!));
  expect(kinds.length + not.length).toBeGreaterThan(0);
  expect(not.filter((kind) => kinds.includes(kind))).toEqual([]);
  // what it must live with can be left out
  await dialog.getByRole('checkbox').first().click();
  await expect(dialog.getByRole('status')).toHaveCount(0);
  await expect(whites.first()).toBeVisible();
  const name = (await whites.first().locator('p').nth(1).textContent())!;
  await whites.first().getByRole('button', { name: 'Take into this room' }).click();
  await expect(whites.first().getByRole('button', { name: 'In this room' })).toBeDisabled();
  await page.keyboard.press('Escape');
  await allSaved(page);
  expect((await recordOf(page)).candidates.map((c) => c.name)).toContain(name);
});

test('one tap puts a companion into a scheme with this wall; a second goes into the same; the walls are parted with it', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'North bedroom', 'Deck');
  await page.getByLabel('Find by name or code').fill('FR 3123');
  await page.locator('[data-code="FR 3123"]').click();
  await page.getByRole('link', { name: 'Goes with…' }).first().click();
  await expect(found(page).first()).toBeVisible();
  await row(page, 'Light trim')
    .getByRole('button', { name: / into a scheme$/ })
    .first()
    .click();
  await row(page, 'Fabric, calm')
    .getByRole('button', { name: / into a scheme$/ })
    .first()
    .click();
  await row(page, 'Below a rail')
    .getByRole('button', { name: / into a scheme$/ })
    .first()
    .click();
  await allSaved(page);
  const { schemes, candidates } = await recordOf(page);
  const made = schemes.filter((s) => s.name.startsWith('With '));
  expect(made).toHaveLength(1);
  expect(candidates.map((c) => c.id)).toEqual(expect.arrayContaining([made[0]!.wallId, made[0]!.trimId]));
  expect(made[0]!.parts.map((p) => p.part).sort()).toEqual(['below', 'large']);
  await toStep(page, 'Schemes');
  const scheme = page.getByRole('region', { name: /^Scheme: With / });
  await scheme.getByRole('button', { name: 'Decide so…' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Decide so' }).click();
  await allSaved(page);
  const decided = await recordOf(page);
  const below = decided.decisions.find((d) => d.surfaces.includes('wall-0-below'));
  expect(below?.candidateId).toBe(made[0]!.parts.find((p) => p.part === 'below')!.candidateId);
});
