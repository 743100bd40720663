'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { REASONS, type Reason, type Verdict } from '@/core/judge/reasons';
import type { Person } from '@/core/judge/ruling';
import { standingVerdicts, verdictIn } from '@/core/record/room-record';
import type { Candidate, RecordedStay, Room, VerdictEvent } from '@/core/record/types';
import { useKeys } from '@/ui/use-keys';
import { useJudgingLight, useReadMoment } from '../shared/moment';
import { momentIndex, usePosition, useRoomDay } from '../shared/room-day';
import { latest } from '../shared/room-light';
import { useRoom, useVisit } from '../shared/visit-context';
import { useBenchView } from './use-bench-view';
import { useComputed, type Computed } from './use-computed';
import { useGlance } from './use-glance';

/** Reasons, the likeliest by the core first; none is chosen beforehand. */
const orderReasons = (likely: readonly Reason[]): Reason[] => [...likely, ...REASONS.filter((r) => !likely.includes(r))];

const clamp = (value: number, count: number) => Math.max(0, Math.min(count - 1, value));

/** Keys of the reason buttons, in their order. */
export const REASON_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-'] as const;

/** Which colour against which thing, and the ways to the next ones. */
function usePair({ candidates, stays }: Room) {
  const asked = useSearchParams();
  const [candidateId, setCandidateId] = useState<string | null>(asked.get('colour'));
  const [stayId, setStayId] = useState<string | null>(asked.get('stay'));
  const stayIndex = Math.max(
    0,
    stays.findIndex((s) => s.id === stayId),
  );
  const candidate: Candidate | undefined = candidates.find((c) => c.id === candidateId) ?? candidates[0];
  const stay: RecordedStay | undefined = stays[stayIndex];
  const strengths = candidates.filter((c) => c.deckColourId === candidate?.deckColourId).sort((p, q) => q.strength - p.strength);
  const moveStay = (by: number) => setStayId(stays[clamp(stayIndex + by, stays.length)]?.id ?? null);
  const moveStrength = (by: number) => {
    const at = strengths.findIndex((c) => c.id === candidate?.id);
    setCandidateId(strengths[clamp(at + by, strengths.length)]?.id ?? null);
  };
  const moveColour = (by: number) => {
    const colours = [...new Set(candidates.map((c) => c.deckColourId))];
    const next = colours[clamp(colours.indexOf(candidate?.deckColourId ?? '') + by, colours.length)];
    setCandidateId(candidates.find((c) => c.deckColourId === next)?.id ?? null);
  };
  const offered = OFFERED_STRENGTHS.filter((s) => !strengths.some((c) => c.strength === s));
  return { candidate, stay, stayIndex, strengths, offered, moveStay, moveStrength, moveColour, setCandidateId, setStayId };
}

/** The moment of the cursor as it is kept with a verdict. */
function useVerdictMoment(room: Room) {
  const read = useReadMoment();
  const position = usePosition(room);
  const moments = latest(useRoomDay(room.id));
  return () => {
    const { at, sky, lampsOn } = read();
    const known = moments?.skies[momentIndex(moments, at)] ?? 'clear';
    return { at: new Date(at).toISOString(), sky: sky === 'service' ? known : sky, lampsOn, position };
  };
}

type Saying = {
  readonly roomId: string;
  readonly cell: { readonly candidateId: string; readonly stayId: string } | undefined;
  readonly computed: Computed | undefined;
  readonly glance: ReturnType<typeof useGlance>;
  readonly momentOf: ReturnType<typeof useVerdictMoment>;
};

/** Says a verdict of the pair in view, with the light it was given in and what was computed for it. */
function useGive({ roomId, cell, computed, glance, momentOf }: Saying) {
  const { say } = useVisit();
  const light = useJudgingLight();
  return (person: Person, verdict: Verdict) => {
    if (!cell) return;
    const predicted = computed?.verdict ?? null;
    const firstGlanceMs = glance.spoken();
    say({ name: 'verdict.give', roomId, ...cell, light, person, verdict, predicted, moment: momentOf(), firstGlanceMs });
  };
}

/** The state of the bench: which colour against which thing, and everything that can be said there. */
export function useBench(roomId: string) {
  const { visit, say, unsaved, person, setPerson } = useVisit();
  const light = useJudgingLight();
  const room = useRoom(roomId);
  const layout = useBenchView(room);
  const pair = usePair(room);
  const { candidate, stay } = pair;
  const computed = useComputed(roomId, candidate, stay);
  const standing = useMemo(() => standingVerdicts(room.verdicts), [room.verdicts]);
  const cell = candidate && stay ? { candidateId: candidate.id, stayId: stay.id } : undefined;
  const saidBy = (who: Person) => cell && verdictIn(standing, { ...cell, light, person: who });
  const current = saidBy(person);
  const glance = useGlance(
    layout.glance,
    [candidate?.id, stay?.id, light].join(' '),
    saidBy('consultant') !== undefined || saidBy('client') !== undefined,
  );
  const giveAs = useGive({ roomId, cell, computed, glance, momentOf: useVerdictMoment(room) });
  // while the eye has not spoken, not even the order of the reasons may tell what the core thinks
  const reasons = orderReasons(glance.hides ? [] : (computed?.likely ?? []));
  const lastGiven: VerdictEvent | undefined = room.verdicts.filter((v) => !v.undone).at(-1);
  const give = (verdict: Verdict) => giveAs(person, verdict);
  const giveReason = (reason: Reason) => {
    if (current) say({ name: 'verdict.reason', roomId, verdictId: current.id, reason });
  };
  const undo = () => {
    if (lastGiven) say({ name: 'verdict.undo', roomId, verdictId: lastGiven.id });
  };
  useKeys({
    w: () => give('works'),
    e: () => give('nearly'),
    r: () => give('no'),
    z: undo,
    c: () => setPerson(person === 'client' ? 'consultant' : 'client'),
    ArrowRight: () => pair.moveStay(1),
    ArrowLeft: () => pair.moveStay(-1),
    ArrowUp: () => pair.moveStrength(-1),
    ArrowDown: () => pair.moveStrength(1),
    n: () => pair.moveColour(1),
    p: () => pair.moveColour(-1),
    ...Object.fromEntries(REASON_KEYS.map((key, i) => [key, () => (reasons[i] ? giveReason(reasons[i]) : undefined)])),
  });
  return {
    ...pair,
    visit,
    room,
    layout,
    computed,
    glance,
    current,
    client: saidBy('client'),
    reasons,
    standing,
    light,
    person,
    setPerson,
    unsaved,
    lastGiven,
    give,
    giveAs,
    giveReason,
    undo,
  };
}
export type Bench = ReturnType<typeof useBench>;
