'use client';

import { useState } from 'react';
import { clientRanking, MOST_RANKED, type ClientRanking } from '@/core/derived/client-ranking';
import { deltaE00 } from '@/core/colour/ciede2000';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import type { Candidate } from '@/core/record/candidate';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { Button, Key } from '@/ui/button';
import { Explain } from '@/ui/explain';
import { Patch } from '@/ui/patch';
import { EmptyState } from '@/ui/step-title';
import { PAIR_KEYS } from './keys';
import { useTableKeys } from '@/ui/use-keys';
import { sayColour } from '../words/say-colour';
import { InLight, usePaint } from '../light-client/in-light';
import { SeveralColours } from '../drawings/several-colours';
import { useRoom, useVisitWrite } from '../session/visit-context';
import { counted } from '@/core/base/words';

/** Two that differ by less are not told apart at a glance, ΔE00. Own choice: a few just-noticeable steps. */
const TOLD_APART = 3;

/**
 * The colours asked about at first: those that work or nearly work here, else whatever is in the room; none that hardly differs from
 * another.
 */
function firstAsked(room: RoomInLight): string[] {
  const rows = roomRecord(room).rows;
  const good = rows.filter((r) => r.ruling === 'works' || r.ruling === 'nearly' || r.ruling === 'open');
  const from = good.length > 1 ? good : rows;
  const apart = from.reduce<readonly CandidateRow[]>(
    (kept, row) => (kept.every((k) => deltaE00(k.candidate.lab, row.candidate.lab) >= TOLD_APART) ? [...kept, row] : kept),
    [],
  );
  return (apart.length > 1 ? apart : from).slice(0, MOST_RANKED).map((r) => r.candidate.id);
}

const sayName = (c: Candidate) => `${c.name} ${c.strength} %`;

type TwoProps = {
  readonly pair: readonly [Candidate, Candidate];
  readonly onPick: (chosen: Candidate, other: Candidate) => void;
};

/** Two colours, touching, and nothing else; a tap takes one. Names stay away: they sway. */
function Two({ pair, onPick }: TwoProps) {
  const paint = usePaint();
  const [left, right] = pair;
  return (
    <div className="flex min-h-64 flex-1" data-pair={`${left.id} ${right.id}`}>
      {([left, right] as const).map((c, i) => (
        <button
          key={c.id}
          type="button"
          aria-label={`Take the ${i === 0 ? 'left' : 'right'} one: ${sayColour(c.lab)}`}
          onClick={() => onPick(c, i === 0 ? right : left)}
          className="relative min-w-0 flex-1 cursor-pointer focus-visible:z-10"
        >
          <Patch hex={paint(c.id, c.lab)} label={sayColour(c.lab)} className="absolute inset-0" />
          <span className="absolute bottom-4 left-1/2 -translate-x-1/2 bg-white/90 px-4 py-2 text-[#1a1a1a]">
            this one <Key of={PAIR_KEYS.pick} which={i} />
          </span>
        </button>
      ))}
    </div>
  );
}

function Ranked({ ranking }: { readonly ranking: ClientRanking }) {
  const paint = usePaint();
  return (
    <ol aria-label="The client’s ranking" className="grid gap-1">
      {ranking.ranked.map(({ candidate: c, picks, ahead }, place) => (
        <li key={c.id} className="grid grid-cols-[1.2rem_3.5rem_1fr] items-center gap-2.5">
          <b>{place + 1}</b>
          <Patch hex={paint(c.id, c.lab)} label={sayColour(c.lab)} className="h-11" />
          <span className="min-w-0 leading-tight">
            <span className="block font-semibold break-words">{sayName(c)}</span>
            <span className="block text-sm text-soft">
              taken {picks} {picks === 1 ? 'time' : 'times'}
              {ahead !== undefined && ranking.picks > 0 && ` · ${Math.round(100 * ahead)} % sure`}
            </span>
          </span>
        </li>
      ))}
    </ol>
  );
}

type AskedProps = {
  readonly room: RoomInLight;
  readonly asked: readonly string[];
  readonly onChange: (asked: readonly string[]) => void;
};

/** Which colours the client is asked about, at most six. */
function Asked({ room, asked, onChange }: AskedProps) {
  return (
    <details className="mt-3">
      <summary className="flex min-h-11 cursor-pointer items-center text-sm underline underline-offset-4">
        Asked about: {asked.length} of {room.candidates.length}, at most {MOST_RANKED}
      </summary>
      <SeveralColours ids={asked} candidates={room.candidates} most={MOST_RANKED} onChange={onChange} />
    </details>
  );
}

/** Two colours at a time for the client: tap one, done in few taps, with the ranking and how sure it is. */
export function Pairs({ roomId }: { readonly roomId: string }) {
  const write = useVisitWrite();
  const room = useRoom(roomId);
  const [asked, setAsked] = useState<readonly string[]>(() => firstAsked(room));
  const [onward, setOnward] = useState(false);
  const ranking = clientRanking(room, asked);
  const { next, settled, picks } = ranking;
  const pick = (chosen: Candidate, other: Candidate) =>
    write({ name: 'pair.pick', roomId, chosenId: chosen.id, otherId: other.id });
  const showing = next && (!settled || onward) ? next : undefined;
  useTableKeys(PAIR_KEYS, {
    pick: (which) => (showing ? void pick(showing[which]!, showing[1 - which]!) : undefined),
  });
  if (room.candidates.length < 2)
    return <EmptyState title="Two colours are needed">Take at least two colours or strengths into the room first.</EmptyState>;
  return (
    <InLight roomId={roomId}>
      <div className="flex min-h-0 flex-1 gap-4 max-md:flex-col">
        <div className="flex min-w-0 flex-[1.9] flex-col">
          <p className="mb-2 text-lg font-semibold" role="status">
            {showing
              ? 'Which of the two?'
              : settled
                ? `Settled: ${sayName(ranking.ranked[0]!.candidate)}`
                : 'Choose two colours to ask about.'}
          </p>
          {showing ? (
            <Two pair={showing} onPick={pick} />
          ) : (
            settled && (
              <div className="flex flex-1 flex-col">
                <Winner candidate={ranking.ranked[0]!.candidate} />
                <Button className="mt-2 self-start" onClick={() => setOnward(true)}>
                  Ask on
                </Button>
              </div>
            )
          )}
        </div>
        <aside className="min-w-0 flex-1 overflow-auto">
          <div className="mb-2 flex items-center justify-between gap-2">
            <p className="text-sm text-soft">
              <Explain
                label="Ranking"
                why="Each tap is one comparison; scores by the Bradley–Terry model with a normal prior. How sure is how likely it is liked more than the next; it is settled when that is 90 % or more for the first."
              >
                {picks === 0 ? 'no choice yet' : counted(picks, 'choice')}
              </Explain>
            </p>
          </div>
          <Ranked ranking={ranking} />
          <Asked room={room} asked={asked} onChange={setAsked} />
        </aside>
      </div>
    </InLight>
  );
}

function Winner({ candidate: c }: { readonly candidate: Candidate }) {
  const paint = usePaint();
  return <Patch hex={paint(c.id, c.lab)} label={`${sayName(c)}: ${sayColour(c.lab)}`} className="min-h-64 flex-1" />;
}
