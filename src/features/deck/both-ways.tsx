import { FLAG_NAMES } from '@/core/appearance/readings';
import { Patch } from '@/ui/patch';
import type { BothWays, Found } from '@/core/engine/judgement-protocol';
import { sayColour } from '../words/say-colour';
import type { DeckColour } from '@/core/derived/deck-colour';

/** When a light is, in words. */
const SAY_LIGHT: Readonly<Record<BothWays['light'], string>> = {
  clear: 'under a clear sky',
  broken: 'under broken cloud',
  overcast: 'under cloud',
  lamps: 'by the lamps',
  both: 'on a grey day with the lamps on',
};

type Props = {
  readonly ways: BothWays;
  readonly colours: ReadonlyMap<string, DeckColour>;
  /** The ranked list; a tap shows the colour there. */
  readonly found: readonly Found[];
  readonly onChoose: (found: Found) => void;
};

/** Where a light of the room turns colours: the best it leaves alone beside the best that goes with it, as both look then. */
export function BothWaysShown({ ways, colours, found, onChoose }: Props) {
  const { corrected, embraced, light, flag } = ways;
  const sides = [
    { ...corrected, title: 'Correct it', says: 'stays itself' },
    { ...embraced, title: 'Embrace it', says: `goes ${FLAG_NAMES[flag]}` },
  ];
  return (
    <section aria-label="Two ways with the light" className="mt-2">
      <p className="mb-1">
        <b>The light turns colours here</b> <span className="text-soft">· two of like depth as they look {SAY_LIGHT[light]}</span>
      </p>
      <div className="grid grid-cols-2">
        {sides.map(({ found: one, hex, title, says }) => {
          const name = `${colours.get(one.deckColourId)?.name ?? one.deckColourId} ${one.strength} %`;
          const inList = found.find((f) => f.deckColourId === one.deckColourId);
          return (
            <button
              key={title}
              type="button"
              aria-label={`${title}: ${name}, ${says}`}
              onClick={() => inList && onChoose(inList)}
              className="cursor-pointer text-left hover:bg-raised"
            >
              <Patch hex={hex} label={sayColour(one.lab)} className="h-16" />
              <span className="block px-2 py-1 text-sm leading-tight">
                <b>{title}:</b> {name}
                <span className="block text-soft">{says}</span>
              </span>
            </button>
          );
        })}
      </div>
    </section>
  );
}
