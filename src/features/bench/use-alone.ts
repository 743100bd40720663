'use client';

import type { Person } from '@/core/judge/ruling';
import type { Candidate } from '@/core/record/candidate';
import { intensityIn, type Intensity } from '@/core/record/intensity';
import { nextAlone } from '@/core/derived/next-pair';
import type { Room } from '@/core/record/room';
import type { JudgingLight } from '@/core/room/facing';
import { useReadCursor, waySeen } from '../cursor/cursor';
import { useResolve } from '../light-client/resolved-moment';
import { useVisitWrite } from '../session/visit-context';

type Asked = {
  readonly room: Room;
  readonly candidate: Candidate | undefined;
  readonly light: JudgingLight | undefined;
  readonly person: Person;
};

/** A colour looked at alone: what was said of its intensity in this light, and saying it. */
export function useAlone({ room, candidate, light, person }: Asked) {
  const write = useVisitWrite();
  const resolve = useResolve(room);
  const read = useReadCursor();
  const who = light && { light, person };
  const current = candidate && who && intensityIn(room.intensities, { candidateId: candidate.id, ...who });
  return {
    current,
    /** The colour to look at next; undefined when all were looked at in this light. */
    next: candidate && who && nextAlone(room, candidate.id, who),
    /** False when it is too dark to say anything. */
    give(intensity: Intensity): boolean {
      const { moment, kept } = resolve();
      if (!candidate || !kept) return false;
      if (current?.intensity === intensity) return true;
      write({
        name: 'intensity.give',
        roomId: room.id,
        candidateId: candidate.id,
        light: kept,
        person,
        intensity,
        moment,
        seen: waySeen(read()),
      });
      return true;
    },
  };
}
