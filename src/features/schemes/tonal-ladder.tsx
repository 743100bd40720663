'use client';

import { deltaE00 } from '@/core/colour/ciede2000';
import { labFromHex } from '@/core/colour/srgb';
import type { DeckColour } from '@/core/derived/deck-colour';
import { RUNG_WORDS, rungOf, type Rung } from '@/core/scheme/ladder';
import { SCHEME_PART_WORDS, type Proposal, type SchemePart } from '@/core/scheme/parts';
import type { SchemeStay } from '@/core/engine/scheme-walls';
import { Explain } from '@/ui/explain';
import { Patch } from '@/ui/patch';
import { usePaint } from '../light-client/in-light';
import { sayColour } from '../words/say-colour';
import { namePart } from './part-list';
import { partSwatch } from './use-schemes';

type Props = {
  readonly name: string;
  readonly proposal: Proposal;
  readonly stays: readonly SchemeStay[];
  readonly deck: ReadonlyMap<string, DeckColour>;
};

/** What of a scheme is a rung: large surfaces and what stands before them. */
const RUNG_PARTS: readonly SchemePart[] = ['walls', 'trim', 'ceiling', 'large'];
const RUNG_THINGS: readonly string[] = ['floor', 'trim', 'ceiling', 'sofa', 'cabinets', 'built-in'];
/** What helps where two must be near. Common practice, no source. */
const TEXTURE = 'Where two must be this near, let texture part them: a weave, a grain, another sheen.';

type RungColour = { readonly name: string; readonly says: string; readonly hex: string };

function useRungs({ name, proposal: { parts }, stays, deck }: Props): RungColour[] {
  const paint = usePaint();
  const painted = parts.flatMap((p, k): RungColour[] =>
    RUNG_PARTS.includes(p.part)
      ? [
          {
            name: SCHEME_PART_WORDS[p.part],
            says: namePart(p, deck),
            hex: paint(partSwatch(name, p.part, k, p.lab).id, p.lab),
          },
        ]
      : [],
  );
  const staying = stays.flatMap((s): RungColour[] => {
    if (!RUNG_THINGS.includes(s.thing)) return [];
    const [most] = [...s.components].sort((p, q) => q.share - p.share);
    return most ? [{ name: s.name, says: 'stays', hex: paint(most.id, most.lab) }] : [];
  });
  return [...painted, ...staying].sort((p, q) => labFromHex(p.hex).l - labFromHex(q.hex).l);
}

const marks: Readonly<Record<Rung, string>> = { 'too-close': '=', slight: '·', jump: '≠' };

/** Floor to ceiling as a ladder of lightness, as it looks at the cursor: which steps are seen, which are not, which jump. */
export function TonalLadder(props: Props) {
  const rungs = useRungs(props);
  const steps = rungs.slice(1).map((to, k) => {
    const apart = deltaE00(labFromHex(rungs[k]!.hex), labFromHex(to.hex));
    return { apart, rung: rungOf(apart), from: rungs[k]!.name, to: to.name };
  });
  const close = steps.some((s) => s.rung === 'too-close');
  return (
    <section aria-label="From the deepest to the lightest" className="mt-4">
      <h3 className="mb-1 font-semibold">
        <Explain
          label="The ladder"
          why="Every large colour of the tonal scheme from the deepest to the lightest, as it looks at the cursor. Under ΔE 3 nobody sees that there are two, from 18 on the step jumps: common practice, the figures are our own."
        >
          From the deepest to the lightest
        </Explain>
      </h3>
      <div className="flex h-24" role="group" aria-label="The ladder, painted">
        {rungs.map((r, k) => (
          <Patch key={k} hex={r.hex} label={`${r.name}: ${sayColour(labFromHex(r.hex))}`} className="flex-1" />
        ))}
      </div>
      <ol className="flex text-sm">
        {rungs.map((r, k) => (
          <li key={k} className="min-w-0 flex-1 pt-1 pr-2">
            <span className="block truncate font-semibold">{r.name}</span>
            <span className="block truncate text-soft">{r.says}</span>
            {steps[k] && (
              <span data-rung={steps[k].rung} className="block">
                {marks[steps[k].rung]} ΔE {Math.round(steps[k].apart)} to the next: {RUNG_WORDS[steps[k].rung]}
              </span>
            )}
          </li>
        ))}
      </ol>
      {close && <p className="mt-1 text-sm text-soft">{TEXTURE}</p>}
    </section>
  );
}
