import { ramp } from '../base/ramp';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { RelationModel } from './model';

const { exp, max, sqrt } = Math;

/** A component with everything that does not depend on the candidate worked out. */
export type PreparedComponent = {
  readonly model: RelationModel;
  readonly lab: Lab;
  readonly share: number;
  readonly chroma: number;
  readonly hueDeg: number;
  /** How far it has a hue to conflict with, 0–1. */
  readonly committed: number;
  /** How much a conflict counts beside it, 0–1: dark stays are easy on colour. */
  readonly easiness: number;
  /** How much it is a clean white that any colour sets off, 0–1. */
  readonly crispness: number;
  /** Leans pink, by which a green lean is felt more. */
  readonly pink: boolean;
  /** A clean white, beside which a yellower one looks dirty. */
  readonly clean: boolean;
  /** Chroma a candidate may have beside it before it is too strong. */
  readonly strongFrom: number;
  /** Chroma its depth family would have, 0 for a furnishing, times the square root of the room left to white. */
  readonly familyChroma: number;
};

/** A candidate with everything that does not depend on what it is held against worked out. */
export type PreparedCandidate = {
  readonly lab: Lab;
  readonly chroma: number;
  /** Square root of the room for chroma left at its lightness. */
  readonly rootRoom: number;
  /** How far it has a hue to conflict with, 0–1. */
  readonly committed: number;
  /** How far being weak makes it lifeless, 0–1: only pale colours are. */
  readonly pale: number;
  /** How far it counts as an off-white, 0–1. */
  readonly whiteness: number;
  readonly clean: boolean;
};

/** The room for chroma left at a lightness: it grows away from white along a strip. */
const roomForChroma = (l: number) => 1 - exp(-max(1, 98 - l) / 15);

const isClean = (l: number, c: number, m: RelationModel) => l >= m.cleanWhiteL && c <= m.cleanWhiteChroma;

/**
 * A component made ready for many candidates. Lab of the same light as the candidates' (D65, 10°, or corresponding).
 *
 * @param furnishing a wall may always be weaker than a furnishing, which is seen on it, and somewhat stronger
 */
export function prepareComponent(lab: Lab, share: number, m: RelationModel, furnishing = false): PreparedComponent {
  const c = chroma(lab);
  return {
    model: m,
    lab,
    share,
    chroma: c,
    hueDeg: hueDeg(lab),
    committed: ramp(c, m.hueFromChroma, m.hueFullChroma),
    easiness: m.easyLeast + (1 - m.easyLeast) * ramp(lab.l, 15, m.easyBelow),
    crispness: ramp(lab.l, m.crispFrom, m.crispFull) * ramp(c, 3 * m.cleanWhiteChroma, m.cleanWhiteChroma),
    clean: isClean(lab.l, c, m),
    pink: lab.a > 0 && hueDeg(lab) < 80,
    strongFrom: m.strongAllowance + m.strongGrowth * c + (furnishing ? m.strongFurnishing : 0),
    familyChroma: furnishing ? 0 : c / sqrt(roomForChroma(lab.l)),
  };
}

/** A candidate made ready for many components. Lab of the same light as theirs (D65, 10°, or corresponding). */
export function prepareCandidate(lab: Lab, m: RelationModel): PreparedCandidate {
  const c = sqrt(lab.a * lab.a + lab.b * lab.b);
  return {
    lab,
    chroma: c,
    rootRoom: sqrt(roomForChroma(lab.l)),
    committed: ramp(c, m.hueCandidateFrom, m.hueCandidateFull),
    pale: ramp(lab.l, m.weakFrom, m.weakFull),
    whiteness: ramp(lab.l, m.offWhiteL, m.offWhiteFullL),
    clean: isClean(lab.l, c, m),
  };
}
