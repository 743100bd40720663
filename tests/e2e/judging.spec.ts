import { all } from '../all';
import { allSaved, openRoom, recordOf, saidBy } from './demo';
import { expect, test, type Page } from './server';

const radio = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });

test('the computed verdict is hidden until the eye has spoken, and the time is kept; shown at once it stands in no bold', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  // a pair that no other test says anything of
  for (const key of ['n', 'ArrowRight', 'ArrowRight', 'o']) await page.keyboard.press(key);
  await expect(page.getByText(/^Tile, .* · 3 of 4$/)).toBeVisible();
  await expect(page.getByTestId('hidden')).toBeVisible();
  await page.keyboard.press('g');
  const weight = () => page.getByTestId('computed').evaluate((e) => Number(getComputedStyle(e).fontWeight));
  expect(await weight()).toBeLessThan(500);
  await page.keyboard.press('g');
  await expect(page.getByTestId('hidden')).toBeVisible();
  await expect(page.getByTestId('computed')).toBeHidden();
  await page.keyboard.press('r');
  await expect(page.getByTestId('computed')).toBeVisible();
  await expect(page.getByText(/the eye took \d+\.\d s/)).toBeVisible();
  expect(await weight()).toBeGreaterThanOrEqual(600);
  await allSaved(page);
  const said = (await recordOf(page)).candidates[1]!.verdicts.at(-1)!;
  expect(said).toMatchObject({ verdict: 'no', light: 'overcast', moment: { sky: 'overcast', lampsOn: false } });
  expect(said.firstGlanceMs).toBeGreaterThan(0);
  // a second look at the same pair is no first glance
  await page.keyboard.press('w');
  await allSaved(page);
  expect((await recordOf(page)).candidates[1]!.verdicts.at(-1)).toMatchObject({ verdict: 'works', firstGlanceMs: null });
});

test('judging on a wall that will be painted is warned of, with what it does to the eye', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  const ground = async (name: string) => {
    await page.getByRole('button', { name: /^How it is judged/ }).click();
    await radio(page, name).click();
    await page.keyboard.press('Escape');
  };
  await ground('the old wall');
  const alert = page.getByRole('main').getByRole('alert');
  await expect(alert).toContainText('Wrong ground: this wall will be painted.');
  await expect(alert).toContainText(/looks (a little |much )?(greener|pinker|bluer|yellower|greyer|stronger|darker|lighter)/);
  await alert.getByRole('button', { name: 'Back to neutral grey' }).click();
  await expect(alert).toBeHidden();
  await ground('black');
  await expect(page.locator('[data-ground="black"]')).toBeVisible();
  await expect(alert).toBeHidden();
});

test('a pair beside one thing, beside all of them, alone, at two strengths, and slid from window to lamp', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  const view = (name: string) => expect(page.locator(`[data-bench-view="${name}"]`)).toBeVisible();
  await page.keyboard.press('a');
  await view('all');
  await page.getByRole('button', { name: /^Judge beside Sofa/ }).click();
  await expect(page.getByRole('button', { name: /^Judge beside Sofa/ })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('i');
  await view('alone');
  await expect(page.getByRole('img', { name: /^Sofa/ })).toHaveCount(0);
  await page.keyboard.press('s');
  await view('split');
  await expect(page.getByRole('img', { name: /at 75 %: / })).toBeVisible();
  await radio(page, 'Slide').click();
  await expect(page.getByText('Held at 45° toward the window')).toBeVisible();
  await expect(page.getByText('window', { exact: true })).toBeVisible();
  await radio(page, 'One').click();
  await view('one');
});

test('after a verdict at most three things to look at next, a strength of what is there before a new colour', async ({
  page,
  demo,
}) => {
  await page.clock.setFixedTime(new Date('2026-09-23T12:05:00Z'));
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  const next = page.getByRole('group', { name: 'Look at next' });
  await page.keyboard.press('n');
  await page.keyboard.press('e');
  await expect(next).toHaveAttribute('aria-busy', 'false');
  const proposals = next.locator('[data-proposal]');
  await expect(proposals.first()).toContainText(/\d+ % likely/);
  await expect(proposals.first()).toContainText(/narrows by \d+ %/);
  expect(await proposals.count()).toBeLessThanOrEqual(3);
  await expect(next).toContainText(/could still be it/);
  const words = await proposals.allTextContents();
  const own = words.map((w) => / % of /.test(w));
  expect(own.indexOf(false) === -1 || own.lastIndexOf(true) < own.indexOf(false)).toBe(true);
  // painted as it looks in the light at the cursor, like everything on the bench
  const shade = () =>
    proposals
      .first()
      .getByRole('img')
      .evaluate((e) => getComputedStyle(e).backgroundColor);
  const inLight = await shade();
  await page.keyboard.press('v');
  await expect.poll(shade).not.toBe(inLight);
  await page.keyboard.press('v');
  await expect.poll(shade).toBe(inLight);
  const before = (await recordOf(page)).candidates.length;
  const [id, strength] = (await proposals.first().getAttribute('data-proposal'))!.split('@');
  await page.keyboard.press('f');
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(`at ${strength} %`) })).toBeVisible();
  expect(id).toBeTruthy();
  await allSaved(page);
  const after = await recordOf(page);
  expect(after.candidates.length).toBeGreaterThanOrEqual(before);
  expect(after.candidates.some((c) => c.strengthPercent === Number(strength))).toBe(true);
});

test('the client’s reaction by one tap is to the colour: the same beside the next thing, none on the next colour, in the record, and taken back', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Hall', 'Bench');
  const button = page.getByRole('group', { name: 'The client’s reaction' }).getByRole('button', { name: 'dislikes' });
  await expect(button).toHaveAttribute('aria-pressed', 'false');
  const verdicts = (await recordOf(page)).candidates[0]!.verdicts.length;
  await button.click();
  await expect(button).toHaveAttribute('aria-pressed', 'true');
  await allSaved(page);
  await page.keyboard.press('ArrowRight');
  await expect(button).toHaveAttribute('aria-pressed', 'true');
  const disliked = (await recordOf(page)).candidates[0]!;
  expect(disliked.verdicts).toHaveLength(verdicts);
  expect(disliked.reactions).toMatchObject([{ reaction: 'dislikes', seen: 'in-room', undone: false }]);
  expect([disliked.derivedRuling, disliked.derivedWhy]).toEqual(['not', 'the client dislikes it']);
  await page.keyboard.press('n');
  await expect(button).toHaveAttribute('aria-pressed', 'false');
  await page.keyboard.press('p');
  await button.click();
  await expect(button).toHaveAttribute('aria-pressed', 'false');
  await allSaved(page);
  expect((await recordOf(page)).candidates[0]!.derivedRuling).not.toBe('not');
});

test('the client picks between two until the ranking is settled; a tap can be taken back', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  await page.getByRole('button', { name: 'Let the client pick between two' }).click();
  const pair = page.locator('[data-pair]');
  await expect(pair).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('1 choice', { exact: true })).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByText('no choice yet', { exact: true })).toBeVisible();
  // one is always taken over every other one
  const favourite = (await pair.getAttribute('data-pair'))!.split(' ')[1]!;
  for (let taps = 0; taps < 30 && (await pair.isVisible()); taps++) {
    const [left, right] = (await pair.getAttribute('data-pair'))!.split(' ');
    const side = right === favourite || (left !== favourite && left! > right!) ? 'right' : 'left';
    await page.getByRole('button', { name: new RegExp(`^Take the ${side} one`) }).click();
    await expect(page.getByText(new RegExp(`^${taps + 1} choices?$`))).toBeVisible();
  }
  const settled = page.getByText(/^Settled: /);
  await expect(settled).toBeVisible();
  const ranking = page.getByRole('list', { name: 'The client’s ranking' });
  await expect(ranking.getByRole('listitem').first()).toContainText(/9\d % sure/);
  await allSaved(page);
  const record = await recordOf(page);
  const first = record.candidates.find((c) => c.id === favourite)!;
  await expect(settled).toHaveText(`Settled: ${first.name} ${first.strengthPercent} %`);
  expect(record.picks.filter((p) => p.undone)).toHaveLength(1);
  expect(record.picks.filter((p) => !p.undone).length).toBeLessThanOrEqual(15);
});

test('a verdict given where it is dark at the cursor asks by one tap which light it is, and is never kept as window by day', async ({
  page,
  demo,
}) => {
  await page.clock.setFixedTime(new Date('2026-09-23T22:30:00Z'));
  await openRoom(page, demo.url, 'Hall', 'Bench');
  // after dark the lamps are on; whoever puts them off stands in the dark
  await expect(page.getByRole('button', { name: /^lamps on/ })).toBeVisible();
  await page.keyboard.press('l');
  await expect(page.getByText('too dark to judge at the cursor', { exact: true })).toBeVisible();
  const before = (await recordOf(page)).candidates[0]!.verdicts.length;
  await page.keyboard.press('e');
  const asks = page.getByRole('alertdialog', { name: 'Which light is it?' });
  await expect(asks).toBeVisible();
  expect((await recordOf(page)).candidates[0]!.verdicts).toHaveLength(before);
  await page.keyboard.press('Escape');
  await expect(asks).toBeHidden();
  await page.keyboard.press('e');
  await asks.getByRole('button', { name: 'The lamps are on' }).click();
  await allSaved(page);
  const said = (await recordOf(page)).candidates[0]!.verdicts;
  expect(said).toHaveLength(before + 1);
  expect(said.at(-1)).toMatchObject({
    verdict: 'nearly',
    light: 'lamps',
    seen: 'in-room',
    predictedIn: 'deck',
    moment: { lampsOn: true },
  });
  await expect(saidBy(page, 'consultant')).toContainText('lamps: nearly');
  // another hour: the cursor goes to the lightest of the day
  await page.keyboard.press('l');
  await page.keyboard.press('w');
  await asks.getByRole('button', { name: /^By day, about \d\d:\d\d/ }).click();
  await allSaved(page);
  expect((await recordOf(page)).candidates[0]!.verdicts.at(-1)).toMatchObject({
    verdict: 'works',
    light: 'sun-south',
    moment: { lampsOn: false, sky: 'clear' },
  });
});

test('what was predicted, and where, is kept with a verdict: the light when it is computed, the deck when colours are shown so', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  for (const key of ['g', 'n', 'n', 'o']) await page.keyboard.press(key);
  await expect(page.locator('[data-testid=computed][data-where=in-light]')).toBeVisible();
  await page.keyboard.press('e');
  await page.keyboard.press('v');
  await expect(page.locator('[data-testid=computed][data-where=in-deck]')).toBeVisible();
  await page.keyboard.press('e');
  await allSaved(page);
  const last = (await recordOf(page)).candidates[2]!.verdicts.slice(-2);
  expect(last.map((v) => v.predictedIn)).toEqual(['light', 'deck']);
  expect(all(last, (v) => v.moment!.lux! > 0)).toBe(true);
});

test('what is judged away from the hour of the cursor is kept as judged on the screen; one tap says that it is seen', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  for (const key of ['n', 'n']) await page.keyboard.press(key);
  const way = page.locator('[data-way-seen]');
  await expect(way).toHaveText('in the room');
  for (let n = 0; n < 3; n++) await page.keyboard.press('}');
  await expect(way).toHaveText('on the screen');
  const before = (await recordOf(page)).candidates[2]!;
  await page.keyboard.press('r');
  await allSaved(page);
  await expect(saidBy(page, 'consultant')).toContainText('no(on the screen)');
  const after = (await recordOf(page)).candidates[2]!;
  expect(after.verdicts.at(-1)).toMatchObject({ verdict: 'no', seen: 'on-screen', lookId: null });
  expect([after.coverage, after.derivedRuling]).toEqual([before.coverage, before.derivedRuling]);
  await way.click();
  await expect(page.getByText('It is 13:05 now, and the cursor is elsewhere')).toBeVisible();
  await page.getByRole('menuitemradio', { name: /^in the room/ }).click();
  await page.keyboard.press('e');
  await allSaved(page);
  const said = (await recordOf(page)).candidates[2]!;
  expect(said.verdicts.slice(-2).map((v) => v.seen)).toEqual(['on-screen', 'in-room']);
  expect(said.derivedRuling).toBe('nearly');
});

test('a row of colours along one thing: each by its key, the next one comes by itself, put in order; the thing is dragged along', async ({
  page,
  demo,
}) => {
  await page.addInitScript(() => sessionStorage.setItem('elm-swatch.bench.pace', 'brisk'));
  await openRoom(page, demo.url, 'Kitchen', 'Bench');
  await page.keyboard.press('x');
  const strips = page.locator('[data-strip]');
  await expect(strips.nth(2)).toBeVisible();
  const names = () => strips.evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['strip']));
  const current = page.locator('[data-strip][aria-pressed=true]');
  const first = await names();
  await strips.first().click();
  await page.keyboard.press('r');
  await page.keyboard.press('3');
  await expect(strips.first()).toHaveAttribute('aria-label', /, no$/);
  // another colour, beside the same thing
  await strips.nth(1).click();
  await page.keyboard.press('w');
  await expect(strips.nth(1)).toHaveAttribute('aria-label', /, works$/);
  await allSaved(page);
  await page.getByRole('button', { name: 'In order' }).click();
  const ordered = await names();
  expect([...ordered].sort()).toEqual([...first].sort());
  expect(ordered.indexOf(first[1])).toBeLessThan(ordered.indexOf(first[0]));
  // what stays is slid to another colour, which is then the one that is judged
  const piece = page.locator('[data-piece]');
  const box = (await strips.last().boundingBox())!;
  await piece.hover();
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height - 30, { steps: 6 });
  await page.mouse.up();
  await expect(current).toHaveAttribute('data-strip', ordered.at(-1)!);
  await page.getByRole('button', { name: 'Each at two strengths' }).click();
  expect(await strips.first().locator('[data-patch]').count()).toBe(2);
});
