/**
 * Share of what one sees that a strong accent may have: enough to wake a room, too little to rule it. Common practice says a few percent;
 * the figures are own choice.
 */
export const ACCENT_SHARE = { least: 0.01, usual: 0.03, most: 0.1 } as const;

/** How much of a strong colour a room bears, m². */
export type Dose = { readonly usualM2: number; readonly mostM2: number };

/** The dose of a strong accent by what one sees of a room. @param seenM2 walls, floor and ceiling together, m² */
export const accentDose = (seenM2: number): Dose => ({
  usualM2: seenM2 * ACCENT_SHARE.usual,
  mostM2: seenM2 * ACCENT_SHARE.most,
});

/** Walls, floor and ceiling of a box room, m². */
export const seenOfRoom = ({ widthM, depthM, heightM }: { widthM: number; depthM: number; heightM: number }): number =>
  2 * widthM * depthM + 2 * (widthM + depthM) * heightM;
