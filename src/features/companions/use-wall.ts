'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import type { Swatch } from '@/core/engine/light-protocol';
import { candidateSwatch, offeredSwatch } from '@/core/engine/swatches';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { Candidate } from '@/core/record/candidate';
import { strengthSchema } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { useDeck } from '../entry/deck-data';
import { useSheet } from '../entry/sheet-data';

/** The colour whose companions are looked for, as the address names it. */
export type Wall = {
  readonly colour: DeckColour;
  readonly strength: number;
  readonly swatch: Swatch;
  /** Where it is in the room already. */
  readonly candidate: Candidate | undefined;
  /** Strengths it could be looked at too. */
  readonly offered: readonly number[];
};
export type AskedWall =
  | { readonly state: 'none' }
  | { readonly state: 'asking' }
  | { readonly state: 'unknown' }
  | { readonly state: 'known'; readonly wall: Wall };

type Asked = { readonly id: string; readonly strength: number };

/** Colour and strength as the address names them; undefined where it names none. */
function useAsked(): Asked | undefined {
  const asked = useSearchParams();
  const id = asked.get('colour');
  const read = strengthSchema.safeParse(Number(asked.get('strength') ?? 100));
  return id === null ? undefined : { id, strength: read.success ? read.data : 100 };
}

/** The colour of the address, and what the deck says of it. */
export function useWall(room: Room): AskedWall {
  const { id, strength } = useAsked() ?? {};
  const deck = useDeck();
  const sheet = useSheet(id ?? '', id !== undefined);
  const failed = deck.isError || sheet.isError;
  return useMemo((): AskedWall => {
    if (id === undefined || strength === undefined) return { state: 'none' };
    if (failed) return { state: 'unknown' };
    if (!deck.data || !sheet.data) return { state: 'asking' };
    const candidate = room.candidates.find((c) => c.deckColourId === id && c.strength === strength);
    const colour = deck.data.find((c) => c.id === id);
    const lab = candidate?.lab ?? sheet.data.strengths.find((s) => s.percent === strength)?.lab;
    if (!colour || !lab) return { state: 'unknown' };
    const swatch = candidate ? candidateSwatch(candidate) : offeredSwatch({ deckColourId: id }, strength, lab);
    return { state: 'known', wall: { colour, strength, swatch, candidate, offered: sheet.data.strengths.map((s) => s.percent) } };
  }, [id, strength, room, deck.data, sheet.data, failed]);
}
