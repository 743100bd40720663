/** The demo decks' strips: hue angle (degrees) and chroma at L* 80, L* of the deepest and of the lightest step. All made up. */
import type { Lab } from '../src/core/colour/types';

export type Strip = {
  readonly name: string;
  readonly hue: number;
  readonly chroma: number;
  readonly deepest: number;
  readonly lightest?: number;
};

/** Hue angle (degrees) and chroma at L* 80; the deepest step's L*. */
export const NEUTRALS: readonly Strip[] = [
  { name: 'pure grey', hue: 90, chroma: 0.5, deepest: 18 },
  { name: 'green grey', hue: 128, chroma: 3.8, deepest: 24 },
  { name: 'blue grey', hue: 246, chroma: 3.6, deepest: 20 },
  { name: 'violet grey', hue: 305, chroma: 3.2, deepest: 26 },
  { name: 'charcoal', hue: 252, chroma: 1.7, deepest: 18 },
  { name: 'pink taupe', hue: 48, chroma: 4.6, deepest: 34 },
  { name: 'taupe', hue: 63, chroma: 5.6, deepest: 32 },
  { name: 'warm greige', hue: 76, chroma: 5.8, deepest: 34 },
  { name: 'greige', hue: 86, chroma: 6.4, deepest: 36 },
  { name: 'green greige', hue: 99, chroma: 6.2, deepest: 34 },
  { name: 'pink beige', hue: 66, chroma: 11, deepest: 40 },
  { name: 'soft beige', hue: 74, chroma: 12.5, deepest: 42 },
  { name: 'body beige', hue: 73, chroma: 16, deepest: 38 },
  { name: 'muted tan', hue: 84, chroma: 14, deepest: 40 },
  { name: 'yellow tan', hue: 84, chroma: 19, deepest: 44 },
  { name: 'green tan', hue: 93, chroma: 13.5, deepest: 38 },
  { name: 'cream', hue: 90, chroma: 21, deepest: 62 },
  { name: 'brown', hue: 64, chroma: 13, deepest: 22 },
];
export const COLOURS: readonly Strip[] = [
  { name: 'red', hue: 28, chroma: 22, deepest: 34 },
  { name: 'terracotta', hue: 48, chroma: 24, deepest: 40 },
  { name: 'ochre', hue: 78, chroma: 32, deepest: 52 },
  { name: 'yellow', hue: 92, chroma: 36, deepest: 66 },
  { name: 'moss', hue: 112, chroma: 16, deepest: 34 },
  { name: 'green', hue: 150, chroma: 14, deepest: 32 },
  { name: 'sea', hue: 198, chroma: 13, deepest: 30 },
  { name: 'blue', hue: 250, chroma: 15, deepest: 26 },
  { name: 'violet', hue: 305, chroma: 12, deepest: 34 },
  { name: 'rose', hue: 5, chroma: 15, deepest: 46 },
];

export const WHITES: readonly Strip[] = [
  { name: 'clean white', hue: 112, chroma: 3, lightest: 95.3, deepest: 89 },
  { name: 'soft white', hue: 96, chroma: 9, lightest: 94.9, deepest: 88 },
  { name: 'blue white', hue: 236, chroma: 4, lightest: 95.1, deepest: 88.5 },
];

export const STEPS = 6;
const LIGHTEST = 93;
/** Chroma along a strip: it grows away from white and falls again toward black. */
function chromaAt(l: number, at80: number): number {
  const grown = (lightness: number) => Math.sqrt(1 - Math.exp(-(98 - lightness) / 15)) * Math.min(1, 0.35 + lightness / 70);
  return (at80 * grown(l)) / grown(80);
}

export type Shift = { readonly hue: number; readonly chroma: number; readonly light: number };

/** What the steps of a strip aim at, Lab (D65, 10°), light to deep; strips warm a little as they deepen. */
export function stripAims(strip: Strip, shift: Shift): Lab[] {
  const lightest = strip.lightest === undefined ? LIGHTEST + shift.light : strip.lightest + shift.light / 3;
  return Array.from({ length: STEPS }, (_, step) => {
    const t = step / (STEPS - 1);
    const l = lightest - (lightest - strip.deepest) * t ** 1.25;
    const c = chromaAt(l, strip.chroma * shift.chroma);
    const hue = ((strip.hue + shift.hue - 4 * t) * Math.PI) / 180;
    return { l, a: c * Math.cos(hue), b: c * Math.sin(hue) };
  });
}
