import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { ramp } from '../base/ramp';
import { RELATION } from './model';
import type { School, Stay } from './relation';
import { grants, type Wish } from './wish';

const { abs, exp, max, min } = Math;

/**
 * What speaks for a colour where nothing speaks against it. The best match shares the undertone of what stays; a grey without any lean goes
 * flat and cold on a wall; strong accents are for a focal wall or an object, not for four walls (common practice, no source); and the client
 * wants something. The figures are this product's own choice.
 */
export const AFFINITY = {
  /** What sharing no undertone costs in the ranking, in "nearlies"; a verdict never depends on it. */
  undertone: 0.5,
  /** What going against the client's wish costs in the ranking. */
  wish: 0.5,
  /** What being an accent rather than a colour for four walls costs in the ranking, unless depth or colour is wished for. */
  accent: 1,
  /** L* and chroma from which, and at which fully, a colour is an accent. */
  accentDark: { from: 60, full: 35 },
  accentStrong: { from: 22, full: 40 },
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
  /** How far it grants the wish, 0–1; 1 when there is none. */
  readonly wish: number;
  /** How far it is an accent rather than a colour for four walls, 0–1; 0 where depth or colour is wished for. */
  readonly accent: number;
  /** Index of the thing whose undertone it shares most, when it plainly does. */
  readonly sharesWith: number | undefined;
};

/** How far a colour has a lean of its own, 0–1; a white is fresh without one. */
const leans = ({ l, a, b }: Lab) =>
  l >= AFFINITY.lean.whiteFrom ? 1 : ramp(chroma({ l, a, b }), AFFINITY.lean.from, AFFINITY.lean.full);

const isAccent = (lab: Lab) =>
  max(
    ramp(lab.l, AFFINITY.accentDark.from, AFFINITY.accentDark.full),
    ramp(chroma(lab), AFFINITY.accentStrong.from, AFFINITY.accentStrong.full),
  );

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
 * Makes ready what speaks for a colour in a room: the undertone it shares, weighed by share over every component that has one, and the wish it
 * grants. As in the deck: Lab, D65 and 10°.
 */
export function prepareAffinity(
  stays: readonly (Stay & { readonly school: School })[],
  wish: Wish | null,
): (lab: Lab) => Affinity {
  const leaning = leaningOf(stays);
  const all = leaning.reduce((sum, c) => sum + c.weight, 0);
  return (lab) => {
    const granted = wish ? grants(wish, lab) : 1;
    const accent = wish === 'deeper' || wish === 'more-colour' ? 0 : isAccent(lab);
    const own = leans(lab);
    if (all === 0) return { undertone: own, wish: granted, accent, sharesWith: undefined };
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
    return { undertone: shared, wish: granted, accent, sharesWith };
  };
}

/** What a ranking adds to the cost of the weakest link for what a colour does not bring, in "nearlies". */
export const missingOf = ({ undertone, wish, accent }: Affinity): number =>
  AFFINITY.undertone * (1 - undertone) + AFFINITY.wish * (1 - wish) + AFFINITY.accent * accent;
