import { deltaE00 } from '../colour/ciede2000';
import { directions } from '../colour/directions';
import type { Lab } from '../colour/types';

/** Where a colour lies from the first of a list. */
export const LEANINGS = [
  'like-the-first',
  'lighter',
  'deeper',
  'quieter',
  'stronger',
  'yellower',
  'bluer',
  'pinker',
  'greener',
] as const;
export type Leaning = (typeof LEANINGS)[number];

export const LEANING_WORDS: Readonly<Record<Leaning, string>> = {
  'like-the-first': 'The first, and like it',
  lighter: 'Lighter',
  deeper: 'Deeper',
  quieter: 'Quieter',
  stronger: 'Stronger',
  yellower: 'Yellower',
  bluer: 'Bluer',
  pinker: 'Pinker',
  greener: 'Greener',
};

export const GROUPS = {
  /** ΔE00 up to which a colour is like the first. */
  like: 2.5,
  /** ΔE00 that two choices differ by: nearer ones are one choice. */
  apart: 2,
  /** Choices of a group that are shown at first. */
  shown: 3,
} as const;

/** Which way a colour lies from the first of a list: its largest visible difference. */
export function leaningFrom(first: Lab, lab: Lab): Leaning {
  const d = directions(first, lab);
  if (d.deltaE00 < GROUPS.like) return 'like-the-first';
  const ways: readonly [number, Leaning, Leaning][] = [
    [d.lightDark, 'lighter', 'deeper'],
    [d.strongWeak, 'stronger', 'quieter'],
    [d.yellowBlue, 'yellower', 'bluer'],
    [d.pinkGreen, 'pinker', 'greener'],
  ];
  const [steps, up, down] = ways.reduce((p, q) => (Math.abs(q[0]) > Math.abs(p[0]) ? q : p));
  return steps > 0 ? up : down;
}

/** Rows that lie one way from the first, best first: those that are choices of their own, and those that are much like one of them. */
export type Group<T> = { readonly leaning: Leaning; readonly choices: readonly T[]; readonly alike: readonly T[] };

/** A list as groups, in the order in which their first rows stand in it. */
export function grouped<T extends { readonly lab: Lab }>(rows: readonly T[]): Group<T>[] {
  const first = rows[0];
  if (!first) return [];
  const groups = new Map<Leaning, { choices: T[]; alike: T[] }>();
  for (const row of rows) {
    const leaning = leaningFrom(first.lab, row.lab);
    const group = groups.get(leaning) ?? { choices: [], alike: [] };
    groups.set(leaning, group);
    const own = group.choices.every((c) => deltaE00(c.lab, row.lab) >= GROUPS.apart);
    (own ? group.choices : group.alike).push(row);
  }
  return [...groups].map(([leaning, group]) => ({ leaning, ...group }));
}
