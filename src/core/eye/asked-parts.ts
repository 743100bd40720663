import type { Random } from '../base/random';
import { deltaE00 } from '../colour/ciede2000';
import { labFromHex, screenColour } from '../colour/srgb';
import type { Lab } from '../colour/types';
import type { StayKind } from '../judge/kinds';
import type { Component } from '../judge/relation';
import type { Practised } from './exercises';

/** A colour as a screen of eight bits shows it. */
export type Patch = { readonly hex: string; readonly lab: Lab };
export type Asked = {
  readonly exercise: Practised;
  readonly seed: number;
  /** How far apart things are, in the measure of the exercise, as the screen shows them. */
  readonly level: number;
  readonly ask: string;
  /** What is looked at, from left to right: each one colour, or two that touch. */
  readonly fields: readonly (readonly Patch[])[];
  /** What the fields are compared with, shown above them; of a thing its parts by their shares. */
  readonly beside: { readonly name: string; readonly parts: readonly (Patch & { readonly share: number })[] } | null;
  /** Words to choose from; none where one of the fields is chosen. */
  readonly words: readonly string[];
  /** Index of the right field or word. */
  readonly right: number;
  /** What is told after the answer. */
  readonly says: string;
  /** The neutral they stand in. */
  readonly surround: PracticeSurround;
};
/** Neutrals that colours are looked at in, as on the bench. */
export const PRACTICE_SURROUNDS = ['light', 'grey', 'dark', 'paper'] as const;
export type PracticeSurround = (typeof PRACTICE_SURROUNDS)[number];

/** What exercises are made of beside colours that are drawn. */
export type Sources = {
  readonly things: readonly { readonly name: string; readonly kind: StayKind; readonly components: readonly Component[] }[];
  /** Colours that two makers sell under one name. */
  readonly sameNames: readonly {
    readonly name: string;
    readonly makers: readonly [string, string];
    readonly labs: readonly [Lab, Lab];
  }[];
};

/** Under this a screen of eight bits shows nothing for sure, ΔE00. */
export const LEAST_SHOWN = 0.4;
export const shown = (lab: Lab): Patch | undefined => {
  const { hex, inGamut } = screenColour(lab);
  return inGamut ? { hex, lab: labFromHex(hex) } : undefined;
};
export const between = (random: Random, from: number, to: number): number => from + (to - from) * random();
export const oneOf = <T>(random: Random, all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
const RAD = Math.PI / 180;
export const at = (l: number, c: number, hue: number): Lab => ({ l, a: c * Math.cos(hue * RAD), b: c * Math.sin(hue * RAD) });
export const apart = (p: Patch, q: Patch): number => deltaE00(p.lab, q.lab);
export const tell = (value: number): string => value.toFixed(1);

/** A colour of a wall: mostly a near-neutral, now and then a colour. */
export const wallColour = (random: Random): Lab =>
  at(between(random, 40, 90), random() < 0.7 ? between(random, 3, 14) : between(random, 16, 34), between(random, 0, 360));

export type Body = Omit<Asked, 'exercise' | 'seed' | 'surround'>;
/** Makes one, or nothing where what was drawn does not do: it is drawn again, but for `once`, 0–1. */
export type Maker = (random: Random, level: number, sources: Sources, once: number) => Body | undefined;

const SIDES = ['left', 'middle', 'right'] as const;
/** Where a field stands, in a word. */
export const side = (k: number, of: number): string => (of === 2 ? ['left', 'right'][k]! : SIDES[k]!);
