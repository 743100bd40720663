/** Keys of the looks, with what they do. */
export const LOOKS_KEYS = [
  ['1 – 9', 'take the look of that number: the light, the wall and the bench are set for it'],
  ['G', 'take the look that is worth most now'],
] as const;
