import { allSaved, live, openRoom, saidBy } from './demo';
import { expect, test, type Page } from './server';

const NAMES = ['<script>alert(1)</script>', 'Küche 🛋️ & “Stube”', '=HYPERLINK("http://x")', 'W'.repeat(200)];

async function startVisit(page: Page, url: string, label: string) {
  await page.goto(`${url}/visits/new`);
  await page.getByLabel('Client label').fill(label);
  await page.getByLabel('Room 1').fill('Only room');
  await page.getByRole('button', { name: 'Start the visit' }).click();
}

test('names that would be code, formula or picture just work, 200 characters long too', async ({ page, own }) => {
  page.on('dialog', () => {
    throw new Error('a name was run as a script');
  });
  for (const name of NAMES) {
    await startVisit(page, own.url, name);
    await expect(page.getByRole('heading', { name: 'Only room: the light' })).toBeVisible();
    await page.getByRole('link', { name: 'Brief' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(name.slice(0, 40));
    const [, visitId, roomId] = /visits\/([^/]+)\/([^/]+)\//.exec(page.url())!;
    await page.goto(`${own.url}/visits/${visitId}/${roomId}/deck`);
    await page.locator('[data-code]').first().click();
    await page.getByRole('button', { name: '50 % strength' }).click();
    await expect(page.getByRole('button', { name: '50 % strength' })).toHaveAttribute('aria-pressed', 'true');
    const csv = await (await page.request.get(`${own.url}/api/visits/${visitId}/rooms/${roomId}/record.csv`)).text();
    const first = csv.split('\r\n')[1]!;
    expect(first.startsWith(name.startsWith('=') ? `"'=` : name.includes('"') ? '"' : name.slice(0, 8))).toBe(true);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(overflow).toBe(0);
  }
  await page.goto(`${own.url}/visits`);
  for (const name of NAMES) await expect(page.getByText(name, { exact: true })).toBeVisible();
});

test('a name too long or empty is answered at its field, and nothing is lost', async ({ page, own }) => {
  await startVisit(page, own.url, 'W'.repeat(201));
  await expect(page.getByText('At most 200 characters.')).toBeVisible();
  await expect(page.getByLabel('Client label')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByLabel('Room 1')).toHaveValue('Only room');
  await page.getByLabel('Client label').fill('  ');
  await page.getByLabel('Latitude').fill('91');
  await page.getByLabel('Time zone').fill('Mars/Olympus');
  await page.getByRole('button', { name: 'Start the visit' }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await expect(page.getByText('Latitude lies between −90 and 90°.')).toBeVisible();
  await expect(page.getByText(/Not a time zone/)).toBeVisible();
});

test('a form sent twice makes one visit', async ({ page, own }) => {
  await page.goto(`${own.url}/visits/new`);
  await page.getByLabel('Client label').fill('Sent Twice 2');
  await page.getByLabel('Room 1').fill('Hall');
  await page.getByRole('button', { name: 'Start the visit' }).dblclick();
  await expect(page.getByRole('heading', { name: 'Hall: the light' })).toBeVisible();
  await page.goto(`${own.url}/visits`);
  await expect(page.getByText('Sent Twice 2')).toHaveCount(1);
});

test('a bearing of 400 and a window of no width are answered at the field; the room stays usable', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'North bedroom', 'Light');
  await page.getByLabel('The thick wall faces').fill('400');
  await expect(page.getByText('A bearing lies between 0 and 360°.')).toBeVisible();
  await expect(page.getByText('not saved yet')).toBeVisible();
  await page.getByLabel('The thick wall faces').fill('5');
  await page.getByLabel('Wide').fill('0');
  await expect(page.getByText('A window’s width must be more than 0.')).toBeVisible();
  await page.getByLabel('Wide').fill('1.2');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Remove window 1' }).click();
  await expect(page.getByText('no window: lamps only')).toBeVisible();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByText('Nothing to lay it against yet')).toBeVisible();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Light' }).click();
  await page.getByRole('button', { name: 'Add a window in the north wall' }).click();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
});

test('shares of 130 % and a colour no surface can have are refused in words; what was typed stays', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'North bedroom', 'Stays');
  await page.getByRole('button', { name: 'Record what stays' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('What stays').fill('Odd tile');
  await dialog.getByRole('radio', { name: 'Lab' }).click();
  const lab = async (l: string, a: string, b: string) => {
    await dialog.getByLabel('L*', { exact: true }).fill(l);
    await dialog.getByLabel('a*', { exact: true }).fill(a);
    await dialog.getByLabel('b*', { exact: true }).fill(b);
  };
  await lab('50', '140', '0');
  await expect(dialog.getByText('No real surface can have this colour')).toBeVisible();
  await lab('120', '0', '0');
  await expect(dialog.getByText('L* lies between 0 and 100.')).toBeVisible();
  await lab('70', '2,5', '9');
  await expect(dialog.getByText(/taupe|greige|beige/).first()).toBeVisible();
  await dialog.getByRole('button', { name: 'Veining, flecks, another colour' }).click();
  await dialog.getByRole('radio', { name: 'Hex' }).click();
  await dialog.getByLabel('Hex value').fill('#8a7f70');
  await dialog.getByLabel('Share').nth(1).fill('30');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByText('The shares add up to 130 %; they must make 100 %.')).toBeVisible();
  await expect(dialog.getByLabel('What stays')).toHaveValue('Odd tile');
  await dialog.getByLabel('Share').first().fill('70');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Odd tile' })).toBeVisible();
});

test('two tabs on one room: the second is told, keeps what was typed, and chooses', async ({ page, demo, context }) => {
  await openRoom(page, demo.url, 'Hall', 'Light');
  const other = await context.newPage();
  // a second computer would not hear of the change: stop the windows of this browser from telling each other
  await other.addInitScript(() => {
    window.BroadcastChannel = class {
      onmessage = null;
      postMessage() {}
      close() {}
    } as never;
  });
  await other.goto(page.url());
  await page.getByLabel('The thick wall faces').fill('210');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await other.getByLabel('The thick wall faces').fill('190');
  await expect(other.getByText('This room was changed in another window meanwhile.')).toBeVisible();
  await expect(other.getByLabel('The thick wall faces')).toHaveValue('190');
  await other.getByRole('button', { name: 'Show the newer one' }).click();
  await expect(other.getByLabel('The thick wall faces')).toHaveValue('210');
  await other.getByLabel('The thick wall faces').fill('200');
  await expect(other.getByText('saved', { exact: true })).toBeVisible();
  await other.close();
});

test('verdicts from two tabs are both kept', async ({ page, demo, context }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  const other = await context.newPage();
  await other.goto(page.url());
  await live(other);
  await page.keyboard.press('o');
  await other.keyboard.press('l');
  await page.keyboard.press('e');
  await other.keyboard.press('r');
  await allSaved(page);
  await allSaved(other);
  await expect(saidBy(page, 'consultant')).toContainText('lamps: no');
  await expect(saidBy(other, 'consultant')).toContainText('overcast: nearly');
  await other.close();
});

test('of two tabs the one that spoke last counts, in both', async ({ page, demo, context }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Brief');
  const other = await context.newPage();
  await other.goto(page.url());
  await live(other);
  await page.getByLabel('Whites in a dim room').selectOption('none');
  await allSaved(page);
  await expect(other.getByLabel('Whites in a dim room')).toHaveValue('never');
  await other.getByLabel('Whites in a dim room').selectOption('with more chroma');
  await allSaved(other);
  await expect(page.getByLabel('Whites in a dim room')).toHaveValue('more-chroma');
  await page.reload();
  await expect(page.getByLabel('Whites in a dim room')).toHaveValue('more-chroma');
  await other.close();
});

test('addresses that name nothing', async ({ page, demo }) => {
  for (const path of ['/visits/nonsense', '/visits/0190c5c0-0000-7000-8000-000000000000', '/nowhere']) {
    const response = await page.goto(demo.url + path);
    expect(response!.status()).toBe(404);
    await expect(page.getByRole('heading', { name: 'Nothing is kept here' })).toBeVisible();
  }
  expect((await page.request.get(`${demo.url}/api/visits/x/rooms/y/record.csv`)).status()).toBe(404);
});
