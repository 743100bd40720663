import type { Vector } from '../view-factor';
import { wallAxes, wallEnds, type OpenDoor, type PlannedRoom, type Point } from './planned-room';

const SLACK = 1e-7;

/** Shares of a segment's way between two parallel planes, into `SPAN`; false where it runs beside them outside. */
function slab(from: number, to: number, low: number, high: number): boolean {
  const d = to - from;
  if (Math.abs(d) < 1e-12) return from > low + 1e-6 && from < high - 1e-6;
  const [s, t] = [(low - from) / d, (high - from) / d];
  SPAN.near = Math.max(SPAN.near, Math.min(s, t));
  SPAN.far = Math.min(SPAN.far, Math.max(s, t));
  return true;
}
/** Millions of segments are asked: nothing is allocated for one. */
const SPAN = { near: 0, far: 1 };

/** Whether a segment goes through a box's inside. */
function throughBox(p: Vector, q: Vector, { atM, widthM, depthM, heightM }: PlannedRoom['boxes'][number]): boolean {
  SPAN.near = 0;
  SPAN.far = 1;
  return (
    slab(p[0], q[0], atM[0], atM[0] + widthM) &&
    slab(p[1], q[1], atM[1], atM[1] + depthM) &&
    slab(p[2], q[2], -1, heightM) &&
    SPAN.far - SPAN.near > 1e-6
  );
}

const isConvex = ({ plan }: PlannedRoom): boolean =>
  plan.every((p, i) => {
    const [q, r] = [plan[(i + 1) % plan.length]!, plan[(i + 2) % plan.length]!];
    return (q[0] - p[0]) * (r[1] - q[1]) - (q[1] - p[1]) * (r[0] - q[0]) >= -1e-9;
  });

/** Whether a segment of the plan crosses a wall, each well inside the other's ends; walls as ax, ay, bx, by one after the other. */
function crossesWall(walls: Float64Array, p: Vector, q: Vector): boolean {
  const [px, py] = p;
  const [dx, dy] = [q[0] - px, q[1] - py];
  for (let k = 0; k < walls.length; k += 4) {
    const [ax, ay, bx, by] = [walls[k]! - px, walls[k + 1]! - py, walls[k + 2]! - px, walls[k + 3]! - py];
    const [a1, a2] = [dx * ay - dy * ax, dx * by - dy * bx];
    if (!((a1 > SLACK && a2 < -SLACK) || (a1 < -SLACK && a2 > SLACK))) continue;
    const [ex, ey] = [bx - ax, by - ay];
    const [p1, p2] = [ey * ax - ex * ay, ex * (dy - ay) - ey * (dx - ax)];
    if ((p1 > SLACK && p2 < -SLACK) || (p1 < -SLACK && p2 > SLACK)) return true;
  }
  return false;
}

/** Says whether two points of a room see each other: no wall of it and no box stands between. Under slopes nothing more is in the way. */
export function sightIn(room: PlannedRoom): (p: Vector, q: Vector) => boolean {
  const walls = Float64Array.from(isConvex(room) ? [] : room.plan.flatMap((_, wall) => wallEnds(room, wall).flat()));
  const { boxes } = room;
  return (p, q) => {
    if (walls.length > 0 && crossesWall(walls, p, q)) return false;
    for (const box of boxes) if (throughBox(p, q, box)) return false;
    return true;
  };
}

/** Corners of the plan that stand into the room, and of its boxes: only behind these is anything hidden. */
function hidingCorners({ plan, boxes }: PlannedRoom): Float64Array {
  const reflex = plan.filter((q, i) => {
    const [p, r] = [plan[(i + plan.length - 1) % plan.length]!, plan[(i + 1) % plan.length]!];
    return (q[0] - p[0]) * (r[1] - q[1]) - (q[1] - p[1]) * (r[0] - q[0]) < -1e-9;
  });
  const feet = boxes.flatMap(({ atM: [x, y], widthM, depthM }) => [
    [x, y],
    [x + widthM, y],
    [x + widthM, y + depthM],
    [x, y + depthM],
  ]);
  return Float64Array.from([...reflex, ...feet].flat());
}

function shareSeen(sees: (p: Vector, q: Vector) => boolean, p: Vector, spots: readonly Vector[]): number {
  let seen = 0;
  for (const spot of spots) if (sees(p, spot)) seen += 1;
  return seen / spots.length;
}

/**
 * Says which share of some spots of a face a point of a room sees. Where no corner stands in the wedge from the point to the spots, all
 * are seen or none is, and one is asked.
 */
export function seenShareIn(room: PlannedRoom): (p: Vector, spots: readonly Vector[]) => number {
  const sees = sightIn(room);
  const corners = hidingCorners(room);
  const each = (p: Vector, spots: readonly Vector[]) => shareSeen(sees, p, spots);
  const { boxes } = room;
  if (corners.length === 0) return () => 1;
  return (p, spots) => {
    if (!wedgeTo(p, spots) || standsInWedge(p, corners)) return each(p, spots);
    // a box that the wedge runs into the side of hides what is behind it up to its height
    for (const box of boxes) if (throughBox(p, spots[0]!, { ...box, heightM: 1000 })) return each(p, spots);
    return sees(p, spots[0]!) ? 1 : 0;
  };
}

/** The wedge from a point to some spots, from above: its middle, how far aside and ahead it reaches. Nothing is allocated for one. */
const WEDGE = { cx: 0, cy: 0, least: 0, most: 0, far: 0 };
/** Sets the wedge; false where a spot lies beside or behind the middle of them, so that it is too wide to be told by. */
function wedgeTo([px, py]: Vector, spots: readonly Vector[]): boolean {
  let [cx, cy] = [0, 0];
  for (const s of spots) {
    cx += s[0] - px;
    cy += s[1] - py;
  }
  let [least, most, far] = [Infinity, -Infinity, 0];
  for (const s of spots) {
    const [x, y] = [s[0] - px, s[1] - py];
    const ahead = cx * x + cy * y;
    if (ahead <= 1e-9) return false;
    const aside = (cx * y - cy * x) / ahead;
    if (aside < least) least = aside;
    if (aside > most) most = aside;
    if (ahead > far) far = ahead;
  }
  WEDGE.cx = cx;
  WEDGE.cy = cy;
  WEDGE.least = least;
  WEDGE.most = most;
  WEDGE.far = far;
  return true;
}
/** Whether a corner stands in the wedge, nearer than the furthest spot. */
function standsInWedge([px, py]: Vector, corners: Float64Array): boolean {
  const { cx, cy, least, most, far } = WEDGE;
  for (let k = 0; k < corners.length; k += 2) {
    const [x, y] = [corners[k]! - px, corners[k + 1]! - py];
    const ahead = cx * x + cy * y;
    if (ahead <= 0 || ahead > far + 1e-9) continue;
    const aside = (cx * y - cy * x) / ahead;
    if (aside >= least - 1e-6 && aside <= most + 1e-6) return true;
  }
  return false;
}

/** A turn about the upright and a shift, from the frame of one room to that of another. */
export type Move = { readonly cos: number; readonly sin: number; readonly x: number; readonly y: number };
export const STAY: Move = { cos: 1, sin: 0, x: 0, y: 0 };
export const movedBy = ({ cos, sin, x, y }: Move, [px, py, pz]: Vector): Vector => [
  cos * px - sin * py + x,
  sin * px + cos * py + y,
  pz,
];
export const turnedBy = ({ cos, sin }: Move, [px, py, pz]: Vector): Vector => [cos * px - sin * py, sin * px + cos * py, pz];
/** First `p`, then `q`. */
const both = (p: Move, q: Move): Move => {
  const [x, y] = movedBy(q, [p.x, p.y, 0]);
  return { cos: q.cos * p.cos - q.sin * p.sin, sin: q.sin * p.cos + q.cos * p.sin, x, y };
};

/** From the frame of the room on the other side of a door into that of the one on side `k`. */
function throughDoor({ rooms, walls, leftM, widthM }: OpenDoor, all: readonly PlannedRoom[], k: 0 | 1): Move {
  const other = (1 - k) as 0 | 1;
  const [here, there] = [wallAxes(all[rooms[k]]!, walls[k]), wallAxes(all[rooms[other]]!, walls[other])];
  // what is its left end here is its right end there, and the walls run against each other
  const cos = -(here.along[0] * there.along[0] + here.along[1] * there.along[1]);
  const sin = -(here.along[1] * there.along[0] - here.along[0] * there.along[1]);
  const left = [here.from[0] + leftM[k] * here.along[0], here.from[1] + leftM[k] * here.along[1]];
  const s = leftM[other] + widthM;
  const right: Point = [there.from[0] + s * there.along[0], there.from[1] + s * there.along[1]];
  return { cos, sin, x: left[0]! - (cos * right[0] - sin * right[1]), y: left[1]! - (sin * right[0] + cos * right[1]) };
}

type Gate = { readonly a: Point; readonly b: Point; readonly heightM: number };

/** A room as it is seen from another: through which doors, and where it lies in that one's frame. */
export type SeenRoom = {
  readonly room: number;
  readonly move: Move;
  /** Whether a point of the one seen from sees a point of this one, both in the frame of the first. */
  readonly sees: (p: Vector, q: Vector) => boolean;
  /** Which share of some spots of a face of this one it sees. */
  readonly seenShare: (p: Vector, spots: readonly Vector[]) => number;
};

/** So many doors one after the other let light through that is worth its work. Own choice. */
const MOST_DOORS = 2;

/** Where a segment of the plan crosses a gate, as a share of its way; undefined where it does not, or over the lintel. */
function passes(p: Vector, q: Vector, { a, b, heightM }: Gate): number | undefined {
  const [dx, dy, ex, ey] = [q[0] - p[0], q[1] - p[1], b[0] - a[0], b[1] - a[1]];
  const across = dx * ey - dy * ex;
  if (Math.abs(across) < 1e-12) return undefined;
  const t = ((a[0] - p[0]) * ey - (a[1] - p[1]) * ex) / across;
  const s = ((a[0] - p[0]) * dy - (a[1] - p[1]) * dx) / across;
  if (t <= 0 || t >= 1 || s < 0 || s > 1) return undefined;
  return p[2] + t * (q[2] - p[2]) <= heightM ? t : undefined;
}

/** Every room that light reaches from a room through open doors, itself first. */
export function roomsSeenFrom(all: readonly PlannedRoom[], doors: readonly OpenDoor[], from: number): SeenRoom[] {
  const sights = all.map(sightIn);
  const found: SeenRoom[] = [{ room: from, move: STAY, sees: sights[from]!, seenShare: seenShareIn(all[from]!) }];
  type Step = {
    readonly room: number;
    readonly move: Move;
    readonly gates: readonly Gate[];
    readonly path: readonly { readonly room: number; readonly move: Move }[];
  };
  const walk = (step: Step) => {
    if (step.gates.length === MOST_DOORS) return;
    doors.forEach((door) => {
      ([0, 1] as const).forEach((k) => {
        const [here, there] = [door.rooms[k], door.rooms[(1 - k) as 0 | 1]];
        if (here !== step.room || step.path.some((p) => p.room === there)) return;
        const { from: start, along } = wallAxes(all[here]!, door.walls[k]);
        const end = (s: number): Point => {
          const [x, y] = movedBy(step.move, [start[0] + s * along[0], start[1] + s * along[1], 0]);
          return [x, y];
        };
        const gate: Gate = { a: end(door.leftM[k]), b: end(door.leftM[k] + door.widthM), heightM: door.heightM };
        const move = both(throughDoor(door, all, k), step.move);
        const gates = [...step.gates, gate];
        const path = [...step.path, { room: there, move }];
        const sees = seesAlong(gates, path, sights);
        found.push({ room: there, move, sees, seenShare: (p, spots) => shareSeen(sees, p, spots) });
        walk({ room: there, move, gates, path });
      });
    });
  };
  walk({ room: from, move: STAY, gates: [], path: [{ room: from, move: STAY }] });
  return found;
}

const inverse = ({ cos, sin, x, y }: Move): Move => ({ cos, sin: -sin, x: -(cos * x + sin * y), y: sin * x - cos * y });

/** Sight through gates one after the other, each room in between asked in its own frame. */
function seesAlong(
  gates: readonly Gate[],
  path: readonly { readonly room: number; readonly move: Move }[],
  sights: readonly ((p: Vector, q: Vector) => boolean)[],
): SeenRoom['sees'] {
  const back = path.map(({ move }) => inverse(move));
  return (p, q) => {
    let before = 0;
    let at = p;
    for (let k = 0; k < path.length; k++) {
      const gate = gates[k];
      const t = gate ? passes(p, q, gate) : 1;
      if (t === undefined || t < before) return false;
      const to: Vector = t === 1 ? q : [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1]), p[2] + t * (q[2] - p[2])];
      if (!sights[path[k]!.room]!(movedBy(back[k]!, at), movedBy(back[k]!, to))) return false;
      before = t;
      at = to;
    }
    return true;
  };
}
