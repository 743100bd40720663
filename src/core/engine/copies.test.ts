import { lightOfTemperature } from '../colour/illuminant';
import { labFromXyz } from '../colour/lab';
import { knownMetamers } from '../colour/metamers';
import { D65_10, tristimulus } from '../colour/tristimulus';
import { copiesOf, type MadeColour } from './copies';
import type { UsedLight } from './used-lights';

const lights = [6500, 2700].map((cct, i): UsedLight => ({
  kind: i ? 'lamps' : 'overcast',
  judging: i ? 'lamps' : 'overcast',
  weight: 0.5,
  scene: { power: lightOfTemperature(cct), lux: 300 },
  at: 0,
}));
const made = (id: string, maker: string, reflectance: ArrayLike<number>): MadeColour => {
  const lab = labFromXyz(tristimulus(Float64Array.from(reflectance), D65_10));
  return { id, maker, strength: 100, lab, reflectance };
};
// many surfaces of one Lab: copies that are perfect by day
const alike = knownMetamers({ l: 70, a: 1, b: 9 }, 'any');
const wall = made('a', 'Own', alike[0]!);

test('a match that is perfect by day fails under the lamps, and is told with its direction', () => {
  const other = alike
    .slice(1)
    .map((r, i) => copiesOf(wall, [made(`m${i}`, 'Other', r)], lights)[0]!)
    .sort((p, q) => q.worst!.deltaE00 - p.worst!.deltaE00)[0]!;
  expect(other.inDeck).toBeLessThan(0.05);
  expect(other.worst!.kind).toBe('lamps');
  expect(other.worst!.deltaE00).toBeGreaterThan(0.5);
  expect(other.worst!.towards).not.toBe('');
});

test('the same surface is the same in every light', () => {
  const [copy] = copiesOf(wall, [made('x', 'Other', alike[0]!)], lights);
  expect(copy!.inDeck).toBeCloseTo(0, 9);
  expect(copy!.worst!.deltaE00).toBeCloseTo(0, 9);
});

test('one for each other maker, the nearest of its colours, nearest maker first; none of its own', () => {
  const flat = (v: number) => new Float64Array(alike[0]!.length).fill(v);
  const palette = [
    made('own', 'Own', alike[0]!),
    made('far', 'B', flat(0.3)),
    made('near', 'B', flat(0.42)),
    made('c', 'C', alike[1]!),
  ];
  expect(copiesOf(wall, palette, lights).map((c) => [c.maker, c.id])).toEqual([
    ['C', 'c'],
    ['B', 'near'],
  ]);
  expect(copiesOf(wall, palette, [])[0]!.worst).toBeNull();
});
