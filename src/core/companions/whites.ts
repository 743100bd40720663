import { chroma, lrvOf } from '../colour/lab';
import { leanOf, type Lean } from '../colour/lean';
import type { Lab } from '../colour/types';
import { warmthOf } from '../judge/wish';
import { misfit, type Span, type Wanted } from './wanted';

/** The questions, and what can be answered: which palette it must live in, and how it is to stand out. */
export const WHITE_PALETTES = ['warm', 'cool', 'either'] as const;
export type WhitePalette = (typeof WHITE_PALETTES)[number];
export const WHITE_EDGES = ['crisp', 'soft'] as const;
export type WhiteEdge = (typeof WHITE_EDGES)[number];

/** What kinds of white there are: without a lean one could name, leaning warm, leaning cool. */
export const WHITE_KINDS = ['pure', 'warm', 'cool'] as const;
export type WhiteKind = (typeof WHITE_KINDS)[number];

export const WHITES = {
  /** From this LRV on a colour may be called a white, up to this chroma; stronger ones are creams and tints. Common practice, no source. */
  fromLrv: 76,
  toChroma: 9,
  /** Up to this chroma a white has no lean anyone would name. */
  pureTo: 1.8,
} as const;

export const isWhite = (lab: Lab): boolean => lrvOf(lab) >= WHITES.fromLrv && chroma(lab) <= WHITES.toChroma;

/** Which kind of white a colour is. @param lab D65, 10°; {@link isWhite} */
export function whiteKind(lab: Lab): WhiteKind {
  if (chroma(lab) <= WHITES.pureTo) return 'pure';
  return warmthOf(lab) > 0 ? 'warm' : 'cool';
}

const span = (from: number, to: number, at: number): Span => ({ from, to, at });
const EDGE: Readonly<Record<WhiteEdge, Pick<Wanted, 'lrv' | 'chroma'>>> = {
  crisp: { lrv: span(84, 100, 92), chroma: span(0, 4, 1.5) },
  soft: { lrv: span(77, 90, 84), chroma: span(2, 8, 4.5) },
};
/** Hues of warm and of cool whites, degrees. */
const HUE = { warm: { deg: 84, within: 22 }, cool: { deg: 235, within: 60 } } as const;

/** How far a white is from what was answered; 0 where it is just that. */
export const whiteMisfit = (lab: Lab, palette: WhitePalette, edge: WhiteEdge): number =>
  misfit(lab, { ...EDGE[edge], hue: palette === 'either' ? null : HUE[palette] });

const READS: Readonly<Record<Lean, string>> = {
  none: 'white',
  pink: 'pink',
  'orange-pink': 'peach',
  'violet-pink': 'mauve',
  yellow: 'cream',
  'yellow-green': 'greenish cream',
  green: 'green',
  blue: 'grey-blue',
  violet: 'grey-violet',
};
/** Chroma under which a white reads as white in a light, whatever it leans to. Own choice: about two just-noticeable steps over pure. */
const READS_FROM = 3.5;

/** What a white reads as in a light: "white", "cream", "grey-blue". @param seen as it reads there */
export const sayReadsAs = (seen: Lab): string => (chroma(seen) < READS_FROM ? 'white' : READS[leanOf(seen, true)]);
