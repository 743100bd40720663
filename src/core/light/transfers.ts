import { GRID, type SpectralPower } from '../colour/grid';
import { facesOf, type LightRoom } from './light-room';
import { bounceWeights } from './radiosity';
import type { Receiver } from './receiver';
import type { PatchSights, RoomShape } from './room-shape';
import { BANDS, betweenBands } from './spectral';
import { areaOf, clipTo, type SunPatch } from './sun-patch';
import { polygonFactor } from './view-factor';

/**
 * How much of the direct light on each patch reaches each receiver by bounces, in each band:
 * (patch · receivers + receiver) · bands + band.
 */
export function weightsOf(room: LightRoom, { patched, factors, solid }: RoomShape, receivers: readonly Receiver[]): Float64Array {
  const n = patched.patches.length;
  const faces = facesOf(room);
  const reflectance = new Float64Array(n * BANDS.count);
  const seen = new Float64Array(receivers.length * n);
  patched.patches.forEach((patch, j) => {
    for (let b = 0; b < BANDS.count; b++) reflectance[j * BANDS.count + b] = faces[patch.face]![b * BANDS.step]! * solid[j]!;
    receivers.forEach(({ at, normal }, r) => (seen[r * n + j] = polygonFactor(at, normal, patch.corners)));
  });
  return bounceWeights(factors, { factors: seen, reflectance, count: receivers.length, bands: BANDS.count }).weights;
}

/** Adds `scale` times a row of weights, from `offset` on, to `into`. */
export function addWeights(into: Float64Array, weights: Float64Array, offset: number, scale: number): void {
  for (let i = 0; i < into.length; i++) into[i]! += scale * weights[offset + i]!;
}

/** From each target seen through an aperture to every receiver by bounces: for the k-th target `width` numbers. */
export type Transfer = { readonly targets: Int32Array; readonly values: Float64Array };

export function transferOf(sights: PatchSights, weights: Float64Array, width: number): Transfer {
  const slots = new Map<number, number>();
  sights.target.forEach((t) => slots.has(t) || slots.set(t, slots.size));
  const values = new Float64Array(slots.size * width);
  sights.patch.forEach((patch, k) => {
    const to = slots.get(sights.target[k]!)! * width;
    const from = patch * width;
    const factor = sights.factor[k]!;
    for (let i = 0; i < width; i++) values[to + i]! += factor * weights[from + i]!;
  });
  return { targets: Int32Array.from(slots.keys()), values };
}

/** A source's spectrum and the glass it comes through, if any. */
export type Source = { readonly power: SpectralPower; readonly glass?: Float64Array };

/** Adds a source's spectrum times `scale` and what bounces do to it in each band, given from `offset` on. */
export function addBanded(
  into: SpectralPower,
  { power, glass }: Source,
  bands: { readonly values: Float64Array; readonly offset: number },
  scale: number,
): void {
  for (let i = 0; i < GRID.count; i++)
    into[i]! += scale * betweenBands(bands.values, i, bands.offset) * power[i]! * (glass ? glass[i]! : 1);
}

/** Calls back with each patch that a patch of sun touches, and the share of it that is lit. */
export function eachLitPatch(
  { patched }: RoomShape,
  { face, polygon }: SunPatch,
  found: (patch: number, share: number) => void,
): void {
  const { us, vs, first } = patched.faces[face]!;
  const columns = us.length - 1;
  const [uMin, uMax] = [Math.min(...polygon.map((c) => c[0])), Math.max(...polygon.map((c) => c[0]))];
  const [vMin, vMax] = [Math.min(...polygon.map((c) => c[1])), Math.max(...polygon.map((c) => c[1]))];
  for (let j = 0; j + 1 < vs.length; j++) {
    if (vs[j + 1]! <= vMin || vs[j]! >= vMax) continue;
    for (let i = 0; i < columns; i++) {
      if (us[i + 1]! <= uMin || us[i]! >= uMax) continue;
      const rect = [us[i]!, us[i + 1]!, vs[j]!, vs[j + 1]!] as const;
      const lit = areaOf(clipTo(polygon, rect));
      if (lit > 0) found(first + j * columns + i, lit / ((rect[1] - rect[0]) * (rect[3] - rect[2])));
    }
  }
}
