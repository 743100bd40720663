'use client';

import { useState } from 'react';
import type { Verdict } from '@/core/judge/reasons';
import type { Person } from '@/core/judge/ruling';
import { fitsLook } from '@/core/derived/look-fits';
import type { Pair } from '@/core/derived/next-pair';
import type { Room } from '@/core/record/room';
import { standingVerdicts, verdictIn } from '@/core/derived/standing';
import type { VerdictEvent } from '@/core/record/verdict';
import type { WaySeen } from '@/core/record/seen';
import { useReadCursor, useSetCursor, waySeen } from '../cursor/cursor';
import { useResolve, type ResolvedMoment } from '../light-client/resolved-moment';
import { useHome, useVisitWrite } from '../session/visit-context';
import type { Computed } from './use-computed';
import type { useGlance } from './use-glance';
import { sameValue } from '@/core/base/same-value';

/** Own choice. */
const ONE_BREATH_MS = 10_000;

/** A verdict that was given in the dark and waits to be told in which light. */
export type InTheDark = { readonly person: Person; readonly verdict: Verdict };

type Saying = {
  readonly room: Room;
  readonly cell: Pair | undefined;
  readonly computed: Computed | undefined;
  readonly glance: ReturnType<typeof useGlance>;
};

/**
 * Says a verdict of the pair in view, with the light it was given in and what was computed, and where. In the dark it asks for the light
 * first.
 */
export function useGive({ room, cell, computed, glance }: Saying) {
  const visit = useHome();
  const write = useVisitWrite();
  const read = useReadCursor();
  const resolve = useResolve(room);
  const set = useSetCursor();
  const [inTheDark, setInTheDark] = useState<InTheDark & { readonly of: typeof cell }>();
  const keep = ({ person, verdict, seen }: Said, { moment, kept }: ResolvedMoment, prediction: Prediction) => {
    if (!cell || !kept) return;
    const { lookId } = read();
    const look = room.looks.find((l) => l.id === lookId);
    // what was judged on a screen is no look
    const at = look && seen === 'in-room' && fitsLook(look, moment, visit.place.timeZone) ? look.id : null;
    const given = {
      ...cell,
      light: kept,
      person,
      verdict,
      moment,
      seen,
      ...prediction,
      firstGlanceMs: glance.spoken(),
      lookId: at,
    };
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
      const seen = waySeen(read());
      const standing = verdictIn(standingVerdicts(room.verdicts), {
        ...cell,
        light: now.light,
        person,
        lookedAt: seen === 'in-room',
      });
      const prediction = predictionOf(computed);
      // the same key twice in one breath is one verdict; said again later, or of another light, it is another look
      if (standing && isRepeat(standing, { verdict, moment: now.moment, seen, ...prediction })) return;
      setInTheDark(undefined);
      keep({ person, verdict, seen }, now, prediction);
    },
    /** The person says which light it is, and so that they see it: the cursor goes there, and the verdict is kept. */
    answer(light: { readonly lampsOn: true } | { readonly at: number; readonly lampsOn: false }) {
      if (!asks) return;
      setInTheDark(undefined);
      set(light);
      set({ seenAs: 'in-room' });
      // nothing was computed for that light when the eye spoke: only as in the deck
      keep(
        { ...asks, seen: 'in-room' },
        resolve(light),
        computed ? { ...predictionOf(computed), predictedIn: 'deck' } : NO_PREDICTION,
      );
    },
    leave: () => setInTheDark(undefined),
  };
}

type Said = InTheDark & { readonly seen: WaySeen };

type Prediction = Pick<VerdictEvent, 'predicted' | 'predictedIn'>;
const NO_PREDICTION: Prediction = { predicted: null, predictedIn: null };
const predictionOf = (computed: Computed | undefined): Prediction =>
  computed ? { predicted: computed.verdict, predictedIn: computed.where === 'in-light' ? 'light' : 'deck' } : NO_PREDICTION;

type Repeated = Pick<VerdictEvent, 'verdict' | 'moment' | 'seen' | 'predicted' | 'predictedIn'>;
/** Whether a verdict says just what one said that was given a moment ago. */
const isRepeat = (before: VerdictEvent, now: Repeated): boolean =>
  before.verdict === now.verdict &&
  before.seen === now.seen &&
  before.predictedIn === now.predictedIn &&
  sameValue(before.moment, now.moment) &&
  Date.now() - Date.parse(before.at) < ONE_BREATH_MS;

const sameCell = (p: Saying['cell'], q: Saying['cell']) => p?.candidateId === q?.candidateId && p?.stayId === q?.stayId;
