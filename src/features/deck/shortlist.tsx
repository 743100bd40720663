'use client';

import { useMemo, useState } from 'react';
import { Button, buttonClass } from '@/ui/button';
import { Explain } from '@/ui/explain';
import { EmptyState } from '@/ui/step-title';
import { WISH_WORDS } from '@/core/judge/wish';
import { useEye } from '../light-client/eye';
import { LIGHT_NAMES } from '@/core/room/facing';
import { USE_WORDS } from '@/core/room/use';
import type { Found, Opening, ShortlistAnswer } from '@/core/engine/judgement-protocol';
import { wishesOf, type Room } from '@/core/record/room';
import type { DeckColour } from '@/core/derived/deck-colour';
import { Fights } from '../drawings/fights';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { BothWaysShown } from './both-ways';
import { LeanPlot } from './lean-plot';
import { SearchButton, ShortlistFilters } from './shortlist-filters';
import { ShortlistList } from './shortlist-list';
import { useShortlist, type ShortlistSearch } from './use-shortlist';
import { addressOf } from '../session/address';
import { listed, lowerFirst, percent, grouped } from '@/core/base/words';

/** What would have to change, in words. */
/** "warmer, then lighter", in their order. */
const sayWishes = (room: Pick<Room, 'wish' | 'moreWishes'>): string =>
  wishesOf(room)
    .map((wish) => WISH_WORDS[wish])
    .join(', then ');

function sayOpening({ change, works }: Opening, { stays, ...room }: Room): string {
  const would = `${grouped(works)} ${works === 1 ? 'colour works' : 'colours work'} at full strength`;
  if (change.kind === 'lamps') return `with lamps of 3,000 K and Ra 95 ${would}`;
  if (change.kind === 'wish') return `if it need not be ${sayWishes(room) || 'so'} ${would}`;
  const gone = change.stays.map((s) => stays[s]!);
  const names = listed(gone.map((s) => s.name));
  return gone.some((s) => s.kind === 'fixed') ? `with ${names} painted or replaced ${would}` : `without ${names} ${would}`;
}

/** What a colour is judged by, for whoever asks. */
function whyOf({ lights, tookMs }: ShortlistAnswer, room: Room): string {
  const by = lights.map(({ light, share }) => `${LIGHT_NAMES[light]} ${percent(share)}`).join(', ');
  const wish = room.wish ? `, what the client wants (${sayWishes(room)})` : '';
  return `A colour is judged beside everything that stays in each kind of light the room is used in (${USE_WORDS[room.use]}: ${by}; how often each sky is met is told by the simulated sky service). The weakest link that is felt in at least half of a light decides the verdict. The order is by how well it serves as these four walls: the undertone it shares or answers, how light and quiet walls of such a room usually are${wish}, and what the light asks for; of what is about as good, different hues stand first. The figure is the chance that a good consultant would sign it, by the model. The eye decides. Judged in ${(tookMs / 1000).toFixed(1)} s.`;
}

/** How many work, how many nearly, what is to be said of the room, and what most of the rest was dropped for. */
function Counts({ answer, room }: { readonly answer: ShortlistAnswer; readonly room: Room }) {
  const { works, nearly, no } = answer.looked;
  const eye = lowerFirst(useEye().says);
  return (
    <div className="mb-2 min-w-64">
      <p>
        <b className="text-lg">
          {works === 0 ? 'Nothing works here' : `${grouped(works)} ${works === 1 ? 'colour' : 'colours'} could work`}
        </b>
        {` · ${grouped(nearly)} nearly · ${grouped(no)} do not, of ${grouped(works + nearly + no)} colours at their best strength · `}
        <Explain label="How it is judged" why={whyOf(answer, room)}>
          how it is judged
        </Explain>
        <span className="text-soft">
          {' · '}
          {eye && `Judged for your eye: ${eye} `}
          {answer.about.join(' ')}
        </span>
      </p>
      {works === 0 && answer.found.length > 0 && <p>That is a result: the closest stand first.</p>}
      {works === 0 && answer.openings.length > 0 && (
        <p>
          <b>What would have to change:</b>{' '}
          {answer.openings
            .slice(0, 4)
            .map((o) => sayOpening(o, room))
            .join(' · ')}
        </p>
      )}
      {answer.drops.length > 0 && (
        <p className="text-sm text-soft">
          Strengths of colours that do not work, by why:{' '}
          {answer.drops
            .slice(0, 4)
            .map((d) => `${d.says} (${grouped(d.count)})`)
            .join(' · ')}
        </p>
      )}
    </div>
  );
}

type FoundProps = { readonly room: Room; readonly answer: ShortlistAnswer; readonly colours: readonly DeckColour[] };

function FoundColours({ room, answer, colours }: FoundProps) {
  const byId = useMemo(() => new Map(colours.map((c) => [c.id, c])), [colours]);
  const [chosenId, setChosenId] = useState<string>();
  const { stays } = room;
  const chosen = answer.found.find((f) => f.deckColourId === chosenId);
  const choose = (found: Found) => setChosenId(found.deckColourId);
  return (
    <div className="grid min-h-0 flex-1 gap-5 max-lg:grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1.8fr)_minmax(0,1fr)]">
      <ShortlistList room={room} found={answer.found} colours={byId} chosen={chosen} onChoose={choose} />
      <div tabIndex={0} role="group" aria-label="Where they lie" className="min-h-0 min-w-0 overflow-auto">
        <div className="flex gap-2">
          <LeanPlot axis="a" answer={answer} stays={stays} chosen={chosen} onChoose={choose} />
          <LeanPlot axis="b" answer={answer} stays={stays} chosen={chosen} onChoose={choose} />
        </div>
        <p className="mt-2 text-sm text-soft">
          The shaded ground is where this room wants to be. Large squares are in the list, small ones work too, specks do not.{' '}
          {stays.map((s, n) => `${n + 1} ${s.name}`).join(' · ')}
        </p>
        {answer.bothWays && <BothWaysShown ways={answer.bothWays} colours={byId} onChoose={choose} found={answer.found} />}
      </div>
    </div>
  );
}

function Working({ share }: { readonly share: number }) {
  return (
    <div role="status" aria-live="polite" className="min-w-60 flex-1">
      <p className="mb-1">
        {share < 0.2 ? 'Computing the lights of this room…' : 'Laying every colour against everything that stays…'}
      </p>
      <progress aria-label="Search" value={share} max={1} className="h-3 w-full accent-[var(--ink)]" />
    </div>
  );
}

/** Why the list is empty, and how to go on. */
function NothingShown({ search, answer }: { readonly search: ShortlistSearch; readonly answer: ShortlistAnswer }) {
  const { works, nearly, no } = answer.looked;
  const { filter, setFilter } = search;
  if (works + nearly + no === 0)
    return (
      <EmptyState title="No colour of the deck is left">Widen the depth, the families, the makers or the strengths.</EmptyState>
    );
  return (
    <EmptyState title="None of them works">
      <p className="mb-4">{grouped(nearly)} nearly work.</p>
      <Button onClick={() => setFilter({ ...filter, onlyWorks: false })}>Show the closest too</Button>
    </EmptyState>
  );
}

type OutcomeProps = { readonly search: ShortlistSearch; readonly colours: readonly DeckColour[] };

/** How far the search is, and what came of it. */
function Outcome({ search, colours }: OutcomeProps) {
  const { room, found, given } = search;
  if (given)
    return (
      <EmptyState title="The search was given up">
        <p className="mb-4">
          Every colour of the deck at every strength is laid against everything that stays, in the lights this room is used in.
        </p>
        <SearchButton search={search} />
      </EmptyState>
    );
  if (found.state === 'failed') return <p role="alert">{found.says}</p>;
  const answer = found.state === 'done' ? found.value : found.before;
  return (
    <>
      {found.state === 'computing' && (
        <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2">
          <SearchButton search={search} />
          <Working share={found.share} />
        </div>
      )}
      {answer && found.state === 'done' && <Counts answer={answer} room={room} />}
      {answer && (
        <div
          className={`flex min-h-0 flex-1 flex-col ${found.state === 'computing' ? 'opacity-50' : ''}`}
          data-stale={found.state === 'computing'}
        >
          {answer.found.length === 0 ? (
            <NothingShown search={search} answer={answer} />
          ) : (
            <FoundColours room={room} answer={answer} colours={colours} />
          )}
        </div>
      )}
    </>
  );
}

type Props = { readonly roomId: string; readonly colours: readonly DeckColour[] };

/** What could work here: the whole deck at every strength, judged as the walls of this room in the lights it is used in. */
export function Shortlist({ roomId, colours }: Props) {
  const visit = useHome();
  const search = useShortlist(roomId, `${colours.length} ${colours[0]?.id} ${colours.at(-1)?.id}`);
  const makers = useMemo(() => [...new Set(colours.map((c) => c.maker))], [colours]);
  const { room } = search;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5 pb-3 max-lg:block max-lg:overflow-auto">
      {room.stays.length === 0 ? (
        <p className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 border-line-strong pl-3">
          Nothing that stays is recorded: ranked by light, use and wish alone.
          <VisitLink href={addressOf({ visitId: visit.id, roomId, step: 'stays' })} className={buttonClass()}>
            Record what stays
          </VisitLink>
        </p>
      ) : (
        <Fights room={room} folded />
      )}
      <ShortlistFilters search={search} makers={makers} />
      <Outcome search={search} colours={colours} />
    </div>
  );
}
