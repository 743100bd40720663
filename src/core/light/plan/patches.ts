import type { Reflectance } from '../../colour/grid';
import type { Vector } from '../view-factor';
import { floorArea } from '../../room/plan';
import { inPolygon, slopeAxes, slopeHeight, wallAxes, type PlannedRoom, type Point } from './planned-room';

/** A flat face of a room with axes of its own: points of it are from + u · along + v · up. */
export type Facet = {
  readonly from: Vector;
  readonly along: Vector;
  readonly up: Vector;
  /** Into the room, length 1. */
  readonly inward: Vector;
  /** In its own axes; simple, either way round. */
  readonly outline: readonly Point[];
  readonly reflectance: Reflectance;
  /** What is open in it, as rectangles in its own axes. */
  readonly holes: readonly Rect[];
};
export type Rect = readonly [u0: number, u1: number, v0: number, v1: number];

export const onFacet = ({ from, along, up }: Pick<Facet, 'from' | 'along' | 'up'>, u: number, v: number): Vector => [
  from[0] + u * along[0] + v * up[0],
  from[1] + u * along[1] + v * up[1],
  from[2] + u * along[2] + v * up[2],
];

/** The part of a polygon where a · u + b · v ≤ c; Sutherland & Hodgman 1974. Concave ones keep edges that cover one another. */
export function cutBy(polygon: readonly Point[], a: number, b: number, c: number): Point[] {
  const kept: Point[] = [];
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    const [dp, dq] = [a * p[0] + b * p[1] - c, a * q[0] + b * q[1] - c];
    if (dp <= 0) kept.push(p);
    if (dp < 0 !== dq < 0 && dp !== dq) {
      const t = dp / (dp - dq);
      kept.push([p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])]);
    }
  });
  return kept;
}
/** The part of a polygon within a rectangle. */
export const within = (polygon: readonly Point[], [u0, u1, v0, v1]: Rect): Point[] =>
  cutBy(cutBy(cutBy(cutBy(polygon, 1, 0, u1), -1, 0, -u0), 0, 1, v1), 0, -1, -v0);

/** A piece of a facet. */
export type PlanPatch = {
  readonly facet: number;
  readonly corners: readonly Vector[];
  readonly area: number;
  /** Spots of it that stand for it. */
  readonly spots: readonly Vector[];
  /** Share of it that is no hole. */
  readonly solid: number;
};

type Opening = { readonly facet: number; readonly rect: Rect };
const DOOR_SILL = 0;

/** The ceiling over the plan: flat where no slope is lower, each slope where it is lowest. Parts of the plan, as polygons. */
export function ceilingParts(
  room: Pick<PlannedRoom, 'plan' | 'heightM' | 'slopes'>,
): { readonly slope: number | null; readonly over: Point[] }[] {
  const planes = [null, ...room.slopes.keys()];
  const heightAt = (k: number | null, at: Point) => (k === null ? room.heightM : slopeHeight(room, room.slopes[k]!, at));
  return planes.flatMap((k) => {
    let over: Point[] = [...room.plan];
    for (const other of planes) {
      if (other === k) continue;
      // both are linear in x and y: where k − other ≤ 0
      const d = (at: Point) => heightAt(k, at) - heightAt(other, at);
      const [c, a, b] = [d([0, 0]), d([1, 0]) - d([0, 0]), d([0, 1]) - d([0, 0])];
      if (Math.abs(a) + Math.abs(b) < 1e-12) {
        if (c > 0) over = [];
      } else over = cutBy(over, a, b, -c);
    }
    return over.length >= 3 && floorArea(over) > 1e-6 ? [{ slope: k, over }] : [];
  });
}

/** How high a wall is along it: corners of its upper edge, from its right end back to its left. */
function upperEdge(room: PlannedRoom, wall: number): Point[] {
  const { from, along, length } = wallAxes(room, wall);
  const at = (s: number): Point => [from[0] + s * along[0], from[1] + s * along[1]];
  const lines = [() => room.heightM, ...room.slopes.map((slope) => (s: number) => slopeHeight(room, slope, at(s)))];
  const least = (s: number) => Math.min(...lines.map((line) => line(s)));
  const turns = new Set([0, length]);
  for (const p of lines)
    for (const q of lines) {
      const [d0, d1] = [p(0) - q(0), p(length) - q(length)];
      if (d0 * d1 < 0) turns.add((length * d0) / (d0 - d1));
    }
  return [...turns].sort((p, q) => q - p).map((s): Point => [s, Math.max(0, least(s))]);
}

const FLAT = { floor: 1, ceiling: -1 } as const;
const flatFacet = (of: keyof typeof FLAT, z: number, outline: readonly Point[], reflectance: Reflectance): Facet => ({
  from: [0, 0, z],
  along: [1, 0, 0],
  up: [0, 1, 0],
  inward: [0, 0, FLAT[of]],
  outline,
  reflectance,
  holes: [],
});

function boxFacets({ boxes }: PlannedRoom): Facet[] {
  return boxes.flatMap(({ atM: [x, y], widthM, depthM, heightM, reflectance }) => {
    const side = (from: Vector, along: Vector, inward: Vector, length: number): Facet => ({
      from,
      along,
      up: [0, 0, 1],
      inward,
      outline: [
        [0, 0],
        [length, 0],
        [length, heightM],
        [0, heightM],
      ],
      reflectance,
      holes: [],
    });
    const outline: Point[] = [
      [x, y],
      [x + widthM, y],
      [x + widthM, y + depthM],
      [x, y + depthM],
    ];
    return [
      side([x, y, 0], [1, 0, 0], [0, -1, 0], widthM),
      side([x + widthM, y, 0], [0, 1, 0], [1, 0, 0], depthM),
      side([x, y + depthM, 0], [1, 0, 0], [0, 1, 0], widthM),
      side([x, y, 0], [0, 1, 0], [-1, 0, 0], depthM),
      flatFacet('floor', heightM, outline, reflectance),
    ];
  });
}

/** The faces of a room: its walls in their order, the floor, the parts of the ceiling, the sides and tops of its boxes. */
export function facetsOf(
  room: PlannedRoom,
  doors: readonly Opening[],
): { readonly facets: readonly Facet[]; readonly openings: readonly Opening[] } {
  const walls = room.plan.map((_, wall): Facet => {
    const { from, along, inward, length } = wallAxes(room, wall);
    return {
      from: [from[0], from[1], 0],
      along: [along[0], along[1], 0],
      up: [0, 0, 1],
      inward: [inward[0], inward[1], 0],
      outline: [[0, DOOR_SILL], [length, DOOR_SILL], ...upperEdge(room, wall)],
      reflectance: room.walls[wall]!,
      holes: [],
    };
  });
  const parts = ceilingParts(room);
  const ceilings = parts.map(({ slope, over }): Facet => {
    if (slope === null) return flatFacet('ceiling', room.heightM, over, room.ceiling);
    const axes = slopeAxes(room, room.slopes[slope]!);
    // the plan's points in the slope's own axes: along the wall as they are, up stretched by the pitch
    const outline = over.map(([x, y]): Point => {
      const [dx, dy] = [x - axes.from[0], y - axes.from[1]];
      const flat = Math.hypot(axes.up[0], axes.up[1]);
      return [dx * axes.along[0] + dy * axes.along[1], (dx * axes.up[0] + dy * axes.up[1]) / flat ** 2];
    });
    return { ...axes, outline, reflectance: room.ceiling, holes: [] };
  });
  const floor = flatFacet('floor', 0, room.plan, room.floor);
  const own = room.windows.map(({ wall, leftM, sillM, widthM, heightM }): Opening => ({
    facet: wall,
    rect: [leftM, leftM + widthM, sillM, sillM + heightM],
  }));
  const roof = room.roofWindows.map((w): Opening => {
    const slope = 'slope' in w ? w.slope : null;
    const facet = walls.length + 1 + parts.findIndex((p) => p.slope === slope);
    return 'slope' in w
      ? { facet, rect: [w.leftM, w.leftM + w.widthM, w.upM, w.upM + w.heightM] }
      : { facet, rect: [w.atM[0], w.atM[0] + w.widthM, w.atM[1], w.atM[1] + w.depthM] };
  });
  const openings = [...own, ...roof];
  const facets = [...walls, floor, ...ceilings, ...boxFacets(room)].map((facet, k) => ({
    ...facet,
    holes: [...openings, ...doors].filter((o) => o.facet === k).map((o) => o.rect),
  }));
  return { facets, openings };
}

/** Lines that cut from…to into pieces no longer than `size`, with those that must be among them. */
function linesBetween(from: number, to: number, size: number, must: readonly number[]): number[] {
  const fixed = [...new Set([from, to, ...must.filter((m) => m > from + 1e-6 && m < to - 1e-6)])].sort((p, q) => p - q);
  return fixed
    .slice(0, -1)
    .flatMap((p, i) => {
      const q = fixed[i + 1]!;
      const n = Math.max(1, Math.round((q - p) / size));
      return Array.from({ length: n }, (_, k) => p + (k * (q - p)) / n);
    })
    .concat(fixed.at(-1)!);
}

const SPOTS = 2;

/** Spots of a piece of a facet: those of a small grid over it that lie inside. */
function spotsOf(facet: Facet, outline: readonly Point[], [u0, u1, v0, v1]: Rect): Vector[] {
  const spots: Vector[] = [];
  for (const n of [SPOTS, 5]) {
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++) {
        const at: Point = [u0 + ((i + 0.5) / n) * (u1 - u0), v0 + ((j + 0.5) / n) * (v1 - v0)];
        if (inPolygon(at, outline)) spots.push(onFacet(facet, at[0], at[1]));
      }
    if (spots.length > 0) return spots;
  }
  return spots;
}

/** Share of a piece that no hole takes. */
function solidShare({ holes }: Facet, piece: readonly Point[]): number {
  const area = floorArea(piece);
  const taken = holes.reduce((sum, hole) => sum + floorArea(within(piece, hole)), 0);
  return Math.max(0, 1 - taken / area);
}

/**
 * Cuts the faces of a room into patches about `sizeM` across. Floor and ceiling are cut along the corners of the plan and the feet of
 * boxes, walls along the doors in them.
 */
export function patchesOf(room: PlannedRoom, facets: readonly Facet[], sizeM: number): PlanPatch[] {
  const xs = [...room.plan.map((p) => p[0]), ...room.boxes.flatMap((b) => [b.atM[0], b.atM[0] + b.widthM])];
  const ys = [...room.plan.map((p) => p[1]), ...room.boxes.flatMap((b) => [b.atM[1], b.atM[1] + b.depthM])];
  return facets.flatMap((facet, k) => {
    const [us, vs] = [facet.outline.map((p) => p[0]), facet.outline.map((p) => p[1])];
    const level = facet.inward[2] === 1 || facet.inward[2] === -1;
    const holes = facet.holes.flatMap((h) => [h[0], h[1]]);
    const [uLines, vLines] = [
      linesBetween(Math.min(...us), Math.max(...us), sizeM, level ? xs : holes),
      linesBetween(Math.min(...vs), Math.max(...vs), sizeM, level ? ys : []),
    ];
    const found: PlanPatch[] = [];
    for (let j = 0; j + 1 < vLines.length; j++)
      for (let i = 0; i + 1 < uLines.length; i++) {
        const rect: Rect = [uLines[i]!, uLines[i + 1]!, vLines[j]!, vLines[j + 1]!];
        const piece = within(facet.outline, rect);
        if (piece.length < 3 || floorArea(piece) < 1e-5) continue;
        const spots = spotsOf(facet, piece, rect);
        if (spots.length === 0) continue;
        found.push({
          facet: k,
          corners: piece.map(([u, v]) => onFacet(facet, u, v)),
          area: floorArea(piece),
          spots,
          solid: solidShare(facet, piece),
        });
      }
    return found;
  });
}
