import { adaptCat16 } from './cat16';
import type { Bytes } from './cast';
import { deltaE00 } from './ciede2000';
import { colourFromPhoto, PHOTO_COLOUR } from './from-photo';
import { xyzFromLab } from './lab';
import { linearOfXyz, WHITE_SRGB } from './srgb';
import type { Lab, XYZ } from './types';

const encode = (v: number) => (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);
/** What a camera without faults makes of a surface in a light: adapted to the light's white, darkened by the exposure. */
function taken(lab: Lab, light: XYZ, exposure: number): Bytes {
  const seen = adaptCat16(xyzFromLab(lab, WHITE_SRGB), WHITE_SRGB, light);
  const scaled = { x: seen.x * exposure, y: seen.y * exposure, z: seen.z * exposure };
  return linearOfXyz(scaled).map((v) => Math.round(255 * encode(Math.max(0, Math.min(1, v))))) as unknown as Bytes;
}
const paper: Lab = { l: 116 * Math.cbrt(PHOTO_COLOUR.paperY) - 16, a: 0, b: 0 };
// CIE 15: whites of D65 and illuminant A (2°)
const LIGHTS: readonly (readonly [string, XYZ])[] = [
  ['daylight', WHITE_SRGB],
  ['between day and lamp', { x: 102, y: 100, z: 72 }],
];

describe.each(LIGHTS)('in %s', (_, light) => {
  test.each([[{ l: 60, a: 8, b: 24 }], [{ l: 78, a: 4, b: 13 }], [{ l: 38, a: -1, b: -2 }], [{ l: 46, a: 20, b: 20 }]])(
    '%j is found again, whatever the exposure',
    (lab) => {
      for (const exposure of [0.75, 0.5]) {
        const found = colourFromPhoto(
          taken(paper, light, exposure),
          Array.from({ length: 9 }, () => taken(lab, light, exposure)),
          true,
        );
        if (!found.ok) throw new Error(found.reason);
        // eight bits a channel lose so much
        expect(deltaE00(lab, found.lab)).toBeLessThan(1.2);
        expect(found.spread).toBeLessThan(0.01);
        if (light === WHITE_SRGB) expect(found.uncertainty).toBeCloseTo(PHOTO_COLOUR.lockedError, 1);
        else expect(found.uncertainty).toBeGreaterThan(PHOTO_COLOUR.lockedError + 1);
      }
    },
  );
});

// white of a 2,856 K lamp taken with daylight's balance: CIE 15, illuminant A, in sRGB
test.each([
  ['daylight', [243, 243, 243], 4, 5],
  ['warm daylight', [243, 224, 196], 6, 9],
  ['tungsten', [243, 170, 95], 12, 15],
] as const)('what it is off by grows with the cast: %s', (_, light, least, most) => {
  const found = colourFromPhoto(light, [[120, 90, 60]], true);
  if (!found.ok) throw new Error(found.reason);
  expect(found.uncertainty).toBeGreaterThanOrEqual(least - 0.01);
  expect(found.uncertainty).toBeLessThanOrEqual(most);
  expect(found.strongCast).toBe(least > 4);
});

test('an uneven circle and a free camera are less sure', () => {
  const sure = colourFromPhoto([220, 220, 220], [[120, 110, 100]], true);
  const uneven = colourFromPhoto(
    [220, 220, 220],
    [
      [120, 110, 100],
      [60, 50, 40],
    ],
    true,
  );
  const free = colourFromPhoto([220, 220, 220], [[120, 110, 100]], false);
  if (!sure.ok || !uneven.ok || !free.ok) throw new Error('refused');
  expect(uneven.uncertainty).toBeGreaterThan(sure.uncertainty);
  expect(free.uncertainty).toBeGreaterThan(sure.uncertainty);
});

test('a clipped paper, a dark one, and a place that is blown out tell nothing', () => {
  const some: Bytes[] = [[120, 110, 100]];
  expect(colourFromPhoto([255, 250, 240], some, true)).toEqual({ ok: false, reason: 'paper-too-bright' });
  expect(colourFromPhoto([30, 30, 30], some, true)).toEqual({ ok: false, reason: 'paper-too-dark' });
  expect(colourFromPhoto([220, 220, 220], [[255, 255, 255]], true)).toEqual({ ok: false, reason: 'clipped' });
});
