import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { ramp } from '../base/ramp';
import { RELATION } from './model';
import type { School, Stay } from './relation';

const { abs, exp, max, min } = Math;

/**
 * What speaks for a colour where nothing speaks against it. The best match shares the undertone of what stays; a grey without any lean goes
 * flat and cold on a wall (common practice, no source). The figures are this product's own choice.
 */
export const AFFINITY = {
  /** Hue difference, degrees, at which an undertone is shared by 1/e. */
  hueDeg: 30,
  /** Chroma from which a colour has a lean of its own, and has it fully. Whites need none. */
  lean: { from: 1, full: 3, whiteFrom: 90 },
  /** Above this a thing is named as the one whose undertone is shared. */
  named: 0.7,
} as const;

export type Affinity = {
  /** How far it shares the undertone of what stays, 0–1. */
  readonly undertone: number;
  /** Index of the thing whose undertone it shares most, when it plainly does. */
  readonly sharesWith: number | undefined;
};

/** How far a colour has a lean of its own, 0–1; a white is fresh without one. */
const leans = ({ l, a, b }: Lab) =>
  l >= AFFINITY.lean.whiteFrom ? 1 : ramp(chroma({ l, a, b }), AFFINITY.lean.from, AFFINITY.lean.full);

/** How near two hues are, 0–1. */
function nearHue(p: number, q: number): number {
  const apart = abs(p - q) % 360;
  const deg = min(apart, 360 - apart) / AFFINITY.hueDeg;
  return exp(-deg * deg);
}

type Leaning = { readonly stay: number; readonly hueDeg: number; readonly weight: number; readonly answers: boolean };

/** The components that have an undertone to share, with how much each counts. */
function leaningOf(stays: readonly (Stay & { readonly school: School })[]): Leaning[] {
  const { hueFromChroma, hueFullChroma, furnishing, answerFullChroma } = RELATION;
  return stays
    .flatMap(({ kind, school, components }, stay) =>
      components.map(({ lab, share }): Leaning => {
        const weight = share * (kind === 'fixed' ? 1 : furnishing) * ramp(chroma(lab), hueFromChroma, hueFullChroma);
        const answers = kind === 'furnishing' && school === 'answer' && chroma(lab) >= answerFullChroma;
        return { stay, hueDeg: hueDeg(lab), weight, answers };
      }),
    )
    .filter((c) => c.weight > 0);
}

/**
 * Makes ready what speaks for a colour in a room: the undertone it shares, weighed by share over every component that has one. As in the deck:
 * Lab, D65 and 10°.
 */
export function prepareAffinity(stays: readonly (Stay & { readonly school: School })[]): (lab: Lab) => Affinity {
  const leaning = leaningOf(stays);
  const all = leaning.reduce((sum, c) => sum + c.weight, 0);
  return (lab) => {
    if (all === 0) return { undertone: leans(lab), sharesWith: undefined };
    const hue = hueDeg(lab);
    const visible = ramp(chroma(lab), AFFINITY.lean.from, AFFINITY.lean.full);
    let shared = 0;
    let most: number = AFFINITY.named;
    let sharesWith: number | undefined;
    for (const c of leaning) {
      const near = visible * max(nearHue(hue, c.hueDeg), c.answers ? nearHue(hue, c.hueDeg + 180) : 0);
      shared += (c.weight / all) * near;
      if (near <= most) continue;
      most = near;
      sharesWith = c.stay;
    }
    return { undertone: shared, sharesWith };
  };
}
