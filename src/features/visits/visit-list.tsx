import { Plus } from 'lucide-react';
import Link from 'next/link';
import type { VisitSummary } from '@/server/visits/queries';
import { buttonClass } from '@/ui/button';
import { addressOf, NEW_VISIT } from '../session/address';

const day = (iso: string) =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' }).format(new Date(iso));

/** All visits, newest first. */
export function VisitList({ visits }: { readonly visits: readonly VisitSummary[] }) {
  return (
    <main className="mx-auto max-w-4xl px-5 py-8">
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">Elm Swatch</p>
          <h1 className="text-3xl font-semibold">Visits</h1>
        </div>
        <div className="flex gap-2">
          <Link href="/decks" className={buttonClass()}>
            Decks
          </Link>
          <Link href={NEW_VISIT} className={buttonClass('main')}>
            <Plus aria-hidden size={18} /> Start a visit
          </Link>
        </div>
      </div>
      {visits.length === 0 ? (
        <div className="border border-dashed border-line-strong p-8 text-center">
          <p className="text-lg font-semibold">No visit yet</p>
          <p className="mt-1 text-soft">
            Start one with the client’s label, where the home is, and the rooms you will walk through.
          </p>
        </div>
      ) : (
        <ul className="divide-y divide-line border border-line bg-panel">
          {visits.map((v) => (
            <li key={v.id}>
              <Link
                href={addressOf({ visitId: v.id })}
                prefetch={false}
                className="flex min-h-16 flex-wrap items-center justify-between gap-x-6 gap-y-1 px-5 py-3 hover:bg-raised"
              >
                <span className="min-w-0 text-lg font-semibold break-words">{v.label}</span>
                <span className="text-soft">
                  {v.placeName} · {v.rooms} {v.rooms === 1 ? 'room' : 'rooms'} · {day(v.createdAt)}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </main>
  );
}
