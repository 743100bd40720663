import { ramp } from '../base/ramp';
import { blackness, strengthSteps } from '../colour/nuance';
import type { Lab } from '../colour/types';
import type { RelationModel } from './model';

const { abs, min } = Math;

/** Degrees between two hues, 0–180. */
export function hueApart(p: number, q: number): number {
  const apart = abs(p - q) % 360;
  return min(apart, 360 - apart);
}

/** 1 between the inner two of four hues in rising order, 0 outside the outer two. */
const between = (hue: number, [from, full, to, gone]: readonly [number, number, number, number]) =>
  min(ramp(hue, from, full), ramp(hue, gone, to));

/** What a colour is as a colour, apart from what it stands beside. */
export type Hued = {
  readonly hueDeg: number;
  /** Strength in steps of Munsell chroma. */
  readonly steps: number;
  /** How far it is a clear colour, a pastel or a neon, 0–1. */
  readonly clear: number;
  /** How far it is a greyed, earthy or deep one of some strength, 0–1. */
  readonly muted: number;
};

/** Strength, clearness and mutedness of a colour. Lab, D65 and 10°, or corresponding. */
export function huedOf({ lab, chroma, hueDeg }: { lab: Lab; chroma: number; hueDeg: number }, m: RelationModel): Hued {
  const steps = strengthSteps(chroma, hueDeg);
  const black = blackness(lab, chroma, hueDeg);
  return {
    hueDeg,
    steps,
    clear: ramp(black, m.clearGone, m.clearTo) * ramp(steps, m.clearFromSteps, m.clearFullSteps),
    muted: ramp(black, m.mutedFrom, m.mutedFull) * ramp(steps, m.jarFromSteps, m.jarFullSteps),
  };
}

/** How far something is of wood, brick or earth by its colour, 0–1: a dark orange. */
export const earthOf = (lab: Lab, chroma: number, { hueDeg, steps }: Hued, m: RelationModel): number =>
  ramp(hueApart(hueDeg, m.earthHueDeg), m.earthNoMore, m.earthWithin) *
  ramp(steps, m.earthFromSteps, m.earthFullSteps) *
  ramp(blackness(lab, chroma, hueDeg), m.earthFromBlack, m.earthFullBlack);

/** How far a hue is one that answers earth: a green to a blue, 0–1. */
export const coolOf = (hueDeg: number, m: RelationModel): number =>
  between(hueDeg, [m.coolFromDeg, m.coolFullDeg, m.coolToDeg, m.coolGoneDeg]);

/** How far a hue is a green, which a pink lean resists, 0–1. */
export const greenOf = (hueDeg: number, m: RelationModel): number =>
  between(hueDeg, [m.greenFromDeg, m.greenFullDeg, m.greenToDeg, m.greenGoneDeg]);

/** How far a colour is a mauve or violet that is hard beside wood, 0–1: deep ones are not. */
export const mauveOf = (l: number, { hueDeg, steps }: Hued, m: RelationModel): number =>
  between(hueDeg, [m.mauveFromDeg, m.mauveFullDeg, m.mauveToDeg, m.mauveGoneDeg]) *
  ramp(steps, m.mauveFromSteps, m.mauveFullSteps) *
  ramp(l, m.mauveDeepL, m.mauveFullL);
