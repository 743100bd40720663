import { familyOf } from '../colour/family';
import { patternKind } from '../pattern/pattern';
import { isSurfaceColour } from '@/core/record/recorded-colour';
import { MATERIALS, USUAL_THINGS, type Material } from './materials';

const labOf = ([, , l, a, b]: Material['components'][number]) => ({ l, a, b });
const largest = (id: string) => {
  const { components } = MATERIALS.find((m) => m.id === id)!;
  return labOf(components.reduce((p, q) => (q[1] > p[1] ? q : p)));
};

test('about eighty, several of each kind, each once', () => {
  expect(MATERIALS.length).toBeGreaterThan(60);
  expect(new Set(MATERIALS.map((m) => m.id)).size).toBe(MATERIALS.length);
  for (const { id } of USUAL_THINGS) expect(MATERIALS.filter((m) => m.of === id).length).toBeGreaterThanOrEqual(5);
});

test.each(MATERIALS.map((m) => [m.id, m] as const))(
  '%s: shares make 100 %%, and a surface can have each colour',
  (_, { of, components }) => {
    expect(components.reduce((s, c) => s + c[1], 0)).toBe(100);
    for (const c of components) expect(isSurfaceColour({ lab: labOf(c) })).toBe(true);
    // what is not the ground lies as its name says; only a rug's pattern and what is on a picture lie in patches
    for (const [name] of components.slice(1))
      if (of !== 'art' && name !== 'pattern') expect([name, patternKind(name)]).not.toEqual([name, 'patches']);
  },
);

// what the trade calls them: common practice, no source
test.each([
  ['travertine-floor', ['beige', 'cream', 'off-white', 'tan']],
  ['trim-bright', ['white']],
  ['cab-cream', ['cream']],
  ['trim-cream', ['cream']],
  ['walnut', ['brown']],
  ['oak-smoked', ['brown']],
  ['slate-floor', ['grey', 'charcoal']],
  ['wool-charcoal', ['charcoal']],
  ['granite-black', ['off-black', 'black', 'charcoal']],
  ['marble-white', ['white', 'off-white']],
  ['carpet-beige', ['beige']],
  ['cab-greige', ['greige', 'grey']],
  ['cab-navy', ['blue']],
  ['velvet-green', ['green', 'blue-green']],
  ['tile-pink', ['pink']],
  ['rug-red', ['red']],
])('%s is a %j', (id, families) => expect(families).toContain(familyOf(largest(id))));
