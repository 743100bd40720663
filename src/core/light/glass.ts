import { leastRecentlyUsed } from '../base/least-recently-used';
import type { Plane } from './box';
import type { Vector } from './view-factor';

const { abs, asin, cos, exp, hypot, log, max, sin, PI } = Math;

/** What of a pane or panes does not depend on their colour. */
export type Panes = {
  /** Sheets of glass one behind the other; 0 is an open hole. */
  readonly panes: number;
  /** Optical depth of the glass itself straight through: what it swallows, its reflections and its dirt apart. */
  readonly depth: number;
};

/** Refractive index of window glass. Usual value of soda-lime glass, from memory; EN 410 works with it too. */
const INDEX = 1.52;
/** What an ordinary window's dirt lets through, from every side alike. Common practice, no source. */
export const CLEAN_SHARE = 0.92;

/** Reflectance of one surface for light polarised across and along the plane of incidence. Fresnel's equations. */
function fresnel(cosine: number): readonly [number, number] {
  const inside = cos(asin(sin(Math.acos(cosine)) / INDEX));
  const across = (cosine - INDEX * inside) / (cosine + INDEX * inside);
  const along = (INDEX * cosine - inside) / (INDEX * cosine + inside);
  return [across * across, along * along];
}

/** Share of unpolarised light through the surfaces of `panes` sheets, back and forth between them counted. Stokes 1862. */
export function throughSurfaces(panes: number, cosine: number): number {
  const [across, along] = fresnel(cosine);
  const through = (r: number) => (1 - r) / (1 + (2 * panes - 1) * r);
  return panes === 0 ? 1 : (through(across) + through(along)) / 2;
}

/** Optical depth of the glass of a window that lets `transmittance` (0–1] straight through, dirt included. */
export const depthOf = (panes: number, transmittance: number): number =>
  panes === 0 ? 0 : max(0, log((throughSurfaces(panes, 1) * CLEAN_SHARE) / transmittance));

/** What comes through at an angle over what comes straight through, 0–1. @param cosine of the angle of incidence, 0–1 */
export function slantShare({ panes, depth }: Panes, cosine: number): number {
  if (panes === 0) return 1;
  if (cosine <= 0) return 0;
  const inside = cos(asin(sin(Math.acos(cosine)) / INDEX));
  return (throughSurfaces(panes, cosine) / throughSurfaces(panes, 1)) * exp(-depth * (1 / inside - 1));
}

/** Steps of cosine in which a table of the glass is kept: between them a straight line is within 0.001. */
const TABLE = 512;
const tables = leastRecentlyUsed<Float64Array>(32);

/** {@link slantShare} for many rays, from a table. */
export function slantTable(glass: Panes): (cosine: number) => number {
  if (glass.panes === 0) return () => 1;
  const table = tables(`${glass.panes} ${glass.depth}`, () =>
    Float64Array.from({ length: TABLE + 2 }, (_, k) => slantShare(glass, Math.min(1, k / TABLE))),
  );
  return (cosine) => {
    const at = cosine * TABLE;
    const k = Math.floor(at);
    return table[k]! + (at - k) * (table[k + 1]! - table[k]!);
  };
}

/** Cosine at which a ray from a point of the room through a spot of a plane meets it. */
export const cosineThrough = ({ axis }: Pick<Plane, 'axis'>, from: Vector, spot: Vector): number =>
  abs(spot[axis] - from[axis]) / hypot(spot[0] - from[0], spot[1] - from[1], spot[2] - from[2]);

/** Steps of the integral over the half space. */
const STEPS = 90;

/** {@link slantShare} of light that comes evenly from the whole half space before the glass. */
export function diffuseShare(glass: Panes): number {
  let [sum, all] = [0, 0];
  for (let k = 0; k < STEPS; k++) {
    const angle = ((k + 0.5) / STEPS) * (PI / 2);
    sum += slantShare(glass, cos(angle)) * sin(2 * angle);
    all += sin(2 * angle);
  }
  return sum / all;
}
