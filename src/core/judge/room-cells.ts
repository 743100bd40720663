import type { SceneLight } from '../appearance/scene';
import { correspondingIn } from '../colour/corresponding';
import type { Lab } from '../colour/types';
import { RELATION } from './model';
import { prepareCandidate, type PreparedCandidate } from './prepared';
import { costOf, prepareStay, type PreparedStay } from './relation';
import type { SurfaceStay } from './room-score';

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
  /** By thing, then component. */
  readonly things: readonly (readonly PreparedStay[])[];
};

/** The scenes of one kind of light, with their shares of it. */
type PreparedKind<Kind> = { readonly kind: Kind; readonly weight: number; readonly scenes: Int32Array; readonly shares: Float64Array };

export type PreparedCells<Kind extends string = string> = {
  readonly lights: readonly WeighedLight<Kind>[];
  readonly kinds: readonly PreparedKind<Kind>[];
  readonly scenes: readonly PreparedScene[];
};

/** Everything that stays seen in every light a room is used in, made ready for many candidates. */
export function prepareCells<Kind extends string>(
  stays: readonly SurfaceStay[],
  lights: readonly WeighedLight<Kind>[],
): PreparedCells<Kind> {
  const scenes = lights.map(({ scene }): PreparedScene => {
    const see = correspondingIn(scene.power);
    const things = stays.map(({ school, ...stay }) =>
      prepareStay({ ...stay, components: stay.components.map((c) => ({ ...c, lab: see(c.reflectance) })) }, school),
    );
    return { see, things };
  });
  const kinds = [...new Set(lights.map((l) => l.kind))].map((kind): PreparedKind<Kind> => {
    const of = [...lights.keys()].filter((k) => lights[k]!.kind === kind);
    const weight = of.reduce((s, k) => s + lights[k]!.weight, 0);
    return { kind, weight, scenes: Int32Array.from(of), shares: Float64Array.from(of, (k) => lights[k]!.weight / weight) };
  });
  return { lights, kinds, scenes };
}

/** A candidate as it stands to everything else in each scene. */
export const seenInScenes = ({ scenes }: PreparedCells, reflectance: ArrayLike<number>): PreparedCandidate[] =>
  scenes.map(({ see }) => prepareCandidate(see(reflectance), RELATION));

/** The component of a thing that costs a candidate most. */
function worstOf(components: readonly PreparedStay[], candidate: PreparedCandidate): { cost: number; component: number } {
  let [cost, component] = [0, 0];
  for (let k = 0; k < components.length; k++) {
    const found = costOf(components[k]!, candidate, cost);
    if (found > cost) [cost, component] = [found, k];
  }
  return { cost, component };
}

/** The cost that is reached or passed in enough of a kind's scenes. */
function oftenFelt({ scenes, shares }: PreparedKind<string>, felt: readonly RoomCell[]): RoomCell {
  if (felt.length === 1) return felt[0]!;
  const order = [...felt.keys()].sort((p, q) => felt[q]!.cost - felt[p]!.cost || scenes[p]! - scenes[q]!);
  let share = 0;
  for (const k of order) {
    share += shares[k]!;
    if (share >= OFTEN_ENOUGH - 1e-9) return felt[k]!;
  }
  return felt[order.at(-1)!]!;
}

/** What a candidate costs beside one thing in one kind of light: what is felt in at least half of it. */
export function cellOf(cells: PreparedCells, kind: PreparedKind<string>, stay: number, seen: readonly PreparedCandidate[]): RoomCell {
  const felt = Array.from(kind.scenes, (scene): RoomCell => {
    const { cost, component } = worstOf(cells.scenes[scene]!.things[stay]!, seen[scene]!);
    return { cost, scene, component };
  });
  return oftenFelt(kind, felt);
}
