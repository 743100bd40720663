import type { KeyTable } from '@/ui/key-table';

/** Keys of the surfaces. */
export const DECIDE_KEYS = {
  row: { keys: ['1', '2', '3', '4', '5', '6', '7', '8', '9'], shown: '1 – 9', does: 'choose the surfaces of that row' },
  unfolded: { keys: [], shown: '→  ←', does: 'on the unfolded room: the next surface, the one before' },
  walls: { keys: ['w'], does: 'all walls together' },
  take: { keys: ['a', 's', 'f'], does: 'take the first, the second, the third proposal' },
  open: { keys: ['x'], does: 'open again' },
} as const satisfies KeyTable;
