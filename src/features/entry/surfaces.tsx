'use client';

import { useEffect, useState } from 'react';
import { deviceSurfaces, type SurfaceChoice } from '@/server/devices/actions';
import { ChoiceField } from '@/ui/field';

/** A seed for a stand-in's scatter. */
export const newSeed = () => crypto.getRandomValues(new Uint32Array(1))[0]!;

/** The made-up surfaces the stand-ins can be put on. */
export function useSurfaces(): { readonly surfaces: readonly SurfaceChoice[]; readonly failed: boolean } {
  const [surfaces, setSurfaces] = useState<readonly SurfaceChoice[]>([]);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let here = true;
    void deviceSurfaces().then(
      (all) => here && setSurfaces(all),
      () => here && setFailed(true),
    );
    return () => {
      here = false;
    };
  }, []);
  return { surfaces, failed };
}

type Props = { readonly surfaces: readonly SurfaceChoice[]; readonly value: string; readonly onChange: (id: string) => void };

export function SurfaceField({ surfaces, value, onChange }: Props) {
  return (
    <ChoiceField className="min-w-64 flex-1" label="Put it on" value={value} onChange={(chosen) => onChange(chosen)}>
      <option value="">Choose a surface…</option>
      {surfaces.map((s) => (
        <option key={s.id} value={s.id}>
          {s.name}
        </option>
      ))}
    </ChoiceField>
  );
}
