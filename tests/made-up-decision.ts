import type { Choice, Decision } from '@/core/record/decision';

let counter = 0;
/** A made-up choice: the made-up colour at 75 %, two coats of wall paint in eggshell. */
export const choice = (more: Partial<Choice> = {}): Choice => ({
  what: 'paint',
  candidateId: 'c75',
  sheen: 'eggshell',
  finish: 'wall',
  coats: 2,
  primer: 'none',
  undercoat: 'none',
  why: '',
  ...more,
});
/** The same decided of surfaces. */
export const decision = (surfaces: string[], more: Partial<Decision> = {}): Decision => ({
  id: `d${++counter}`,
  surfaces,
  ...choice(),
  at: '2026-09-23T12:00:00.000Z',
  undone: false,
  ...more,
});
export const WALL_SURFACES = ['wall-0', 'wall-1', 'wall-2', 'wall-3'];
