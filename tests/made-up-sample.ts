/** A board planned and not painted yet, but for its id and its colour. */
export const PLANNED_BOARD = {
  method: 'board',
  widthM: 0.6,
  heightM: 0.9,
  borderM: 0.05,
  coats: 2,
  paintedAt: null,
  read: null,
  reason: '',
} as const;
