'use client';

import { useMemo, type ReactNode } from 'react';
import { Check, Plus } from 'lucide-react';
import { toast } from 'sonner';
import { counted, listed } from '@/core/base/words';
import { lrvOf } from '@/core/colour/lab';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { HousePaint } from '@/core/engine/house';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { AlsoInLight, InLight, usePaint } from '../light-client/in-light';
import { takenColour } from '../session/take-colour';
import { useVisitWrite } from '../session/visit-context';
import { sayColour } from '../words/say-colour';
import { sayRefusal } from '../words/words';
import { swatchOf } from './on-walls';

function InRoom({ room, paint: of }: { readonly room: RoomInLight; readonly paint: HousePaint }) {
  const paint = usePaint();
  return (
    <li className="min-w-0 flex-1">
      <Patch hex={paint(swatchOf(of).id, of.lab)} label={`in ${room.name}: ${sayColour(of.lab)}`} className="h-20" />
      <span className="block truncate pt-1 text-sm">{room.name}</span>
    </li>
  );
}

type Props = {
  readonly paint: HousePaint;
  readonly rooms: readonly RoomInLight[];
  readonly deck: ReadonlyMap<string, DeckColour>;
  readonly title?: ReactNode;
  readonly says?: string;
};

/** A colour of the house in the light of each of its rooms, side by side; one tap takes it into all of them. */
export function HousePaintRow({ paint, rooms, deck, title, says }: Props) {
  const write = useVisitWrite();
  const colour = deck.get(paint.id);
  const swatches = useMemo(() => [swatchOf(paint)], [paint]);
  const of = rooms.filter((r) => paint.rooms.includes(r.id));
  if (!colour) return null;
  const missing = of.filter((r) => !r.candidates.some((c) => c.deckColourId === paint.id && c.strength === paint.strength));
  const take = async () => {
    const writes = missing.map((r) => takenColour(r, knownColour(colour, paint.lab), paint.strength));
    const result = await write(writes, { answers: true }).result;
    if (!result.ok) return void toast.error(sayRefusal(result));
    toast(`${colour.name} ${paint.strength} % taken into ${listed(missing.map((r) => r.name))}`);
  };
  return (
    <section
      aria-label={`${colour.name} ${paint.strength} %`}
      data-paint={paint.id}
      className="grid break-inside-avoid grid-cols-[minmax(14rem,1fr)_minmax(0,3fr)] items-start gap-5 border-b border-line py-3 max-md:grid-cols-1"
    >
      <div>
        {title}
        <p className="leading-tight font-semibold">
          {colour.name} {paint.strength} %
        </p>
        <p className="text-sm text-soft">
          {colour.maker} {colour.code} · LRV {Math.round(lrvOf(paint.lab))}
        </p>
        {says && <p className="mt-1 text-sm">{says}</p>}
        <Button className="mt-2" disabled={missing.length === 0} onClick={() => void take()}>
          {missing.length === 0 ? <Check aria-hidden size={16} /> : <Plus aria-hidden size={16} />}
          {missing.length === 0 ? 'In its rooms' : `Into ${counted(missing.length, 'room')}`}
        </Button>
      </div>
      <ul className="flex">
        {of.map((room) => (
          <InLight key={room.id} roomId={room.id}>
            <AlsoInLight roomId={room.id} swatches={swatches}>
              <InRoom room={room} paint={paint} />
            </AlsoInLight>
          </InLight>
        ))}
      </ul>
    </section>
  );
}
