import { viewOf, seenBy, type SceneLight } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import type { Reflectance } from '../colour/grid';
import type { Lab } from '../colour/types';
import { conflictsWith, verdictOf } from '../judge/relation';
import { REASON_WORDS, type Reason, type Verdict } from '../judge/reasons';
import { roomCell, prepareCells, seenInScenes } from '../judge/room-cells';
import { clockText, wallClock } from '../light/time-zone';
import { byDaylight, LOOK_LIGHT_WORDS, type LookLight } from '../plan/look-light';
import type { LookMoment, RoomLook } from '../plan/room-looks';
import { changeFrom, drivenApart, fartherOf, sayChange, sayMissed } from '../plan/say-look';
import type { JudgedStay } from './judgement-protocol';
import { surfacesOf } from './looks';
import type { Decides, NamedSwatch } from './plan-protocol';
import { surfaceStay } from './surface-stay';

/** A moment as it is looked at, at the wall that is judged at. */
export type SeenMoment = {
  readonly light: LookLight;
  readonly at: number;
  readonly labs: LookMoment['labs'];
  readonly scene: SceneLight | undefined;
};
type Look = RoomLook & { readonly seen: SeenMoment };
type Room = {
  readonly looks: readonly Look[];
  readonly moments: readonly LookMoment[];
  readonly candidates: readonly NamedSwatch[];
  readonly stays: readonly JudgedStay[];
  readonly zone: string;
};
type Decision = { readonly worth: number; readonly decides: Decides; readonly missed: readonly string[] };

/** How many changes that would be missed are told. */
const MOST_MISSED = 2;
/** Steps by which a light must drive two colours apart to be a choice between them. */
const APART = 1.5;
/** A verdict that only it shows counts as a change of so many ΔE00; what nothing else shows at all as no more than the other. */
const A_VERDICT = 10;
const MOST_CHANGE = 15;
/** Colours at most so far apart (ΔE00, in the deck) are a choice: nobody wavers between an off-white and a navy. */
const RIVALS = 20;

type CellSeen = { readonly verdict: Verdict; readonly cost: number; readonly reason: Reason | null };
/** By look, candidate, stay: what is predicted; null where it is too dark. */
type Cells = readonly (readonly (readonly CellSeen[])[] | null)[];

/** What is predicted beside everything that stays, at each look. */
function cellsOf({ looks, stays, candidates }: Room, surfaces: readonly Reflectance[]): Cells {
  const lit = looks.flatMap(({ seen }, k) => (seen.scene ? [{ kind: String(k), weight: 1, scene: seen.scene }] : []));
  const prepared = prepareCells(stays.map(surfaceStay), lit);
  const seen = candidates.map((_, c) => seenInScenes(prepared, surfaces[c]!));
  return looks.map((_, k) => {
    const kind = prepared.kinds.find((one) => one.kind === String(k));
    if (!kind) return null;
    return candidates.map((_c, c) =>
      stays.map((_s, s): CellSeen => {
        const { cost, scene, component } = roomCell(prepared, kind, s, seen[c]!);
        const verdict = verdictOf(cost);
        const [conflict] = conflictsWith(prepared.scenes[scene]!.things[s]!, component, seen[c]![scene]!);
        return { verdict, cost, reason: verdict === 'works' || !conflict ? null : conflict.reason };
      }),
    );
  });
}

type Flip = { readonly c: number; readonly s: number; readonly other: number; readonly size: number };

/** The verdict that only this look shows, and at which of the others it is most another. */
function flipAt(cells: Cells, k: number): Flip | undefined {
  let best: Flip | undefined;
  cells[k]?.forEach((row, c) =>
    row.forEach((here, s) => {
      const others = cells.flatMap((all, other) => (all && other !== k ? [{ other, cell: all[c]![s]! }] : []));
      if (others.length === 0 || others.some(({ cell }) => cell.verdict === here.verdict)) return;
      for (const { other, cell } of others) {
        const size = Math.abs(here.cost - cell.cost);
        if (!best || size > best.size) best = { c, s, other, size };
      }
    }),
  );
  return best;
}

/** The wall on which everything is told: the first that has light. */
const labsHere = (seen: Pick<SeenMoment, 'labs'>, wall: number): readonly Lab[] | null => seen.labs[wall] ?? null;

/** Decides between colours: those that this light drives apart most, or the one it changes most. */
function betweenColours(room: Room, k: number, hexOf: (c: number, look?: number) => string): Decides {
  const { candidates, looks } = room;
  const { seen, missed } = looks[k]!;
  const wall = missed[0]?.wall ?? seen.labs.findIndex((labs) => labs !== null);
  const here = labsHere(seen, wall);
  const instead = missed[0]?.instead ?? looks.find((_, other) => other !== k)?.moment;
  const there = instead === undefined ? null : labsHere(room.moments[instead]!, wall);
  const change = candidates.map((c, i) => changeFrom(there?.[i] ?? c.lab, here?.[i] ?? c.lab));
  let [p, q, far] = [0, 0, 0];
  candidates.forEach((_, i) =>
    candidates.slice(0, i).forEach((_o, j) => {
      if (deltaE00(candidates[i]!.lab, candidates[j]!.lab) > RIVALS) return;
      const apart = drivenApart(change[i]!, change[j]!);
      if (apart > far) [p, q, far] = [j, i, apart];
    }),
  );
  if (far >= APART) {
    const mover = fartherOf(change[p]!, change[q]!) === 0 ? p : q;
    return {
      kind: 'pair',
      says: `between ${candidates[p]!.name} and ${candidates[q]!.name}: ${candidates[mover]!.name} ${sayChange(change[mover]!)}`,
      hexes: [hexOf(p), hexOf(q)],
      candidateIds: [candidates[p]!.id, candidates[q]!.id],
      stayId: null,
    };
  }
  const elsewhere = looks.findIndex((l) => l.moment === instead);
  const most = change.reduce((best, found, i) => (found.deltaE00 > change[best]!.deltaE00 ? i : best), 0);
  const does =
    there === null ? `how ${candidates[most]!.name} looks here at all` : `${candidates[most]!.name} ${sayChange(change[most]!)}`;
  return {
    kind: 'colour',
    says: does,
    hexes: [hexOf(most), hexOf(most, elsewhere < 0 ? k : elsewhere)],
    candidateIds: [candidates[most]!.id],
    stayId: null,
  };
}

/** "works", "nearly, too pink", "no, too close". */
const sayCell = ({ verdict, reason }: CellSeen): string => (reason ? `${verdict}, ${REASON_WORDS[reason]}` : verdict);

/** What each look of a room decides, what would be missed without it, and how much it is worth. */
export function decisionsOf(room: Room): Decision[] {
  const { looks, candidates, stays, moments, zone } = room;
  const surfaces = candidates.map((c) => surfacesOf(c)[0]!);
  const cells = cellsOf(room, surfaces);
  const views = looks.map(({ seen }) => seen.scene && viewOf(seen.scene));
  return looks.map((look, k): Decision => {
    const view = views[k];
    const hexOf = (c: number, at = k) => (views[at] ? seenBy(views[at], surfaces[c]!).hex : '#808080');
    const flip = flipAt(cells, k);
    const stayHex = (s: number) => {
      const [largest] = [...stays[s]!.components].sort((p, q) => q.share - p.share);
      return view ? seenBy(view, surfacesOf(largest!)[0]!).hex : '#808080';
    };
    const whenOf = ({ light, at }: SeenMoment) =>
      `${byDaylight(light) ? `at ${clockText(wallClock(at, zone).hours)} ` : ''}${LOOK_LIGHT_WORDS[light]}`;
    const verdictDecides = (f: Flip): Decides => {
      const here = cells[k]![f.c]![f.s]!;
      const there = cells[f.other]![f.c]![f.s]!;
      return {
        kind: 'verdict',
        says: `${candidates[f.c]!.name} beside ${stays[f.s]!.name}: predicted ${sayCell(here)} ${whenOf(look.seen)}, ${sayCell(there)} ${whenOf(looks[f.other]!.seen)}`,
        hexes: [hexOf(f.c), stayHex(f.s)],
        candidateIds: [candidates[f.c]!.id],
        stayId: stays[f.s]!.id,
      };
    };
    const told = new Set<number>();
    // what is there at the planned moment itself is told first
    const now = look.missed.filter((m) => m.moment === look.moment);
    const missed = [...now, ...look.missed]
      .filter(({ colour }) => !told.has(colour) && told.add(colour))
      .slice(0, MOST_MISSED)
      .flatMap(({ moment, wall, colour, instead }) => {
        if (instead === undefined) return [];
        const change = changeFrom(moments[instead]!.labs[wall]![colour]!, moments[moment]!.labs[wall]![colour]!);
        const { light, at } = moments[moment]!;
        return [sayMissed(candidates[colour]!.name, change, { light, clock: clockText(wallClock(at, zone).hours) })];
      });
    return {
      worth: Math.min(MOST_CHANGE, look.missed[0]?.deltaE ?? 0) + (flip ? A_VERDICT : 0),
      decides: flip ? verdictDecides(flip) : betweenColours(room, k, hexOf),
      missed,
    };
  });
}
