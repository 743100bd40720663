import { dryingOf } from '../plan/sample-pots';
import { dryAt, type PlanSettings } from '@/core/record/plan-settings';
import type { Room } from '@/core/record/room';

/**
 * Instant from which every sample that was begun is dry: as each one's clock says, and the one time of the visit; null where none is wet.
 */
export function samplesDryAt(rooms: readonly Pick<Room, 'samples'>[], plan: Pick<PlanSettings, 'paintedAt'>): number | null {
  const begun = rooms.flatMap((r) =>
    r.samples.flatMap((s) => (s.paintedAt === null ? [] : [dryingOf(Date.parse(s.paintedAt), s.coats).dryFrom])),
  );
  const all = [...begun, ...(dryAt(plan) === null ? [] : [dryAt(plan)!])];
  return all.length === 0 ? null : Math.max(...all);
}
