import { dryingOf } from '../plan/sample-pots';
import type { Look } from '@/core/record/look';
import type { Room } from '@/core/record/room';

/**
 * Whether a look was taken before a board of one of its colours could be looked at: a painted board is a new thing, and what was seen of
 * a card or a screen says nothing of it. A board that is ordered and not painted yet is still to come.
 */
export function isBeforeBoards(look: Pick<Look, 'state' | 'takenAt' | 'candidateIds'>, { samples, candidates }: Room): boolean {
  const { takenAt } = look;
  if (look.state !== 'taken' || takenAt === null) return false;
  const about = new Set(look.candidateIds.length > 0 ? look.candidateIds : candidates.map((c) => c.id));
  const taken = Date.parse(takenAt);
  return samples
    .filter((s) => about.has(s.candidateId))
    .some((s) => s.paintedAt === null || dryingOf(Date.parse(s.paintedAt), s.coats).dryFrom > taken);
}
