'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { REASONS, type Reason, type Verdict } from '@/core/judge/reasons';
import { relationTo, standingVerdicts, verdictIn } from '@/core/record/room-record';
import type { Candidate, RecordedStay, VerdictEvent } from '@/core/record/types';
import { useKeys } from '@/ui/use-keys';
import { useJudgingLight } from '../shared/moment';
import { useRoom, useVisit } from '../shared/visit-context';

/** Reasons, the likeliest by the core first; none is chosen beforehand. */
const orderReasons = (likely: readonly Reason[]): Reason[] => [...likely, ...REASONS.filter((r) => !likely.includes(r))];

const clamp = (value: number, count: number) => Math.max(0, Math.min(count - 1, value));

/** Keys of the reason buttons, in their order. */
export const REASON_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-'] as const;

/** The state of the bench: which colour against which thing, and everything that can be said there. */
export function useBench(roomId: string) {
  const { visit, say, unsaved, person, setPerson } = useVisit();
  const light = useJudgingLight();
  const room = useRoom(roomId);
  const asked = useSearchParams();
  const [candidateId, setCandidateId] = useState<string | null>(asked.get('colour'));
  const [stayId, setStayId] = useState<string | null>(asked.get('stay'));
  const { candidates, stays } = room;
  const candidateIndex = Math.max(
    0,
    candidates.findIndex((c) => c.id === candidateId),
  );
  const stayIndex = Math.max(
    0,
    stays.findIndex((s) => s.id === stayId),
  );
  const candidate: Candidate | undefined = candidates[candidateIndex];
  const stay: RecordedStay | undefined = stays[stayIndex];

  const standing = useMemo(() => standingVerdicts(room.verdicts), [room.verdicts]);
  const relation = useMemo(() => (candidate && stay ? relationTo(stay, candidate) : undefined), [candidate, stay]);
  const cell = candidate && stay ? { candidateId: candidate.id, stayId: stay.id, light } : undefined;
  const current = cell && verdictIn(standing, { ...cell, person });
  const reasons = orderReasons(
    relation?.components
      .flatMap((c) => c.conflicts)
      .sort((p, q) => q.cost - p.cost)
      .map((c) => c.reason)
      .filter((r, i, all) => all.indexOf(r) === i) ?? [],
  );
  const lastGiven: VerdictEvent | undefined = room.verdicts.filter((v) => !v.undone).at(-1);

  const give = (verdict: Verdict) => {
    if (cell) say({ name: 'verdict.give', roomId, ...cell, person, verdict });
  };
  const giveReason = (reason: Reason) => {
    if (current) say({ name: 'verdict.reason', roomId, verdictId: current.id, reason });
  };
  const undo = () => {
    if (lastGiven) say({ name: 'verdict.undo', roomId, verdictId: lastGiven.id });
  };
  const moveStay = (by: number) => setStayId(stays[clamp(stayIndex + by, stays.length)]?.id ?? null);
  const strengths = candidates.filter((c) => c.deckColourId === candidate?.deckColourId).sort((p, q) => q.strength - p.strength);
  const moveStrength = (by: number) => {
    const at = strengths.findIndex((c) => c.id === candidate?.id);
    setCandidateId(strengths[clamp(at + by, strengths.length)]?.id ?? null);
  };
  const moveColour = (by: number) => {
    const colours = [...new Set(candidates.map((c) => c.deckColourId))];
    const next = colours[clamp(colours.indexOf(candidate?.deckColourId ?? '') + by, colours.length)];
    setCandidateId(candidates.find((c) => c.deckColourId === next)?.id ?? null);
  };
  useKeys({
    w: () => give('works'),
    e: () => give('nearly'),
    r: () => give('no'),
    z: undo,
    c: () => setPerson(person === 'client' ? 'consultant' : 'client'),
    ArrowRight: () => moveStay(1),
    ArrowLeft: () => moveStay(-1),
    ArrowUp: () => moveStrength(-1),
    ArrowDown: () => moveStrength(1),
    n: () => moveColour(1),
    p: () => moveColour(-1),
    ...Object.fromEntries(REASON_KEYS.map((key, i) => [key, () => (reasons[i] ? giveReason(reasons[i]) : undefined)])),
  });
  const offered = OFFERED_STRENGTHS.filter((s) => !strengths.some((c) => c.strength === s));
  return {
    visit,
    room,
    candidate,
    stay,
    stayIndex,
    candidateIndex,
    relation,
    current,
    reasons,
    standing,
    light,
    person,
    setPerson,
    unsaved,
    strengths,
    offered,
    lastGiven,
    give,
    giveReason,
    undo,
    moveStay,
    moveColour,
    setCandidateId,
    setStayId,
  };
}
export type Bench = ReturnType<typeof useBench>;
