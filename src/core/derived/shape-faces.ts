import { facetsOf, type Facet } from '../light/plan/patches';
import { slopeHeight, type PlannedRoom, type Slope } from '../light/plan/planned-room';
import { floorArea, wallLine, type Plan, type Point } from '../room/plan';
import type { Size } from './describe-room';

/** The upper edge of a wall, from its left end: how high it is at places along it, metres; straight between them. */
export type UpperEdge = readonly (readonly [s: number, z: number])[];

type Shaped = { readonly plan: Plan; readonly heightM: number; readonly slopes: readonly Slope[] };
const bare = ({ plan, heightM, slopes }: Shaped): PlannedRoom => ({
  plan,
  heightM,
  slopes,
  bearingDeg: 0,
  walls: plan.map(() => NONE),
  floor: NONE,
  ceiling: NONE,
  ground: NONE,
  obstruction: NONE,
  windows: [],
  roofWindows: [],
  boxes: [],
  lamps: [],
});
const NONE = new Float64Array(0);

const shapedOf = ({ shape, heightM }: Pick<Size, 'shape' | 'heightM'>): Shaped | undefined =>
  shape ? { plan: shape.plan, heightM, slopes: shape.slopes } : undefined;

/** The upper edge of a wall; level where nothing slopes over it. */
export function upperEdgeOf(size: Pick<Size, 'shape' | 'heightM'>, wall: number, lengthM: number): UpperEdge {
  const shaped = shapedOf(size);
  const level: UpperEdge = [
    [0, size.heightM],
    [lengthM, size.heightM],
  ];
  if (!shaped || shaped.slopes.length === 0) return level;
  const facet = facetsOf(bare(shaped), []).facets[wall];
  if (!facet) return level;
  // from the left end along the floor, then back along the upper edge
  return facet.outline
    .slice(2)
    .map(([s, z]): [number, number] => [s, z])
    .reverse();
}

/** How high a wall is at a place along it. */
export function heightAlong(edge: UpperEdge, s: number): number {
  const k = Math.max(
    1,
    edge.findIndex(([at]) => at >= s),
  );
  const [[s0, z0], [s1, z1]] = [edge[k - 1]!, edge[k] ?? edge[edge.length - 1]!];
  return s1 > s0 ? z0 + ((z1 - z0) * (s - s0)) / (s1 - s0) : z1;
}

/** Area of a wall between two heights, under its upper edge, m². */
export function areaUnder(edge: UpperEdge, from: number, to: number): number {
  // level from one break to the next once cut at the heights: the trapezium is exact between its own breaks
  const cuts = new Set(edge.map(([s]) => s));
  edge.slice(1).forEach(([s1, z1], k) => {
    const [s0, z0] = edge[k]!;
    for (const z of [from, to]) if ((z0 - z) * (z1 - z) < 0) cuts.add(s0 + ((s1 - s0) * (z - z0)) / (z1 - z0));
  });
  const at = [...cuts].sort((p, q) => p - q);
  const tall = (s: number) => Math.max(0, Math.min(heightAlong(edge, s), to) - from);
  return at.slice(1).reduce((sum, s1, k) => sum + ((s1 - at[k]!) * (tall(at[k]!) + tall(s1))) / 2, 0);
}

/** Areas of what is overhead, m²: the flat ceiling, and each slope by its place among them; roof windows are not left out. */
export function overhead(
  size: Pick<Size, 'shape' | 'heightM'>,
): { readonly flat: number; readonly slopes: readonly number[] } | undefined {
  const shaped = shapedOf(size);
  if (!shaped) return undefined;
  const room = bare(shaped);
  const ceilings = facetsOf(room, []).facets.slice(shaped.plan.length + 1);
  const isFlat = ({ inward }: Facet) => inward[2] === -1;
  const flat = ceilings.filter(isFlat).reduce((sum, f) => sum + floorArea(f.outline), 0);
  const slopes = shaped.slopes.map((slope) => {
    const own = ceilings.find((f) => !isFlat(f) && liesIn(f, room, slope));
    return own ? floorArea(own.outline) : 0;
  });
  return { flat, slopes };
}

/** Whether a face is that of a slope: its own axes begin there. */
function liesIn(facet: Facet, room: PlannedRoom, slope: Slope): boolean {
  const at: Point = [facet.from[0], facet.from[1]];
  const { inward } = wallLine(room.plan, slope.wall);
  const same = Math.abs(facet.inward[0] * inward[1] - facet.inward[1] * inward[0]) < 1e-6;
  return same && Math.abs(slopeHeight(room, slope, at) - facet.from[2]) < 1e-6;
}
