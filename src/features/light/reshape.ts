import type { RoomShape } from '@/core/record/shape';
import type { RoomDoor, Paintwork } from '@/core/record/paintwork';
import { placedAgain, type ChangedPlan } from '@/core/room/change-plan';
import { boundsOf, boxPlan, boxSide, wallLine, type Plan } from '@/core/room/plan';
import { lengthText, typedLength, type Units } from '@/core/units/length';
import type { LightDraft } from './light-draft';

/** A shape of which nothing is said yet but its walls. */
export const plainShape = (plan: Plan): RoomShape => ({
  plan: plan.map(([x, y]) => [x, y]),
  slopes: [],
  roofWindows: [],
  boxes: [],
});
/** The shape a box has. */
export const shapeOfBox = (widthM: number, depthM: number): RoomShape => plainShape(boxPlan(widthM, depthM));

const moved = (text: string, by: number, units: Units): string => {
  const metres = typedLength(text, units);
  return text.trim() === '' || !Number.isFinite(metres) || by === 0 ? text : lengthText(Math.max(0, metres + by), units);
};
const metresOr = (text: string, units: Units, otherwise: number): number => {
  const metres = typedLength(text, units, 'window');
  return Number.isFinite(metres) ? metres : otherwise;
};

/** What else of a room stands in walls that were changed. */
type InWalls = Pick<Paintwork, 'doors' | 'rails'>;

/** Everything of a draft in its place again after its plan was changed; windows that were not placed stay so. */
export function withChangedPlan(draft: LightDraft, before: Plan, changed: ChangedPlan, units: Units): LightDraft {
  const shape = draft.shape ?? plainShape(before);
  const [dx, dy] = changed.shift;
  const wallOf = (wall: number): number => {
    const { length } = wallLine(before, wall);
    return placedAgain(before, changed, { wall, leftM: length / 4, widthM: length / 2 }).wall;
  };
  return {
    ...draft,
    shape: {
      plan: changed.plan.map(([x, y]) => [x, y]),
      slopes: shape.slopes.map((s) => (s.wall < before.length ? { ...s, wall: wallOf(s.wall) } : s)),
      roofWindows: shape.roofWindows.map((w) => (w.slope === null ? { ...w, leftM: w.leftM + dx, upM: w.upM + dy } : w)),
      boxes: shape.boxes.map((b) => ({ ...b, xM: b.xM + dx, yM: b.yM + dy })),
    },
    windows: draft.windows.map((w) => {
      if (w.wall >= before.length) return w;
      const widthM = metresOr(w.width, units, 1);
      const { length } = wallLine(before, w.wall);
      const leftM = w.left.trim() === '' ? (length - widthM) / 2 : metresOr(w.left, units, 0);
      const now = placedAgain(before, changed, { wall: w.wall, leftM: Math.max(0, leftM), widthM });
      return { ...w, wall: now.wall, left: w.left.trim() === '' ? '' : lengthText(now.leftM, units, 'window') };
    }),
    lamps: draft.lamps.map((l) => ({ ...l, x: moved(l.x, dx, units), y: moved(l.y, dy, units) })),
  };
}

/** Doors and rails in their walls again; undefined where they stand where they stood. */
export function paintworkAfter({ doors, rails }: InWalls, before: Plan, changed: ChangedPlan): InWalls | undefined {
  const again = doors.map((door): RoomDoor => {
    if (door.wall === null || door.wall >= before.length) return door;
    const { length } = wallLine(before, door.wall);
    const leftM = door.leftM ?? Math.max(0, (length - door.widthM) / 2);
    const now = placedAgain(before, changed, { wall: door.wall, leftM, widthM: door.widthM });
    return { ...door, wall: now.wall, leftM: door.leftM === null ? null : now.leftM };
  });
  const railsAgain = rails.map((rail) => {
    if (rail.wall >= before.length) return rail;
    const { length } = wallLine(before, rail.wall);
    return { ...rail, wall: placedAgain(before, changed, { wall: rail.wall, leftM: 0, widthM: length }).wall };
  });
  const same =
    again.every((d, k) => d.wall === doors[k]!.wall && d.leftM === doors[k]!.leftM) &&
    railsAgain.every((r, k) => r.wall === rails[k]!.wall);
  // two walls that became one have one rail
  const once = railsAgain.filter((r, k) => railsAgain.findIndex((o) => o.wall === r.wall) === k);
  return same ? undefined : { doors: again, rails: once };
}

/** A room as the box around it: what stood in its walls stands in the side they face. */
export function asBox(draft: LightDraft, units: Units): LightDraft {
  if (!draft.shape) return draft;
  const { plan } = draft.shape;
  const { widthM, depthM, from } = boundsOf(plan);
  return {
    ...draft,
    shape: null,
    walls: [lengthText(widthM, units), lengthText(depthM, units), '', ''],
    windows: draft.windows.map((w) => {
      if (w.wall >= plan.length) return { ...w, wall: 0, left: '' };
      const { wall, leftM } = boxSide(plan, w.wall, w.left.trim() === '' ? 0 : metresOr(w.left, units, 0));
      return { ...w, wall, left: w.left.trim() === '' ? '' : lengthText(leftM, units, 'window') };
    }),
    lamps: draft.lamps.map((l) => ({ ...l, x: moved(l.x, -from[0], units), y: moved(l.y, -from[1], units) })),
  };
}
