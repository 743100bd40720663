'use client';

import { quoted } from '@/core/base/quoted';
import { Plus } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { HOME_KINDS, HOME_ORDERS, inOrder, isOfKind, type Home, type HomeKind, type HomeOrder } from '@/core/derived/home';
import type { Shelf } from '@/core/record/visit';
import { buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { ChoiceField, TextField } from '@/ui/field';
import { useKept } from '@/ui/use-kept';
import { KEEPING, NEW_VISIT, PRACTICE } from '../session/address';
import { InWordsOf } from '../session/own-words';
import { FirstStart } from './first-start';
import { HomeCard } from './home-card';

const SHELVES: readonly { readonly value: Shelf; readonly label: string }[] = [
  { value: 'current', label: 'Current' },
  { value: 'archived', label: 'Put away' },
  { value: 'deleted', label: 'Deleted' },
];
const EMPTY: Readonly<Record<Shelf, readonly [title: string, says: string]>> = {
  current: ['Nothing is worked on just now', 'Start a visit, or put one back from those put away.'],
  archived: [
    'Nothing was put away',
    'When the papers of a visit are out, put it away on its card: it stays whole, and comes back by one tap.',
  ],
  deleted: ['Nothing was deleted', 'What is deleted stays here, and can be put back.'],
};
const ORDER_WORDS: Readonly<Record<HomeOrder, string>> = {
  newest: 'the newest first',
  next: 'by their next date',
  name: 'by name',
  client: 'by client',
};
const KIND_WORDS: Readonly<Record<HomeKind, string>> = {
  all: 'all',
  open: 'not all signed',
  looks: 'looks to go',
  signed: 'all signed',
};

/** An empty shelf says what it is for; its strip is drawn as a home's, in no colour. */
function NothingHere({ title, says }: { readonly title: string; readonly says: string }) {
  return (
    <div className="border border-dashed border-line-strong bg-panel" role="status">
      <div aria-hidden className="flex h-28 items-end border-b border-dashed border-line-strong">
        {[1, 0.5, 1, 0.5].map((share, k) => (
          <span
            key={k}
            className="flex-1 border-r border-dashed border-line-strong last:border-r-0"
            style={{ height: `${share * 100}%` }}
          />
        ))}
      </div>
      <div className="p-5">
        <p className="text-lg font-semibold">{title}</p>
        <p className="mt-1 text-soft">{says}</p>
      </div>
    </div>
  );
}

/** So few visits have the page to themselves: each shows its rooms by name. */
const FEW = 2;

/** Homes whose label, place, rooms or colours hold every word that was typed. */
function found(homes: readonly Home[], text: string): readonly Home[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return homes.filter((home) => {
    const colours = home.rooms.flatMap((r) => [r.name, ...r.colours.map((c) => c.name)]);
    const all = [home.label, home.clientName, home.placeName, home.day, ...colours].join(' ').toLowerCase();
    return words.every((word) => all.includes(word));
  });
}

type Nothing = { readonly text: string; readonly kind: HomeKind; readonly shelf: Shelf; readonly here: number };
function sayNothing({ text, kind, shelf, here }: Nothing) {
  const [title, says] = EMPTY[shelf];
  if (here === 0 || (text.trim() === '' && kind === 'all')) return { title, says };
  const asked = [text.trim() === '' ? '' : quoted(text), kind === 'all' ? '' : `“${KIND_WORDS[kind]}”`].filter(Boolean);
  return { title: `Nothing here answers ${asked.join(' and ')}`, says: 'Show all of them, or look on another shelf.' };
}

/** How often the list is asked for again while some of it is still being read. */
const READ_ON_MS = 1000;
/** Asks for the list again as long as some of its visits were not read. */
function useReadOn(homes: readonly Home[]): void {
  const router = useRouter();
  const unread = homes.some((h) => !h.read);
  useEffect(() => {
    if (!unread) return;
    const timer = setInterval(() => router.refresh(), READ_ON_MS);
    return () => clearInterval(timer);
  }, [unread, router]);
}

/** Cards drawn at once: more come as one gets there. Own choice: a phone draws so many in a tenth of a second. */
const DRAWN = 48;
/** The first of a long list, and what to put after them: where that comes into sight, more are drawn. */
function useSomeOf<T>(all: readonly T[]) {
  const [count, setCount] = useState(DRAWN);
  const more = useCallback((end: HTMLElement | null) => {
    if (!end) return;
    const seen = new IntersectionObserver(([entry]) => entry?.isIntersecting && setCount((before) => before + DRAWN), {
      rootMargin: '600px',
    });
    seen.observe(end);
    return () => seen.disconnect();
  }, []);
  return { shown: all.slice(0, count), more: count < all.length ? more : undefined };
}

/** What the page is, and where one goes from here. */
function Head() {
  return (
    <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
      <div>
        <p className="text-soft">Elm Swatch</p>
        <h1 className="text-3xl font-semibold">Visits</h1>
      </div>
      <div className="flex gap-2">
        <Link href={KEEPING} className={buttonClass()}>
          Keeping
        </Link>
        <Link href={PRACTICE} className={buttonClass()}>
          Practice
        </Link>
        <Link href="/decks" className={buttonClass()}>
          Decks
        </Link>
        <Link href={NEW_VISIT} className={buttonClass('main')}>
          <Plus aria-hidden size={18} /> Start a visit
        </Link>
      </div>
    </div>
  );
}

/** All visits, the newest first, each known by its colours. */
export function VisitList({ homes }: { readonly homes: readonly Home[] }) {
  const [text, setText] = useState('');
  const [shelf, setShelf] = useState<Shelf>('current');
  const here = homes.filter((h) => h.shelf === shelf);
  const [order, setOrder] = useKept<HomeOrder>('visits.order', 'newest', HOME_ORDERS);
  const [kind, setKind] = useKept<HomeKind>('visits.kind', 'all', HOME_KINDS);
  const shown = inOrder(
    found(here, text).filter((home) => isOfKind(home, kind)),
    order,
  );
  useReadOn(homes);
  const { shown: drawn, more } = useSomeOf(shown);
  const others = homes.some((h) => h.shelf !== 'current');
  return (
    <main className="mx-auto max-w-6xl px-5 py-8">
      <Head />
      {homes.length === 0 ? (
        <FirstStart />
      ) : (
        <>
          <div className="mb-5 flex flex-wrap items-end gap-3">
            <TextField
              className="min-w-60 flex-1"
              label="Find by name, client, place, room or colour"
              type="search"
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
            <ChoiceField label="Show" value={kind} onChange={(chosen) => setKind(chosen)}>
              {HOME_KINDS.map((one) => (
                <option key={one} value={one}>
                  {KIND_WORDS[one]}
                </option>
              ))}
            </ChoiceField>
            <ChoiceField label="Order" value={order} onChange={(chosen) => setOrder(chosen)}>
              {HOME_ORDERS.map((one) => (
                <option key={one} value={one}>
                  {ORDER_WORDS[one]}
                </option>
              ))}
            </ChoiceField>
            {(others || shelf !== 'current') && (
              <ChoiceRow label="Which visits" value={shelf} onChange={setShelf} options={SHELVES} />
            )}
          </div>
          {shown.length === 0 ? (
            <NothingHere {...sayNothing({ text, kind, shelf, here: here.length })} />
          ) : (
            <ul className={`grid gap-4 ${shown.length > FEW ? 'sm:grid-cols-2 lg:grid-cols-3' : ''}`}>
              {drawn.map((home) => (
                <InWordsOf key={home.id} habits={home.habits} own={[home.label, home.clientName, home.placeName]}>
                  <HomeCard home={home} large={shown.length <= FEW} />
                </InWordsOf>
              ))}
            </ul>
          )}
          {more && <div key={drawn.length} ref={more} className="h-24" />}
        </>
      )}
    </main>
  );
}
