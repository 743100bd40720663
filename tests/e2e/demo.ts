import { expect, type Page } from '@playwright/test';

/** Opens a room of the made-up visit at a step and waits until the page runs. */
export async function openRoom(page: Page, url: string, room: string, step: string): Promise<void> {
  await page.goto(`${url}/visits`);
  await page.getByRole('link', { name: /Quay Row 14/ }).click();
  await live(page);
  await page
    .getByRole('navigation', { name: 'Rooms' })
    .getByRole('link', { name: new RegExp(`^${room}`) })
    .click();
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true }).click();
  await expect(page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true })).toHaveAttribute(
    'aria-current',
    'step',
  );
}

/** Waits until the page runs its own script: before, keys do nothing. */
export const live = (page: Page) => expect(page.locator('[data-live=true]')).toBeAttached();

export const allSaved = (page: Page) => expect(page.locator('[data-unsaved="0"][data-saving="saved"]')).toBeAttached();

/** Ids of the verdicts of the pair in view that the page shows as saved. */
export const shownAsSaved = (page: Page) =>
  page.locator('[data-verdict][data-saved="true"]').evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['id']!));
