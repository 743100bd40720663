'use client';

import { Download } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Kept } from '@/server/keeping/kept';
import { buttonClass } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { VISITS } from '../session/address';
import { ConsultantCardForm } from './consultant-card';
import { BringInVisit } from './bring-in';
import { TakeUnsavedIn } from './unsaved-in';
import { Devices } from './devices';

const days = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});
const sayDay = (day: string) => days.format(new Date(`${day}T12:00Z`));

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="grid gap-3">
      <h2 className="text-lg font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** Where everything is kept, its copies, and the ways out and in. */
export function KeepingPage({ kept }: { readonly kept: Kept }) {
  const { folder, copies, findings, card, devices } = kept;
  return (
    <main data-live={useLive()} className="mx-auto grid max-w-4xl gap-8 px-5 py-8">
      <div>
        <p className="text-soft">
          <Link href={VISITS} className="inline-flex min-h-11 items-center underline underline-offset-4">
            Visits
          </Link>
        </p>
        <h1 className="text-3xl font-semibold">Keeping</h1>
      </div>
      {findings.map((says) => (
        <p key={says} role="alert" className="border-l-4 border-ink bg-panel p-4">
          {says}
        </p>
      ))}
      <Section title="Your card, on every paper">
        <ConsultantCardForm card={card} />
      </Section>
      <Section title="Everything, as one file">
        <p className="max-w-prose text-soft">
          All visits with their photographs, and all decks. Keep it on another disk. To have it back, put it into an empty folder:{' '}
          <code>bin/restore FILE --data NEW-FOLDER</code>
        </p>
        <div>
          <a href="/api/keeping/everything" download className={buttonClass('main')}>
            <Download aria-hidden size={18} /> Take everything away
          </a>
        </div>
      </Section>
      <Section title="A visit, as one file">
        <p className="max-w-prose text-soft">
          A visit is taken away from its card among the{' '}
          <Link href={VISITS} className="underline underline-offset-4">
            visits
          </Link>
          , and brought in here, from this machine or another. You see what is in it before anything is kept; what is here stays.
        </p>
        <BringInVisit />
      </Section>
      <Section title="What could not be saved">
        <p className="max-w-prose text-soft">
          A page that could not save, in a browser that keeps nothing, gives what waits as a file: it is taken in here.
        </p>
        <TakeUnsavedIn />
      </Section>
      <Section title="Copies on this machine">
        <p className="max-w-prose text-soft">
          Made each day and whenever Elm Swatch is stopped, when there is something new: seven days are kept, and four weeks.
        </p>
        {copies.length === 0 ? (
          <p className="border border-dashed border-line-strong p-4 text-soft">
            No copy yet: the first is made when Elm Swatch is stopped.
          </p>
        ) : (
          <ul className="columns-2 gap-6 border border-line bg-panel p-4 max-sm:columns-1">
            {copies.map((day) => (
              <li key={day}>{sayDay(day)}</li>
            ))}
          </ul>
        )}
        <p className="text-soft">
          All of it is in <code className="break-all">{folder}</code>
        </p>
      </Section>
      {devices && (
        <Section title="Devices that are let in">
          <Devices devices={devices} />
        </Section>
      )}
    </main>
  );
}
