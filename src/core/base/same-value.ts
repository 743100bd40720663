import equal from 'fast-deep-equal';

/** Whether two values of plain data say the same: whatever the order of their members, every one of them equal. */
export const sameValue = (p: unknown, q: unknown): boolean => equal(p, q);
