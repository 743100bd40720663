import type { RecordedColour } from '@/core/record/recorded-colour';
import type { DemoRoom, DemoShape } from '../../../demo/visit';
import type { Loader } from './loader';

/** A colour as it was typed. */
export const typed = (l: number, a: number, b: number): RecordedColour & { source: { kind: 'lab' } } => ({
  lab: { l, a, b },
  source: { kind: 'lab' },
});

/** A shape with ids for what it holds. */
const shapeOf = ({ plan, slopes = [], roofWindows = [], boxes = [] }: DemoShape, id: Loader['id']) => ({
  plan: plan.map(([x, y]): [number, number] => [x, y]),
  slopes: [...slopes],
  roofWindows: roofWindows.map((w) => ({ id: id(), ...w })),
  boxes: boxes.map(({ lab, ...box }) => ({ id: id(), ...box, colour: typed(...lab) })),
});

/** What a room's light is described by. */
export async function loadLight({ write, id }: Loader, roomId: string, room: DemoRoom) {
  await write({
    name: 'room.light',
    roomId,
    revision: 1,
    bearingDeg: room.bearingDeg,
    ...(room.size && { widthM: room.size[0], depthM: room.size[1], heightM: room.size[2] }),
    ...(room.shape && { shape: shapeOf(room.shape, id) }),
    ...(room.borrows && { borrows: true }),
    ...(room.ground && { ground: room.ground }),
    ...(room.obstruction && { obstruction: room.obstruction }),
    windows: room.windows.map((window) => ({ id: id(), ...window })),
    lamps: room.lamps.map((lamp) => ({ id: id(), ...lamp })),
    oldWall: room.oldWall && typed(...room.oldWall),
  });
}
