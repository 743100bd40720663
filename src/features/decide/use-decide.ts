'use client';

import { preparationFor } from '@/core/handover/preparation';
import { USUAL_COATS, type CoatsAdvice } from '@/core/paint/coats';
import type { Choice } from '@/core/record/decision';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import type { Room } from '@/core/record/room';
import { takenColour } from '../session/take-colour';
import { useVisitWrite } from '../session/visit-context';
import type { WayOption } from '@/core/engine/ways';
import type { WriteOf } from '@/core/operations/operations';

const NOT_PAINTED = { candidateId: null, coats: USUAL_COATS, primer: 'none', undercoat: 'none', why: '' } as const;

/** What can be decided in a room. */
export function useDecide(room: Room) {
  const write = useVisitWrite();
  const decided = (surfaces: readonly PaintSurface[], choice: Choice): WriteOf<'decision.make'> => ({
    name: 'decision.make',
    roomId: room.id,
    surfaces: surfaces.map((s) => s.id),
    ...choice,
  });
  const decide = (surfaces: readonly PaintSurface[], choice: Choice) => write(decided(surfaces, choice));

  /**
   * Paints surfaces in a proposed colour, which is taken into the room with it where it is not there; coats as advised, where that is
   * known.
   */
  const take = (surfaces: readonly PaintSurface[], way: WayOption, advice: CoatsAdvice | undefined, why = '') => {
    const { colour, strength, sheen, finish } = way;
    const taken = takenColour(room, colour, strength);
    const { candidateId } = taken;
    const there = room.candidates.some((c) => c.id === candidateId);
    const { coats, undercoat } = advice ?? { coats: USUAL_COATS, undercoat: 'none' as const };
    const primer = preparationFor(room.paintwork.now[surfaces[0]!.kind])?.primer ?? 'none';
    const decision = decided(surfaces, { what: 'paint', candidateId, sheen, finish, coats, primer, undercoat, why });
    write(there ? decision : [taken, decision]);
  };
  const leave = (surfaces: readonly PaintSurface[], of: Pick<Choice, 'sheen' | 'finish'>) =>
    decide(surfaces, { what: 'leave', ...NOT_PAINTED, sheen: of.sheen, finish: of.finish });
  const open = (surfaces: readonly PaintSurface[], of: Pick<Choice, 'sheen' | 'finish'>) =>
    decide(surfaces, { what: 'open', ...NOT_PAINTED, sheen: of.sheen, finish: of.finish });
  return { decide, take, leave, open };
}
