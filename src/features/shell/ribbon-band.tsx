'use client';

import { useHome } from '../session/visit-context';
import { habitsOf, hourTick } from '@/core/units/habits';
import { memo, useMemo, useRef, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import { wallClock } from '@/core/light/time-zone';
import type { DayAnswer } from '@/core/engine/light-protocol';
import { useWidth } from '@/ui/use-width';
import { momentIndex } from '../light-client/room-day';
import { sayClock, sayKelvin, sayLux } from '../words/say-light';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { heightOf, spanOf } from '../cursor/day-span';
import { laidOut, type Stretch } from './sun-labels';

/** A look as it stands on the ribbon. */
export type RibbonLook = { readonly number: number; readonly at: number; readonly frame: 'taken' | 'consultant' | 'client' };
const FRAMES = {
  taken: 'border-solid bg-ink text-raised',
  consultant: 'border-solid bg-raised',
  client: 'border-dashed bg-raised',
} as const;

type Props = {
  readonly day: DayAnswer;
  readonly zone: string;
  /** Number of the position in the day's. */
  readonly place: number;
  readonly where: string;
  readonly scale: number;
  readonly sun: readonly Stretch[];
  /** Instants of looks that were taken. */
  readonly taken: readonly number[];
  /** Looks that are kept, with the middle of their hours. */
  readonly looks: readonly RibbonLook[];
  readonly now: number | undefined;
  /** Of another sky than the one chosen, which is being computed. */
  readonly stale: boolean;
};

const percent = (share: number) => `${(100 * share).toFixed(3)}%`;

type BarsProps = Pick<Props, 'day' | 'place' | 'scale' | 'zone' | 'sun' | 'taken' | 'looks'> & {
  readonly lampsOn: boolean;
  readonly width: number;
};

/** The light of the day as bars of its own tint; drawn once for a day, not for the cursor. */
const Bars = memo(function Bars({ day, place, scale, zone, sun, taken, looks, lampsOn, width }: BarsProps) {
  const reads = habitsOf(useHome()).clock;
  const { first, last } = spanOf(day);
  const lights = lampsOn ? day.withLamps : day.daylight;
  const shown = lights.slice(first, last + 1).map((all) => all[place]!);
  const most = Math.max(...lights.map((all) => all[place]!.lux * scale));
  const count = shown.length;
  const hours = day.moments.slice(first, last + 1).flatMap((at, k) => {
    const clock = wallClock(at, zone).hours;
    return clock % 2 === 0 ? [{ clock, k }] : [];
  });
  const share = (k: number) => (k + 0.5) / count;
  return (
    <>
      <div className="absolute inset-x-0 top-6 h-11 border-b-2 border-ink/60" aria-hidden>
        <svg viewBox={`0 0 ${count} 100`} preserveAspectRatio="none" className="h-full w-full" shapeRendering="crispEdges">
          {shown.map((light, k) => {
            const height = 100 * heightOf(light.lux * scale, most);
            return <rect key={k} x={k} width={1.02} y={100 - height} height={height} fill={light.hex} />;
          })}
        </svg>
      </div>
      {taken.map((at) => {
        const k = momentIndex(day, at) - first;
        return k < 0 || k >= count ? null : (
          <span
            key={at}
            aria-hidden
            title={`looked ${sayClock(at, zone)}`}
            className="absolute top-15 size-2.5 -translate-x-1/2 rounded-full border-2 border-panel bg-ink"
            style={{ left: percent(share(k)) }}
          />
        );
      })}
      {looks.map(({ number, at, frame }) => {
        const k = momentIndex(day, at) - first;
        return k < 0 || k >= count ? null : (
          <span
            key={number}
            aria-hidden
            title={`look ${number}`}
            className={`absolute top-10 grid h-5 min-w-4 -translate-x-1/2 place-items-center border-2 border-ink px-0.5 text-xs leading-none font-semibold ${FRAMES[frame]}`}
            style={{ left: percent(share(k)) }}
          >
            {number}
          </span>
        );
      })}
      {hours.map(({ clock, k }) => (
        <span
          key={clock}
          aria-hidden
          className="absolute top-17.5 -translate-x-1/2 text-xs text-soft"
          style={{ left: percent(share(k)) }}
        >
          {hourTick(clock, reads)}
        </span>
      ))}
      {laidOut(sun, { first, count, width }).map(({ text, from, to, row, side }) => (
        <span
          key={`${text}${from}`}
          aria-hidden
          title={text}
          className="absolute h-1.25 bg-ink"
          style={{ top: 88 + row * 8, left: percent((from - first) / count), width: percent((to - from + 1) / count) }}
        >
          {side !== 'none' && (
            <span
              className={`absolute -top-1.5 text-xs leading-4 whitespace-nowrap text-soft ${side === 'left' ? 'right-full pr-1.5' : 'left-full pl-1.5'}`}
            >
              {text}
            </span>
          )}
        </span>
      ))}
    </>
  );
});

/** Width of the band before it is measured, px. */
const USUAL_WIDTH = 840;

/** How many quarters of an hour a key goes. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowUp: 1,
  PageDown: -4,
  PageUp: 4,
};

/** Where a finger or a key takes the cursor. */
function useDayHand(box: RefObject<HTMLDivElement | null>, day: DayAnswer, index: number) {
  const set = useSetCursor();
  const { first, last } = spanOf(day);
  const go = (moment: number) => set({ at: day.moments[Math.max(first, Math.min(last, moment))]!, shown: 'in-light' });
  const drag = (event: PointerEvent) => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const { left, width } = box.current!.getBoundingClientRect();
    go(first + Math.floor(((event.clientX - left) / width) * (last - first + 1)));
  };
  const onKey = (event: KeyboardEvent) => {
    const ends: Readonly<Record<string, number>> = { Home: first, End: last };
    const by = STEPS[event.key];
    const to = by === undefined ? ends[event.key] : index + by;
    if (to === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    go(to);
  };
  return { drag, onKey };
}

/** The day of a room as a band that is dragged, stepped with the arrow keys, or tapped. */
export function RibbonBand({ day, zone, place, where, scale, sun, taken, looks, now, stale }: Props) {
  const at = useCursorPart((m) => m.at);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box, USUAL_WIDTH);
  const { first, last } = useMemo(() => spanOf(day), [day]);
  const count = last - first + 1;
  const index = momentIndex(day, at);
  const light = (lampsOn ? day.withLamps : day.daylight)[index]![place]!;
  const lux = light.lux * scale;
  const { drag, onKey } = useDayHand(box, day, index);
  // by night the cursor stands at the end of the band that is nearer
  const share = Math.max(0, Math.min(1, (index - first + 0.5) / count));
  const says = stale
    ? `${sayClock(at, zone)}, computing…`
    : `${sayClock(at, zone)}, ${sayKelvin(light.cctK)}, ${sayLux(lux)} ${where}`;
  const nowShare = now === undefined ? undefined : (momentIndex(day, now) - first + 0.5) / count;
  return (
    <div
      ref={box}
      role="slider"
      tabIndex={0}
      aria-label="Time of day"
      aria-valuemin={0}
      aria-valuemax={last - first}
      aria-valuenow={index - first}
      aria-valuetext={says}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        drag(e);
      }}
      onPointerMove={drag}
      onKeyDown={onKey}
      className="relative h-full min-w-0 flex-1 cursor-ew-resize touch-none select-none"
    >
      <div className={stale ? 'opacity-35' : undefined} data-stale={stale}>
        <Bars {...{ day, place, scale, zone, sun, taken, looks, lampsOn, width }} />
      </div>
      {nowShare !== undefined && nowShare > 0 && nowShare < 1 && (
        <span aria-hidden title="now" className="absolute top-16 -translate-x-1/2 text-xs" style={{ left: percent(nowShare) }}>
          ▲
        </span>
      )}
      <span aria-hidden className="absolute top-0 bottom-6 w-0.5 -translate-x-1/2 bg-ink" style={{ left: percent(share) }} />
      <span
        data-testid="cursor"
        className={`absolute top-0 bg-panel px-1.5 text-[0.9375rem] leading-6 whitespace-nowrap ${share > 0.55 ? '-translate-x-full' : ''}`}
        style={{ left: `calc(${percent(share)} + ${share > 0.55 ? -4 : 4}px)` }}
      >
        <b>{sayClock(at, zone)}</b>{' '}
        {stale ? (
          'computing…'
        ) : (
          <>
            {sayKelvin(light.cctK)} · {sayLux(lux)}
            <span className="max-lg:hidden"> {where}</span>
          </>
        )}
      </span>
    </div>
  );
}
