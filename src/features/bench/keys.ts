/** Keys of the bench, with what they do. */
export const BENCH_KEYS = [
  ['W', 'works'],
  ['E', 'nearly'],
  ['R', 'no'],
  ['1 – 9, 0, −', 'the reason, as numbered on its button'],
  ['Z', 'undo the last verdict'],
  ['→  ←', 'next, previous thing that stays'],
  ['↑  ↓', 'stronger, weaker'],
  ['N  P', 'next, previous colour'],
  ['C', 'consultant or client speaks'],
  ['A  I  S  K', 'all things, alone, two strengths, slide'],
  ['U', 'what lies around: paper, trim, black …'],
  ['G', 'first glance'],
  ['F', 'fetch the first proposal'],
] as const;
