import { leastRecentlyUsed } from '../base/least-recently-used';
import { inColours, shapeOfPlanned, type PlannedShape } from '../light/plan/known-rooms';
import { patchSights, type PlannedPatches } from '../light/plan/planned-patch-light';
import type { OpenDoor, PlannedRoom } from '../light/plan/planned-room';

type Rooms = { readonly rooms: readonly PlannedRoom[]; readonly doors: readonly OpenDoor[] };

/** What decides how rooms are cut and what their patches see: everything but colours, glass and lamps. */
const keyOf = ({ rooms, doors }: Rooms): string =>
  JSON.stringify([
    rooms.map(({ plan, heightM, slopes, windows, roofWindows, boxes, bearingDeg }) => [
      plan,
      heightM,
      slopes,
      bearingDeg,
      windows.map(({ glass: _, ...w }) => w),
      roofWindows.map(({ glass: _, ...w }) => w),
      boxes.map(({ reflectance: _, ...b }) => b),
    ]),
    doors,
  ]);

const shapes = leastRecentlyUsed<PlannedShape>(6);
const sights = leastRecentlyUsed<PlannedPatches['sights']>(3);

/** Rooms of any plan as they are cut: known from before, in the colours they have now, or cut anew. */
export function plannedShape(of: Rooms): PlannedShape {
  let isNew = false;
  const shape = shapes(keyOf(of), () => {
    isNew = true;
    return shapeOfPlanned(of.rooms, of.doors);
  });
  return isNew ? shape : inColours(shape, of.rooms, of.doors);
}

/** The same with what each patch sees through every window. */
export function plannedPatches(of: Rooms): PlannedPatches {
  const shape = plannedShape(of);
  return { ...shape, sights: sights(keyOf(of), () => patchSights(shape)) };
}
