import type { SceneLight } from '../appearance/scene';
import { correspondingIn } from '../colour/corresponding';
import type { Reason } from '../judge/reasons';
import type { Relation } from '../judge/relation';
import type { JudgedStay, PairAnswer, PairLook, PairRequest } from './judgement-protocol';
import { cannotBe, dayOf, placeOf, roomOf, scenesThrough } from './known-days';
import type { Steps } from './steps';
import type { NoAnswer } from './light-protocol';
import { relationIn, surfacesOfPair, type PairSurfaces } from './pair-surfaces';

const likelyOf = (found: Relation): Reason[] => [
  ...new Set(
    found.components
      .flatMap((c) => c.conflicts)
      .sort((p, q) => q.cost - p.cost)
      .map((c) => c.reason),
  ),
];

/** Plausible pairs looked at for how sure a verdict is. */
const PLAUSIBLE = 12;

function pairLook(scene: SceneLight, stay: JudgedStay, surfaces: PairSurfaces): PairLook {
  const see = correspondingIn(scene.power);
  const found = relationIn(see, { stay, surfaces, n: 0 });
  const known = surfaces.candidate.length === 1 && surfaces.components.every((c) => c.length === 1);
  const count = known ? 1 : PLAUSIBLE;
  let same = 1;
  for (let n = 1; n < count; n++) if (relationIn(see, { stay, surfaces, n }).verdict === found.verdict) same += 1;
  const component = Number(found.link);
  return {
    verdict: found.verdict,
    cost: found.cost,
    reasons: found.reasons,
    likely: likelyOf(found),
    component,
    directions: found.components[component]!.directions,
    sure: same / count,
  };
}

/** A candidate beside one thing through a day. */
export function* pair({ day, lookIn, stay, candidate }: PairRequest): Steps<PairAnswer | NoAnswer> {
  const { room, problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(day);
  const surfaces = surfacesOfPair(stay, candidate);
  yield 0.5;
  const looks: (PairLook | null)[] = [];
  for (const scene of scenesThrough(known, placeOf(room, lookIn.position), lookIn)) {
    looks.push(scene ? pairLook(scene, stay, surfaces) : null);
    yield 0.5 + looks.length / (2 * known.moments.length);
  }
  return { ok: true, looks };
}
