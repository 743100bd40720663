import type { Room } from '@/core/record/room';

/** A meter's correction: the median of what was read over what was computed, and of how many readings. */
export type Calibration = { readonly factor: number; readonly readings: number };

/** The correction that a room's standing readings give; undefined without one that can be compared. */
export function calibrationOf({ readings }: Pick<Room, 'readings'>): Calibration | undefined {
  const ratios = readings
    .filter((r) => !r.undone && r.lux > 0 && r.computedLux > 0)
    .map((r) => r.lux / r.computedLux)
    .sort((p, q) => p - q);
  if (ratios.length === 0) return undefined;
  const middle = (ratios.length - 1) / 2;
  return { factor: Math.sqrt(ratios[Math.floor(middle)]! * ratios[Math.ceil(middle)]!), readings: ratios.length };
}

/** The factor by which a room's computed light is multiplied; 1 when its readings are not to correct it. */
export const lightScale = (room: Pick<Room, 'readings' | 'calibrated'>): number =>
  room.calibrated ? (calibrationOf(room)?.factor ?? 1) : 1;
