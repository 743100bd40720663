'use client';

import type { Room } from '@/core/record/types';
import { ChoiceField } from '@/ui/field';

type Props = { readonly room: Room; readonly value: string; readonly onChange: (candidateId: string) => void };

/** One of the room's candidates. */
export function ColourChoice({ room, value, onChange }: Props) {
  return (
    <ChoiceField className="w-80" label="Colour" value={value} onChange={(e) => onChange(e.target.value)}>
      {room.candidates.map((c) => (
        <option key={c.id} value={c.id}>
          {c.name} {c.strength} %, {c.code}
        </option>
      ))}
    </ChoiceField>
  );
}
