'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { lrvOf } from '@/core/colour/lab';
import { verdictIn } from '@/core/derived/standing';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedStay } from '@/core/record/stay';
import { classNames } from '@/ui/class-names';
import { Patch, PatchLabel } from '@/ui/patch';
import { VerdictBar } from '@/ui/verdict-mark';
import { sayColour } from '../words/say-colour';
import { useOldLight, usePaint } from '../light-client/in-light';
import { SlideSteps } from '../drawings/slide-steps';
import { StayPattern } from '../drawings/stay-pattern';
import { sayShares } from '../drawings/stay-patch';
import { BenchRow } from './bench-row';
import { StrengthStrip } from './strength-strip';
import { standingVerdicts } from '@/core/derived/standing';
import { useRoom } from '../session/visit-context';
import type { PatchesBench } from './use-bench';
import type { Ground } from './use-bench-view';

type Props = { readonly bench: PatchesBench; readonly candidate: Candidate; readonly stay: RecordedStay };

const sayCandidate = (c: Candidate) => `${c.name} at ${c.strength} %: ${sayColour(c.lab)}`;

type TurnProps = { readonly what: string; readonly keys: readonly [string, string]; readonly onMove: (by: number) => void };

/** The ways to the next one, on the patch itself. */
function Turn({ what, keys, onMove }: TurnProps) {
  const button = 'grid size-11 cursor-pointer place-items-center bg-white/90 text-[#1a1a1a] hover:bg-white';
  return (
    <div className="absolute top-3 left-3 flex gap-px">
      <button
        type="button"
        className={button}
        aria-label={`Previous ${what}`}
        title={`Previous ${what} (${keys[0]})`}
        onClick={() => onMove(-1)}
      >
        <ChevronLeft aria-hidden size={20} />
      </button>
      <button
        type="button"
        className={button}
        aria-label={`Next ${what}`}
        title={`Next ${what} (${keys[1]})`}
        onClick={() => onMove(1)}
      >
        <ChevronRight aria-hidden size={20} />
      </button>
    </div>
  );
}

/** Words at the foot of a patch. */
function Foot({ children }: { readonly children: ReactNode }) {
  return (
    <div className="pointer-events-none absolute inset-x-3 bottom-3 min-w-0 max-md:inset-x-2 max-md:bottom-2">
      <PatchLabel className="inline-block max-w-full break-words max-md:px-2 max-md:text-[0.8125rem] max-md:leading-4">
        {children}
      </PatchLabel>
    </div>
  );
}

type CandidateProps = {
  readonly candidate: Candidate;
  readonly bench?: PatchesBench;
  readonly says?: string;
  readonly className?: string;
};

function CandidatePatch({ candidate, bench, says, className }: CandidateProps) {
  const paint = usePaint();
  const placed = bench ? ` · colour ${bench.place.colour} of ${bench.place.colours}` : '';
  const shared = candidate.sharedName ? ' · ≠ name also used by another maker' : '';
  return (
    <div className={classNames('relative min-w-0', className)}>
      <Patch hex={paint(candidate.id, candidate.lab)} label={sayCandidate(candidate)} className="absolute inset-0" />
      {bench && <Turn what="colour" keys={['P', 'N']} onMove={bench.moveColour} />}
      <Foot>{says ?? `${candidate.maker} ${candidate.code} · LRV ${Math.round(lrvOf(candidate.lab))}${placed}${shared}`}</Foot>
    </div>
  );
}

function BesideOne({ bench, candidate, stay }: Props) {
  return (
    <>
      <div className="relative flex min-w-0 flex-1">
        <div className="relative min-w-0 flex-[1.1]">
          <StayPattern stay={stay} className="absolute inset-0" />
          <Turn what="thing that stays" keys={['←', '→']} onMove={bench.moveStay} />
          <Foot>
            {stay.name}, {sayShares(stay)} · {bench.stayIndex + 1} of {bench.itself.stays.length}
          </Foot>
        </div>
        <CandidatePatch candidate={candidate} bench={bench} className="flex-[0.9]" />
      </div>
      <StrengthStrip bench={bench} candidate={candidate} />
    </>
  );
}

/** Every thing that stays touches the candidate; a tap on one makes it the one that is judged. */
function BesideAll({ bench, candidate, stay }: Props) {
  const { light, person } = bench;
  const room = useRoom(bench.itself.id);
  const standing = standingVerdicts(room.verdicts);
  const lookedAt = bench.way === 'in-room';
  return (
    <>
      <div className="flex min-w-0 flex-[1.1] flex-col">
        {room.stays.map((s) => {
          const said = light && verdictIn(standing, { candidateId: candidate.id, stayId: s.id, light, person, lookedAt });
          return (
            <button
              key={s.id}
              type="button"
              aria-pressed={s.id === stay.id}
              aria-label={`Judge beside ${s.name}${said ? `: ${said.verdict}` : ''}`}
              onClick={() => bench.setStayId(s.id)}
              className="relative min-h-11 flex-1 cursor-pointer"
            >
              <StayPattern stay={s} className="absolute inset-0" />
              {s.id === stay.id && <span className="pointer-events-none absolute inset-y-0 left-0 w-2 bg-[#1a1a1a]" />}
              <PatchLabel className="pointer-events-none absolute top-1/2 left-4 flex max-w-[90%] -translate-y-1/2 items-center gap-3">
                <span className="min-w-0 break-words">{s.name}</span>
                {said && <span className="w-10">{said.verdict === 'no' ? 'no' : <VerdictBar mark={said.verdict} />}</span>}
              </PatchLabel>
            </button>
          );
        })}
      </div>
      <CandidatePatch candidate={candidate} bench={bench} className="flex-[0.9] max-md:min-h-24" />
      <StrengthStrip bench={bench} candidate={candidate} />
    </>
  );
}

/** The candidate and the next strength of it, both touching the thing and each other. */
function TwoStrengths({ bench, candidate, stay }: Props) {
  const paint = usePaint();
  const weaker =
    [...candidate.offered].sort((p, q) => q.strength - p.strength).find((o) => o.strength < candidate.strength) ??
    candidate.offered.find((o) => o.strength !== candidate.strength);
  const known = weaker && bench.strengths.find((c) => c.strength === weaker.strength);
  return (
    <>
      <div className="relative min-w-0 flex-1">
        <StayPattern stay={stay} className="absolute inset-0" />
        <Foot>{stay.name}</Foot>
      </div>
      <div className="flex min-w-0 flex-1 flex-col">
        <CandidatePatch candidate={candidate} says={`${candidate.strength} %`} className="flex-1" />
        {weaker && (
          <div className="relative min-w-0 flex-1">
            <Patch
              hex={paint(known?.id ?? `${candidate.deckColourId}@${weaker.strength}`, weaker.lab)}
              label={`${candidate.name} at ${weaker.strength} %: ${sayColour(weaker.lab)}`}
              className="absolute inset-0"
            />
            <Foot>{weaker.strength} %</Foot>
          </div>
        )}
      </div>
      <StrengthStrip bench={bench} candidate={candidate} />
    </>
  );
}

/** The intensity alone, among no neighbours. */
function Alone({ candidate, framed }: { readonly candidate: Candidate; readonly framed: boolean }) {
  return (
    <div className={classNames('flex min-w-0 flex-1', framed ? '' : 'px-[12%] py-6')}>
      <CandidatePatch
        candidate={candidate}
        says={`${candidate.strength} % · LRV ${Math.round(lrvOf(candidate.lab))}`}
        className="flex-1"
      />
    </div>
  );
}

function Patches(props: Props) {
  const { bench, candidate } = props;
  const { view, ground } = bench.layout;
  if (view === 'all') return <BesideAll {...props} />;
  if (view === 'row') return <BenchRow key={props.stay.id} {...props} />;
  if (view === 'split') return <TwoStrengths {...props} />;
  if (view === 'alone') return <Alone candidate={candidate} framed={ground.lab !== undefined} />;
  return <BesideOne {...props} />;
}

function useGroundHex({ id, lab }: Ground): string | undefined {
  const paint = usePaint();
  return lab && paint(id, lab);
}

/** The large touching fields in the chosen view, on the chosen ground. */
export function BenchPatches(props: Props) {
  const { bench, candidate, stay } = props;
  const { view, ground } = bench.layout;
  const hex = useGroundHex(ground);
  const old = useOldLight(bench.itself.id);
  if (view === 'slide')
    return (
      <div tabIndex={0} role="group" aria-label="From the window to the lamp" className="min-h-44 flex-1 overflow-auto">
        <SlideSteps room={bench.itself} candidate={candidate} />
      </div>
    );
  return (
    <div
      className={classNames('flex min-h-44 flex-1 max-lg:min-h-80', hex && 'min-h-60 p-6 max-md:p-5')}
      {...(hex ? { style: { backgroundColor: hex }, 'data-patch': hex, 'data-ground': ground.name } : {})}
    >
      <div
        className="relative flex min-w-0 flex-1 max-md:flex-col"
        data-bench-cell={`${candidate.code}/${candidate.strength}/${stay.name}`}
        data-bench-view={view}
      >
        <Patches {...props} />
        {old && (
          <div className="pointer-events-none absolute inset-x-0 top-3 flex justify-center" role="status">
            <PatchLabel>computing this light…</PatchLabel>
          </div>
        )}
      </div>
    </div>
  );
}
