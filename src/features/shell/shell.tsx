'use client';

import Link from 'next/link';
import { useRef, type ReactNode } from 'react';
import { habitsOf } from '@/core/units/habits';
import { classNames } from '@/ui/class-names';
import { useFocusKept } from '@/ui/use-focus-kept';
import { useFocusBack } from '@/ui/use-keys';
import { useLive } from '@/ui/use-live';
import { useHome } from '../session/visit-context';
import { addressOf, VISITS, type Step } from '../session/address';
import { VisitLink } from '../session/where';
import { DayRibbon } from './day-ribbon';
import { LookBar } from './look-bar';
import { KeyMap, type KeyGroup } from './key-map';
import { EVERYWHERE } from '../words/everywhere-keys';
import { usePrintSheet } from './print-sheet';
import { RoomLine } from './room-line';
import { SavingState } from './saving';
import { SavingTrouble } from './saving-trouble';
import { SetAside } from './set-aside';
import { SparePart, StepBoundary } from './step-boundary';
import { SurroundSwitch } from './surround';
import { Undo } from './undo';

/** A step as the frame shows it. */
export type ShownStep = { readonly step: Step; readonly name: string; readonly keys?: readonly KeyGroup[] | undefined };

type Props = {
  readonly roomId: string;
  readonly step: Step;
  /** What the page that is shown is called. */
  readonly name: string;
  readonly steps: readonly ShownStep[];
  readonly children: ReactNode;
};

/** What is always on the screen: the room line above, the steps beside, the day below, and the work of the step in the middle. */
export function Shell({ roomId, step, name, steps, children }: Props) {
  const visit = useHome();
  useFocusBack();
  const live = useLive();
  const work = useRef<HTMLElement>(null);
  useFocusKept(work);
  usePrintSheet({ title: `${visit.label}, ${visit.place.name}`, sheet: habitsOf(visit).sheet, step });
  return (
    <div data-live={live} className="flex h-dvh flex-col print:h-auto print:block">
      <header className="flex min-h-15 shrink-0 items-stretch border-b border-line bg-panel max-sm:flex-wrap print:hidden">
        <Link
          href={VISITS}
          prefetch={false}
          title="All visits"
          className="flex w-24 shrink-0 items-center justify-center overflow-hidden border-r border-line px-2 max-sm:min-h-11 max-sm:w-auto max-sm:min-w-0 max-sm:flex-1 max-sm:justify-start max-sm:border-r-0 max-sm:px-3 text-center text-sm leading-tight font-semibold hover:bg-raised"
        >
          <span className="line-clamp-2 break-words">{visit.label}</span>
        </Link>
        <RoomLine roomId={roomId} step={step} />
        <div className="flex shrink-0 items-center border-l border-line px-1 max-sm:border-l-0">
          <SavingState />
          <Undo />
          <SurroundSwitch />
          <KeyMap groups={[...steps.flatMap(({ keys }) => keys ?? []), { title: 'Everywhere in a room', table: EVERYWHERE }]} />
        </div>
      </header>
      <SavingTrouble />
      <SetAside />
      <SparePart>
        <LookBar key={roomId} roomId={roomId} />
      </SparePart>
      <div className="flex min-h-0 flex-1 max-md:flex-col print:block">
        <nav
          aria-label="Steps"
          className="flex w-24 shrink-0 flex-col border-r border-line bg-panel py-2 max-md:w-full max-md:flex-row max-md:overflow-x-auto max-md:border-r-0 max-md:border-b max-md:py-0 print:hidden"
        >
          {steps.map(({ step: slug, name: called }) => (
            <VisitLink
              key={slug}
              href={addressOf({ visitId: visit.id, roomId, step: slug })}
              hrefNow={(now) => addressOf({ visitId: visit.id, roomId: now.roomId ?? roomId, step: slug })}
              aria-current={slug === step ? 'step' : undefined}
              className={classNames(
                'flex min-h-11 shrink-0 items-center border-l-4 px-3 hover:bg-raised max-md:border-b-4 max-md:border-l-0',
                slug === step ? 'border-ink font-semibold' : 'border-transparent text-soft',
              )}
            >
              {called}
            </VisitLink>
          ))}
        </nav>
        <main ref={work} tabIndex={-1} className="min-h-0 min-w-0 flex-1 overflow-auto outline-none print:overflow-visible">
          <StepBoundary name={name} roomId={roomId}>
            {children}
          </StepBoundary>
        </main>
      </div>
      <SparePart>
        <DayRibbon roomId={roomId} />
      </SparePart>
    </div>
  );
}
