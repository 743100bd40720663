import { Matrix, solve } from 'ml-matrix';
import type { LabPicture } from './lab-picture';
import type { LinearPicture } from './picture';

export const SHADING = {
  /** Pixels along the side of what is compared with its neighbour. */
  block: 6,
  /** What changes by less over it is light, what changes by more is colour: ratio of luminance, chroma. Own choices. */
  mostRatio: 1.08,
  mostChroma: 2,
  /** Luminance under which noise rules. */
  darkUnder: 0.02,
  /** Fewer pairs tell nothing. */
  fewest: 40,
  /** Of all parts so many are darker than what counts as lit well: light falls off from it more often than it adds to it. Own choice. */
  lit: 0.65,
  /** No part is made lighter or darker by more than this factor. */
  most: 1.6,
} as const;

type Block = { readonly luminance: number; readonly a: number; readonly b: number };

/** Means over blocks: threads and noise even out in them. */
function blocksOf({ width, height, red, green, blue }: LinearPicture, lab: LabPicture) {
  const [across, down] = [Math.floor(width / SHADING.block), Math.floor(height / SHADING.block)];
  const blocks = Array.from({ length: across * down }, (_, n): Block => {
    const [left, top] = [(n % across) * SHADING.block, Math.floor(n / across) * SHADING.block];
    let [luminance, a, b] = [0, 0, 0];
    for (let y = top; y < top + SHADING.block; y++)
      for (let x = left; x < left + SHADING.block; x++) {
        const i = y * width + x;
        luminance += 0.2126729 * red[i]! + 0.7151522 * green[i]! + 0.072175 * blue[i]!;
        a += lab.a[i]!;
        b += lab.b[i]!;
      }
    const count = SHADING.block ** 2;
    return { luminance: luminance / count, a: a / count, b: b / count };
  });
  return { across, down, blocks };
}

/** The parts of a field that changes slowly, and how they change from one place to another; places from −1 to 1. */
const field = (x: number, y: number) => [x, y, x * x, x * y, y * y];

type Pair = { readonly from: readonly [number, number]; readonly to: readonly [number, number]; readonly step: number };

/** Neighbours that differ by so little that it is the light that differs. */
function pairsOf(picture: LinearPicture, lab: LabPicture): Pair[] {
  const { across, down, blocks } = blocksOf(picture, lab);
  const side = Math.max(picture.width, picture.height) / 2;
  const middle = (n: number, size: number) => ((n + 0.5) * SHADING.block - size / 2) / side;
  const place = (x: number, y: number) => [middle(x, picture.width), middle(y, picture.height)] as const;
  const pairs: Pair[] = [];
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++)
      for (const [u, v] of [
        [x + 1, y],
        [x, y + 1],
      ] as const) {
        if (u >= across || v >= down) continue;
        const [p, q] = [blocks[y * across + x]!, blocks[v * across + u]!];
        if (!(p.luminance > SHADING.darkUnder && q.luminance > SHADING.darkUnder)) continue;
        const step = Math.log(q.luminance / p.luminance);
        if (Math.abs(step) > Math.log(SHADING.mostRatio) || Math.hypot(p.a - q.a, p.b - q.b) > SHADING.mostChroma) continue;
        pairs.push({ from: place(x, y), to: place(u, v), step });
      }
  return pairs;
}

/**
 * A picture without the light that falls off across it: what changes slowly is taken for light, what jumps for colour (Land & McCann 1971),
 * and a field of the second degree is fitted to it by least squares. What is lit well stays as bright as it is.
 */
export function withoutShading(picture: LinearPicture, lab: LabPicture): LinearPicture {
  const pairs = pairsOf(picture, lab);
  if (pairs.length < SHADING.fewest) return picture;
  const size = field(0, 0).length;
  const normal = Matrix.eye(size, size).mul(1e-6);
  const right = Matrix.zeros(size, 1);
  for (const { from, to, step } of pairs) {
    const [p, q] = [field(...from), field(...to)];
    const change = q.map((v, k) => v - p[k]!);
    for (let r = 0; r < size; r++) {
      right.set(r, 0, right.get(r, 0) + change[r]! * step);
      for (let c = 0; c < size; c++) normal.set(r, c, normal.get(r, c) + change[r]! * change[c]!);
    }
  }
  const parts = solve(normal, right).to1DArray();
  const { width, height, red, green, blue } = picture;
  const side = Math.max(width, height) / 2;
  const light = Float64Array.from(red, (_, i) =>
    field(((i % width) - width / 2) / side, (Math.floor(i / width) - height / 2) / side).reduce(
      (s, v, k) => s + v * parts[k]!,
      0,
    ),
  );
  const whole = Float64Array.from(light).sort()[Math.floor(SHADING.lit * (light.length - 1))]!;
  const most = Math.log(SHADING.most);
  const factor = light.map((v) => Math.exp(Math.min(most, Math.max(-most, whole - v))));
  const lit = (channel: Float32Array) => channel.map((v, i) => v * factor[i]!);
  return { width, height, red: lit(red), green: lit(green), blue: lit(blue) };
}
