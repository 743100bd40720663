/** Whether something holds for each of a list that has members: what is said of none is said of nothing. */
export const all = <T>(list: ArrayLike<T>, holds: (one: T, index: number) => boolean): boolean =>
  list.length > 0 && Array.from(list).every(holds);
