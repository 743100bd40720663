'use client';

import { latest } from '../light-client/light-worker';
import { memo, useMemo, useRef, type PointerEvent } from 'react';
import { TURN_NAMES, type Turn } from '@/core/appearance/turns';
import type { Room } from '@/core/record/room';
import type { Band, BandsAnswer, DayAnswer, ShownColour } from '@/core/engine/light-protocol';
import { EmptyState } from '@/ui/step-title';
import { momentIndex, useRoomBands, useRoomDay } from '../light-client/room-day';
import { spanOf } from '../cursor/day-span';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { sayClock } from '../words/say-light';
import { useHome, useRoom } from '../session/visit-context';
import type { RoomInLight } from '@/core/derived/kinds-of-light';

type Row = { readonly id: string; readonly name: string; readonly note: string };

/** What has a band: the largest colour of everything that stays, then every candidate. */
function rowsOf(room: Room): Row[] {
  const stays = room.stays.map((s) => {
    const largest = s.components.reduce((p, q) => (q.share > p.share ? q : p));
    return { id: largest.id, name: s.name, note: s.components.length > 1 ? `${largest.name}, stays` : 'stays' };
  });
  const candidates = room.candidates.map((c) => ({ id: c.id, name: `${c.name} ${c.strength} %`, note: '' }));
  return [...stays, ...candidates];
}

/** "9:30 to 13:00", "before 8:00", "after 16:00", "all day". */
function sayWhen(turn: Turn, day: DayAnswer, zone: string, looks: Band['looks']): string {
  const lit = looks.flatMap((look, m) => (look ? [m] : []));
  const clock = (m: number) => sayClock(day.moments[Math.min(m, day.moments.length - 1)]!, zone);
  const [fromFirst, toLast] = [turn.from === lit[0], turn.to === lit.at(-1)];
  if (fromFirst && toLast) return 'all day';
  if (fromFirst) return `before ${clock(turn.to + 1)}`;
  return toLast ? `after ${clock(turn.from)}` : `${clock(turn.from)} to ${clock(turn.to + 1)}`;
}

const sayTurn = (turn: Turn, day: DayAnswer, zone: string, looks: Band['looks']): string =>
  `${TURN_NAMES[turn.kind]} ${sayWhen(turn, day, zone, looks)}`;

/** All turns of a band, each kind once: "dingy before 07:30 and after 18:15, bluer 17:00 to 18:15". */
function sayTurns({ turns, looks }: Band, day: DayAnswer, zone: string): string {
  if (turns.length === 0) return 'holds';
  const kinds = [...new Set(turns.map((t) => t.kind))];
  return kinds
    .map((kind) => {
      const times = turns.filter((t) => t.kind === kind).map((t) => sayWhen(t, day, zone, looks));
      return `${TURN_NAMES[kind]} ${times.join(' and ')}`;
    })
    .join(', ');
}

/** "The room is dim before 09:15 and after 14:30, and by its lamps: no white shines then."; undefined where it never is. */
function sayDim({ bands, dim, dimAside }: BandsAnswer, day: DayAnswer, zone: string): string | undefined {
  const times = dim.map((turn) => sayWhen(turn, day, zone, bands[0]?.looks ?? []));
  const aside = [dimAside.overcast && 'under cloud at midday', dimAside.lamps && 'by its lamps'].filter(Boolean);
  const all = [times.join(' and '), ...aside].filter(Boolean);
  if (all.length === 0) return undefined;
  return `The room is dim ${all.join(', ')}: no white shines then. A row is marked where its colour suffers more.`;
}

const NIGHT = 'var(--line-strong)';

/** The band's colours as hard stops, one for each quarter of an hour. */
function gradientOf(looks: readonly (ShownColour | null)[]): string {
  const n = looks.length;
  const stops: string[] = [];
  let from = 0;
  looks.forEach((look, m) => {
    const next = looks[m + 1];
    if (m + 1 < n && (look?.hex ?? null) === (next?.hex ?? null)) return;
    const [a, b] = [((100 * from) / n).toFixed(2), ((100 * (m + 1)) / n).toFixed(2)];
    stops.push(`${look?.hex ?? NIGHT} ${a}% ${b}%`);
    from = m + 1;
  });
  return `linear-gradient(to right, ${stops.join(', ')})`;
}

/** A turn that gives way to another within this share of the band has no room for its name: it stands beside the band. */
const NARROW = 0.08;

type BandProps = {
  readonly band: Band;
  readonly span: readonly [number, number];
  readonly day: DayAnswer;
  readonly zone: string;
  readonly row: Row;
};

const DayBand = memo(function DayBand({ band, span: [first, last], day, zone, row }: BandProps) {
  const set = useSetCursor();
  const shown = band.looks.slice(first, last + 1);
  const count = shown.length;
  const turns = band.turns.filter((t) => t.to >= first && t.from <= last);
  return (
    <div className="relative h-full" style={{ background: gradientOf(shown) }} data-band={row.name}>
      {turns.map((turn, i) => (
        <button
          key={`${turn.kind}${turn.from}`}
          type="button"
          title={sayTurn(turn, day, zone, band.looks)}
          aria-label={`${row.name}: ${sayTurn(turn, day, zone, band.looks)}; go there`}
          onPointerDown={(e) => e.stopPropagation()}
          onClick={() => set({ at: day.moments[Math.min(turn.to, turn.from + 1)]!, shown: 'in-light' })}
          className="absolute inset-y-0 flex min-w-11 cursor-pointer items-start border-l-2 border-ink"
          style={{ left: `${(100 * Math.max(0, turn.from - first)) / count}%` }}
        >
          {((turns[i + 1]?.from ?? last) - turn.from) / count > NARROW && (
            <span className="bg-white/90 px-1.5 text-sm leading-5 text-[#1a1a1a]">{TURN_NAMES[turn.kind]}</span>
          )}
        </button>
      ))}
    </div>
  );
});

type AsideProps = { readonly name: string; readonly found: Band['overcast']; readonly onTap: () => void; readonly row: Row };

function Aside({ name, found, onTap, row }: AsideProps) {
  if (!found) return <span className="grid h-full place-items-center bg-panel text-sm text-soft">–</span>;
  const turn = found.turn && TURN_NAMES[found.turn];
  return (
    <button
      type="button"
      onClick={onTap}
      aria-label={`${row.name} ${name}: ${turn ?? 'holds'}; go there`}
      className="flex h-full w-full cursor-pointer items-start"
      data-patch={found.look.hex}
      style={{ backgroundColor: found.look.hex }}
    >
      {turn && <span className="bg-white/90 px-1.5 text-sm leading-5 text-[#1a1a1a]">{turn}</span>}
    </button>
  );
}

/** How far a real surface may stray from the prediction; one whose spectrum is known does not. */
function sayRange(band: Band): string {
  const spread = Math.max(0, ...band.looks.map((l) => l?.spread ?? 0), band.lamps?.look.spread ?? 0);
  return spread < 0.05 ? 'spectrum known' : `± ΔE ${spread.toFixed(1)}`;
}

/** The cursor of the day over all bands. */
function StripCursor({ day, span: [first, last] }: Pick<BandProps, 'day' | 'span'>) {
  const at = useCursorPart((m) => m.at);
  const share = (momentIndex(day, at) - first + 0.5) / (last - first + 1);
  if (share < 0 || share > 1) return null;
  return (
    <span aria-hidden className="pointer-events-none absolute -top-5 bottom-0 w-0.5 bg-ink" style={{ left: `${100 * share}%` }} />
  );
}

type CellsProps = {
  readonly row: Row;
  readonly band: Band | undefined;
  readonly day: DayAnswer;
  readonly zone: string;
  /** The last moment of the stretch: dark, so that lamps are alone. */
  readonly dark: number;
  readonly gridRow: number;
};

/** Beside the band of a row: under cloud, by the lamps, and what is said of it. */
function RowAside({ row, band, day, zone, dark, gridRow }: CellsProps) {
  const set = useSetCursor();
  return (
    <>
      <div className="my-[3px] min-h-11" style={{ gridRow, gridColumn: 2 }}>
        {band && (
          <Aside
            name="overcast"
            found={band.overcast}
            row={row}
            onTap={() => set({ sky: 'overcast', lampsOn: false, shown: 'in-light' })}
          />
        )}
      </div>
      <div className="my-[3px] min-h-11" style={{ gridRow, gridColumn: 3 }}>
        {band && (
          <Aside
            name="by lamps"
            found={band.lamps}
            row={row}
            onTap={() => set({ lampsOn: true, at: day.moments[dark]!, shown: 'in-light' })}
          />
        )}
      </div>
      <div className="my-[3px] flex min-h-11 flex-col justify-center pl-2 max-md:hidden" style={{ gridRow, gridColumn: 4 }}>
        <p className="leading-5 break-words">
          <b className="sr-only">{row.name}</b>
          <span className="text-sm text-soft">{[row.note, band && sayRange(band)].filter(Boolean).join(' · ')}</span>
        </p>
        <p className="text-sm leading-4 text-soft">{band ? sayTurns(band, day, zone) : '…'}</p>
      </div>
    </>
  );
}

type BandsOfDay = { readonly room: RoomInLight; readonly day: DayAnswer; readonly answer: BandsAnswer; readonly old: boolean };

/** Every colour of the room as a band of the day; one cursor over all. */
function Strip({ room, day, answer, old }: BandsOfDay) {
  const visit = useHome();
  const zone = visit.place.timeZone;
  const set = useSetCursor();
  const box = useRef<HTMLDivElement>(null);
  const rows = useMemo(() => rowsOf(room), [room]);
  // the ribbon's own stretch of the day: one cursor crosses both
  const { first, last } = spanOf(day);
  const span = [first, last] as const;
  const count = last - first + 1;
  const bands = new Map(answer.bands.map((b) => [b.id, b]));
  const drag = (event: PointerEvent) => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const { left, width } = box.current!.getBoundingClientRect();
    const moment = span[0] + Math.floor(((event.clientX - left) / width) * count);
    set({ at: day.moments[Math.max(span[0], Math.min(span[1], moment))]! });
  };
  const dim = sayDim(answer, day, zone);
  return (
    <>
      {dim && <p className="mb-2 text-[0.9375rem]">{dim}</p>}
      <div
        className="grid grid-cols-[minmax(0,1fr)_4rem_4rem_9rem] gap-x-1 max-md:grid-cols-[minmax(0,1fr)_3.5rem_3.5rem]"
        style={{ gridTemplateRows: `auto repeat(${rows.length}, 3.625rem)` }}
      >
        <p className="text-sm text-soft">
          {sayClock(day.moments[span[0]]!, zone)}
          <span className="ml-4">{old ? 'computing this light; below is the one before' : 'grey: too dark to judge'}</span>
          <span className="float-right">{sayClock(day.moments[span[1]]!, zone)}</span>
        </p>
        <p className="text-sm text-soft">overcast, midday</p>
        <p className="text-sm text-soft">lamps alone</p>
        <p className="text-sm text-soft max-md:hidden" />
        <div
          ref={box}
          className="relative cursor-ew-resize touch-pan-y"
          onPointerDown={drag}
          onPointerMove={drag}
          style={{ gridRow: `2 / span ${rows.length}`, gridColumn: 1 }}
        >
          <div className={old ? 'grid h-full auto-rows-fr opacity-40' : 'grid h-full auto-rows-fr'} data-stale={old}>
            {rows.map((row) => {
              const band = bands.get(row.id);
              return (
                <div key={row.id} className="relative py-[3px]">
                  {band && <DayBand {...{ band, span, day, zone, row }} />}
                  <span className="pointer-events-none absolute bottom-1.5 left-1 max-w-[60%] break-words bg-white/90 px-1.5 text-sm leading-5 text-[#1a1a1a]">
                    {row.name}
                  </span>
                </div>
              );
            })}
          </div>
          <StripCursor day={day} span={span} />
        </div>
        {rows.map((row, i) => (
          <RowAside key={row.id} {...{ row, day, zone }} band={bands.get(row.id)} dark={last} gridRow={i + 2} />
        ))}
      </div>
    </>
  );
}

function Computing({ share }: { readonly share: number }) {
  return (
    <div role="status">
      <div className="h-2 bg-line">
        <div className="h-2 bg-ink" style={{ width: `${100 * share}%` }} />
      </div>
      <p className="mt-2 text-soft">computing how every colour looks through the day…</p>
    </div>
  );
}

/** Every colour of the room through the day, under cloud and by the lamps; where one turns, the turn is named and can be tapped. */
export function LightStrip({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const dayAsked = useRoomDay(roomId);
  const bandsAsked = useRoomBands(roomId);
  const day = latest(dayAsked);
  const answer = latest(bandsAsked);
  if (rowsOf(room).length === 0)
    return (
      <EmptyState title="Nothing to follow yet">
        <p>Record what stays and take colours from the deck: each becomes a band through the day.</p>
      </EmptyState>
    );
  if (dayAsked.state === 'failed') return <p role="alert">{dayAsked.says}</p>;
  if (!day || !answer) return <Computing share={bandsAsked.state === 'computing' ? bandsAsked.share : 0} />;
  const old = dayAsked.state === 'computing' || bandsAsked.state === 'computing';
  return <Strip {...{ room, day, answer, old }} />;
}
