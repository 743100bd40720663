'use client';

import { useState } from 'react';
import { labFromXyz } from '@/core/colour/lab';
import { resample } from '@/core/colour/resample';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { takeSpectrum } from '@/server/devices/actions';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { newSeed, SurfaceField, useSurfaces } from './surfaces';

/** One reading of the simulated spectrophotometer: the spectrum is kept, the Lab comes from it. */
export function SpectrumEntry({ onColour }: { readonly onColour: (colour: RecordedColour) => void }) {
  const { surfaces, failed } = useSurfaces();
  const [surface, setSurface] = useState('');
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState(false);
  async function read() {
    setBusy(true);
    const answer = await takeSpectrum({ surface, seed: newSeed() }).catch(() => undefined);
    setBusy(false);
    setWrong(!answer?.ok);
    if (!answer?.ok) return;
    const { spectrum } = answer;
    const { reflectance } = resample(spectrum.start, spectrum.step, spectrum.values);
    const lab = labFromXyz(tristimulus(reflectance, D65_10));
    onColour({ lab, source: { kind: 'spectrophotometer', surface: surfaces.find((s) => s.id === surface)!.name, spectrum } });
  }
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <SurfaceField surfaces={surfaces} value={surface} onChange={setSurface} />
        <Button disabled={surface === '' || busy} onClick={() => void read()}>
          Read the spectrum
        </Button>
      </div>
      {(failed || wrong) && <FieldError>The spectrophotometer did not answer. Try again.</FieldError>}
    </div>
  );
}
