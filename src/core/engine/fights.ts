import type { Lab } from '../colour/types';
import { conflictsWith, verdictOf } from '../judge/relation';
import { roomCell, prepareCells, seenInScenes } from '../judge/room-cells';
import { fightsWish, type Judged } from '../judge/wish';
import { lightsOrDeck, weighed } from './advised-room';
import type { FightsAnswer, FightsRequest } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import type { Steps } from './steps';
import { surfaceStay } from './surface-stay';

/** What stays and fights the wishes, in the lights the room is used in. */
export function* fights({ stays, wishes, ...rest }: FightsRequest): Steps<FightsAnswer | NoAnswer> {
  const lights = yield* lightsOrDeck(rest);
  if ('ok' in lights) return lights;
  const cells = prepareCells(stays.map(surfaceStay), weighed(lights));
  const judge = (stay: number, lab: Lab): Judged => {
    const seen = seenInScenes(cells, surfacesOf({ id: '', lab, population: 'paint' })[0]!);
    const { cost, scene, component } = cells.kinds
      .map((kind) => roomCell(cells, kind, stay, seen))
      .reduce((p, q) => (q.cost > p.cost ? q : p));
    const reason = conflictsWith(cells.scenes[scene]!.things[stay]!, component, seen[scene]!)[0]?.reason;
    return { verdict: verdictOf(cost), cost, reason, component: stays[stay]!.components[component]!.name };
  };
  return { ok: true, fights: wishes.flatMap((wish) => fightsWish(stays, wish, judge)) };
}
