'use client';

import { Printer } from 'lucide-react';
import { PAPER_TITLES, HANDED_PAPERS, type HandOver, type PaperName } from '@/core/handover/hand-over';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useKept } from '@/ui/use-kept';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { BoardPaper } from './board-paper';
import { ClientPaper } from './client-paper';
import { PaperCard } from './paper-card';
import { OrderPaper, SchedulePaper } from './schedule-paper';
import { TakeAway } from './take-away';
import { useHandOver } from './use-hand-over';

const SHOWN = { client: ClientPaper, schedule: SchedulePaper, order: OrderPaper, board: BoardPaper } as const;
/** Whose a paper is, and what it is, which a phone leaves out. */
const SHORT: Readonly<Record<PaperName, readonly [string, string]>> = {
  client: ['Client', '’s sheet'],
  schedule: ['Painter', '’s schedule'],
  order: ['Order', ''],
  board: ['Board', 's'],
};

/** What still stands in the way of handing over: rooms that are not signed, or were changed since. */
function Standing({ made }: { readonly made: HandOver }) {
  const drafts = made.rooms.filter((r) => r.signed.startsWith('not signed')).map((r) => r.room);
  const changed = made.rooms.filter((r) => r.changed).map((r) => r.room);
  const against = made.rooms.filter((r) => r.objections.length > 0).map((r) => r.room);
  const open = made.rooms.filter((r) => r.notDecided).map((r) => `${r.room}: ${r.notDecided}`);
  const says = [
    drafts.length > 0 && `Not signed yet: ${drafts.join(', ')}.`,
    changed.length > 0 && `Changed since it was signed: ${changed.join(', ')}.`,
    against.length > 0 && `Refused since it was signed: ${against.join(', ')}.`,
    open.length > 0 && `Open: ${open.join('; ')}.`,
    made.roomsLeft.length > 0 && `Nothing decided: ${made.roomsLeft.join(', ')}.`,
  ].filter(Boolean);
  return (
    <p role="status" className="mb-3 text-soft print:hidden">
      {says.length === 0 ? 'Every surface is decided and signed.' : says.join(' ')}
    </p>
  );
}

/** The papers of the visit: the client's sheet, the painter's schedule, the counter's order; to print and to take away. */
export function HandoverStep({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const { state, made, retry } = useHandOver();
  const [shown, setShown] = useKept<PaperName>('handover.paper', 'schedule', HANDED_PAPERS);
  const Paper = SHOWN[shown];
  const { revision, printed, label, place } = made.visit;
  if (made.rooms.length === 0)
    return (
      <div className="p-4 lg:px-5">
        <StepTitle title="Hand over" />
        <EmptyState title="Nothing is decided yet">
          <p className="mb-4">
            Decide a surface: the client’s sheet, the painter’s schedule and the order are made from what is decided.
          </p>
          <VisitLink href={addressOf({ visitId: visit.id, roomId, step: 'decide' })} className={buttonClass('main')}>
            Decide
          </VisitLink>
        </EmptyState>
      </div>
    );
  return (
    <div className="p-4 lg:px-5 print:p-0">
      <div className="print:hidden">
        <StepTitle title="Hand over">
          <ChoiceRow
            label="Paper"
            value={shown}
            onChange={setShown}
            options={HANDED_PAPERS.map((value) => {
              const [whose, what] = SHORT[value];
              const label = (
                <span>
                  {whose}
                  <span className="max-sm:sr-only">{what}</span>
                </span>
              );
              return { value, label };
            })}
          />
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={18} /> Print
          </Button>
          <TakeAway name={shown} made={made} />
        </StepTitle>
      </div>
      <Standing made={made} />
      {state === 'failed' && (
        <p role="alert" className="mb-3">
          Bases and formulas could not be read. <Button onClick={retry}>Try again</Button>
        </p>
      )}
      <article
        aria-label={PAPER_TITLES[shown]}
        aria-busy={state === 'asking'}
        className="mx-auto max-w-[60rem] bg-white p-8 text-black max-sm:p-4 print:max-w-none print:p-0"
      >
        <PaperCard from={made.from} />
        <header className="mb-3 flex flex-wrap items-end justify-between gap-x-6">
          <h2 className="text-2xl font-semibold">{PAPER_TITLES[shown]}</h2>
          <p className="text-sm text-[#333]">
            {label}, {place} · {revision === 0 ? 'not signed' : `revision ${revision}`} · {printed}
          </p>
        </header>
        <Paper made={made} />
        {made.from.footer && <p className="mt-6 text-sm text-[#333]">{made.from.footer}</p>}
      </article>
    </div>
  );
}
