'use client';

import { Plus } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import type { Home } from '@/core/record/home';
import type { Shelf } from '@/core/record/visit';
import { buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { TextField } from '@/ui/field';
import { KEEPING, NEW_VISIT } from '../session/address';
import { FirstStart } from './first-start';
import { HomeCard } from './home-card';

const SHELVES: readonly { readonly value: Shelf; readonly label: string }[] = [
  { value: 'current', label: 'Current' },
  { value: 'archived', label: 'Put away' },
  { value: 'deleted', label: 'Deleted' },
];
const EMPTY: Readonly<Record<Shelf, string>> = {
  current: 'Nothing is worked on just now.',
  archived: 'Nothing was put away.',
  deleted: 'Nothing was deleted.',
};

/** Homes whose label, place, rooms or colours hold every word that was typed. */
function found(homes: readonly Home[], text: string): readonly Home[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return homes.filter((home) => {
    const colours = home.rooms.flatMap((r) => [r.name, ...r.colours.map((c) => c.name)]);
    const all = [home.label, home.placeName, home.day, ...colours].join(' ').toLowerCase();
    return words.every((word) => all.includes(word));
  });
}

/** All visits, the newest first, each known by its colours. */
export function VisitList({ homes }: { readonly homes: readonly Home[] }) {
  const [text, setText] = useState('');
  const [shelf, setShelf] = useState<Shelf>('current');
  const here = homes.filter((h) => h.shelf === shelf);
  const shown = found(here, text);
  const others = homes.some((h) => h.shelf !== 'current');
  return (
    <main className="mx-auto max-w-6xl px-5 py-8">
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">Elm Swatch</p>
          <h1 className="text-3xl font-semibold">Visits</h1>
        </div>
        <div className="flex gap-2">
          <Link href={KEEPING} className={buttonClass()}>
            Keeping
          </Link>
          <Link href="/decks" className={buttonClass()}>
            Decks
          </Link>
          <Link href={NEW_VISIT} className={buttonClass('main')}>
            <Plus aria-hidden size={18} /> Start a visit
          </Link>
        </div>
      </div>
      {homes.length === 0 ? (
        <FirstStart />
      ) : (
        <>
          <div className="mb-5 flex flex-wrap items-end gap-3">
            <TextField
              className="min-w-60 flex-1"
              label="Find by name, place, room or colour"
              type="search"
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
            {(others || shelf !== 'current') && (
              <ChoiceRow label="Which visits" value={shelf} onChange={setShelf} options={SHELVES} />
            )}
          </div>
          {shown.length === 0 ? (
            <p className="border border-dashed border-line-strong p-8 text-center text-soft" role="status">
              {text.trim() !== '' && here.length > 0 ? `Nothing here answers “${text.trim()}”.` : EMPTY[shelf]}
            </p>
          ) : (
            <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
              {shown.map((home) => (
                <HomeCard key={home.id} home={home} />
              ))}
            </ul>
          )}
        </>
      )}
    </main>
  );
}
