'use client';

import { useState } from 'react';
import { wallBearingDeg } from '@/core/room/facing';
import { readLightMeter } from '@/server/devices/actions';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { newSeed, Simulated } from '../shared/surfaces';
import { useRoom, useVisit } from '../shared/visit-context';

type Reading = { readonly lux: number; readonly cct: number; readonly at: Date };

/** A light meter in the middle of the room, now: how much light and how warm. */
export function LightMeterReading({ roomId }: { readonly roomId: string }) {
  const { visit } = useVisit();
  const room = useRoom(roomId);
  const [readings, setReadings] = useState<readonly Reading[]>([]);
  const [failed, setFailed] = useState(false);
  async function read() {
    const at = new Date();
    const windows = room.bearingDeg === null ? [] : room.windows.map((w) => wallBearingDeg(room.bearingDeg!, w.wall));
    const { latitude, longitude } = visit.place;
    const answer = await readLightMeter({ latitude, longitude, windows, at: at.toISOString(), seed: newSeed() }).catch(
      () => undefined,
    );
    setFailed(!answer?.ok);
    if (answer?.ok) setReadings((all) => [{ lux: answer.lux, cct: answer.cct, at }, ...all].slice(0, 5));
  }
  const clock = new Intl.DateTimeFormat('en-GB', { timeZone: visit.place.timeZone, timeStyle: 'medium' });
  return (
    <section className="grid gap-2">
      <h2 className="text-lg font-semibold">Light meter</h2>
      <Simulated>
        a plausible light for the place, the hour and the bearings; not a measurement of this room, and not kept.
      </Simulated>
      <div>
        <Button onClick={() => void read()}>Read the light</Button>
      </div>
      {failed && <FieldError>The light meter did not answer. Try again.</FieldError>}
      <ul aria-label="Light readings">
        {readings.map((r) => (
          <li key={r.at.toISOString()}>
            <b>{Math.round(r.lux).toLocaleString('en-GB')} lx</b>, {(Math.round(r.cct / 50) * 50).toLocaleString('en-GB')} K at{' '}
            {clock.format(r.at)}
          </li>
        ))}
      </ul>
    </section>
  );
}
