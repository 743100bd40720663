/** Three values of one kind: tristimulus values, channels, coordinates. */
export type Three<T> = readonly [T, T, T];

/** `map` over three values gives three. */
export const map3 = <T, U>([p, q, r]: Three<T>, of: (value: T, index: 0 | 1 | 2) => U): [U, U, U] => [
  of(p, 0),
  of(q, 1),
  of(r, 2),
];
