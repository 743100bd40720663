import { deltaE00 } from '../colour/ciede2000';
import { directions } from '../colour/directions';
import { familyOf, type Family } from '../colour/family';
import type { Lab } from '../colour/types';
import { RELATION } from './model';
import type { Verdict } from './reasons';
import { chromatic } from './worlds';

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

const LEANING_WORDS: Readonly<Record<Leaning, string>> = {
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
  /** Of so many rows at the head of a list; when they are of at least so many hues, the list is one of colours and lies by hue. */
  head: 12,
  hues: 3,
} as const;

/** Families that are colours, with what several of one are called; whatever is none of them is a near-neutral. */
const HUE_WORDS = {
  red: 'Reds',
  orange: 'Oranges',
  yellow: 'Yellows',
  green: 'Greens',
  'blue-green': 'Blue-greens',
  blue: 'Blues',
  violet: 'Violets',
  pink: 'Pinks',
} as const satisfies Partial<Record<Family, string>>;
export type Hue = keyof typeof HUE_WORDS | 'near-neutral';

/** The hue that a colour belongs to as a colour; a near-neutral, a brown or a black belongs to none. */
export function hueOf(lab: Lab): Hue {
  const family = familyOf(lab);
  return chromatic(lab, RELATION) >= 0.5 && family in HUE_WORDS ? (family as keyof typeof HUE_WORDS) : 'near-neutral';
}

const hueOrWay = (by: Leaning | Hue): string =>
  by === 'near-neutral'
    ? 'Near-neutrals and browns'
    : by in HUE_WORDS
      ? HUE_WORDS[by as keyof typeof HUE_WORDS]
      : LEANING_WORDS[by as Leaning];

/** What a group of rows is called. */
export function groupTitle({ verdict, by }: Pick<Group<unknown>, 'verdict' | 'by'>): string {
  if (verdict === 'works') return hueOrWay(by);
  const named = by === 'like-the-first' ? 'like the first' : hueOrWay(by).toLowerCase();
  return verdict === 'nearly' ? `Nearly: ${named}` : `No: ${named}`;
}

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

/**
 * Rows of one verdict and hue, or that lie one way from the first, best first: those that are choices of their own, and those that are much
 * like one of them.
 */
export type Group<T> = {
  readonly verdict: Verdict;
  readonly by: Leaning | Hue;
  readonly choices: readonly T[];
  readonly alike: readonly T[];
};

/** Whether a list is one of colours rather than of near-neutrals: its head is of several hues. */
const isOfColours = (rows: readonly { readonly lab: Lab }[]): boolean =>
  new Set(
    rows
      .slice(0, GROUPS.head)
      .map((r) => hueOf(r.lab))
      .filter((hue) => hue !== 'near-neutral'),
  ).size >= GROUPS.hues;

/**
 * A list as groups, in the order in which their first rows stand in it: what works, then what nearly does; in each, colours by hue and
 * near-neutrals by which way they lie from the first of all.
 */
export function grouped<T extends { readonly lab: Lab; readonly verdict: Verdict }>(rows: readonly T[]): Group<T>[] {
  const first = rows[0];
  if (!first) return [];
  const groups = new Map<string, Group<T> & { choices: T[]; alike: T[] }>();
  const byHue = isOfColours(rows);
  for (const row of rows) {
    const by = byHue ? hueOf(row.lab) : leaningFrom(first.lab, row.lab);
    const key = `${row.verdict} ${by}`;
    const group = groups.get(key) ?? { verdict: row.verdict, by, choices: [], alike: [] };
    groups.set(key, group);
    const own = group.choices.every((c) => deltaE00(c.lab, row.lab) >= GROUPS.apart);
    (own ? group.choices : group.alike).push(row);
  }
  return [...groups.values()];
}
