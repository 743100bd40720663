'use client';

import { describeColour } from '@/core/colour/family';
import { sayReasons, VERDICT_WORDS } from '../words/verdict-words';
import { INTENSITY_WORDS } from '@/core/record/intensity';
import { LIGHT_NAMES } from '@/core/room/facing';
import type { Bench } from './use-bench';

/** What the bench says to somebody who does not see it: the colour, its strength, the thing and the light, and what was said of them. */
export function sayBench({ candidate, stay, light, current, alone, layout }: SpokenBench): string {
  if (!candidate) return '';
  const inLight = light ? LIGHT_NAMES[light] : 'too dark to judge';
  const colour = `${candidate.name}, ${candidate.strength} %, ${describeColour(candidate.lab)}`;
  if (layout.view === 'alone')
    return `${alone.current ? `${INTENSITY_WORDS[alone.current.intensity]}: ` : ''}${colour}, alone, ${inLight}`;
  const beside = `${colour}, beside ${stay?.name ?? 'nothing'}, ${inLight}`;
  if (!current) return `${beside}, not judged`;
  const why = sayReasons({ reason: current.reason, more: current.moreReasons });
  return `${VERDICT_WORDS[current.verdict]}${why ? `, ${why}` : ''}: ${beside}`;
}
export type SpokenBench = Pick<Bench, 'candidate' | 'stay' | 'light' | 'current'> & {
  readonly alone: Pick<Bench['alone'], 'current'>;
  readonly layout: Pick<Bench['layout'], 'view'>;
};

/** The bench in words, told whenever it shows something else, by itself too: the next key must never judge an unknown colour. */
export function BenchSpeaks({ bench }: { readonly bench: Bench }) {
  return (
    <p role="status" aria-atomic="true" className="sr-only" data-speaks>
      {sayBench(bench)}
    </p>
  );
}
