import { ramp } from '../base/ramp';
import { strengthSteps } from '../colour/nuance';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { coolOf, earthOf, hueApart, huedOf } from './hues';
import type { School } from './kinds';
import { RELATION } from './model';
import type { Stay } from './relation';
import { isWoodByName } from './wood';
import { chromatic } from './worlds';

const { exp, max } = Math;

/**
 * What speaks for a colour where nothing speaks against it. The best match shares the undertone of what stays; brown wood is answered by
 * greens and blues; a colour stands on neutral ground as it is; a grey without any lean goes flat and cold on a wall (common practice, no
 * source). The figures are this product's own choice.
 */
export const AFFINITY = {
  /** Hue difference, degrees, at which an undertone is shared by 1/e. */
  hueDeg: 30,
  /** Chroma from which a colour has a lean of its own, and has it fully. Whites need none. */
  lean: { from: 1, full: 3, whiteFrom: 90 },
  /** Chroma from which a thing that stays has a lean to share, and has it fully; lighter than that it is a white, which has hardly one. */
  shares: { from: 2, full: 5, whiteFrom: 88, whiteFull: 93 },
  /** How well greens and blues that answer brown wood go with it, beside what shares its hue. */
  answersBrown: 0.7,
  /** How well a colour goes with what it neither shares nor answers, as far as what stays is neutral ground. */
  onGround: 0.7,
  /**
   * L* from which brick and terracotta are no more answered, and not at all: what is pale and cool is beside them a pastel beside earth.
   */
  palesFrom: 70,
  palesFull: 82,
  /** Above this a thing is named as the one that is shared or answered. */
  named: 0.7,
  /** Share of a world from which a colour is said to belong to it. */
  belongs: 0.5,
} as const;

/** What a colour has in common with a thing: an undertone both lean to, a hue both have, or it answers a brown one. */
export type Tie = { readonly stay: number; readonly how: 'undertone' | 'hue' | 'answers' };

export type Affinity = {
  /** How far it goes with what stays by sharing or answering, 0–1. */
  readonly undertone: number;
  /** The thing it plainly shares something with, or answers. */
  readonly tie: Tie | undefined;
};

/** How far a colour has a lean of its own, 0–1; a white is fresh without one. */
const leans = ({ l, a, b }: Lab) =>
  l >= AFFINITY.lean.whiteFrom ? 1 : ramp(chroma({ l, a, b }), AFFINITY.lean.from, AFFINITY.lean.full);

/** How near two hues are, 0–1. */
function nearHue(p: number, q: number): number {
  const deg = hueApart(p, q) / AFFINITY.hueDeg;
  return exp(-deg * deg);
}

type Leaning = {
  readonly stay: number;
  readonly hueDeg: number;
  readonly weight: number;
  readonly answers: boolean;
  readonly chromatic: number;
  /** How far it is wood, and how far brick or terracotta, 0–1. */
  readonly wood: number;
  readonly earth: number;
};

/** How far a thing that stays has a hue to share, 0–1: a white has none. */
function shareable({ l }: Lab, c: number): number {
  const { from, full, whiteFrom, whiteFull } = AFFINITY.shares;
  return ramp(c, from, full) * max(ramp(l, whiteFull, whiteFrom), ramp(c, 2 * full, 3 * full));
}

/** The components that have an undertone to share, with how much each counts. */
function leaningOf(stays: readonly (Stay & { readonly school: School })[]): Leaning[] {
  const { furnishing, answerFullChroma } = RELATION;
  return stays
    .flatMap(({ name, kind, school, components, wood = isWoodByName(name) }, stay) =>
      components.map(({ lab, share }): Leaning => {
        const c = chroma(lab);
        const hue = hueDeg(lab);
        const colour = chromatic(lab, RELATION);
        const earth = earthOf(lab, c, huedOf({ lab, chroma: c, hueDeg: hue }, RELATION), RELATION);
        return {
          stay,
          hueDeg: hue,
          weight: share * (kind === 'fixed' ? 1 : furnishing) * shareable(lab, c),
          answers: kind !== 'fixed' && school === 'answer' && c >= answerFullChroma,
          chromatic: colour,
          wood: wood ? 1 : 0,
          earth: earth * colour,
        };
      }),
    )
    .filter((c) => c.weight > 0);
}

/**
 * Share of the fixed finishes that leans, 0–1: they rule, and are no ground for any colour. Whites and greys are; so is what can be
 * replaced.
 */
function leanShare(stays: readonly (Stay & { readonly school: School })[]): number {
  const parts = stays
    .filter((s) => s.kind === 'fixed')
    .flatMap((s) => s.components.filter((c) => c.lab.l < AFFINITY.shares.whiteFrom));
  const sum = parts.reduce((s, p) => s + p.share, 0);
  return sum === 0 ? 0 : parts.reduce((s, p) => s + p.share * shareable(p.lab, chroma(p.lab)), 0) / sum;
}

/**
 * Makes ready what speaks for a colour in a room: what it shares or answers, weighed by share over every component that has a hue. As in
 * the deck: Lab, D65 and 10°.
 */
export function prepareAffinity(stays: readonly (Stay & { readonly school: School })[]): (lab: Lab) => Affinity {
  const leaning = leaningOf(stays);
  const all = leaning.reduce((sum, c) => sum + c.weight, 0);
  const ground = AFFINITY.onGround * (1 - leanShare(stays));
  return (lab) => {
    const colour = chromatic(lab, RELATION);
    if (all === 0) return { undertone: max(colour * ground, leans(lab)), tie: undefined };
    const hue = hueDeg(lab);
    const c = chroma(lab);
    const visible = ramp(c, AFFINITY.lean.from, AFFINITY.lean.full);
    const cool = AFFINITY.answersBrown * coolOf(hue, RELATION);
    const pales = ramp(lab.l, AFFINITY.palesFull, AFFINITY.palesFrom);
    let shared = 0;
    let most: number = AFFINITY.named;
    let tie: Tie | undefined;
    for (const part of leaning) {
      const same = visible * nearHue(hue, part.hueDeg);
      const answered =
        visible * max(part.wood * cool, part.earth * pales * cool, part.answers ? nearHue(hue, part.hueDeg + 180) : 0);
      const near = max(same, answered);
      shared += (part.weight / all) * near;
      if (near <= most) continue;
      const how = answered > same ? 'answers' : tieOf(colour, part.chromatic);
      if (!how) continue;
      most = near;
      tie = { stay: part.stay, how };
    }
    return { undertone: max(shared, colour * ground), tie };
  };
}

/** What two of one hue have in common: an undertone where both only lean, a hue where both are colours. */
function tieOf(colour: number, part: number): Tie['how'] | undefined {
  const [is, isPart] = [colour >= AFFINITY.belongs, part >= AFFINITY.belongs];
  if (is) return isPart ? 'hue' : undefined;
  return 'undertone';
}

/** Strength of a colour in steps of Munsell chroma. */
export const stepsOf = (lab: Lab): number => strengthSteps(chroma(lab), hueDeg(lab));
