/** Keys of the surfaces, with what they do. */
export const DECIDE_KEYS = [
  ['1 – 9', 'choose the surfaces of that row'],
  ['→  ←', 'on the unfolded room: the next surface, the one before'],
  ['W', 'all walls together'],
  ['A  S  F', 'take the first, the second, the third proposal'],
  ['X', 'open again'],
] as const;
