import type { Lab } from '@/core/colour/types';

/** The stand-ins' own small set of made-up surfaces to measure. */
export const SIMULATED_SURFACES = [
  { id: 'hearth-field', name: 'Hearth stone, field', lab: { l: 76.2, a: 4.4, b: 11.6 } },
  { id: 'hearth-band', name: 'Hearth stone, band', lab: { l: 68.9, a: 6.3, b: 15.1 } },
  { id: 'oak-board', name: 'Oak floor, board', lab: { l: 51.4, a: 9.6, b: 21.8 } },
  { id: 'oak-grain', name: 'Oak floor, grain', lab: { l: 43.7, a: 10.2, b: 19.5 } },
  { id: 'skirting', name: 'Painted skirting, soft white', lab: { l: 95.4, a: -0.5, b: 2.7 } },
  { id: 'cream-door', name: 'Cream cupboard door', lab: { l: 92.1, a: 0.1, b: 11.3 } },
  { id: 'grey-cloth', name: 'Grey sofa cloth', lab: { l: 57.8, a: -0.4, b: -0.9 } },
  { id: 'rug-ground', name: 'Rug, ground', lab: { l: 85.7, a: 0.4, b: 5.2 } },
  { id: 'rug-blue', name: 'Rug, blue border', lab: { l: 44.6, a: -4.1, b: -17.9 } },
  { id: 'grey-marble', name: 'Grey marble, field', lab: { l: 89.6, a: -0.4, b: -0.5 } },
  { id: 'marble-vein', name: 'Grey marble, vein', lab: { l: 66.3, a: -0.6, b: -2.4 } },
  { id: 'slate', name: 'Slate hearth', lab: { l: 36.2, a: -1.1, b: -2.3 } },
  { id: 'old-wall', name: 'Existing wall, buttermilk', lab: { l: 90.2, a: 0.6, b: 14.4 } },
  { id: 'terracotta', name: 'Terracotta tile', lab: { l: 53.1, a: 21.7, b: 27.6 } },
] as const satisfies readonly { id: string; name: string; lab: Lab }[];

/** A surface by its id. @throws RangeError for any other id */
export function surfaceOf(id: string): { readonly id: string; readonly name: string; readonly lab: Lab } {
  const surface = SIMULATED_SURFACES.find((s) => s.id === id);
  if (!surface) throw new RangeError(`the stand-in has no surface ${id}`);
  return surface;
}
