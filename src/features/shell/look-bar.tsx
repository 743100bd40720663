'use client';

import { Check, X } from 'lucide-react';
import { cursorOfLook, LOOK_LIGHT_WORDS } from '@/core/plan/look-light';
import type { Look } from '@/core/record/look';
import { fitsLook } from '@/core/derived/look-fits';
import type { RoomItself } from '@/core/record/room';
import { clockText, wallClock } from '@/core/light/time-zone';
import { Button } from '@/ui/button';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { useInstant } from '../cursor/use-instant';
import { useWaySeen } from '../cursor/use-way-seen';
import { useResolve } from '../light-client/resolved-moment';
import { addressOf } from '../session/address';
import { useHome, useRoomItself, useVisitWrite } from '../session/visit-context';
import { goTo } from '../session/where';
import { sayPosition } from '../words/say-light';

/** The walls of a look, each a tap away: the board is carried to them. */
function Walls({ look, room }: { readonly look: Look; readonly room: RoomItself }) {
  const set = useSetCursor();
  const position = useCursorPart((m) => m.position);
  if (look.walls.length < 2) return null;
  return (
    <span className="flex flex-wrap gap-1">
      {look.walls.map((wall) => (
        <button
          key={wall}
          type="button"
          aria-pressed={wall === position}
          onClick={() => set({ position: wall })}
          className="min-h-11 cursor-pointer border border-line-strong px-3 text-[0.9375rem] aria-pressed:bg-accent aria-pressed:font-semibold aria-pressed:text-on-accent"
        >
          {sayPosition(room, wall)}
        </button>
      ))}
    </span>
  );
}

/** Away from its hour it asks once whether the light is there all the same; until then what is said is kept as judged on the screen. */
function AwayFromItsHour() {
  const visit = useHome();
  const set = useSetCursor();
  const now = useInstant();
  const seenAs = useCursorPart((m) => m.seenAs);
  if (seenAs !== null) return <p className="text-sm leading-5">On the screen: kept, and the look stays open.</p>;
  const clock = now === undefined ? '' : `It is ${clockText(wallClock(now, visit.place.timeZone).hours)} now. `;
  const answer = 'min-h-11 cursor-pointer font-semibold underline underline-offset-4';
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-4 text-sm leading-5">
      <span>{clock}Do you see the room in this light?</span>
      <button type="button" className={answer} onClick={() => set({ seenAs: 'in-room' })}>
        I see it in this light
      </button>
      <button type="button" className={answer} onClick={() => set({ seenAs: 'on-screen' })}>
        On the screen only
      </button>
    </p>
  );
}

/** The look that is being taken: what it decides, its walls, and whether what is said now is said at it. */
export function LookBar({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const room = useRoomItself(roomId);
  const write = useVisitWrite();
  const set = useSetCursor();
  const lookId = useCursorPart((m) => m.lookId);
  const look = room.looks.find((l) => l.id === lookId);
  const resolve = useResolve(room);
  const within = useCursorPart(
    ({ at, lampsOn }) => look !== undefined && fitsLook(look, resolve({ at, lampsOn }).moment, visit.place.timeZone),
  );
  const looks = useWaySeen() === 'in-room';
  if (!look) return null;
  const leave = () => {
    set({ lookId: null, position: null });
    goTo(addressOf({ visitId: visit.id, roomId, step: 'looks' }));
  };
  const done = () => {
    const { id, ...rest } = look;
    write({ name: 'look.save', roomId, lookId: id, ...rest, state: 'taken', takenAt: new Date().toISOString() });
    leave();
  };
  const hours = look.fromHour !== null && look.toHour !== null ? `${clockText(look.fromHour)}–${clockText(look.toHour)}, ` : '';
  return (
    <section
      aria-label={`Look ${look.number}`}
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b-2 border-ink bg-raised px-3 py-1 print:hidden"
    >
      <span className="grid h-9 min-w-8 place-items-center border-3 border-ink bg-raised px-1 font-semibold">{look.number}</span>
      <div className="min-w-0 flex-1 basis-60">
        <p className="text-[0.9375rem] leading-5 font-semibold break-words">
          {hours}
          {LOOK_LIGHT_WORDS[look.light]}
        </p>
        {within && looks && <p className="text-sm leading-5 break-words text-soft">{look.decides}</p>}
        {within && !looks && <AwayFromItsHour />}
        {!within && (
          <p role="status" className="text-sm leading-5">
            The ribbon shows another light now: what is said is kept, but not as this look.{' '}
            <button
              type="button"
              className="cursor-pointer font-semibold underline underline-offset-4"
              onClick={() => set({ ...cursorOfLook(look.light), lampsByDark: false, shown: 'in-light' })}
            >
              Set its sky and lamps
            </button>
          </p>
        )}
      </div>
      <Walls {...{ look, room }} />
      {looks && (
        <Button look="main" onClick={done}>
          <Check aria-hidden size={18} /> Looked
        </Button>
      )}
      <button
        type="button"
        aria-label="Leave the look without ticking it"
        title="Leave it open"
        onClick={leave}
        className="grid size-11 cursor-pointer place-items-center hover:bg-panel"
      >
        <X aria-hidden size={18} />
      </button>
    </section>
  );
}
