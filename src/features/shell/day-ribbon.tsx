'use client';

import { ChevronDown, ChevronUp, Lightbulb, LightbulbOff } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { SCENE } from '@/core/appearance/scene';
import { instantOf } from '@/core/light/day-moments';
import { wallClock } from '@/core/light/time-zone';
import type { Room, RoomItself } from '@/core/record/room';
import type { DayAnswer } from '@/core/engine/light-protocol';
import { Key } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { keyName, keysShown } from '@/ui/key-table';
import { EVERYWHERE } from '../words/everywhere-keys';
import { useTableKeys } from '@/ui/use-keys';
import { useCursorPart, useReadCursor, useSetCursor, type PlannedOnRibbon, type SkyChoice } from '../cursor/cursor';
import { useInstant } from '../cursor/use-instant';
import { momentIndex, usePosition, useRoomDay, useScale, useShownDay } from '../light-client/room-day';
import { luxAt } from '../light-client/resolved-moment';
import { sayClock, sayDate, sayLux, sayPosition, sayWindow } from '../words/say-light';
import { useHome, useRoomFact, useRoomItself } from '../session/visit-context';
import { RibbonBand, type RibbonLook } from './ribbon-band';
import type { Stretch } from './sun-labels';

/** In the order of their keys. */
const SKIES: readonly { readonly value: SkyChoice; readonly name: string; readonly title: string }[] = [
  { value: 'clear', name: 'clear', title: 'Clear sky' },
  { value: 'broken', name: 'broken', title: 'Sun and clouds' },
  { value: 'overcast', name: 'overcast', title: 'Overcast sky' },
  { value: 'service', name: 'of the day', title: 'Hour by hour from the sky service (simulated)' },
];
const MINUTE = 60_000;
const STEP = 15 * MINUTE;

/** Stretches of direct sun by window, in words; the sky has to be clear enough to have a sun. A day may be older than the room. */
function sunStretches(room: RoomItself, day: DayAnswer): Stretch[] {
  // roof windows are told after those in walls
  const names = [
    ...room.windows.map((window) => sayWindow(room, window)),
    ...(room.shape?.roofWindows ?? []).map((_, k, { length }) => (length > 1 ? `roof window ${k + 1}` : 'roof window')),
  ];
  return names.flatMap((name, n) =>
    (day.sunHours[n] ?? [])
      .filter(([from, to]) => day.skies.slice(from, to + 1).some((sky) => sky !== 'overcast'))
      .map(([from, to]) => ({ text: `sun, ${name}`, from, to })),
  );
}

type Planned = { readonly zone: string; readonly planned: readonly PlannedOnRibbon[] };

/** Looks of a room that have hours, kept or only planned, on the ribbon's day. */
function looksOn(room: RoomItself, day: DayAnswer, { zone, planned }: Planned): RibbonLook[] {
  const { date } = wallClock(day.moments[Math.floor(day.moments.length / 2)]!, zone);
  const middle = (fromHour: number, toHour: number) => instantOf(date, zone, (fromHour + toHour) / 2);
  const kept = room.looks.flatMap(({ number, state, who, fromHour, toHour, date: on }): RibbonLook[] => {
    if (state === 'dropped' || fromHour === null || toHour === null || (on !== null && on !== date)) return [];
    return [{ number, at: middle(fromHour, toHour), frame: state === 'taken' ? 'taken' : who }];
  });
  const numbers = new Set(room.looks.map((l) => l.number));
  const others = planned.filter((p) => p.roomId === room.id && !numbers.has(p.number));
  return [...kept, ...others.map((p): RibbonLook => ({ number: p.number, at: middle(p.fromHour, p.toHour), frame: p.who }))];
}

function DateField({ zone }: { readonly zone: string }) {
  const date = useCursorPart((m) => m.date);
  const read = useReadCursor();
  const set = useSetCursor();
  const now = useInstant();
  const today = now === undefined ? undefined : wallClock(now, zone).date;
  const goNow = () => {
    const at = Date.now();
    set({ at, date: wallClock(at, zone).date, lampsByDark: true, shown: 'in-light' });
  };
  const step = (by: number) => set({ at: read().at + by * STEP, shown: 'in-light' });
  useTableKeys(EVERYWHERE, { now: goNow, quarter: (which) => step([-1, 1, -4, 4][which]!) });
  const pick = (next: string) => {
    if (!/^\d{4}-\d\d-\d\d$/.test(next)) return;
    const { at } = read();
    const shift = Date.parse(`${next}T00:00Z`) - Date.parse(`${date}T00:00Z`);
    set({ date: next, at: at + shift });
  };
  return (
    <div className="flex w-20 shrink-0 flex-col gap-1 max-md:w-full max-md:flex-row max-md:items-center max-sm:w-auto max-sm:gap-3">
      <label className="relative block">
        <span className="block text-[0.9375rem] leading-5 font-semibold">{date === today ? 'Today' : 'Another day'}</span>
        <span className="block text-sm text-soft">{sayDate(date)}</span>
        <input
          type="date"
          aria-label="Date of the light"
          value={date}
          onChange={(e) => pick(e.target.value)}
          className="absolute inset-0 cursor-pointer opacity-0 focus-visible:opacity-100 [&::-webkit-calendar-picker-indicator]:absolute [&::-webkit-calendar-picker-indicator]:inset-0 [&::-webkit-calendar-picker-indicator]:size-auto"
        />
      </label>
      <button
        type="button"
        onClick={goNow}
        className="flex min-h-11 cursor-pointer items-center justify-center gap-2 border border-line-strong bg-panel px-2 text-[0.9375rem] hover:bg-raised"
      >
        now <Key of={EVERYWHERE.now} />
      </button>
    </div>
  );
}

/** Tells the cursor when it is dark in the room, so that lamps come on by themselves. */
function useDarkness(room: RoomItself) {
  const set = useSetCursor();
  const asked = useRoomDay(room.id);
  const position = usePosition(room);
  const scale = useScale(room.id);
  const day = asked.state === 'done' ? asked.value : undefined;
  const darkAt = useCallback(
    (at: number): boolean | null => {
      const lux = luxAt(day, at, false, { room, position, scale });
      return lux === null ? null : lux < SCENE.tooDarkLux && room.lamps.length > 0;
    },
    [day, room, position, scale],
  );
  useEffect(() => set({ darkAt }), [darkAt, set]);
}

/** Which sky and whether the lamps are on: the light we are judging in. */
function LightSwitches({ room }: { readonly room: RoomItself }) {
  const sky = useCursorPart((m) => m.sky);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const set = useSetCursor();
  const choose = (next: SkyChoice) => set({ sky: next, lampsOn: false, lampsByDark: true, shown: 'in-light' });
  const lamps = () => set({ lampsOn: !lampsOn, lampsByDark: false, shown: 'in-light' });
  useTableKeys(EVERYWHERE, { sky: (which) => choose(SKIES[which]!.value), lamps });
  const missing = lampsOn ? room.lamps.length === 0 && 'no lamp recorded' : room.windows.length === 0 && 'no window recorded';
  const cell =
    'flex min-h-11 cursor-pointer items-center justify-center gap-1.5 px-2 text-[0.9375rem] leading-none hover:bg-raised data-[on=true]:bg-accent data-[on=true]:font-semibold data-[on=true]:text-on-accent';
  return (
    <div className="flex w-67 shrink-0 items-stretch gap-2 max-md:w-full max-sm:contents">
      <div
        className="grid flex-1 grid-cols-2 border border-line-strong bg-panel max-md:flex-1 max-sm:order-last max-sm:w-full max-sm:flex-none max-sm:grid-cols-4"
        role="radiogroup"
        aria-label="Sky"
      >
        {SKIES.map(({ value, name, title }, k) => (
          <button
            key={value}
            type="button"
            role="radio"
            aria-checked={sky === value}
            data-on={sky === value}
            title={`${title} (${keyName(EVERYWHERE.sky.keys[k]!)})`}
            onClick={() => choose(value)}
            className={classNames(cell, 'min-w-0')}
          >
            {name}
          </button>
        ))}
      </div>
      <button
        type="button"
        aria-pressed={lampsOn}
        data-on={lampsOn}
        title={`Lamps (${keysShown(EVERYWHERE.lamps)})`}
        onClick={lamps}
        className={classNames(
          cell,
          'w-19 flex-col border border-line-strong bg-panel max-sm:ml-auto max-sm:w-auto max-sm:flex-row max-sm:px-3',
        )}
      >
        {lampsOn ? <Lightbulb aria-hidden size={20} /> : <LightbulbOff aria-hidden size={20} />}
        <span>lamps</span>
        <span>{lampsOn ? 'on' : 'off'}</span>
        {missing && <span className="sr-only">{missing}</span>}
      </button>
    </div>
  );
}

/** The quarters of an hour in which something was said in a room, as text. */
const quartersSaid = ({ verdicts }: Pick<Room, 'verdicts'>): string =>
  [...new Set(verdicts.filter((v) => !v.undone).map((v) => Math.floor(Date.parse(v.at) / STEP) * STEP))].join();

function Band({ room, now }: { readonly room: RoomItself; readonly now: number | undefined }) {
  const visit = useHome();
  const zone = visit.place.timeZone;
  const computed = useRoomDay(room.id);
  const shown = useShownDay(room.id);
  const position = usePosition(room);
  const scale = useScale(room.id);
  const day = shown?.day;
  const said = useRoomFact(room.id, quartersSaid);
  const taken = useMemo(() => {
    if (!day) return [];
    const [first, last] = [day.moments[0]!, day.moments.at(-1)! + STEP];
    return said === ''
      ? []
      : said
          .split(',')
          .map(Number)
          .filter((at) => at >= first && at < last);
  }, [said, day]);
  const sun = useMemo(() => (day ? sunStretches(room, day) : []), [room, day]);
  const planned = useCursorPart((m) => m.planned);
  const looks = useMemo(() => (day ? looksOn(room, day, { zone, planned }) : []), [room, day, zone, planned]);
  if (computed.state === 'failed') return <p className="flex-1 self-center px-3">{computed.says}</p>;
  if (!day)
    return (
      <div className="flex-1 self-center px-3" role="status">
        <div className="h-2 bg-line">
          <div className="h-2 bg-ink" style={{ width: `${computed.state === 'computing' ? 100 * computed.share : 100}%` }} />
        </div>
        <p className="mt-1 text-sm text-soft">computing the day in this room…</p>
      </div>
    );
  const place = Math.max(0, day.positions.indexOf(position));
  const where = sayPosition(room, day.positions[place]!);
  return <RibbonBand {...{ day, zone, place, where, scale, sun, taken, looks }} stale={shown?.stale ?? false} now={now} />;
}

/** The light we judge in, in one line; a tap brings the day. */
function Line({ room, open, onToggle }: { readonly room: RoomItself; readonly open: boolean; readonly onToggle: () => void }) {
  const visit = useHome();
  const at = useCursorPart((m) => m.at);
  const sky = useCursorPart((m) => m.sky);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const shown = useShownDay(room.id);
  const day = shown?.stale ? undefined : shown?.day;
  const position = usePosition(room);
  const scale = useScale(room.id);
  const light =
    day && (lampsOn ? day.withLamps : day.daylight)[momentIndex(day, at)]?.[Math.max(0, day.positions.indexOf(position))];
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-label="The day and its light"
      onClick={onToggle}
      className="hidden min-h-11 w-full cursor-pointer items-center gap-2 text-left text-[0.9375rem] fold:flex"
    >
      {light && <span aria-hidden className="size-6 shrink-0 border border-line-strong" style={{ backgroundColor: light.hex }} />}
      <span className="min-w-0 flex-1 truncate">
        <b className="font-semibold">{sayClock(at, visit.place.timeZone)}</b> {SKIES.find((s) => s.value === sky)!.name}
        {lampsOn ? ', lamps on' : ''}
        {light ? ` · ${sayLux(light.lux * scale)}` : ' · computing…'}
      </span>
      {open ? <ChevronDown aria-hidden size={20} /> : <ChevronUp aria-hidden size={20} />}
    </button>
  );
}

/** The day at the home in this room: its light, direct sun by window, looks taken, and the cursor that is the light we judge in. */
export function DayRibbon({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const room = useRoomItself(roomId);
  const date = useCursorPart((m) => m.date);
  const [open, setOpen] = useState(false);
  const at = useInstant();
  const zone = visit.place.timeZone;
  const now = at !== undefined && wallClock(at, zone).date === date ? at : undefined;
  useDarkness(room);
  return (
    <footer
      data-open={open}
      className="group flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2 border-t border-line bg-panel px-4 py-2 fold:py-0 print:hidden"
    >
      <Line room={room} open={open} onToggle={() => setOpen(!open)} />
      <div className="contents fold:group-data-[open=false]:hidden">
        <DateField zone={zone} />
        <div className="flex h-27 min-w-60 flex-1 max-md:order-first max-md:w-full max-md:flex-none">
          <Band key={room.id} room={room} now={now} />
        </div>
        <LightSwitches room={room} />
      </div>
    </footer>
  );
}
