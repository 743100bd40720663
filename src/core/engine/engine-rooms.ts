import { isBox, isJoined, ownOf, type AnyDescription } from '../light/any-room';
import type { LightRoom } from '../light/light-room';
import { lightRoomOf } from '../light/light-room-of';
import { plannedSlide, usualPlannedPositions, wallPlaces } from '../light/plan/held-positions';
import { openDoorsOf, plannedRoomOf } from '../light/plan/planned-description';
import { preparePlanned, type PlannedReceiver } from '../light/plan/prepare-planned';
import type { OpenDoor, PlannedRoom } from '../light/plan/planned-room';
import { planProblem } from '../light/plan/plan-problems';
import { beamsThrough } from '../light/plan/sun-in-plan';
import type { PlannedDescription } from '../light/plan/planned-fields';
import type { Prepared } from '../light/day-light';
import { plannedShape } from './planned-shapes';
import { sunHours, stretchesOf } from '../light/day-light';
import { prepareRoom } from '../light/prepare-room';
import type { Receiver } from '../light/receiver';
import type { RoomShape } from '../light/room-shape';
import { slidePositions, usualPositions, wallPositions } from '../light/sample-positions';
import { firstProblem } from '../light/say-room-problem';
import type { SunPosition } from '../light/sun';
import type { SunRoom } from '../light/sun-side';

/** A box, or rooms of any plan of which the first is meant. */
export type EngineRoom = LightRoom | Planned;
export type Planned = {
  readonly planned: PlannedRoom;
  readonly borrows: boolean;
  readonly rooms: readonly PlannedRoom[];
  readonly doors: readonly OpenDoor[];
};
export const isPlanned = (room: EngineRoom): room is Planned => 'planned' in room;

const BOX_POSITIONS = { usual: usualPositions, walls: wallPositions, slide: slidePositions } as const;
const PLAN_POSITIONS = {
  usual: usualPlannedPositions,
  walls: wallPlaces,
  slide: plannedSlide,
} as const;
export type Where = keyof typeof BOX_POSITIONS;

/** Positions of a room, in the order in which their lights are told. */
export const positionsOf = (room: EngineRoom, where: Where): readonly Receiver[] =>
  isPlanned(room) ? PLAN_POSITIONS[where](room.planned) : BOX_POSITIONS[where](room);

/** A room of its description, with the first thing that keeps it from being. */
export function engineRoomOf(description: AnyDescription): { readonly room: EngineRoom; readonly problem: string | undefined } {
  if (isBox(description)) {
    const room = lightRoomOf(description);
    return { room, problem: firstProblem(room) };
  }
  const own = ownOf(description) as PlannedDescription;
  const joined = isJoined(description) ? description : { rooms: { own }, doors: [] };
  const [names, given] = [Object.keys(joined.rooms), Object.values(joined.rooms)];
  const problem = given.map((room) => planProblem(room)?.says).find((says) => says !== undefined);
  const rooms = given.map(plannedRoomOf);
  const doors = problem === undefined ? openDoorsOf(joined.doors, names, given) : [];
  return { room: { planned: rooms[0]!, borrows: doors.length > 0, rooms, doors }, problem };
}

/** A room made ready at some of its positions. */
export function preparedFor(room: EngineRoom, where: Where, shapeFor: (room: LightRoom) => RoomShape): Prepared {
  if (!isPlanned(room)) return prepareRoom(room, BOX_POSITIONS[where](room), shapeFor(room));
  const receivers = PLAN_POSITIONS[where](room.planned) as PlannedReceiver[];
  return preparePlanned(room.rooms, room.doors, receivers, plannedShape(room));
}

/** What decides where the sun comes into a room. */
export const sunRoomOf = (room: EngineRoom): SunRoom => room;

/** For each window, those of a plan with its roof's after its walls', the stretches of moments in which the sun comes in by it. */
export function sunHoursOf(room: EngineRoom, sun: readonly SunPosition[]): ReturnType<typeof sunHours> {
  if (!isPlanned(room)) return sunHours(room, sun);
  const lit = sun.map((position) => new Set(beamsThrough(room.planned, position).flatMap((m2, w) => (m2 > 0 ? [w] : []))));
  return stretchesOf(lit, room.planned.windows.length + room.planned.roofWindows.length);
}
