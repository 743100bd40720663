import { conflictsWith, verdictOf } from '../judge/relation';
import { againstWalls } from '../judge/room-advice';
import { cellOf, prepareCells, seenInScenes } from '../judge/room-cells';
import { sayWeakest } from '../judge/say-advice';
import { prepareWalls } from '../judge/walls';
import type { SceneLight } from '../appearance/scene';
import { darkHours } from '../light/dark-hours';
import type { VerdictMoment } from '../record/verdict';
import type { JudgingLight } from '../room/facing';
import { lightsOfUse, wallsOf, weighed } from './advised-room';
import type { LitRoom } from './lit-room';
import type { AsWalls, Cell, CellsAnswer, CellsRequest } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import type { Steps } from './steps';
import { surfaceStay } from './surface-stay';
import type { UsedLight } from './used-lights';

/** A light of the record: a moment that stands for it, and what the eye is in then. */
export type RecordLight = { readonly scene: SceneLight; readonly moment: Pick<VerdictMoment, 'at' | 'sky' | 'lampsOn' | 'lux'> };

/** The middle one of the lights of a kind. */
function middle(lights: readonly UsedLight[], kind: UsedLight['kind']): UsedLight | undefined {
  const of = lights.filter((l) => l.kind === kind);
  return of[Math.floor(of.length / 2)];
}

/** What stands for each light of the record: the middle of the hours of use under a clear sky, the same under cloud, the lamps alone. */
export function* recordLights(room: LitRoom): Steps<ReadonlyMap<JudgingLight, RecordLight>> {
  const lights = yield* lightsOfUse(room);
  const found = new Map<JudgingLight, RecordLight>();
  if ('ok' in lights) return found;
  const add = (judging: JudgingLight, light: UsedLight | undefined) => {
    if (!light) return;
    const { kind, scene } = light;
    const lampsOn = kind === 'lamps';
    const at = new Date(lampsOn ? darkHours(room.day)[0] : light.at).toISOString();
    found.set(judging, {
      scene,
      moment: { at, sky: kind === 'lamps' || kind === 'both' ? 'clear' : kind, lampsOn, lux: scene.lux },
    });
  };
  add('window-day', middle(lights, 'clear'));
  add('overcast', middle(lights, 'overcast'));
  add('lamps', middle(lights, 'lamps'));
  return found;
}

/** What is predicted in every cell of a room record: what is felt in at least half of the light. */
export function* cells({ stays: things, candidates, ...room }: CellsRequest): Steps<CellsAnswer | NoAnswer> {
  const lights = yield* lightsOfUse(room);
  if ('ok' in lights) return lights;
  const stays = things.map(surfaceStay);
  const prepared = prepareCells(stays, weighed(lights));
  const wallCosts = prepareWalls(wallsOf(room, lights, stays));
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
        const { cost, scene, component } = cellOf(prepared, kind, s, seen);
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
