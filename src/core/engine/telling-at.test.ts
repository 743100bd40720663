import rooms from '../../../tests/golden/roomcases.json';
import { all } from '../../../tests/all';
import { day, lookIn } from '../../../tests/lit-room';
import { GRID } from '../colour/grid';
import { reflectanceFromLab } from '../colour/reflectance';
import type { DeckCurves } from '../formats/deck-curves';
import { toTheEnd } from './steps';
import { tellingAt } from './telling-at';

const colours = rooms.deck.flatMap(({ id, lab: [l, a, b] }) => {
  const found = reflectanceFromLab({ l: l!, a: a!, b: b! });
  return found.ok ? [{ id, lab: [l!, a!, b!], curve: found.value }] : [];
});
const deck: DeckCurves = {
  ids: colours.map((c) => c.id),
  makers: colours.map(() => 'One'),
  strengths: [100],
  labs: Float32Array.from(colours.flatMap((c) => c.lab)),
  curves: Float32Array.from(
    { length: GRID.count * colours.length },
    (_, i) => colours[Math.floor(i / GRID.count)]!.curve[i % GRID.count]!,
  ),
};
const own = colours.find((c) => c.lab[0]! > 70 && c.lab[0]! < 80)!;
const asked = (moment: number) => {
  const [l, a, b] = own.lab;
  const wall = { id: 'wall', lab: { l: l!, a: a!, b: b! } };
  const found = toTheEnd(tellingAt({ wall, colourId: own.id, day, moment, lookIn: { ...lookIn, lampsOn: false } }, deck));
  if (!found.ok) throw new Error(found.reason);
  return found.told;
};

test('by day up to five neighbours turn it each another way, itself not among them; in the dark nothing is told', () => {
  const noon = asked(50)!;
  expect(noon.neighbours.length).toBeGreaterThanOrEqual(3);
  expect(noon.neighbours.length).toBeLessThanOrEqual(5);
  expect(new Set(noon.neighbours.map((n) => n.shows)).size).toBe(noon.neighbours.length);
  expect(all(noon.neighbours, (n) => n.id !== own.id && n.hex !== noon.wallHex)).toBe(true);
  expect(asked(0)).toBeNull();
});
