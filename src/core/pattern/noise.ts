/** A smooth field over the plane, 0–1, the same for the same seed. */
export type Field = (x: number, y: number) => number;

const { floor, imul } = Math;

/** A number in 0–1 for each point of the integer lattice. */
export function lattice(seed: number): Field {
  return (x, y) => {
    let h = imul(x, 0x27d4eb2d) ^ imul(y, 0x165667b1) ^ imul(seed, 0x9e3779b1);
    h = imul(h ^ (h >>> 15), 0x85ebca6b);
    h = imul(h ^ (h >>> 13), 0xc2b2ae35);
    return ((h ^ (h >>> 16)) >>> 0) / 2 ** 32;
  };
}

const smooth = (t: number) => t * t * (3 - 2 * t);

/** Value noise: lattice values joined smoothly. */
export function noise(seed: number): Field {
  const at = lattice(seed);
  return (x, y) => {
    const i = floor(x);
    const j = floor(y);
    const u = smooth(x - i);
    const v = smooth(y - j);
    const top = at(i, j) * (1 - u) + at(i + 1, j) * u;
    const bottom = at(i, j + 1) * (1 - u) + at(i + 1, j + 1) * u;
    return top * (1 - v) + bottom * v;
  };
}

/** Three octaves of noise, 0–1. */
export function cloud(seed: number): Field {
  const [broad, fine, finest] = [noise(seed), noise(seed + 101), noise(seed + 202)];
  return (x, y) => (4 * broad(x, y) + 2 * fine(2.1 * x, 2.1 * y) + finest(4.3 * x, 4.3 * y)) / 7;
}
