import type { Look } from '@/core/record/look';

let counter = 0;
const hex = (n: number) => n.toString(16).padStart(12, '0');
/** A made-up id that is a UUID. */
export const madeUpId = (n: number): string => `01a217f3-80e9-7106-930d-${hex(n)}`;

/** A planned look of a made-up room, by a clear sky in the morning. */
export const look = (more: Partial<Look> = {}): Look => ({
  id: madeUpId(++counter),
  number: 1,
  light: 'clear',
  fromHour: 9,
  toHour: 12,
  walls: ['wall-2'],
  candidateIds: [],
  who: 'client',
  date: null,
  decides: 'between two greys: one turns greener',
  missed: '',
  byHand: false,
  state: 'planned',
  reason: '',
  takenAt: null,
  ...more,
});
