'use client';

import { useMemo, useState } from 'react';
import { buttonClass } from '@/ui/button';
import { Explain } from '@/ui/explain';
import { EmptyState } from '@/ui/step-title';
import { WISH_WORDS, type Wish } from '@/core/judge/wish';
import type { Found, ShortlistAnswer } from '@/core/engine/judgement-protocol';
import type { DeckColour } from '../entry/deck-data';
import { Fights } from '../drawings/fights';
import { sayLink } from '../words/say-judgement';
import { useVisit } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { BothWaysShown } from './both-ways';
import { LeanPlot } from './lean-plot';
import { SearchButton, ShortlistFilters } from './shortlist-filters';
import { ShortlistList } from './shortlist-list';
import { useShortlist, type ShortlistSearch } from './use-shortlist';
import { addressOf } from '../session/address';

const counted = (n: number) => n.toLocaleString('en-GB');

/** How many work, how many nearly, and what most of the rest was dropped for. */
function Counts({ answer, wish }: { readonly answer: ShortlistAnswer; readonly wish: Wish | null }) {
  const { works, nearly, no } = answer.looked;
  return (
    <div className="min-w-64 flex-1">
      <p>
        <b className="text-lg">{works === 0 ? 'Nothing works in every light' : `${counted(works)} could work`}</b>
        {` · ${counted(nearly)} nearly · ${counted(no)} dropped, of ${counted(works + nearly + no)} colours and strengths · `}
        <Explain
          label="Fit"
          why={`The weakest link over everything that stays and every light decides whether a colour works, nearly does or does not. What is left is ranked by it and by what speaks for a colour: the undertone of what stays that it shares, whether it is a colour for four walls or an accent${wish ? `, and what the client wants: ${WISH_WORDS[wish]}` : ''}. 100 has all of that and no conflict anywhere. Judged ${answer.moments.join('; ')}. The ranking took ${(answer.rankedInMs / 1000).toFixed(1)} s.`}
        >
          judged in {answer.moments.length} lights{wish && `, ranked for “${WISH_WORDS[wish]}”`}
        </Explain>
      </p>
      {works === 0 && answer.found.length > 0 && (
        <p className="text-sm">That is a result: the closest stand first. Fetch samples “like it, but …”.</p>
      )}
      {answer.drops.length > 0 && (
        <p className="truncate text-sm text-soft">
          Dropped for:{' '}
          {answer.drops
            .slice(0, 4)
            .map((d) => `${sayLink({ ...d.weakest, component: null })} (${counted(d.count)})`)
            .join(' · ')}
        </p>
      )}
    </div>
  );
}

type FoundProps = { readonly search: ShortlistSearch; readonly answer: ShortlistAnswer; readonly colours: readonly DeckColour[] };

function FoundColours({ search, answer, colours }: FoundProps) {
  const byId = useMemo(() => new Map(colours.map((c) => [c.id, c])), [colours]);
  const [chosen, setChosen] = useState<Found>();
  const { stays } = search.room;
  return (
    <div className="grid min-h-0 flex-1 gap-5 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
      <ShortlistList room={search.room} found={answer.found} colours={byId} chosen={chosen} onChoose={setChosen} />
      <div tabIndex={0} role="group" aria-label="Where they lie" className="min-h-0 min-w-0 overflow-auto">
        <div className="flex gap-4">
          <LeanPlot axis="a" answer={answer} stays={stays} chosen={chosen} onChoose={setChosen} />
          <LeanPlot axis="b" answer={answer} stays={stays} chosen={chosen} onChoose={setChosen} />
        </div>
        <p className="mt-2 text-sm text-soft">
          Large squares could work, small ones nearly, specks were dropped.{' '}
          {stays.map((s, n) => `${n + 1} ${s.name}`).join(' · ')}
        </p>
        {answer.bothWays && <BothWaysShown ways={answer.bothWays} colours={byId} onChoose={setChosen} found={answer.found} />}
      </div>
    </div>
  );
}

function Working({ share }: { readonly share: number }) {
  return (
    <div role="status" aria-live="polite" className="min-w-60 flex-1">
      <p className="mb-1">
        {share < 0.3 ? 'Computing the light of the day…' : 'Laying every colour against everything that stays…'}
      </p>
      <progress aria-label="Search" value={share} max={1} className="h-3 w-full accent-[var(--ink)]" />
    </div>
  );
}

type OutcomeProps = { readonly search: ShortlistSearch; readonly colours: readonly DeckColour[] };

/** The button with how far it is, and what came of it. */
function Outcome({ search, colours }: OutcomeProps) {
  const { asked, found } = search;
  const answer = found.state === 'done' ? found.value : undefined;
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        <SearchButton search={search} />
        {asked && found.state === 'computing' && <Working share={found.share} />}
        {asked && answer && <Counts answer={answer} wish={asked.wish} />}
      </div>
      {!asked && (
        <EmptyState title="Find what could work here">
          Every colour of the deck at every strength is laid against everything that stays, in the telling lights of the day: the
          search no hand could do. The eye decides what comes of it.
        </EmptyState>
      )}
      {asked && found.state === 'failed' && <p role="alert">{found.says}</p>}
      {asked && answer && <FoundColours search={search} answer={answer} colours={colours} />}
    </>
  );
}

type Props = { readonly roomId: string; readonly colours: readonly DeckColour[] };

/** "Find what could work here": the whole deck at every strength, judged in every telling light of the day. */
export function Shortlist({ roomId, colours }: Props) {
  const { visit } = useVisit();
  const search = useShortlist(roomId, `${colours.length} ${colours[0]?.id} ${colours.at(-1)?.id}`);
  const makers = useMemo(() => [...new Set(colours.map((c) => c.maker))], [colours]);
  const { room } = search;
  if (room.stays.length === 0)
    return (
      <div className="px-5">
        <EmptyState title="Nothing to judge against yet">
          <p className="mb-4">What stays decides what can work. Record it first.</p>
          <VisitLink href={addressOf({ visitId: visit.id, roomId, step: 'stays' })} className={buttonClass('main')}>
            Record what stays
          </VisitLink>
        </EmptyState>
      </div>
    );
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5 pb-3">
      <Fights room={room} folded />
      <ShortlistFilters search={search} makers={makers} />
      <Outcome search={search} colours={colours} />
    </div>
  );
}
