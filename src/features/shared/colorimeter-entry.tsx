'use client';

import { useEffect, useState } from 'react';
import { averageReadings, READINGS } from '@/core/colour/readings';
import type { Lab } from '@/core/colour/types';
import type { RecordedColour } from '@/core/record/types';
import { colorimeterSurfaces, takeReading, type SurfaceChoice } from '@/server/colorimeter/actions';
import { Button } from '@/ui/button';
import { ChoiceField, FieldError } from '@/ui/field';

const newSeed = () => crypto.getRandomValues(new Uint32Array(1))[0]!;

/** Three readings of the simulated pocket colorimeter, averaged; one that is off by too much is refused and taken again. */
export function ColorimeterEntry({ onColour }: { readonly onColour: (colour: RecordedColour) => void }) {
  const [surfaces, setSurfaces] = useState<readonly SurfaceChoice[]>([]);
  const [surface, setSurface] = useState('');
  const [readings, setReadings] = useState<readonly Lab[]>([]);
  const [message, setMessage] = useState<string>();
  const [busy, setBusy] = useState(false);

  useEffect(() => {
    let here = true;
    void colorimeterSurfaces().then(
      (all) => here && setSurfaces(all),
      () => here && setMessage('The colorimeter does not answer.'),
    );
    return () => {
      here = false;
    };
  }, []);

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
    settle([...readings, answer.lab]);
  }

  const left = READINGS.needed - readings.length;
  return (
    <div className="grid gap-3">
      <p className="border-l-4 border-line-strong bg-panel px-3 py-2 text-sm">
        Simulated instrument: it reads made-up surfaces that ship with Elm Swatch, with realistic scatter.
      </p>
      <ChoiceField label="Put it on" value={surface} onChange={(e) => move(e.target.value)}>
        <option value="">Choose a surface…</option>
        {surfaces.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </ChoiceField>
      <div className="flex flex-wrap items-center gap-4">
        <Button look="strong" disabled={surface === '' || busy} onClick={() => void read()}>
          {left > 0 ? `Read (${readings.length + 1} of ${READINGS.needed})` : 'Read once more'}
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
