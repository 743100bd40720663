'use client';

import { useMemo } from 'react';
import { REASONS, type Reason, type Verdict } from '@/core/judge/reasons';
import { strengthReasons, withStrengthReasons } from '@/core/judge/strength-reason';
import { INTENSITIES, type Intensity } from '@/core/record/intensity';
import { nextPair, type Pair } from '@/core/derived/next-pair';
import { nextInRow, rowOf } from '@/core/derived/row';
import { reasonsOf } from '@/core/record/verdict';
import { standingVerdicts, verdictIn } from '@/core/derived/standing';
import { useWaySeen } from '../cursor/use-way-seen';
import { BENCH_KEYS } from './keys';
import { useTableKeys } from '@/ui/use-keys';
import { useJudgingLight } from '../light-client/resolved-moment';
import { useHome, usePerson, useRoom, useRoomItself, useVisitWrite } from '../session/visit-context';
import { useAlone } from './use-alone';
import { useBenchView } from './use-bench-view';
import { useComputed } from './use-computed';
import { useGive } from './use-give';
import { useGlance } from './use-glance';
import { useGoingOn } from './use-going-on';
import { usePair } from './use-pair';
import { useReaction } from './use-reaction';

/** Reasons that stand out as likely. Own choice: more of them stand out no more. */
const MOST_LIKELY = 3;

const isIntensity = (reason: string): reason is Intensity => (INTENSITIES as readonly string[]).includes(reason);

/** Keys of the reasons, in their fixed order: a reason has the same one beside everything. */

/** Which colour against which thing in which light, how it is shown, and what stands for it. */
function useShown(roomId: string) {
  const visit = useHome();
  const [person, setPerson] = usePerson();
  const room = useRoom(roomId);
  const itself = useRoomItself(roomId);
  const light = useJudgingLight(room);
  const layout = useBenchView(itself);
  const pair = usePair(itself);
  const { candidate, stay } = pair;
  const computed = useComputed(roomId, candidate, stay);
  const way = useWaySeen();
  const lookedAt = way === 'in-room';
  const standing = useMemo(() => standingVerdicts(room.verdicts), [room.verdicts]);
  const cell = candidate && stay ? { candidateId: candidate.id, stayId: stay.id } : undefined;
  const saidBy = (who: 'consultant' | 'client') =>
    cell && light ? verdictIn(standing, { ...cell, light, person: who, lookedAt }) : undefined;
  const [consultant, client] = [saidBy('consultant'), saidBy('client')];
  const current = person === 'client' ? client : consultant;
  const glance = useGlance(
    layout.glance,
    [candidate?.id, stay?.id, light, lookedAt].join(' '),
    (consultant ?? client) !== undefined,
  );
  return {
    ...pair,
    visit,
    room,
    itself,
    layout,
    light,
    person,
    setPerson,
    computed,
    standing,
    way,
    cell,
    current,
    client,
    glance,
    /** An eye has said something of the pair in this light. */
    spoken: (consultant ?? client) !== undefined,
  };
}
type Shown = ReturnType<typeof useShown>;

/** While the eye has not spoken, not even a frame around a reason may tell what the core thinks. */
function likelyReasons({ room, candidate, computed, glance }: Shown): readonly Reason[] {
  if (glance.hides || !candidate) return [];
  const others = room.candidates.filter((c) => c.deckColourId === candidate.deckColourId && c.id !== candidate.id);
  const ofStrength = strengthReasons(
    candidate.lab,
    others.map((c) => c.lab),
  );
  return withStrengthReasons(computed?.likely ?? [], ofStrength).slice(0, MOST_LIKELY);
}

/** Going on to what has not been judged in this light. */
function useNext(shown: Shown, alone: ReturnType<typeof useAlone>) {
  const { room, cell, light, person, candidate, stay, current, layout } = shown;
  const isAlone = layout.view === 'alone';
  const lookedAt = shown.way === 'in-room';
  const goesTo = (): Pair | undefined => {
    if (!light || !cell || !candidate) return undefined;
    if (layout.view !== 'row') return nextPair(room, cell, { light, person, lookedAt });
    // in a row the next colour comes beside the same thing
    const saidOf = (c: { readonly id: string }) =>
      verdictIn(shown.standing, { ...cell, candidateId: c.id, light, person, lookedAt });
    const next = nextInRow(rowOf(room.candidates, candidate), candidate, (c) => saidOf(c)?.verdict);
    return next && { ...cell, candidateId: next.id };
  };
  const next = goesTo();
  const said = isAlone ? alone.current : current;
  const here = [isAlone ? 'alone' : stay?.id, candidate?.id, light, person, shown.way].join(' ');
  const onwards = useGoingOn(here, said !== undefined, () => {
    if (isAlone && alone.next) shown.setCandidateId(alone.next);
    if (isAlone || !next) return;
    shown.setCandidateId(next.candidateId);
    shown.setStayId(next.stayId);
  });
  return { goesTo: next, onwards };
}

/** The state of the bench: which colour against which thing, and everything that can be said there. */
export function useBench(roomId: string) {
  const write = useVisitWrite();
  const shown = useShown(roomId);
  const { room, layout, current, person, setPerson } = shown;
  const isAlone = layout.view === 'alone';
  const alone = useAlone(shown);
  const reaction = useReaction(room, shown.candidate);
  const { goesTo, onwards } = useNext(shown, alone);
  const saying = useGive(shown);
  const give = (verdict: Verdict) => {
    if (!layout.judges) return;
    saying.give(person, verdict);
    onwards.goOn(verdict === 'works' ? 'said' : 'why');
  };
  const giveReason = (reason: Reason) => {
    if (!current || current.verdict === 'works' || !layout.judges) return;
    const before = reasonsOf(current);
    // a second tap takes it back
    const [first = null, ...more] = before.includes(reason) ? before.filter((r) => r !== reason) : [...before, reason];
    write({ name: 'verdict.reason', roomId: room.id, verdictId: current.id, reason: first, more });
    onwards.goOn(first === null ? 'why' : 'more');
  };
  const giveAlone = (intensity: Intensity) => {
    if (alone.give(intensity)) onwards.goOn('said');
  };
  const onReason = (reason: Reason) => {
    if (!isAlone) giveReason(reason);
    else if (isIntensity(reason)) giveAlone(reason);
  };
  useTableKeys(BENCH_KEYS, {
    works: () => (isAlone ? giveAlone('right') : give('works')),
    nearly: () => give('nearly'),
    no: () => give('no'),
    reason: (which) => onReason(REASONS[which]!),
    person: () => setPerson(person === 'client' ? 'consultant' : 'client'),
    thing: (which) => shown.moveStay(which === 0 ? 1 : -1),
    strength: (which) => shown.moveStrength(which === 0 ? -1 : 1),
    anyStrength: () => document.querySelector<HTMLElement>('[data-any-strength]')?.click(),
    colour: (which) => shown.moveColour(which === 0 ? 1 : -1),
  });
  return {
    ...shown,
    likely: likelyReasons(shown),
    alone,
    reaction,
    goesTo,
    onwards,
    give,
    giveAlone,
    giveReason,
    dark: saying,
  };
}
export type Bench = ReturnType<typeof useBench>;

/** What of the bench the patches show, but for what was said: that would draw them anew for nothing. */
export type PatchesBench = Pick<
  Bench,
  | 'layout'
  | 'place'
  | 'moveColour'
  | 'moveStay'
  | 'stayIndex'
  | 'strengths'
  | 'offered'
  | 'setCandidateId'
  | 'setStayId'
  | 'itself'
  | 'light'
  | 'person'
  | 'way'
>;
