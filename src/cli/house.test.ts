import roomcases from '../../tests/golden/roomcases.json';
import { chroma, lrvOf } from '@/core/colour/lab';
import { all } from '../../tests/all';
import { answer } from './requests';

type Entry = { id: string; strength: number; rooms: string[] };
type Found = { fewest: Entry[]; exact: boolean; without: string[]; palette: (Entry & { role: string })[] };
const { deck, base, cases } = roomcases;
const labOf = (id: string) => {
  const [l, a, b] = deck.find((c) => c.id === id)!.lab as [number, number, number];
  return { l, a, b };
};

/** A made house: what works in each room is what the search finds there. */
const HOUSE = [
  ['o1', 'Kitchen', 'morning'],
  ['o5', 'Bathroom', 'morning'],
  ['o7', 'Hall', 'all'],
  ['o9', 'Dining room', 'evening'],
  ['o3', 'Sitting room', 'day-evening'],
] as const;
const rooms = HOUSE.map(([id, name, use]) => {
  const { room, place, date, zone, stays, wish } = cases.find((c) => c.id === id)!;
  const { works, nearly } = answer('shortlist', { room, place, date, zone, stays, wish, deck, base, use }) as {
    works: string[];
    nearly: string[];
  };
  return { name, use, works: [...works, ...nearly].map((w) => ({ id: w, strength: 100 })) };
});
const ask = (more: object = {}) => answer('house', { rooms, deck, base, ...more }) as Found;

test('so few serve every room, and each works where it is said to', () => {
  const { fewest, exact, without } = ask();
  expect(exact).toBe(true);
  const served = new Set(fewest.flatMap((f) => f.rooms));
  for (const { name, works } of rooms) expect(served.has(name)).toBe(works.length > 0 && !without.includes(name));
  for (const { id, rooms: where } of fewest)
    expect(all(where, (name) => rooms.find((r) => r.name === name)!.works.some((w) => w.id === id))).toBe(true);
  // no single colour of it can be left out
  for (const one of fewest) expect(all(one.rooms, (name) => fewest.some((f) => f !== one && f.rooms.includes(name)))).toBe(false);
});

test('the palette has a light quiet colour, a deep one, a bridge and a sparing accent, each where it works', () => {
  const { palette } = ask();
  expect(palette.map((p) => p.role)).toEqual(['quiet', 'deep', 'bridge', 'accent']);
  const [quiet, deep, bridge, accent] = palette.map((p) => labOf(p.id));
  expect(lrvOf(quiet!)).toBeGreaterThan(60);
  expect(chroma(quiet!)).toBeLessThan(14);
  expect(lrvOf(deep!)).toBeLessThan(26);
  expect(chroma(bridge!)).toBeLessThan(12);
  expect(chroma(accent!)).toBeGreaterThan(20);
  for (const { role, id, rooms: where } of palette.filter((p) => p.role !== 'accent'))
    for (const name of where)
      expect({ role, name, works: rooms.find((r) => r.name === name)!.works.some((w) => w.id === id) }).toMatchObject({
        works: true,
      });
  // deep colours suit rooms to wind down in
  expect(palette[1]!.rooms).toContain('Dining room');
});

test('what is wrong is said', () => {
  const [first] = rooms;
  expect(ask({ rooms: [first, first] })).toEqual({ error: 'two rooms have the same name' });
  expect(ask({ rooms: [{ ...first, works: [{ id: 'nothing' }] }] })).toEqual({ error: 'the deck has no nothing at 100 %' });
  expect(ask({ doors: [{ rooms: ['Hall', 'Attic'] }] })).toEqual({ error: 'a door leads to Attic, which is no room' });
  expect(ask({ rooms: [{ name: 'Attic', works: [] }] })).toMatchObject({ fewest: [], without: ['Attic'] });
});
