'use client';

import { Lock, LockOpen } from 'lucide-react';
import { percent, upperFirst } from '@/core/base/words';
import { lrvOf } from '@/core/colour/lab';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { surfacesOfPart } from '@/core/scheme/of-room';
import { SCHEME_PART_WORDS, type ProposedPart, type SchemePart } from '@/core/scheme/parts';
import { sayArea } from '@/core/units/area';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { usePaint } from '../light-client/in-light';
import { useHome } from '../session/visit-context';
import { sayColour } from '../words/say-colour';
import { partSwatch } from './use-schemes';

type Props = {
  readonly room: RoomInLight;
  readonly name: string;
  readonly parts: readonly ProposedPart[];
  readonly deck: ReadonlyMap<string, DeckColour>;
  /** What is kept when it is proposed anew; nothing can be locked where it is left out. */
  readonly locked?: readonly SchemePart[];
  readonly onLock?: (part: SchemePart) => void;
};

/** Name of what fills a part: a paint of the deck, or what to look for. */
export const namePart = ({ id, strength, lab }: ProposedPart, deck: ReadonlyMap<string, DeckColour>): string => {
  const colour = id === null ? undefined : deck.get(id);
  return colour ? `${colour.name} ${strength} %` : sayColour(lab).split(',')[0]!;
};

/** "12.4 m²" of what is painted in a part; nothing of cloth. */
function useAreas(room: RoomInLight, parts: readonly ProposedPart[]): (part: SchemePart) => string {
  const { units } = useHome();
  const has = parts.map((p) => p.part);
  return (part) => {
    const m2 = surfacesOfPart(room, part, has).reduce((sum, s) => sum + s.areaM2, 0);
    return m2 > 0 ? ` · ${sayArea(m2, units)}` : '';
  };
}

/** Every part of a scheme with its colour, its share and what speaks for it. */
export function PartList({ room, name, parts, deck, locked, onLock }: Props) {
  const paint = usePaint();
  const areaOf = useAreas(room, parts);
  return (
    <ul className="grid gap-1">
      {parts.map((p, k) => {
        const is = locked?.includes(p.part);
        return (
          <li key={`${p.part} ${k}`} className="grid grid-cols-[2.25rem_minmax(0,1fr)_auto] items-center gap-2.5">
            <Patch
              hex={paint(partSwatch(name, p.part, k, p.lab).id, p.lab)}
              label={sayColour(p.lab)}
              className="h-full min-h-9"
            />
            <div className="min-w-0 text-sm leading-snug">
              <p>
                <span className="text-soft">{upperFirst(SCHEME_PART_WORDS[p.part])}</span>{' '}
                <b className="font-semibold">{namePart(p, deck)}</b> · LRV {Math.round(lrvOf(p.lab))} · {percent(p.share)}
                {areaOf(p.part)}
              </p>
              <p className="text-soft">{p.id === null ? `to look for: ${p.why}` : p.why}</p>
            </div>
            {onLock && (
              <Button
                className="px-2.5"
                aria-pressed={is}
                aria-label={`${is ? 'Release' : 'Keep'} ${SCHEME_PART_WORDS[p.part]} when proposed anew`}
                onClick={() => onLock(p.part)}
              >
                {is ? <Lock aria-hidden size={16} /> : <LockOpen aria-hidden size={16} />}
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
