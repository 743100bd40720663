import type { KeyTable } from '@/ui/key-table';

/** Keys of the looks. */
export const LOOKS_KEYS = {
  take: {
    keys: ['1', '2', '3', '4', '5', '6', '7', '8', '9'],
    shown: '1 – 9',
    does: 'take the look of that number: the light, the wall and the bench are set for it',
  },
  best: { keys: ['g'], does: 'take the look that is worth most now' },
} as const satisfies KeyTable;
