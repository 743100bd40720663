'use client';

import { Check, Plus } from 'lucide-react';
import { useMemo } from 'react';
import { lrvOf } from '@/core/colour/lab';
import { labAtStrength } from '@/core/paint/lab-at-strength';
import { MARKED_BELOW, OFFERED_STRENGTHS, sayStrength } from '@/core/paint/strength';
import type { Candidate } from '@/core/record/types';
import { classNames } from '@/ui/class-names';
import { Patch } from '@/ui/patch';
import type { DeckColour } from '../shared/deck-data';
import { hexOf, sayColour } from '../shared/colour-entry';

type Props = {
  readonly colour: DeckColour;
  readonly twins: readonly DeckColour[];
  readonly candidates: readonly Candidate[];
  readonly onToggle: (strength: number, candidate: Candidate | undefined) => void;
};

/** A deck colour large, with its strengths to take to the bench. */
export function ColourPanel({ colour, twins, candidates, onToggle }: Props) {
  const strengths = useMemo(
    () => OFFERED_STRENGTHS.map((strength) => ({ strength, lab: labAtStrength(colour.lab, colour.base, strength) })),
    [colour],
  );
  return (
    <aside
      aria-label="Chosen colour"
      className="flex w-80 shrink-0 flex-col overflow-auto border-l border-line bg-panel max-md:w-full max-md:border-t max-md:border-l-0"
    >
      <Patch hex={colour.hex} label={sayColour(colour.lab)} className="h-36 shrink-0" />
      <div className="p-4">
        <h2 className="text-lg font-semibold break-words">{colour.name}</h2>
        <p className="text-soft">
          {colour.maker} {colour.code}
        </p>
        <p className="mt-1">{sayColour(colour.lab)}</p>
        {twins.map((twin) => (
          <div key={twin.id} role="note" className="mt-3 flex border-2 border-ink">
            <Patch hex={twin.hex} label={twin.says} className="w-14 shrink-0" />
            <p className="p-2 text-sm">
              <b>Same name, another colour:</b> {twin.maker} {twin.code}. Order by maker and code, never by name.
            </p>
          </div>
        ))}
        <h3 className="mt-4 mb-2 font-semibold">Take to this room at</h3>
        <ul className="grid">
          {strengths.map(({ strength, lab }) => {
            const candidate = candidates.find((c) => c.deckColourId === colour.id && c.strength === strength);
            return (
              <li key={strength}>
                <button
                  type="button"
                  aria-pressed={candidate !== undefined}
                  aria-label={sayStrength(strength)}
                  onClick={() => onToggle(strength, candidate)}
                  className="flex min-h-14 w-full cursor-pointer items-stretch text-left hover:bg-raised"
                >
                  <Patch hex={hexOf(lab)} label={sayColour(lab)} className="w-20 shrink-0" />
                  <span className="flex-1 px-3 py-2">
                    <span className="font-semibold">{strength} %</span> · LRV {Math.round(lrvOf(lab))}
                    <span className={classNames('block text-sm text-soft')}>
                      {sayStrength(strength).replace(/^.*\((.*)\)$/, '$1')}
                      {strength < MARKED_BELOW && ', hardly any tint left'}
                    </span>
                  </span>
                  <span className="grid w-12 place-items-center">
                    {candidate ? <Check aria-hidden size={20} /> : <Plus aria-hidden size={20} />}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        <p className="mt-3 text-sm text-soft">
          Strengths are predicted from the colour and {colour.maker}’s own base (Kubelka–Munk).
        </p>
      </div>
    </aside>
  );
}
