import type { Lab } from '../colour/types';
import type { Room } from '@/core/record/room';
import type { SurfaceKind } from '@/core/record/paintwork';

/** What is there now under surfaces of a kind, Lab (D65, 10°); null where it is not recorded. */
export function underNow({ oldWall, ceiling }: Pick<Room, 'oldWall' | 'ceiling'>, kind: SurfaceKind | undefined): Lab | null {
  if (kind === 'wall') return oldWall?.lab ?? null;
  return kind === 'ceiling' ? (ceiling?.lab ?? null) : null;
}
