'use client';

import { Minus, Plus } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { toast } from 'sonner';
import { MARKED_BELOW } from '@/core/paint/strength';
import type { RoomItself } from '@/core/record/room';
import type { Mixed } from '@/server/deck/mix';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { askJson } from '@/ui/queries';
import type { KnownColour } from '@/core/derived/deck-colour';
import { useTakeColour } from '../session/take-colour';
import { sayRefusal } from '../words/words';

const RANGE = { min: 10, max: 150, step: 5 } as const;
const within = (percent: number) => Math.max(RANGE.min, Math.min(RANGE.max, percent));

/** What the trade says of a strength. Common practice, no source. */
export const sayUnusual = (percent: number): string | undefined =>
  percent < MARKED_BELOW
    ? 'hardly any tint left for most tastes'
    : percent > 100
      ? 'more than the formula: not every counter mixes it'
      : undefined;

/** A colour mixed at a strength by the server; undefined until it answers. */
function useMixed(deckColourId: string, percent: number): Mixed | 'failed' | undefined {
  const { data, isError } = useQuery({
    queryKey: ['mix', deckColourId, percent],
    queryFn: ({ signal }) => askJson<Mixed>(`/api/deck/${encodeURIComponent(deckColourId)}/mix?at=${percent}`, { signal }),
  });
  return isError ? 'failed' : data;
}

type Props = {
  readonly room: RoomItself;
  readonly colour: Omit<KnownColour, 'lab'>;
  /** A strength to begin from. */
  readonly from: number;
  readonly onTaken: (candidateId: string) => void;
  readonly children: ReactNode;
};

/** What a strength is, and what is unusual about it. */
function SaysMixed({ percent, answer }: { readonly percent: number; readonly answer: Mixed | 'failed' | undefined }) {
  if (answer === undefined) return <p className="min-h-10 text-sm">mixing…</p>;
  if (answer === 'failed')
    return (
      <p role="alert" className="min-h-10 text-sm">
        It could not be mixed just now: choose another strength, or try again.
      </p>
    );
  return (
    <p className="min-h-10 text-sm">
      {`${answer.says}; LRV ${Math.round(answer.lrv)}`}
      {sayUnusual(percent) && <b className="block font-semibold">▲ unusual: {sayUnusual(percent)}</b>}
      {answer.caution === 'hides-less' && <span className="block">its base hides less at this strength</span>}
    </p>
  );
}

function Chooser({ room, colour, from, onTaken }: Omit<Props, 'children'>) {
  const [percent, setPercent] = useState(within(from));
  const [typed, setTyped] = useState<string>();
  const take = useTakeColour(room);
  const answer = useMixed(colour.deckColourId, percent);
  const mixed = answer === 'failed' ? undefined : answer;
  const go = (next: number) => {
    setTyped(undefined);
    setPercent(within(next));
  };
  const type = (text: string) => {
    setTyped(text);
    const value = Number(text);
    if (Number.isInteger(value) && value >= RANGE.min && value <= RANGE.max) setPercent(value);
  };
  const here = room.candidates.find((c) => c.deckColourId === colour.deckColourId && c.strength === percent);
  const add = async () => {
    if (here) return onTaken(here.id);
    if (!mixed) return;
    const { candidateId, result } = take({ ...colour, lab: mixed.lab }, percent);
    onTaken(candidateId);
    const kept = await result;
    if (!kept.ok) toast.error(sayRefusal(kept));
  };
  return (
    <form
      className="grid gap-2.5"
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      <Patch hex={mixed?.hex ?? '#808080'} label={mixed?.name ?? 'being mixed'} className="h-24" />
      <div className="flex items-center gap-2">
        <Button aria-label="Weaker by 5 %" onClick={() => go(percent - RANGE.step)}>
          <Minus aria-hidden size={18} />
        </Button>
        <label className="flex flex-1 items-center justify-center gap-1.5 text-lg">
          <input
            aria-label="Strength"
            inputMode="numeric"
            value={typed ?? String(percent)}
            onChange={(e) => type(e.target.value)}
            onBlur={() => setTyped(undefined)}
            onKeyDown={(e) => {
              const by = { ArrowUp: RANGE.step, ArrowDown: -RANGE.step }[e.key];
              if (!by) return;
              e.preventDefault();
              go(percent + by);
            }}
            className="min-h-11 w-16 border border-line-strong bg-raised px-2 text-right"
          />
          %
        </label>
        <Button aria-label="Stronger by 5 %" onClick={() => go(percent + RANGE.step)}>
          <Plus aria-hidden size={18} />
        </Button>
      </div>
      <SaysMixed percent={percent} answer={answer} />
      <Button type="submit" look="main" disabled={!here && !mixed}>
        {here ? 'Look at it' : `Try ${percent} % here`}
      </Button>
    </form>
  );
}

/** Any strength from 10 to 150 % as a candidate, in steps of 5 or as typed. */
export function AnyStrength({ children, onTaken, ...rest }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>{children}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          role="dialog"
          aria-label="Another strength"
          side="left"
          sideOffset={4}
          collisionPadding={8}
          className="z-40 w-72 border border-line-strong bg-ground p-3"
        >
          <Chooser
            {...rest}
            onTaken={(id) => {
              setOpen(false);
              onTaken(id);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
