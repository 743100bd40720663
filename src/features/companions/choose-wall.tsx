'use client';

import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { buttonClass } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { EmptyState } from '@/ui/step-title';
import { usePaint } from '../light-client/in-light';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { sayColour } from '../words/say-colour';

/** The colours of the room, one of which is asked for its companions. */
export function ChooseWall({ room }: { readonly room: RoomInLight }) {
  const visit = useHome();
  const paint = usePaint();
  const deck = addressOf({ visitId: visit.id, roomId: room.id, step: 'deck' });
  if (room.candidates.length === 0)
    return (
      <EmptyState title={`No colour is in ${room.name} yet`}>
        Choose one in the deck: “Goes with…” stands beside every colour.{' '}
        <VisitLink href={deck} className={buttonClass('plain')}>
          To the deck
        </VisitLink>
      </EmptyState>
    );
  return (
    <section aria-label="Colours of the room" className="text-left">
      <h1 className="mb-3 text-xl font-semibold">What goes with which colour?</h1>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-3 gap-y-4">
        {room.candidates.map((c) => (
          <li key={c.id}>
            <VisitLink
              href={addressOf({
                visitId: visit.id,
                roomId: room.id,
                step: 'with',
                at: { colour: c.deckColourId, strength: String(c.strength) },
              })}
              className="block hover:bg-panel"
            >
              <Patch hex={paint(c.id, c.lab)} label={sayColour(c.lab)} className="h-24" />
              <span className="block py-1 font-semibold break-words">
                {c.name} {c.strength} %
              </span>
            </VisitLink>
          </li>
        ))}
      </ul>
    </section>
  );
}
