'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { v7 } from 'uuid';
import { inAmerican } from '@/core/units/local-words';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { FieldError, TextField } from '@/ui/field';

export type RoomDraft = { readonly roomId: string; readonly name: string };

/** Rooms of a home, roughly in the order in which one walks through it. */
export const ROOMS = [
  'Hall',
  'Sitting room',
  'Dining room',
  'Kitchen',
  'Study',
  'Cloakroom',
  'Stairs and landing',
  'Main bedroom',
  'Bedroom 2',
  'Bedroom 3',
  'Nursery',
  'Bathroom',
  'Shower room',
] as const;

const order = (name: string): number => {
  const at = ROOMS.findIndex((usual) => usual === name || inAmerican(usual) === name);
  return at < 0 ? ROOMS.length : at;
};
const inOrder = (rooms: readonly RoomDraft[]) => [...rooms].sort((p, q) => order(p.name) - order(q.name));

type Props = {
  readonly rooms: readonly RoomDraft[];
  readonly wrong: string | undefined;
  /** Rooms are called as Americans do. */
  readonly american: boolean;
  readonly onChange: (rooms: readonly RoomDraft[]) => void;
};

/** Which rooms: a tap takes one in or off; any other is typed. */
export function RoomChips({ rooms, wrong, american, onChange }: Props) {
  const usual = american ? ROOMS.map(inAmerican) : ROOMS;
  const [typed, setTyped] = useState('');
  const own = rooms.filter((r) => order(r.name) === ROOMS.length).map((r) => r.name);
  const toggle = (name: string) => {
    const here = rooms.find((r) => r.name === name);
    onChange(here ? rooms.filter((r) => r !== here) : inOrder([...rooms, { roomId: v7(), name }]));
  };
  const add = () => {
    if (typed.trim() === '') return;
    onChange(inOrder([...rooms, { roomId: v7(), name: typed.trim() }]));
    setTyped('');
  };
  return (
    <>
      <div role="group" aria-label="Rooms" className="flex flex-wrap gap-1.5">
        {[...usual, ...own].map((name) => (
          <Chip key={name} large on={rooms.some((r) => r.name === name)} onClick={() => toggle(name)}>
            {name}
          </Chip>
        ))}
      </div>
      <div className="mt-3 flex max-w-md items-end gap-2">
        <TextField
          className="flex-1"
          label="Another room"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          onBlur={add}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            add();
          }}
        />
        <Button onClick={add} aria-label="Take in this room">
          <Plus aria-hidden size={18} />
        </Button>
      </div>
      {wrong && <FieldError>{wrong}</FieldError>}
    </>
  );
}
