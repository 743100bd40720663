import { chroma, hueDeg, lrvOf } from './lab';
import { leanOf, type Lean } from './lean';
import type { Lab } from './types';

export const FAMILIES = [
  'white',
  'off-white',
  'cream',
  'grey',
  'greige',
  'taupe',
  'beige',
  'tan',
  'brown',
  'charcoal',
  'off-black',
  'black',
  'red',
  'orange',
  'yellow',
  'green',
  'blue-green',
  'blue',
  'violet',
  'pink',
] as const;
export type Family = (typeof FAMILIES)[number];

/**
 * Depth words by LRV; each band starts at its border. 3 black, 8 off-black, 37 darker mid-tone, 70 on the line between light and
 * off-white, 74 and 86 off-white: common practice, no source.
 */
export const DEPTHS = [
  { from: 87, depth: 'white' },
  { from: 70, depth: 'off-white' },
  { from: 58, depth: 'light' },
  { from: 45, depth: 'mid-tone' },
  { from: 25, depth: 'darker mid-tone' },
  { from: 11, depth: 'dark' },
  { from: 5, depth: 'off-black' },
  { from: -Infinity, depth: 'black' },
] as const;
export type Depth = (typeof DEPTHS)[number]['depth'];

/** Depth word of an LRV (0–100). */
export const depthOf = (lrv: number): Depth => DEPTHS.find((d) => lrv >= d.from)!.depth;

/** The one table of family borders: C*ab, hue angle in degrees and LRV. Common practice, no source; figures are the product's own. */
export const FAMILY_BORDERS = {
  /** Up to this chroma a light colour is a white or off-white; above it a cream, beige or tan. */
  whiteChroma: 8,
  /** Hue sector of cream. */
  cream: { from: 78, to: 118 },
  /** Hue sector of the warm neutrals (taupe, greige, beige, tan, brown). */
  warm: { from: 20, to: 115 },
  /** Under this chroma a warm neutral is a grey. */
  greyChroma: 2.5,
  /** Chroma border between greige or taupe and beige or tan. */
  bodyChroma: 8,
  /** Chroma from which a warm neutral is a colour. */
  colourChroma: 26,
  /** Redder than this, a warm neutral is one only while it is weaker than `roseChroma`: dusty roses and salmons are pinks, not beiges. */
  roseTo: 55,
  roseChroma: 8,
  /** Lightness under which a rose is a brown, or from `redChroma` a red. */
  roseLightness: 48,
  redChroma: 15,
  /** Up to this hue, light colours from `peachChroma` are peaches and apricots, not beiges. */
  peachTo: 72,
  peachChroma: 19,
  peachLrv: 40,
  /** Other hues: chroma from which a grey is a colour. */
  coolColourChroma: 9,
  taupeTo: 72,
  beigeTo: 79,
  /** LRV under which a warm colour of body chroma is a brown. */
  brownLrv: 24,
  charcoalLrv: 22,
} as const;

const HUES: readonly { readonly to: number; readonly family: Family }[] = [
  { to: 40, family: 'red' },
  { to: 70, family: 'orange' },
  { to: 102, family: 'yellow' },
  { to: 172, family: 'green' },
  { to: 220, family: 'blue-green' },
  { to: 285, family: 'blue' },
  { to: 325, family: 'violet' },
  { to: 345, family: 'pink' },
  { to: 360, family: 'red' },
];

function lightFamily(c: number, h: number): Family | undefined {
  if (c < FAMILY_BORDERS.whiteChroma) return 'off-white';
  return h >= FAMILY_BORDERS.cream.from && h < FAMILY_BORDERS.cream.to ? 'cream' : undefined;
}

function warmFamily(lrv: number, c: number, h: number): Family {
  const b = FAMILY_BORDERS;
  if (c < b.greyChroma) return lrv < b.charcoalLrv ? 'charcoal' : 'grey';
  if (lrv < b.brownLrv && c >= b.bodyChroma) return 'brown';
  if (lrv < b.charcoalLrv) return 'charcoal';
  if (c < b.bodyChroma) return h < b.taupeTo ? 'taupe' : 'greige';
  return h < b.beigeTo ? 'beige' : 'tan';
}

/** Roses, salmons and peaches: as light and as quiet as a beige, but a colour all the same. */
function rosyFamily(lab: Lab, c: number, h: number): Family | undefined {
  const b = FAMILY_BORDERS;
  if (h < b.roseTo && c >= b.roseChroma) {
    if (lab.l >= b.roseLightness) return 'pink';
    return c >= b.redChroma && h < 40 ? 'red' : 'brown';
  }
  return h < b.peachTo && c >= b.peachChroma && lrvOf(lab) >= b.peachLrv ? 'orange' : undefined;
}

function hueFamily(lab: Lab, h: number): Family {
  const family = HUES.find((sector) => h < sector.to)!.family;
  return family === 'red' && lab.l > 65 ? 'pink' : family;
}

/** Families at the ends of the scale of depth: blacks and whites. */
function endFamily(depth: Depth, c: number, h: number): Family | undefined {
  if (depth === 'black') return 'black';
  if (depth === 'off-black') return c < FAMILY_BORDERS.coolColourChroma ? 'off-black' : undefined;
  if (depth === 'white' && c < FAMILY_BORDERS.whiteChroma) return 'white';
  return depth === 'white' || depth === 'off-white' ? lightFamily(c, h) : undefined;
}

/** Family name of a colour from its LRV, chroma and hue, by {@link FAMILY_BORDERS}. */
export function familyOf(lab: Lab): Family {
  const b = FAMILY_BORDERS;
  const [lrv, c, h] = [lrvOf(lab), chroma(lab), hueDeg(lab)];
  const end = endFamily(depthOf(lrv), c, h);
  if (end) return end;
  if (h >= b.warm.from && h < b.warm.to && c < b.colourChroma) return rosyFamily(lab, c, h) ?? warmFamily(lrv, c, h);
  if (c < b.coolColourChroma) return lrv < b.charcoalLrv ? 'charcoal' : 'grey';
  return hueFamily(lab, h);
}

export type ColourName = { readonly family: Family; readonly depth: Depth; readonly lean: Lean };

const LIGHT: readonly Depth[] = ['white', 'off-white'];

/** Family, depth and lean of a colour (Lab, D65, 10°). */
export function nameColour(lab: Lab): ColourName {
  const depth = depthOf(lrvOf(lab));
  return { family: familyOf(lab), depth, lean: leanOf(lab, LIGHT.includes(depth)) };
}

/** Families whose name says how deep they are. */
const DEPTH_IN_NAME: readonly Family[] = ['white', 'off-white', 'cream', 'charcoal', 'off-black', 'black'];
/** Depth words that would read as a family when put before one ("off-black brown"). */
const DEPTH_WORDS: Partial<Record<Depth, string>> = {
  white: 'very light',
  'off-white': 'very light',
  'off-black': 'very dark',
  black: 'near-black',
};

/** "light greige, leans yellow": the words shown beside a patch; a plain colour ("dark blue") has no lean to tell. */
export function describeColour(lab: Lab): string {
  const { family, depth, lean } = nameColour(lab);
  const own = DEPTH_IN_NAME.includes(family) ? family : `${DEPTH_WORDS[depth] ?? depth} ${family}`;
  if (HUES.some((sector) => sector.family === family)) return own;
  return lean === 'none' ? `${own}, no lean` : `${own}, leans ${lean}`;
}
