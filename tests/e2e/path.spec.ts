import { readFileSync } from 'node:fs';
import { roomRecordSchema } from '@/core/formats/room-record';
import { saidBy, STEP_NAMES } from './demo';
import { seriousFindings } from './axe';
import { keyboard, touch, type Hand } from './hand';
import { expect, test, type Page } from './server';

const saved = (page: Page) => expect(page.locator('[data-unsaved="0"][data-saving="saved"]')).toBeAttached();
const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name, exact: true });

async function startVisit(page: Page, hand: Hand, label: string) {
  await hand.press(page.getByRole('link', { name: 'Start a visit' }));
  await hand.type(page.getByLabel('Town or city'), 'Edinburgh');
  await hand.press(page.getByRole('button', { name: /^Edinburgh Scotland, United Kingdom/ }));
  await expect(page.getByTestId('place-facts')).toContainText('Europe/London');
  for (const unwanted of ['Hall', 'Main bedroom']) await hand.press(page.getByRole('button', { name: unwanted, exact: true }));
  await hand.type(page.getByLabel('What you call it'), label);
  await hand.press(page.getByRole('button', { name: 'Start', exact: true }));
  await expect(page.getByRole('heading', { level: 1, name: label })).toBeVisible();
}

async function readLight(page: Page, hand: Hand) {
  await hand.press(step(page, 'Light'));
  await hand.type(page.getByLabel('Thick wall looks out to'), 'S');
  await hand.press(page.getByRole('button', { name: 'Add a window in the south wall' }));
  await expect(page.getByText('warm', { exact: true })).toBeVisible();
  await hand.press(page.getByRole('button', { name: 'warm, 2,700 K' }));
  await hand.press(page.getByRole('button', { name: 'Read the wall' }));
  const dialog = page.getByRole('dialog');
  await hand.pick(dialog.getByRole('radiogroup', { name: 'Where the colour comes from' }), 'Hex');
  await hand.type(dialog.getByLabel('Hex value'), '#efe0c4');
  await hand.press(dialog.getByRole('button', { name: 'Done' }));
  await expect(page.getByText('hex #efe0c4')).toBeVisible();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
}

/** Three readings that agree; a reading that is off is refused and taken again. */
async function readColorimeter(page: Page, hand: Hand, surface: string) {
  const dialog = page.getByRole('dialog');
  await hand.press(dialog.getByRole('button', { name: /^Try it out with a simulated colorimeter/ }));
  await expect(dialog.getByText('Simulated colorimeter: its readings are made up')).toBeVisible();
  await hand.choose(dialog.getByLabel('Put it on'), surface);
  const settled = dialog.getByText(/colorimeter \(simulated\), 3 readings, spread ΔE/);
  const button = dialog.getByRole('button', { name: /^Read/ });
  // one reading after the other, until three agree
  await expect(async () => {
    if (await settled.isVisible()) return;
    if (await button.isEnabled()) await hand.press(button);
    await expect(settled).toBeVisible({ timeout: 700 });
  }).toPass({ timeout: 60_000 });
}

async function recordStays(page: Page, hand: Hand) {
  await hand.press(step(page, 'Stays'));
  await hand.press(page.getByRole('button', { name: 'Record what stays' }));
  const dialog = page.getByRole('dialog');
  const ways = dialog.getByRole('radiogroup', { name: 'Where the colour comes from' });
  const own = async (kind: string) => {
    await hand.press(dialog.getByRole('button', { name: kind, exact: true }));
    await hand.press(dialog.getByRole('button', { name: 'Something else, by its colour' }));
  };
  await own('Hearth');
  await hand.pick(ways, 'Instrument');
  await readColorimeter(page, hand, 'Hearth stone, field');
  await hand.type(dialog.getByLabel('What you call it'), 'Hearth stone');
  await hand.press(dialog.getByRole('button', { name: 'Veining, flecks, another colour' }));
  await hand.press(dialog.getByRole('button', { name: 'band', exact: true }));
  await hand.pick(ways, 'Lab');
  for (const [field, value] of [
    ['L*', '68.9'],
    ['a*', '6.3'],
    ['b*', '15.1'],
  ] as const)
    await hand.type(dialog.getByLabel(field, { exact: true }), value);
  await expect(dialog.getByText('Lab, typed')).toBeVisible();
  await hand.press(dialog.getByRole('button', { name: 'Done' }));
  await expect(page.getByRole('heading', { name: 'Hearth stone' })).toBeVisible();
  await hand.press(page.getByRole('button', { name: 'Record what stays' }));
  await own('Sofa');
  await hand.pick(ways, 'Deck');
  await hand.type(dialog.getByLabel('Find by name or code'), 'fr3013');
  await hand.press(dialog.getByRole('button', { name: /FR 3013/ }));
  await hand.press(dialog.getByRole('button', { name: 'Done' }));
  await expect(page.getByRole('heading', { name: 'Sofa' })).toBeVisible();
  await saved(page);
}

async function pickCandidates(page: Page, hand: Hand) {
  await hand.press(step(page, 'Deck'));
  await hand.type(page.getByLabel('Find by name or code'), 'FR 3123');
  await hand.press(page.locator('[data-code="FR 3123"]'));
  await expect(page.getByRole('note').getByText('Same name, another colour:')).toBeVisible();
  for (const percent of ['100 % strength', '75 % strength', '25 % strength']) {
    const toggle = page.getByRole('button', { name: percent });
    await hand.press(toggle);
    await expect(toggle).toHaveAttribute('aria-pressed', 'true');
  }
  await hand.press(page.getByRole('link', { name: 'To the bench' }));
  await expect(page.getByRole('heading', { name: /at 100 %/ })).toBeVisible();
}

async function checkRecord(page: Page, hand: Hand) {
  await hand.press(step(page, 'Record'));
  await expect(page.locator('[data-row="FR 3123/100"] [data-ruling]')).toHaveAttribute('data-ruling', 'not');
  await expect(
    page.locator('[data-row="FR 3123/100"]').getByText(/^too green beside Hearth stone, (day without sun|sun from the \w+)/),
  ).toBeVisible();
  await expect(page.locator('[data-row="FR 3123/75"] [data-ruling]')).toHaveAttribute('data-ruling', 'open');
  await hand.press(page.getByRole('button', { name: /Set the ruling on .* at 75 % by hand/ }));
  await hand.pick(page.getByRole('dialog').getByRole('radiogroup', { name: 'Ruling' }), 'Works here');
  await hand.type(page.getByRole('dialog').getByLabel('Why'), 'The client is sure');
  await hand.press(page.getByRole('dialog').getByRole('button', { name: 'Keep this ruling' }));
  await expect(page.locator('[data-row="FR 3123/75"]').getByText('set by hand')).toBeVisible();
  await expect(page.locator('[data-row="FR 3123/75"]').getByText(/derived: still open/)).toBeVisible();
  await saved(page);
}

/** Says that everything works in every light, takes the ruling set by hand back, and finds the room settled. */
async function settle(page: Page, hand: Hand, works: () => Promise<void>, next: { light: string; thing: () => Promise<void> }[]) {
  await hand.press(step(page, 'Bench'));
  await expect(page.getByRole('heading', { name: /at 100 %/ })).toBeVisible();
  await hand.press(page.getByRole('button', { name: '75 % strength (colourant cut by a quarter)' }));
  await expect(page.getByRole('heading', { name: /at 75 %/ })).toBeVisible();
  for (const { light, thing } of next) {
    await thing();
    await expect(page.getByRole('region', { name: 'Your eye' })).toContainText(light);
    await works();
    await expect(saidBy(page, 'consultant')).toContainText(`${light}: works`);
  }
  await saved(page);
  await hand.press(step(page, 'Record'));
  await hand.press(page.getByRole('button', { name: /Set the ruling on .* at 75 % by hand/ }));
  await hand.pick(page.getByRole('dialog').getByRole('radiogroup', { name: 'Ruling' }), 'As derived');
  await hand.press(page.getByRole('dialog').getByRole('button', { name: 'Keep this ruling' }));
  await expect(page.locator('[data-row="FR 3123/75"] [data-ruling]')).toHaveAttribute('data-ruling', 'works');
  await expect(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: /^Sitting room/ })).toContainText(
    'settled, 1 works',
  );
  await saved(page);
}

/** Every wall is decided and signed, and the painter's schedule is taken away as a file. */
async function toThePapers(page: Page, hand: Hand) {
  await hand.press(step(page, 'Decide'));
  await hand.press(page.getByRole('button', { name: 'All walls', exact: true }));
  await hand.press(page.getByRole('button', { name: /^Take: / }).first());
  await expect(page.locator('[data-speaks]')).toHaveText(/^Taken for all four walls: /);
  await saved(page);
  await hand.press(page.getByRole('button', { name: 'Sign', exact: true }));
  const dialog = page.getByRole('dialog');
  await hand.type(dialog.getByLabel('Signed by'), 'Ines Marlow');
  await hand.press(dialog.getByRole('button', { name: /^Sign \d+ surfaces/ }));
  await expect(dialog).toBeHidden();
  await hand.press(step(page, 'Hand over'));
  const made = page.getByRole('button', { name: 'PDF, A4' }).first();
  const [file] = await Promise.all([page.waitForEvent('download'), hand.press(made)]);
  expect(file.suggestedFilename()).toMatch(/a4\.pdf$/);
}

/** The same at another hour of the home's clock, summer time. */
const later = (page: Page, clock: string, then: () => Promise<unknown>) => async () => {
  const [hours, minutes] = clock.split(':').map(Number);
  await page.clock.setFixedTime(new Date(Date.UTC(2026, 8, 23, hours! - 1, minutes)));
  await then();
};

/** No step of a visit begun from nothing has a serious finding. */
async function lookThrough(page: Page) {
  for (const name of STEP_NAMES) {
    await step(page, name).click();
    await expect(step(page, name)).toHaveAttribute('aria-current', 'step');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await seriousFindings(page)).toEqual([]);
  }
}

async function takeAway(page: Page, hand: Hand) {
  const download = async (name: string) => {
    const [file] = await Promise.all([page.waitForEvent('download'), hand.press(page.getByRole('link', { name, exact: true }))]);
    return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
  };
  const csv = await download('CSV');
  expect(csv.name).toMatch(/Sitting room record\.csv$/);
  expect(csv.text).toContain('too-green');
  expect(csv.text.split('\r\n')[0]).toContain('strength_percent');
  const json = roomRecordSchema.parse(JSON.parse((await download('JSON')).text));
  expect(json.candidates.map((c) => [c.strengthPercent, c.ruling, c.rulingBy])).toEqual([
    [100, 'not', 'derived'],
    [75, 'works', 'hand'],
    [25, 'untried', 'derived'],
  ]);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Steps' })).toBeHidden();
  const printed = page.getByRole('article', { name: 'Room record: Sitting room' });
  await expect(printed).toBeVisible();
  await expect(printed.getByText(/75 % strength \(colourant cut by a quarter\)/)).toBeVisible();
  await expect(page.getByRole('table', { name: /^Candidates and strengths/ })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
}

test('the whole path by keyboard alone, from the list to the papers', async ({ page, own }) => {
  const hand = keyboard(page);
  await page.goto(`${own.url}/visits`);
  await startVisit(page, hand, 'Keyboard Row 1');
  await readLight(page, hand);
  await recordStays(page, hand);
  await pickCandidates(page, hand);
  await expect(page.getByTestId('hidden')).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByTestId('computed')).toBeVisible();
  await expect(page.getByRole('button', { name: /^No/ })).toHaveAttribute('aria-pressed', 'true');
  const green = page.getByRole('group', { name: 'Why, as many as are true: too …' }).getByRole('button', { name: /too green/ });
  await page.keyboard.press((await green.textContent())!.trim()[0]!);
  await expect(green).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^Sofa, .* · 2 of 2$/)).toBeVisible();
  await page.keyboard.press('w');
  await page.keyboard.press('z');
  await expect(page.locator('[data-verdict]')).toHaveCount(0);
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('heading', { name: /at 75 %/ })).toBeVisible();
  await page.keyboard.press('c');
  await page.keyboard.press('o');
  await page.keyboard.press('w');
  await expect(saidBy(page, 'client')).toContainText('overcast: works');
  await saved(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys and guide' })).toBeVisible();
  await page.keyboard.press('Escape');
  await checkRecord(page, hand);
  await takeAway(page, hand);
  const key =
    (...keys: string[]) =>
    async () => {
      for (const k of keys) await page.keyboard.press(k);
    };
  await settle(page, hand, key('w'), [
    { light: 'sun from the south', thing: key('c', 'd') },
    { light: 'overcast', thing: key('o') },
    // the day goes on: the sun leaves the room, then it is dark and the lamps are on
    { light: 'day without sun', thing: later(page, '18:30', key('t', 'd')) },
    { light: 'lamps', thing: later(page, '21:00', key('t')) },
    { light: 'lamps', thing: key('ArrowRight') },
  ]);
  await toThePapers(page, hand);
  await lookThrough(page);
});

test.describe('by touch on a tablet', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test('the whole path by touch', async ({ page, own }) => {
    await page.goto(`${own.url}/visits`);
    await startVisit(page, touch, 'Touch Row 2');
    await readLight(page, touch);
    await recordStays(page, touch);
    await pickCandidates(page, touch);
    await page.getByRole('button', { name: /^No/ }).tap();
    await page
      .getByRole('group', { name: 'Why, as many as are true: too …' })
      .getByRole('button', { name: /too green/ })
      .tap();
    await page.getByRole('button', { name: 'Next thing that stays' }).tap();
    await page.getByRole('button', { name: /^Works/ }).tap();
    await page.getByRole('button', { name: /^Undo/ }).tap();
    await expect(page.locator('[data-verdict]')).toHaveCount(0);
    await page.getByRole('button', { name: '75 % strength (colourant cut by a quarter)' }).tap();
    await touch.pick(page.getByRole('radiogroup', { name: 'Who says it' }), /client/);
    await touch.pick(page.getByRole('radiogroup', { name: 'Sky' }), /overcast/);
    await page.getByRole('button', { name: /^Works/ }).tap();
    await expect(saidBy(page, 'client')).toContainText('overcast: works');
    await saved(page);
    await checkRecord(page, touch);
    await takeAway(page, touch);
    const sky = (name: RegExp) => touch.pick(page.getByRole('radiogroup', { name: 'Sky' }), name);
    const works = () => page.getByRole('button', { name: /^Works/ }).tap();
    const now = () => page.getByRole('button', { name: /^now/ }).tap();
    await step(page, 'Bench').tap();
    await touch.pick(page.getByRole('radiogroup', { name: 'Who says it' }), /consultant/);
    await settle(page, touch, works, [
      { light: 'sun from the south', thing: () => sky(/clear/) },
      { light: 'overcast', thing: () => sky(/overcast/) },
      {
        light: 'day without sun',
        thing: later(page, '18:30', async () => {
          await now();
          await sky(/clear/);
        }),
      },
      { light: 'lamps', thing: later(page, '21:00', now) },
      { light: 'lamps', thing: () => page.getByRole('button', { name: 'Next thing that stays' }).tap() },
    ]);
    await lookThrough(page);
  });
});
