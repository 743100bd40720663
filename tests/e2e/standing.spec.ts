import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from './chromium';
import { openRoom } from './demo';
import { seriousFindings } from './axe';
import { textOfPdf } from './pdf-text';
import { expect, test } from './server';

/** A browser of its own, that draws in space without a graphics card, or not at all. */
async function withBrowser(args: readonly string[], work: (page: Page) => Promise<void>): Promise<void> {
  const browser = await chromium.launch({ ...CHROMIUM, args: ['--no-sandbox', ...args] });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await work(await context.newPage());
  } finally {
    await browser.close();
  }
}
const stand = async (page: Page, url: string) => {
  await openRoom(page, url, 'Sitting room', 'Light');
  await page.getByRole('radio', { name: 'Standing in it' }).click();
};

test('one stands in the room, turns, and puts a colour on the walls; a still is kept', async ({ demo }) => {
  await withBrowser(['--use-angle=swiftshader', '--enable-unsafe-swiftshader'], async (page) => {
    await stand(page, demo.url);
    const picture = page.getByRole('img', { name: /^Sitting room as one stands in it, the walls as they are/ });
    await expect(picture).toHaveAttribute('data-shown', 'room');
    await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
    const shot = async () => (await page.locator('canvas[data-shown]').screenshot()).toString('base64');
    const first = await shot();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(async () => (await shot()) !== first).toBe(true);
    await page.keyboard.press('Shift+ArrowLeft');
    await expect.poll(async () => (await shot()) === first).toBe(true);
    await page.keyboard.press('2');
    await expect(page.getByRole('img', { name: /on all walls, predicted/ })).toBeVisible();
    await expect.poll(async () => (await shot()) !== first).toBe(true);
    const [still] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the picture' }).click(),
    ]);
    expect(still.suggestedFilename()).toMatch(/^Sitting room at .*, predicted\.png$/);
    expect(await seriousFindings(page)).toEqual([]);
  });
});

test('half of each wall in another colour, as decided, a room of any plan, and a day in ten seconds; turning is fluent', async ({
  demo,
}) => {
  await withBrowser(['--use-angle=swiftshader', '--enable-unsafe-swiftshader'], async (page) => {
    await stand(page, demo.url);
    await expect(page.getByRole('img', { name: /as one stands in it/ })).toHaveAttribute('data-shown', 'room');
    const shot = async () => (await page.locator('canvas[data-shown]').screenshot()).toString('base64');
    const first = await shot();
    await page.getByLabel('On the walls').selectOption('as decided');
    await expect(page.getByRole('img', { name: /the walls as decided, predicted/ })).toBeVisible();
    await expect.poll(async () => (await shot()) !== first).toBe(true);
    const decided = await shot();
    await page.getByLabel('Right half of each wall').selectOption({ index: 3 });
    await expect(page.getByRole('img', { name: /the right half of each .+ %, predicted/ })).toBeVisible();
    await expect.poll(async () => (await shot()) !== decided).toBe(true);
    await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
    // drawn anew at every step of a turn: so many a second without a graphics card
    const perSecond = await page.evaluate(async () => {
      const from = performance.now();
      let frames = 0;
      while (performance.now() - from < 2000) {
        window.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', shiftKey: true }));
        await new Promise(requestAnimationFrame);
        frames += 1;
      }
      return (1000 * frames) / (performance.now() - from);
    });
    console.info(`standing in a room: ${perSecond.toFixed(0)} pictures a second while turning`);
    expect(perSecond).toBeGreaterThan(5);
    const clock = page.getByRole('slider', { name: 'Time of day' });
    const before = await clock.getAttribute('aria-valuetext');
    await page.getByRole('button', { name: 'A day in ten seconds' }).click();
    await expect.poll(() => clock.getAttribute('aria-valuetext'), { timeout: 20_000 }).not.toBe(before);
    await page.getByRole('button', { name: 'A day in ten seconds' }).click();
    await expect(page.getByRole('button', { name: 'A day in ten seconds' })).toHaveAttribute('aria-pressed', 'false');
    expect(await seriousFindings(page)).toEqual([]);
    await page.goto(`${demo.url}/visits`);
    await page.getByRole('link', { name: /^Orchard Lane 3/ }).click();
    await page.locator('[data-live=true]').waitFor();
    await page
      .getByRole('navigation', { name: 'Rooms' })
      .getByRole('link', { name: /^Attic bedroom/ })
      .click();
    await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Light', exact: true }).click();
    await page.getByRole('radio', { name: 'Standing in it' }).click();
    await expect(page.getByRole('img', { name: /^Attic bedroom as one stands in it/ })).toHaveAttribute('data-shown', 'room', {
      timeout: 20_000,
    });
  });
});

test('two schemes side by side, a step, a tap on the plan, and through the door into the next room', async ({ demo }) => {
  await withBrowser(['--use-angle=swiftshader', '--enable-unsafe-swiftshader'], async (page) => {
    await stand(page, demo.url);
    const pictures = page.locator('canvas[data-shown=room]');
    await expect(pictures).toHaveCount(1);
    await page.getByLabel('On the walls').selectOption('as decided');
    await page.getByLabel('Side by side with').selectOption({ index: 3 });
    await expect(pictures).toHaveCount(2);
    const scheme = await page.getByLabel('Side by side with').locator('option:checked').textContent();
    await expect(page.getByText(`scheme ${scheme}`, { exact: true })).toBeVisible();
    await expect(page.getByLabel('Right half of each wall')).toBeHidden();
    await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
    expect(await seriousFindings(page)).toEqual([]);
    await page.getByLabel('Side by side with').selectOption('nothing');
    await expect(pictures).toHaveCount(1);
    await page.keyboard.press('Shift+W');
    await expect(page.getByLabel('Stand', { exact: true })).toHaveValue('here');
    await page.getByLabel('Stand', { exact: true }).selectOption('in the middle');
    await page.getByRole('img', { name: 'The plan: tap where to stand' }).click({ position: { x: 110, y: 60 } });
    await expect(page.getByLabel('Stand', { exact: true })).toHaveValue('here');
    await page.getByRole('link', { name: 'Into Hall' }).click();
    await expect(page.getByRole('img', { name: /^Hall as one stands in it/ })).toHaveAttribute('data-shown', 'room');
    await expect(page.getByLabel('Stand', { exact: true })).toHaveValue(/^door-/);
    await page.getByRole('link', { name: 'Into Sitting room' }).click();
    await expect(page.getByRole('img', { name: /^Sitting room as one stands in it/ })).toHaveAttribute('data-shown', 'room');
  });
});

test('a picture goes onto the client’s sheet as predicted, with a room in which nothing is decided, and is taken away again', async ({
  demo,
}) => {
  await withBrowser(['--use-angle=swiftshader', '--enable-unsafe-swiftshader'], async (page) => {
    await page.goto(`${demo.url}/visits`);
    await page.getByRole('link', { name: /^Orchard Lane 3/ }).click();
    await page.locator('[data-live=true]').waitFor();
    const step = (name: string) =>
      page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name, exact: true }).click();
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: /^Hall/ }).click();
    await step('Light');
    await page.getByRole('radio', { name: 'Standing in it' }).click();
    await expect(page.getByRole('img', { name: /^Hall as one stands in it/ })).toHaveAttribute('data-shown', 'room');
    await page.getByRole('button', { name: 'Onto the client’s sheet' }).click();
    await expect(page.getByText(/^On the client’s sheet, as predicted/)).toBeVisible();
    await page.getByText('All saved').waitFor();
    const visitId = new URL(page.url()).pathname.split('/')[2]!;
    const pdf = await page.request.get(`${demo.url}/api/visits/${visitId}/papers/client-a4.pdf`);
    const { text } = await textOfPdf(await pdf.body());
    expect(text).toMatch(/Predicted, no photograph: the walls as they are, \d+ \w+, \d\d:\d\d, (clear sky|broken sky|overcast)/);
    expect(text).toContain('Nothing is decided yet in: Hall');
    expect((await pdf.body()).includes('/Subtype /Image')).toBe(true);
    await step('Record');
    await page.getByRole('radio', { name: /^Photographs/ }).click();
    const still = page.locator('[data-still]');
    await expect(still.getByText(/^Predicted: the walls as they are/)).toBeVisible();
    await expect(page.locator('[data-photo]')).toHaveCount(0);
    await still.getByRole('button', { name: /^Take away the picture/ }).click();
    await expect(still).toHaveCount(0);
    await page.keyboard.press('Control+z');
    await expect(still).toHaveCount(1);
  });
});

test('a browser that cannot draw in space says so, and where the walls are drawn flat', async ({ demo }) => {
  await withBrowser(['--disable-gpu', '--disable-3d-apis'], async (page) => {
    await stand(page, demo.url);
    await expect(page.getByRole('alert').filter({ hasText: 'cannot draw in space' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save the picture' })).toBeDisabled();
    await expect(page.getByRole('button', { name: 'Onto the client’s sheet' })).toBeDisabled();
  });
});
