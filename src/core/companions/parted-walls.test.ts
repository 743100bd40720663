import { partedAreas, partedWall } from './parted-walls';

test('the deeper half lies below, except that under a high ceiling either may', () => {
  expect(partedWall(2.3)).toEqual({ railM: 0.8, says: expect.stringMatching(/low ceiling: the deeper half below/) });
  expect(partedWall(2.7)).toEqual({ railM: 0.9, says: expect.stringMatching(/deeper half below/) });
  expect(partedWall(3.2)).toEqual({ railM: 1.1, says: expect.stringMatching(/either half/) });
});

test('what lies below and above a rail is all four walls', () => {
  for (const heightM of [2.2, 2.5, 2.7, 3, 3.6]) {
    const { belowM2, aboveM2, focalM2 } = partedAreas({ widthM: 4, depthM: 5, heightM });
    expect(belowM2 + aboveM2).toBeCloseTo(2 * (4 + 5) * heightM, 9);
    expect(belowM2).toBeLessThan(aboveM2);
    expect(focalM2).toBeCloseTo(5 * heightM, 9);
  }
});
