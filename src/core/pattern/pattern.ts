import { cloud, lattice, noise, type Field } from './noise';

/** How a component lies in its thing. */
export const PATTERN_KINDS = ['veins', 'bands', 'flecks', 'grain', 'joints', 'tiles', 'border', 'stripes', 'patches'] as const;
export type PatternKind = (typeof PATTERN_KINDS)[number];

/** Words in a component's name that say how it lies. Common practice, no source. */
const WORDS: readonly (readonly [RegExp, PatternKind])[] = [
  [/vein/i, 'veins'],
  [/fleck|speck|chip|pore|spot|dot|crystal|speckle/i, 'flecks'],
  [/grain|thread|weave|knot/i, 'grain'],
  [/grout|joint|mortar/i, 'joints'],
  [/tile|brick|slab|sett/i, 'tiles'],
  [/border|edge|frame|fringe/i, 'border'],
  [/stripe|line|check/i, 'stripes'],
  [/band|layer|cloud|streak/i, 'bands'],
];

/** How a component lies, from its name. */
export const patternKind = (name: string): PatternKind => WORDS.find(([word]) => word.test(name))?.[1] ?? 'patches';

const { abs, ceil, floor, max, min, sin, PI } = Math;

/** Tiles across the width of a pattern. */
const TILES = 7;
/** How far a point lies from the edge of its tile, and which tile it is; every other row is shifted by half. */
function inTile(x: number, y: number): { readonly column: number; readonly row: number; readonly edge: number } {
  const row = floor(y * TILES);
  const along = x * TILES + (row % 2) / 2;
  const [u, v] = [along - floor(along), y * TILES - row];
  return { column: floor(along), row, edge: min(u, 1 - u, v, 1 - v) };
}

/** A field for each kind: a component takes the places where it is largest. x and y in widths, 0–1 across. */
const FIELDS: { readonly [K in PatternKind]: (seed: number, aspect: number) => Field } = {
  veins: (seed) => {
    const [path, warp] = [cloud(seed), noise(seed + 7)];
    return (x, y) => -abs(path(3 * x + 1.5 * warp(4 * x, 4 * y), 6 * y - 2 * x) - 0.5);
  },
  bands: (seed) => {
    const [path, warp] = [cloud(seed), noise(seed + 7)];
    return (x, y) => path(0.9 * x + 5, 13 * y + 1.2 * warp(3 * x, 3 * y));
  },
  flecks: (seed) => {
    const [speck, size] = [noise(seed), noise(seed + 7)];
    return (x, y) => speck(46 * x, 46 * y) + 0.25 * size(9 * x, 9 * y);
  },
  grain: (seed) => {
    const [line, warp] = [cloud(seed), noise(seed + 7)];
    return (x, y) => line(2.2 * x, 44 * y + 2.5 * warp(2 * x, 5 * y));
  },
  joints: () => (x, y) => -inTile(x, y).edge,
  tiles: (seed) => {
    const draw = lattice(seed);
    return (x, y) => {
      const { column, row } = inTile(x, y);
      return draw(column, row);
    };
  },
  border: (_, aspect) => (x, y) => -min(x, 1 - x, y, aspect - y),
  stripes: () => (x) => sin(18 * PI * x),
  patches: (seed) => {
    const blob = cloud(seed);
    return (x, y) => blob(5 * x, 5 * y);
  },
};

export type PatternPart = { readonly name: string; readonly share: number };
export type PatternSize = { readonly width: number; readonly height: number };

/** Steps into which a field is sorted: fine enough that what is left over in one of them is never seen. */
const BINS = 4096;

/** Puts each place into a bin by its value, the largest in the last. */
function binned(values: Float32Array): Uint16Array {
  let [low, high] = [Infinity, -Infinity];
  for (const v of values) {
    low = min(low, v);
    high = max(high, v);
  }
  const scale = high > low ? (BINS - 1) / (high - low) : 0;
  return Uint16Array.from(values, (v) => floor((v - low) * scale));
}

/** Takes the places still free where the field is largest, as many as asked for. */
function take(labels: Uint8Array, base: number, values: Float32Array, { as, count }: { as: number; count: number }): void {
  const bins = binned(values);
  const counts = new Uint32Array(BINS);
  bins.forEach((bin, i) => {
    if (labels[i] === base) counts[bin]! += 1;
  });
  let least = BINS - 1;
  let above = 0;
  while (least > 0 && above + counts[least]! < count) above += counts[least--]!;
  let left = count - above;
  bins.forEach((bin, i) => {
    if (labels[i] !== base || bin < least) return;
    if (bin > least || left-- > 0) labels[i] = as;
  });
}

/** Kinds with hard edges are worked out at every place, soft ones at every other and joined smoothly. */
const HARD: ReadonlySet<PatternKind> = new Set(['joints', 'tiles', 'border', 'stripes']);

/** A field over a picture, row by row. */
function valuesOf(field: Field, { width, height }: PatternSize, step: 1 | 2): Float32Array {
  const [across, down] = [ceil(width / step) + 1, ceil(height / step) + 1];
  const coarse = new Float32Array(across * down);
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++) coarse[y * across + x] = field((x * step + 0.5) / width, (y * step + 0.5) / width);
  const values = new Float32Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = floor(y / step) * across + floor(x / step);
      const [u, v] = [(x % step) / step, (y % step) / step];
      values[y * width + x] =
        (1 - v) * ((1 - u) * coarse[at]! + u * coarse[at + 1]!) +
        v * ((1 - u) * coarse[at + across]! + u * coarse[at + across + 1]!);
    }
  return values;
}

/**
 * A picture of a thing by its components: for each place the index of the component that lies there, row by row. The largest component is
 * the ground; the others lie on it as their names say (veins, flecks, tiles …), each in its share of the area. The same for the same
 * seed.
 *
 * @param parts at least one; shares sum to 1
 */
export function patternOf(parts: readonly PatternPart[], size: PatternSize, seed: number): Uint8Array {
  const base = parts.reduce((most, p, i) => (p.share > parts[most]!.share ? i : most), 0);
  const labels = new Uint8Array(size.width * size.height).fill(base);
  // what cuts through everything else goes last, so that it is on top
  const order = [...parts.keys()].filter((i) => i !== base).sort((p, q) => layer(parts[p]!) - layer(parts[q]!));
  for (const i of order) {
    const kind = patternKind(parts[i]!.name);
    const values = valuesOf(FIELDS[kind](seed + 31 * i, size.height / size.width), size, HARD.has(kind) ? 1 : 2);
    take(labels, base, values, { as: i, count: Math.round(parts[i]!.share * labels.length) });
  }
  return labels;
}

const layer = ({ name }: PatternPart): number => PATTERN_KINDS.length - PATTERN_KINDS.indexOf(patternKind(name));

/** A seed from an id, so that a thing always looks the same. */
export const seedOf = (id: string): number => [...id].reduce((h, c) => (Math.imul(h, 31) + c.charCodeAt(0)) >>> 0, 7);
