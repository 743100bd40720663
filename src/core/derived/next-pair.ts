import type { Person } from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import { intensityIn } from '@/core/record/intensity';
import type { Room } from '@/core/record/room';
import { standingVerdicts, verdictIn } from './standing';

/** A candidate beside a thing that stays, by their ids. */
export type Pair = { readonly candidateId: string; readonly stayId: string };
type Who = { readonly light: JudgingLight; readonly person: Person };
/** `lookedAt`: what was only judged on a screen is still to be looked at in the room. */
type Looking = Who & { readonly lookedAt: boolean };
type Judged = Pick<Room, 'candidates' | 'stays' | 'verdicts' | 'intensities'>;

/** A list from the one after `id`, once around, `id` itself last. */
function onwards<T extends { readonly id: string }>(all: readonly T[], id: string): readonly T[] {
  const at = all.findIndex((one) => one.id === id) + 1;
  return [...all.slice(at), ...all.slice(0, at)];
}

/**
 * The pair to look at after one: the next thing beside the same candidate that this person has not judged so in this light, then the
 * first such thing beside the next candidate; undefined when everything has been.
 */
export function nextPair(room: Judged, from: Pair, { lookedAt, ...who }: Looking): Pair | undefined {
  const standing = standingVerdicts(room.verdicts);
  const ways = lookedAt ? [true] : [true, false];
  const open = (pair: Pair) => ways.every((way) => verdictIn(standing, { ...pair, ...who, lookedAt: way }) === undefined);
  const beside = (candidateId: string, stays: readonly { readonly id: string }[]) =>
    stays.map(({ id: stayId }) => ({ candidateId, stayId })).find(open);
  const same = beside(from.candidateId, onwards(room.stays, from.stayId));
  if (same) return same;
  for (const { id } of onwards(room.candidates, from.candidateId)) {
    const next = beside(id, room.stays);
    if (next) return next;
  }
  return undefined;
}

/** The candidate to look at alone after one; undefined when all have been, in this light and by this person. */
export const nextAlone = (room: Judged, candidateId: string, who: Who): string | undefined =>
  onwards(room.candidates, candidateId).find(({ id }) => intensityIn(room.intensities, { candidateId: id, ...who }) === undefined)
    ?.id;
