'use client';

import { Check, Plus } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { verdictOf } from '@/core/judge/relation';
import type { Room } from '@/core/record/room';
import { Button } from '@/ui/button';
import { Patch, PatchStack } from '@/ui/patch';
import type { Found } from '@/core/engine/judgement-protocol';
import { sayColour } from '../words/say-colour';
import { knownColour, type DeckColour } from '../entry/deck-data';
import { AlsoInLight, usePaint } from '../light-client/in-light';
import { offeredSwatch } from '@/core/engine/swatches';
import { sayFound } from '../words/say-judgement';
import { VERDICT_WORDS } from '../words/verdict-words';
import { useTakeColour } from '../session/take-colour';
import { useVisit } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { sayRefusal } from '../words/words';
import { addressOf } from '../session/address';

const FIRST = 40;

type RowProps = {
  readonly room: Room;
  readonly found: Found;
  readonly colour: DeckColour;
  readonly chosen: boolean;
  readonly onChoose: () => void;
};

/** Largest components of everything that stays, to touch the colour. */
const beside = (room: Room, paint: ReturnType<typeof usePaint>) =>
  room.stays.map((stay) => {
    const largest = stay.components.reduce((p, q) => (q.share > p.share ? q : p));
    return { hex: paint(largest.id, largest.colour.lab), share: 1, label: stay.name };
  });

const swatchOf = (found: Found) => offeredSwatch(found, found.strength, found.lab);

function Row({ room, found, colour, chosen, onChoose }: RowProps) {
  const { visit } = useVisit();
  const take = useTakeColour(room);
  const paint = usePaint();
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (chosen) row.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  const candidate = room.candidates.find((c) => c.deckColourId === found.deckColourId && c.strength === found.strength);
  const add = async () => {
    const { result: written } = take(knownColour(colour, found.lab), found.strength);
    const result = await written;
    if (!result.ok) toast.error(sayRefusal(result));
  };
  return (
    <li
      ref={row}
      data-found={`${colour.code}/${found.strength}`}
      className={`grid min-h-16 grid-cols-[8.5rem_1fr_auto_auto] items-center gap-x-3 border-b border-line ${chosen ? 'bg-raised' : ''}`}
    >
      <button
        type="button"
        aria-label={`Show ${colour.name} ${found.strength} % in the plot`}
        onClick={onChoose}
        className="flex cursor-pointer self-stretch"
      >
        <PatchStack parts={beside(room, paint)} className="w-12" />
        <Patch hex={paint(swatchOf(found).id, found.lab)} label={sayColour(found.lab)} className="flex-1" />
      </button>
      <div className="min-w-0">
        <p className="truncate">
          <b>
            {colour.name} {found.strength} %
          </b>{' '}
          <span className="text-sm text-soft">
            {colour.maker} {colour.code}
          </span>
        </p>
        <p className="line-clamp-2 text-sm leading-tight text-soft" title={sayFound(found)}>
          {sayFound(found)}
        </p>
      </div>
      <p className="text-right leading-tight">
        <b className="text-lg tabular-nums">{Math.round(found.fit)}</b>
        <span className="block text-sm text-soft">{VERDICT_WORDS[verdictOf(found.cost)].toLowerCase()}</span>
      </p>
      {candidate ? (
        <VisitLink
          href={addressOf({ visitId: visit.id, roomId: room.id, step: 'bench', at: { colour: candidate.id } })}
          aria-label={`${colour.name} ${found.strength} % is in this room: to the bench`}
          className="grid size-11 place-items-center hover:bg-panel"
        >
          <Check aria-hidden size={20} />
        </VisitLink>
      ) : (
        <Button className="px-2" aria-label={`Take ${colour.name} ${found.strength} % into the room`} onClick={() => void add()}>
          <Plus aria-hidden size={20} />
        </Button>
      )}
    </li>
  );
}

type Props = {
  readonly room: Room;
  readonly found: readonly Found[];
  readonly colours: ReadonlyMap<string, DeckColour>;
  readonly chosen: Found | undefined;
  readonly onChoose: (found: Found) => void;
};

/** The ranked list: each colour touching what stays, its fit and its weakest link. */
export function ShortlistList({ room, found, colours, chosen, onChoose }: Props) {
  const [more, setMore] = useState(false);
  const at = chosen ? found.indexOf(chosen) : 0;
  const all = more || at >= FIRST;
  const shown = useMemo(() => (all ? found : found.slice(0, FIRST)), [all, found]);
  const swatches = useMemo(() => shown.map(swatchOf), [shown]);
  return (
    <div className="min-h-0 overflow-auto">
      <AlsoInLight roomId={room.id} swatches={swatches}>
        <ol aria-label="Ranked">
          {shown.map((f) => {
            const colour = colours.get(f.deckColourId);
            return (
              colour && (
                <Row
                  key={`${f.deckColourId}@${f.strength}`}
                  room={room}
                  found={f}
                  colour={colour}
                  chosen={f === chosen}
                  onChoose={() => onChoose(f)}
                />
              )
            );
          })}
        </ol>
      </AlsoInLight>
      {shown.length < found.length && (
        <Button look="quiet" onClick={() => setMore(true)}>
          Show all {found.length}
        </Button>
      )}
    </div>
  );
}
