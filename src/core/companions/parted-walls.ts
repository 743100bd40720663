/** Heights of ceiling from which a room is no longer low, and from which it is high, metres. Common practice, no source; own figures. */
const HEIGHTS = { low: 2.5, high: 3 } as const;

/** A wall that is parted by a rail: how high that lies, and which half is the deeper. */
export type Parted = { readonly railM: number; readonly says: string };

/**
 * Where a rail parts a wall, and which half bears the deeper colour, by the height of the room. Common practice, no source.
 *
 * @param heightM of the ceiling
 */
export function partedWall(heightM: number): Parted {
  const third = Math.round(10 * (heightM / 3)) / 10;
  if (heightM < HEIGHTS.low)
    return {
      railM: Math.min(third, 0.8),
      says: 'Under a low ceiling: the deeper half below, the lighter one right up to the ceiling.',
    };
  if (heightM < HEIGHTS.high) return { railM: third, says: 'The deeper half below, at about a third of the height.' };
  return {
    railM: third,
    says: 'Under a high ceiling either half may be the deeper: below it grounds, above it brings the ceiling down.',
  };
}

/** Areas of a parted room, m², before openings: what lies below the rail, above it, and the largest wall. */
export function partedAreas({ widthM, depthM, heightM }: { widthM: number; depthM: number; heightM: number }) {
  const { railM } = partedWall(heightM);
  const round = 2 * (widthM + depthM);
  return { belowM2: round * railM, aboveM2: round * (heightM - railM), focalM2: Math.max(widthM, depthM) * heightM };
}
