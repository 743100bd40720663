import { expect, type Page } from '@playwright/test';
import { roomRecordSchema, type RoomRecordFile } from '@/core/formats/room-record';

/** The steps as they are called, in the order of the work. */
export const STEP_NAMES = [
  'Brief',
  'Light',
  'Stays',
  'Deck',
  'Bench',
  'Record',
  'Schemes',
  'Looks',
  'Samples',
  'Decide',
  'Hand over',
] as const;

/** Opens a room of the made-up visit at a step and waits until the page runs. */
export async function openRoom(page: Page, url: string, room: string, step: string): Promise<void> {
  await page.goto(`${url}/visits`);
  await page.getByRole('link', { name: /^Quay Row 14/ }).click();
  await live(page);
  await page
    .getByRole('navigation', { name: 'Rooms' })
    .getByRole('link', { name: new RegExp(`^${room}`) })
    .click();
  await toStep(page, step);
}

/** Goes to another step of the room in view. */
export async function toStep(page: Page, step: string): Promise<void> {
  const link = page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true });
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'step');
}

/** Waits until the page runs its own script: before, keys do nothing. */
export const live = (page: Page) => expect(page.locator('[data-live=true]')).toBeAttached();

/** The record of the room in view, as its JSON file. */
export async function recordOf(page: Page): Promise<RoomRecordFile> {
  const { origin, pathname } = new URL(page.url());
  const [, , visitId, roomId] = pathname.split('/');
  const response = await page.request.get(`${origin}/api/visits/${visitId}/rooms/${roomId}/record.json`, {
    // the connection kept from a server that was killed is reset when it is used again
    maxRetries: 2,
  });
  return roomRecordSchema.parse(await response.json());
}

export const allSaved = (page: Page) => expect(page.locator('[data-unsaved="0"][data-saving="saved"]')).toBeAttached();

/** What a person has said of the pair in view. */
export const saidBy = (page: Page, person: 'consultant' | 'client') =>
  page.getByRole('group', { name: 'Said of this pair' }).getByRole('list', { name: person });

/** Ids of the verdicts of the pair in view that the page shows as saved. */
export const shownAsSaved = (page: Page) =>
  page.locator('[data-verdict][data-saved="true"]').evaluateAll((all) => all.map((e) => (e as HTMLElement).dataset['id']!));
