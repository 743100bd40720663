'use client';

import { useMemo } from 'react';
import { decidedRoom } from '@/core/derived/decided';
import { floorOf } from '@/core/derived/floor-of';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { UnfoldedPart } from '@/core/derived/unfolded';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { HousePaint } from '@/core/engine/house';
import type { Verdict } from '@/core/judge/reasons';
import { classNames } from '@/ui/class-names';
import { SKY_HEX } from '../drawings/glass';
import { UnfoldedPicture } from '../drawings/unfolded-picture';
import { AlsoInLight, InLight, usePaint } from '../light-client/in-light';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { VERDICT_WORDS } from '../words/verdict-words';
import { onWalls, swatchOf } from './on-walls';

/** A surface that stays as it is, whose colour nobody recorded. */
const UNKNOWN_HEX = '#d6d6d6';

type Props = {
  readonly room: RoomInLight;
  /** What serves it best by itself, where nothing is decided. */
  readonly own: HousePaint | undefined;
  /** That is shown although something is settled: the room is open, or swaps its colour. */
  readonly instead: boolean;
  /** What it would be there, of a colour that was swapped in; null of its own. */
  readonly verdict: Verdict | null;
  /** Whether what is settled in it stays; undefined where nothing is settled. */
  readonly kept: boolean | undefined;
  readonly onKeep: (kept: boolean) => void;
  readonly deck: ReadonlyMap<string, DeckColour>;
};

function Strip({ room, own, instead, verdict, kept, onKeep, deck }: Props) {
  const visit = useHome();
  const paint = usePaint();
  const decided = useMemo(() => decidedRoom(room), [room]);
  const walls = onWalls(room, { own, instead }, deck);
  const on = new Map(
    (instead ? [] : decided.surfaces).flatMap((s) => (s.candidate ? [[s.surface.id, s.candidate] as const] : [])),
  );
  const floor = floorOf(room)?.component;
  const staying = (thing: string) => {
    const component = room.stays.find((s) => s.thing === thing)?.components[0];
    return component && paint(component.id, component.colour.lab);
  };
  const wallHex = walls ? paint(walls.swatch.id, walls.swatch.lab) : UNKNOWN_HEX;
  const hexOf = ({ what, surface }: UnfoldedPart): string => {
    const candidate = surface === null ? undefined : on.get(surface);
    if (candidate) return paint(candidate.id, candidate.lab);
    if (what === 'glass') return SKY_HEX;
    if (what === 'floor') return floor ? paint(floor.id, floor.colour.lab) : UNKNOWN_HEX;
    if (what === 'wall' || what === 'below') return wallHex;
    return staying(what === 'ceiling' || what === 'slope' ? 'ceiling' : what === 'door' ? 'door' : 'trim') ?? UNKNOWN_HEX;
  };
  const state = verdict ? `swapped in, ${VERDICT_WORDS[verdict].toLowerCase()} (predicted)` : walls?.state;
  const says = walls ? `${walls.says}, ${state}` : 'nothing known yet';
  return (
    <li className="min-w-0">
      <VisitLink href={addressOf({ visitId: visit.id, roomId: room.id, step: 'decide' })} className="block">
        <div
          className={classNames(
            'border-2',
            walls?.state === 'decided' && !verdict ? 'border-ink' : 'border-dashed border-line-strong',
          )}
        >
          <UnfoldedPicture room={room} paint={hexOf} label={`${room.name}: ${says}`} className="h-28" />
        </div>
        <span className="mt-1 block font-semibold">{room.name}</span>
        <span className="block text-sm text-soft">{says}</span>
      </VisitLink>
      {kept !== undefined && (
        <label className="flex min-h-11 cursor-pointer items-center gap-2 text-sm print:hidden">
          <input
            type="checkbox"
            className="size-5 accent-[var(--ink)]"
            checked={kept}
            onChange={(e) => onKeep(e.target.checked)}
          />
          keeps its colour
        </label>
      )}
    </li>
  );
}

/** A room of the house as a strip, in its own light at the cursor: decided with a solid edge, proposed with a broken one. */
export function RoomStrip(props: Props) {
  const { room, own } = props;
  const swatches = useMemo(() => (own ? [swatchOf(own)] : []), [own]);
  return (
    <InLight roomId={room.id}>
      <AlsoInLight roomId={room.id} swatches={swatches}>
        <Strip {...props} />
      </AlsoInLight>
    </InLight>
  );
}
