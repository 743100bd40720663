'use client';

import { ListOrdered, Rows2 } from 'lucide-react';
import { useState, type PointerEvent } from 'react';
import { byVerdict, rowOf } from '@/core/derived/row';
import { standingVerdicts, verdictIn } from '@/core/derived/standing';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedStay } from '@/core/record/stay';
import { Button } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { Patch, PatchLabel } from '@/ui/patch';
import { VerdictBar } from '@/ui/verdict-mark';
import { StayPattern } from '../drawings/stay-pattern';
import { usePaint } from '../light-client/in-light';
import { useRoom } from '../session/visit-context';
import { sayColour } from '../words/say-colour';
import type { PatchesBench } from './use-bench';

type Props = { readonly bench: PatchesBench; readonly candidate: Candidate; readonly stay: RecordedStay };

/** What was said of each colour of the room beside the thing, in the light of the cursor. */
function useSaidOf({ itself, light, person, way }: PatchesBench, stay: RecordedStay) {
  const room = useRoom(itself.id);
  const standing = standingVerdicts(room.verdicts);
  return (c: Pick<Candidate, 'id'>) =>
    light && verdictIn(standing, { candidateId: c.id, stayId: stay.id, light, person, lookedAt: way === 'in-room' })?.verdict;
}

/** The next weaker strength that is offered of a colour. */
const weakerOf = ({ offered, strength }: Candidate) =>
  [...offered].sort((p, q) => q.strength - p.strength).find((o) => o.strength < strength);

/** A piece of what stays, slid along the strips: by hand, or where the colour in view is. */
function usePiece(count: number, at: number, onDrop: (index: number) => void) {
  const [held, setHeld] = useState<number>();
  const share = (event: PointerEvent<HTMLElement>) => {
    const { left, width } = event.currentTarget.parentElement!.getBoundingClientRect();
    return Math.max(0, Math.min(0.9999, (event.clientX - left) / width));
  };
  return {
    middle: held ?? (at + 0.5) / count,
    handlers: {
      onPointerDown: (event: PointerEvent<HTMLElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(share(event));
      },
      onPointerMove: (event: PointerEvent<HTMLElement>) => held !== undefined && setHeld(share(event)),
      onPointerUp: (event: PointerEvent<HTMLElement>) => {
        if (held === undefined) return;
        setHeld(undefined);
        onDrop(Math.floor(share(event) * count));
      },
      onPointerCancel: () => setHeld(undefined),
    },
  };
}

type StripProps = {
  readonly colour: Candidate;
  readonly current: boolean;
  readonly halves: boolean;
  readonly said: ReturnType<ReturnType<typeof useSaidOf>>;
  readonly onChoose: () => void;
};

function Strip({ colour, current, halves, said, onChoose }: StripProps) {
  const paint = usePaint();
  const weaker = halves ? weakerOf(colour) : undefined;
  const name = `${colour.name} ${colour.strength} %`;
  return (
    <button
      type="button"
      data-strip={`${colour.code}/${colour.strength}`}
      aria-pressed={current}
      aria-label={`${name}: ${sayColour(colour.lab)}${said ? `, ${said}` : ''}`}
      onClick={onChoose}
      className="relative flex min-w-0 flex-1 cursor-pointer flex-col"
    >
      <Patch hex={paint(colour.id, colour.lab)} label={name} className="flex-1" />
      {weaker && (
        <Patch
          hex={paint(`${colour.deckColourId}@${weaker.strength}`, weaker.lab)}
          label={`${colour.name} ${weaker.strength} %`}
          className="flex-1"
        />
      )}
      <span
        className={classNames(
          'absolute inset-x-0 top-0 bg-white/90 px-1.5 py-1 text-left text-[#1a1a1a]',
          current && 'font-semibold',
        )}
      >
        <span className="line-clamp-2 text-[0.8125rem] leading-4 break-words">{name}</span>
        <span className="mt-1 block h-3.5">
          {said && (said === 'no' ? <span className="block text-xs leading-[0.875rem]">no</span> : <VerdictBar mark={said} />)}
        </span>
      </span>
      {current && <span className="pointer-events-none absolute inset-x-0 top-0 h-1.5 bg-[#1a1a1a]" />}
    </button>
  );
}

/** Up to eight colours as strips along one thing that is slid along them; the one it lies on is judged by its keys. */
export function BenchRow({ bench, candidate, stay }: Props) {
  const [order, setOrder] = useState<readonly string[]>();
  const [halves, setHalves] = useState(false);
  const saidOf = useSaidOf(bench, stay);
  const inRoom = rowOf(bench.itself.candidates, candidate);
  const place = (c: Candidate) => order?.indexOf(c.id) ?? 0;
  const row = order ? [...inRoom].sort((p, q) => place(p) - place(q)) : inRoom;
  const at = row.findIndex((c) => c.id === candidate.id);
  const piece = usePiece(row.length, at, (index) => bench.setCandidateId(row[index]!.id));
  const width = Math.max(0.2, Math.min(0.5, 1.4 / row.length));
  return (
    <div className="relative flex min-w-0 flex-1">
      {row.map((colour) => (
        <Strip
          key={colour.id}
          colour={colour}
          current={colour.id === candidate.id}
          halves={halves}
          said={saidOf(colour)}
          onChoose={() => bench.setCandidateId(colour.id)}
        />
      ))}
      <div
        data-piece={stay.name}
        title="Drag it along the colours"
        className={classNames('absolute bottom-0 cursor-grab touch-none active:cursor-grabbing', halves ? 'h-[64%]' : 'h-[46%]')}
        style={{ width: `${100 * width}%`, left: `${100 * Math.max(0, Math.min(1 - width, piece.middle - width / 2))}%` }}
        {...piece.handlers}
      >
        <StayPattern stay={stay} className="pointer-events-none absolute inset-0" />
        <PatchLabel className="pointer-events-none absolute inset-x-2 bottom-2 inline-block max-w-[calc(100%-1rem)] truncate">
          {stay.name}
        </PatchLabel>
      </div>
      <div className={classNames('absolute bottom-2 flex gap-1.5', piece.middle > 0.5 ? 'left-2' : 'right-2')}>
        <Button
          className="!px-2.5"
          aria-pressed={halves}
          title="Each at the next weaker strength too"
          onClick={() => setHalves(!halves)}
        >
          <Rows2 aria-hidden size={18} /> <span className="sr-only">Each at two strengths</span>
        </Button>
        <Button
          className="!px-2.5"
          title="In the order of what was said: works, nearly, open, no"
          onClick={() => setOrder(byVerdict(row, saidOf).map((c) => c.id))}
        >
          <ListOrdered aria-hidden size={18} /> <span className="max-xl:sr-only">In order</span>
        </Button>
      </div>
    </div>
  );
}
