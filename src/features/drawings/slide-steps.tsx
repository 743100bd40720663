'use client';

import { useMemo } from 'react';
import type { Candidate } from '@/core/record/candidate';
import type { RoomItself } from '@/core/record/room';
import { Patch } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { useCursorPart } from '../cursor/cursor';
import { useMomentRequests } from '../light-client/moment-request';
import { candidateSwatch, colourSwatch } from '@/core/engine/swatches';
import { latest, useSpots } from '../light-client/light-worker';
import { sayClock, sayKelvin, sayLux } from '../words/say-light';
import { useHome } from '../session/visit-context';

/** One colour, and what stays, held at 45° from the window to under the lamp. */
export function SlideSteps({ room, candidate }: { readonly room: RoomItself; readonly candidate: Candidate }) {
  const visit = useHome();
  const at = useCursorPart((m) => m.at);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const rooms = useMemo(() => [room], [room]);
  const [request] = useMomentRequests(rooms, 'slide');
  const beside = room.stays.flatMap((s) =>
    s.components.slice(0, 1).map((c) => ({ name: s.name, swatch: colourSwatch(c.id, c.colour) })),
  );
  const rows = [{ name: `${candidate.name} ${candidate.strength} %`, swatch: candidateSwatch(candidate) }, ...beside];
  const asked = useSpots({ moment: request!, swatches: rows.map((r) => r.swatch) });
  const answer = latest(asked);
  if (asked.state === 'failed') return <p role="alert">{asked.says}</p>;
  if (!answer) return <p className="py-10 text-soft">computing…</p>;
  const spots = answer.spots;
  const columns = { gridTemplateColumns: `repeat(${spots.length}, minmax(0, 1fr))` };
  const ends = new Map([
    [spots.length - 1, room.lamps.length > 0 ? 'lamp' : 'far side'],
    [0, 'window'],
  ]);
  return (
    <div aria-busy={asked.state === 'computing'}>
      <p className="mb-3 text-soft">
        Held at 45° toward the window, {sayClock(at, visit.place.timeZone)}, lamps{' '}
        {lampsOn ? 'on' : 'off: switch them on below (L)'}.
      </p>
      <div className="grid text-sm text-soft" style={columns}>
        {spots.map(({ position, light }, i) => (
          <p key={position}>
            <b className="block text-[0.9375rem] text-ink">{ends.get(i) ?? ' '}</b>
            {sayLux(light.lux)}
            <br />
            {sayKelvin(light.cctK)}
          </p>
        ))}
      </div>
      {rows.map((row, r) => (
        <div key={row.name} className="mt-1">
          <div className="grid" style={columns}>
            {spots.map(({ position, looks }) => {
              const look = looks[r];
              if (!look) return <div key={position} className={r === 0 ? 'h-44 bg-line' : 'h-16 bg-line'} />;
              return (
                <Patch
                  key={position}
                  hex={look.hex}
                  label={`${row.name}: ${sayColour(look.lab)}`}
                  className={r === 0 ? 'h-44' : 'h-16'}
                />
              );
            })}
          </div>
          <p className="text-sm">{row.name}</p>
        </div>
      ))}
    </div>
  );
}
