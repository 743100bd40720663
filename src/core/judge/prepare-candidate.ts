import { ramp } from '../base/ramp';
import { hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { coolOf, earthOf, greenOf, hueApart, huedOf, mauveOf, type Hued } from './hues';
import type { RelationModel } from './model';
import { cleannessOf, roomForChroma, strengthOf, type PreparedCandidate } from './prepared';
import { chromatic } from './worlds';

const { abs, max, sqrt } = Math;

type AsColour = Pick<PreparedCandidate, 'hued' | 'loud' | 'answers' | 'mauve' | 'earth' | 'green' | 'yellow' | 'tint'>;

/** What a near-neutral is as a colour. */
const NO_COLOUR: AsColour = { hued: undefined, loud: 0, answers: 1, mauve: 0, earth: 0, green: 0, yellow: 0, tint: 0 };

/** Costs of being stronger than any ground permits; deep colours may be stronger. */
const loudness = (l: number, { steps }: Hued, m: RelationModel): number =>
  max(0, (steps - m.loudFrom - m.loudMoreDeep * ramp(l, m.loudDeepL, m.loudDeepestL)) / m.loudStep);

function asColour(lab: Lab, chroma: number, hue: number, m: RelationModel): AsColour {
  const hued = huedOf({ lab, chroma, hueDeg: hue }, m);
  return {
    hued,
    loud: loudness(lab.l, hued, m),
    answers: ramp(hued.steps, m.answersNoMoreSteps, m.answersToSteps) * (1 - hued.clear),
    mauve: mauveOf(lab.l, hued, m),
    earth: earthOf(lab, chroma, hued, m),
    green: greenOf(hue, m),
    yellow: ramp(hueApart(hue, m.yellowDeg), m.yellowNoMore, m.yellowWithin),
    tint: ramp(lab.l, m.tintFromL, m.tintFullL),
  };
}

/** A candidate made ready for many components. Lab of the same light as theirs (D65, 10°, or corresponding). */
export function prepareCandidate(lab: Lab, m: RelationModel): PreparedCandidate {
  const c = sqrt(lab.a * lab.a + lab.b * lab.b);
  const offWhite = ramp(lab.l, m.offWhiteL, m.offWhiteFullL) * ramp(c, m.dirtyGone, m.dirtyFades);
  const hue = hueDeg(lab);
  const colour = chromatic(lab, m);
  const { hued, loud, answers, mauve, earth, green, yellow, tint } = colour > 0 ? asColour(lab, c, hue, m) : NO_COLOUR;
  return {
    lab,
    chroma: c,
    strength: strengthOf(lab, c),
    rootRoom: sqrt(roomForChroma(lab.l)),
    committed: ramp(c, m.hueCandidateFrom, m.hueCandidateFull),
    committedOnGround: ramp(c, m.hueGroundFrom, m.hueGroundFull),
    pale: ramp(lab.l, m.weakFrom, m.weakFull),
    pastel: ramp(lab.l, m.pastelFromL, m.pastelFullL),
    yellowed: offWhite === 0 ? 0 : offWhite * ramp(abs(hue - 90), m.dirtyHueGone, m.dirtyHueFades),
    cleanness: cleannessOf(lab.l, c, m),
    chromatic: colour,
    cool: c > m.hueCandidateFrom ? coolOf(hue, m) : 0,
    hued,
    loud,
    answers,
    mauve,
    earth,
    green,
    yellow,
    tint,
  };
}
