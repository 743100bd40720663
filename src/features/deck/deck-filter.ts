import type { Family } from '@/core/colour/family';
import { findInDeck, type DeckColour } from '../shared/deck-data';

export type DeckFilter = {
  readonly text: string;
  readonly maker: string;
  readonly family: Family | '';
  /** Depth band by LRV. */
  readonly depth: keyof typeof DEPTH_BANDS;
};

/** LRV bands offered as filters. */
export const DEPTH_BANDS = {
  any: { name: 'any depth', from: -1, to: 101 },
  light: { name: 'LRV 70 and up', from: 70, to: 101 },
  middle: { name: 'LRV 40 – 70', from: 40, to: 70 },
  deep: { name: 'LRV 15 – 40', from: 15, to: 40 },
  dark: { name: 'LRV under 15', from: -1, to: 15 },
} as const;

export const NO_FILTER: DeckFilter = { text: '', maker: '', family: '', depth: 'any' };

export function filterDeck(colours: readonly DeckColour[], filter: DeckFilter): readonly DeckColour[] {
  const { from, to } = DEPTH_BANDS[filter.depth];
  return findInDeck(colours, filter.text).filter(
    (c) =>
      (filter.maker === '' || c.maker === filter.maker) &&
      (filter.family === '' || c.family === filter.family) &&
      c.lrv >= from &&
      c.lrv < to,
  );
}

export type DeckStrip = {
  readonly key: string;
  readonly maker: string;
  readonly name: string;
  readonly colours: readonly DeckColour[];
};

/** Colours by maker and strip, in the deck's order: depth steps of one hue. */
export function stripsOf(colours: readonly DeckColour[]): DeckStrip[] {
  const strips = new Map<string, { maker: string; name: string; colours: DeckColour[] }>();
  for (const c of colours) {
    const key = `${c.maker} ${c.strip}`;
    const strip = strips.get(key) ?? { maker: c.maker, name: c.strip.replace(/^\d+ /, ''), colours: [] };
    strip.colours.push(c);
    strips.set(key, strip);
  }
  return [...strips].map(([key, strip]) => ({ key, ...strip }));
}
