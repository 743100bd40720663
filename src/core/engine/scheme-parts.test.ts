import { seededRandom } from '../base/random';
import { deltaE00 } from '../colour/ciede2000';
import { nearestPaints } from './scheme-parts';

test('the nearest paints are those that comparing with every one finds', () => {
  const random = seededRandom(2);
  const lab = () => ({ l: 15 + 80 * random(), a: 60 * random() - 30, b: 70 * random() - 25 });
  const palette = Array.from({ length: 1500 }, (_, k) => ({ id: `c${k}`, strength: 100, lab: lab(), reflectance: [] }));
  for (let n = 0; n < 60; n++) {
    const to = lab();
    const all = palette.map((c) => deltaE00(c.lab, to)).sort((p, q) => p - q);
    expect(nearestPaints(palette, to, 3).map((f) => f.apart)).toEqual(all.slice(0, 3));
  }
  expect(nearestPaints([], lab())).toEqual([]);
});
