'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
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

/** Which colour against which thing, and the ways to the next ones. */
export function usePair({ candidates, stays }: Room) {
  const { candidateId, setCandidateId, stayId, setStayId } = useAsked();
  const stayIndex = Math.max(
    0,
    stays.findIndex((s) => s.id === stayId),
  );
  const candidate: Candidate | undefined = candidates.find((c) => c.id === candidateId) ?? candidates[0];
  const stay: RecordedStay | undefined = stays[stayIndex];
  const strengths = candidates.filter((c) => c.deckColourId === candidate?.deckColourId).sort((p, q) => q.strength - p.strength);
  const moveStay = (by: number) => setStayId(around(stays, stayIndex, by)?.id ?? null);
  const moveStrength = (by: number) => {
    const at = strengths.findIndex((c) => c.id === candidate?.id);
    setCandidateId(strengths[Math.max(0, Math.min(strengths.length - 1, at + by))]?.id ?? null);
  };
  const colours = [...new Set(candidates.map((c) => c.deckColourId))];
  const colourIndex = colours.indexOf(candidate?.deckColourId ?? '');
  const moveColour = (by: number) => {
    const next = around(colours, colourIndex, by);
    setCandidateId(candidates.find((c) => c.deckColourId === next)?.id ?? null);
  };
  const offered = OFFERED_STRENGTHS.filter((s) => !strengths.some((c) => c.strength === s));
  const place = { colour: colourIndex + 1, colours: colours.length };
  return { candidate, stay, stayIndex, place, strengths, offered, moveStay, moveStrength, moveColour, setCandidateId, setStayId };
}
