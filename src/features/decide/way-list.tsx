'use client';

import { DECIDE_KEYS } from './keys';
import { Button, Key } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { VerdictBar } from '@/ui/verdict-mark';
import { sayColour } from '../words/say-colour';
import type { ShownWay } from '@/core/engine/ways';

/** Keys of the first proposals. */

const MARKS = { works: 'works', nearly: 'nearly', no: 'no' } as const;

type Props = {
  readonly ways: readonly ShownWay[];
  readonly wallHex: string | null;
  readonly hexOfWay: (way: ShownWay) => string;
  readonly isTaken: (way: ShownWay) => boolean;
  readonly onTake: (way: ShownWay) => void;
};

/** Colours ready to be taken for a surface, each touching the wall, with what speaks for it and how it stands. */
export function WayList({ ways, wallHex, hexOfWay, isTaken, onTake }: Props) {
  return (
    <ul className="grid">
      {ways.map((way, k) => {
        const { key, title, says, colour, strength, verdict, worst, sheen } = way;
        const taken = isTaken(way);
        const hex = hexOfWay(way);
        return (
          <li
            key={key}
            data-way={key}
            className="grid grid-cols-[4.75rem_minmax(0,1fr)_auto] items-start gap-x-3 border-b border-line py-2.5"
          >
            <span className="flex h-14">
              {wallHex && <Patch hex={wallHex} label="the wall" className="flex-1" />}
              <Patch hex={hex} label={sayColour(colour.lab)} className="flex-1" />
            </span>
            <span className="min-w-0">
              <span className="block font-semibold">{title}</span>
              <span className="block text-[0.9375rem] leading-snug text-soft">
                {says}
                {title.startsWith(colour.name)
                  ? ''
                  : ` · ${colour.maker} ${colour.code}${strength === 100 ? '' : `, ${strength} %`}`}
                , {sheen}
              </span>
              {worst && <span className="block text-[0.9375rem] leading-snug">{worst}</span>}
              <span className="mt-1.5 block">
                <VerdictBar mark={verdict ? MARKS[verdict] : 'none'} />
                <span className="sr-only">{verdict ?? 'not judged'}</span>
              </span>
            </span>
            <Button
              look={taken ? 'main' : 'plain'}
              aria-pressed={taken}
              aria-label={`${taken ? 'Taken' : 'Take'}: ${title}`}
              onClick={() => onTake(way)}
            >
              {taken ? 'Taken' : 'Take'}
              {!taken && <Key of={DECIDE_KEYS.take} which={k} />}
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
