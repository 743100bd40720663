import { adaptingLuminance, cam16, degreeOfAdaptation, viewing, xyzFromCam16, type Viewing } from '../colour/cam16';
import { fromRgb16, toRgb16, type Rgb } from '../colour/cat16';
import type { Reflectance, SpectralPower } from '../colour/grid';
import { labFromXyz } from '../colour/lab';
import { integrationWeights, type Weights } from '../colour/observer';
import { screenColour } from '../colour/srgb';
import { tristimulus, WHITE_D65_10, whiteOf } from '../colour/tristimulus';
import type { Lab, XYZ } from '../colour/types';

/** How a scene is taken to a screen. The adaptation formula is CAM16's; the rest is this product's own choice. */
export const SCENE = {
  /** The eye is never wholly adapted to a coloured light, however bright. Own choice, in line with measured degrees of 0.85–0.95. */
  mostAdapted: 0.9,
  /**
   * Share of the room's own light, as its walls have it, against that at the spot, in the white the eye adapts to. Own choice: what holds
   * is in decision 0020 and its test.
   */
  roomShare: 0.1,
  /** Light in which a colour shows as it does in the deck, lx. */
  deckLux: 500,
  /** How much of the loss of brightness in a dimmer room shows as loss of lightness: an exponent. */
  dimming: 0.3,
  /** How much of the gain in a brighter one pulls what is light toward white: an exponent. */
  glare: 0.5,
  /** No scene is computed darker than this, lx. */
  leastLux: 0.05,
  /**
   * Under so many lux the rods take over and no colour is judged: what is computed there is not shown. A white in 3 lx has about 1 cd/m²,
   * in the middle of the mesopic range (CIE 191: 0.005 to 5 cd/m²). The figure is own choice.
   */
  tooDarkLux: 3,
} as const;

/** The light on a sample, and the room's own (`roomLight` in light/day-light) where it stands in a room. */
export type SceneLight = { readonly power: SpectralPower; readonly lux: number; readonly room?: SpectralPower | undefined };

/** How a colour reads in a scene. */
export type Reads = {
  /** As it reads, Lab (D65, 10°) on a screen seen in {@link SCENE.deckLux}. */
  readonly lab: Lab;
  /** CAM16 brightness Q in the scene. */
  readonly brightness: number;
  /** CAM16 colourfulness M in the scene. */
  readonly colourfulness: number;
};

/** How a colour looks in a scene, with its colour for the screen. */
export type Appearance = Reads & {
  readonly hex: string;
  /** False when the screen cannot show it. */
  readonly inGamut: boolean;
};

/** The screen: D65, fully adapted, as bright as a deck in good light. */
const SCREEN: Viewing = viewing({
  white: WHITE_D65_10,
  la: adaptingLuminance(SCENE.deckLux),
  yb: 20,
  surround: 'average',
  degree: 1,
});

/** Brightness Q of a white under D65 of so many lux. */
export function whiteBrightness(lux: number): number {
  return cam16(WHITE_D65_10, viewing({ white: WHITE_D65_10, la: adaptingLuminance(lux), yb: 20, surround: 'average', degree: 1 }))
    .q;
}

const GOOD_LIGHT = whiteBrightness(SCENE.deckLux);

/** Mixes two whites of Y = 100. */
const mixWhites = (p: XYZ, q: XYZ, share: number): XYZ => ({
  x: p.x + share * (q.x - p.x),
  y: 100,
  z: p.z + share * (q.z - p.z),
});

/** The white the eye is adapted to: the light's, as far as its luminance lets it, and daylight for the rest, mixed as cone responses. */
function adaptedWhite(white: XYZ, la: number): XYZ {
  const degree = Math.min(SCENE.mostAdapted, degreeOfAdaptation(la, 1));
  const neutral = toRgb16(WHITE_D65_10);
  return fromRgb16(toRgb16(white).map((w, i) => degree * w + (1 - degree) * neutral[i]!) as unknown as Rgb);
}

/** Lightness and colourfulness as the screen should show them: dulled in the dim, pulled toward white in glare. */
function shown(j: number, m: number, qWhite: number): { readonly j: number; readonly m: number } {
  if (qWhite < GOOD_LIGHT) return { j: j * (qWhite / GOOD_LIGHT) ** SCENE.dimming, m };
  // glare washes out what is light; what is dark keeps its colour
  const share = (GOOD_LIGHT / qWhite) ** ((j / 100) ** 2);
  return { j: 100 - (100 - j) * share ** SCENE.glare, m: m * share };
}

/** A scene taken apart: how it weighs a surface, and how what it weighs reads. */
export type SceneView = {
  readonly weights: Weights;
  /** How tristimulus values (Y = 100 of a perfect white) read. */
  readonly reads: (xyz: XYZ) => Reads;
};

/**
 * How surfaces look in a light: CAM16 with the room's white, adapted as far as its luminance allows (Li et al. 2017 eq. 4) and never
 * wholly, so that warm lamps still look warm and dim rooms lose colour; then the corresponding colour for a D65 screen. Prepared once for
 * many surfaces.
 */
export function viewOf({ power, lux, room }: SceneLight): SceneView {
  const weights = integrationWeights(power, 10);
  const spot = whiteOf(weights);
  const white = room ? mixWhites(spot, whiteOf(integrationWeights(room, 10)), SCENE.roomShare) : spot;
  const la = adaptingLuminance(Math.max(lux, SCENE.leastLux));
  const conditions = viewing({ white: adaptedWhite(white, la), la, yb: 20, surround: 'average', degree: 1 });
  const qWhite = whiteBrightness(Math.max(lux, SCENE.leastLux));
  const reads = (xyz: XYZ): Reads => {
    const { j, m, h, q } = cam16(xyz, conditions);
    const to = shown(j, m, qWhite);
    const lab = labFromXyz(xyzFromCam16({ j: to.j, c: to.m / SCREEN.fl ** 0.25, h }, SCREEN));
    return { lab, brightness: q, colourfulness: m };
  };
  return { weights, reads };
}

/**
 * How a surface in another light reads to an eye in this one, as through a door: `times` as bright as here. With the colour for the screen,
 * which cannot be brighter than its white.
 */
export function seenThrough({ reads }: SceneView, light: Weights, times: number): (reflectance: Reflectance) => Appearance {
  return (reflectance) => {
    const { x, y, z } = tristimulus(reflectance, light);
    const found = reads({ x: x * times, y: y * times, z: z * times });
    return { ...found, ...screenColour(found.lab) };
  };
}

/** {@link viewOf} as one: how a surface reads. */
export function readIn(scene: SceneLight): (reflectance: ArrayLike<number>) => Reads {
  const { weights, reads } = viewOf(scene);
  return (reflectance) => reads(tristimulus(reflectance, weights));
}

/**
 * Lab (D65, 10°) of surfaces as they stand to each other in so many lux of a light: the eye wholly adapted to it, so that a white stays
 * white, and their colourfulness what it is there, less in the dim and more in the bright (CAM16 M; Hunt 1952), at their own lightness.
 * In {@link SCENE.deckLux} these are the corresponding colours of CAT16.
 */
export function besideIn(eye: SceneLight): (reflectance: ArrayLike<number>) => Lab {
  return besideThrough(eye, eye.power);
}

/**
 * The same of surfaces in another light, as through a door: the eye adapted to the light it is in, the surface at its own lightness in
 * its own light, so that how much brighter it is there is left out.
 */
export function besideThrough({ power, lux }: SceneLight, light: SpectralPower): (reflectance: ArrayLike<number>) => Lab {
  const weights = integrationWeights(light, 10);
  const la = adaptingLuminance(Math.max(lux, SCENE.leastLux));
  const white = light === power ? whiteOf(weights) : whiteOf(integrationWeights(power, 10));
  const conditions = viewing({ white, la, yb: 20, surround: 'average', degree: 1 });
  return (reflectance) => {
    const { j, m, h } = cam16(tristimulus(reflectance, weights), conditions);
    return labFromXyz(xyzFromCam16({ j, c: m / SCREEN.fl ** 0.25, h }, SCREEN));
  };
}

/** {@link viewOf} as one: how a surface reads, with the colour for the screen. */
export function seenIn(scene: SceneLight): (reflectance: Reflectance) => Appearance {
  const view = viewOf(scene);
  return (reflectance) => seenBy(view, reflectance);
}

/** How a surface reads in a view, with the colour for the screen. */
export function seenBy({ weights, reads }: SceneView, reflectance: Reflectance): Appearance {
  const found = reads(tristimulus(reflectance, weights));
  return { ...found, ...screenColour(found.lab) };
}
