'use client';

import { memo, useMemo, useRef, type PointerEvent } from 'react';
import { SCENE } from '@/core/appearance/scene';
import type { DayAnswer } from '@/core/engine/light-protocol';
import type { HousePlan } from '@/core/engine/plan-protocol';
import { wallClock } from '@/core/light/time-zone';
import { byDaylight } from '@/core/plan/look-light';
import { judgingPosition } from '@/core/derived/judging-position';
import type { Room } from '@/core/record/room';
import { compassPoint, bearingOfWall } from '@/core/room/facing';
import { useWidth } from '@/ui/use-width';
import { classNames } from '@/ui/class-names';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { spanOf } from '../cursor/day-span';
import { momentIndex, useRoomDay, useShownDay } from '../light-client/room-day';
import { useVisit } from '../session/visit-context';
import { sayClock } from '../words/say-light';
import { FRAME_WORDS, frameOf, LookFrame } from './look-frame';
import { sayLookWhen, type LookRow } from '@/core/engine/look-rows';

type Span = { readonly first: number; readonly last: number };
/** Light under which a band is night. */
const NIGHT_LUX = SCENE.tooDarkLux;

/** Which way a room's windows face: "west, north". */
export const sayFaces = ({ windows, bearingDeg, shape }: Pick<Room, 'windows' | 'bearingDeg' | 'shape'>): string =>
  windows.length === 0
    ? 'no window'
    : bearingDeg === null
      ? 'bearing not read'
      : [...new Set(windows.map((w) => compassPoint(bearingOfWall(bearingDeg, { shape }, w.wall))))].join(', ');

/** The light of a room through the day as one painted band: its tint by its lux. */
const Painted = memo(function Painted({ day, span, place }: { day: DayAnswer; span: Span; place: number }) {
  const shown = day.daylight.slice(span.first, span.last + 1);
  return (
    <svg viewBox={`0 0 ${shown.length} 1`} preserveAspectRatio="none" className="block h-full w-full" shapeRendering="crispEdges">
      {shown.map((lights, k) => {
        const light = lights[place]!;
        const dark = light.lux < NIGHT_LUX;
        return <rect key={k} x={k} width={1.02} height={1} fill={dark ? '#5c5c5c' : light.hex} />;
      })}
    </svg>
  );
});

type Picking = { readonly onPick: (row: LookRow) => void };

function Frame({ row, left, onPick }: { readonly row: LookRow; readonly left?: string } & Picking) {
  return (
    <button
      type="button"
      onPointerDown={(e) => e.stopPropagation()}
      onClick={() => onPick(row)}
      aria-label={`Look ${row.number}, ${row.room.name}, ${sayLookWhen(row)}, ${FRAME_WORDS[frameOf(row)]}`}
      className={classNames(
        'grid min-h-11 min-w-11 cursor-pointer place-items-center',
        left && 'absolute top-1/2 -translate-x-1/2 -translate-y-1/2',
      )}
      style={left ? { left } : undefined}
    >
      <LookFrame row={row} />
    </button>
  );
}

/** Where a look stands: on the band by its hour, by the lamps, or where it needs cloud. */
const placeOf = (row: LookRow): 'day' | 'lamps' | 'cloud' => {
  if (row.light === 'lamps') return 'lamps';
  return row.light === 'both' || !row.lights.some((l) => byDaylight(l) && l !== 'overcast') ? 'cloud' : 'day';
};

/** Width of a frame with a little room beside it, px; and of a band before it is measured. */
const FRAME_PX = 38;
const USUAL_WIDTH = 786;

/** Frames from left to right, each moved on as far as the one before needs. */
export function sideBySide<T extends { readonly share: number }>(frames: readonly T[], width: number): T[] {
  const own = Math.min(FRAME_PX / width, 1 / Math.max(1, frames.length));
  let next = own / 2;
  return [...frames]
    .sort((p, q) => p.share - q.share)
    .map((frame) => {
      const share = Math.max(frame.share, next);
      next = share + own;
      return { ...frame, share };
    })
    .reverse()
    .map((frame, k) => ({ ...frame, share: Math.min(frame.share, 1 - own / 2 - k * own) }))
    .reverse();
}

type RowProps = {
  readonly room: Room;
  readonly rows: readonly LookRow[];
  readonly current: boolean;
  readonly tints: HousePlan['rooms'][number]['tints'] | undefined;
  readonly problem: string | null;
  readonly span: Span;
  readonly line: number;
  /** Of the band, px. */
  readonly width: number;
} & Picking;

function RoomBand({ room, rows, current, tints, problem, span, line, width, onPick }: RowProps) {
  const visit = useVisit();
  const zone = visit.place.timeZone;
  const asked = useRoomDay(room.id);
  const shown = useShownDay(room.id);
  const day = shown?.day;
  const place = day ? Math.max(0, day.positions.indexOf(judgingPosition(room))) : 0;
  const count = span.last - span.first + 1;
  const shareOf = ({ fromHour, toHour, planned }: LookRow): number => {
    const hour = planned && fromHour !== null ? wallClock(planned.at, zone).hours : ((fromHour ?? 0) + (toHour ?? 24)) / 2;
    const m = day ? day.moments.findIndex((t) => wallClock(t, zone).hours >= hour) : hour * 4;
    return (m - span.first + 0.5) / count;
  };
  const of = (where: ReturnType<typeof placeOf>) => rows.filter((r) => placeOf(r) === where);
  const aside = (where: 'lamps' | 'cloud', hex: string | null | undefined, none: string) => (
    <div
      className="my-1.5 flex min-h-11 flex-wrap items-center justify-center gap-0.5 px-0.5"
      style={{ gridRow: line, gridColumn: where === 'lamps' ? 3 : 4, ...(hex ? { backgroundColor: hex } : {}) }}
      title={hex ? undefined : none}
    >
      {!hex && rows.length > 0 && <span className="sr-only">{none}</span>}
      {of(where).map((row) => (
        <Frame key={row.key} {...{ row, onPick }} />
      ))}
    </div>
  );
  return (
    <>
      <div
        className={classNames('min-w-0 self-center border-l-4 py-0.5 pl-2', current ? 'border-ink' : 'border-transparent')}
        style={{ gridRow: line, gridColumn: 1 }}
      >
        <p className="leading-5 font-semibold break-words">{room.name}</p>
        <p className="text-sm leading-4 break-words text-soft">{sayFaces(room)}</p>
      </div>
      <div
        className="relative min-h-13 cursor-ew-resize touch-pan-y"
        data-house-band={room.name}
        style={{ gridRow: line, gridColumn: 2 }}
      >
        {day && (
          <div className={classNames('absolute inset-y-1.5 inset-x-0', shown.stale && 'opacity-40')} data-stale={shown.stale}>
            <Painted {...{ day, span, place }} />
          </div>
        )}
        {!day && (
          <p role="status" className="absolute inset-0 grid place-items-center text-sm text-soft">
            {asked.state === 'failed' ? asked.says : 'computing its light…'}
          </p>
        )}
        {problem && (
          <p className="pointer-events-none absolute inset-y-0 left-3 grid place-items-center">
            <span className="bg-white/90 px-2 text-sm text-[#1a1a1a]">{problem}</span>
          </p>
        )}
        {day &&
          sideBySide(
            of('day').map((row) => ({ row, share: shareOf(row) })),
            width,
          ).map(({ row, share }) => <Frame key={row.key} {...{ row, onPick }} left={`${(100 * share).toFixed(2)}%`} />)}
      </div>
      {aside('lamps', tints?.lamps, 'no lamp')}
      {aside('cloud', tints?.overcast, 'no window')}
    </>
  );
}

/** One line through every room: the light we judge in. */
function HouseCursor({ day, span }: { readonly day: DayAnswer; readonly span: Span }) {
  const at = useCursorPart((m) => m.at);
  const share = (momentIndex(day, at) - span.first + 0.5) / (span.last - span.first + 1);
  if (share < 0 || share > 1) return null;
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute -top-1 -bottom-1 w-0.75 bg-ink"
      style={{ left: `${100 * share}%` }}
    />
  );
}

type Props = {
  readonly roomId: string;
  readonly rows: readonly LookRow[];
  readonly plan: HousePlan | undefined;
} & Picking;

/**
 * The house as bands of its own light on one axis of time, with the looks on the light they belong to; after dark and cloud have no hour.
 */
export function HouseBands({ roomId, rows, plan, onPick }: Props) {
  const visit = useVisit();
  const zone = visit.place.timeZone;
  const set = useSetCursor();
  const box = useRef<HTMLDivElement>(null);
  const day = useShownDay(roomId)?.day;
  const span = useMemo(() => (day ? spanOf(day) : { first: 20, last: 90 }), [day]);
  const width = useWidth(box, USUAL_WIDTH);
  const every = width < 400 ? 4 : 2;
  const count = span.last - span.first + 1;
  const hours = (day?.moments ?? []).flatMap((at, m) => {
    const { hours } = wallClock(at, zone);
    return m >= span.first && m <= span.last && hours % every === 0 ? [{ m, text: sayClock(at, zone).slice(0, 2) }] : [];
  });
  const drag = (event: PointerEvent) => {
    if (!day || (event.type === 'pointermove' && event.buttons === 0)) return;
    if (!(event.target instanceof Element) || !event.target.closest('[data-house-band]')) return;
    const { left, width } = box.current!.getBoundingClientRect();
    const m = span.first + Math.floor(((event.clientX - left) / width) * count);
    set({ at: day.moments[Math.max(span.first, Math.min(span.last, m))]!, shown: 'in-light' });
  };
  return (
    <section aria-label="The house through the day" className="relative border border-line bg-panel px-3 py-2 max-sm:px-2">
      <div
        onPointerDown={drag}
        onPointerMove={drag}
        className="grid grid-cols-[9rem_minmax(0,1fr)_5.5rem_5.5rem] gap-x-1 gap-y-0.5 max-sm:grid-cols-[5.5rem_minmax(0,1fr)_3rem_3rem]"
      >
        <span />
        <div ref={box} className="relative h-5 text-sm text-soft">
          {hours.map(({ m, text }) => (
            <span key={m} className="absolute -translate-x-1/2" style={{ left: `${(100 * (m - span.first + 0.5)) / count}%` }}>
              {text}
            </span>
          ))}
        </div>
        <p className="text-center text-sm leading-5 text-soft">lamps</p>
        <p className="text-center text-sm leading-5 text-soft">cloud</p>
        {visit.rooms.map((room, k) => {
          const found = plan?.rooms.find((r) => r.roomId === room.id);
          return (
            <RoomBand
              key={room.id}
              {...{ room, span, width, onPick }}
              line={k + 2}
              rows={rows.filter((r) => r.room.id === room.id)}
              current={room.id === roomId}
              tints={found?.tints}
              problem={found?.problem ?? null}
            />
          );
        })}
        <div
          className="pointer-events-none relative col-start-2"
          style={{ gridRow: `2 / span ${Math.max(1, visit.rooms.length)}` }}
        >
          {day && <HouseCursor {...{ day, span }} />}
        </div>
      </div>
    </section>
  );
}
