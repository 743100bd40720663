'use client';

import { Plus } from 'lucide-react';
import { useMemo } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { sayStrength } from '@/core/paint/strength';
import type { Candidate } from '@/core/record/types';
import { Patch, PatchLabel } from '@/ui/patch';
import { sayColour } from '../shared/colour-entry';
import { usePaint } from '../shared/in-light';
import { useVisit } from '../shared/visit-context';
import { sayRefusal } from '../shared/words';
import type { Bench } from './use-bench';

type Props = { readonly bench: Bench; readonly candidate: Candidate };

/** The strengths of the colour as a stepped strip; those not in the room yet can be taken in with a tap. */
export function StrengthStrip({ bench, candidate }: Props) {
  const { save } = useVisit();
  const paint = usePaint();
  const steps = useMemo(() => {
    const here = bench.strengths.map((c) => ({ strength: c.strength, lab: c.lab, id: c.id as string | undefined }));
    const more = candidate.offered
      .filter((o) => bench.offered.includes(o.strength as never))
      .map((o) => ({ ...o, id: undefined }));
    return [...here, ...more].sort((p, q) => q.strength - p.strength);
  }, [bench.strengths, bench.offered, candidate.offered]);
  const add = async (strength: number) => {
    const result = await save({
      name: 'candidate.add',
      roomId: bench.room.id,
      candidateId: v7(),
      deckColourId: candidate.deckColourId,
      strength,
    });
    if (result.ok) bench.setCandidateId(result.id);
    else toast.error(sayRefusal(result));
  };
  return (
    <div role="group" aria-label="Strengths" className="flex w-36 shrink-0 flex-col max-md:h-16 max-md:w-full max-md:flex-row">
      {steps.map((step) => (
        <button
          key={step.strength}
          type="button"
          aria-label={`${sayStrength(step.strength)}${step.id ? '' : ', add to this room'}`}
          aria-pressed={step.id === candidate.id}
          onClick={() => (step.id ? bench.setCandidateId(step.id) : void add(step.strength))}
          className="relative min-h-11 flex-1 cursor-pointer"
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
      ))}
    </div>
  );
}
