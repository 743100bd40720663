import casebook from '../../../tests/golden/casebook.json';
import { seededRandom } from '../base/random';
import { relation, type Stay } from '../judge/relation';
import { foretold, learntFrom } from './learnt';
import { MINDED, verdictFor, type Minded, type Minds, type Said } from './minds';

const lab = ([l, a, b]: readonly number[]) => ({ l: l!, a: a!, b: b! });
type Case = { stays: { kind: string; name?: string; components: { name: string; share: number; lab: number[] }[] } };
const THINGS = (casebook.relation as unknown as Case[]).map(({ stays }): Stay => ({
  name: stays.name ?? 'what stays',
  kind: stays.kind as Stay['kind'],
  components: stays.components.map((c) => ({ ...c, lab: lab(c.lab) })),
}));
const eye = (of: Partial<Record<Minded, number>>): Minds =>
  Object.fromEntries(
    MINDED.map((m) => {
      const factor = of[m] ?? 1;
      return [m, { factor, low: factor * 0.99, high: factor * 1.01 }];
    }),
  ) as Minds;

/** What a made-up eye says of pairs about which something could be said. */
function said(count: number, of: Minds, seed: number): Said[] {
  const random = seededRandom(seed);
  const all: Said[] = [];
  while (all.length < count) {
    const stay = THINGS[Math.floor(random() * THINGS.length)]!;
    const found = relation(stay, { l: 55 + 40 * random(), a: 16 * random() - 8, b: 28 * random() - 8 });
    if (found.cost > 0.2 && found.cost < 4) all.push({ relation: found, verdict: verdictFor(found, of), reason: null });
  }
  return all;
}

test('what was said in a few words changes nothing, however far it is from what was foretold', () => {
  const strict = said(19, eye({ green: 2.2, pink: 2 }), 3).map((s): Said => ({ ...s, verdict: 'no' }));
  expect(learntFrom(strict).factors).toBeNull();
  expect(learntFrom(strict).says).toMatch(/^Too little was said/);
});

test('an eye as the shipped model has it keeps it; one that minds green twice as much is followed, and told', () => {
  const ordinary = learntFrom(said(80, eye({}), 5));
  const far = Object.values(ordinary.factors ?? {}).map((f) => Math.abs(Math.log(f)));
  expect(Math.max(0, ...far)).toBeLessThan(0.2);
  const green = learntFrom(said(160, eye({ green: 2 }), 5));
  expect(green.factors!['too-green']).toBeGreaterThan(1.3);
  expect(green.says).toMatch(/green/);
});

test('what is foretold is foretold of verdicts that were left out; of too few nothing is told', () => {
  expect(foretold(said(9, eye({}), 1))).toBeUndefined();
  const told = foretold(said(160, eye({ green: 2, strength: 0.5 }), 7))!;
  expect(told.of).toBe(160);
  expect(told.after).toBeGreaterThan(told.before);
});

test('an update from six hundred verdicts takes a moment', () => {
  const many = said(600, eye({ yellow: 1.5 }), 9);
  const from = performance.now();
  learntFrom(many);
  // 50 ms is what is asked of sixty; a machine that is busy with other tests is given more
  expect(performance.now() - from).toBeLessThan(1500);
});
