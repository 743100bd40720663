/** Keys of the bench, with what they do. */
export const BENCH_KEYS = [
  ['W', 'works'],
  ['E', 'nearly'],
  ['R', 'no'],
  ['1 – 9, 0, −', 'the reason: each has its own key, the same beside everything'],
  ['W  5  6  7  8', 'a colour alone: right, too strong, weak, dark, light'],
  ['→  ←', 'next, previous thing that stays'],
  ['↑  ↓', 'stronger, weaker'],
  ['M', 'another strength, from 10 to 150 %'],
  ['N  P', 'next, previous colour'],
  ['C', 'consultant or client speaks'],
  ['A  I  S  K', 'all things, alone, two strengths, slide'],
  ['U', 'what lies around: paper, trim, black …'],
  ['G', 'first glance'],
  ['F', 'fetch the first proposal'],
] as const;
