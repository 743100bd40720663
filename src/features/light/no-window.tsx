'use client';

import { ChoiceField } from '@/ui/field';
import { TickRow } from '@/ui/tick-row';
import { useVisit } from '../session/visit-context';
import type { SectionProps } from './section';

/** A room without a window: it is asked for its lamps, or for the door its light comes from. */
export function NoWindow({ draft, onChange, roomName }: SectionProps & { readonly roomName: string }) {
  const visit = useVisit();
  const { windowless, lightFrom, lamps } = draft;
  const names = visit.rooms.map((r) => r.name).filter((name) => name !== roomName);
  const others = lightFrom === '' || names.includes(lightFrom) ? names : [lightFrom, ...names];
  return (
    <div className="grid gap-2">
      {!windowless && <p className="text-soft">None yet: tap a wall of the plan.</p>}
      <TickRow
        label="It has no window"
        checked={windowless}
        onChange={(on) => onChange({ ...draft, windowless: on, lightFrom: on ? lightFrom : '' })}
      />
      {windowless && (
        <>
          {lamps.length === 0 && (
            <p role="note" className="border-l-8 border-ink bg-raised px-3 py-2">
              <b>Now its lamps, below:</b> by them it is judged.
            </p>
          )}
          <ChoiceField
            label="Daylight comes in by the door from"
            value={lightFrom}
            onChange={(chosen) => onChange({ ...draft, lightFrom: chosen })}
          >
            <option value="">nowhere</option>
            {others.map((name) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </ChoiceField>
          {lightFrom !== '' && (
            <p className="text-sm text-soft">
              What comes in by a door is not computed: look at {roomName} by day with that door as it usually stands, and by its
              lamps.
            </p>
          )}
        </>
      )}
    </div>
  );
}
