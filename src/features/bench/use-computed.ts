'use client';

import type { Directions } from '@/core/colour/directions';
import { lrvOf } from '@/core/colour/lab';
import type { Reason, Verdict } from '@/core/judge/reasons';
import { judgedThings } from '@/core/engine/judged-things';
import type { JudgedStay } from '@/core/engine/judgement-protocol';
import { relation } from '@/core/judge/relation';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedComponent } from '@/core/record/recorded-colour';
import type { RecordedStay } from '@/core/record/stay';
import { usePairThroughDay } from '../light-client/judgements';
import { useEye } from '../light-client/eye';
import { useCursorPart } from '../cursor/cursor';
import { useRoom } from '../session/visit-context';
import { momentIndex, useRoomDay } from '../light-client/room-day';
import { latest } from '../light-client/light-worker';

/** What the core says of a pair, as in the deck or in the light of the cursor. */
export type Computed = {
  readonly where: 'in-deck' | 'in-light' | 'dark' | 'computing';
  readonly verdict: Verdict;
  readonly reasons: readonly Reason[];
  /** Likeliest first, for the order of the reason buttons. */
  readonly likely: readonly Reason[];
  readonly component: RecordedComponent;
  readonly directions: Directions;
  readonly lrvDifference: number;
  /** Share of plausible surfaces with this verdict; 1 as in the deck. */
  readonly sure: number;
};

type Pair = { readonly candidate: Candidate; readonly stay: RecordedStay; readonly thing: JudgedStay };

function inDeck({ candidate, stay, thing }: Pair, where: Computed['where']): Computed {
  const found = relation(thing, candidate.lab, thing.school);
  const at = Math.max(
    0,
    stay.components.findIndex((c) => c.name === found.link),
  );
  const conflicts = found.components.flatMap((c) => c.conflicts).sort((p, q) => q.cost - p.cost);
  const { directions, lrvDifference } = found.components[at]!;
  return {
    where,
    verdict: found.verdict,
    reasons: found.reasons,
    likely: [...new Set(conflicts.map((c) => c.reason))],
    component: stay.components[at] ?? stay.components[0]!,
    directions,
    lrvDifference,
    sure: 1,
  };
}

/** The computed verdict on the pair in view. In the dark, and until the light is computed, it is the one of the deck. */
export function useComputed(
  roomId: string,
  candidate: Candidate | undefined,
  stay: RecordedStay | undefined,
): Computed | undefined {
  // what is computed here follows the eye that is judged for
  useEye();
  const shown = useCursorPart((m) => m.shown);
  const moments = latest(useRoomDay(roomId));
  const index = useCursorPart((m) => (moments ? momentIndex(moments, m.at) : 0));
  const thing = judgedThings(useRoom(roomId)).find((t) => t.id === stay?.id);
  const through = usePairThroughDay(roomId, shown === 'in-light' ? candidate : undefined, stay);
  if (!candidate || !stay || !thing) return undefined;
  const pair = { candidate, stay, thing };
  if (shown === 'in-deck' || through.state === 'failed') return inDeck(pair, 'in-deck');
  if (through.state === 'computing') return inDeck(pair, 'computing');
  const look = through.value.looks[index];
  if (!look) return inDeck(pair, 'dark');
  // what is to be painted may have other colours than it has now
  const component = stay.components[look.component] ?? stay.components[0]!;
  const { verdict, reasons, likely, directions, sure } = look;
  const lrvDifference = lrvOf(candidate.lab) - lrvOf(component.colour.lab);
  return { where: 'in-light', verdict, reasons, likely, component, directions, lrvDifference, sure };
}
