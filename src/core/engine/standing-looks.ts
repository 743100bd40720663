import { SCENE, seenThrough, type SceneLight, type SceneView } from '../appearance/scene';
import type { Reflectance, SpectralPower } from '../colour/grid';
import { integrationWeights } from '../colour/observer';
import { flat } from '../light/light-room';
import type { WallRect } from '../light/room-fit';
import { luxOf } from '../light/spectral';
import type { Swatch } from './light-protocol';
import { surfacesOf } from './looks';
import type { Dress } from './standing-dress';

/** An eye that stands in a room, and the light it is adapted to. */
export type Adapted = { readonly eye: SceneView; readonly scene: SceneLight };

export const rgbOf = (hex: string): [number, number, number] =>
  [1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16)) as [number, number, number];

/** What a surface in a light looks like to an eye that is adapted to another. */
export function lookIn(eye: SceneView, eyeLux: number, power: SpectralPower, reflectance: Reflectance): string {
  const lux = luxOf(power);
  if (!(lux > 0)) return '#000000';
  return seenThrough(eye, integrationWeights(power, 10), (lux / eyeLux) ** SCENE.dimming)(reflectance).hex;
}

/** What glows more than this beside a white of the room is white with its tint, as the eye has it: times the eye's own lux. Own choice. */
const GLOWS = 1.15;
/** A perfect white, so that what glows may be looked at as a surface lit by so much. */
const WHITE = flat(1);

/** What is seen through a window: a colour where it is no brighter than the room; where it is, the whiter the brighter, as it dazzles. */
export function glowing({ eye, scene }: Adapted, power: SpectralPower): string {
  const lux = luxOf(power);
  const most = GLOWS * scene.lux;
  if (lux <= most) return lookIn(eye, scene.lux, power, WHITE);
  const [share, own] = [most / lux, luxOf(scene.power)];
  const dazzles = power.map((v, i) => most * ((share * v) / lux + ((1 - share) * scene.power[i]!) / own));
  return lookIn(eye, scene.lux, dazzles, WHITE);
}

/** What lies on a face, the later over the earlier: half of a wall, trim and doors, windows, the sun. */
export const LAYERS = { half: 1, part: 2, window: 3, sun: 4 } as const;
/** Something of a face with a colour of its own, or with one at each corner. */
export type ShownPiece<C> = {
  readonly corners: readonly C[];
  readonly hex: string;
  readonly hexes?: readonly string[];
  readonly layer: (typeof LAYERS)[keyof typeof LAYERS];
};

/** A part larger than this has its light at more places than one, metres. Own choice. */
const LARGE_M = 0.9;
type Lit = (u: number, v: number) => SpectralPower | undefined;
type OnFace = { readonly rect: readonly [u0: number, u1: number, v0: number, v1: number]; readonly reflectance: Reflectance };
/**
 * A part of a face in the light that falls on it: small ones in that of their middle, large ones cell by cell with a colour at each corner.
 *
 * @param litAt the light at a place of the face, in its own axes
 */
export function dressedPieces({ rect: [u0, u1, v0, v1], reflectance }: OnFace, litAt: Lit, { eye, scene }: Adapted) {
  const hexAt = (u: number, v: number): string => {
    const light = litAt(u, v);
    return light ? lookIn(eye, scene.lux, light, reflectance) : '#000000';
  };
  const [wide, high] = [Math.abs(u1 - u0), Math.abs(v1 - v0)];
  const cells = (length: number) => (length > LARGE_M ? Math.ceil(length / (LARGE_M / 2)) : 1);
  const [n, m] = [cells(wide), cells(high)];
  const isLarge = n > 1 || m > 1;
  const lines = (from: number, to: number, count: number) =>
    Array.from({ length: count + 1 }, (_, k) => from + (k * (to - from)) / count);
  const [us, vs] = [lines(u0, u1, n), lines(v0, v1, m)];
  const inset = (v: number, from: number, to: number) =>
    Math.min(Math.max(v, Math.min(from, to) + 0.02), Math.max(from, to) - 0.02);
  const at = isLarge ? vs.map((v) => us.map((u) => hexAt(inset(u, u0, u1), inset(v, v0, v1)))) : [];
  return vs.slice(1).flatMap((top, j) =>
    us.slice(1).map((right, i) => {
      const [left, low] = [us[i]!, vs[j]!];
      return {
        rect: [left, right, low, top] as const,
        hex: isLarge ? at[j]![i]! : hexAt((left + right) / 2, (low + top) / 2),
        layer: n > 1 && m > 1 ? LAYERS.half : LAYERS.part,
        ...(isLarge ? { hexes: [at[j]![i]!, at[j]![i + 1]!, at[j + 1]![i + 1]!, at[j + 1]![i]!] } : {}),
      };
    }),
  );
}

/** What a room has on, as reflectances. */
export type Dressed = {
  readonly walls: readonly (Reflectance | null)[];
  readonly ceiling: Reflectance | null;
  readonly parts: readonly { readonly wall: number; readonly rect: WallRect; readonly reflectance: Reflectance }[];
};
const AS_IT_IS: Dressed = { walls: [], ceiling: null, parts: [] };
export function reflectancesOf(dress: Dress | null): Dressed {
  if (!dress) return AS_IT_IS;
  const of = (swatch: Swatch | null) => (swatch ? surfacesOf(swatch)[0]! : null);
  return {
    walls: dress.walls.map(of),
    ceiling: of(dress.ceiling),
    parts: dress.parts.map(({ wall, rect, swatch }) => ({ wall, rect, reflectance: of(swatch)! })),
  };
}
