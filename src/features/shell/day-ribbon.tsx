'use client';

import { useEffect, useState } from 'react';
import { solarDay, type Day } from '@/core/light/day';
import { clockText, wallClock } from '@/core/light/time-zone';
import { lightsOfRoom, LIGHT_NAMES, LIGHTS, type JudgingLight } from '@/core/room/facing';
import type { VisitPlace } from '@/core/record/types';
import { Key } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { classNames } from '@/ui/class-names';
import { useKeys } from '@/ui/use-keys';
import { useRoom, useVisit } from '../shared/visit-context';

const KEYS: Record<JudgingLight, string> = { 'window-day': 'D', overcast: 'O', lamps: 'L' };
/** Hours of the wall clock the ribbon spans. */
const SPAN = { from: 4, to: 24 } as const;
const percent = (hours: number) => `${Math.max(0, Math.min(100, ((hours - SPAN.from) / (SPAN.to - SPAN.from)) * 100))}%`;

type Now = {
  readonly date: string;
  readonly hours: number;
  readonly day: Day;
  readonly rise: number;
  readonly noon: number;
  readonly set: number;
};

function readNow(at: number, place: VisitPlace): Now {
  const day = solarDay(at, place);
  const hours = (instant: number) => wallClock(instant, place.timeZone).hours;
  const [rise, set] =
    day.kind === 'rises' ? [hours(day.sunrise), hours(day.sunset)] : day.kind === 'sun-stays-up' ? [0, 24] : [12, 12];
  return { ...wallClock(at, place.timeZone), day, rise, set, noon: hours(day.noon) };
}

const MINUTE = 60_000;

/** The instant, renewed every minute; undefined until the page runs in the browser. */
function useInstant(): number | undefined {
  const [at, setAt] = useState<number>();
  useEffect(() => {
    const tick = () => setAt(Date.now());
    const frame = requestAnimationFrame(tick);
    const timer = setInterval(tick, MINUTE);
    return () => {
      cancelAnimationFrame(frame);
      clearInterval(timer);
    };
  }, []);
  return at;
}

function Band({ now }: { readonly now: Now }) {
  const marks = [
    ...(now.day.kind === 'rises' ? [{ hours: now.rise, text: `sunrise ${clockText(now.rise)}`, wide: false }] : []),
    { hours: now.noon, text: `noon ${clockText(now.noon)}`, wide: true },
    ...(now.day.kind === 'rises' ? [{ hours: now.set, text: `sunset ${clockText(now.set)}`, wide: false }] : []),
  ];
  return (
    <div
      className="relative h-full min-w-0 flex-1"
      role="img"
      aria-label={`Sun today: ${marks.map((m) => m.text).join(', ')}; now ${clockText(now.hours)}`}
    >
      <div className="absolute inset-x-0 top-8 h-8 bg-[#6f6f6f]" />
      <div
        className="absolute top-8 h-8 bg-[#f4f4f4]"
        style={{ left: percent(now.rise), right: `calc(100% - ${percent(now.set)})` }}
      />
      {marks.map((m) => (
        <span
          key={m.text}
          className={classNames('absolute top-1 -translate-x-1/2 text-sm whitespace-nowrap text-soft', m.wide && 'max-lg:hidden')}
          style={{ left: percent(m.hours) }}
        >
          {m.text}
        </span>
      ))}
      {[6, 8, 10, 12, 14, 16, 18, 20, 22].map((h) => (
        <span key={h} className="absolute top-17 -translate-x-1/2 text-sm text-soft" style={{ left: percent(h) }}>
          {String(h).padStart(2, '0')}
        </span>
      ))}
      <span className="absolute top-6 h-12 w-0.5 bg-ink" style={{ left: percent(now.hours) }} />
      {now.day.kind !== 'rises' && (
        <span className="absolute top-10 left-2 bg-panel px-2 text-sm">
          {now.day.kind === 'sun-stays-up' ? 'the sun does not set today' : 'the sun does not rise today'}
        </span>
      )}
    </div>
  );
}

const dateText = (iso: string) =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(new Date(`${iso}T12:00Z`));

/** The day at the home: sunrise, noon, sunset, now; and the light that verdicts are given in. */
export function DayRibbon({ roomId }: { readonly roomId: string }) {
  const { visit, light, setLight } = useVisit();
  const room = useRoom(roomId);
  const at = useInstant();
  useKeys({ d: () => setLight('window-day'), o: () => setLight('overcast'), l: () => setLight('lamps') });
  const possible = lightsOfRoom(room.windows.length, room.lamps.length);
  const now = at === undefined ? undefined : readNow(at, visit.place);
  return (
    <footer className="flex shrink-0 flex-wrap items-center gap-x-5 gap-y-2 border-t border-line bg-panel px-4 py-2 print:hidden">
      <div className="w-20 shrink-0 max-md:hidden">
        <p className="font-semibold">Today</p>
        <p className="text-sm text-soft">{now ? dateText(now.date) : '…'}</p>
        <p className="text-sm text-soft">{now ? `now ${clockText(now.hours)}` : ''}</p>
      </div>
      <div className="h-23 min-w-60 flex-1 max-md:hidden">{now && <Band now={now} />}</div>
      <div className="max-md:w-full">
        <p className="mb-1 text-sm text-soft">Judging in</p>
        <ChoiceRow
          label="Judging in"
          value={light}
          onChange={setLight}
          options={LIGHTS.map((l) => ({
            value: l,
            label: (
              <>
                {LIGHT_NAMES[l]} <Key>{KEYS[l]}</Key>
              </>
            ),
          }))}
        />
        {!possible.includes(light) && (
          <p className="mt-1 text-sm">
            {light === 'lamps' ? 'No lamp recorded in this room yet.' : 'No window recorded in this room yet.'}
          </p>
        )}
      </div>
    </footer>
  );
}
