'use client';

import { useState } from 'react';
import { DIRECTION_WORDS, type Direction } from '@/core/colour/directions';
import { MOST_NUDGES, NO_NUDGES, nudged, type Nudges } from '@/core/colour/nudge';
import { isSurfaceColour, type RecordedColour } from '@/core/record/recorded-colour';
import { Button } from '@/ui/button';
import { saySource } from '../words/say-colour';
import { NAME_LENGTH } from '@/core/base/fields';

const ORDER: readonly Direction[] = ['lightDark', 'strongWeak', 'pinkGreen', 'yellowBlue'];
/** Where it began, in words that are kept. */
function originOf({ source }: RecordedColour): string {
  if (source.kind === 'eye') return source.from;
  return (source.kind === 'typical' ? source.material : saySource(source)).slice(0, NAME_LENGTH);
}

type Props = { readonly value: RecordedColour; readonly onColour: (colour: RecordedColour) => void };

/** A colour put right by eye, along the trade's own directions, in just-noticeable steps. */
export function EyeEntry({ value, onColour }: Props) {
  const [start, setStart] = useState(value);
  const [nudges, setNudges] = useState<Nudges>(NO_NUDGES);
  const [given, setGiven] = useState(value);
  // another colour was put there meanwhile: it is where the eye begins now
  if (value !== given && value.lab !== given.lab) {
    setGiven(value);
    setStart(value);
    setNudges(NO_NUDGES);
  }
  const move = (direction: Direction, steps: number) => {
    const next = { ...nudges, [direction]: Math.max(-MOST_NUDGES, Math.min(MOST_NUDGES, steps)) };
    const colour: RecordedColour = { lab: nudged(start.lab, next), source: { kind: 'eye', from: originOf(start) } };
    if (!isSurfaceColour(colour)) return;
    setNudges(next);
    setGiven(colour);
    onColour(colour);
  };
  return (
    <div className="grid min-w-0 grid-cols-1 gap-1.5">
      {ORDER.map((direction) => {
        const [low, high] = DIRECTION_WORDS[direction];
        const steps = nudges[direction];
        return (
          <div key={direction} className="grid grid-cols-[6rem_minmax(0,1fr)_6rem] items-center gap-2">
            <Button className="px-2" onClick={() => move(direction, steps - 1)}>
              {low}
            </Button>
            <input
              type="range"
              min={-MOST_NUDGES}
              max={MOST_NUDGES}
              step={1}
              value={steps}
              aria-label={`${low} or ${high}`}
              aria-valuetext={steps === 0 ? 'as it was' : `${Math.abs(steps)} steps ${steps > 0 ? high : low}`}
              onChange={(e) => move(direction, Number(e.target.value))}
              className="h-11 w-full cursor-pointer accent-(--ink)"
            />
            <Button className="px-2" onClick={() => move(direction, steps + 1)}>
              {high}
            </Button>
          </div>
        );
      })}
      <p className="text-sm text-soft">
        Hold the board to the thing and move until they look the same. A step is what an eye just notices.
      </p>
    </div>
  );
}
