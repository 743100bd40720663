import type { Habits } from '@/core/units/habits';

/** Paper that is printed on. */
export { SHEETS } from '@/core/units/habits';
export type Paper = Habits['sheet'];
