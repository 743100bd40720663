'use client';

import { DoorOpen, Palette } from 'lucide-react';
import { useState } from 'react';
import { Button, buttonClass, Key } from '@/ui/button';
import { PAIR_KEYS } from './keys';
import { useTableKeys } from '@/ui/use-keys';
import { useMedia } from '@/ui/use-media';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { BenchSpeaks } from './bench-speaks';
import { BenchPatches } from './bench-patches';
import { BenchTools, WrongGround } from './bench-tools';
import { ClientPanel } from './client-panel';
import { ComputedPanel } from './computed-panel';
import { EyePanel } from './eye-panel';
import { Pairs } from './pairs';
import { useBench, type Bench, type PatchesBench } from './use-bench';
import { InLight, ShownSwitch } from '../light-client/in-light';
import { ColourAcross } from '../drawings/colour-across';
import { GoesWith } from '../drawings/goes-with';
import { useRoom } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { addressOf, type Step } from '../session/address';

function Missing({ bench }: { readonly bench: Bench }) {
  const { room, visit, stay } = bench;
  const href = (step: Step) => addressOf({ visitId: visit.id, roomId: room.id, step });
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

/** Where the three panels do not fit beside each other, or a phone lies on its side: the eye's stands with the patches. */
const SMALL = '(max-width: 63.99em), (max-height: 31.25em)';

/** A candidate large against what stays, what the core computes, what the eyes say, and what to look at next. */
function Judging({ roomId, onPairs }: { readonly roomId: string; readonly onPairs: () => void }) {
  const bench = useBench(roomId);
  const { candidate, stay, computed, layout } = bench;
  const { place, moveColour, moveStay, stayIndex, strengths, offered, setCandidateId, setStayId, itself, light, person, way } =
    bench;
  // nothing in it changes with what is said: the patches are not drawn again for a verdict
  const patches: PatchesBench = {
    layout,
    place,
    moveColour,
    moveStay,
    stayIndex,
    strengths,
    offered,
    setCandidateId,
    setStayId,
    itself,
    light,
    person,
    way,
  };
  const small = useMedia(SMALL);
  if (!candidate || !stay || !computed) return <Missing bench={bench} />;
  return (
    <div className="flex min-h-full flex-col p-3 lg:h-full lg:min-h-fit fold:p-0">
      <div className="flex flex-1 flex-col max-lg:h-[calc(100%-2rem)] max-lg:min-h-fit max-lg:flex-none lg:contents fold:h-full">
        <div className="mb-2.5 flex items-center justify-between gap-x-4 gap-y-2 max-xl:flex-wrap fold:mb-0 fold:gap-x-2 fold:px-3 short:flex-nowrap">
          <h1 className="min-w-0 flex-1 text-lg leading-[1.375rem] font-semibold break-words md:max-xl:flex-none fold:basis-full fold:pt-2 short:basis-auto short:pt-0">
            {candidate.name} at <span className="whitespace-nowrap">{candidate.strength} %</span>
          </h1>
          <ColourAcross colour={candidate}>
            <Button className="px-2.5" title="Also try it in other rooms, and how it does there">
              <DoorOpen aria-hidden size={18} /> <span className="max-2xl:sr-only">Also try in…</span>
            </Button>
          </ColourAcross>
          <GoesWith roomId={roomId} colour={candidate} className="px-2.5">
            <Palette aria-hidden size={18} /> <span className="max-xl:sr-only">Goes with…</span>
          </GoesWith>
          <BenchTools layout={layout} pace={bench.onwards.pace} onPace={bench.onwards.setPace} />
        </div>
        <BenchSpeaks bench={bench} />
        <WrongGround ground={layout.ground} candidate={candidate} onLeave={() => layout.setGroundId('neutral')} />
        <div className="flex min-h-0 flex-1 flex-col lg:contents short:flex-row">
          <InLight roomId={roomId}>
            <BenchPatches bench={patches} candidate={candidate} stay={stay} />
          </InLight>
          <div className="shrink-0 lg:hidden short:block short:w-[22rem] short:overflow-auto">
            {small && <EyePanel bench={bench} />}
          </div>
        </div>
      </div>
      <div className="grid shrink-0 border border-t-0 border-line md:grid-cols-2 lg:grid-cols-[minmax(17rem,0.8fr)_minmax(24rem,1.35fr)_minmax(17rem,0.95fr)] fold:mx-3">
        <ComputedPanel bench={bench} computed={computed} candidate={candidate} stay={stay} />
        {!small && <EyePanel bench={bench} />}
        <ClientPanel bench={bench} onPairs={onPairs} />
      </div>
    </div>
  );
}

/** The bench: a pair judged by the eye, or two colours for the client to pick from. */
export function BenchStep({ roomId }: { readonly roomId: string }) {
  const [mode, setMode] = useState<'judging' | 'pairs'>('judging');
  const room = useRoom(roomId);
  useTableKeys(PAIR_KEYS, { back: () => (mode === 'pairs' ? setMode('judging') : false) });
  if (mode === 'judging') return <Judging roomId={roomId} onPairs={() => setMode('pairs')} />;
  return (
    <div className="flex h-full min-h-fit flex-col p-3">
      <StepTitle title={`${room.name}: the client picks`}>
        <ShownSwitch />
        <Button onClick={() => setMode('judging')}>
          Back to the bench <Key of={PAIR_KEYS.back} />
        </Button>
      </StepTitle>
      <Pairs roomId={roomId} />
    </div>
  );
}
