'use client';

import type { RoomItself } from '@/core/record/room';
import { wallName, type Wall } from '@/core/room/facing';
import { wallsOf } from '@/core/room/plan';
import { ChoiceField } from '@/ui/field';

type Props = {
  readonly label: string;
  readonly room: Pick<RoomItself, 'bearingDeg' | 'windows' | 'shape'>;
  readonly wall: Wall | null;
  readonly onChange: (wall: Wall | null) => void;
  readonly className?: string;
};

/** In which wall something is, or that nobody said. */
export function WallChoice({ label, room, wall, onChange, className }: Props) {
  return (
    <ChoiceField
      label={label}
      {...(className === undefined ? {} : { className })}
      value={wall === null ? '' : String(wall)}
      onChange={(chosen) => onChange(chosen === '' ? null : Number(chosen))}
    >
      <option value="">not said</option>
      {wallsOf(room).map((one) => (
        <option key={one} value={one}>
          {wallName(room, one)}
        </option>
      ))}
    </ChoiceField>
  );
}
