import fc from 'fast-check';
import { bounce, FACES, formFactors, patchesOf, type Box, type Face } from './radiosity';
import { parallelRectangles, perpendicularRectangles, polygonFactor } from './view-factor';

const ROOM: Box = { widthM: 4, depthM: 5, heightM: 2.5 };
const faceFactor = (box: Box, from: Face, to: Face, sizeM: number) => {
  const patches = patchesOf(box, sizeM);
  const factors = formFactors(patches);
  const n = patches.length;
  let sum = 0;
  let area = 0;
  patches.forEach((p, i) => {
    if (p.face !== from) return;
    area += p.area;
    patches.forEach((q, j) => {
      if (q.face === to) sum += p.area * factors[i * n + j]!;
    });
  });
  return sum / area;
};

describe('view factors', () => {
  test('of a cube: 0.1998 to the opposite face, 0.2000 to each other one (Howell C-11, C-14)', () => {
    expect(parallelRectangles(1, 1, 1)).toBeCloseTo(0.19982, 4);
    expect(perpendicularRectangles(1, 1, 1)).toBeCloseTo(0.20004, 4);
    expect(parallelRectangles(1, 1, 1) + 4 * perpendicularRectangles(1, 1, 1)).toBeCloseTo(1, 10);
  });

  test('patches agree with the analytic rectangles within 1 %', () => {
    const { widthM: w, depthM: d, heightM: h } = ROOM;
    expect(faceFactor(ROOM, 'floor', 'ceiling', 0.5) / parallelRectangles(w, d, h)).toBeCloseTo(1, 2);
    expect(Math.abs(faceFactor(ROOM, 'floor', 'wall-0', 0.4) / perpendicularRectangles(d, h, w) - 1)).toBeLessThan(0.01);
    expect(Math.abs(faceFactor(ROOM, 'wall-0', 'floor', 0.4) / perpendicularRectangles(h, d, w) - 1)).toBeLessThan(0.01);
  });

  test('a polygon overhead of a point: closed form of a parallel rectangle’s corner, and of all that is above', () => {
    // corner of a rectangle X × Y over the point: Howell B-3
    const [x, y] = [0.8, 1.7];
    const corner =
      ((x / Math.sqrt(1 + x * x)) * Math.atan(y / Math.sqrt(1 + x * x)) +
        (y / Math.sqrt(1 + y * y)) * Math.atan(x / Math.sqrt(1 + y * y))) /
      (2 * Math.PI);
    const rectangle = [
      [0, 0, 1],
      [x, 0, 1],
      [x, y, 1],
      [0, y, 1],
    ] as const;
    expect(polygonFactor([0, 0, 0], [0, 0, 1], rectangle)).toBeCloseTo(corner, 12);
    expect(polygonFactor([0, 0, 0], [0, 0, -1], rectangle)).toBe(0);
    const far = 1e6;
    expect(
      polygonFactor(
        [0, 0, 0],
        [0, 0, 1],
        [
          [-far, -far, 1],
          [far, -far, 1],
          [far, far, 1],
          [-far, far, 1],
        ],
      ),
    ).toBeCloseTo(1, 5);
  });

  test('a polygon in the element’s own plane gives it nothing, even around it', () => {
    expect(
      polygonFactor(
        [0, 0, 0],
        [0, 0, 1],
        [
          [-1, -1, 0],
          [1, -1, 0],
          [1, 1, 0],
          [-1, 1, 0],
        ],
      ),
    ).toBe(0);
  });

  test('a polygon that crosses the element’s plane counts only above it', () => {
    const upper = [
      [-1, 1, 0],
      [1, 1, 0],
      [1, 1, 2],
      [-1, 1, 2],
    ] as const;
    const whole = [
      [-1, 1, -2],
      [1, 1, -2],
      [1, 1, 2],
      [-1, 1, 2],
    ] as const;
    expect(polygonFactor([0, 0, 0], [0, 0, 1], whole)).toBeCloseTo(polygonFactor([0, 0, 0], [0, 0, 1], upper), 12);
  });
});

describe('a closed room', () => {
  const patches = patchesOf(ROOM, 0.8);
  const factors = formFactors(patches);
  const n = patches.length;

  test('every point sees all of it: rows add up to 1', () => {
    for (let i = 0; i < n; i++) expect(factors.subarray(i * n, (i + 1) * n).reduce((s, v) => s + v, 0)).toBeCloseTo(1, 9);
  });

  test.each([0, 0.2, 0.5, 0.8, 0.9])('of uniform reflectance %d gives E/(1 − ρ) to 0.1 %', (rho) => {
    const { total, converged } = bounce(factors, new Float64Array(n).fill(100), new Float64Array(n).fill(rho));
    expect(converged).toBe(true);
    for (const e of total) expect(Math.abs((e * (1 - rho)) / 100 - 1)).toBeLessThan(0.001);
  });

  test('what is absorbed is what came in, within 2 %, however the light falls', () => {
    const reflectances: Record<Face, number> = {
      'wall-0': 0.6,
      'wall-1': 0.5,
      'wall-2': 0.7,
      'wall-3': 0.5,
      floor: 0.2,
      ceiling: 0.85,
    };
    fc.assert(
      fc.property(fc.constantFrom(...FACES), (lit) => {
        const direct = patches.map((p) => (p.face === lit ? 1000 : 0));
        const rho = patches.map((p) => reflectances[p.face]);
        const { total } = bounce(factors, direct, rho);
        const absorbed = patches.reduce((s, p, i) => s + p.area * total[i]! * (1 - rho[i]!), 0);
        const given = patches.reduce((s, p, i) => s + p.area * direct[i]!, 0);
        expect(Math.abs(absorbed / given - 1)).toBeLessThan(0.02);
      }),
      { numRuns: 6 },
    );
  });

  test('more reflectance never makes it darker', () => {
    const direct = patches.map((p) => (p.face === 'wall-0' ? 500 : 20));
    const [darker, lighter] = [0.4, 0.6].map((r) => bounce(factors, direct, new Float64Array(n).fill(r)).total);
    darker!.forEach((e, i) => expect(lighter![i]!).toBeGreaterThan(e));
  });

  test('ρ = 1 everywhere, and a room without height, are refused in words', () => {
    expect(() => bounce(factors, new Float64Array(n), new Float64Array(n).fill(1))).toThrow('must lie in [0, 1)');
    expect(() => patchesOf({ ...ROOM, heightM: 0 }, 0.5)).toThrow('heightM 0 m');
  });
});
