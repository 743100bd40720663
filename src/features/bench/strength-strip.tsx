'use client';

import { Plus, X } from 'lucide-react';
import { useMemo } from 'react';
import { toast } from 'sonner';
import type { Lab } from '@/core/colour/types';
import { sayStrength } from '@/core/paint/strength';
import type { Candidate } from '@/core/record/candidate';
import { Patch, PatchLabel } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { usePaint } from '../light-client/in-light';
import { AnyStrength } from '../entry/any-strength';
import { takeAway } from '../session/take-away';
import { useTakeColour } from '../session/take-colour';
import { useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import type { PatchesBench } from './use-bench';

type Props = { readonly bench: PatchesBench; readonly candidate: Candidate };

/** The strengths of the colour as a stepped strip; those not in the room yet can be taken in with a tap. */
export function StrengthStrip({ bench, candidate }: Props) {
  const write = useVisitWrite();
  const take = useTakeColour(bench.itself);
  const paint = usePaint();
  const steps = useMemo(() => {
    const here = bench.strengths.map((c) => ({ strength: c.strength, lab: c.lab, id: c.id as string | undefined }));
    const more = candidate.offered
      .filter((o) => bench.offered.some((strength) => strength === o.strength))
      .map((o) => ({ ...o, id: undefined }));
    return [...here, ...more].sort((p, q) => q.strength - p.strength);
  }, [bench.strengths, bench.offered, candidate.offered]);
  const add = async (strength: number, lab: Lab) => {
    const { candidateId, result } = take({ ...candidate, lab }, strength);
    bench.setCandidateId(candidateId);
    const kept = await result;
    if (!kept.ok) toast.error(sayRefusal(kept));
  };
  const takeOut = async () => {
    const set = (retired: boolean) =>
      write({ name: 'candidate.retire', roomId: bench.itself.id, candidateId: candidate.id, retired }, { answers: true }).result;
    await takeAway(set, `${candidate.name} at ${candidate.strength} % taken out; its verdicts are kept`);
  };
  return (
    <div
      role="group"
      aria-label="Strengths"
      className="flex min-h-0 w-36 shrink-0 flex-col overflow-y-auto max-md:h-20 max-md:w-full max-md:flex-row short:w-24"
    >
      {steps.map((step) => (
        <div key={step.strength} className="relative min-h-11 min-w-0 flex-1">
          <button
            type="button"
            aria-label={`${sayStrength(step.strength)}${step.id ? '' : ', add to this room'}`}
            aria-pressed={step.id === candidate.id}
            onClick={() => (step.id ? bench.setCandidateId(step.id) : void add(step.strength, step.lab))}
            className="absolute inset-0 cursor-pointer"
          >
            <Patch
              hex={paint(step.id ?? `${candidate.deckColourId}@${step.strength}`, step.lab)}
              label={sayColour(step.lab)}
              className="absolute inset-0"
            />
            {step.id === candidate.id && <span className="pointer-events-none absolute inset-0 border-4 border-[#1a1a1a]" />}
            <PatchLabel className="absolute top-2 right-2 flex items-center gap-1 text-sm">
              {!step.id && <Plus aria-hidden size={13} />}
              {step.strength} %
            </PatchLabel>
          </button>
          {step.id === candidate.id && (
            <button
              type="button"
              aria-label={`Take ${step.strength} % out of this room`}
              title="Take it out of this room"
              onClick={() => void takeOut()}
              className="absolute top-1 left-1 grid size-11 cursor-pointer place-items-center text-[#1a1a1a] max-md:top-auto max-md:bottom-0 max-md:left-0"
            >
              <span className="grid size-7 place-items-center bg-white/90">
                <X aria-hidden size={16} />
              </span>
            </button>
          )}
        </div>
      ))}
      <AnyStrength room={bench.itself} colour={candidate} from={candidate.strength} onTaken={bench.setCandidateId}>
        <button
          type="button"
          title="Any strength from 10 to 150 % (M)"
          data-any-strength
          className="min-h-11 cursor-pointer bg-panel px-2 text-sm hover:bg-raised max-md:w-16"
        >
          other %
        </button>
      </AnyStrength>
    </div>
  );
}
