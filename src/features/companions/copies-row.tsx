'use client';

import type { DeckColour } from '@/core/derived/deck-colour';
import { betraysAt, type Copy } from '@/core/engine/copies';
import { Patch } from '@/ui/patch';
import { useHome } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { sayClock } from '../words/say-light';
import { SKY_OR_LAMP_WORDS } from '../words/sky-or-lamp';
import { ToldRow } from './told-row';
import type { Wall } from './use-wall';

type Props = { readonly wall: Wall; readonly copies: readonly Copy[]; readonly deck: ReadonlyMap<string, DeckColour> };

/** "by the lamps ΔE 2.4: a little greener"; undefined where no light shows more of it than the deck's, or nobody would see it. */
function useSayFailure() {
  const { place } = useHome();
  return (copy: Copy): string | undefined => {
    const worst = betraysAt(copy);
    if (!worst) return undefined;
    const when = worst.kind === 'lamps' ? '' : `at ${sayClock(worst.at, place.timeZone)} `;
    return `${when}${SKY_OR_LAMP_WORDS[worst.kind]} ΔE ${worst.deltaE00.toFixed(1)}: ${worst.towards}`;
  };
}

/** The colour as other makers would match it, and where in this room the match betrays itself. */
export function CopiesRow({ wall, copies, deck }: Props) {
  const sayFailure = useSayFailure();
  const known = copies.filter((c) => deck.has(c.id));
  if (known.length === 0) return null;
  return (
    <ToldRow
      name="If another maker copies it"
      says="The nearest of their decks. What matches in one light need not in another; a copy is another paint, to be sampled as one."
    >
      <ul className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
        {known.map((copy) => {
          const colour = deck.get(copy.id)!;
          const fails = sayFailure(copy);
          return (
            <li key={copy.maker} data-copy={copy.maker}>
              <div className="flex h-20">
                <Patch hex={hexOf(wall.swatch.lab)} label={`the wall: ${sayColour(wall.swatch.lab)}`} className="flex-1" />
                <Patch hex={hexOf(copy.lab)} label={`${colour.name}: ${sayColour(copy.lab)}`} className="flex-1" />
              </div>
              <p className="mt-1">
                <b>{copy.maker}:</b> {colour.name} {copy.strength} %, {colour.code}
              </p>
              <p className="text-sm">
                In the deck’s light ΔE {copy.inDeck.toFixed(1)}
                {fails ? `; here ${fails}, predicted` : '; in no light of this room is it farther off, predicted'}.
              </p>
            </li>
          );
        })}
      </ul>
    </ToldRow>
  );
}
