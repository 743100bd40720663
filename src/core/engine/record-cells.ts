import { conflictsWith, verdictOf } from '../judge/relation';
import { againstWalls } from '../judge/room-advice';
import { roomCell, prepareCells, seenInScenes } from '../judge/room-cells';
import { sayWeakest } from '../judge/say-advice';
import { prepareWalls } from '../judge/walls';
import { lightsOfUse, wallsOf } from './advised-room';
import type { AsWalls, Cell, CellsAnswer, CellsRequest } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import { lightsByKind } from './record-lights';
import type { Steps } from './steps';
import { surfaceStay } from './surface-stay';

/** What is predicted in every cell of a room record: what is felt in at least half of its kind of light. */
export function* cells({ stays: things, candidates, ...room }: CellsRequest): Steps<CellsAnswer | NoAnswer> {
  const used = yield* lightsOfUse(room);
  if ('ok' in used) return used;
  const lights = yield* lightsByKind(room);
  if ('ok' in lights) return lights;
  const stays = things.map(surfaceStay);
  const prepared = prepareCells(stays, lights);
  const wallCosts = prepareWalls(wallsOf(room, used, stays));
  const found: Cell[] = [];
  const asWalls = candidates.flatMap(({ id, lab }): AsWalls[] => {
    const { cost, reason, flag } = againstWalls(lab, wallCosts(lab));
    const says = sayWeakest({ weakest: { stay: null, component: null, kind: null, reason, flag } }, things);
    const verdict = verdictOf(cost);
    return verdict === 'works' || !says ? [] : [{ candidateId: id, verdict, says }];
  });
  for (const candidate of candidates) {
    const seen = seenInScenes(prepared, surfacesOf(candidate)[0]!);
    for (const kind of prepared.kinds) {
      things.forEach((stay, s) => {
        const { cost, scene, component } = roomCell(prepared, kind, s, seen);
        const verdict = verdictOf(cost);
        const conflicts = conflictsWith(prepared.scenes[scene]!.things[s]!, component, seen[scene]!);
        const reason = verdict === 'works' ? null : (conflicts[0]?.reason ?? null);
        found.push({ candidateId: candidate.id, stayId: stay.id, light: kind.kind, verdict, reason });
      });
    }
    yield found.length / (prepared.kinds.length * candidates.length * stays.length);
  }
  return { ok: true, cells: found, asWalls };
}
