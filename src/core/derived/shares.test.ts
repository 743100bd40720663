import { seededRandom } from '../base/random';
import { LEAST_SHARE, withoutPart, withPart, withShare } from './shares';

const part = (id: string, share: number) => ({ id, share });
const sum = (parts: readonly { share: number }[]) => parts.reduce((s, p) => s + p.share, 0);

test('the others keep their proportions', () => {
  const shares = withShare([part('a', 0.6), part('b', 0.3), part('c', 0.1)], 'a', 0.2).map((p) => p.share);
  expect(shares[0]).toBeCloseTo(0.2, 3);
  expect(shares[1]! / shares[2]!).toBeGreaterThan(2.7);
  expect(sum(shares.map((share) => ({ share })))).toBeCloseTo(1, 12);
});

test('one part is all of it; a part taken in and out leaves what was there', () => {
  expect(withShare([part('a', 0.4)], 'a', 0.2)).toEqual([part('a', 1)]);
  const two = withPart([part('a', 1)], part('b', 0.1));
  expect(two.map((p) => Math.round(p.share * 1000))).toEqual([900, 100]);
  expect(withoutPart(two, 'b')).toEqual([part('a', 1)]);
  expect(withoutPart([part('a', 1)], 'a')).toEqual([part('a', 1)]);
});

test('whatever is asked for, shares are positive, to the tenth of a percent, and make 100 %', () => {
  const random = seededRandom(3);
  for (let n = 0; n < 400; n++) {
    const count = 1 + Math.floor(random() * 12);
    let parts = [part('0', 1)];
    for (let i = 1; i < count; i++) parts = [...withPart(parts, part(String(i), random()))];
    parts = [...withShare(parts, String(Math.floor(random() * count)), random() * 3 - 1)];
    expect(sum(parts)).toBeCloseTo(1, 9);
    for (const { share } of parts) {
      expect(share).toBeGreaterThanOrEqual(LEAST_SHARE / 2);
      expect(Math.abs(share * 1000 - Math.round(share * 1000))).toBeLessThan(1e-9);
    }
  }
});
