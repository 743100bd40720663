import { chroma, hueDeg } from './lab';
import type { Lab } from './types';

/** Where a near-neutral leans. `none`: nothing an eye could name. */
export type Lean = 'none' | 'pink' | 'orange-pink' | 'violet-pink' | 'yellow' | 'yellow-green' | 'green' | 'blue' | 'violet';

export const LEAN_BORDERS = {
  /** C*ab under which a colour has no lean that anyone would name on a wall. Common practice, no source; the figure is own choice. */
  none: 1.5,
  /**
   * C*ab under which a pinkish warm neutral reads violet-pink (taupe) rather than orange-pink (beige): it holds less yellow than the
   * eye expects of a warm neutral. Common practice, no source.
   */
  taupeChroma: 8,
  /** Hue angles in degrees where each lean ends and the next begins, from 0 upward. Common practice, no source. */
  hue: { pink: 50, orangePink: 79, yellow: 88, yellowGreen: 115, green: 180, blue: 275, violet: 335 },
  /** Below taupeChroma the pinkish side reaches to this hue angle. */
  taupeHue: 72,
  /** Hue angle up to which a light colour (cream, off-white) is plainly yellow: the eye allows whites more green. */
  lightYellow: 98,
} as const;

/** Where a colour leans, by CIELAB hue and chroma (D65, 10°) and the borders of {@link LEAN_BORDERS}. */
export function leanOf(lab: Lab, light = false): Lean {
  const c = chroma(lab);
  if (c < LEAN_BORDERS.none) return 'none';
  const h = hueDeg(lab);
  const { hue, taupeHue, taupeChroma, lightYellow } = LEAN_BORDERS;
  const weak = c < taupeChroma;
  if (h >= hue.violet || h < (weak ? taupeHue : hue.pink)) return pinkSide(h, weak, light);
  if (h < hue.orangePink) return 'orange-pink';
  if (h < (light ? lightYellow : hue.yellow)) return 'yellow';
  if (h < hue.yellowGreen) return 'yellow-green';
  if (h < hue.green) return 'green';
  return h < hue.blue ? 'blue' : 'violet';
}

/** The pinkish sector: whites lean pink, weak neutrals violet-pink, stronger ones pink. */
function pinkSide(h: number, weak: boolean, light: boolean): Lean {
  if (light) return h >= LEAN_BORDERS.hue.pink && h < LEAN_BORDERS.taupeHue ? 'orange-pink' : 'pink';
  return weak ? 'violet-pink' : 'pink';
}

/** Schools for a green-leaning grey: counted warm or counted cool. The numbers do not change. */
export type GreenGreySchool = 'warm' | 'cool';

/** Warm, cool or balanced, as consultants say it. */
export function temperatureOf(lean: Lean, school: GreenGreySchool = 'cool'): 'warm' | 'cool' | 'balanced' {
  if (lean === 'none') return 'balanced';
  if (lean === 'green') return school;
  return lean === 'blue' || lean === 'violet' ? 'cool' : 'warm';
}
