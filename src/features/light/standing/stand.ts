import type { Size } from '@/core/derived/describe-room';
import { openingsOf, type MeasuredRoom } from '@/core/derived/openings';
import { inPlan, middleOf, onWall, planOf, wallLine, type Plan, type Point } from '@/core/room/plan';
import type { Wall } from '@/core/room/facing';

/** Where one stands and looks, metres in the room's frame and degrees: 0 at wall 0, to the right; up. */
export type Stand = {
  readonly x: number;
  readonly y: number;
  readonly eyeM: number;
  readonly turnDeg: number;
  readonly upDeg: number;
};

/** Where one may begin to stand: in the middle, with the back to a wall, or in a door, looking in. */
export type StandPlace = 'middle' | `wall-${Wall}` | `door-${string}`;

/** How high the eyes are of one who stands, and how near to a wall or door that is, metres. */
const EYE_M = 1.6;
const AWAY_M = 0.5;
const NEAREST_M = 0.2;
/** Tan of half the field of view upward at the usual shape of the picture. */
export const MOST_UP_DEG = 75;

/** Degrees one looks at who looks along a direction of the plan. */
export const turnTo = ([dx, dy]: Point): number => ((Math.atan2(dx, -dy) * 180) / Math.PI + 360) % 360;
/** The direction of the plan one looks along. */
export function aheadOf({ turnDeg }: Pick<Stand, 'turnDeg'>): Point {
  const turn = (turnDeg * Math.PI) / 180;
  return [Math.sin(turn), -Math.cos(turn)];
}

const inFront = (plan: Plan, wall: Wall, leftM: number, awayM: number): Pick<Stand, 'x' | 'y' | 'turnDeg'> => {
  const { inward } = wallLine(plan, wall);
  const [x, y] = onWall(plan, wall, leftM);
  return { x: x + awayM * inward[0], y: y + awayM * inward[1], turnDeg: turnTo(inward) };
};

/** Where one stands at a place of a room; in the middle where that place is not there. */
export function standAt(place: StandPlace, room: MeasuredRoom, size: Size): Stand {
  const plan = planOf(size);
  const level = { eyeM: Math.min(EYE_M, size.heightM - 0.2), upDeg: 0 };
  const away = Math.min(AWAY_M, size.widthM / 3, size.depthM / 3);
  const door = place.startsWith('door-') ? openingsOf(room, size).find((o) => o.id === place.slice('door-'.length)) : undefined;
  if (door) return { ...level, ...inFront(plan, door.wall, (door.rect.s0 + door.rect.s1) / 2, Math.min(0.3, away)) };
  const wall = place.startsWith('wall-') ? Number(place.slice('wall-'.length)) : undefined;
  if (wall !== undefined && wall < plan.length)
    return { ...level, ...inFront(plan, wall, wallLine(plan, wall).length / 2, away) };
  const [x, y] = middleOf(plan);
  return { ...level, x, y, turnDeg: 0 };
}

/** Whether one can stand there: in the room, not in a wall and not in what stands on the floor. */
export function canStand([x, y]: Point, { shape, ...size }: Size): boolean {
  const plan = planOf({ shape, ...size });
  const near = NEAREST_M;
  const around: Point[] = [
    [x - near, y],
    [x + near, y],
    [x, y - near],
    [x, y + near],
  ];
  const inBox = (shape?.boxes ?? []).some(
    (b) => x > b.xM - near && x < b.xM + b.widthM + near && y > b.yM - near && y < b.yM + b.depthM + near,
  );
  return !inBox && [[x, y] as Point, ...around].every((p) => inPlan(p, plan));
}

/** The same one, elsewhere in the room; where one cannot stand, one stays. */
export const movedTo = (stand: Stand, [x, y]: Point, size: Size): Stand => (canStand([x, y], size) ? { ...stand, x, y } : stand);

/** A step ahead, or back. */
export function stepped(stand: Stand, metres: number, size: Size): Stand {
  const [dx, dy] = aheadOf(stand);
  return movedTo(stand, [stand.x + metres * dx, stand.y + metres * dy], size);
}

/** Turned to the right, and up, by degrees. */
export const turned = (stand: Stand, right: number, up = 0): Stand => ({
  ...stand,
  turnDeg: (stand.turnDeg + right + 360) % 360,
  upDeg: Math.max(-MOST_UP_DEG, Math.min(MOST_UP_DEG, stand.upDeg + up)),
});
