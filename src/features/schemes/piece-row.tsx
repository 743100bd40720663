'use client';

import { percent } from '@/core/base/words';
import { deltaE00 } from '@/core/colour/ciede2000';
import type { Lab } from '@/core/colour/types';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { KeptPart } from '@/core/engine/scheme-walls';
import type { NearPaint } from '@/core/engine/schemes-of-deck';
import type { RecordedStay } from '@/core/record/stay';
import { SCHEME_PART_WORDS, type Proposal } from '@/core/scheme/parts';
import { contrastOn } from '@/core/scheme/piece-words';
import { coloursOfStay } from '@/core/scheme/pieces';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { usePaint } from '../light-client/in-light';
import { sayColour } from '../words/say-colour';
import { PieceOnWall } from './scheme-view';

type Props = {
  readonly piece: RecordedStay;
  readonly proposals: readonly Proposal[];
  /** For each of its colours, the largest first, what of the deck comes nearest. */
  readonly nearest: readonly NearPaint[];
  readonly deck: ReadonlyMap<string, DeckColour>;
  /** What is on the focal wall in every scheme shown; undefined: nothing was put there. */
  readonly focal: KeptPart | undefined;
  readonly onFocal: (part: KeptPart | undefined) => void;
};

/** ΔE00 within which a part of a scheme is a colour of the piece. */
const OF_PIECE = 7.5;

/** "walls: it recedes", of what each scheme gives a colour of the piece to. */
function usesOf(lab: Lab, proposals: readonly Proposal[], colours: ReturnType<typeof coloursOfStay>): string {
  const uses = proposals.flatMap(({ kind, parts }) =>
    parts
      .filter((p) => deltaE00(p.lab, lab) < OF_PIECE)
      .map((p) => {
        const where = SCHEME_PART_WORDS[p.part];
        if (p.part === 'walls') {
          const contrast = Math.round(contrastOn(colours, p.lab));
          return kind === 'minor' ? `walls: it stands out (contrast ${contrast})` : `walls: it recedes (contrast ${contrast})`;
        }
        return p.part === 'small' || p.part === 'accent' ? `${where}, sparingly: ${percent(p.share)} of what one sees` : where;
      }),
  );
  return [...new Set(uses)].slice(0, 3).join(' · ') || 'a frame, a lamp, flowers';
}

/** The piece and where each of its colours goes. */
export function PieceRow({ piece, proposals, nearest, deck, focal, onFocal }: Props) {
  const paint = usePaint();
  const colours = coloursOfStay(piece);
  const sorted = [...piece.components].sort((p, q) => q.share - p.share);
  return (
    <section
      aria-label={`The colours of ${piece.name}`}
      className="mb-4 grid grid-cols-[16rem_minmax(0,1fr)] gap-5 max-md:grid-cols-1"
    >
      <PieceOnWall piece={piece} className="h-full min-h-24 w-full" />
      <ul className="grid content-start">
        {sorted.map((c, k) => {
          const near = nearest[k];
          const colour = near && deck.get(near.id);
          const onWall = focal !== undefined && focal.id === near?.id && focal.strength === near.strength;
          return (
            <li
              key={c.id}
              className="grid grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-line text-[0.9375rem] max-sm:grid-cols-[3.5rem_minmax(0,1fr)]"
            >
              <Patch hex={paint(c.id, c.colour.lab)} label={sayColour(c.colour.lab)} className="h-9" />
              <span className="min-w-0">
                <b className="font-semibold">{percent(c.share)}</b> {c.name}
                {k === 0 && ', the largest'} <span aria-hidden>→</span> {usesOf(c.colour.lab, proposals, colours)}
              </span>
              {near && colour && (
                <span className="flex flex-wrap items-center justify-end gap-x-3 text-sm text-soft max-sm:col-start-2 max-sm:justify-start">
                  {colour.name} {near.strength} % · ΔE {near.apart.toFixed(1)}
                  <Button
                    className="print:hidden"
                    look={onWall ? 'main' : 'plain'}
                    aria-pressed={onWall}
                    aria-label={`${c.name} on the focal wall`}
                    onClick={() =>
                      onFocal(onWall ? undefined : { part: 'focal', id: near.id, strength: near.strength, lab: near.lab })
                    }
                  >
                    {onWall ? 'On one wall' : 'One wall'}
                  </Button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
