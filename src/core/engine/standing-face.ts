import type { Reflectance, SpectralPower } from '../colour/grid';
import { cutBy, onFacet, within, type Facet, type Rect } from '../light/plan/patches';
import type { Point } from '../light/plan/planned-room';
import type { Vector } from '../light/view-factor';
import { floorArea } from '../room/plan';
import { lookIn, rgbOf, type Adapted } from './standing-looks';

/** How the components of a surface lie: a picture of them by its key, so many metres wide, or once over all of what it lies on. */
export type Laid = { readonly key: string; readonly wideM: number | null };
/** A surface as it is drawn: one colour, or its components as they lie. */
export type Clad = { readonly tones: readonly Reflectance[]; readonly laid: Laid | null };
export const plain = (reflectance: Reflectance): Clad => ({ tones: [reflectance], laid: null });

/** What lies on a face, the later over the earlier: the sun on what lies there so many steps over the sun. */
export const LAYERS = { half: 1, below: 2, trim: 3, door: 4, hung: 5, window: 6, sun: 7 } as const;
export type Layer = keyof typeof LAYERS;

/** Where in the picture of its components a corner lies, in widths of that picture. */
export type Lies = { readonly key: string; readonly at: readonly (readonly [number, number])[] };

/** Something flat of one or more colours: a part of a wall, a window, the sun on the floor, the side of a thing. */
export type ShownPiece = {
  readonly corners: readonly Vector[];
  /** For each component one colour, or one at each corner. */
  readonly tones: readonly (readonly string[])[];
  readonly lies: Lies | null;
  /** So many steps before its face. */
  readonly layer: number;
};

/** A face as it is drawn: points in the room, colours (sRGB, 0–255) at each for each component, the polygons between them. */
export type ShownFacet = {
  /** Into the room, length 1. */
  readonly inward: Vector;
  readonly points: readonly Vector[];
  readonly tones: readonly (readonly number[])[];
  readonly lies: Lies | null;
  readonly polygons: readonly (readonly number[])[];
  /** What is in it: windows with what they show, what hangs there, the sun where it falls. */
  readonly pieces: readonly ShownPiece[];
};

/** A patch of a face in the light that falls on it, but for the sun's own. */
export type LitPatch = { readonly corners: readonly Vector[]; readonly at: Vector; readonly light: SpectralPower };
/** A face with its light, in its own axes. */
export type LitFace = {
  readonly facet: Facet;
  readonly patches: readonly LitPatch[];
  readonly windows: readonly { readonly rect: Rect; readonly hex: string }[];
  /** Where the sun falls on it, and the light it brings. */
  readonly sun: readonly { readonly outline: readonly Point[]; readonly power: SpectralPower }[];
  /** What one sees through to another room. */
  readonly open: readonly Rect[];
};
/** Something on a face that has a surface of its own. */
export type CladPart = { readonly rect: Rect; readonly clad: Clad; readonly layer: Layer };

/** The patch of a face that is nearest to a place in the room; undefined of a face without any. */
export function nearestPatch(patches: readonly LitPatch[], at: Vector): LitPatch | undefined {
  const away = (p: LitPatch) => Math.hypot(p.at[0] - at[0], p.at[1] - at[1], p.at[2] - at[2]);
  return patches.length === 0 ? undefined : patches.reduce((best, one) => (away(one) < away(best) ? one : best));
}

/** Pictures of components are as high as two thirds of their width. */
export const PICTURE_ASPECT = 2 / 3;
/** Where places of a face lie in its picture: by metres from a corner, or all of it over a rectangle. */
function liesAt(laid: Laid | null, places: readonly Point[], [u0, u1, v0, v1]: Rect): Lies | null {
  if (!laid) return null;
  const { key, wideM } = laid;
  const at = places.map(([u, v]): [number, number] =>
    wideM === null ? [(u - u0) / (u1 - u0), (v - v0) / (v1 - v0)] : [(u - u0) / wideM, (v - v0) / (wideM * PICTURE_ASPECT)],
  );
  return { key, at };
}

/** Where a point of a face lies in its axes. */
export function placeOn({ from, along, up }: Facet, at: Vector): Point {
  const d = at.map((c, k) => c - from[k]!);
  const by = (axis: Vector) => axis.reduce((sum, c, k) => sum + c * d[k]!, 0) / axis.reduce((sum, c) => sum + c * c, 0);
  return [by(along), by(up)];
}

/** Less than this is a line, m². */
const LEAST_M2 = 1e-6;

/** What of a polygon lies outside a rectangle, in at most four pieces. */
export function outside(polygon: readonly Point[], [u0, u1, v0, v1]: Rect): Point[][] {
  if (within(polygon, [u0, u1, v0, v1]).length < 3) return [[...polygon]];
  const between = cutBy(cutBy(polygon, 1, 0, u1), -1, 0, -u0);
  return [cutBy(polygon, 1, 0, u0), cutBy(polygon, -1, 0, -u1), cutBy(between, 0, 1, v0), cutBy(between, 0, -1, -v1)].filter(
    (p) => p.length >= 3 && floorArea(p) > LEAST_M2,
  );
}

const nameOf = (v: Vector): string => v.map((c) => Math.round(c * 1000)).join();

type Drawn = Pick<ShownFacet, 'points' | 'tones' | 'lies' | 'polygons'>;
/** A face of its patches: where they meet, the mean of their colours. */
function drawn({ facet, patches, open }: LitFace, { tones, laid }: Clad, { eye, scene }: Adapted): Drawn {
  const at = new Map<string, { readonly k: number; readonly sums: readonly number[][]; count: number }>();
  const points: Vector[] = [];
  const polygons = patches.flatMap(({ corners, light }) => {
    const hexes = tones.map((tone) => rgbOf(lookIn(eye, scene.lux, light, tone)));
    const holed = open.reduce<Point[][] | null>(
      (pieces, hole) => (pieces ?? [corners.map((c) => placeOn(facet, c))]).flatMap((p) => outside(p, hole)),
      null,
    );
    const outlines = holed?.map((p) => p.map(([u, v]) => onFacet(facet, u, v))) ?? [corners];
    return outlines.map((outline) =>
      outline.map((corner) => {
        const name = nameOf(corner);
        const known = at.get(name) ?? { k: points.push(corner) - 1, sums: tones.map(() => [0, 0, 0]), count: 0 };
        at.set(name, known);
        hexes.forEach((rgb, t) => rgb.forEach((v, c) => (known.sums[t]![c]! += v)));
        known.count += 1;
        return known.k;
      }),
    );
  });
  const mean = tones.map((_, t) => [...at.values()].flatMap(({ sums, count }) => sums[t]!.map((v) => v / count)));
  const places = laid ? points.map((p) => placeOn(facet, p)) : [];
  return { points, tones: mean, lies: liesAt(laid, places, [0, 1, 0, 1]), polygons };
}

/** A part larger than this has its light at more places than one, metres. Own choice. */
const LARGE_M = 0.9;
const lines = (from: number, to: number): number[] => {
  const long = Math.abs(to - from);
  const count = long > LARGE_M ? Math.ceil(long / (LARGE_M / 2)) : 1;
  return Array.from({ length: count + 1 }, (_, k) => from + (k * (to - from)) / count);
};

/** A part of a face as high as that is there, in the light that falls on it: large ones cell by cell with a colour at each corner. */
function partPieces({ facet, patches }: LitFace, { rect, clad, layer }: CladPart, { eye, scene }: Adapted): ShownPiece[] {
  const [u0, u1, v0, v1] = rect;
  const [us, vs] = [lines(u0, u1), lines(v0, v1)];
  const inset = (x: number, from: number, to: number) => Math.min(Math.max(x, from + 0.02), Math.max(from + 0.02, to - 0.02));
  const looks = (u: number, v: number): string[] => {
    const near = nearestPatch(patches, onFacet(facet, u, v));
    return clad.tones.map((tone) => (near ? lookIn(eye, scene.lux, near.light, tone) : '#000000'));
  };
  const isLarge = us.length > 2 || vs.length > 2;
  const at = isLarge ? vs.map((v) => us.map((u) => looks(inset(u, u0, u1), inset(v, v0, v1)))) : [];
  return vs.slice(1).flatMap((top, j) =>
    us.slice(1).flatMap((right, i): ShownPiece[] => {
      const [left, low] = [us[i]!, vs[j]!];
      const outline = within(facet.outline, [left, right, low, top]);
      if (outline.length < 3) return [];
      const isWhole = outline.length === 4;
      const corners: Point[] = isWhole ? [[left, low], [right, low], [right, top], [left, top]] : outline; // prettier-ignore
      const middle = isLarge ? at[j]![i]! : looks((left + right) / 2, (low + top) / 2);
      const around = isLarge && isWhole ? [at[j]![i]!, at[j]![i + 1]!, at[j + 1]![i + 1]!, at[j + 1]![i]!] : [middle];
      return [
        {
          corners: corners.map(([u, v]) => onFacet(facet, u, v)),
          tones: clad.tones.map((_, t) => around.map((hexes) => hexes[t]!)),
          lies: liesAt(clad.laid, corners, rect),
          layer: LAYERS[layer],
        },
      ];
    }),
  );
}

/** The sun where it falls on a face, in the colours of what is there. */
function sunPieces(
  { facet, patches, sun }: LitFace,
  clad: Clad,
  parts: readonly CladPart[],
  { eye, scene }: Adapted,
): ShownPiece[] {
  const whole: Rect = [0, 1, 0, 1];
  return sun.flatMap(({ outline, power }) => {
    const middle = outline.reduce<Point>(([u, v], p) => [u + p[0] / outline.length, v + p[1] / outline.length], [0, 0]);
    const near = nearestPatch(patches, onFacet(facet, ...middle));
    if (!near) return [];
    const light = near.light.map((l, i) => l + power[i]!);
    const piece = (shape: readonly Point[], { tones, laid }: Clad, of: Rect, layer: number): ShownPiece => ({
      corners: shape.map(([u, v]) => onFacet(facet, u, v)),
      tones: tones.map((tone) => [lookIn(eye, scene.lux, light, tone)]),
      lies: liesAt(laid, shape, of),
      layer,
    });
    const on = parts.flatMap((part) => {
      const shape = within(outline, part.rect);
      return shape.length < 3 ? [] : [piece(shape, part.clad, part.rect, LAYERS.sun + LAYERS[part.layer])];
    });
    return [piece(outline, clad, whole, LAYERS.sun), ...on];
  });
}

/** A face as an eye sees it, with all that is in it. */
export function shownFacet(face: LitFace, clad: Clad, parts: readonly CladPart[], adapted: Adapted): ShownFacet {
  const { facet, windows } = face;
  const glass = windows.map(({ rect: [u0, u1, v0, v1], hex }): ShownPiece => ({
    corners: [onFacet(facet, u0, v0), onFacet(facet, u1, v0), onFacet(facet, u1, v1), onFacet(facet, u0, v1)],
    tones: [[hex]],
    lies: null,
    layer: LAYERS.window,
  }));
  const sorted = [...parts].sort((p, q) => LAYERS[p.layer] - LAYERS[q.layer]);
  return {
    inward: facet.inward,
    ...drawn(face, clad, adapted),
    pieces: [...sorted.flatMap((part) => partPieces(face, part, adapted)), ...glass, ...sunPieces(face, clad, sorted, adapted)],
  };
}
