import type { PlannedDescription } from './plan/planned-fields';
import type { DoorDescription } from './plan/planned-description';
import type { RoomDescription } from './room-description';

/** Rooms of any plan that light passes between by open doors; the first is the one that is asked about. */
export type JoinedDescription = {
  readonly rooms: Readonly<Record<string, PlannedDescription>>;
  readonly doors: readonly DoorDescription[];
};
/** A room as its light sees it: a box, a room of any plan, or one with those it has light from. */
export type AnyDescription = RoomDescription | PlannedDescription | JoinedDescription;

export const isBox = (description: AnyDescription): description is RoomDescription => 'widthM' in description;
export const isJoined = (description: AnyDescription): description is JoinedDescription => 'rooms' in description;
/** The room itself, without those beside it. */
export const ownOf = (description: AnyDescription): RoomDescription | PlannedDescription =>
  isJoined(description) ? Object.values(description.rooms)[0]! : description;

export const heightOf = (description: AnyDescription): number => ownOf(description).heightM;
export const lampsIn = (description: AnyDescription): RoomDescription['lamps'] => ownOf(description).lamps;

/** The room with other lamps in it; what lies beside it keeps its own. */
export function withLamps(description: AnyDescription, lamps: RoomDescription['lamps']): AnyDescription {
  if (!isJoined(description)) return { ...description, lamps };
  const [own] = Object.keys(description.rooms);
  return { ...description, rooms: { ...description.rooms, [own!]: { ...description.rooms[own!]!, lamps } } };
}
