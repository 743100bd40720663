import { sizeOf } from '@/core/derived/describe-room';
import { openingsOf } from '@/core/derived/openings';
import type { Room } from '@/core/record/room';
import { wallLength, wallsOf } from '../room/plan';
import { wallName } from '../room/facing';
import { sayLength, type Units } from '../units/length';
import { upperFirst } from '../base/words';
import { listed } from '../base/words';
import { upperEdgeOf } from '../derived/shape-faces';
import { doorName } from '@/core/derived/paint-surfaces';

const ANY = 'not measured: taken as usual';

/**
 * The true sizes of a room's walls with what is in each, so that nobody takes one for another: "North wall 4.20 × 2.70 m: window 1.80 ×
 * 1.50 m".
 */
export function saySizes(room: Room, units: Units): string[] {
  const size = sizeOf(room);
  const openings = openingsOf(room, size);
  const by = (wide: number, high: number) =>
    units === 'metric' ? `${wide.toFixed(2)} × ${high.toFixed(2)} m` : `${sayLength(wide, units)} × ${sayLength(high, units)}`;
  return wallsOf(room).map((wall) => {
    const known = room.heightM !== null && wallLength(wall, room) !== null;
    const within = openings
      .filter((o) => o.wall === wall)
      .map(({ kind, id, rect }) => {
        const door = room.paintwork.doors.find((d) => d.id === id);
        const called = kind === 'window' ? 'window' : doorName(door ?? { leadsTo: '', outside: false });
        return `${called} ${by(rect.s1 - rect.s0, rect.z1 - rect.z0)}`;
      });
    const name = upperFirst(wallName(room, wall));
    const edge = upperEdgeOf(size, wall, wallLength(wall, size)).map(([, z]) => z);
    const [low, high] = [Math.min(...edge), Math.max(...edge)];
    const lowest = by(wallLength(wall, size), low);
    // under a slope a wall is as high as that leaves it
    const shape = high - low < 0.005 ? lowest : `${lowest}, up to ${sayLength(high, units, 'window')}`;
    const is = known ? shape : ANY;
    return `${name} ${is}${within.length > 0 ? `: ${listed(within)}` : ''}`;
  });
}
