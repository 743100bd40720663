import type { RoomShape } from '@/core/record/shape';

const PLANS: Readonly<Record<'L' | 'box' | 'attic', [number, number][]>> = {
  /** An arm of 3 × 2 m to the right of a room of 4 × 5 m, at its front. */
  L: [
    [0, 0],
    [7, 0],
    [7, 2],
    [4, 2],
    [4, 5],
    [0, 5],
  ],
  box: [
    [0, 0],
    [4, 0],
    [4, 5],
    [0, 5],
  ],
  attic: [
    [0, 0],
    [5, 0],
    [5, 4],
    [0, 4],
  ],
};
/** A made-up shape: an L, a box by its plan, or an attic whose ceiling slopes down to both long walls. */
export const plainShape = (of: keyof typeof PLANS): RoomShape => ({
  plan: PLANS[of],
  slopes:
    of === 'attic'
      ? [
          { wall: 0, kneeM: 1.2, pitchDeg: 45 },
          { wall: 2, kneeM: 1.2, pitchDeg: 45 },
        ]
      : [],
  roofWindows: [],
  boxes: [],
});
