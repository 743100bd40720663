import { all } from '../../../tests/all';
import { CASEBOOK_THINGS } from '../../../tests/made-eyes';
import { seededRandom } from '../base/random';
import { REASONS, type Reason } from '../judge/reasons';
import { setEyeInForce, type EyeFactors } from '../judge/eye-in-force';
import { relation, type Relation } from '../judge/relation';
import { eyeFactors, MINDED, verdictFor, type Minded, type Minds } from './minds';

/** Every thing of the casebook beside colours of every lean. */
const PAIRS = (() => {
  const random = seededRandom(35);
  const colour = () => ({ l: 55 + 40 * random(), a: 16 * random() - 8, b: 28 * random() - 8 });
  return CASEBOOK_THINGS.flatMap((stay) => Array.from({ length: 12 }, () => ({ stay, colour: colour() })));
})();
const judged = (): Relation[] => PAIRS.map(({ stay, colour }) => relation(stay, colour));
const sure = (factor: number) => ({ factor, low: factor * 0.97, high: factor * 1.03 });
const minds = (of: Partial<Record<Minded, number>>): Minds =>
  Object.fromEntries(MINDED.map((m) => [m, sure(of[m] ?? 1)])) as Minds;
const factors = (of: number): EyeFactors => Object.fromEntries(REASONS.map((r) => [r, of])) as Record<Reason, number>;

afterEach(() => setEyeInForce(null));

test('an eye that minds all as the shipped model has it judges as that does, to the digit', () => {
  const before = judged();
  setEyeInForce(factors(1));
  const now = judged();
  now.forEach((r, k) => {
    expect(r.cost).toBeCloseTo(before[k]!.cost, 9);
    expect([r.verdict, r.reasons]).toEqual([before[k]!.verdict, before[k]!.reasons]);
  });
  expect(eyeFactors(minds({}))).toBeNull();
});

test('who minds green more finds more of it too green and nothing less; who minds it less, the other way round', () => {
  const before = judged();
  const green = (all: readonly Relation[]) => all.filter((r) => r.verdict !== 'works' && r.reasons[0] === 'too-green').length;
  setEyeInForce(eyeFactors(minds({ green: 1.8 })));
  const more = judged();
  expect(
    all(
      more.map((r, k) => r.cost - before[k]!.cost),
      (d) => d >= -1e-9,
    ),
  ).toBe(true);
  setEyeInForce(eyeFactors(minds({ green: 0.55 })));
  const less = judged();
  expect(
    all(
      less.map((r, k) => r.cost - before[k]!.cost),
      (d) => d <= 1e-9,
    ),
  ).toBe(true);
  expect(green(more)).toBeGreaterThan(green(less));
});

test('it judges as is foretold from the relation alone', () => {
  const eye = minds({ pink: 1.6, yellow: 0.7, closeness: 1.4 });
  const foretold = judged().map((r) => verdictFor(r, eye));
  setEyeInForce(eyeFactors(eye));
  const now = judged();
  const agree = now.filter((r, k) => r.verdict === foretold[k]).length;
  expect(agree / now.length).toBeGreaterThan(0.97);
});
