import { allSaved, live, openRoom, STEP_NAMES, toStep } from './demo';
import { textOfPdf } from './pdf-text';
import { expect, test, type Page } from './server';

/** What a visit in feet must not say: metres, litres, millilitres, square metres, a clock of 24 hours, British words. */
const METRIC =
  /\b\d[\d.,]* ?(?:m|cm|mm|ml|l)\b(?!\/)|m²|\b(?:metres?|litres?|millilitres?)\b|\b(?:1[3-9]|2[0-3]):[0-5]\d\b|\bcolou?r[s]?\b(?<!colors?)|\b[gG]rey\b|\b[sS]kirting\b|\b[wW]orktop\b|\bA4\b.*\bLetter\b|£|\b\d{1,2} (?:Sept?(?:ember)?|Oct(?:ober)?)\b/;

/** Everything that is shown or read out. */
const wordsOf = (page: Page) =>
  page.evaluate(() => {
    const spoken = [...document.querySelectorAll('body *')].flatMap((e) =>
      ['aria-label', 'title', 'placeholder'].flatMap((name) => e.getAttribute(name) ?? []),
    );
    // what can be chosen instead is said as it is
    const choices = new Set([...document.querySelectorAll('[translate=no]')].map((e) => e.textContent));
    return [...document.body.innerText.split('\n'), ...spoken].filter((line) => !choices.has(line.trim()));
  });
const metricWords = async (page: Page) => (await wordsOf(page)).filter((line) => METRIC.test(line));

test.describe('in feet in Santa Fe', () => {
  test.use({ timezoneId: 'America/Denver', locale: 'en-US' });

  test('no metre, litre, millilitre, 24-hour clock or British word is left, on any step or paper', async ({ page, own }) => {
    await page.clock.setFixedTime(new Date('2026-09-23T16:05:00Z'));
    await page.goto(`${own.url}/visits`);
    await page.getByRole('link', { name: 'Start a visit' }).click();
    await page.getByLabel('Town or city').fill('Santa Fe, NM');
    await page.getByRole('button', { name: /^Santa Fe NM, United States/ }).click();
    await expect(page.getByRole('button', { name: 'Living room', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await page.getByLabel('What you call it').fill('Adobe Lane 7');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await live(page);
    await page.getByLabel('House built in').fill('1962');
    await page.getByLabel('House built in').blur();
    await page
      .getByRole('navigation', { name: 'Rooms' })
      .getByRole('link', { name: /^Living room/ })
      .click();
    await toStep(page, 'Light');
    await page.getByLabel('Thick wall looks out to').fill('W');
    await page.getByLabel('Thick wall looks out to').blur();
    await page.getByRole('button', { name: 'Add a window in the west wall' }).click();
    await page.getByRole('button', { name: 'warm, 2,700 K' }).click();
    await page.getByRole('textbox', { name: /West wall, how long/ }).fill('16-6');
    await page.getByRole('textbox', { name: /North wall, how long/ }).fill('14 ft');
    await page.getByLabel('How high').fill('10-6');
    await expect(page.getByText(/16' 6" × 14' × 10' 6"/)).toBeVisible();
    await toStep(page, 'Stays');
    const dialog = page.getByRole('dialog');
    await page.getByRole('button', { name: 'Record what stays' }).click();
    await dialog.getByRole('button', { name: 'Hearth', exact: true }).click();
    await dialog.getByRole('button', { name: 'Something else, by its color' }).click();
    await dialog.getByRole('radio', { name: 'Lab' }).click();
    for (const [field, value] of [
      ['L*', '76'],
      ['a*', '4.4'],
      ['b*', '11.6'],
    ] as const)
      await dialog.getByLabel(field, { exact: true }).fill(value);
    await dialog.getByLabel('What you call it').fill('Hearth stone');
    await dialog.getByRole('button', { name: 'Done' }).click();
    await toStep(page, 'Deck');
    await page.getByLabel('Find by name or code').fill('FR 3122');
    await page.locator('[data-code="FR 3122"]').click();
    await page.getByRole('button', { name: '100 % strength' }).click();
    await toStep(page, 'Bench');
    await page.keyboard.press('w');
    await allSaved(page);
    await toStep(page, 'Samples');
    await page
      .locator('main')
      .getByRole('button', { name: /in paint|sample|board/i })
      .first()
      .click();
    await allSaved(page);
    await toStep(page, 'Decide');
    await page.getByRole('button', { name: 'All walls' }).click();
    await page
      .getByRole('button', { name: /^Take: / })
      .first()
      .click();
    await allSaved(page);
    const left: string[] = [];
    for (const step of STEP_NAMES) {
      await toStep(page, step);
      await expect(page.getByText(/^(?:computing|planning)/i)).toHaveCount(0, { timeout: 60_000 });
      left.push(...(await metricWords(page)).map((line) => `${step}: ${line}`));
    }
    const visitId = new URL(page.url()).pathname.split('/')[2]!;
    for (const paper of ['client', 'schedule', 'order']) {
      const file = await page.request.get(`${own.url}/api/visits/${visitId}/papers/${paper}-letter.pdf`);
      const { text } = await textOfPdf(await file.body());
      const all = [...text.matchAll(new RegExp(METRIC, 'g'))];
      left.push(...all.map((found) => `${paper}: ${text.slice(Math.max(0, found.index - 30), found.index + 30)}`));
    }
    expect(left).toEqual([]);
    await page.goto(`${own.url}/visits`);
    await expect(page.getByRole('link', { name: /^Adobe Lane 7/ })).toContainText('September 23, 2026');
    await expect(page.getByLabel('Find by name, client, place, room or color')).toBeVisible();
    await page.goBack();
    // paper of the place first
    await expect(page.getByRole('button', { name: /^PDF, / }).first()).toHaveText('PDF, Letter');
  });
});

test('the bench says what it shows, by itself too, and what was said', async ({ page, demo }) => {
  await page.clock.setFixedTime(new Date('2026-09-23T12:05:00Z'));
  await page.addInitScript(() => sessionStorage.setItem('elm-swatch.bench.pace', 'brisk'));
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  const heard: string[] = [];
  await page.exposeFunction('heard', (text: string) => void heard.push(text));
  await page.evaluate(() => {
    const region = document.querySelector('[data-speaks]')!;
    const tell = (globalThis as unknown as { heard: (text: string) => void }).heard;
    new MutationObserver(() => tell(region.textContent!)).observe(region, {
      childList: true,
      characterData: true,
      subtree: true,
    });
  });
  const speaks = page.locator('[data-speaks]');
  await expect(speaks).toHaveText(/^.+, \d+ %, .+, beside .+, .+$/);
  const first = await speaks.textContent();
  await page.keyboard.press('n');
  await expect(speaks).not.toHaveText(first!);
  await page.keyboard.press('o');
  await expect(speaks).toHaveText(/, overcast/);
  const judged = (await speaks.textContent())!;
  const thing = /beside (.+), overcast/.exec(judged)![1]!;
  await page.keyboard.press('e');
  await expect(speaks).toHaveText(new RegExp(`^Nearly: .*, beside ${thing}, overcast`));
  await page.keyboard.press('2');
  await page.keyboard.press('7');
  await expect(speaks).toHaveText(/^Nearly, too green, too dark: /);
  // it goes on by itself, and says to what
  await expect(speaks).not.toHaveText(new RegExp(`beside ${thing},`), { timeout: 20_000 });
  await expect.poll(() => heard.length).toBeGreaterThanOrEqual(5);
  expect(heard.at(-1)).toBe(await speaks.textContent());
});

test('Decide says what was chosen and what was taken', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'North bedroom', 'Deck');
  await page.getByLabel('Find by name or code').fill('FR 3122');
  await page.locator('[data-code="FR 3122"]').click();
  await page.getByRole('button', { name: '75 % strength' }).click();
  await toStep(page, 'Decide');
  const speaks = page.locator('[data-speaks]');
  await page.getByRole('button', { name: 'All walls' }).click();
  await expect(speaks).toHaveText('All four walls chosen');
  const take = page.getByRole('button', { name: /^Take: / }).first();
  await take.focus();
  await page.keyboard.press('Enter');
  await expect(speaks).toHaveText(/^Taken for all four walls: .+ \d+ %, .+\. .+ chosen$/);
  // the keyboard stays where it was at work
  await expect.poll(() => page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
  expect(await page.evaluate(() => document.activeElement === document.body)).toBe(false);
});

test('where a person sets their own colours, a colour stays the colour, and what is chosen has more than weight', async ({
  browser,
  demo,
}) => {
  const context = await browser.newContext({ forcedColors: 'active', serviceWorkers: 'block' });
  const page = await context.newPage();
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  const patches = await page
    .locator('[data-bench-cell] [data-patch]')
    .evaluateAll((all) => all.map((e) => [(e as HTMLElement).dataset['patch'], getComputedStyle(e).backgroundColor] as const));
  expect(patches.length).toBeGreaterThan(2);
  const rgb = (hex: string) => `rgb(${[1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16)).join(', ')})`;
  for (const [hex, shown] of patches) if (/^#[0-9a-f]{6}$/.test(hex!)) expect(shown).toBe(rgb(hex!));
  const [on, off] = await page
    .getByRole('radiogroup', { name: 'Who says it' })
    .getByRole('radio')
    .evaluateAll((all) => all.map((e) => getComputedStyle(e).backgroundColor));
  expect(on).not.toBe(off);
  await context.close();
});

test('letters find what begins with them in a list, and switch nothing on', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Light');
  const lamps = page
    .getByRole('button', { name: /^lamps/i })
    .or(page.getByRole('switch', { name: /lamps/i }))
    .first();
  const before = await lamps.getAttribute('aria-pressed');
  const ground = page.getByLabel('The ground outside').or(page.getByLabel('Ground')).first();
  await ground.focus();
  await page.keyboard.type('lawn');
  expect(await lamps.getAttribute('aria-pressed')).toBe(before);
});

test('Escape leaves the client’s picks; a dialog gives the focus back to what opened it', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  await page.getByRole('button', { name: 'Let the client pick between two' }).click();
  await expect(page.getByRole('heading', { name: /the client picks/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: /the client picks/ })).toBeHidden();
  await toStep(page, 'Stays');
  const change = page.getByRole('button', { name: 'Change', exact: true }).first();
  await change.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(change).toBeFocused();
  // a download leaves it where it was; a look takes it along into the work
  await toStep(page, 'Hand over');
  const pdf = page.getByRole('button', { name: /^PDF, / }).first();
  await pdf.focus();
  await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
  await expect(pdf).toBeFocused();
  await toStep(page, 'Looks');
  const look = page
    .getByRole('listitem')
    .getByRole('button', { name: /^Look( \d)?$/ })
    .first();
  await look.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Bench' })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await expect.poll(() => page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
});

/** Parts of a step that reach over the right edge without being scrolled there. */
const cutOff = (page: Page) =>
  page.evaluate(() => {
    const scrolls = (e: Element | null): boolean =>
      e !== null && (['auto', 'scroll'].includes(getComputedStyle(e).overflowX) || scrolls(e.parentElement));
    return [...document.querySelectorAll('main button, main a, main select, main input, main h1, main p')]
      .filter((e) => {
        const box = e.getBoundingClientRect();
        const main = e.closest('main')!;
        return box.width > 1 && box.right > innerWidth + 1 && !scrolls(e.parentElement === main ? null : e.parentElement);
      })
      .map((e) => `${e.tagName} ${(e.textContent ?? '').slice(0, 40)}`);
  });

for (const [name, size, keeps] of [
  ['on a phone', { width: 390, height: 844 }, 240],
  ['at 200 % of 1280 × 800', { width: 640, height: 400 }, 60],
] as const)
  test(`${name} every step works: nothing is cut off, and its work has room`, async ({ browser, demo }) => {
    const context = await browser.newContext({ viewport: size, serviceWorkers: 'block' });
    const page = await context.newPage();
    await openRoom(page, demo.url, 'Sitting room', 'Brief');
    const wrong: string[] = [];
    for (const step of STEP_NAMES) {
      await toStep(page, step);
      await expect(page.locator('main h1').first()).toBeVisible();
      const room = await page.locator('main').evaluate((e) => e.clientHeight);
      if (room < keeps) wrong.push(`${step}: ${room} px are left for it`);
      wrong.push(...(await cutOff(page)).map((what) => `${step}: ${what}`));
    }
    expect(wrong).toEqual([]);
    await context.close();
  });

test('on a phone the bench names colour and thing in full, and nothing lies over a strength', async ({ browser, demo }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  await expect(page.getByText(/Ferrowmere FR 3122 · LRV \d+ · colour 1 of \d/)).toBeVisible();
  const clipped = await page
    .locator('[data-bench-cell] *')
    .evaluateAll((all) => all.filter((e) => getComputedStyle(e).textOverflow === 'ellipsis').length);
  expect(clipped).toBe(0);
  const out = await page
    .getByRole('button', { name: /^Take 100 % out of this room/ })
    .locator('span')
    .boundingBox();
  const says = await page.getByRole('group', { name: 'Strengths' }).getByText('100 %', { exact: true }).boundingBox();
  expect(out!.y >= says!.y + says!.height || out!.x >= says!.x + says!.width || out!.x + out!.width <= says!.x).toBe(true);
  await context.close();
});

test('on a phone the choices for a surface open where the finger is, and say what was tapped', async ({ browser, demo }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
  const page = await context.newPage();
  await openRoom(page, demo.url, 'Sitting room', 'Decide');
  await page
    .locator('[data-surface=wall-0]')
    .first()
    .tap({ position: { x: 12, y: 60 } });
  const sheet = page.getByRole('dialog', { name: 'West wall' });
  await expect(sheet.getByRole('button', { name: /^Take/ }).first()).toBeInViewport();
  await expect(page.locator('[aria-label^="The room unfolded"]')).toBeInViewport();
  await sheet.getByRole('button', { name: 'Close' }).tap();
  await expect(sheet).toBeHidden();
  await context.close();
});

test('a window is dragged along its wall, and moved by keys', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Kitchen', 'Light');
  const window = page.getByRole('slider', { name: /^Window 1 in the/ });
  const before = await window.getAttribute('aria-valuenow');
  const box = (await window.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let k = 1; k <= 6; k++) await page.mouse.move(x + 4 * k, y + 4 * k);
  await page.mouse.up();
  await expect(window).not.toHaveAttribute('aria-valuenow', before!);
  const dragged = Number(await window.getAttribute('aria-valuenow'));
  await window.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => Number(await window.getAttribute('aria-valuenow'))).toBeCloseTo(Math.max(0, dragged - 0.05), 2);
  await allSaved(page);
});

test('a room without a window is asked for its lamps, and is read when they are there', async ({ page, own }) => {
  await page.goto(`${own.url}/visits`);
  await page.getByRole('link', { name: 'Start a visit' }).click();
  await page.getByLabel('Town or city').fill('Ghent');
  await page.getByRole('button', { name: /^Ghent \(Gent\)/ }).click();
  await page.getByLabel('What you call it').fill('Lantern Yard 3');
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await live(page);
  await toStep(page, 'Light');
  const tab = page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: /^Hall/ });
  await page.getByRole('checkbox', { name: 'It has no window' }).click();
  await expect(page.getByText('Now its lamps, below:')).toBeVisible();
  await expect(tab).not.toContainText('light read');
  await page.getByRole('button', { name: 'warm, 2,700 K' }).click();
  await expect(tab).toContainText('light read');
  await page.getByLabel('Daylight comes in by the door from').selectOption('Kitchen');
  await expect(page.getByText(/What comes in by a door is not computed/)).toBeVisible();
  // at once, within the pause before it is written
  await page.reload();
  await live(page);
  await expect(page.getByLabel('Daylight comes in by the door from')).toHaveValue('Kitchen');
});
