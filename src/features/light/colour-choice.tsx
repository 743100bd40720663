'use client';

import { useState, type ReactNode } from 'react';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { ChoiceField } from '@/ui/field';

type Props = { readonly room: Room; readonly value: string; readonly onChange: (candidateId: string) => void };

function ColourChoice({ room, value, onChange }: Props) {
  return (
    <ChoiceField className="w-80" label="Colour" value={value} onChange={(chosen) => onChange(chosen)}>
      {room.candidates.map((c) => (
        <option key={c.id} value={c.id}>
          {c.name} {c.strength} %, {c.code}
        </option>
      ))}
    </ChoiceField>
  );
}

/** The candidate that is looked at, the first one to begin with, and the field that chooses it. */
export function useColourChoice(room: Room): { readonly candidate: Candidate | undefined; readonly choice: ReactNode } {
  const [id, setId] = useState('');
  const candidate = room.candidates.find((c) => c.id === id) ?? room.candidates[0];
  return {
    candidate,
    choice: candidate && (
      <div className="mb-3">
        <ColourChoice room={room} value={candidate.id} onChange={setId} />
      </div>
    ),
  };
}
