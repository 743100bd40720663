'use client';

import { preparationFor } from '@/core/handover/preparation';
import { USUAL_COATS, type CoatsAdvice } from '@/core/paint/coats';
import type { Choice } from '@/core/record/decision';
import type { PaintSurface } from '@/core/record/paint-surfaces';
import type { Room } from '@/core/record/room';
import { candidateIdOf, useTakeColour } from '../session/take-colour';
import { useVisit } from '../session/visit-context';
import type { WayOption } from './ways';

const NOT_PAINTED = { candidateId: null, coats: USUAL_COATS, primer: 'none', undercoat: 'none', why: '' } as const;

/** What can be decided in a room. */
export function useDecide(room: Room) {
  const { write } = useVisit();
  const takeColour = useTakeColour(room);
  const idsOf = (surfaces: readonly PaintSurface[]) => surfaces.map((s) => s.id);

  const decide = (surfaces: readonly PaintSurface[], choice: Choice, joins?: string) =>
    write({ name: 'decision.make', roomId: room.id, surfaces: idsOf(surfaces), ...choice }, joins ? { joins } : {});

  /** Paints surfaces in a proposed colour, which is taken into the room where it is not there; coats as advised, where that is known. */
  const take = (surfaces: readonly PaintSurface[], way: WayOption, advice: CoatsAdvice | undefined, why = '') => {
    const { colour, strength, sheen, finish } = way;
    const candidateId = candidateIdOf(room, colour.deckColourId, strength);
    const there = room.candidates.some((c) => c.id === candidateId);
    const joins = there ? undefined : takeColour(colour, strength).id;
    const { coats, undercoat } = advice ?? { coats: USUAL_COATS, undercoat: 'none' as const };
    const primer = preparationFor(room.paintwork.now[surfaces[0]!.kind])?.primer ?? 'none';
    decide(surfaces, { what: 'paint', candidateId, sheen, finish, coats, primer, undercoat, why }, joins);
  };
  const leave = (surfaces: readonly PaintSurface[], of: Pick<Choice, 'sheen' | 'finish'>) =>
    decide(surfaces, { what: 'leave', ...NOT_PAINTED, sheen: of.sheen, finish: of.finish });
  const open = (surfaces: readonly PaintSurface[], of: Pick<Choice, 'sheen' | 'finish'>) =>
    decide(surfaces, { what: 'open', ...NOT_PAINTED, sheen: of.sheen, finish: of.finish });
  return { decide, take, leave, open };
}
