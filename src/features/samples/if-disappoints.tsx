'use client';

import { useMemo } from 'react';
import { betraysAt } from '@/core/engine/copies';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { CompanionsAnswer } from '@/core/engine/companions';
import type { Disappointment } from '@/core/engine/disappoints';
import { candidateSwatch } from '@/core/engine/swatches';
import type { Candidate } from '@/core/record/candidate';
import { Patch } from '@/ui/patch';
import { useDeck } from '../entry/deck-data';
import { useCompanions } from '../light-client/companions';
import { latest } from '../light-client/light-worker';
import { useHome, useRoom } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { sayClock } from '../words/say-light';
import { SKY_OR_LAMP_WORDS } from '../words/sky-or-lamp';

const WAYS: Readonly<Record<Disappointment, string>> = { grey: 'If it goes grey', glare: 'If it glares' };
const NO_OTHERS: readonly RoomInLight[] = [];

type Told = { readonly key: string; readonly lab: Candidate['lab']; readonly says: string };

/** What to take instead, and what a copy by another maker would do, of one finalist in this room. */
function useTold(
  { instead, copies }: Pick<CompanionsAnswer, 'instead' | 'copies'>,
  deck: ReadonlyMap<string, DeckColour>,
): Told[] {
  const { place } = useHome();
  const when = ({ kind, at }: { readonly kind: keyof typeof SKY_OR_LAMP_WORDS; readonly at: number }) =>
    `${kind === 'lamps' ? '' : `at ${sayClock(at, place.timeZone)} `}${SKY_OR_LAMP_WORDS[kind]}`;
  return [
    ...instead.flatMap((one): Told[] => {
      const colour = deck.get(one.id);
      if (!colour) return [];
      return [
        { key: one.way, lab: one.lab, says: `${WAYS[one.way]} (${when(one)}): ${colour.name} ${one.strength} %, ${colour.code}` },
      ];
    }),
    ...copies.flatMap((copy): Told[] => {
      const colour = deck.get(copy.id);
      if (!colour) return [];
      const worst = betraysAt(copy);
      const fails = worst
        ? `; ${when(worst)} ΔE ${worst.deltaE00.toFixed(1)}, ${worst.towards}`
        : '; no farther off in any light here';
      const says = `If ${copy.maker} copies it: ${colour.name} ${copy.strength} %, ${colour.code}, in the deck ΔE ${copy.inDeck.toFixed(1)}${fails}`;
      return [{ key: copy.maker, lab: copy.lab, says }];
    }),
  ];
}

function Lines({ answer, deck }: { readonly answer: CompanionsAnswer; readonly deck: ReadonlyMap<string, DeckColour> }) {
  const told = useTold(answer, deck);
  if (told.length === 0) return <p className="text-sm text-soft">No light of this room takes it far from what it is.</p>;
  return told.map(({ key, lab, says }) => (
    <p key={key} className="mt-1 flex items-center gap-3 text-sm">
      <Patch hex={hexOf(lab)} label={sayColour(lab)} className="h-8 w-12 shrink-0" />
      <span>{says}</span>
    </p>
  ));
}

function OfOne({
  room,
  candidate,
  deck,
}: {
  readonly room: RoomInLight;
  readonly candidate: Candidate;
  readonly deck: ReadonlyMap<string, DeckColour>;
}) {
  const wall = useMemo(() => ({ swatch: candidateSwatch(candidate), maker: candidate.maker }), [candidate]);
  const { answer } = useCompanions(NO_OTHERS, room, wall);
  const found = latest(answer);
  return (
    <li className="border-b border-line py-2" aria-busy={answer.state === 'computing'}>
      <b className="font-semibold">
        {candidate.name} {candidate.strength} %
      </b>
      {found ? <Lines answer={found} deck={deck} /> : <p className="text-sm text-soft">Looking in the lights of {room.name}…</p>}
    </li>
  );
}

/** Of each finalist the neighbour to have at hand where it disappoints in this room, and how a copy of it would betray itself. */
export function IfItDisappoints({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const { data } = useDeck();
  const deck = useMemo(() => new Map((data ?? []).map((c) => [c.id, c])), [data]);
  const ids = new Set(room.samples.map((s) => s.candidateId));
  const finalists = room.candidates.filter((c) => ids.has(c.id));
  if (finalists.length === 0 || !data) return null;
  return (
    <section aria-label="If it disappoints">
      <h2 className="text-lg font-semibold">If it disappoints</h2>
      <p className="text-sm text-soft">
        Predicted in the lights of this room: have the neighbour at hand when the board is looked at.
      </p>
      <ul>
        {finalists.map((candidate) => (
          <OfOne key={candidate.id} {...{ room, candidate, deck }} />
        ))}
      </ul>
    </section>
  );
}
