import { allSaved, live, openRoom, recordOf } from './demo';
import { expect, test, type Page } from './server';

const card = (page: Page, name: string) =>
  page
    .getByRole('main')
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name, exact: true }) });

test('a colour is taken from a photograph of the room, with how far it may be off', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Stays');
  await card(page, 'Sofa').getByRole('button', { name: 'Change' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'Photograph' }).click();
  await dialog.getByRole('button', { name: /^The room’s photograph/ }).click();
  // where the paper lies in it is known
  await expect(dialog.getByText('Now tap the thing.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Tap the thing' }).click({ position: { x: 90, y: 120 } });
  await expect(dialog.getByText(/^Off by about ΔE \d+: /)).toBeVisible();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await allSaved(page);
  const source = (await recordOf(page)).stays.find((s) => s.name === 'Sofa')!.components[0]!.colour.source;
  expect(source).toMatchObject({ kind: 'photo' });
  await page.keyboard.press('z');
  await expect(page.getByText(/^Undid: “Sofa” with its colours/)).toBeVisible();
  await expect(card(page, 'Sofa')).toContainText('Lab, typed');
});

test('a thing is put right by eye in steps, shares make 100 %, and it is saved when the dialog is simply closed', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Stays');
  await page.getByRole('button', { name: 'Record what stays' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Worktop', exact: true }).click();
  await dialog.getByRole('button', { name: 'Granite, pink and grey flecks' }).click();
  for (let i = 0; i < 3; i++) await dialog.getByRole('button', { name: 'pinker' }).click();
  await dialog.getByLabel('Share of the pink fleck').fill('30');
  await page.keyboard.press('Escape');
  await allSaved(page);
  const granite = (await recordOf(page)).stays.find((s) => s.name === 'Granite worktop')!;
  expect(granite.components).toHaveLength(4);
  expect(granite.components.reduce((sum, c) => sum + c.share, 0)).toBeCloseTo(1, 9);
  expect(granite.components.find((c) => c.name === 'pink fleck')!.share).toBeCloseTo(0.3, 3);
  expect(granite.components[0]!.colour).toMatchObject({ source: { kind: 'eye', from: 'Granite, pink and grey flecks' } });
  expect(granite.components[0]!.colour.lab.a).toBeGreaterThan(4);
});

test('the same floor runs on into rooms that have none; a name that was emptied is kept as a draft and told of', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Stays');
  await card(page, 'Oak floor').getByRole('button', { name: 'Runs on into…' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('checkbox', { name: /^Hall/ })).toBeDisabled();
  await expect(dialog.getByRole('checkbox', { name: /^Hall/ })).toContainText('Slate floor lies there');
  await dialog.getByRole('checkbox', { name: /^North bedroom/ }).click();
  await dialog.getByRole('button', { name: 'Copy it there' }).click();
  await page
    .getByRole('navigation', { name: 'Rooms' })
    .getByRole('link', { name: /^North bedroom/ })
    .click();
  await expect(card(page, 'Oak floor')).toBeVisible();
  await card(page, 'Oak floor').getByRole('button', { name: 'Change' }).click();
  await dialog.getByLabel('What you call it').fill('');
  await expect(dialog.getByText('Give it a name.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('link', { name: /^Not saved: What you call it · North bedroom/ })).toBeVisible();
  await page.reload();
  await live(page);
  await card(page, 'Oak floor').getByRole('button', { name: 'Change' }).click();
  await expect(dialog.getByLabel('What you call it')).toHaveValue('');
  await dialog.getByLabel('What you call it').fill('Oak boards');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await allSaved(page);
  await expect(card(page, 'Oak boards')).toBeVisible();
});
