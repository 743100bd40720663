/**
 * What a colour can be beside a wall colour, each once: the roles of its companions. Common practice, no source. In the order in which they
 * are told.
 */
export const ROLES = [
  'light-trim',
  'dark-trim',
  'quiet',
  'deep',
  'bridge',
  'accent',
  'fabric-calm',
  'fabric-lively',
  'fabric-ground',
] as const;
/** A second colour on walls of the same room: the other half of a wall that is parted by a rail, or the one wall beside three. */
export const WALL_ROLES = ['wall-below', 'wall-above', 'wall-focal'] as const;
export type WallRole = (typeof WALL_ROLES)[number];
export type Role = (typeof ROLES)[number] | WallRole;

/** Roles of a paint; the others are of cloth, which no deck holds. */
export const PAINT_ROLES = ['light-trim', 'dark-trim', 'quiet', 'deep', 'bridge', 'accent'] as const satisfies readonly Role[];
export type PaintRole = (typeof PAINT_ROLES)[number] | WallRole;
export const FABRIC_ROLES = ['fabric-calm', 'fabric-lively', 'fabric-ground'] as const satisfies readonly Role[];
export type FabricRole = (typeof FABRIC_ROLES)[number];

/** Name of each role and what it is for, in a sentence. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly says: string }>> = {
  'light-trim': {
    name: 'Light trim',
    says: 'Frames the wall and makes it look clean: crisp, soft, or the palest of its own hue.',
  },
  'dark-trim': {
    name: 'Dark trim',
    says: 'Two visible steps away in depth, or a colour that answers: doors and windows become lines.',
  },
  quiet: { name: 'Light and quiet', says: 'For the brightest room and whatever lies between: it lets the others speak.' },
  deep: { name: 'Deep', says: 'To wind down in, or under a high ceiling: it draws a room together.' },
  bridge: {
    name: 'Bridge',
    says: 'A balanced neutral, neither warm nor cool: for the room or hall between a warm one and a cool one.',
  },
  accent: {
    name: 'Accent, sparingly',
    says: 'One strong colour in small measure: a door, a niche, cushions; a few percent of what one sees.',
  },
  'wall-below': { name: 'Below a rail', says: 'The deeper half, under this colour: it grounds a room and takes the knocks.' },
  'wall-above': { name: 'Above a rail', says: 'The lighter half, over this colour: it keeps the height.' },
  'wall-focal': { name: 'One wall of four', says: 'This colour on three walls, another on the one that is looked at.' },
  'fabric-calm': { name: 'Fabric, calm', says: 'Shares the hue of the wall, quieter than it: curtains, a large sofa.' },
  'fabric-lively': { name: 'Fabric, lively', says: 'Answers the wall from across: cushions, a chair, a lampshade.' },
  'fabric-ground': { name: 'Fabric, ground', says: 'Deep and quiet, to stand on: a rug, an ottoman.' },
};
