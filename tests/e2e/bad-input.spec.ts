import { allSaved, live, openRoom, saidBy } from './demo';
import { expect, test, type Page } from './server';

const NAMES = ['<script>alert(1)</script>', 'Küche 🛋️ & “Stube”', '=HYPERLINK("http://x")', 'W'.repeat(200)];

/** A visit of one room, in Bristol. */
async function startVisit(page: Page, url: string, label: string) {
  await page.goto(`${url}/visits/new`);
  await page.getByLabel('Town or city').fill('Bristol');
  await page.getByRole('button', { name: /^Bristol England, United Kingdom/ }).click();
  for (const unwanted of ['Hall', 'Kitchen', 'Main bedroom'])
    await page.getByRole('button', { name: unwanted, exact: true }).click();
  await page.getByLabel('What you call it').fill(label);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
}

test('names that would be code, formula or picture just work, 200 characters long too', async ({ page, own }) => {
  page.on('dialog', () => {
    throw new Error('a name was run as a script');
  });
  for (const name of NAMES) {
    await startVisit(page, own.url, name);
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

test('a name too long is answered at its field, and nothing is lost', async ({ page, own }) => {
  await startVisit(page, own.url, 'W'.repeat(201));
  await expect(page.getByText('At most 200 characters.')).toBeVisible();
  await expect(page.getByLabel('What you call it')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByTestId('place-facts')).toContainText('Bristol');
  await expect(page.getByRole('button', { name: 'Sitting room', exact: true })).toHaveAttribute('aria-pressed', 'true');
});

test('a place is never half taken: a name typed over another keeps its own light until a town is chosen', async ({
  page,
  own,
}) => {
  await page.goto(`${own.url}/visits/new`);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByText(/^Choose the town from the list/)).toBeVisible();
  const town = page.getByLabel('Town or city');
  await town.fill('Bristol');
  await page.getByRole('button', { name: /^Bristol England, United Kingdom/ }).click();
  await expect(page.getByTestId('place-facts')).toContainText('Northern hemisphere: the sun stands in the south at noon.');
  await town.fill('Wellington');
  await expect(page.getByText('Not chosen yet: the light is still that of Bristol.')).toBeVisible();
  await page.getByRole('button', { name: /^Wellington New Zealand/ }).click();
  await expect(page.getByTestId('place-facts')).toContainText('41.29° S, 174.78° E · Pacific/Auckland');
  await expect(page.getByTestId('place-facts')).toContainText('Southern hemisphere: the sun stands in the north at noon.');
  await page.getByText('by coordinates').click();
  await page.getByLabel('Latitude').fill('91');
  await expect(page.getByText(/^Not a latitude: such as/)).toBeVisible();
  await page.getByLabel('Latitude').fill('33°56′ S, 18°25′ E');
  await page.getByLabel('Latitude').press('Enter');
  await expect(page.getByTestId('place-facts')).toContainText('33.93° S, 18.42° E · Africa/Johannesburg');
  await page.getByLabel('Time zone').fill('Mars/Olympus');
  await expect(page.getByText(/^Not a time zone/)).toBeVisible();
});

test('a form sent twice makes one visit', async ({ page, own }) => {
  await page.goto(`${own.url}/visits/new`);
  await page.getByLabel('Town or city').fill('Bristol');
  await page.getByRole('button', { name: /^Bristol England, United Kingdom/ }).click();
  await page.getByLabel('What you call it').fill('Sent Twice 2');
  await page.getByRole('button', { name: 'Start', exact: true }).dblclick();
  await expect(page.getByRole('heading', { level: 1, name: 'Sent Twice 2' })).toBeVisible();
  await page.goto(`${own.url}/visits`);
  await expect(page.getByText('Sent Twice 2')).toHaveCount(1);
});

test('a bearing of 400 and a window of no width are answered at the field; the rest is saved, and both are there when one comes back', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'North bedroom', 'Light');
  const bearing = page.getByLabel('Thick wall looks out to');
  await bearing.fill('400');
  await expect(page.getByText('A bearing lies between 0 and 360°.')).toBeVisible();
  await expect(page.getByText('saved, but for what is marked ▲')).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'Not saved: a field of the light · North bedroom' })).toBeVisible();
  // the height is saved all the same
  await page.getByLabel('How high the room is').fill('2.65');
  await page.getByLabel('Wide').fill('0');
  await expect(page.getByText('A window’s width must be more than 0.')).toBeVisible();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Brief' }).click();
  await page.getByRole('link', { name: /^Not saved: 2 fields of the light/ }).click();
  await expect(bearing).toHaveValue('400');
  await expect(page.getByLabel('Wide')).toHaveValue('0');
  await expect(page.getByLabel('How high the room is')).toHaveValue('2.65');
  await bearing.fill('N');
  await page.getByLabel('Wide').fill('1.2');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await allSaved(page);
  await page.getByRole('button', { name: 'Remove window 1' }).click();
  await expect(page.getByText('no window: lamps only')).toBeVisible();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByText('Nothing to lay it against yet')).toBeVisible();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Light' }).click();
  await page.getByRole('button', { name: 'Add a window in the north wall' }).click();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
});

test('a colour no surface can have is refused in words; shares always make 100 %; a floor is covered once', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'North bedroom', 'Stays');
  const begin = async (kind: string) => {
    await page.getByRole('button', { name: 'Record what stays' }).click();
    await page.getByRole('dialog').getByRole('button', { name: kind, exact: true }).click();
  };
  await begin('Wall tiles');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Something else, by its colour' }).click();
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
  await expect(dialog.getByText('Lab, typed')).toBeVisible();
  await dialog.getByRole('button', { name: 'Veining, flecks, another colour' }).click();
  await dialog.getByRole('button', { name: 'grout', exact: true }).click();
  await dialog.getByLabel('Share of the grout').fill('30');
  await expect(dialog.getByText('70 %', { exact: true })).toBeVisible();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/grout 30 %/)).toBeVisible();
  await begin('Floor');
  await dialog.getByRole('button', { name: 'Travertine' }).click();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await begin('Rug');
  await dialog.getByRole('button', { name: 'Jute' }).click();
  await expect(page.getByText('Travertine floor is seen on 70 % of the floor now')).toBeVisible();
  const seen = dialog.getByLabel('Seen on … % of the floor');
  await seen.fill('40');
  await seen.blur();
  await expect(dialog.getByText(/^With Travertine floor \(70 %\) that makes 110 % of the floor/)).toBeVisible();
  await seen.fill('30');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await allSaved(page);
  // all of it is taken back and done again, whatever it was
  await page.keyboard.press('z');
  await expect(page.getByText(/^Undid: “Jute rug” with its colours/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Jute rug' })).toBeHidden();
  await page.keyboard.press('Shift+Z');
  await expect(page.getByRole('heading', { name: 'Jute rug' })).toBeVisible();
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
  await live(other);
  // what a page asks once when it opens must not be the answer to what is said next
  await other.waitForLoadState('networkidle');
  await page.getByLabel('Thick wall looks out to').fill('210');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await other.getByLabel('Thick wall looks out to').fill('190');
  await expect(other.getByText('This room was changed in another window meanwhile.')).toBeVisible();
  await expect(other.getByLabel('Thick wall looks out to')).toHaveValue('190');
  await other.getByRole('button', { name: 'Show the newer one' }).click();
  await expect(other.getByLabel('Thick wall looks out to')).toHaveValue('210');
  await other.getByLabel('Thick wall looks out to').fill('200');
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
  await expect(saidBy(page, 'consultant')).toContainText('sun from the east: no');
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
