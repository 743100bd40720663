import { room, verdict } from '../../../tests/made-up-room';
import { leniency } from './leniency';

const seen = (id: string, computed: 'works' | 'nearly' | 'no', said: 'works' | 'nearly' | 'no') =>
  verdict({ id, candidateId: id, predicted: computed, verdict: said, reason: said === 'works' ? null : 'too-strong' });
const kinder = (n: number) => Array.from({ length: n }, (_, i) => seen(`k${i}`, 'nearly', 'works'));
const stricter = (n: number) => Array.from({ length: n }, (_, i) => seen(`s${i}`, 'works', 'no'));

test('nothing seen, and as much seen better as worse, move nothing', () => {
  expect(leniency([])).toBe(0);
  expect(leniency([room({ verdicts: [...kinder(3), ...stricter(3)] })])).toBeCloseTo(0, 12);
  expect(leniency([room({ verdicts: [seen('a', 'works', 'works')] })])).toBe(0);
});

test('a kinder eye raises chances, a stricter one lowers them as much, and neither without end', () => {
  const up = leniency([room({ verdicts: kinder(4) })]);
  expect(up).toBeCloseTo(0.5 * Math.log(6 / 2), 12);
  expect(leniency([room({ verdicts: stricter(4) })])).toBeCloseTo(-up, 12);
  expect(leniency([room({ verdicts: kinder(300) })])).toBe(1);
});
