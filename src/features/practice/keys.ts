import type { KeyTable } from '@/ui/key-table';

/** The keys of a sitting. */
export const SITTING_KEYS = {
  choose: { keys: ['1', '2', '3', '4'], shown: '1–4', does: 'choose, from the left' },
  left: { keys: ['ArrowLeft'], does: 'the left' },
  right: { keys: ['ArrowRight'], does: 'the right' },
  on: { keys: [' ', 'Enter'], shown: 'Space', does: 'the next' },
  stop: { keys: ['Escape'], does: 'stop here' },
} as const satisfies KeyTable;
