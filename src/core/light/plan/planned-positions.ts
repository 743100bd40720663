import { ASSUMED } from '../assumptions';
import type { PlannedReceiver } from './prepare-planned';
import { heightOver, wallAxes, type PlannedRoom } from './planned-room';

/** The positions one judges at: the middle of every wall, at the height of the eyes, or as high as the wall is under its slope. */
export const plannedPositions = (room: PlannedRoom, index = 0): PlannedReceiver[] =>
  room.plan.map((_, wall): PlannedReceiver => {
    const { from, along, inward, length } = wallAxes(room, wall);
    const [x, y] = [from[0] + (length / 2) * along[0], from[1] + (length / 2) * along[1]];
    const z = Math.min(ASSUMED.receiverHeightM.value, 0.9 * heightOver(room, [x, y]));
    return { name: `wall-${wall}`, at: [x, y, z], normal: [inward[0], inward[1], 0], room: index };
  });
