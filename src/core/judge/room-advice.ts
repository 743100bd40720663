import type { Flag } from '../appearance/readings';
import { ramp } from '../base/ramp';
import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import type { PreparedCandidate } from './prepared';
import { conflictsWith, verdictOf } from './relation';
import { VERDICTS, type Reason, type Verdict } from './reasons';
import {
  roomCell,
  prepareCells,
  seenInScene,
  seenInScenes,
  worstInScene,
  type PreparedCells,
  type WeighedLight,
} from './room-cells';
import type { Surface, SurfaceStay } from './surfaces';
import { prepareWalls, type WallCosts, type WallsOf } from './walls';

export const ADVICE = {
  /** Share of the use under which a kind of light has no say, and from which it has a full one. */
  saysFrom: 0.1,
  saysFully: 0.2,
  /** How much the conflicts with what stays count in the order, beside what belongs on walls. */
  conflicts: 0.7,
  /** What a colour that nearly works, and one that does not, is put behind by. */
  nearly: 0.6,
  no: 2,
  /**
   * Log odds that a colour serves as the walls: even at this much behind, and so steep. Fitted by likelihood to the rooms of
   * tests/golden.
   */
  evenAt: 3.45,
  steep: 1.3,
  /** What it costs to be turned by the lights, beyond what they do to a white beside it: from so many ΔE00 on, each that many more. */
  turnedFrom: 1.5,
  turnedStep: 6,
  /** A cost in the light a room is used in most from which a colour is hopeless. */
  hopeless: 3,
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

/** What holds a colour back by its verdict. */
const HELD: Readonly<Record<Verdict, number>> = { works: 0, nearly: ADVICE.nearly, no: ADVICE.no };

export type Advice<Kind extends string = string> = {
  readonly verdict: Verdict;
  /** Of the weakest link that is felt often enough. */
  readonly cost: number;
  /** Chance that it serves as the walls here, 0–1. */
  readonly chance: number;
  /** What the order is by, in "nearlies": the less the better. */
  readonly behind: number;
  readonly walls: WallCosts;
  /** What the lights turn it by, beyond what they do to a white, costs in the order; 0 where that is embraced. */
  readonly turned: number;
  /** The conflict that counts most, however small; undefined when there is none. */
  readonly weakest: WeakestLink<Kind> | undefined;
};

export type AdviceRoom<Kind extends string> = Omit<WallsOf, 'stays' | 'lights'> & {
  readonly stays: readonly SurfaceStay[];
  readonly lights: readonly WeighedLight<Kind>[];
};

/**
 * Chance that a colour so far behind serves as the walls, 0–1.
 *
 * @param leniency log odds by which the eye is kinder than the model; 0 where nothing was seen
 */
export const chanceOf = (behind: number, leniency = 0): number =>
  1 / (1 + Math.exp(ADVICE.steep * (behind - ADVICE.evenAt) - leniency));

/** Best first: what works stands above what nearly does, always. */
export const byServing = (p: Advice, q: Advice): number =>
  VERDICTS.indexOf(p.verdict) - VERDICTS.indexOf(q.verdict) || p.behind - q.behind;

type Met = {
  readonly stay: number;
  readonly kind: number;
  readonly scene: number;
  readonly component: number;
  readonly cost: number;
};

/** Every cell of a candidate: the one that counts most, and all of them as the root of their weighted squares. */
function meet(cells: PreparedCells, says: readonly number[], seen: readonly PreparedCandidate[], stays: number) {
  let soft = 0;
  let worst: Met | undefined;
  for (let stay = 0; stay < stays; stay++) {
    for (let kind = 0; kind < cells.kinds.length; kind++) {
      const { cost: felt, scene, component } = roomCell(cells, cells.kinds[kind]!, stay, seen);
      const cost = says[kind]! * felt;
      soft += cells.kinds[kind]!.weight * felt * felt;
      if (!worst || cost > worst.cost) worst = { stay, kind, scene, component, cost };
    }
  }
  return { worst, soft: Math.sqrt(soft) };
}

/** What the lights do to a colour that they do not do to a white beside it, in excess of what is seen, over the use of the room, ΔE00. */
const turnedBy = ({ lights }: PreparedCells, deck: Lab, seen: readonly PreparedCandidate[]): number =>
  seen.reduce((s, { lab }, k) => s + lights[k]!.weight * Math.max(0, deltaE00(deck, lab) - ADVICE.turnedFrom), 0);

/** What is against a colour as the walls of such a room at all, in the units of a conflict. */
export function againstWalls(lab: Lab, walls: WallCosts) {
  const { refused, tooDark, tooLight, tooStrong, tooWeak, tooCool } = walls;
  const of: readonly (readonly [number, Reason | null, Flag | null])[] = [
    [refused, null, 'dingy'],
    [tooDark, 'too-dark', null],
    [tooLight, 'too-light', null],
    [tooStrong, 'too-strong', null],
    [tooWeak, 'too-weak', null],
    [tooCool, lab.a < 0 ? 'too-green' : 'too-violet', null],
  ];
  const [cost, reason, flag] = of.reduce((p, q) => (q[0] > p[0] ? q : p));
  return { cost, reason, flag };
}

/**
 * Makes a room ready to say of any colour how it serves as its walls: beside everything that stays in every kind of light the room is used
 * in, and by what belongs on the walls of such a room. Order of things, components and lights does not matter. A colour that is hopeless in
 * the light the room is used in most is not followed into the others.
 *
 * @throws RangeError without a light
 */
export function prepareAdvice<Kind extends string>(room: AdviceRoom<Kind>): (candidate: Surface) => Advice<Kind> {
  if (room.lights.length === 0) throw new RangeError('a room without any light cannot be judged');
  const { stays } = room;
  const cells = prepareCells(stays, room.lights);
  const wallsOf = prepareWalls(room);
  const says = cells.kinds.map((k) => ramp(k.weight, ADVICE.saysFrom, ADVICE.saysFully));
  const embraced = room.schools.fightingLight === 'embrace';
  const main = cells.lights.reduce((best, l, k) => (l.weight > cells.lights[best]!.weight ? k : best), 0);
  const mainKind = cells.kinds.findIndex((k) => k.kind === cells.lights[main]!.kind);

  const meetAll = (reflectance: ArrayLike<number>) => {
    const first = seenInScene(cells, main, reflectance);
    const { cost, ...at } = worstInScene(cells, main, first);
    const hopeless = cost >= ADVICE.hopeless;
    const seen = hopeless ? [] : seenInScenes(cells, reflectance);
    const worst: Met = { ...at, cost, scene: main, kind: mainKind };
    return {
      ...(hopeless ? { worst, soft: cost } : meet(cells, says, seen, stays.length)),
      seen,
      seenIn: (k: number) => seen[k] ?? first,
    };
  };

  return (candidate) => {
    const { worst, soft, seen, seenIn } = meetAll(candidate.reflectance);
    const walls = wallsOf(candidate.lab);
    const room = againstWalls(candidate.lab, walls);
    const cost = Math.max(room.cost, worst?.cost ?? 0);
    const verdict = verdictOf(cost);
    const held = HELD[verdict];
    const turned = embraced ? 0 : turnedBy(cells, candidate.lab, seen) / ADVICE.turnedStep;
    const asWalls = walls.prior + walls.wish + walls.undertone + walls.light + walls.refused;
    const behind = ADVICE.conflicts * soft + asWalls + turned + held;
    const chance = chanceOf(behind);
    const link = (): WeakestLink<Kind> | undefined => {
      if (cost === 0) return undefined;
      if (!worst || cost > worst.cost) return { stay: null, component: null, kind: null, reason: room.reason, flag: room.flag };
      const { stay, component, scene } = worst;
      const reason = conflictsWith(cells.scenes[scene]!.things[stay]!, component, seenIn(scene))[0]?.reason;
      return reason && { stay, component, kind: cells.kinds[worst.kind]!.kind, reason, flag: null };
    };
    return { verdict, cost, chance, behind, walls, turned, weakest: link() };
  };
}
