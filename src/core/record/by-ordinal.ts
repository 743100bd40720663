type Placed = { readonly ordinal: number; readonly id: string };

/** The order in which things of a room, and rooms of a visit, are shown. */
export const byOrdinal = (p: Placed, q: Placed): number => p.ordinal - q.ordinal || (p.id < q.id ? -1 : 1);

/** The same for colours of a room: the strengths of one stand together, the strongest first. */
export const byOrdinalAndStrength = (
  p: Placed & { readonly strength: number },
  q: Placed & { readonly strength: number },
): number => p.ordinal - q.ordinal || q.strength - p.strength;

/** The place after the last. */
export const nextOrdinal = (all: readonly { readonly ordinal: number }[]): number =>
  Math.max(0, ...all.map((one) => one.ordinal)) + 1;
