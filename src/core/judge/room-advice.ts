import type { Flag } from '../appearance/readings';
import { ramp } from '../base/ramp';
import { conflictsWith, verdictOf } from './relation';
import type { Reason, Verdict } from './reasons';
import { cellOf, prepareCells, seenInScenes, type RoomCell, type WeighedLight } from './room-cells';
import type { Surface, SurfaceStay } from './room-score';
import { prepareWalls, type WallCosts, type WallsOf } from './walls';

export const ADVICE = {
  /** Share of the use under which a kind of light has no say, and from which it has a full one. */
  saysFrom: 0.05,
  saysFully: 0.15,
  /** How much the conflicts with what stays count in the order, beside what belongs on walls. */
  conflicts: 0.7,
  /** What a colour that nearly works, and one that does not, is put behind by. */
  nearly: 0.6,
  no: 2,
  /** Log odds that a colour serves as the walls: even at this much behind, and so steep. Fitted by likelihood to the rooms of tests/golden. */
  evenAt: 2,
  steep: 1.5,
  /** Behind by more than this a colour is of no use as walls here, whatever its verdict. */
  ofNoUse: 3,
} as const;

/** Where a colour is weakest: beside a component of a thing in a light, or as the walls of such a room at all. */
export type WeakestLink<Kind extends string = string> = {
  readonly stay: number | null;
  readonly component: number | null;
  readonly kind: Kind | null;
  readonly reason: Reason | null;
  /** What the light does to it, where that is what counts most. */
  readonly flag: Flag | null;
};

export type Advice<Kind extends string = string> = {
  readonly verdict: Verdict;
  /** Of the weakest link that is felt often enough. */
  readonly cost: number;
  /** Chance that it serves as the walls here, 0–1. */
  readonly chance: number;
  /** What the order is by, in "nearlies": the less the better. */
  readonly behind: number;
  readonly walls: WallCosts;
  /** The conflict that counts most, however small; undefined when there is none. */
  readonly weakest: WeakestLink<Kind> | undefined;
};

export type AdviceRoom<Kind extends string> = Omit<WallsOf, 'stays' | 'lights'> & {
  readonly stays: readonly SurfaceStay[];
  readonly lights: readonly WeighedLight<Kind>[];
};

/** Rows of a list before others: what works, then what nearly does, then what is of no use as walls. */
export const tierOf = ({ verdict, behind }: Pick<Advice, 'verdict' | 'behind'>): number =>
  behind > ADVICE.ofNoUse || verdict === 'no' ? 2 : verdict === 'works' ? 0 : 1;

/** Best first. */
export const byServing = (p: Advice, q: Advice): number => tierOf(p) - tierOf(q) || p.behind - q.behind;

type Met = { readonly cell: RoomCell; readonly stay: number; readonly kind: number; readonly cost: number };

/**
 * Makes a room ready to say of any colour how it serves as its walls: beside everything that stays in every kind of light the room is used
 * in, and by what belongs on the walls of such a room. Order of things, components and lights does not matter.
 *
 * @throws RangeError without a light
 */
export function prepareAdvice<Kind extends string>(room: AdviceRoom<Kind>): (candidate: Surface) => Advice<Kind> {
  if (room.lights.length === 0) throw new RangeError('a room without any light cannot be judged');
  const { stays, lights } = room;
  const cells = prepareCells(stays, lights);
  const wallsOf = prepareWalls(room);
  const says = cells.kinds.map((k) => ramp(k.weight, ADVICE.saysFrom, ADVICE.saysFully));
  return (candidate) => {
    const seen = seenInScenes(cells, candidate.reflectance);
    let soft = 0;
    let worst: Met | undefined;
    for (let stay = 0; stay < stays.length; stay++) {
      for (let kind = 0; kind < cells.kinds.length; kind++) {
        const cell = cellOf(cells, cells.kinds[kind]!, stay, seen);
        const cost = says[kind]! * cell.cost;
        soft += cells.kinds[kind]!.weight * cell.cost * cell.cost;
        if (!worst || cost > worst.cost) worst = { cell, stay, kind, cost };
      }
    }
    const walls = wallsOf(candidate.lab);
    const cost = Math.max(walls.refused, walls.tooDark, walls.tooLight, worst?.cost ?? 0);
    const verdict = verdictOf(cost);
    const held = verdict === 'no' ? ADVICE.no : verdict === 'nearly' ? ADVICE.nearly : 0;
    const behind =
      ADVICE.conflicts * Math.sqrt(soft) + walls.prior + walls.wish + walls.undertone + walls.light + walls.refused + held;
    const chance = 1 / (1 + Math.exp(ADVICE.steep * (behind - ADVICE.evenAt)));
    const link = (): WeakestLink<Kind> | undefined => {
      if (cost > (worst?.cost ?? 0)) {
        const [reason, flag] =
          cost === walls.refused ? [null, 'dingy' as const] : [cost === walls.tooDark ? 'too-dark' : 'too-light', null] as const;
        return { stay: null, component: null, kind: null, reason, flag };
      }
      if (!worst || worst.cost === 0) return undefined;
      const { scene, component } = worst.cell;
      const reason = conflictsWith(cells.scenes[scene]!.things[worst.stay]![component]!, seen[scene]!)[0]?.reason;
      return reason && { stay: worst.stay, component, kind: cells.kinds[worst.kind]!.kind, reason, flag: null };
    };
    return { verdict, cost, chance, behind, walls, weakest: link() };
  };
}
