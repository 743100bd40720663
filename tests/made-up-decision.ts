import type { Choice, Decision, Signature } from '@/core/record/decision';
import { decidedRoom, toSign } from '@/core/derived/decided';
import type { Room } from '@/core/record/room';
import { saidSoFar } from '@/core/derived/signed';

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

/** A room with what is decided in it signed, once more. */
export const signedBy = <T extends Room>(made: T, more: Partial<Signature> = {}): T => ({
  ...made,
  signatures: [
    ...made.signatures,
    {
      id: `s${++counter}`,
      signedBy: 'Test Name',
      signedOn: '2026-09-24',
      why: '',
      leftOpen: '',
      decided: toSign(decidedRoom(made)),
      at: '2026-09-24T09:00:00.000Z',
      before: saidSoFar(made),
      ...more,
    },
  ],
});
