'use client';

import { Check, ChevronDown } from 'lucide-react';
import { DropdownMenu as Radix } from 'radix-ui';
import { WAY_SEEN_WORDS, WAYS_SEEN, type WaySeen } from '@/core/record/seen';
import { clockText, wallClock } from '@/core/light/time-zone';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { useInstant } from '../cursor/use-instant';
import { useWaySeen } from '../cursor/use-way-seen';
import { useHome } from '../session/visit-context';

const WHAT_IT_MEANS: Readonly<Record<WaySeen, string>> = {
  'in-room': 'I see it in this light: it counts',
  'on-screen': 'as it is predicted: kept and marked, not counted',
  photograph: 'kept and marked, not counted',
};

/** "It is 10:05 now", where the clock stands elsewhere than the cursor. */
function useClockSays(): string | undefined {
  const visit = useHome();
  const now = useInstant();
  const seenAs = useCursorPart((m) => m.seenAs);
  const way = useWaySeen();
  if (now === undefined || seenAs !== null || way === 'in-room') return undefined;
  return `It is ${clockText(wallClock(now, visit.place.timeZone).hours)} now`;
}

/** How what is said is seen: told by the clock, changed by one tap. What was not looked at in the room does not count as seen. */
export function WaySeenMenu() {
  const set = useSetCursor();
  const way = useWaySeen();
  const clock = useClockSays();
  return (
    <Radix.Root>
      <Radix.Trigger
        aria-label={`Seen ${WAY_SEEN_WORDS[way]}${clock ? `: ${clock}` : ''}. Change`}
        data-way-seen={way}
        className="-my-3 inline-flex min-h-11 min-w-11 cursor-pointer items-center gap-1 align-middle underline decoration-line-strong underline-offset-4 data-[way-seen=on-screen]:font-semibold data-[way-seen=on-screen]:text-ink data-[way-seen=photograph]:font-semibold data-[way-seen=photograph]:text-ink"
      >
        {WAY_SEEN_WORDS[way]}
        <ChevronDown aria-hidden size={14} />
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="z-50 w-72 border border-line-strong bg-raised py-1"
        >
          {clock && (
            <Radix.Label className="px-3 py-1.5 text-sm text-soft">
              {clock}, and the cursor is elsewhere: what is said is kept as judged on the screen.
            </Radix.Label>
          )}
          <Radix.RadioGroup value={way} onValueChange={(seenAs) => set({ seenAs: seenAs as WaySeen })}>
            {WAYS_SEEN.map((one) => (
              <Radix.RadioItem
                key={one}
                value={one}
                className="flex min-h-11 cursor-pointer items-center gap-2 px-3 py-1.5 outline-none data-[highlighted]:bg-panel"
              >
                <span className="w-5 shrink-0">{one === way && <Check aria-hidden size={16} />}</span>
                <span className="leading-5">
                  <span className="block font-semibold first-letter:uppercase">{WAY_SEEN_WORDS[one]}</span>
                  <span className="block text-sm text-soft">{WHAT_IT_MEANS[one]}</span>
                </span>
              </Radix.RadioItem>
            ))}
          </Radix.RadioGroup>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
