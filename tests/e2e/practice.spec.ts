import { openRoom } from './demo';
import { expect, test, type Page } from './server';
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

test('a search is judged for the eye that was learnt, says so, and is another one when it is switched off', async ({
  page,
  demo,
}) => {
  const chances = async (of: Page) => {
    await openRoom(of, demo.url, 'Sitting room', 'Deck');
    await of.getByRole('radio', { name: 'What could work here' }).click();
    const found = of.getByRole('group', { name: 'What could work, best first' });
    await found.locator('[data-found]').first().waitFor();
    await expect(of.getByText(/could work · /)).toBeVisible();
    return (await of.getByText(/could work · /).textContent())!;
  };
  const forMe = await chances(page);
  expect(forMe).toContain('Judged for your eye: you mind');
  const eye = async (whose: string) => {
    await page.goto(`${demo.url}/practice`);
    await page.locator('[data-live=true]').waitFor();
    const answered = page.waitForResponse((r) => r.url().includes('/api/operations') && r.ok());
    await page.getByRole('region', { name: 'Your eye in rooms' }).getByText(whose, { exact: true }).click();
    await answered;
  };
  await eye('as for most');
  const forMost = await chances(page);
  expect(forMost).not.toContain('your eye');
  expect(forMost.match(/[\d,]+ nearly · [\d,]+ do not/)![0]).not.toBe(forMe.match(/[\d,]+ nearly · [\d,]+ do not/)![0]);
  await eye('predicted for your eye');
  expect(await chances(page)).toBe(forMe);
});

test('where two eyes differ is said beside the record, and the client’s can be judged for', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Record');
  const two = page.getByRole('region', { name: 'Two eyes' });
  await expect(two).toContainText(/you mind [a-z ,]+ more than Merrin and Alder Quayle do\. Both eyes are right/);
  await two.getByText('choose by theirs').click();
  await expect(two).toContainText('follow the client’s eye now');
  await two.getByText('your eye', { exact: true }).click();
  await expect(two).not.toContainText('follow the client’s eye now');
});
