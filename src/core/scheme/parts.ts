import type { Reason, Verdict } from '../judge/reasons';
import type { Lab } from '../colour/types';
import type { SchemeKind, SchemePart } from '../record/scheme';

export { SCHEME_KINDS, SCHEME_PARTS, type SchemeKind, type SchemePart } from '../record/scheme';

export const SCHEME_KIND_WORDS: Readonly<Record<SchemeKind, { readonly name: string; readonly says: string }>> = {
  shared: { name: 'Shared', says: 'one undertone all through, as what stays has it: calm' },
  answered: { name: 'Answered', says: 'what stays is answered from across the hue circle: lively' },
  tonal: { name: 'Tonal', says: 'one hue from floor to ceiling, in steps that are seen and none that jumps' },
  largest: { name: 'Its largest colour', says: 'the walls take the largest colour of the piece: it recedes' },
  minor: { name: 'A minor colour', says: 'the walls take a lesser colour of the piece: it stands out' },
};
/** Kinds that begin from a piece. */
export const OF_A_PIECE: readonly SchemeKind[] = ['largest', 'minor'];

export const SCHEME_PART_WORDS: Readonly<Record<SchemePart, string>> = {
  walls: 'walls',
  focal: 'focal wall',
  below: 'below the rail',
  trim: 'trim',
  ceiling: 'ceiling',
  door: 'doors',
  large: 'curtains or a sofa',
  small: 'cushions, a lampshade',
  accent: 'accent',
};
/** Parts that are of cloth or the like: no deck holds them. */
export const isCloth = (part: SchemePart): boolean => part === 'large' || part === 'small';

/** A part with its colour. */
export type ProposedPart = {
  readonly part: SchemePart;
  /** Of the deck; null for what is no paint. */
  readonly id: string | null;
  readonly strength: number | null;
  readonly lab: Lab;
  /** Share of what one sees, 0–1. */
  readonly share: number;
  /** Why this one. */
  readonly why: string;
  /** As it was given: it was not chosen here. */
  readonly kept: boolean;
};

/** How two that are seen together stand, in the light in which they stand worst. */
export type ProposedLink = {
  readonly between: readonly [string, string];
  readonly verdict: Verdict;
  readonly reason: Reason | null;
  /** null where it works, or where the light is the deck's. */
  readonly light: string | null;
  /** Under 1 works, under 2 nearly. */
  readonly cost: number;
};

export type Proposal = {
  readonly kind: SchemeKind;
  readonly parts: readonly ProposedPart[];
  /** Shares of what stays, in its order, 0–1; with those of the parts they make 1. */
  readonly stays: readonly number[];
  readonly links: readonly ProposedLink[];
  /** The link that is worst; null where there is none. */
  readonly weakest: ProposedLink | null;
  readonly says: string;
  /** What to be careful of, in words; null where nothing is. */
  readonly caution: string | null;
};
