import { openingOf, rectsOverlap, type WallRect } from '../light/room-fit';
import { wallLength, wallsOf } from '../room/plan';
import type { RoomDoor } from '../record/paintwork';
import { openingsOf, type MeasuredRoom } from './openings';

/** What does not fit of a door, in metres, to be said beside it. */
export type DoorIssue = { readonly doorId: string; readonly says: string };

const SLACK_M = 0.01;
const m = (metres: number) => `${metres.toFixed(2)} m`;

/** What of a door is larger than its wall; what was not measured is not asked after. */
function sizeIssues(door: RoomDoor, length: number | null, heightM: number | null): string[] {
  const says: string[] = [];
  if (heightM !== null && door.heightM > heightM + SLACK_M) says.push(`It is higher than the room of ${m(heightM)}.`);
  if (length !== null && door.widthM > length + SLACK_M) says.push(`It is wider than its wall of ${m(length)}.`);
  else if (length !== null && door.leftM !== null && door.leftM + door.widthM > length + SLACK_M)
    says.push(`So far from the left it reaches beyond its wall of ${m(length)}.`);
  return says;
}

/** What of a room's doors does not fit its walls, or stands over a window or another door; what was not measured is not asked after. */
export function doorIssues(room: MeasuredRoom): DoorIssue[] {
  const { heightM, paintwork } = room;
  const windows = openingsOf({ ...room, paintwork: { ...paintwork, doors: [] } });
  const placed: { readonly wall: number; readonly rect: WallRect; readonly name: string }[] = windows.map((w) => ({
    wall: w.wall,
    rect: w.rect,
    name: `window ${room.windows.findIndex((o) => o.id === w.id) + 1}`,
  }));
  return paintwork.doors.flatMap((door, k): DoorIssue[] => {
    const says: string[] = [];
    if (door.wall === null) return [];
    if (!wallsOf(room).includes(door.wall)) return [{ doorId: door.id, says: 'It stands in a wall that is not there any more.' }];
    const length = wallLength(door.wall, room);
    says.push(...sizeIssues(door, length, heightM));
    if (door.leftM !== null) {
      const rect = openingOf({ ...door, leftM: door.leftM, sillM: 0 });
      const over = placed.find((p) => p.wall === door.wall && rectsOverlap(p.rect, rect, SLACK_M));
      if (over) says.push(`It stands over ${over.name}.`);
      placed.push({ wall: door.wall, rect, name: door.leadsTo ? `the door to ${door.leadsTo}` : `door ${k + 1}` });
    }
    return says.map((text) => ({ doorId: door.id, says: text }));
  });
}
