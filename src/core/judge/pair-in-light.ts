import { FLAG_NAMES, flagsOf, readingsOf, type Flag } from '../appearance/readings';
import { besideIn, readIn, SCENE, type SceneLight } from '../appearance/scene';
import { RELATION, type RelationModel } from './model';
import { relation, type Relation } from './relation';
import type { Surface, SurfaceStay } from './surfaces';

/** What a light does to the two of a pair, each by itself. */
export type LightOnPair = {
  readonly lux: number;
  /** No colour is judged in so little light. */
  readonly tooDark: boolean;
  readonly candidate: readonly Flag[];
  readonly components: readonly { readonly component: string; readonly flags: readonly Flag[] }[];
  /** Done to the candidate and to the largest component alike: a fact about the room, held against neither. */
  readonly both: readonly Flag[];
  /** Done to the candidate and not to the largest component. */
  readonly alone: readonly Flag[];
  /** The same in words. */
  readonly says: string;
};

const names = (flags: readonly Flag[]) => flags.map((f) => FLAG_NAMES[f]).join(', ');

function sayLightOnPair({ lux, tooDark, both, alone }: Omit<LightOnPair, 'says'>): string {
  const inLux = `in ${lux < 10 ? Number(lux.toPrecision(2)) : Math.round(lux).toLocaleString('en-GB')} lx`;
  if (tooDark) return `too dark to judge ${inLux}`;
  const parts = [
    ...(both.length > 0 ? [`both ${names(both)}`] : []),
    ...(alone.length > 0 ? [`the colour alone ${names(alone)}`] : []),
  ];
  return parts.length === 0 ? `holds ${inLux}` : `${parts.join('; ')} ${inLux}`;
}

/** What a light does to a candidate and to what it stands beside. */
export function lightOnPair(stay: SurfaceStay, candidate: Surface, scene: SceneLight): LightOnPair {
  const read = readIn(scene);
  const flags = ({ lab, reflectance }: Surface) => flagsOf(readingsOf(lab, read(reflectance)));
  const components = stay.components.map((c) => ({ component: c.name, flags: flags(c) }));
  const largest = stay.components.reduce((best, c, i) => (c.share > stay.components[best]!.share ? i : best), 0);
  const own = flags(candidate);
  const shared = components[largest]!.flags;
  const found = {
    lux: scene.lux,
    tooDark: scene.lux < SCENE.tooDarkLux,
    candidate: own,
    components,
    both: own.filter((f) => shared.includes(f)),
    alone: own.filter((f) => !shared.includes(f)),
  };
  return { ...found, says: sayLightOnPair(found) };
}

/**
 * How a candidate stands beside something in so many lux of a light: both as they stand to each other there, with the colour the dim leaves
 * them or the bright gives them. Undefined where it is too dark to judge.
 *
 * @throws RangeError when there is no component
 */
export function relationInLight(
  { school, ...stay }: SurfaceStay,
  candidate: Surface,
  scene: SceneLight,
  model: RelationModel = RELATION,
): Relation | undefined {
  if (scene.lux < SCENE.tooDarkLux) return undefined;
  const see = besideIn(scene);
  const components = stay.components.map((c) => ({ ...c, lab: see(c.reflectance), deck: c.lab }));
  return relation({ ...stay, components }, see(candidate.reflectance), school, model);
}
