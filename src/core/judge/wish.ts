import { undertone } from '../colour/undertone';
import { chroma } from '../colour/lab';
import type { Lab } from '../colour/types';
import { ramp } from '../base/ramp';
import type { Reason, Verdict } from './reasons';
import type { School } from './kinds';
import { relation, verdictOf, type Stay } from './relation';

/** What a client wants of a room. */
export const WISHES = ['warmer', 'calmer', 'lighter', 'deeper', 'more-colour'] as const;
export type Wish = (typeof WISHES)[number];

export const WISH_WORDS: Readonly<Record<Wish, string>> = {
  warmer: 'warmer',
  calmer: 'calmer, cooler',
  lighter: 'lighter, airier',
  deeper: 'deeper, more dramatic',
  'more-colour': 'more colour',
};

/** Wall colours that plainly grant each wish, Lab (D65, 10°): typical values from memory, common practice. Committed, not hinted at. */
export const GRANTS: Readonly<Record<Wish, readonly Lab[]>> = {
  warmer: [
    { l: 82, a: 3.2, b: 12 },
    { l: 79, a: 2, b: 16 },
    { l: 84, a: 0.5, b: 14 },
    { l: 74, a: 7, b: 17 },
    { l: 85, a: 3.2, b: 10 },
  ],
  calmer: [
    { l: 80, a: -4, b: 3 },
    { l: 79, a: -3, b: -4 },
    { l: 84, a: -2, b: -2 },
    { l: 73, a: -4, b: -6 },
    { l: 86, a: -2, b: 4 },
  ],
  lighter: [
    { l: 93, a: 0.5, b: 5 },
    { l: 95, a: -0.3, b: 2.5 },
    { l: 91, a: 0, b: 7 },
    { l: 94, a: -0.8, b: 0 },
    { l: 90, a: 1.2, b: 4.5 },
  ],
  deeper: [
    { l: 32, a: -0.5, b: -2 },
    { l: 28, a: 0, b: -12 },
    { l: 30, a: -8, b: -1 },
    { l: 36, a: 10, b: 12 },
    { l: 27, a: 1.5, b: 4 },
  ],
  'more-colour': [
    { l: 62, a: -14, b: 10 },
    { l: 58, a: -8, b: -16 },
    { l: 68, a: 14, b: 22 },
    { l: 70, a: 18, b: 4 },
    { l: 76, a: 2, b: 34 },
  ],
};

/** Units of Lab that are about a just-noticeable step, in lightness and in chroma at the strengths of walls. CIEDE2000 weights, rounded. */
const STEP = { lightness: 1.3, chroma: 1.4 } as const;

/** How far a colour grants a wish, 0–1, and by how many just-noticeable steps it misses granting it wholly. */
export type Granted = { readonly share: number; readonly missedBy: number };
const WHOLLY: Granted = { share: 1, missedBy: 0 };

/** A wish that is granted along a straight way from nothing to wholly; `step` is what is noticed of it. */
function along(value: number, [from, to]: readonly [number, number], step: number): Granted {
  const share = ramp(value, from, to);
  return { share, missedBy: ((1 - share) * Math.abs(to - from)) / step };
}

/** How far a wall colour grants each wish. Lab (D65, 10°); own choice of figures, so that every one of {@link GRANTS} plainly does. */
const DEGREES: Readonly<Record<Wish, (lab: Lab) => Granted>> = {
  warmer: ({ a, b }) => along(b + a / 2, [2, 9], STEP.chroma),
  // green, blue-green and blue, and not loud
  calmer: (lab) => {
    const cool = along(-lab.a - lab.b / 4, [-1, 1.5], STEP.chroma);
    const quiet = along(chroma(lab), [20, 8], STEP.chroma);
    return { share: cool.share * quiet.share, missedBy: Math.max(cool.missedBy, quiet.missedBy) };
  },
  lighter: ({ l }) => along(l, [78, 90], STEP.lightness),
  deeper: ({ l }) => along(l, [62, 40], STEP.lightness),
  'more-colour': (lab) => along(chroma(lab), [5, 14], STEP.chroma),
};

/** How far a wall colour grants a wish, 0–1. */
export const grants = (wish: Wish, lab: Lab): number => DEGREES[wish](lab).share;

/** How warm a colour looks: its yellow, and half of its pink. */
export const warmthOf = ({ a, b }: Lab): number => b + a / 2;

/** How a wish is measured in a room. */
export const WARMER = {
  /** {@link warmthOf} from which a colour is warm at all, and that plainly is warmer, at least. */
  from: 2,
  full: 9,
  /** The same beside fixed finishes that are themselves cool: there a soft warm white is warm already. */
  fromInCool: 0,
  fullInCool: 5,
  /** The same as a share of the chroma of the fixed finishes: beside strong ones a little is lost. */
  ofFinishes: 0.65,
} as const;

/** The fixed finishes that a wall colour is measured against, those that are no whites: means over their parts by share. */
export type Ground = { readonly lrv: number; readonly chroma: number; readonly warmth: number };

/** How far fixed finishes are cool, 0–1. */
export const coolness = ({ warmth }: Ground): number => ramp(warmth, 1, -2);

/** How far a colour grants the wish of a room; wholly where nothing is wished for. */
export function wished(wish: Wish | null, ground: Ground | undefined): (lab: Lab) => Granted {
  if (!wish) return () => WHOLLY;
  if (wish !== 'warmer') return DEGREES[wish];
  const { from, full, fromInCool, fullInCool, ofFinishes } = WARMER;
  if (!ground) return (lab) => along(warmthOf(lab), [from, full], STEP.chroma);
  const cool = coolness(ground);
  const start = from + cool * (fromInCool - from);
  const usual = Math.max(full, ofFinishes * ground.chroma);
  const end = usual + cool * (fullInCool - usual);
  return (lab) => along(warmthOf(lab), [start, end], STEP.chroma);
}

/**
 * How far a colour grants several wishes, in their order: the first counts whole, the second half, the third a third (own choice). What
 * is missed is what the first misses.
 */
export function grantedAll(wishes: readonly Wish[], ground: Ground | undefined): (lab: Lab) => Granted {
  const [first = null, ...rest] = wishes.map((wish) => wished(wish, ground));
  if (!first) return () => WHOLLY;
  const weights = rest.map((_, k) => 1 / (k + 2));
  const whole = 1 + weights.reduce((s, w) => s + w, 0);
  return (lab) => {
    const { share, missedBy } = first(lab);
    return { share: rest.reduce((s, of, k) => s + weights[k]! * of(lab).share, share) / whole, missedBy };
  };
}

/** A soft, light, weak version of a colour: what still has a chance beside a finish that fights it. */
const SOFT = { l: 91.5, chroma: 4.5 } as const;
function softened(lab: Lab): Lab {
  const share = Math.min(1, SOFT.chroma / Math.max(chroma(lab), 1e-9));
  return { l: Math.max(lab.l, SOFT.l), a: lab.a * share, b: lab.b * share };
}

/** A thing that rules out what the client wants, and what is left to do. */
export type Fight = {
  readonly wish: Wish;
  /** Which of the things. */
  readonly stay: number;
  /** Its component that refuses most. */
  readonly component: string;
  /** Why, most often first. */
  readonly reasons: readonly Reason[];
  /** All of what grants the wish is refused, or all but one. */
  readonly hard: boolean;
  readonly waysOut: {
    /** A soft and light version of what is wanted, and how it stands beside the thing. */
    readonly soft: { readonly lab: Lab; readonly verdict: Verdict };
    /** The thing's own undertone, to go with instead. */
    readonly goWith: string;
  };
};

const most = <T>(values: readonly T[]): T[] => {
  const counts = new Map<T, number>();
  for (const v of values) counts.set(v, (counts.get(v) ?? 0) + 1);
  return [...counts].sort((p, q) => q[1] - p[1]).map(([v]) => v);
};

/** How a colour stands beside one of the things, by its index. */
export type Judged = {
  readonly verdict: Verdict;
  readonly cost: number;
  /** Undefined where nothing is against it. */
  readonly reason: Reason | undefined;
  /** Name of the component that decides. */
  readonly component: string;
};

/**
 * The things that fight what the client wants, said before a sample is fetched: beside them nearly everything that would grant the wish is
 * refused. Common practice: such a finish rules; only soft, light, weak versions stand a chance, or go with it, or change it.
 *
 * @param judge how a colour stands beside a thing, in whatever light is asked about
 */
export function fightsWish(
  stays: readonly Pick<Stay, 'components'>[],
  wish: Wish,
  judge: (stay: number, lab: Lab) => Judged,
): Fight[] {
  const wanted = GRANTS[wish];
  return stays.flatMap(({ components }, stay): Fight[] => {
    const found = wanted.map((lab) => judge(stay, lab));
    const refused = found.filter((r) => r.verdict === 'no');
    if (refused.length < wanted.length - 1) return [];
    const soft = wanted
      .map((lab) => softened(lab))
      .map((lab) => ({ lab, cost: judge(stay, lab).cost }))
      .reduce((p, q) => (q.cost < p.cost ? q : p));
    const largest = components.reduce((p, q) => (q.share > p.share ? q : p));
    return [
      {
        wish,
        stay,
        component: most(refused.map((r) => r.component))[0]!,
        reasons: most(refused.flatMap((r) => r.reason ?? [])),
        hard: refused.length === wanted.length,
        waysOut: { soft: { lab: soft.lab, verdict: verdictOf(soft.cost) }, goWith: undertone(largest.lab).says },
      },
    ];
  });
}

/** How colours stand beside things as in the deck, in no light in particular. */
export const judgedInDeck =
  (stays: readonly (Stay & { readonly school: School })[]) =>
  (stay: number, lab: Lab): Judged => {
    const { verdict, cost, reasons, link } = relation(stays[stay]!, lab, stays[stay]!.school);
    return { verdict, cost, reason: reasons[0], component: link };
  };
