import { seriousFindings } from './axe';
import { openRoom } from './demo';
import { expect, test, type Page } from './server';

const handles = (page: Page) => page.getByRole('slider', { name: /^Move the .+ wall, out or in$/ });
const saved = (page: Page) => page.getByText('saved', { exact: true }).waitFor();

test('a box becomes an L by a tap; walls are dragged, moved by keys and typed; undone it is a box again', async ({
  page,
  demo,
}) => {
  await openRoom(page, demo.url, 'North bedroom', 'Light');
  await expect(handles(page)).toHaveCount(0);
  await page.getByLabel('The wall', { exact: true }).selectOption({ index: 1 });
  await page.getByRole('button', { name: 'cut its right corner (an L)' }).click();
  await expect(handles(page)).toHaveCount(6);
  await expect(page.getByText(/^6 walls, [\d.]+ m² of floor/)).toBeVisible();
  await saved(page);
  const lengths = page.getByRole('list', { name: 'Walls, as they are met turning right' }).getByRole('textbox');
  await expect(lengths).toHaveCount(6);
  const before = Number(await lengths.nth(1).inputValue());
  // the first wall five centimetres out: the one beside it is as much longer
  await handles(page).first().press('ArrowUp');
  await expect.poll(async () => Number(await lengths.nth(1).inputValue())).toBeCloseTo(before + 0.05, 3);
  await saved(page);
  const handle = (await handles(page).first().boundingBox())!;
  const [x, y] = [handle.x + handle.width / 2, handle.y + handle.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 2, y - 24, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => Number(await lengths.nth(1).inputValue())).toBeGreaterThan(before + 0.15);
  const dragged = Number(await lengths.nth(1).inputValue());
  expect(Math.abs(dragged * 20 - Math.round(dragged * 20))).toBeLessThan(1e-6);
  await lengths.nth(1).fill('4.4');
  await lengths.nth(1).press('Enter');
  await expect(lengths.nth(1)).toHaveValue('4.4');
  await saved(page);
  await expect(page.locator('[data-position^=wall-]')).toHaveCount(6);
  expect(await seriousFindings(page)).toEqual([]);
  await page.getByRole('button', { name: 'a box again' }).click();
  await expect(handles(page)).toHaveCount(0);
  await saved(page);
});

test('what cannot be is said at its place, and the rest is kept', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'North bedroom', 'Light');
  await page.getByRole('button', { name: 'a slope over it' }).click();
  await saved(page);
  const slopes = page.getByRole('list', { name: 'Slopes' });
  await slopes.getByLabel('Begins at').fill('9');
  await slopes.getByLabel('Begins at').press('Enter');
  await page.getByLabel('How high the room is').fill('2.5');
  await expect(slopes.getByRole('alert')).toContainText('It begins under the ceiling at 2.50 m.');
  await slopes.getByLabel('Begins at').fill('1.2');
  await slopes.getByLabel('Begins at').press('Enter');
  await expect(slopes.getByRole('alert')).toBeHidden();
  await saved(page);
  await page.getByRole('button', { name: 'a box again' }).click();
  await saved(page);
});

test('a home of which no room is a box: its kitchen is lit and judged at every wall, its attic unfolded with its slopes, its hall lit from next door', async ({
  page,
  demo,
}) => {
  const open = async (room: string, step: string) => {
    await page.goto(`${demo.url}/visits`);
    await page.getByRole('link', { name: /^Orchard Lane 3/ }).click();
    await page.locator('[data-live=true]').waitFor();
    await page
      .getByRole('navigation', { name: 'Rooms' })
      .getByRole('link', { name: new RegExp(`^${room}`) })
      .click();
    await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true }).click();
  };
  await open('Open kitchen', 'Light');
  await expect(page.getByRole('region', { name: 'Computed light' }).getByText(/^at the .+ wall$/)).toHaveCount(10);
  await open('Attic bedroom', 'Decide');
  const unfolded = page.getByRole('group', { name: /^The room unfolded/ });
  await expect(unfolded.locator('[data-surface^=slope-]')).toHaveCount(2);
  await unfolded.locator('[data-surface="slope-0"]').click({ position: { x: 20, y: 40 } });
  await expect(page.getByText(/^Slope over the west wall: /i).first()).toBeVisible();
  await open('Hall', 'Light');
  const through = page.getByRole('checkbox', { name: 'Light from Open kitchen counts' });
  await expect(through).toBeChecked();
  await expect(page.getByText('no window: light from next door, and lamps')).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Through the day, at the/ })).toBeVisible();
  // the house of such rooms: its plan, and what one sees through the opening
  await page.getByRole('link', { name: 'The house' }).click();
  await expect(
    page.getByRole('heading', { name: 'The house', level: 1 }).or(page.getByText('What one sees together')).first(),
  ).toBeVisible();
  await expect(page.getByText('could not be shown')).toBeHidden();
});
