'use client';

import { reactionTo, type Reaction } from '@/core/record/reaction';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { useReadCursor, waySeen } from '../cursor/cursor';
import { useResolve } from '../light-client/resolved-moment';
import { useVisitWrite } from '../session/visit-context';

/** What the client makes of the colour in view, whatever it stands beside; the same said again takes it back. */
export function useReaction(room: Room, candidate: Candidate | undefined) {
  const write = useVisitWrite();
  const read = useReadCursor();
  const resolve = useResolve(room);
  const standing = candidate && reactionTo(room.reactions, candidate.id);
  return {
    current: standing?.reaction,
    give(reaction: Reaction) {
      if (!candidate) return;
      if (standing?.reaction === reaction)
        return void write({ name: 'reaction.undo', roomId: room.id, reactionId: standing.id, undone: true });
      const { moment, light } = resolve();
      const given = { candidateId: candidate.id, reaction, moment: light ? moment : null, seen: waySeen(read()) };
      write({ name: 'reaction.give', roomId: room.id, ...given });
    },
  };
}
