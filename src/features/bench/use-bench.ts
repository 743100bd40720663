'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { strengthReasons, withStrengthReasons } from '@/core/judge/strength-reason';
import { REASONS, type Reason, type Verdict } from '@/core/judge/reasons';
import type { Person } from '@/core/judge/ruling';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { standingVerdicts, verdictIn } from '@/core/record/standing';
import type { RecordedStay } from '@/core/record/stay';
import type { VerdictEvent } from '@/core/record/verdict';
import { useKeys } from '@/ui/use-keys';
import { useSetCursor } from '../cursor/cursor';
import { useJudgingLight, useResolve, type ResolvedMoment } from '../light-client/resolved-moment';
import { useSessionState } from '../session/use-session';
import { useRoom, useVisit } from '../session/visit-context';
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

/** A verdict that was given in the dark and waits to be told in which light. */
export type InTheDark = { readonly person: Person; readonly verdict: Verdict };

type Saying = {
  readonly room: Room;
  readonly cell: { readonly candidateId: string; readonly stayId: string } | undefined;
  readonly computed: Computed | undefined;
  readonly glance: ReturnType<typeof useGlance>;
};

/** Says a verdict of the pair in view, with the light it was given in and what was computed, and where. In the dark it asks for the light first. */
function useGive({ room, cell, computed, glance }: Saying) {
  const { write } = useVisit();
  const resolve = useResolve(room);
  const set = useSetCursor();
  const [inTheDark, setInTheDark] = useState<InTheDark & { readonly of: typeof cell }>();
  const keep = ({ person, verdict }: InTheDark, { moment, light }: ResolvedMoment, prediction: Prediction) => {
    if (!cell || !light) return;
    const given = { ...cell, light, person, verdict, moment, ...prediction, firstGlanceMs: glance.spoken() };
    write({ name: 'verdict.give', roomId: room.id, ...given });
  };
  const asks = inTheDark && sameCell(inTheDark.of, cell) ? inTheDark : undefined;
  return {
    /** What waits for its light; gone when another pair is looked at. */
    asks,
    give(person: Person, verdict: Verdict) {
      if (!cell) return;
      const now = resolve();
      if (!now.light) return setInTheDark({ person, verdict, of: cell });
      setInTheDark(undefined);
      keep({ person, verdict }, now, predictionOf(computed));
    },
    /** The person says which light it is: the cursor goes there, and the verdict is kept. */
    answer(light: { readonly lampsOn: true } | { readonly at: number; readonly lampsOn: false }) {
      if (!asks) return;
      setInTheDark(undefined);
      set(light);
      // nothing was computed for that light when the eye spoke: only as in the deck
      keep(asks, resolve(light), computed ? { ...predictionOf(computed), predictedIn: 'deck' } : NO_PREDICTION);
    },
    leave: () => setInTheDark(undefined),
  };
}

type Prediction = Pick<VerdictEvent, 'predicted' | 'predictedIn'>;
const NO_PREDICTION: Prediction = { predicted: null, predictedIn: null };
const predictionOf = (computed: Computed | undefined): Prediction =>
  computed ? { predicted: computed.verdict, predictedIn: computed.where === 'in-light' ? 'light' : 'deck' } : NO_PREDICTION;

const sameCell = (p: Saying['cell'], q: Saying['cell']) => p?.candidateId === q?.candidateId && p?.stayId === q?.stayId;

/** The state of the bench: which colour against which thing, and everything that can be said there. */
export function useBench(roomId: string) {
  const { visit, write, person, setPerson } = useVisit();
  const { unsaved } = useSessionState();
  const room = useRoom(roomId);
  const light = useJudgingLight(room);
  const layout = useBenchView(room);
  const pair = usePair(room);
  const { candidate, stay } = pair;
  const computed = useComputed(roomId, candidate, stay);
  const standing = useMemo(() => standingVerdicts(room.verdicts), [room.verdicts]);
  const cell = candidate && stay ? { candidateId: candidate.id, stayId: stay.id } : undefined;
  const saidBy = (who: Person) => (cell && light ? verdictIn(standing, { ...cell, light, person: who }) : undefined);
  const current = saidBy(person);
  const glance = useGlance(
    layout.glance,
    [candidate?.id, stay?.id, light].join(' '),
    saidBy('consultant') !== undefined || saidBy('client') !== undefined,
  );
  const saying = useGive({ room, cell, computed, glance });
  const giveAs = saying.give;
  // while the eye has not spoken, not even the order of the reasons may tell what the core thinks
  const strengths = room.candidates.filter((c) => c.deckColourId === candidate?.deckColourId && c.id !== candidate.id);
  const ofStrength = candidate
    ? strengthReasons(
        candidate.lab,
        strengths.map((c) => c.lab),
      )
    : [];
  const reasons = orderReasons(glance.hides ? [] : withStrengthReasons(computed?.likely ?? [], ofStrength));
  const lastGiven: VerdictEvent | undefined = room.verdicts.filter((v) => !v.undone).at(-1);
  const give = (verdict: Verdict) => giveAs(person, verdict);
  const giveReason = (reason: Reason) => {
    if (current) write({ name: 'verdict.reason', roomId, verdictId: current.id, reason });
  };
  const undo = () => {
    if (lastGiven) write({ name: 'verdict.undo', roomId, verdictId: lastGiven.id, undone: true });
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
    dark: saying,
    giveReason,
    undo,
  };
}
export type Bench = ReturnType<typeof useBench>;
