import type { KeyTable } from '@/ui/key-table';

/** Keys of the bench. */
export const BENCH_KEYS = {
  works: { keys: ['w'], does: 'works' },
  nearly: { keys: ['e'], does: 'nearly' },
  no: { keys: ['r'], does: 'no' },
  reason: {
    keys: ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-'],
    shown: '1 – 9, 0, −',
    does: 'the reason: each has its own key, the same beside everything',
  },
  alone: { keys: [], shown: 'W  5  6  7  8', does: 'a colour alone: right, too strong, weak, dark, light' },
  thing: { keys: ['ArrowRight', 'ArrowLeft'], does: 'next, previous thing that stays' },
  strength: { keys: ['ArrowUp', 'ArrowDown'], does: 'stronger, weaker' },
  anyStrength: { keys: ['m'], does: 'another strength, from 10 to 150 %' },
  colour: { keys: ['n', 'p'], does: 'next, previous colour' },
  person: { keys: ['c'], does: 'consultant or client speaks' },
  view: { keys: ['a', 'i', 's', 'k', 'x'], does: 'all things, alone, two strengths, slide, a row of colours' },
  around: { keys: ['u'], does: 'what lies around: paper, trim, black …' },
  glance: { keys: ['g'], does: 'first glance' },
  fetch: { keys: ['f'], does: 'fetch the first proposal' },
} as const satisfies KeyTable;

/** Keys while the client picks one of two. */
export const PAIR_KEYS = {
  pick: { keys: ['ArrowLeft', 'ArrowRight'], does: 'the client picks the left, the right' },
  back: { keys: ['Escape'], does: 'back to the bench' },
} as const satisfies KeyTable;
