'use client';

import { useMemo, useRef, useState } from 'react';
import { ArrowLeftRight, Printer } from 'lucide-react';
import { counted, listed } from '@/core/base/words';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { FewestPaint, HouseAnswer, HouseTrim } from '@/core/engine/house';
import { PALETTE_WORDS } from '@/core/house/palette';
import { sayBeside } from '@/core/judge/reasons';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useDeck } from '../entry/deck-data';
import { DeckTrouble } from '../entry/deck-trouble';
import { ShownSwitch } from '../light-client/in-light';
import { latest } from '../light-client/light-worker';
import { useHome, useVisit } from '../session/visit-context';
import { VERDICT_WORDS } from '../words/verdict-words';
import { HousePaintRow } from './house-paint-row';
import { JoinsSection } from './joins-section';
import { settledWalls } from './on-walls';
import { PictureButton } from './picture-button';
import { RoomStrip } from './room-strip';
import { useHouse } from './use-house';
import type { ShownIn } from './use-sight';

type Told = {
  readonly rooms: readonly RoomInLight[];
  readonly answer: HouseAnswer;
  readonly deck: ReadonlyMap<string, DeckColour>;
};

const namesOf = (rooms: readonly RoomInLight[], ids: readonly string[]) =>
  listed(rooms.filter((r) => ids.includes(r.id)).map((r) => r.name));

/** "the same at 75 % in Hall". */
const sayAlso = ({ also }: FewestPaint, rooms: readonly RoomInLight[]): string =>
  also.length === 0 ? '' : `the same at ${also.map((a) => `${a.strength} % in ${namesOf(rooms, a.rooms)}`).join('; at ')}`;

/** The fewest colours with which every room has one that works. */
function OneThrough({ rooms, answer: { fewest, exact, without, nearly }, deck }: Told) {
  return (
    <section aria-label="One colour through the house">
      <h2 className="break-after-avoid text-lg font-semibold">
        {fewest.length === 1 ? 'One colour serves every room' : `${counted(fewest.length, 'colour')} serve every room`}
      </h2>
      <p className="break-after-avoid text-sm text-soft">
        {exact ? 'No fewer do.' : 'Fewer may do: not every choice could be tried.'}
        {nearly.length > 0 && ` In ${namesOf(rooms, nearly)} nothing works wholly: what nearly does counts there.`}
        {without.length > 0 && ` In ${namesOf(rooms, without)} nothing works: look there first.`} Predicted.
      </p>
      {fewest.map((paint) => (
        <HousePaintRow key={`${paint.id} ${paint.strength}`} {...{ paint, rooms, deck }} says={sayAlso(paint, rooms)} />
      ))}
    </section>
  );
}

function sayTrim({ verdict, reason, beside, roomId }: HouseTrim, rooms: readonly RoomInLight[]): string {
  if (verdict === 'works') return 'works in every room, predicted';
  const where = rooms.find((r) => r.id === roomId)?.name ?? 'a room';
  const why = reason && beside ? sayBeside(reason, beside) : 'does not sit well';
  return `${VERDICT_WORDS[verdict].toLowerCase()} at its worst, predicted: ${why} in ${where}`;
}

/** One white for the trim of every room. */
function TrimWhite({ rooms, answer: { trim }, deck }: Told) {
  if (!trim || !deck.has(trim.id)) return null;
  const paint = { ...trim, rooms: rooms.map((r) => r.id) };
  return (
    <section aria-label="One white for all trim" className="mt-6">
      <h2 className="break-after-avoid text-lg font-semibold">One white for all trim</h2>
      <HousePaintRow {...{ paint, rooms, deck }} says={sayTrim(trim, rooms)} />
    </section>
  );
}

/** A light quiet colour, a deep one, a bridge, a sparing accent; each room's own proposal stands in its strip. */
function Palette({ rooms, answer: { palette }, deck }: Told) {
  return (
    <section aria-label="A palette for the house" className="mt-6">
      <h2 className="break-after-avoid text-lg font-semibold">A palette for the house</h2>
      {palette.map((paint) => {
        const { name, says } = PALETTE_WORDS[paint.role];
        return (
          <HousePaintRow key={paint.role} {...{ paint, rooms, deck, says }} title={<p className="text-sm text-soft">{name}</p>} />
        );
      })}
      <p className="mt-2 text-sm text-soft">
        Walls only where a colour works in that room. The accent is on no wall: a few percent of what one sees, where the lamps
        are.
      </p>
    </section>
  );
}

type Swap = readonly [string, string];

/** Two rooms, each in the other's colour. */
function SwapRow({
  rooms,
  swap,
  onSwap,
}: {
  readonly rooms: readonly RoomInLight[];
  readonly swap: Swap | undefined;
  readonly onSwap: (swap: Swap | undefined) => void;
}) {
  const [pair, setPair] = useState<Swap>([rooms[0]!.id, rooms[1]!.id]);
  const choice = (k: 0 | 1, label: string) => (
    <select
      aria-label={label}
      className="min-h-11 max-w-56 border border-line-strong bg-raised px-2 text-[0.9375rem]"
      value={pair[k]}
      disabled={swap !== undefined}
      onChange={(e) => setPair(k === 0 ? [e.target.value, pair[1]] : [pair[0], e.target.value])}
    >
      {rooms.map((r) => (
        <option key={r.id} value={r.id}>
          {r.name}
        </option>
      ))}
    </select>
  );
  return (
    <div role="group" aria-label="Swap two rooms' colours" className="mb-6 flex flex-wrap items-center gap-2 print:hidden">
      {choice(0, 'One room')}
      {choice(1, 'The other room')}
      {swap ? (
        <Button look="main" aria-pressed onClick={() => onSwap(undefined)}>
          <ArrowLeftRight aria-hidden size={18} /> Back as it was
        </Button>
      ) : (
        <Button disabled={pair[0] === pair[1]} onClick={() => onSwap(pair)}>
          <ArrowLeftRight aria-hidden size={18} /> Swap these two
        </Button>
      )}
    </div>
  );
}

/** What each room shows: its own, or of two that are swapped the other's. */
function useShownRooms(found: HouseAnswer | undefined, open: ReadonlySet<string>, swap: Swap | undefined) {
  return useMemo(() => {
    const otherOf = (roomId: string) => (swap?.includes(roomId) ? swap.find((id) => id !== roomId)! : undefined);
    const ownOf = (roomId: string) => found?.own.find((o) => o.rooms.includes(roomId));
    const shownIn: ShownIn = (roomId) => {
      const other = otherOf(roomId);
      return { own: ownOf(other ?? roomId), instead: other !== undefined || open.has(roomId) };
    };
    const verdictIn = (roomId: string) =>
      found?.across.find((x) => x.in === roomId && x.from === otherOf(roomId))?.verdict ?? null;
    return { shownIn, verdictIn };
  }, [found, open, swap]);
}

type LookingProps = Pick<ReturnType<typeof useHouse>, 'answer' | 'given' | 'giveUp' | 'again'>;

/** How far the deck was looked through, and what became of it. */
function Looking({ answer, given, giveUp, again }: LookingProps) {
  return (
    <>
      {answer.state === 'failed' && <FieldError>{answer.says}</FieldError>}
      {answer.state === 'computing' && !given && (
        <p role="status" className="mb-4 flex items-center gap-3 text-soft">
          Looking through the deck in the light of every room…
          <progress className="h-3 w-40" value={answer.share} aria-label="The house" />
          <Button onClick={giveUp}>Stop</Button>
        </p>
      )}
      {given && !latest(answer) && (
        <p>
          Given up. <Button onClick={again}>Look again</Button>
        </p>
      )}
    </>
  );
}

/** The house as one: its rooms as strips at one hour, how they join, the fewest colours that serve it, its palette, one white for trim. */
export function HousePage() {
  const home = useHome();
  const { rooms } = useVisit();
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const [swap, setSwap] = useState<Swap>();
  const { answer, given, giveUp, again } = useHouse(rooms, open);
  const found = latest(answer);
  const { data } = useDeck();
  const deck = useMemo(() => new Map((data ?? []).map((c) => [c.id, c])), [data]);
  const { shownIn, verdictIn } = useShownRooms(found, open, swap);
  const sheet = useRef<HTMLDivElement>(null);
  const keep = (roomId: string, kept: boolean) => {
    const next = new Set(open);
    if (kept) next.delete(roomId);
    else next.add(roomId);
    setOpen(next);
  };
  return (
    <div ref={sheet} className="bg-ground p-5 max-sm:p-3 print:p-0">
      <StepTitle title={`${home.label}: the house`} aside="each room in its own light">
        <ShownSwitch />
        <Button onClick={() => window.print()}>
          <Printer aria-hidden size={18} /> Print
        </Button>
        <PictureButton of={sheet} name={`${home.label} the house`} />
      </StepTitle>
      <ul className="mb-3 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-4">
        {rooms.map((room) => (
          <RoomStrip
            key={room.id}
            {...{ room, deck }}
            {...shownIn(room.id)}
            verdict={verdictIn(room.id)}
            kept={settledWalls(room) ? !open.has(room.id) : undefined}
            onKeep={(kept) => keep(room.id, kept)}
          />
        ))}
      </ul>
      {found && rooms.length > 1 && <SwapRow {...{ rooms, swap }} onSwap={setSwap} />}
      <DeckTrouble />
      <Looking {...{ answer, given, giveUp, again }} />
      {rooms.length === 1 && (
        <EmptyState title="One room is no house yet">
          Add rooms in the brief: then it is told which colours run through them.
        </EmptyState>
      )}
      {data && rooms.length > 1 && <JoinsSection {...{ rooms, shownIn, deck }} />}
      {found && data && rooms.length > 1 && (
        <>
          <OneThrough {...{ rooms, deck }} answer={found} />
          <TrimWhite {...{ rooms, deck }} answer={found} />
          <Palette {...{ rooms, deck }} answer={found} />
        </>
      )}
    </div>
  );
}
