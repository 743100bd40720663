import { describeColour } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import { screenColour } from '@/core/colour/srgb';
import type { Lab } from '@/core/colour/types';
import type { ColourSource } from '@/core/record/recorded-colour';

/** The colour on a screen, `#rrggbb`, of Lab (D65, 10°). */
export const hexOf = (lab: Lab): string => screenColour(lab).hex;
/** "beige, leans orange-pink, LRV 64" */
export const sayColour = (lab: Lab): string => `${describeColour(lab)}, LRV ${Math.round(lrvOf(lab))}`;

/** Where a recorded colour came from, in a few words. */
export function saySource(source: ColourSource): string {
  switch (source.kind) {
    case 'colorimeter':
      return `colorimeter (simulated), ${source.readings} readings, spread ΔE ${source.spread.toFixed(1)}`;
    case 'deck':
      return `deck: ${source.label}`;
    case 'hex':
      return `hex ${source.hex}`;
    case 'spectrophotometer':
      return 'spectrophotometer (simulated), spectrum kept';
    case 'lab':
      return 'Lab, typed';
    case 'typical':
      return `typical ${source.material}, from memory`;
    case 'eye':
      return `put right by eye, from ${source.from}`;
    case 'photo':
      return `from a photograph, off by about ΔE ${Math.round(source.uncertainty)}`;
  }
}
