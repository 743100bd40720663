import { chroma as chromaOf, hueDeg as hueOf, labFromXyz } from './lab';
import { WHITE_SRGB, xyzOfLinear } from './srgb';
import type { Lab } from './types';

const { cos, max, PI } = Math;

/**
 * CIELAB chroma that one step of Munsell chroma takes, by hue: mean × (1 + swing · cos(h − most)). Least squares over the 1,847 chips of
 * the Munsell renotation (Newhall, Nickerson & Judd 1943) of value 3 to 8 and chroma 4 and more; root mean square error 0.48.
 */
export const MUNSELL_STEP = { mean: 5.08, swing: 0.25, mostAtDeg: 106 } as const;

/** How strong a colour is, in steps of Munsell chroma: a yellow of C*ab 40 is as strong as a blue of 26. */
export const strengthSteps = (chroma: number, hueDeg: number): number =>
  chroma / (MUNSELL_STEP.mean * (1 + MUNSELL_STEP.swing * cos(((hueDeg - MUNSELL_STEP.mostAtDeg) * PI) / 180)));

/** Degrees between two kept hues, and points along an edge of the cube that are tried for them. */
const EVERY_DEG = 4;
const POINTS = 120;

/** The strongest colour of each hue: along the six edges of the sRGB cube that touch neither black nor white. */
function fullColours(): readonly Lab[] {
  const corners = [0, 1, 2].flatMap((k) => {
    const one = [0, 0, 0].map((_, i) => (i === k ? 1 : 0));
    const two = one.map((v, i) => (i === (k + 1) % 3 ? 1 : v));
    return [one, two];
  });
  return corners.flatMap((from, k) => {
    const to = corners[(k + 1) % corners.length]!;
    return Array.from({ length: POINTS }, (_, n) => {
      const at = (i: number) => from[i]! + ((to[i]! - from[i]!) * n) / POINTS;
      return labFromXyz(xyzOfLinear([at(0), at(1), at(2)]), WHITE_SRGB);
    });
  });
}

/** What a unit of chroma takes from blackness, by hue: what the L* of its full colour lacks of white, over its chroma. */
const darkeningByHue: Float64Array = (() => {
  const full = fullColours()
    .map((lab) => ({ hue: hueOf(lab), value: (1 - lab.l / 100) / chromaOf(lab) }))
    .sort((p, q) => p.hue - q.hue);
  return Float64Array.from({ length: 360 / EVERY_DEG }, (_, n) => {
    const hue = n * EVERY_DEG;
    const after = full.findIndex((f) => f.hue >= hue);
    const [p, q] = [full.at(after <= 0 ? -1 : after - 1)!, full[after < 0 ? 0 : after]!];
    const [below, above] = [p.hue > hue ? p.hue - 360 : p.hue, q.hue < hue ? q.hue + 360 : q.hue];
    return p.value + ((q.value - p.value) * (hue - below)) / max(1e-9, above - below);
  });
})();

/**
 * How much black a colour holds, 0–1, in Ostwald's sense (1917): full colour, white and black make 1, the full colour of a hue being the
 * strongest that sRGB has (IEC 61966-2-1), and all three adding in L*. A pastel or a neon holds little, what is greyed, earthy or deep a
 * lot. May leave 0–1 slightly where a colour is stronger than sRGB.
 *
 * @example blackness({ l: 85, a: -16, b: 6 }) // → 0.12
 */
export function blackness(lab: Lab, chroma = chromaOf(lab), hueDeg = hueOf(lab)): number {
  const at = hueDeg / EVERY_DEG;
  const below = Math.floor(at);
  const [p, q] = [darkeningByHue[below % darkeningByHue.length]!, darkeningByHue[(below + 1) % darkeningByHue.length]!];
  return 1 - lab.l / 100 - chroma * (p + (q - p) * (at - below));
}
