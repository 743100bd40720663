import type { z } from 'zod';
import { openDoorsOf, plannedRoomOf } from '@/core/light/plan/planned-description';
import { joinedSchema, oneSchema, type pointsSchema } from '@/core/light/plan/planned-request';
import { plannedPositions } from '@/core/light/plan/planned-positions';
import { heightOver, inPolygon, wallAxes, type PlannedRoom } from '@/core/light/plan/planned-room';
import { preparePlanned, type PlannedReceiver } from '@/core/light/plan/prepare-planned';
import type { Outdoors } from '@/core/light/outdoors';
import type { MomentInput } from '@/core/light/light-request';
import type { ReceivedLight, Receiver } from '@/core/light/receiver';

/** Whether a request is of rooms as they are: by a plan, or joined. */
export function isPlanned(request: Record<string, unknown>): boolean {
  const { room } = request;
  return 'rooms' in request || (typeof room === 'object' && room !== null && 'plan' in room);
}

const SLACK_M = 1e-4;
/** Whether a point lies in a room or on its faces. */
function isIn(room: PlannedRoom, [x, y, z]: readonly [number, number, number]): boolean {
  const near = room.plan.some((_, wall) => {
    const { from, along, inward, length } = wallAxes(room, wall);
    const [dx, dy] = [x - from[0], y - from[1]];
    const s = dx * along[0] + dy * along[1];
    return s >= -SLACK_M && s <= length + SLACK_M && Math.abs(dx * inward[0] + dy * inward[1]) <= SLACK_M;
  });
  return (near || inPolygon([x, y], room.plan)) && z >= -SLACK_M && z <= heightOver(room, [x, y]) + SLACK_M;
}

type Asked = {
  readonly rooms: readonly PlannedRoom[];
  readonly names: readonly string[];
  readonly doors: Parameters<typeof preparePlanned>[1];
  readonly moment: MomentInput;
  readonly points: z.infer<typeof pointsSchema>;
};

function askedOf(request: Record<string, unknown>): Asked {
  if ('room' in request) {
    const { room, moment, points } = oneSchema.parse(request);
    return { rooms: [plannedRoomOf(room)], names: [''], doors: [], moment, points };
  }
  const { rooms, doors, moment, points } = joinedSchema.parse(request);
  const names = Object.keys(rooms);
  const described = Object.values(rooms);
  return { rooms: described.map(plannedRoomOf), names, doors: openDoorsOf(doors, names, described), moment, points };
}

function receiversOf({ rooms, names, points }: Asked): PlannedReceiver[] {
  if (!points)
    return rooms.flatMap((room, r) =>
      plannedPositions(room, r).map((p) => (names.length > 1 ? { ...p, name: `${names[r]!}/${p.name}` } : p)),
    );
  return points.map(({ name, at, normal, room: of }, n) => {
    const room = of === undefined && names.length === 1 ? 0 : names.indexOf(of ?? '');
    if (room < 0) throw new RangeError(`point ${n + 1} names no room of ${names.join(', ')}`);
    if (!isIn(rooms[room]!, at)) throw new RangeError(`point ${n + 1} (${at.join(', ')} m) lies outside the room`);
    const size = Math.hypot(...normal);
    const unit: Receiver['normal'] = [normal[0] / size, normal[1] / size, normal[2] / size];
    return { name: name ?? `point-${n + 1}`, at, normal: unit, room };
  });
}

type Described<T> = {
  readonly outdoors: (moment: MomentInput) => Outdoors;
  readonly describe: (receiver: Receiver, light: ReceivedLight) => T;
};

/** `light` of rooms as they are: what falls on the points that are asked for, or on the middle of every wall. */
export function plannedLight<T extends object>(request: Record<string, unknown>, { outdoors, describe }: Described<T>) {
  const asked = askedOf(request);
  const receivers = receiversOf(asked);
  const found = preparePlanned(asked.rooms, asked.doors, receivers).lightAt(outdoors(asked.moment), asked.moment.lamps);
  const told = receivers.map((receiver, r) => ({
    ...describe(receiver, found[r]!),
    ...(asked.names.length > 1 ? { room: asked.names[receiver.room]! } : {}),
  }));
  return { [asked.points ? 'points' : 'positions']: told };
}
