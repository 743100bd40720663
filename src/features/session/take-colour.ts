'use client';

import { v5 } from 'uuid';
import { knownOf, type KnownColour } from '@/core/derived/deck-colour';
import type { Room, RoomItself } from '@/core/record/room';
import type { Written } from './session';
import { useVisitWrite } from './visit-context';
import type { WriteOf } from '@/core/operations/operations';

/** Makes the id of a candidate of what it is: two windows that take the same colour take one candidate. */
const CANDIDATES = '6f1c7c9e-52a4-4c0b-9a54-3f0f6f2a8d11';

/** The id a colour at a strength has in a room: its own of before, when it was taken out, or the one it will have. */
export function candidateIdOf(room: Pick<Room, 'id' | 'candidates' | 'retired'>, deckColourId: string, strength: number): string {
  const known = [...room.candidates, ...room.retired.candidates].find(
    (c) => c.deckColourId === deckColourId && c.strength === strength,
  );
  return known?.id ?? v5(`${room.id} ${deckColourId} ${strength}`, CANDIDATES);
}

/** The write that takes a colour at a strength into a room. What is given may know more of itself than a colour does. */
export function takenColour(room: RoomItself, colour: KnownColour, strength: number): WriteOf<'candidate.add'> {
  const { deckColourId, lab, ...said } = knownOf(colour);
  const candidateId = candidateIdOf(room, deckColourId, strength);
  const facts = { ...said, lab, offered: [{ strength, lab }], spectrum: null };
  return { name: 'candidate.add', roomId: room.id, candidateId, deckColourId, strength, facts };
}

/** Takes a colour at a strength into a room; it is there at once, under the id that is answered. */
export function useTakeColour(
  room: RoomItself,
): (colour: KnownColour, strength: number) => Written & { readonly candidateId: string } {
  const write = useVisitWrite();
  return (colour, strength) => {
    const taken = takenColour(room, colour, strength);
    return { ...write(taken, { answers: true }), candidateId: taken.candidateId };
  };
}
