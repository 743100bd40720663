'use client';

import { useState } from 'react';
import { averageReadings, INSTRUMENT_READINGS } from '@/core/colour/readings';
import type { Lab } from '@/core/colour/types';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { calibrateColorimeter, takeReading } from '@/server/devices/actions';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { newSeed, SurfaceField, useSurfaces } from './surfaces';

/** Readings after which the drift begins to show. */
const RECALIBRATE_AFTER = 15;

/** Three readings of the simulated pocket colorimeter, averaged; one that is off by too much is refused and taken again. */
export function ColorimeterEntry({ onColour }: { readonly onColour: (colour: RecordedColour) => void }) {
  const { surfaces, failed } = useSurfaces();
  const [surface, setSurface] = useState('');
  const [readings, setReadings] = useState<readonly Lab[]>([]);
  const [message, setMessage] = useState<string>();
  const [busy, setBusy] = useState(false);

  /** Readings since the white tile; null when never, undefined until the first reading. */
  const [since, setSince] = useState<number | null>();

  const move = (id: string) => {
    setSurface(id);
    setReadings([]);
    setMessage(undefined);
  };

  function settle(all: readonly Lab[]) {
    const averaged = averageReadings(all);
    if (averaged.ok) {
      const { lab, spread } = averaged.value;
      const name = surfaces.find((s) => s.id === surface)!.name;
      onColour({ lab, source: { kind: 'colorimeter', surface: name, readings: all.length, spread } });
      setMessage(undefined);
      return setReadings(all);
    }
    if (averaged.reason === 'too-few-readings') return setReadings(all);
    setMessage(
      `Reading refused: it lay ΔE ${averaged.deltaE00.toFixed(1)} from the others. Wipe the surface, hold the instrument flat, read again.`,
    );
    setReadings(all.filter((_, i) => i !== averaged.index));
  }

  async function read() {
    setBusy(true);
    const answer = await takeReading({ surface, seed: newSeed() }).catch(() => undefined);
    setBusy(false);
    if (!answer?.ok) return setMessage('The colorimeter did not answer. Try again.');
    setMessage(undefined);
    setSince(answer.sinceCalibration);
    settle([...readings, answer.lab]);
  }

  async function calibrate() {
    await calibrateColorimeter();
    setSince(0);
    setReadings([]);
    setMessage(undefined);
  }

  const left = INSTRUMENT_READINGS.needed - readings.length;
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <SurfaceField surfaces={surfaces} value={surface} onChange={move} />
        <Button onClick={() => void calibrate()}>Calibrate on the white tile</Button>
      </div>
      {failed && <FieldError>The colorimeter does not answer.</FieldError>}
      {since === null && <p className="text-sm">▲ Not calibrated since it was switched on: it reads too dark and too yellow.</p>}
      {typeof since === 'number' && since > RECALIBRATE_AFTER && (
        <p className="text-sm">▲ {since} readings since the white tile: calibrate again.</p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <Button disabled={surface === '' || busy} onClick={() => void read()}>
          {left > 0 ? `Read (${readings.length + 1} of ${INSTRUMENT_READINGS.needed})` : 'Read once more'}
        </Button>
        <ol className="flex flex-wrap gap-4 text-sm" aria-label="Readings">
          {readings.map((r, i) => (
            <li key={i}>
              L* {r.l.toFixed(1)} a* {r.a.toFixed(1)} b* {r.b.toFixed(1)}
            </li>
          ))}
        </ol>
      </div>
      {message && <FieldError>{message}</FieldError>}
    </div>
  );
}
