'use client';

import { upperFirst } from '@/core/base/words';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { Disappointment, Instead } from '@/core/engine/disappoints';
import { Patch } from '@/ui/patch';
import { VisitLink } from '../session/where';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { sayClock } from '../words/say-light';
import { SKY_OR_LAMP_WORDS } from '../words/sky-or-lamp';
import { NoneOfIt, ToldRow } from './told-row';
import type { Wall } from './use-wall';

const WAYS: Readonly<Record<Disappointment, string>> = { grey: 'If it goes grey', glare: 'If it glares' };

type Props = {
  readonly roomId: string;
  readonly wall: Wall;
  readonly instead: readonly Instead[];
  readonly deck: ReadonlyMap<string, DeckColour>;
};

/** What to take where the colour disappoints here: as it was meant, as it reads, and the neighbour that reads as it was meant. */
export function InsteadRow({ roomId, wall, instead, deck }: Props) {
  const visit = useHome();
  const known = instead.filter((i) => deck.has(i.id));
  const when = ({ kind, at }: Instead) =>
    `${kind === 'lamps' ? '' : `at ${sayClock(at, visit.place.timeZone)} `}${SKY_OR_LAMP_WORDS[kind]}`;
  return (
    <ToldRow name="If it disappoints" says="The neighbour that reads in this room as this colour does in the deck, predicted.">
      {known.length === 0 ? (
        <NoneOfIt>No light of this room takes it far from what it is, or the deck has no neighbour that helps.</NoneOfIt>
      ) : (
        <ul className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
          {known.map((one) => {
            const colour = deck.get(one.id)!;
            return (
              <li key={one.way} data-instead={one.way}>
                <div className="flex h-24">
                  <Patch
                    hex={hexOf(wall.swatch.lab)}
                    label={`as it was meant: ${sayColour(wall.swatch.lab)}`}
                    className="flex-1"
                  />
                  <Patch hex={hexOf(one.reads)} label={`as it reads ${when(one)}: ${sayColour(one.reads)}`} className="flex-1" />
                  <Patch hex={hexOf(one.lab)} label={`${colour.name}: ${sayColour(one.lab)}`} className="flex-1" />
                </div>
                <p className="grid grid-cols-3 text-xs text-soft">
                  <span>meant</span>
                  <span>reads here</span>
                  <span>instead, in the deck</span>
                </p>
                <p className="mt-1">
                  <b>{WAYS[one.way]}:</b>{' '}
                  <VisitLink
                    href={addressOf({
                      visitId: visit.id,
                      roomId,
                      step: 'with',
                      at: { colour: one.id, strength: String(one.strength) },
                    })}
                    className="underline underline-offset-4"
                  >
                    {colour.name} {one.strength} %
                  </VisitLink>
                  , {colour.maker} {colour.code}
                </p>
                <p className="text-sm text-soft">
                  {upperFirst(when(one))} this colour is ΔE {one.off.toFixed(1)} from what is meant, {colour.name} ΔE{' '}
                  {one.left.toFixed(1)}.
                </p>
              </li>
            );
          })}
        </ul>
      )}
    </ToldRow>
  );
}
