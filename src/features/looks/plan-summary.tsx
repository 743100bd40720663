'use client';

import { ROUTE_SLOT_MINUTES, type HousePlan } from '@/core/engine/plan-protocol';
import { clockText, wallClock } from '@/core/light/time-zone';
import { LOOK_LIGHT_WORDS } from '@/core/plan/look-light';
import { Button } from '@/ui/button';
import { Explain } from '@/ui/explain';
import { useVisit } from '../session/visit-context';
import type { LookRow } from '@/core/engine/look-rows';
import { counted } from '@/core/base/words';

/** What the plan comes to, in a line. */
export function Summary({ rows, plan }: { readonly rows: readonly LookRow[]; readonly plan: HousePlan | undefined }) {
  const visit = useVisit();
  const open = rows.filter((r) => r.state !== 'dropped');
  const mine = open.filter((r) => r.who === 'consultant' && r.state === 'planned').length;
  const theirs = open.filter((r) => r.who === 'client' && r.state === 'planned').length;
  const done = open.filter((r) => r.state === 'taken').length;
  const exact = plan?.rooms.every((r) => r.exact) ?? true;
  const atLeast = plan?.rooms.reduce((s, r) => s + r.atLeast, 0) ?? 0;
  if (open.length === 0) return <>no look is needed yet</>;
  return (
    <>
      {counted(open.length, 'look')} show every change of more than{' '}
      <Explain
        label={`ΔE ${visit.plan.toleranceE}`}
        why={
          <>
            <p>
              Every colour still in question is computed on every wall in each hour the room is used, under three skies and by its
              lamps, at its lightness beside a white there. The looks are the fewest moments from which none of these is farther
              than ΔE {visit.plan.toleranceE} (CIEDE2000).
            </p>
            <p className="mt-1">
              {exact
                ? 'No fewer would do: every other choice was ruled out.'
                : `It took too long to prove that no fewer would do; there must be at least ${atLeast}.`}
            </p>
          </>
        }
      >
        ΔE {visit.plan.toleranceE}
      </Explain>
      {[done > 0 && `${done} done`, mine > 0 && `${mine} in this visit`, theirs > 0 && `${theirs} with the client`]
        .filter(Boolean)
        .map((text) => (
          <span key={String(text)}> · {text}</span>
        ))}
    </>
  );
}

type PlanningProps = {
  readonly share: number;
  readonly before: boolean;
  readonly stopped: boolean;
  readonly onStop: (stopped: boolean) => void;
};

/** How far the plan is; it can be stopped, and begun again. */
export function Planning({ share, before, stopped, onStop }: PlanningProps) {
  if (stopped)
    return (
      <div className="mb-2 flex items-center gap-3">
        <p className="text-soft">Not planned: looks that are kept stand below.</p>
        <Button onClick={() => onStop(false)}>Plan</Button>
      </div>
    );
  return (
    <div role="status" className="mb-2 flex items-center gap-3">
      <div className="min-w-0 flex-1">
        <div className="h-1.5 bg-line">
          <div className="h-1.5 bg-ink" style={{ width: `${100 * share}%` }} />
        </div>
        <p className="text-sm text-soft">
          {before ? 'planning anew; below is the plan before' : 'planning what to look at when…'}
        </p>
      </div>
      <Button onClick={() => onStop(true)}>Stop</Button>
    </div>
  );
}

/** The rooms in the order in which each is seen in its telling light. */
export function RouteLine({ plan, rows }: { readonly plan: HousePlan; readonly rows: readonly LookRow[] }) {
  const visit = useVisit();
  const { route } = plan;
  if (!route || route.worth === 0) return null;
  const clock = (slot: number) =>
    clockText(wallClock(route.from + slot * ROUTE_SLOT_MINUTES * 60_000, visit.place.timeZone).hours);
  const nameOf = (id: string) => visit.rooms.find((r) => r.id === id)?.name ?? '';
  const numbers = (id: string, indices: readonly number[]) => {
    const taken = (one: string | null) => rows.some((r) => r.look?.id === one && r.state === 'taken');
    const inVisit = plan.rooms.find((r) => r.roomId === id)!.looks.filter((l) => l.inVisit && !taken(l.id));
    return indices.flatMap((k) => rows.find((r) => r.planned === inVisit[k])?.number ?? []);
  };
  const stops = route.stops
    .map(({ id, from, looks }) => ({ id, from, seen: numbers(id, looks) }))
    .filter(({ seen }) => seen.length > 0);
  if (stops.length === 0) return null;
  return (
    <p className="mt-2 text-[0.9375rem] text-soft">
      <b className="font-semibold text-ink">Best order{route.sky && ` ${LOOK_LIGHT_WORDS[route.sky]}`}: </b>
      {stops.map(({ id, from, seen }, k) => {
        return (
          <span key={id}>
            {k > 0 && ' → '}
            {nameOf(id)} {clock(from)}
            {` (look${seen.length > 1 ? 's' : ''} ${seen.join(', ')})`}
          </span>
        );
      })}
      {route.left.length > 0 && ` · too short for ${route.left.map(nameOf).join(', ')}`}
      {!route.exact && ' · more than nine rooms: a good order, not proved the best'}
    </p>
  );
}
