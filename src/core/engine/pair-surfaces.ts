import type { Reflectance } from '../colour/grid';
import type { Lab } from '../colour/types';
import { relation, type Relation } from '../judge/relation';
import type { JudgedStay } from './judgement-protocol';
import type { Swatch } from './light-protocol';
import { surfacesOf } from './looks';

/** Surfaces of a pair: one of each, or as many plausible ones as the less certain of the two has. */
export type PairSurfaces = {
  readonly candidate: readonly Reflectance[];
  readonly components: readonly (readonly Reflectance[])[];
};
export const surfacesOfPair = (stay: JudgedStay, candidate: Swatch): PairSurfaces => ({
  candidate: surfacesOf(candidate),
  components: stay.components.map(surfacesOf),
});

/** The relation of a pair in a light, of the nth plausible surfaces. */
export function relationIn(
  see: (r: Reflectance) => Lab,
  { stay, surfaces, n }: { stay: JudgedStay; surfaces: PairSurfaces; n: number },
): Relation {
  const nth = (all: readonly Reflectance[]) => see(all[n % all.length]!);
  const components = stay.components.map((c, k) => ({
    name: String(k),
    share: c.share,
    deck: c.lab,
    lab: nth(surfaces.components[k]!),
  }));
  return relation({ name: stay.name, kind: stay.kind, components }, nth(surfaces.candidate), stay.school);
}
