import { laidOut, type Stretch } from './sun-labels';

const band = { first: 20, count: 72, width: 860 };
const sun = (text: string, from: number, to: number): Stretch => ({ text, from, to });

test('one stretch has its words at the right, late in the day at the left', () => {
  expect(laidOut([sun('sun, east window', 28, 40)], band)).toMatchObject([{ row: 0, side: 'right' }]);
  expect(laidOut([sun('sun, west window', 58, 90)], band)).toMatchObject([{ row: 0, side: 'left' }]);
});

test('stretches that meet stand on two lines, and their words on two sides', () => {
  const both = laidOut([sun('sun, west window', 50, 70), sun('sun, south window', 40, 60)], band);
  expect(both.map((s) => s.row)).toEqual([0, 1]);
  expect(both.map((s) => s.side)).toEqual(['right', 'left']);
});

test('no words lie over other words or another stretch, whatever there is', () => {
  const many = Array.from({ length: 9 }, (_, i) => sun(`sun, window ${i}`, 22 + 6 * i, 30 + 6 * i));
  for (const width of [340, 860]) {
    const taken = laidOut(many, { ...band, width }).flatMap(({ text, from, to, side }) => {
      const px = (m: number) => ((m - band.first) / band.count) * width;
      const long = text.length * 6.1;
      return side === 'none' ? [] : [side === 'right' ? [px(to + 1), px(to + 1) + long] : [px(from) - long, px(from)]];
    });
    const sorted = taken.sort((p, q) => p[0]! - q[0]!);
    for (let i = 1; i < sorted.length; i++) expect(sorted[i]![0]).toBeGreaterThanOrEqual(sorted[i - 1]![1]! - 0.01);
  }
});

test('without room there are no words, but the stretch', () => {
  expect(laidOut([sun('sun, north-north-west window', 20, 91)], { ...band, width: 300 })).toMatchObject([
    { row: 0, side: 'none' },
  ]);
});
