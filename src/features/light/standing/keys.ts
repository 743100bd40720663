import type { KeyTable } from '@/ui/key-table';

/** The keys of the room as one stands in it. */
export const STANDING_KEYS = {
  turn: { keys: ['Shift+ArrowLeft', 'Shift+ArrowRight'], does: 'turn left, right' },
  raise: { keys: ['Shift+ArrowUp', 'Shift+ArrowDown'], does: 'look up, down' },
  step: { keys: ['Shift+w', 'Shift+s'], does: 'a step ahead, back' },
  walls: {
    keys: ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'],
    shown: '0–9',
    does: 'the walls as they are, or a colour that is tried',
  },
  play: { keys: ['Shift+d'], does: 'a day in ten seconds' },
} as const satisfies KeyTable;
