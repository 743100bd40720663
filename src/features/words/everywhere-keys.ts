import type { KeyTable } from '@/ui/key-table';

/** Keys of the ribbon and the frame, in every room. */
export const EVERYWHERE = {
  sky: { keys: ['d', 'b', 'o', 'y'], does: 'sky: clear, broken, overcast, of the day' },
  lamps: { keys: ['l'], does: 'lamps on or off' },
  quarter: { keys: ['[', ']', '{', '}'], shown: '[  ]', does: 'a quarter of an hour back, on; with Shift an hour' },
  now: { keys: ['t'], does: 'now' },
  shown: { keys: ['v'], does: 'as it looks, or as in the deck' },
  undo: { keys: ['z', 'Ctrl+z'], shown: 'Z', does: 'undo, whatever was written last' },
  redo: { keys: ['Shift+z', 'Ctrl+Shift+z', 'Ctrl+y'], shown: 'Shift+Z', does: 'do again what was undone' },
  help: { keys: ['?'], does: 'this list' },
} as const satisfies KeyTable;
