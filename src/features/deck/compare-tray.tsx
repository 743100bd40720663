'use client';

import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { directions, sayDirections } from '@/core/colour/directions';
import { WHITE_PAPERS, type Paper } from '@/core/colour/paper';
import { luminanceOfHex } from '@/core/colour/srgb';
import type { Lab } from '@/core/colour/types';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { inkOn, Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';
import type { DeckColour } from '@/core/derived/deck-colour';

/** Most colours that can be told apart side by side. */
export const MOST_COMPARED = 12;

/** Which of the tray leans farthest in a direction, in words: "FR 3112 is the pinkest, by 2.1". */
function sayFarthest(colours: readonly DeckColour[], pivot: Lab): string[] {
  const all = colours.map((c) => ({ code: c.code, d: directions(pivot, c.lab) }));
  const words = [
    ['pinkGreen', 'the pinkest', 'the greenest'],
    ['yellowBlue', 'the yellowest', 'the bluest'],
  ] as const;
  return words.flatMap(([direction, most, least]) => {
    const sorted = [...all].sort((p, q) => q.d[direction] - p.d[direction]);
    const [first, last] = [sorted[0]!, sorted.at(-1)!];
    const apart = first.d[direction] - last.d[direction];
    return apart < 1 ? [] : [`${first.code} is ${most}, ${last.code} ${least}, ${apart.toFixed(1)} steps apart`];
  });
}

type Props = {
  readonly colours: readonly DeckColour[];
  readonly onRemove: (colour: DeckColour) => void;
  readonly onClear: () => void;
};

/** Two to twelve colours touching, each told against a pivot: single chips hide their undertone. */
export function CompareTray({ colours, onRemove, onClear }: Props) {
  const [chosen, setChosen] = useState('');
  const paper = WHITE_PAPERS[chosen as Paper] as (typeof WHITE_PAPERS)[Paper] | undefined;
  const own = colours.find((c) => c.id === chosen) ?? colours[0]!;
  const pivot = paper?.lab ?? own.lab;
  const summary = useMemo(() => sayFarthest(colours, pivot), [colours, pivot]);
  return (
    <section aria-label="Compare tray" className="shrink-0 border-t border-line-strong bg-panel px-5 py-3">
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <ChoiceField
          className="w-64"
          label="Undertone read against"
          value={paper ? chosen : own.id}
          onChange={(chosen) => setChosen(chosen)}
        >
          {colours.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name} {c.code}
              {c.sharedName ? ' (name shared)' : ''}
            </option>
          ))}
          {Object.entries(WHITE_PAPERS).map(([key, p]) => (
            <option key={key} value={key}>
              {p.name}
            </option>
          ))}
        </ChoiceField>
        <p className="min-w-0 flex-1 text-sm" aria-live="polite">
          {colours.length < 2
            ? 'Add one more colour to compare.'
            : summary.length > 0
              ? `${summary.join('. ')}.`
              : 'None leans visibly more than the others.'}
          {chosen === 'brightened' &&
            ' Brightener makes this paper bluish in daylight: everything looks a touch warmer than it is.'}
        </p>
        <Button onClick={onClear}>Empty the tray</Button>
      </div>
      <ul className="flex overflow-x-auto">
        {paper && (
          <li className="w-28 shrink-0">
            <Patch hex={hexOf(paper.lab)} label={paper.name} className="h-28" />
            <p className="p-1 text-xs">{paper.name}</p>
          </li>
        )}
        {colours.map((c) => {
          const said = sayDirections(directions(pivot, c.lab));
          return (
            <li key={c.id} data-compared={c.code} className="relative min-w-28 flex-1">
              <Patch hex={c.hex} label={sayColour(c.lab)} className="h-20" />
              <button
                type="button"
                aria-label={`Take ${c.name} out of the tray`}
                onClick={() => onRemove(c)}
                className="absolute top-0 right-0 grid size-11 cursor-pointer place-items-center"
                style={{ color: inkOn(luminanceOfHex(c.hex)) }}
              >
                <X aria-hidden size={18} />
              </button>
              <p className="p-1 text-xs">
                <b>{c.code}</b> LRV {Math.round(c.lrv)}
                {c.sharedName && <span className="block">≠ another maker uses its name</span>}
                <span className="block">
                  {!paper && c.id === own.id ? 'told against' : said.join(', ') || 'no visible difference'}
                </span>
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
