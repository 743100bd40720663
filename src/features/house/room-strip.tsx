'use client';

import { useMemo } from 'react';
import { decidedRoom } from '@/core/derived/decided';
import { floorOf } from '@/core/derived/floor-of';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { UnfoldedPart } from '@/core/derived/unfolded';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { HousePaint } from '@/core/engine/house';
import type { Swatch } from '@/core/engine/light-protocol';
import { OLD_WALL_ID } from '@/core/engine/swatches';
import { pickedScheme } from '@/core/record/scheme';
import { classNames } from '@/ui/class-names';
import { SKY_HEX } from '../drawings/glass';
import { UnfoldedPicture } from '../drawings/unfolded-picture';
import { AlsoInLight, InLight, usePaint } from '../light-client/in-light';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';

/** A surface that stays as it is, whose colour nobody recorded. */
const UNKNOWN_HEX = '#d6d6d6';

type Props = {
  readonly room: RoomInLight;
  /** What serves it best by itself, where nothing is decided. */
  readonly own: HousePaint | undefined;
  readonly deck: ReadonlyMap<string, DeckColour>;
};

/** What is on the walls: as decided, as the client picked, as proposed, or as it is. */
function wallsOf(room: RoomInLight, own: HousePaint | undefined, deck: Props['deck']) {
  const decided = decidedRoom(room);
  const wall = decided.surfaces.find((s) => s.surface.kind === 'wall' && s.candidate)?.candidate;
  if (wall) return { state: 'decided', says: `${wall.name} ${wall.strength} %`, id: wall.id, lab: wall.lab } as const;
  const picked = room.candidates.find((c) => c.id === pickedScheme(room.schemes)?.wallId);
  if (picked) return { state: 'picked', says: `${picked.name} ${picked.strength} %`, id: picked.id, lab: picked.lab } as const;
  const colour = own && deck.get(own.id);
  if (own && colour) {
    const id = swatchOf(own).id;
    return { state: 'proposed', says: `${colour.name} ${own.strength} %`, id, lab: own.lab } as const;
  }
  if (room.oldWall) return { state: 'as it is', says: 'as it is', id: OLD_WALL_ID, lab: room.oldWall.lab } as const;
  return undefined;
}

/** A colour of the house as it is looked at in a room. */
export const swatchOf = ({ id, strength, lab }: Pick<HousePaint, 'id' | 'strength' | 'lab'>): Swatch => ({
  id: `${id}@${strength}`,
  lab,
  population: 'paint',
});

function Strip({ room, own, deck }: Props) {
  const visit = useHome();
  const paint = usePaint();
  const decided = useMemo(() => decidedRoom(room), [room]);
  const walls = wallsOf(room, own, deck);
  const on = new Map(decided.surfaces.flatMap((s) => (s.candidate ? [[s.surface.id, s.candidate] as const] : [])));
  const floor = floorOf(room)?.component;
  const staying = (thing: string) => {
    const component = room.stays.find((s) => s.thing === thing)?.components[0];
    return component && paint(component.id, component.colour.lab);
  };
  const wallHex = walls ? paint(walls.id, walls.lab) : UNKNOWN_HEX;
  const hexOf = ({ what, surface }: UnfoldedPart): string => {
    const candidate = surface === null ? undefined : on.get(surface);
    if (candidate) return paint(candidate.id, candidate.lab);
    if (what === 'glass') return SKY_HEX;
    if (what === 'floor') return floor ? paint(floor.id, floor.colour.lab) : UNKNOWN_HEX;
    if (what === 'wall' || what === 'below') return wallHex;
    return staying(what === 'ceiling' ? 'ceiling' : what === 'door' ? 'door' : 'trim') ?? UNKNOWN_HEX;
  };
  const says = walls ? `${walls.says}, ${walls.state}` : 'nothing known yet';
  return (
    <li className="min-w-0">
      <VisitLink href={addressOf({ visitId: visit.id, roomId: room.id, step: 'decide' })} className="block">
        <div className={classNames('border-2', walls?.state === 'decided' ? 'border-ink' : 'border-dashed border-line-strong')}>
          <UnfoldedPicture room={room} paint={hexOf} label={`${room.name}: ${says}`} className="h-28" />
        </div>
        <span className="mt-1 block font-semibold">{room.name}</span>
        <span className="block text-sm text-soft">{says}</span>
      </VisitLink>
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
