'use client';

import { Plus } from 'lucide-react';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { SchemeStay } from '@/core/engine/scheme-walls';
import type { RecordedStay } from '@/core/record/stay';
import { SCHEME_KIND_WORDS, type Proposal } from '@/core/scheme/parts';
import { contrastOn, recedes } from '@/core/scheme/piece-words';
import { coloursOfStay } from '@/core/scheme/pieces';
import { Button } from '@/ui/button';
import { PartList } from './part-list';
import { sayLink, sayWeakest } from './say-scheme';
import { ColoursInMeasure, SchemeRoom } from './scheme-view';

type Props = {
  readonly room: RoomInLight;
  readonly proposal: Proposal;
  readonly stays: readonly SchemeStay[];
  readonly piece: RecordedStay | undefined;
  readonly deck: ReadonlyMap<string, DeckColour>;
  readonly onKeep: () => void;
};

/** "the painting recedes (contrast 18)". */
function sayPiece(piece: RecordedStay | undefined, { parts }: Proposal): string | undefined {
  const wall = parts.find((p) => p.part === 'walls');
  if (!piece || !wall) return undefined;
  const colours = coloursOfStay(piece);
  return `${piece.name} ${recedes(colours, wall.lab) ? 'recedes' : 'stands out'}, contrast ${Math.round(contrastOn(colours, wall.lab))}`;
}

/** One whole scheme: the room in it, its colours in measure, what it is and where it is weakest. */
export function ProposalCard({ room, proposal, stays, piece, deck, onKeep }: Props) {
  const { kind, parts, weakest, caution, links } = proposal;
  const { name, says } = SCHEME_KIND_WORDS[kind];
  const weak = links.filter((l) => l.verdict !== 'works');
  const onWall = sayPiece(piece, proposal);
  const view = { room, name: kind, proposal };
  return (
    <section aria-label={name} data-scheme={kind} className="flex min-w-0 flex-col bg-raised">
      <SchemeRoom {...view} label={`${name}: ${room.name} unfolded`} piece={piece} className="h-48" />
      <ColoursInMeasure {...view} stays={stays} className="h-16" />
      <div className="flex flex-1 flex-col gap-1 p-3">
        <h2 className="text-lg leading-tight font-semibold">{name}</h2>
        <p className="text-sm">{onWall ?? says}</p>
        <p className="text-sm">
          <b className="font-semibold">{sayWeakest(weakest)}</b> <span className="text-soft">(predicted)</span>
        </p>
        {caution && <p className="border-l-4 border-ink pl-2 text-sm">{caution}</p>}
        <div className="mt-auto flex flex-wrap gap-2 pt-2 print:hidden">
          <Button look="main" onClick={onKeep} aria-label={`Keep the scheme: ${name}`}>
            <Plus aria-hidden size={18} /> Keep
          </Button>
        </div>
        <details className="mt-1">
          <summary className="flex min-h-11 cursor-pointer items-center text-[0.9375rem] underline underline-offset-4">
            Its {parts.length} colours, {links.length - weak.length} of {links.length} links work
          </summary>
          <PartList room={room} name={kind} parts={parts} deck={deck} />
          {weak.length > 0 && (
            <ul aria-label="What does not wholly work" className="mt-2 text-sm">
              {weak.map((l) => (
                <li key={l.between.join()}>{sayLink(l)}</li>
              ))}
            </ul>
          )}
        </details>
      </div>
    </section>
  );
}
