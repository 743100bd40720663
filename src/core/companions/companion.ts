import type { Lab } from '../colour/types';
import type { Reason, Verdict } from '../judge/reasons';
import type { Surface } from '../judge/surfaces';
import type { PaintRole, Role } from './roles';

/** A colour of a deck at a strength. */
export type PaletteColour = Surface & { readonly id: string; readonly strength: number };

/** How a companion stands beside the wall and what stays, where it is worst. */
export type Standing = {
  readonly verdict: Verdict;
  /** Under 1 works, under 2 nearly, from 2 no. */
  readonly cost: number;
  readonly reason: Reason | null;
  /** Name of what it is worst beside; null where nothing is against it. */
  readonly beside: string | null;
  /** The kind of light it is worst in; null where it works or no light is known. */
  readonly light: string | null;
};

/** Says how a colour stands in a role: what shares beside what answers, and what is no fault in that role left out. */
export type Judge = (colour: Surface, role: Role, answers: boolean) => Standing;

export type Companion = {
  readonly role: Role;
  /** Which of the ways to fill the role it is. */
  readonly key: string;
  readonly title: string;
  /** The colour of the deck; null for a fabric. */
  readonly id: string | null;
  readonly strength: number | null;
  readonly lab: Lab;
  /** ΔE00 around it within which a fabric still does; null for a paint. */
  readonly within: number | null;
  readonly why: string;
  readonly standing: Standing;
};

/** What is no fault of a colour in a role: by what is painted there, how much of it there is, and where. Common practice, no source. */
export const NO_FAULT: Readonly<Record<PaintRole | 'fabric', readonly Reason[]>> = {
  'light-trim': ['too-close', 'too-light'],
  'dark-trim': ['too-close', 'too-dark'],
  quiet: ['too-close', 'too-light'],
  deep: ['too-close', 'too-dark'],
  bridge: ['too-close'],
  accent: ['too-close', 'too-dark', 'too-strong'],
  'wall-below': ['too-dark'],
  'wall-above': ['too-light'],
  'wall-focal': ['too-dark', 'too-strong'],
  fabric: ['too-close', 'too-dark', 'too-light'],
};
