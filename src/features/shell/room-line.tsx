'use client';

import { useEffect, useRef } from 'react';
import { roomRecord } from '@/core/record/room-record';
import type { RoomProgress } from '@/core/judge/ruling';
import type { Room } from '@/core/record/room';
import { BearingMark } from '@/ui/bearing-mark';
import { classNames } from '@/ui/class-names';
import { useVisit } from '../session/visit-context';
import { VisitLink } from '../session/where';

function sayProgress(progress: RoomProgress): string {
  if (progress.state === 'nothing-recorded') return 'not begun';
  const work = progress.work === 1 ? '1 works' : `${progress.work} work`;
  return progress.state === 'settled' ? `settled, ${work}` : `${progress.tried} tried, ${work}`;
}

function RoomTab({ room, href, current }: { readonly room: Room; readonly href: string; readonly current: boolean }) {
  const progress = roomRecord(room).progress;
  const tab = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    if (current) tab.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current]);
  return (
    <VisitLink
      ref={tab}
      href={href}
      hrefNow={(now) => (now.step ? href.replace(/[^/]*$/, now.step) : href)}
      aria-current={current ? 'page' : undefined}
      data-progress={progress.state}
      className={classNames(
        'flex h-full max-w-64 min-w-36 shrink-0 items-center gap-3 border-r border-line px-4',
        current ? 'bg-accent text-on-accent' : 'hover:bg-raised',
      )}
    >
      <BearingMark bearingDeg={room.bearingDeg} windowWalls={room.windows.map((w) => w.wall)} />
      <span className="min-w-0">
        <span className="block truncate font-semibold">{room.name}</span>
        <span className={classNames('block truncate text-sm', !current && 'text-soft')}>{sayProgress(progress)}</span>
      </span>
    </VisitLink>
  );
}

/** The visit's rooms in walking order, each with its bearing mark and how far it is. */
export function RoomLine({ roomId, step }: { readonly roomId: string; readonly step: string }) {
  const { visit } = useVisit();
  return (
    <nav aria-label="Rooms" className="flex h-15 min-w-0 flex-1 items-stretch overflow-x-auto overflow-y-hidden">
      {visit.rooms.map((room) => (
        <RoomTab key={room.id} room={room} href={`/visits/${visit.id}/${room.id}/${step}`} current={room.id === roomId} />
      ))}
    </nav>
  );
}
