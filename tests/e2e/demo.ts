import { expect, type Page } from '@playwright/test';
import { readVisitText } from '@/core/operations/visit-text';
import { STEPS } from '@/features/session/address';
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

/** Where the rooms of the made-up home lie, by their names; asked once of each server, by a device that may ask. */
async function roomsAt({ request }: Page, url: string): Promise<(name: string) => string> {
  const list = await (await request.get(`${url}/visits`)).text();
  const home = [...list.matchAll(/<a [^>]*href="(\/visits\/[\da-f-]{36})"[^>]*>(.*?)<\/a>/gs)].find(([, , in_]) =>
    in_!.includes('Quay Row 14'),
  )![1]!;
  const { text } = (await (await request.get(`${url}/api${home}`)).json()) as { text: string };
  const { rooms } = readVisitText(text).visit;
  return (name) => `${home}/${rooms.find((room) => room.name.startsWith(name))!.id}`;
}
const known = new Map<string, ReturnType<typeof roomsAt>>();

/** Opens a room of the made-up visit at a step and waits until the page runs. */
export async function openRoom(page: Page, url: string, room: string, step: string): Promise<void> {
  if (!known.has(url)) known.set(url, roomsAt(page, url));
  const at = (await known.get(url)!)(room);
  await page.goto(`${url}${at}/${STEPS[STEP_NAMES.indexOf(step as (typeof STEP_NAMES)[number])]}`);
  await live(page);
  await expect(stepLink(page, step)).toHaveAttribute('aria-current', 'step');
}

const stepLink = (page: Page, step: string) =>
  page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step, exact: true });

/** Goes to another step of the room in view. */
export async function toStep(page: Page, step: string): Promise<void> {
  await stepLink(page, step).click();
  await expect(stepLink(page, step)).toHaveAttribute('aria-current', 'step');
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
