'use client';

import { Check, Plus } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { lrvOf } from '@/core/colour/lab';
import { familyOf } from '@/core/colour/family';
import type { Found, FoundStrength } from '@/core/engine/judgement-protocol';
import { offeredSwatch } from '@/core/engine/swatches';
import { grouped, GROUPS, groupTitle, type Group } from '@/core/judge/groups';
import type { Room } from '@/core/record/room';
import { Patch, PatchStack } from '@/ui/patch';
import { MarkedCell } from '@/ui/verdict-mark';
import { sayColour } from '../words/say-colour';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import { AlsoInLight, usePaint } from '../light-client/in-light';
import { VERDICT_WORDS } from '../words/verdict-words';
import { useTakeColour } from '../session/take-colour';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { sayRefusal } from '../words/words';
import { addressOf } from '../session/address';

/** Largest components of everything that stays, to touch the colour. */
const beside = (room: Room, paint: ReturnType<typeof usePaint>) =>
  room.stays.map((stay) => {
    const largest = stay.components.reduce((p, q) => (q.share > p.share ? q : p));
    return { hex: paint(largest.id, largest.colour.lab), share: 1, label: stay.name };
  });

const percent = (share: number) => Math.round(100 * share);

type StrengthProps = {
  readonly room: Room;
  readonly found: Found;
  readonly colour: DeckColour;
  readonly one: FoundStrength;
};

/** One strength with its verdict: a tap takes it into the room, or goes to it on the bench. */
function Strength({ room, found, colour, one }: StrengthProps) {
  const visit = useHome();
  const take = useTakeColour(room);
  const paint = usePaint();
  const name = `${colour.name} ${one.strength} %`;
  const candidate = room.candidates.find((c) => c.deckColourId === found.deckColourId && c.strength === one.strength);
  const add = async () => {
    const { result: written } = take(knownColour(colour, one.lab), one.strength);
    const result = await written;
    if (!result.ok) toast.error(sayRefusal(result));
  };
  const shown = (
    <>
      <MarkedCell mark={one.verdict} className="pointer-events-none w-full">
        <Patch
          hex={paint(offeredSwatch(found, one.strength, one.lab).id, one.lab)}
          label={sayColour(one.lab)}
          className="flex-1"
        />
      </MarkedCell>
      <span className="flex items-center justify-center gap-0.5 text-sm leading-5 whitespace-nowrap">
        {candidate ? <Check aria-hidden size={14} /> : <Plus aria-hidden size={14} />}
        {one.strength} %
      </span>
    </>
  );
  const says = `${VERDICT_WORDS[one.verdict].toLowerCase()}, chance ${percent(one.chance)} %`;
  return candidate ? (
    <VisitLink
      href={addressOf({ visitId: visit.id, roomId: room.id, step: 'bench', at: { colour: candidate.id } })}
      aria-label={`${name} is in this room: to the bench`}
      className="block w-13 hover:bg-panel"
    >
      {shown}
    </VisitLink>
  ) : (
    <button
      type="button"
      aria-label={`Take ${name} into the room: ${says}`}
      title={says}
      onClick={() => void add()}
      className="block w-13 cursor-pointer hover:bg-panel"
    >
      {shown}
    </button>
  );
}

type RowProps = {
  readonly room: Room;
  readonly found: Found;
  readonly colour: DeckColour;
  readonly chosen: boolean;
  readonly onChoose: () => void;
};

function Row({ room, found, colour, chosen, onChoose }: RowProps) {
  const paint = usePaint();
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (chosen) row.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <li
      ref={row}
      data-found={`${colour.code}/${found.strength}`}
      data-verdict={found.verdict}
      className={`grid grid-cols-[7rem_minmax(0,1fr)_auto] items-stretch gap-x-3 border-b border-line max-sm:grid-cols-[5rem_minmax(0,1fr)] ${chosen ? 'bg-raised' : ''}`}
    >
      <button
        type="button"
        aria-label={`Show ${colour.name} ${found.strength} % in the plot`}
        onClick={onChoose}
        className="flex min-h-17 cursor-pointer"
      >
        <PatchStack parts={beside(room, paint)} className="w-10" />
        <Patch
          hex={paint(offeredSwatch(found, found.strength, found.lab).id, found.lab)}
          label={sayColour(found.lab)}
          className="flex-1"
        />
      </button>
      <div className="min-w-0 self-center py-1">
        <p className="flex items-baseline gap-2">
          <b className="min-w-0 break-words">
            {colour.name} {found.strength} %
          </b>
          <span className="ml-auto shrink-0 text-sm whitespace-nowrap">
            {VERDICT_WORDS[found.verdict].toLowerCase()} <b className="text-base tabular-nums">{percent(found.chance)} %</b>{' '}
            likely
          </span>
        </p>
        <p className="text-sm leading-tight break-words">
          LRV {Math.round(lrvOf(found.lab))}, {familyOf(found.lab)}{' '}
          <span className="text-soft">
            · {colour.maker} {colour.code}
          </span>
        </p>
        <p className="text-sm leading-tight break-words text-soft" title={found.speaks}>
          {found.speaks}
        </p>
        <p className="text-sm leading-tight break-words" title={found.weakest ?? undefined}>
          {found.weakest ? (
            <>
              <b className="font-semibold">weakest:</b> {found.weakest}
            </>
          ) : (
            'nothing fights it, in any light'
          )}
        </p>
      </div>
      <div className="flex items-center gap-1 py-1 max-sm:col-span-2">
        {found.strengths.map((one) => (
          <Strength key={one.strength} room={room} found={found} colour={colour} one={one} />
        ))}
      </div>
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

type GroupProps = Omit<Props, 'found'> & { readonly group: Group<Found> };

/** Choices that lie one way from the first; the rest on demand. */
function GroupOfRows({ group, room, colours, chosen, onChoose }: GroupProps) {
  const { choices, alike } = group;
  const [more, setMore] = useState(false);
  const rest = [...choices.slice(GROUPS.shown), ...alike];
  const all = more || (chosen !== undefined && rest.includes(chosen));
  const shown = useMemo(() => (all ? [...choices, ...alike] : choices.slice(0, GROUPS.shown)), [all, choices, alike]);
  const swatches = useMemo(
    () => shown.flatMap((f) => f.strengths.map((one) => offeredSwatch(f, one.strength, one.lab))),
    [shown],
  );
  return (
    <section aria-label={groupTitle(group)}>
      <h3 className="mt-3 mb-1 flex items-baseline gap-3 border-b border-line-strong first:mt-0">
        <b>{groupTitle(group)}</b>
        <span className="text-sm text-soft">
          {choices.length + alike.length} {choices.length + alike.length === 1 ? 'colour' : 'colours'}
        </span>
        {!all && rest.length > 0 && (
          <button type="button" className="ml-auto min-h-8 cursor-pointer px-2 text-sm underline" onClick={() => setMore(true)}>
            show {rest.length} more
          </button>
        )}
      </h3>
      <AlsoInLight roomId={room.id} swatches={swatches}>
        <ol>
          {shown.map((f) => {
            const colour = colours.get(f.deckColourId);
            return (
              colour && (
                <Row
                  key={f.deckColourId}
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
    </section>
  );
}

/**
 * The list: what works before what nearly does; the colour that serves best, and the others by which way they lie from it, so that each
 * row is a choice of its own.
 */
export function ShortlistList({ room, found, colours, chosen, onChoose }: Props) {
  const groups = useMemo(() => grouped(found), [found]);
  return (
    <div role="group" aria-label="What could work, best first" className="lg:min-h-0 lg:overflow-auto">
      {groups.map((group) => (
        <GroupOfRows key={groupTitle(group)} group={group} room={room} colours={colours} chosen={chosen} onChoose={onChoose} />
      ))}
    </div>
  );
}
