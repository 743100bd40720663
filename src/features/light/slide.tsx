'use client';

import { EmptyState } from '@/ui/step-title';
import { SlideSteps } from '../drawings/slide-steps';
import { useRoom } from '../session/visit-context';
import { useColourChoice } from './colour-choice';

/** The slide: one colour, and what stays, from the window to under the lamp. */
export function Slide({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const { candidate, choice } = useColourChoice(room);
  if (!candidate || (room.windows.length === 0 && room.lamps.length === 0))
    return (
      <EmptyState title="Nothing to slide yet">
        <p>It takes a colour from the deck, and a window or a lamp in this room.</p>
      </EmptyState>
    );
  return (
    <div>
      {choice}
      <SlideSteps room={room} candidate={candidate} />
    </div>
  );
}
