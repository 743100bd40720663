'use client';

import { useMemo } from 'react';
import { deltaE00 } from '@/core/colour/ciede2000';
import { directions } from '@/core/colour/directions';
import type { Lab } from '@/core/colour/types';
import { sayTowards } from '@/core/judge/say-towards';
import type { BaseKind } from '@/core/paint/tint-system';
import { observationsOf } from '@/core/derived/observations';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import { useDeck } from '../entry/deck-data';
import { useNextSamples } from '../light-client/judgements';
import { judgedThings } from '@/core/engine/judged-things';
import { latest } from '../light-client/light-worker';
import { useAdvisedRoom } from '../light-client/room-day';

/** Something that could be put on the table. */
type Choice = {
  readonly deckColourId: string;
  readonly name: string;
  readonly maker: string;
  readonly code: string;
  readonly baseKind: BaseKind;
  readonly sharedName: boolean;
  readonly strength: number;
  readonly lab: Lab;
  /** Its colour is in the room already. */
  readonly atHand: boolean;
  /** It is itself in the room already. */
  readonly candidate: Candidate | undefined;
};

export type Proposed = Choice & {
  /** From what was tried nearest to it: "a little lighter". */
  readonly towards: string;
  readonly from: Candidate | undefined;
  readonly chance: number;
  /** Share of what is still possible that its verdict should rule out. */
  readonly rulesOut: number;
};

/** Strengths of what is at hand first, then every colour of the deck at full strength. */
function choicesOf(candidates: readonly Candidate[], deck: readonly DeckColour[]): Choice[] {
  const here = new Map(candidates.map((c) => [c.deckColourId, c]));
  const strengths = [...here.values()].flatMap(({ deckColourId, name, maker, code, baseKind, sharedName, offered }) =>
    offered.map(({ strength, lab }): Choice => {
      const candidate = candidates.find((k) => k.deckColourId === deckColourId && k.strength === strength);
      return { deckColourId, name, maker, code, baseKind, sharedName, strength, lab, atHand: true, candidate };
    }),
  );
  const rest = deck
    .filter((c) => !here.has(c.id))
    .map((c): Choice => ({ ...knownColour(c, c.lab), strength: 100, atHand: false, candidate: undefined }));
  return [...strengths, ...rest];
}

/** The candidate nearest to a colour; undefined in an empty room. */
function nearest(candidates: readonly Candidate[], lab: Lab): Candidate | undefined {
  return candidates.reduce<Candidate | undefined>(
    (best, c) => (!best || deltaE00(c.lab, lab) < deltaE00(best.lab, lab) ? c : best),
    undefined,
  );
}

/** What to look at next in a room, once something was said there. */
export function useProposals(room: Room) {
  const deck = useDeck();
  const colours = deck.data;
  const said = useMemo(() => observationsOf(room), [room]);
  const { candidates } = room;
  const choices = useMemo(() => (colours ? choicesOf(candidates, colours) : []), [candidates, colours]);
  const name = `${choices.length} ${candidates.map((c) => c.id).join()}`;
  const samples = useMemo(
    () => ({
      name,
      ids: choices.map((c) => c.deckColourId),
      strengths: choices.map((c) => c.strength),
      labs: Float32Array.from(choices.flatMap(({ lab }) => [lab.l, lab.a, lab.b])),
      atHand: choices.filter((c) => c.atHand).length,
    }),
    [choices, name],
  );
  const advised = useAdvisedRoom(room.id);
  const things = judgedThings(room);
  const request = useMemo(() => {
    if (!advised || said.length === 0 || choices.length === 0) return undefined;
    return { ...advised, samples, stays: things, said };
  }, [advised, said, choices, samples, things]);
  const answered = useNextSamples(name, request);
  const answer = latest(answered);
  const tried = useMemo(
    () => room.candidates.filter((c) => room.verdicts.some((v) => v.candidateId === c.id && !v.undone)),
    [room.candidates, room.verdicts],
  );
  const proposals = useMemo(
    () =>
      answer?.proposals.flatMap(({ index, chance, bits }): Proposed[] => {
        const choice = choices[index];
        if (!choice) return [];
        const from = nearest(tried, choice.lab);
        const towards = from ? sayTowards(directions(from.lab, choice.lab)) : '';
        return [{ ...choice, towards, from, chance, rulesOut: 1 - 2 ** -bits }];
      }),
    [answer, choices, tried],
  );
  return {
    said: said.length > 0,
    failed: answered.state === 'failed' || deck.isError,
    busy: request !== undefined && answered.state === 'computing',
    proposals: request ? proposals : undefined,
    possible: answer?.possible,
  };
}
