'use client';

import { useState } from 'react';
import { calibrationOf } from '@/core/derived/calibration';
import { describeWithRooms } from '@/core/derived/describe-joined';
import type { LightMeterReading } from '@/core/record/meter-reading';
import type { Room } from '@/core/record/room';
import { wallClock } from '@/core/light/time-zone';
import { typedNumber } from '@/core/units/length';
import { readLightMeter } from '@/server/devices/actions';
import { Button } from '@/ui/button';
import { FieldError, TextField } from '@/ui/field';
import { useCursorPart, useReadCursor } from '../cursor/cursor';
import { spotsOnce } from '../light-client/light-worker';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { sayClock, sayDate, sayKelvin, sayLux, sayPosition } from '../words/say-light';
import { SimulatedInstrument } from '../entry/simulated-instrument';
import { newSeed } from '../entry/surfaces';
import { useHome, useVisitWrite, useRoomsBeside } from '../session/visit-context';

type Props = { readonly room: Room; readonly position: string };

/** What is computed for the position now, uncorrected, and the light it is computed in. */
function useComputedNow(room: Room, position: string) {
  const visit = useHome();
  const beside = useRoomsBeside(room.borrows);
  const read = useReadCursor();
  const { latitude, longitude, timeZone } = visit.place;
  const [{ today }] = useState(() => ({ today: wallClock(Date.now(), timeZone).date }));
  const hourly = useSkyOfDay(
    today,
    useCursorPart((m) => m.sky === 'service'),
  );
  return async () => {
    const at = Date.now();
    const { date, hours } = wallClock(at, timeZone);
    const { sky: choice, lampsOn } = read();
    const sky = choice === 'service' ? (hourly[Math.floor(hours)] ?? 'clear') : choice;
    const answer = await spotsOnce({
      room: describeWithRooms(room, beside).description,
      place: { latitude, longitude },
      date,
      at,
      sky,
      lampsOn,
      scale: 1,
      where: 'usual',
    });
    if (!answer.ok) return undefined;
    const light = answer.spots.find((s) => s.position === position)?.light;
    return light && { light, sky, lampsOn };
  };
}

const MISSED = 'The light meter did not answer. Try again.';

function ReadingRow({
  room,
  reading,
  zone,
}: {
  readonly room: Room;
  readonly reading: LightMeterReading;
  readonly zone: string;
}) {
  const write = useVisitWrite();
  const at = Date.parse(reading.at);
  const ratio = reading.computedLux > 0 ? reading.lux / reading.computedLux : undefined;
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
      <span className="min-w-0 flex-1">
        <b>{sayLux(reading.lux)}</b>
        {reading.cctK !== null && `, ${sayKelvin(reading.cctK)}`} {sayPosition(room, reading.position)}
        <span className="block text-sm text-soft">
          {sayDate(wallClock(at, zone).date)}, {sayClock(at, zone)}, {reading.sky} sky, lamps {reading.lampsOn ? 'on' : 'off'}:
          computed {sayLux(reading.computedLux)}
          {ratio !== undefined && `, read × ${ratio.toFixed(2)}`}
        </span>
      </span>
      <Button look="quiet" onClick={() => write({ name: 'light.unread', roomId: room.id, readingId: reading.id, undone: true })}>
        Take back
      </Button>
    </li>
  );
}

function Correction({ room }: { readonly room: Room }) {
  const write = useVisitWrite();
  const found = calibrationOf(room);
  if (!found) return null;
  const by = `× ${found.factor.toFixed(2)}`;
  return (
    <div className="flex flex-wrap items-center gap-3 bg-panel p-3">
      <p className="flex-1">
        {room.calibrated ? (
          <>
            <b>Corrected {by}</b> by {found.readings} {found.readings === 1 ? 'reading' : 'readings'}: all light of this room,
            everywhere it is shown.
          </>
        ) : (
          <>
            The readings say {by} of what is computed ({found.readings} {found.readings === 1 ? 'reading' : 'readings'}, their
            median).
          </>
        )}
      </p>
      <Button
        look={room.calibrated ? 'plain' : 'main'}
        onClick={() => write({ name: 'light.calibrate', roomId: room.id, on: !room.calibrated })}
      >
        {room.calibrated ? 'Back to what is computed' : `Correct this room ${by}`}
      </Button>
    </div>
  );
}

/** Readings of a light meter beside what is computed, and the one factor they give the room. */
export function LightMeterReadings({ room, position }: Props) {
  const visit = useHome();
  const write = useVisitWrite();
  const computedNow = useComputedNow(room, position);
  const [problem, setProblem] = useState<string>();
  const [typed, setTyped] = useState('');
  const keep = async (
    meter: (light: { lux: number; cctK: number | null }) => Promise<{ lux: number; cctK: number | null } | undefined>,
  ) => {
    setProblem(undefined);
    const now = await computedNow().catch(() => undefined);
    const got = now && (await meter(now.light).catch(() => undefined));
    if (!now || !got) return setProblem(now ? MISSED : 'The light of this room cannot be computed yet.');
    const { sky, lampsOn, light } = now;
    write({ name: 'light.read', roomId: room.id, position, lux: got.lux, cctK: got.cctK, computedLux: light.lux, sky, lampsOn });
    setTyped('');
  };
  const simulated = () =>
    keep(async ({ lux, cctK }) => {
      const answer = await readLightMeter({ roomId: room.id, lux, cctK: cctK, seed: newSeed() });
      return answer.ok ? answer : undefined;
    });
  const own = () => {
    const lux = typedNumber(typed);
    if (!(lux >= 0 && lux <= 200_000)) return setProblem('A reading is a number of lux between 0 and 200,000.');
    return void keep(() => Promise.resolve({ lux, cctK: null }));
  };
  const standing = room.readings.filter((r) => !r.undone);
  return (
    <section className="grid max-w-180 gap-3">
      <p>
        Hold the meter where samples are held: <b>{sayPosition(room, position)}</b>, facing into the room. Another place: tap it
        on the plan.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="w-40"
          label="A reading"
          unit="lx"
          inputMode="decimal"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
        <Button onClick={own} disabled={typed.trim() === ''}>
          Keep it
        </Button>
      </div>
      <SimulatedInstrument
        what="light meter"
        instead="Type what yours says."
        does="it gives what is computed here, times a factor that this made-up house has of its own."
      >
        <Button className="w-fit" onClick={() => void simulated()}>
          Read the simulated meter
        </Button>
      </SimulatedInstrument>
      {problem && <FieldError>{problem}</FieldError>}
      <Correction room={room} />
      <ul aria-label="Light readings">
        {standing.toReversed().map((reading) => (
          <ReadingRow key={reading.id} {...{ room, reading }} zone={visit.place.timeZone} />
        ))}
        {standing.length === 0 && <li className="text-soft">No reading yet.</li>}
      </ul>
    </section>
  );
}
