import { CLARITY } from './model/clarity';
import { COLOURS } from './model/colours';
import { EARTH } from './model/earth';
import { FURNISHINGS } from './model/furnishings';
import { HUE } from './model/hue';
import { NEARNESS } from './model/nearness';
import { PARTS } from './model/parts';
import { STRENGTH } from './model/strength';
import { TINTS } from './model/tints';
import { VERDICTS } from './model/verdicts';
import { WHITES } from './model/whites';
import { WOOD } from './model/wood';
import { WORLDS } from './model/worlds';

/**
 * The parameters of the relation model, in groups by what they are about (`model/`), each with its meaning and its unit. C*ab, L*, a*, b*
 * are those of D65 and the 10° observer, of colours in another light those of what corresponds to them there. Costs are in units of "one
 * nearly": 1 makes a pair nearly and 2 makes it no. Shares are 0–1 of what is left, or of a thing. Fitted by hand to trade cases (common
 * practice, no published source); docs/relation-model.md explains them.
 */
export const RELATION = {
  ...WORLDS,
  ...COLOURS,
  ...CLARITY,
  ...EARTH,
  ...TINTS,
  ...HUE,
  ...STRENGTH,
  ...WOOD,
  ...WHITES,
  ...NEARNESS,
  ...PARTS,
  ...FURNISHINGS,
  ...VERDICTS,
} as const;

export type RelationModel = { readonly [K in keyof typeof RELATION]: number };
