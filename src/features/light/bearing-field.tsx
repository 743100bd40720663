'use client';

import { RotateCcw, RotateCw } from 'lucide-react';
import { typedBearing } from '@/core/units/bearing';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import type { SectionProps } from './section';

const TURN_DEG = 15;

/** A bearing as typed; null while it is none. */
export const readBearing = (text: string): number | null => {
  const bearing = typedBearing(text);
  return bearing >= 0 && bearing <= 360 ? bearing : null;
};

/** Which way the thick wall of the plan faces. */
export function BearingField({ draft, errors, onChange }: SectionProps) {
  const turn = (by: number) => {
    const from = readBearing(draft.bearing) ?? 0;
    onChange({ ...draft, bearing: String((((Math.round(from) + by) % 360) + 360) % 360) });
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <TextField
        className="w-40"
        label="Thick wall looks out to"
        placeholder="285 or WNW"
        value={draft.bearing}
        error={errors['bearingDeg']}
        onChange={(e) => onChange({ ...draft, bearing: e.target.value })}
      />
      <Button aria-label={`Turn ${TURN_DEG}° left`} onClick={() => turn(-TURN_DEG)}>
        <RotateCcw aria-hidden size={18} />
      </Button>
      <Button aria-label={`Turn ${TURN_DEG}° right`} onClick={() => turn(TURN_DEG)}>
        <RotateCw aria-hidden size={18} />
      </Button>
      <p className="w-full text-sm text-soft">
        Degrees clockwise from true north, or a point of the compass, as you look out of it. Never look at the sun while reading a
        bearing.
      </p>
    </div>
  );
}
