'use client';

import { memo, useEffect, useRef } from 'react';
import { decidedRoom, sayDecided } from '@/core/derived/decided';
import { objections } from '@/core/derived/signed';
import { roomBegun, roomRecord } from '@/core/derived/room-record';
import type { RoomProgress } from '@/core/judge/ruling';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { BearingMark } from '@/ui/bearing-mark';
import { classNames } from '@/ui/class-names';
import { useVisit } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { addressOf, type Step } from '../session/address';

const many = (n: number, one: string, more: string) => (n === 1 ? `1 ${one}` : `${n} ${more}`);

/** What is there of a room in which nothing was tried yet. */
function sayBegun(room: RoomInLight): string {
  const begun = roomBegun(room);
  if (!begun) return 'not begun';
  const parts = [
    begun.colours > 0 && many(begun.colours, 'colour', 'colours'),
    begun.stays > 0 && many(begun.stays, 'thing stays', 'things stay'),
    begun.light && 'light read',
  ].filter(Boolean);
  return parts.slice(0, 2).join(', ') || 'light begun';
}

function sayProgress(progress: RoomProgress, room: RoomInLight): string {
  const decided = sayDecided(decidedRoom(room));
  // what matters first: a tab is narrow
  if (decided) return objections(room).length > 0 ? 'refused since signed' : decided;
  if (progress.state === 'nothing-recorded') return sayBegun(room);
  const some = progress.inPart > 0 ? ', not in every light' : '';
  const work = `${progress.work === 1 ? '1 works' : `${progress.work} work`}${some}`;
  if (progress.state === 'settled') return `settled, ${work}`;
  const looks = room.looks.filter((l) => l.state === 'planned').length;
  return looks > 0 ? `${work}, ${many(looks, 'look', 'looks')} to go` : `${progress.tried} tried, ${work}`;
}

type TabProps = { readonly visitId: string; readonly room: RoomInLight; readonly step: Step; readonly current: boolean };

/** One room; drawn anew only when something in it changes. */
const RoomTab = memo(function RoomTab({ visitId, room, step, current }: TabProps) {
  const progress = roomRecord(room).progress;
  const tab = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    if (current) tab.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current]);
  const href = (at: Step) => addressOf({ visitId, roomId: room.id, step: at });
  return (
    <VisitLink
      ref={tab}
      href={href(step)}
      hrefNow={(now) => href(now.step === undefined || now.step === 'house' ? step : (now.step as Step))}
      aria-current={current ? 'page' : undefined}
      data-progress={progress.state}
      className={classNames(
        'flex max-w-72 min-w-36 shrink-0 items-center gap-3 border-r border-line px-4',
        current ? 'bg-accent text-on-accent' : 'hover:bg-raised',
      )}
    >
      <BearingMark bearingDeg={room.bearingDeg} windowWalls={room.windows.map((w) => w.wall)} />
      <span className="min-w-0">
        <span className="line-clamp-2 leading-5 font-semibold break-words">{room.name}</span>
        <span className={classNames('line-clamp-2 text-xs leading-4 break-words', !current && 'text-soft')}>
          {sayProgress(progress, room)}
        </span>
      </span>
    </VisitLink>
  );
});

/** The visit's rooms in walking order, each with its bearing mark and how far it is. */
export function RoomLine({ roomId, step }: { readonly roomId: string; readonly step: Step }) {
  const visit = useVisit();
  return (
    <nav
      aria-label="Rooms"
      className="flex min-h-15 min-w-0 flex-1 items-stretch overflow-x-auto overflow-y-hidden max-sm:order-last max-sm:min-h-13 max-sm:basis-full max-sm:border-t max-sm:border-line"
    >
      {visit.rooms.length > 1 && (
        <VisitLink
          href={addressOf({ visitId: visit.id, roomId, step: 'house' })}
          hrefNow={(now) => addressOf({ visitId: visit.id, roomId: now.roomId ?? roomId, step: 'house' })}
          aria-current={step === 'house' ? 'page' : undefined}
          className={classNames(
            'flex shrink-0 items-center border-r border-line px-4 font-semibold',
            step === 'house' ? 'bg-accent text-on-accent' : 'hover:bg-raised',
          )}
        >
          The house
        </VisitLink>
      )}
      {visit.rooms.map((room) => (
        <RoomTab
          key={room.id}
          visitId={visit.id}
          room={room}
          step={step === 'house' ? 'brief' : step}
          current={room.id === roomId && step !== 'house'}
        />
      ))}
    </nav>
  );
}
