import { expect, test } from './server';
import { seriousFindings } from './axe';

test('the screen first, then two minutes: answered by keys, kept, counted, over a reload', async ({ page, demo }) => {
  await page.goto(`${demo.url}/practice`);
  await page.locator('[data-live=true]').waitFor();
  await expect(page.getByText('this is no medical test of colour vision')).toBeVisible();
  await page.getByRole('button', { name: 'I see all ten' }).click();
  await page.getByRole('button', { name: 'Which is bluer: two minutes' }).click();
  await expect(page.getByRole('heading', { name: 'Which is the bluer?' })).toBeVisible();
  const said = page.getByRole('status').filter({ hasText: /is bluer, by ΔE/ });
  for (let n = 0; n < 3; n++) {
    await page.keyboard.press(n === 1 ? 'ArrowRight' : '1');
    await expect(said).toBeVisible();
    if (n < 2) await page.keyboard.press('Space');
  }
  expect(await seriousFindings(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(page.getByText(/3 answers, \d right, kept/)).toBeVisible();
  await page.reload();
  const card = page.getByRole('listitem').filter({ hasText: 'Which is bluer' });
  await expect(card).toContainText('3 answers');
  expect(await seriousFindings(page)).toEqual([]);
});

test('every exercise asks something, and takes a tap', async ({ page, demo }) => {
  await page.goto(`${demo.url}/practice`);
  await page.locator('[data-live=true]').waitFor();
  const ready = page.getByRole('button', { name: 'I see all ten' });
  if (await ready.isVisible()) await ready.click();
  const names = await page
    .getByRole('button', { name: /: two minutes$/ })
    .evaluateAll((all) => all.map((b) => b.getAttribute('aria-label')!));
  expect(names.length).toBeGreaterThanOrEqual(16);
  for (const name of names) {
    await page.getByRole('button', { name, exact: true }).click();
    const sitting = page.getByRole('region', { name: name.replace(': two minutes', '') });
    await expect(sitting.getByRole('heading')).toContainText('?');
    await page.keyboard.press('1');
    await expect(sitting.getByRole('status')).toContainText(/Right\.|Not this time\./);
    await sitting.getByRole('button', { name: 'Stop here' }).click();
    await expect(sitting).toBeHidden();
  }
});

test('what verdicts in rooms say of the eye is shown, switched off and on, and predictions follow it', async ({ page, demo }) => {
  await page.goto(`${demo.url}/practice`);
  await page.locator('[data-live=true]').waitFor();
  const portrait = page.getByRole('region', { name: 'Your eye in rooms' });
  await expect(portrait).toContainText(/From \d+ verdicts given looking/);
  await expect(portrait).toContainText(/right, \d+ % without your eye/);
  const eye = async () => (await (await page.request.get(`${demo.url}/api/eye`)).json()) as { own: unknown };
  expect((await eye()).own).not.toBeNull();
  await portrait.getByText('as for most', { exact: true }).click();
  await expect.poll(async () => (await eye()).own).toBeNull();
  await portrait.getByText('predicted for your eye').click();
  await expect.poll(async () => (await eye()).own).not.toBeNull();
});
