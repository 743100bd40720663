'use client';

import { ArrowLeft, ArrowRight, ChevronDown, ChevronUp } from 'lucide-react';
import { Button, buttonClass } from '@/ui/button';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { BenchPatches } from './bench-patches';
import { ComputedPanel } from './computed-panel';
import { EyePanel, SaidPanel } from './eye-panel';
import { useBench, type Bench } from './use-bench';
import { InLight, ShownSwitch } from '../shared/in-light';
import { VisitLink } from '../shared/where';

function Missing({ bench }: { readonly bench: Bench }) {
  const { room, visit, stay } = bench;
  const href = (step: string) => `/visits/${visit.id}/${room.id}/${step}`;
  return (
    <div className="p-5">
      <StepTitle title={`${room.name}: the bench`} />
      <EmptyState title={stay ? 'No candidate yet' : 'Nothing to lay it against yet'}>
        <p className="mb-4">{stay ? 'Pick colours from the deck first.' : 'Record what stays in this room first.'}</p>
        <VisitLink href={href(stay ? 'deck' : 'stays')} className={buttonClass('main')}>
          {stay ? 'To the deck' : 'Record what stays'}
        </VisitLink>
      </EmptyState>
    </div>
  );
}

/** The bench: a candidate large against a thing that stays, what the core computes, and what the eyes say. */
export function BenchStep({ roomId }: { readonly roomId: string }) {
  const bench = useBench(roomId);
  const { candidate, stay, relation, room } = bench;
  if (!candidate || !stay || !relation) return <Missing bench={bench} />;
  const warning = candidate.sharedName ? ' · another maker sells a different colour under this name' : '';
  return (
    <div className="flex h-full min-h-fit flex-col p-4">
      <StepTitle
        title={`${candidate.name} at ${candidate.strength} %`}
        aside={`${candidate.maker} ${candidate.code}${warning} · against ${stay.name}, ${bench.stayIndex + 1} of ${room.stays.length} that stay`}
      >
        <ShownSwitch />
        <Button aria-label="Previous colour" title="Previous colour (P)" onClick={() => bench.moveColour(-1)}>
          <ChevronUp aria-hidden size={18} />
        </Button>
        <Button aria-label="Next colour" title="Next colour (N)" onClick={() => bench.moveColour(1)}>
          <ChevronDown aria-hidden size={18} />
        </Button>
        <Button aria-label="Previous thing that stays" title="Previous thing (←)" onClick={() => bench.moveStay(-1)}>
          <ArrowLeft aria-hidden size={18} />
        </Button>
        <Button aria-label="Next thing that stays" title="Next thing (→)" onClick={() => bench.moveStay(1)}>
          <ArrowRight aria-hidden size={18} />
        </Button>
      </StepTitle>
      <InLight roomId={roomId}>
        <BenchPatches bench={bench} candidate={candidate} stay={stay} />
      </InLight>
      <div className="grid shrink-0 border border-t-0 border-line lg:grid-cols-[minmax(20rem,1fr)_minmax(24rem,1.25fr)_minmax(15rem,0.8fr)]">
        <ComputedPanel relation={relation} candidate={candidate} stay={stay} />
        <EyePanel bench={bench} />
        <SaidPanel bench={bench} />
      </div>
    </div>
  );
}
