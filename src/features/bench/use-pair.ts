'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import { onWent } from '../session/where';

/** The one so many further in a row, once around. */
const around = <T>(all: readonly T[], at: number, by: number): T | undefined =>
  all[(((at + by) % all.length) + all.length) % all.length];

/** The pair the address names, followed when it changes: a link, or what was taken back, leads to its pair. */
function useAsked() {
  const asked = useSearchParams();
  const [candidateId, setCandidateId] = useState<string | null>(asked.get('colour'));
  const [stayId, setStayId] = useState<string | null>(asked.get('stay'));
  // at once, not when the address is drawn: a key pressed meanwhile would be taken back
  useEffect(
    () =>
      onWent((now) => {
        if (now.get('colour')) setCandidateId(now.get('colour'));
        if (now.get('stay')) setStayId(now.get('stay'));
      }),
    [],
  );
  return { candidateId, setCandidateId, stayId, setStayId };
}

type Asked = ReturnType<typeof useAsked>;

/** The colour of a pair among those of the room, its strengths, and the ways to the next ones. */
function colourOf(
  candidates: readonly Candidate[],
  { candidateId, setCandidateId }: Pick<Asked, 'candidateId' | 'setCandidateId'>,
) {
  const candidate = candidates.find((c) => c.id === candidateId) ?? candidates[0];
  const strengths = candidates.filter((c) => c.deckColourId === candidate?.deckColourId).sort((p, q) => q.strength - p.strength);
  const colours = [...new Set(candidates.map((c) => c.deckColourId))];
  const colourIndex = colours.indexOf(candidate?.deckColourId ?? '');
  return {
    candidate,
    strengths,
    offered: OFFERED_STRENGTHS.filter((s) => !strengths.some((c) => c.strength === s)),
    place: { colour: colourIndex + 1, colours: colours.length },
    moveStrength(by: number): void {
      const at = strengths.findIndex((c) => c.id === candidate?.id);
      setCandidateId(strengths[Math.max(0, Math.min(strengths.length - 1, at + by))]?.id ?? null);
    },
    moveColour(by: number): void {
      const next = around(colours, colourIndex, by);
      setCandidateId(candidates.find((c) => c.deckColourId === next)?.id ?? null);
    },
  };
}

/** The thing of a pair among those that stay, and the way to the next. */
function stayOf(stays: readonly RecordedStay[], { stayId, setStayId }: Pick<Asked, 'stayId' | 'setStayId'>) {
  const stayIndex = Math.max(
    0,
    stays.findIndex((s) => s.id === stayId),
  );
  const stay = stays[stayIndex];
  return { stay, stayIndex, moveStay: (by: number) => setStayId(around(stays, stayIndex, by)?.id ?? null) };
}

/** Which colour against which thing, and the ways to the next ones; the same as long as the pair is. */
export function usePair({ candidates, stays }: Pick<Room, 'candidates' | 'stays'>) {
  const { candidateId, setCandidateId, stayId, setStayId } = useAsked();
  const colour = useMemo(() => colourOf(candidates, { candidateId, setCandidateId }), [candidates, candidateId, setCandidateId]);
  const thing = useMemo(() => stayOf(stays, { stayId, setStayId }), [stays, stayId, setStayId]);
  return { ...colour, ...thing, setCandidateId, setStayId };
}
