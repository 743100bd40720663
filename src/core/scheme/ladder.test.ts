import { seededRandom } from '../base/random';
import { deltaE00 } from '../colour/ciede2000';
import { ladderOf, LADDER, missesLadder, rungOf, wallOfLadder } from './ladder';

const grey = (l: number) => ({ l, a: 0, b: 0 });

test('steps are too close, slight, or a jump', () => {
  expect([0, 2.9, 3, 17.9, 18, 40].map(rungOf)).toEqual(['too-close', 'too-close', 'slight', 'slight', 'jump', 'jump']);
});

test('a room is a ladder from the deepest to the lightest', () => {
  const found = ladderOf([
    { name: 'ceiling', lab: grey(95) },
    { name: 'floor', lab: grey(40) },
    { name: 'walls', lab: grey(82) },
    { name: 'trim', lab: grey(83) },
  ]);
  expect(found.map((s) => [s.from, s.to, s.rung])).toEqual([
    ['floor', 'walls', 'jump'],
    ['walls', 'trim', 'too-close'],
    ['trim', 'ceiling', 'slight'],
  ]);
});

test('the wall that makes every neighbour a slight step is what trying every one finds', () => {
  const random = seededRandom(4);
  const lab = () => ({ l: 20 + 75 * random(), a: 16 * random() - 8, b: 22 * random() - 4 });
  for (let n = 0; n < 60; n++) {
    const palette = Array.from({ length: 120 }, lab);
    const neighbours = Array.from({ length: 1 + (n % 4) }, lab);
    const worst = palette.map((wall) =>
      Math.max(
        ...neighbours.map((other) => {
          const apart = deltaE00(wall, other);
          if (apart < LADDER.closeUnder) return 2 * (LADDER.closeUnder - apart);
          return Math.max(0, apart - LADDER.jumpFrom);
        }),
      ),
    );
    const best = wallOfLadder(palette, neighbours);
    expect(worst[best]).toBeCloseTo(Math.min(...worst), 9);
    expect(missesLadder(palette[best]!, neighbours)).toBeCloseTo(Math.min(...worst), 9);
  }
  expect(wallOfLadder([], [])).toBe(-1);
});
