'use client';

import { LOOKS_KEYS } from './keys';
import { Plus } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { wallClock } from '@/core/light/time-zone';
import { NIGHT_ALTITUDE_DEG } from '@/core/light/dark-hours';
import { sunPosition } from '@/core/light/sun';
import { judgingPosition } from '@/core/derived/judging-position';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useTableKeys } from '@/ui/use-keys';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { useInstant } from '../cursor/use-instant';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { useHousePlan } from '../light-client/house-plan';
import { latest } from '../light-client/light-worker';
import { skyAt } from '../light-client/resolved-moment';
import { useRoom, useVisit, useVisitWrite } from '../session/visit-context';
import { HandOut } from './hand-out';
import { HouseBands } from './house-bands';
import { LookEditor } from './look-editor';
import { LookItem } from './look-list';
import { isOn, lookRows, type LookRow } from '@/core/engine/look-rows';
import { Planning, RouteLine, Summary } from './plan-summary';
import { PlanSettingsDialog } from './plan-settings';
import { ReadIn } from './read-in';
import { RoomLights } from './room-lights';
import { useLooks } from './use-looks';

/** Looks that are worth taking this minute, what decides most first. */
function useOnNow(rows: readonly LookRow[]): readonly LookRow[] {
  const visit = useVisit();
  const { latitude, longitude, timeZone } = visit.place;
  const now = useInstant();
  const date = useCursorPart((m) => m.date);
  const chosen = useCursorPart((m) => m.sky);
  const hourly = useSkyOfDay(date, chosen === 'service');
  return useMemo(() => {
    if (now === undefined) return [];
    const { hours } = wallClock(now, timeZone);
    const dark = sunPosition(now, { latitude, longitude }).altitudeDeg < NIGHT_ALTITUDE_DEG;
    const sky = skyAt(chosen, now, hourly, timeZone);
    return rows.filter((r) => r.state === 'planned' && isOn(r, hours, { sky, dark })).sort((p, q) => q.worth - p.worth);
  }, [rows, now, chosen, hourly, latitude, longitude, timeZone]);
}

/** Tells the ribbon of the looks that are only planned. */
function useOnRibbon(rows: readonly LookRow[]) {
  const set = useSetCursor();
  useEffect(() => {
    const planned = rows.flatMap(({ look, room, number, fromHour, toHour, who }) =>
      look || fromHour === null || toHour === null ? [] : [{ roomId: room.id, number, fromHour, toHour, who }],
    );
    set({ planned });
  }, [rows, set]);
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
      <h2 className="text-[0.9375rem] font-semibold">{title}</h2>
      {rows.length === 0 ? (
        <p className="py-3 text-soft">{none}</p>
      ) : (
        <ul>
          {rows.map((row) => (
            <LookItem key={row.key} row={row} now={onNow.includes(row)} picked={row.key === picked} />
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

/** Keys of the step: the number of a look takes it, G the best of those that are on. */
function useLookKeys(rows: readonly LookRow[], onNow: readonly LookRow[]) {
  const { take } = useLooks();
  useTableKeys(LOOKS_KEYS, {
    take: (which) => {
      const row = rows.find((r) => r.number === which + 1 && r.state === 'planned');
      return row ? take(row) : false;
    },
    best: () => (onNow[0] ? take(onNow[0]) : false),
  });
}

/** For a day whose sky will not cloud over. */
function WithoutCloud() {
  const visit = useVisit();
  const write = useVisitWrite();
  const skies = visit.plan.skies.filter((s) => s !== 'overcast');
  return (
    <p className="mt-2 text-soft">
      No cloud today?{' '}
      <button
        type="button"
        className="min-h-11 cursor-pointer underline underline-offset-4"
        onClick={() => write({ name: 'visit.plan', visitId: visit.id, plan: { ...visit.plan, skies } })}
      >
        Plan again without it
      </button>
    </p>
  );
}

/** What to look at when: the plan over the whole house, what is worth a look now, and what each look decides. */
export function LooksStep({ roomId }: { readonly roomId: string }) {
  const visit = useVisit();
  const [stopped, setStopped] = useState(false);
  const asked = useHousePlan(!stopped);
  const plan = latest(asked);
  const rows = useMemo(() => lookRows(visit, plan), [visit, plan]);
  useOnRibbon(rows);
  const onNow = useOnNow(rows);
  const [picked, setPicked] = useState<string>();
  useLookKeys(rows, onNow);
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
        <Planning share={asked.share} before={plan !== undefined} stopped={stopped} onStop={setStopped} />
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
            {needsCloud && <WithoutCloud />}
          </div>
        </div>
      )}
      <RoomLights roomId={roomId} />
    </div>
  );
}
