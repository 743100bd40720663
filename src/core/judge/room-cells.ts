import type { SceneLight } from '../appearance/scene';
import { correspondingIn } from '../colour/corresponding';
import type { Lab } from '../colour/types';
import { RELATION } from './model';
import { prepareCandidate } from './prepare-candidate';
import type { PreparedCandidate } from './prepared';
import { costBeside, prepareThing, type PreparedThing } from './relation';
import type { SurfaceStay } from './surfaces';

/** A light a room is used in: the kind of light it is an instance of, and its share of the use. */
export type WeighedLight<Kind extends string = string> = {
  readonly kind: Kind;
  readonly weight: number;
  readonly scene: SceneLight;
};

/** Share of a kind of light in which a conflict must be felt to count: often enough to mind. */
export const OFTEN_ENOUGH = 0.5;

/** What a candidate costs beside a thing in a kind of light, and where: the scene and the component that stand for it. */
export type RoomCell = { readonly cost: number; readonly scene: number; readonly component: number };

type PreparedScene = {
  readonly see: (reflectance: ArrayLike<number>) => Lab;
  readonly things: readonly PreparedThing[];
};

/** The scenes of one kind of light, with their shares of it. */
type PreparedKind<Kind> = {
  readonly kind: Kind;
  readonly weight: number;
  readonly scenes: Int32Array;
  readonly shares: Float64Array;
  /** Room to work in, by scene. */
  readonly costs: Float64Array;
  readonly components: Int32Array;
};

export type PreparedCells<Kind extends string = string> = {
  readonly lights: readonly WeighedLight<Kind>[];
  readonly kinds: readonly PreparedKind<Kind>[];
  readonly scenes: readonly PreparedScene[];
};

/** Lights of a kind that differ in amount alone are one to adapted eyes. */
function merged<Kind extends string>(lights: readonly WeighedLight<Kind>[]): WeighedLight<Kind>[] {
  const found: WeighedLight<Kind>[] = [];
  for (const light of lights) {
    const same = found.findIndex((f) => f.kind === light.kind && proportional(f.scene.power, light.scene.power));
    if (same < 0) found.push(light);
    else found[same] = { ...found[same]!, weight: found[same]!.weight + light.weight };
  }
  return found;
}

/** Whether two spectra are the same but for their amount, to rounding. */
function proportional(p: ArrayLike<number>, q: ArrayLike<number>): boolean {
  const sum = (power: ArrayLike<number>) => Array.from(power).reduce((s, v) => s + v, 0);
  const ratio = sum(q) / sum(p);
  return Array.from(p).every((v, i) => Math.abs(v * ratio - q[i]!) <= 1e-6 * ratio * sum(p));
}

/** Everything that stays seen in every light a room is used in, made ready for many candidates. */
export function prepareCells<Kind extends string>(
  stays: readonly SurfaceStay[],
  used: readonly WeighedLight<Kind>[],
): PreparedCells<Kind> {
  const lights = merged(used);
  const scenes = lights.map(({ scene }): PreparedScene => {
    const see = correspondingIn(scene.power);
    const things = stays.map(({ school, ...stay }) =>
      prepareThing({ ...stay, components: stay.components.map((c) => ({ ...c, lab: see(c.reflectance), deck: c.lab })) }, school),
    );
    return { see, things };
  });
  const kinds = [...new Set(lights.map((l) => l.kind))].map((kind): PreparedKind<Kind> => {
    const of = [...lights.keys()].filter((k) => lights[k]!.kind === kind);
    const weight = of.reduce((s, k) => s + lights[k]!.weight, 0);
    return {
      kind,
      weight,
      scenes: Int32Array.from(of),
      shares: Float64Array.from(of, (k) => lights[k]!.weight / weight),
      costs: new Float64Array(of.length),
      components: new Int32Array(of.length),
    };
  });
  return { lights, kinds, scenes };
}

/** A candidate as it stands to everything else in a scene. */
export const seenInScene = ({ scenes }: PreparedCells, scene: number, reflectance: ArrayLike<number>): PreparedCandidate =>
  prepareCandidate(scenes[scene]!.see(reflectance), RELATION);

/** A candidate as it stands to everything else in each scene. */
export const seenInScenes = (cells: PreparedCells, reflectance: ArrayLike<number>): PreparedCandidate[] =>
  cells.scenes.map((_, scene) => seenInScene(cells, scene, reflectance));

/** What costs a candidate most in a single scene, over everything that stays. */
export function worstInScene(cells: PreparedCells, scene: number, seen: PreparedCandidate) {
  const { things } = cells.scenes[scene]!;
  let worst = { stay: 0, component: 0, cost: 0 };
  for (let stay = 0; stay < things.length; stay++) {
    const { cost, part } = costBeside(things[stay]!, seen);
    if (cost > worst.cost) worst = { stay, component: part, cost };
  }
  return worst;
}

/** What a candidate costs beside one thing in one kind of light: what is reached or passed in at least half of it. */
export function roomCell(
  cells: PreparedCells,
  kind: PreparedKind<string>,
  stay: number,
  seen: readonly PreparedCandidate[],
): RoomCell {
  const { scenes, shares, costs, components } = kind;
  for (let k = 0; k < scenes.length; k++) {
    const scene = scenes[k]!;
    const { cost, part } = costBeside(cells.scenes[scene]!.things[stay]!, seen[scene]!);
    costs[k] = cost;
    components[k] = part;
  }
  let share = 0;
  for (let left = scenes.length; ; left--) {
    let largest = 0;
    for (let k = 1; k < scenes.length; k++) if (costs[k]! > costs[largest]!) largest = k;
    share += shares[largest]!;
    if (left === 1 || share >= OFTEN_ENOUGH - 1e-9) {
      return { cost: costs[largest]!, scene: scenes[largest]!, component: components[largest]! };
    }
    costs[largest] = -1;
  }
}
