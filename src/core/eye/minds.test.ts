import casebook from '../../../tests/golden/casebook.json';
import { seededRandom, type Random } from '../base/random';
import { relation, type Relation, type Stay } from '../judge/relation';
import type { Reason, Verdict } from '../judge/reasons';
import { MINDED, mindedOf, mindsOf, sayMinds, verdictFor, type Minded, type Minds, type Said } from './minds';

const lab = ([l, a, b]: readonly number[]) => ({ l: l!, a: a!, b: b! });
type Case = { stays: { kind: string; name?: string; components: { name: string; share: number; lab: number[] }[] } };
const THINGS = (casebook.relation as unknown as Case[]).map(({ stays }): Stay => ({
  name: stays.name ?? 'what stays',
  kind: stays.kind as Stay['kind'],
  components: stays.components.map((c) => ({ ...c, lab: lab(c.lab) })),
}));

/** Pairs about which something could be said: things of the trade beside colours of every lean. */
function pairs(random: Random, count: number): Relation[] {
  const found: Relation[] = [];
  while (found.length < count) {
    const stay = THINGS[Math.floor(random() * THINGS.length)]!;
    const found_ = relation(stay, { l: 55 + 40 * random(), a: 16 * random() - 8, b: 28 * random() - 8 });
    // what nothing is against tells nothing, what is far beyond no tells little
    if (found_.cost > 0.2 && found_.cost < 4) found.push(found_);
  }
  return found;
}

const plain = (): Record<Minded, { factor: number; low: number; high: number }> =>
  Object.fromEntries(MINDED.map((of) => [of, { factor: 1, low: 1, high: 1 }])) as never;
/** An eye that minds things as it is told. */
const eyeOf = (factors: Partial<Record<Minded, number>>): Minds => ({
  ...plain(),
  ...Object.fromEntries(Object.entries(factors).map(([of, factor]) => [of, { factor, low: factor, high: factor }])),
});
function saidBy(eye: Minds, relations: readonly Relation[], random: Random): Said[] {
  return relations.map((r): Said => {
    const beside = (['works', 'nearly', 'no'] as const)[Math.floor(random() * 3)]!;
    const verdict: Verdict = random() < 0.04 ? beside : verdictFor(r, eye);
    const felt = ({ reason, cost }: { reason: Reason; cost: number }) => eye[mindedOf(reason)].factor * cost;
    const strongest = r.components.flatMap((c) => c.conflicts).sort((p, q) => felt(q) - felt(p))[0];
    return { relation: r, verdict, reason: verdict === 'works' ? null : (strongest?.reason ?? null) };
  });
}
const agree = (eye: Minds, minds: Minds, asked: readonly Relation[]) =>
  asked.filter((r) => verdictFor(r, minds) === verdictFor(r, eye)).length / asked.length;

test.each([
  ['minds green and pink more', { green: 1.8, pink: 1.6 }],
  ['minds yellow less, and what blends', { yellow: 0.6, closeness: 0.6 }],
  ['minds strength more', { strength: 1.7 }],
] as const)('a made-up eye that %s is foretold better than by the shipped model', (_, factors) => {
  const random = seededRandom(8);
  const eye = eyeOf(factors);
  const minds = mindsOf(saidBy(eye, pairs(random, 160), random));
  for (const [of, factor] of Object.entries(factors) as [Minded, number][]) {
    expect(Math.sign(Math.log(minds[of].factor))).toBe(Math.sign(Math.log(factor)));
    expect(minds[of].low).toBeLessThan(factor);
  }
  const asked = pairs(seededRandom(99), 300);
  const [before, after] = [agree(eye, eyeOf({}), asked), agree(eye, minds, asked)];
  expect(after).toBeGreaterThanOrEqual(before);
  expect(after).toBeGreaterThan(0.97);
});

test('an eye that sees as most do is left as it is', () => {
  const random = seededRandom(4);
  const minds = mindsOf(saidBy(eyeOf({}), pairs(random, 160), random));
  for (const of of MINDED) expect(Math.abs(Math.log(minds[of].factor))).toBeLessThan(0.3);
  const asked = pairs(seededRandom(7), 300);
  expect(agree(eyeOf({}), minds, asked)).toBeGreaterThan(0.98);
});

test('never faster than the evidence: of nothing said nothing follows, of little said little', () => {
  const none = mindsOf([]);
  for (const of of MINDED) expect(none[of]).toMatchObject({ factor: 1 });
  expect(sayMinds(none)).toBe('So far you see as most do, or too little was said to tell.');
  const random = seededRandom(12);
  const eye = eyeOf({ green: 2 });
  const few = mindsOf(saidBy(eye, pairs(random, 6), random));
  const many = mindsOf(saidBy(eye, pairs(random, 300), random));
  expect(few.green.high / few.green.low).toBeGreaterThan(many.green.high / many.green.low);
  expect(Math.abs(Math.log(many.green.factor))).toBeGreaterThan(Math.abs(Math.log(few.green.factor)));
  expect(sayMinds(many)).toContain('You mind green');
});
