'use client';

import { Plus } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { ROUTE_SLOT_MINUTES, type HousePlan } from '@/core/engine/plan-protocol';
import { clockText, wallClock } from '@/core/light/time-zone';
import { sunPosition } from '@/core/light/sun';
import { judgingPosition } from '@/core/record/judging-position';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { Explain } from '@/ui/explain';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useKeys } from '@/ui/use-keys';
import { useCursorPart } from '../cursor/cursor';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { useHousePlan } from '../light-client/house-plan';
import { latest } from '../light-client/light-worker';
import { skyAt } from '../light-client/resolved-moment';
import { useRoom, useVisit } from '../session/visit-context';
import { HandOut } from './hand-out';
import { HouseBands } from './house-bands';
import { LookEditor } from './look-editor';
import { LookItem } from './look-list';
import { isOn, lookRows, type LookRow } from './plan-rows';
import { PlanSettingsDialog } from './plan-settings';
import { ReadIn } from './read-in';
import { RoomLights } from './room-lights';
import { useLooks } from './use-looks';

const MINUTE_MS = 60_000;

/** The instant, renewed every minute; undefined until the page runs in the browser. */
function useNow(): number | undefined {
  const [at, setAt] = useState<number>();
  useEffect(() => {
    const tick = () => setAt(Date.now());
    const frame = requestAnimationFrame(tick);
    const timer = setInterval(tick, MINUTE_MS);
    return () => {
      cancelAnimationFrame(frame);
      clearInterval(timer);
    };
  }, []);
  return at;
}

const counted = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

/** Looks that are worth taking this minute, what decides most first. */
function useOnNow(rows: readonly LookRow[]): readonly LookRow[] {
  const { visit } = useVisit();
  const { latitude, longitude, timeZone } = visit.place;
  const now = useNow();
  const date = useCursorPart((m) => m.date);
  const chosen = useCursorPart((m) => m.sky);
  const hourly = useSkyOfDay(date, chosen === 'service');
  return useMemo(() => {
    if (now === undefined) return [];
    const { hours } = wallClock(now, timeZone);
    const dark = sunPosition(now, { latitude, longitude }).altitudeDeg < -6;
    const sky = skyAt(chosen, now, hourly, timeZone);
    return rows.filter((r) => r.state === 'planned' && isOn(r, hours, { sky, dark })).sort((p, q) => q.worth - p.worth);
  }, [rows, now, chosen, hourly, latitude, longitude, timeZone]);
}

/** What the plan comes to, in a line. */
function Summary({ rows, plan }: { readonly rows: readonly LookRow[]; readonly plan: HousePlan | undefined }) {
  const { visit } = useVisit();
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

/** The rooms in the order in which each is seen in its telling light. */
function RouteLine({ plan, rows }: { readonly plan: HousePlan; readonly rows: readonly LookRow[] }) {
  const { visit } = useVisit();
  const { route } = plan;
  if (!route || route.worth === 0) return null;
  const clock = (slot: number) => clockText(visit.plan.fromHour + (slot * ROUTE_SLOT_MINUTES) / 60);
  const nameOf = (id: string) => visit.rooms.find((r) => r.id === id)?.name ?? '';
  const numbers = (id: string, indices: readonly number[]) => {
    const taken = (one: string | null) => rows.some((r) => r.look?.id === one && r.state === 'taken');
    const inVisit = plan.rooms.find((r) => r.roomId === id)!.looks.filter((l) => l.inVisit && !taken(l.id));
    return indices.flatMap((k) => rows.find((r) => r.planned === inVisit[k])?.number ?? []);
  };
  return (
    <p className="mt-2 text-[15px] text-soft">
      <b className="font-semibold text-ink">Best order: </b>
      {route.stops.map(({ id, from, looks }, k) => {
        const seen = numbers(id, looks);
        return (
          <span key={id}>
            {k > 0 && ' → '}
            {nameOf(id)} {clock(from)}
            {seen.length > 0 && ` (look${seen.length > 1 ? 's' : ''} ${seen.join(', ')})`}
          </span>
        );
      })}
      {route.left.length > 0 && ` · too short for ${route.left.map(nameOf).join(', ')}`}
      {!route.exact && ' · more than nine rooms: a good order, not proved the best'}
    </p>
  );
}

/** Adds a look by hand. */
function AddLook({ roomId, rows }: { readonly roomId: string; readonly rows: readonly LookRow[] }) {
  const room = useRoom(roomId);
  const { keep } = useLooks();
  const [open, setOpen] = useState(false);
  const number = Math.max(0, ...rows.map((r) => r.number)) + 1;
  const row: LookRow = {
    key: 'new',
    number,
    room,
    look: undefined,
    planned: undefined,
    light: 'clear',
    lights: ['clear'],
    fromHour: 10,
    toHour: 12,
    walls: [judgingPosition(room)],
    candidateIds: [],
    who: 'consultant',
    state: 'planned',
    decides: 'added by hand',
    missed: '',
    hexes: undefined,
    worth: 0,
  };
  return (
    <Dialog
      title={`Look ${number}, ${room.name}`}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button>
          <Plus aria-hidden size={18} /> Add a look
        </Button>
      }
    >
      <LookEditor row={row} onKeep={(change) => keep(row, { byHand: true, ...change })} onDone={() => setOpen(false)} />
    </Dialog>
  );
}

type ListProps = {
  readonly title: string;
  readonly rows: readonly LookRow[];
  readonly onNow: readonly LookRow[];
  readonly picked: string | undefined;
  readonly none: string;
};

function List({ title, rows, onNow, picked, none }: ListProps) {
  return (
    <section aria-label={title} className="min-w-0">
      <h2 className="text-[15px] font-semibold">{title}</h2>
      {rows.length === 0 ? (
        <p className="py-3 text-soft">{none}</p>
      ) : (
        <ul>
          {rows.map((row) => (
            <LookItem
              key={row.key}
              row={row}
              now={onNow.includes(row)}
              hotKey={row.number <= 9 ? String(row.number) : undefined}
              picked={row.key === picked}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

const order = (onNow: readonly LookRow[]) => (p: LookRow, q: LookRow) => {
  const rank = (r: LookRow) => (onNow.includes(r) ? 0 : { planned: 1, taken: 2, dropped: 3 }[r.state]);
  return rank(p) - rank(q) || (rank(p) === 0 ? q.worth - p.worth : p.number - q.number);
};

/** What to look at when: the plan over the whole house, what is worth a look now, and what each look decides. */
export function LooksStep({ roomId }: { readonly roomId: string }) {
  const { visit, write } = useVisit();
  const asked = useHousePlan();
  const plan = latest(asked);
  const rows = useMemo(() => lookRows(visit, plan), [visit, plan]);
  const onNow = useOnNow(rows);
  const { take } = useLooks();
  const [picked, setPicked] = useState<string>();
  const byKey = Object.fromEntries(
    Array.from({ length: 9 }, (_, k) => [
      String(k + 1),
      () => {
        const row = rows.find((r) => r.number === k + 1 && r.state === 'planned');
        if (!row) return false;
        take(row);
        return undefined;
      },
    ]),
  );
  useKeys({ ...byKey, g: () => (onNow[0] ? take(onNow[0]) : false) });
  const pick = (row: LookRow) => {
    setPicked(row.key);
    document.querySelector(`[data-look="${row.number}"]`)?.scrollIntoView({ block: 'nearest', behavior: 'smooth' });
  };
  const sorted = [...rows].sort(order(onNow));
  const mine = sorted.filter((r) => r.who === 'consultant' || r.state === 'taken');
  const theirs = sorted.filter((r) => r.who === 'client' && r.state !== 'taken');
  const needsCloud = mine.some((r) => r.state === 'planned' && !r.look && (r.light === 'overcast' || r.light === 'both'));
  const nothing = visit.rooms.every((r) => r.candidates.length === 0);
  return (
    <div className="p-4 lg:px-5">
      <StepTitle title="Looks" aside={<Summary rows={rows} plan={plan} />}>
        <PlanSettingsDialog />
        <AddLook roomId={roomId} rows={rows} />
      </StepTitle>
      {asked.state === 'failed' && <p role="alert">{asked.says}</p>}
      {asked.state === 'computing' && (
        <div role="status" className="mb-2">
          <div className="h-1.5 bg-line">
            <div className="h-1.5 bg-ink" style={{ width: `${100 * asked.share}%` }} />
          </div>
          <p className="text-sm text-soft">
            {plan ? 'planning anew; below is the plan before' : 'planning what to look at when…'}
          </p>
        </div>
      )}
      <HouseBands {...{ roomId, rows, plan }} onPick={pick} />
      {plan && <RouteLine {...{ plan, rows }} />}
      {nothing ? (
        <div className="mt-4">
          <EmptyState title="Nothing to look at yet">
            <p>Take colours from the deck: each look says what it decides between them.</p>
          </EmptyState>
        </div>
      ) : (
        <div className="mt-4 grid grid-cols-2 gap-x-6 gap-y-5 max-lg:grid-cols-1">
          <List
            title={onNow.length > 0 ? 'Now, and in this visit' : 'In this visit'}
            rows={mine}
            {...{ onNow, picked }}
            none={plan ? 'No look can be taken in these hours under these skies.' : '…'}
          />
          <div className="min-w-0">
            <List title="Later, with the client" rows={theirs} {...{ onNow, picked }} none="Nothing is left to the client." />
            <div className="mt-3 flex flex-wrap gap-2">
              <HandOut rows={theirs.filter((r) => r.state === 'planned')} />
              {visit.hands.length > 0 && <ReadIn />}
            </div>
            {needsCloud && (
              <p className="mt-2 text-soft">
                No cloud today?{' '}
                <button
                  type="button"
                  className="min-h-11 cursor-pointer underline underline-offset-4"
                  onClick={() =>
                    write({
                      name: 'visit.plan',
                      visitId: visit.id,
                      plan: { ...visit.plan, skies: visit.plan.skies.filter((s) => s !== 'overcast') },
                    })
                  }
                >
                  Plan again without it
                </button>
              </p>
            )}
          </div>
        </div>
      )}
      <RoomLights roomId={roomId} />
    </div>
  );
}
