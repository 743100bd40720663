import type { Flag } from '../appearance/readings';
import { readIn, type Reads, type SceneLight } from '../appearance/scene';
import { correspondingIn } from '../colour/corresponding';
import type { Lab } from '../colour/types';
import { DEFAULT_SCHOOLS, lightConflictOf, type LightSchools } from './light-conflict';
import { prepareCandidate } from './prepared';
import { RELATION, type RelationModel } from './model';
import type { Reason, Verdict } from './reasons';
import { prepareStay, conflictsWith, costOf, verdictOf, type PreparedStay, type School, type Stay } from './relation';

/** A surface: its Lab in the deck (D65, 10°) and the curve that stands for it. */
export type Surface = { readonly lab: Lab; readonly reflectance: ArrayLike<number> };
export type SurfaceComponent = Surface & { readonly name: string; readonly share: number };
export type SurfaceStay = {
  readonly name: string;
  readonly kind: Stay['kind'];
  readonly school: School;
  readonly components: readonly SurfaceComponent[];
};

/** A light the room is judged in. Without a scene: as in the deck, which asks nothing of the light itself. */
export type JudgedMoment = { readonly name: string; readonly scene: SceneLight | undefined };

/** What decided: a component of a thing at a moment, or what a moment's light does to the colour. */
export type RoomLink =
  | {
      readonly kind: 'relation';
      readonly moment: number;
      readonly stay: number;
      readonly component: number;
      readonly reason: Reason | undefined;
    }
  | { readonly kind: 'light'; readonly moment: number; readonly flag: Flag };

/** The weakest link of a candidate in a room. */
export type RoomScore = { readonly cost: number; readonly verdict: Verdict; readonly link: RoomLink | undefined };

type Meeting = { readonly against: PreparedStay; readonly stay: number; readonly component: number };
type PreparedMoment = {
  readonly meetings: readonly Meeting[];
  readonly corresponding: ((reflectance: ArrayLike<number>) => Lab) | undefined;
  readonly read: ((reflectance: ArrayLike<number>) => Reads) | undefined;
};

/** A room made ready for many candidates. */
export type PreparedJudgement = {
  readonly moments: readonly PreparedMoment[];
  readonly model: RelationModel;
  readonly schools: LightSchools;
};

/** Makes a room's things and moments ready: every component is seen in every light once. */
export function prepareJudgement(
  stays: readonly SurfaceStay[],
  moments: readonly JudgedMoment[],
  schools: LightSchools = DEFAULT_SCHOOLS,
  model: RelationModel = RELATION,
): PreparedJudgement {
  return {
    model,
    schools,
    moments: moments.map(({ scene }): PreparedMoment => {
      const corresponding = scene && correspondingIn(scene.power);
      const meetings = stays.flatMap(({ school, ...stay }, s) => {
        const components = stay.components.map((c) => ({ ...c, lab: corresponding ? corresponding(c.reflectance) : c.lab }));
        return prepareStay({ ...stay, components }, school, model).map((against, component) => ({ against, stay: s, component }));
      });
      return { meetings, corresponding, read: scene && readIn(scene) };
    }),
  };
}

/**
 * The weakest link of a candidate over all things that stay and all moments: the largest cost, and where it is. Order does not matter
 * except between equals.
 *
 * @param giveUpAt once a cost reaches this the rest is not looked at: the link is then one that refuses it, not the worst there is
 */
export function roomScore(candidate: Surface, room: PreparedJudgement, giveUpAt = Infinity): RoomScore {
  const { model, schools } = room;
  let cost = 0;
  let at: { readonly moment: number; readonly meeting: Meeting | undefined; readonly flag: Flag | undefined } | undefined;
  for (let m = 0; m < room.moments.length && cost < giveUpAt; m++) {
    const { meetings, corresponding, read } = room.moments[m]!;
    const prepared = prepareCandidate(corresponding ? corresponding(candidate.reflectance) : candidate.lab, model);
    for (const meeting of meetings) {
      const found = costOf(meeting.against, prepared, cost);
      if (found <= cost) continue;
      cost = found;
      at = { moment: m, meeting, flag: undefined };
    }
    // what is refused already needs no second reason
    if (!read || cost >= model.noFrom) continue;
    const conflict = lightConflictOf(candidate.lab, read(candidate.reflectance), schools);
    if (!conflict || conflict.cost <= cost) continue;
    cost = conflict.cost;
    at = { moment: m, meeting: undefined, flag: conflict.flag };
  }
  return { cost, verdict: verdictOf(cost, model), link: at && linkOf(candidate, room, at) };
}

function linkOf(
  candidate: Surface,
  room: PreparedJudgement,
  { moment, meeting, flag }: { readonly moment: number; readonly meeting: Meeting | undefined; readonly flag: Flag | undefined },
): RoomLink | undefined {
  if (flag) return { kind: 'light', moment, flag };
  if (!meeting) return undefined;
  const { corresponding } = room.moments[moment]!;
  const prepared = prepareCandidate(corresponding ? corresponding(candidate.reflectance) : candidate.lab, room.model);
  const reason = conflictsWith(meeting.against, prepared)[0]?.reason;
  return { kind: 'relation', moment, stay: meeting.stay, component: meeting.component, reason };
}

/** How well a colour fits, 0–100: 100 costs nothing, each "nearly" halves it. The product's own scale. */
export const fitOf = (cost: number): number => 100 * 2 ** -cost;
