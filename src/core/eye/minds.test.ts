import { eyeOf, made, saidAs } from '../../../tests/made-eyes';
import { seededRandom } from '../base/random';
import type { Relation } from '../judge/relation';
import { MINDED, mindsOf, sayMinds, verdictFor, type Minded, type Minds } from './minds';

const agree = (eye: Minds, minds: Minds, asked: readonly Relation[]) =>
  asked.filter((r) => verdictFor(r, minds) === verdictFor(r, eye)).length / asked.length;

test.each([
  ['minds green and pink more', { green: 1.8, pink: 1.6 }],
  ['minds yellow less, and what blends', { yellow: 0.6, closeness: 0.6 }],
  ['minds strength more', { strength: 1.7 }],
] as const)('a made-up eye that %s is foretold better than by the shipped model', (_, factors) => {
  const random = seededRandom(8);
  const eye = eyeOf(factors);
  const minds = mindsOf(saidAs(factors, made(random, 160), random));
  for (const [of, factor] of Object.entries(factors) as [Minded, number][]) {
    expect(Math.sign(Math.log(minds[of].factor))).toBe(Math.sign(Math.log(factor)));
    expect(minds[of].low).toBeLessThan(factor);
  }
  const asked = made(seededRandom(99), 300);
  const [before, after] = [agree(eye, eyeOf({}), asked), agree(eye, minds, asked)];
  expect(after).toBeGreaterThanOrEqual(before);
  expect(after).toBeGreaterThan(0.97);
});

test('an eye that sees as most do is left as it is', () => {
  const random = seededRandom(4);
  const minds = mindsOf(saidAs({}, made(random, 160), random));
  for (const of of MINDED) expect(Math.abs(Math.log(minds[of].factor))).toBeLessThan(0.3);
  const asked = made(seededRandom(7), 300);
  expect(agree(eyeOf({}), minds, asked)).toBeGreaterThan(0.98);
});

test('never faster than the evidence: of nothing said nothing follows, of little said little', () => {
  const none = mindsOf([]);
  for (const of of MINDED) expect(none[of]).toMatchObject({ factor: 1 });
  expect(sayMinds(none)).toBe('So far you see as most do, or too little was said to tell.');
  const random = seededRandom(12);
  const factors = { green: 2 };
  const few = mindsOf(saidAs(factors, made(random, 6), random));
  const many = mindsOf(saidAs(factors, made(random, 300), random));
  expect(few.green.high / few.green.low).toBeGreaterThan(many.green.high / many.green.low);
  expect(Math.abs(Math.log(many.green.factor))).toBeGreaterThan(Math.abs(Math.log(few.green.factor)));
  expect(sayMinds(many)).toContain('You mind green');
});
