import fc from 'fast-check';
import { FACES, patchBox, patchSize, planesOf, type Box, type Face } from './box';
import { elementFactors } from './element-factors';
import { bounce, bounceWeights, formFactors } from './radiosity';
import { parallelRectangles, perpendicularRectangles, polygonFactor } from './view-factor';

const ROOM: Box = { widthM: 4, depthM: 5, heightM: 2.5 };
const faceFactor = (box: Box, from: Face, to: Face, sizeM: number) => {
  const patched = patchBox(box, sizeM);
  const { patches } = patched;
  const factors = formFactors(patched);
  const n = patches.length;
  let sum = 0;
  let area = 0;
  patches.forEach((p, i) => {
    if (FACES[p.face] !== from) return;
    area += p.area;
    patches.forEach((q, j) => {
      if (FACES[q.face] === to) sum += p.area * factors[i * n + j]!;
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

describe('closed forms for elements along the axes (Howell B-3, B-5)', () => {
  const vector = fc.tuple(
    fc.double({ min: 0.05, max: 3.9, noNaN: true }),
    fc.double({ min: 0.05, max: 4.9, noNaN: true }),
    fc.double({ min: 0.05, max: 2.4, noNaN: true }),
  );

  test('agree with the general polygon factor wherever the element is and however it faces', () => {
    const patched = patchBox(ROOM, 1.1);
    const planes = planesOf(ROOM);
    fc.assert(
      fc.property(vector, fc.constantFrom(...planes), (at, own) => {
        const normal = [0, 1, 2].map((k) => (k === own.axis ? own.inward : 0)) as [number, number, number];
        for (const face of patched.faces) {
          const factors = elementFactors(at, own, face);
          factors.forEach((factor, k) => {
            const { corners } = patched.patches[face.first + k]!;
            expect(factor).toBeCloseTo(polygonFactor(at, normal, corners), 9);
          });
        }
      }),
      { numRuns: 60, seed: 3 },
    );
  });
});

describe('weights of bounced light', () => {
  test('are the adjoint of the bounce: the same light at a receiver, whatever falls on the patches', () => {
    const patched = patchBox(ROOM, 0.9);
    const { patches } = patched;
    const factors = formFactors(patched);
    const n = patches.length;
    const rho = Float64Array.from(patches, (p) => [0.5, 0.6, 0.4, 0.7, 0.2, 0.8][p.face]!);
    const at = [1.1, 2.3, 1.2] as const;
    const up = [0, 0, 1] as const;
    const seen = Float64Array.from(patches, (p) => polygonFactor(at, up, p.corners));
    const { weights } = bounceWeights(factors, { factors: seen, reflectance: rho, count: 1, bands: 1 });
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1000, noNaN: true }), { minLength: n, maxLength: n }), (direct) => {
        const { total } = bounce(factors, direct, rho);
        const forward = seen.reduce((s, f, j) => s + f * rho[j]! * total[j]!, 0);
        const backward = weights.reduce((s, w, j) => s + w * direct[j]!, 0);
        expect(Math.abs(backward - forward)).toBeLessThanOrEqual(0.002 * forward);
      }),
      { numRuns: 20, seed: 4 },
    );
  });

  test('several receivers and bands do not mix', () => {
    const patched = patchBox(ROOM, 1.3);
    const factors = formFactors(patched);
    const n = patched.patches.length;
    const seen = [0.3, 0.6].map((x) =>
      Float64Array.from(patched.patches, (p) => polygonFactor([4 * x, 2, 1], [0, 0, 1], p.corners)),
    );
    const rho = [0.2, 0.5, 0.7];
    const { weights: all } = bounceWeights(factors, {
      factors: Float64Array.from([...seen[0]!, ...seen[1]!]),
      reflectance: Float64Array.from({ length: n * 3 }, (_, k) => rho[k % 3]!),
      count: 2,
      bands: 3,
    });
    const { weights: alone } = bounceWeights(factors, {
      factors: seen[1]!,
      reflectance: new Float64Array(n).fill(0.7),
      count: 1,
      bands: 1,
    });
    alone.forEach((w, j) => expect(all[(j * 2 + 1) * 3 + 2]).toBeCloseTo(w, 5));
  });

  test('ρ = 1 is refused', () => {
    const patched = patchBox(ROOM, 1.5);
    const n = patched.patches.length;
    const receivers = { factors: new Float64Array(n), reflectance: new Float64Array(n).fill(1), count: 1, bands: 1 };
    expect(() => bounceWeights(formFactors(patched), receivers)).toThrow('must lie in [0, 1)');
  });
});

describe('patches', () => {
  test('stay under their number, long rooms and square ones', () => {
    for (const box of [ROOM, { widthM: 12, depthM: 2, heightM: 2.4 }, { widthM: 3, depthM: 3, heightM: 3 }])
      for (const most of [60, 420, 600]) expect(patchBox(box, patchSize(box, most)).patches.length).toBeLessThanOrEqual(most);
  });
});

describe('a closed room', () => {
  const patched = patchBox(ROOM, 0.8);
  const { patches } = patched;
  const factors = formFactors(patched);
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
        const direct = patches.map((p) => (FACES[p.face] === lit ? 1000 : 0));
        const rho = patches.map((p) => reflectances[FACES[p.face]!]);
        const { total } = bounce(factors, direct, rho);
        const absorbed = patches.reduce((s, p, i) => s + p.area * total[i]! * (1 - rho[i]!), 0);
        const given = patches.reduce((s, p, i) => s + p.area * direct[i]!, 0);
        expect(Math.abs(absorbed / given - 1)).toBeLessThan(0.02);
      }),
      { numRuns: 6 },
    );
  });

  test('more reflectance never makes it darker', () => {
    const direct = patches.map((p) => (FACES[p.face] === 'wall-0' ? 500 : 20));
    const [darker, lighter] = [0.4, 0.6].map((r) => bounce(factors, direct, new Float64Array(n).fill(r)).total);
    darker!.forEach((e, i) => expect(lighter![i]!).toBeGreaterThan(e));
  });

  test('ρ = 1 everywhere, and a room without height, are refused in words', () => {
    expect(() => bounce(factors, new Float64Array(n), new Float64Array(n).fill(1))).toThrow('must lie in [0, 1)');
    expect(() => patchBox({ ...ROOM, heightM: 0 }, 0.5)).toThrow('heightM 0 m');
  });
});
