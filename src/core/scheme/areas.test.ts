import { ACCENT_SHARE } from '../companions/accent-dose';
import { SCHEME_PARTS } from '../record/scheme';
import { areasOfBox, seenShares } from './areas';

const areas = areasOfBox({ widthM: 4, depthM: 5, heightM: 2.5, windows: [{ widthM: 1.5, heightM: 1.2 }] });

test('a box room is measured less its openings', () => {
  // 18 m around × 2.5 less a window of 1.8, a door of 1.71 and the trim; by hand
  expect(areas.ceiling).toBe(20);
  expect(areas.floor).toBe(20);
  expect(areas.windows).toBeCloseTo(1.8, 9);
  expect(areas.walls + areas.trim).toBeCloseTo(45 - 1.8 - 0.84 * 2.04, 9);
});

test('what one sees makes 1, whatever stays', () => {
  const things = [
    { thing: 'floor', cover: 1 },
    { thing: 'rug', cover: null },
    { thing: 'cabinets', cover: null },
    { thing: 'sofa', cover: null },
    { thing: 'trim', cover: null },
  ] as const;
  for (let n = 0; n <= things.length; n++) {
    const { parts, stays } = seenShares(areas, SCHEME_PARTS, things.slice(0, n));
    const sum = [...Object.values(parts), ...stays].reduce((s, v) => s + v, 0);
    expect(sum).toBeCloseTo(1, 9);
    expect(Math.min(...Object.values(parts), ...stays, 1)).toBeGreaterThan(0);
    expect(parts.accent).toBeLessThanOrEqual(ACCENT_SHARE.most);
  }
});

test('a rug hides floor, a focal wall is a quarter of the walls', () => {
  const bare = seenShares(areas, ['walls'], [{ thing: 'floor', cover: null }]);
  const withRug = seenShares(
    areas,
    ['walls'],
    [
      { thing: 'floor', cover: null },
      { thing: 'rug', cover: null },
    ],
  );
  expect(withRug.stays[0]).toBeLessThan(bare.stays[0]!);
  expect(withRug.stays[0]! + withRug.stays[1]!).toBeCloseTo(bare.stays[0]!, 9);
  const focal = seenShares(areas, ['walls', 'focal'], []);
  expect(focal.parts.focal! / (focal.parts.walls! + focal.parts.focal!)).toBeCloseTo(0.25, 9);
});
