import { correspondingIn } from '../colour/corresponding';
import type { Lab } from '../colour/types';
import type { SceneLight } from '../appearance/scene';
import { RELATION } from './model';
import { prepareCandidate } from './prepared';
import type { Reason, Verdict } from './reasons';
import { conflictsWith, costOf, prepareStay, verdictOf, type PreparedStay } from './relation';
import type { Surface, SurfaceStay } from './room-score';
import { prepareWalls, type WallCosts, type WallsOf } from './walls';

/** A light a room is used in, with its share of the use. */
export type WeighedLight = { readonly name: string; readonly weight: number; readonly scene: SceneLight };

export const ADVICE = {
  /** Share of the used light in which a conflict must be felt to count: often enough to mind. */
  oftenEnough: 0.25,
  /** How much the conflicts with what stays count in the order, beside what belongs on walls. */
  conflicts: 0.7,
  /** What a colour that nearly works, and one that does not, is put behind by. */
  nearly: 0.6,
  no: 2,
  /** Steepness of the chance that a colour works, by its cost: fitted to the 143 pairs of tests/golden by likelihood; even at a cost of 1. */
  chanceSlope: 3,
} as const;

/** Where a colour is weakest. */
export type WeakestLink = { readonly stay: string; readonly component: string; readonly light: string; readonly reason: Reason };

export type Advice = {
  readonly verdict: Verdict;
  /** Of the weakest link that is felt often enough, or of a white the school refuses. */
  readonly cost: number;
  /** Chance that it works beside everything here, 0–1. */
  readonly chance: number;
  /** What the order is by, in "nearlies": the less the better. */
  readonly behind: number;
  readonly walls: WallCosts;
  /** The conflict that counts most, however small; undefined when there is none. */
  readonly weakest: WeakestLink | undefined;
};

type PreparedLight = {
  readonly light: WeighedLight;
  readonly see: (reflectance: ArrayLike<number>) => Lab;
  /** By thing, then component. */
  readonly things: readonly (readonly PreparedStay[])[];
};

export type AdviceRoom = Omit<WallsOf, 'stays'> & {
  readonly stays: readonly SurfaceStay[];
  readonly lights: readonly WeighedLight[];
};

type Felt = { readonly cost: number; readonly light: number; readonly component: number };

/** The cost that is reached or passed in enough of the used light, and where. */
function oftenFelt(felt: readonly Felt[], lights: readonly PreparedLight[]): Felt {
  const falling = [...felt].sort((p, q) => q.cost - p.cost);
  let share = 0;
  for (const f of falling) {
    share += lights[f.light]!.light.weight;
    if (share >= ADVICE.oftenEnough - 1e-9) return f;
  }
  return falling.at(-1)!;
}

/** The component of a thing that costs a candidate most. */
function worstOf(
  components: readonly PreparedStay[],
  candidate: ReturnType<typeof prepareCandidate>,
): { cost: number; component: number } {
  let [cost, component] = [0, 0];
  components.forEach((c, k) => {
    const found = costOf(c, candidate, cost);
    if (found > cost) [cost, component] = [found, k];
  });
  return { cost, component };
}

/**
 * Makes a room ready to say of any colour how it serves as its walls: beside everything that stays in every light the room is used in, by how
 * often a conflict is felt, and by what belongs on the walls of such a room. Order of things, components and lights does not matter.
 *
 * @throws RangeError without a light
 */
export function prepareAdvice({ stays, lights, ...room }: AdviceRoom): (candidate: Surface) => Advice {
  if (lights.length === 0) throw new RangeError('a room without any light cannot be judged');
  const wallsOf = prepareWalls({ ...room, stays });
  const prepared = lights.map((light): PreparedLight => {
    const see = correspondingIn(light.scene.power);
    const things = stays.map(({ school, ...stay }) =>
      prepareStay({ ...stay, components: stay.components.map((c) => ({ ...c, lab: see(c.reflectance) })) }, school),
    );
    return { light, see, things };
  });
  return (candidate) => {
    const seen = prepared.map(({ see }) => prepareCandidate(see(candidate.reflectance), RELATION));
    const felt = stays.map((_, s) => prepared.map(({ things }, k): Felt => ({ ...worstOf(things[s]!, seen[k]!), light: k })));
    const often = felt.map((f) => oftenFelt(f, prepared));
    const soft = felt.flat().reduce((sum, f) => sum + prepared[f.light]!.light.weight * f.cost * f.cost, 0);
    const walls = wallsOf(candidate.lab);
    const worst = often.reduce((best, f, s) => (f.cost > often[best]!.cost ? s : best), 0);
    const cost = Math.max(walls.refused, often[worst]?.cost ?? 0);
    const verdict = verdictOf(cost);
    const held = verdict === 'no' ? ADVICE.no : verdict === 'nearly' ? ADVICE.nearly : 0;
    const behind =
      ADVICE.conflicts * Math.sqrt(soft) + walls.prior + walls.wish + walls.undertone + walls.light + walls.refused + held;
    const link = (): WeakestLink | undefined => {
      const f = often[worst];
      if (!f || f.cost === 0) return undefined;
      const { light, things } = prepared[f.light]!;
      const reason = conflictsWith(things[worst]![f.component]!, seen[f.light]!)[0]?.reason;
      const stay = stays[worst]!;
      return reason && { stay: stay.name, component: stay.components[f.component]!.name, light: light.name, reason };
    };
    return { verdict, cost, chance: 1 / (1 + Math.exp(ADVICE.chanceSlope * (cost - 1))), behind, walls, weakest: link() };
  };
}
