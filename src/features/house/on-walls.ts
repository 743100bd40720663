import { floorOf } from '@/core/derived/floor-of';
import { decidedRoom } from '@/core/derived/decided';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { wallSurface } from '@/core/derived/paint-surfaces';
import type { HousePaint } from '@/core/engine/house';
import type { Swatch } from '@/core/engine/light-protocol';
import { candidateSwatch, colourSwatch, OLD_WALL_ID, offeredSwatch } from '@/core/engine/swatches';
import type { Candidate } from '@/core/record/candidate';
import { pickedScheme } from '@/core/record/scheme';
import { thingOf } from '@/core/record/thing';
import { wallsOf } from '@/core/room/plan';

/** A colour of the house as it is looked at in a room. */
export const swatchOf = ({ id, strength, lab }: Pick<HousePaint, 'id' | 'strength' | 'lab'>): Swatch =>
  offeredSwatch({ deckColourId: id }, strength, lab);

/** How a room's walls stand: as decided, as the client picked, as proposed, or as they are. */
export type WallState = 'decided' | 'picked' | 'proposed' | 'as it is';
/** What is on the walls of a room. */
export type OnWalls = {
  readonly state: WallState;
  /** "Esk Mossen 75 %". */
  readonly says: string;
  readonly swatch: Swatch;
  /** The deck's colour; null of what is of no deck. */
  readonly paint: { readonly id: string; readonly strength: number } | null;
};

const ofCandidate = (state: WallState, candidate: Candidate): OnWalls => ({
  state,
  says: `${candidate.name} ${candidate.strength} %`,
  swatch: candidateSwatch(candidate),
  paint: { id: candidate.deckColourId, strength: candidate.strength },
});

/** What is settled of the walls of a room: decided, or picked by the client; undefined where nothing is. */
export function settledWalls(room: RoomInLight): OnWalls | undefined {
  const wall = decidedRoom(room).surfaces.find((s) => s.surface.kind === 'wall' && s.candidate)?.candidate;
  if (wall) return ofCandidate('decided', wall);
  const picked = room.candidates.find((c) => c.id === pickedScheme(room.schemes)?.wallId);
  return picked && ofCandidate('picked', picked);
}

/**
 * What is shown on the walls of a room: `instead` first, then what is settled, what is proposed, what is there now; undefined where nothing
 * is known.
 */
export function onWalls(
  room: RoomInLight,
  { own, instead = false }: { readonly own: HousePaint | undefined; readonly instead?: boolean },
  deck: ReadonlyMap<string, Pick<DeckColour, 'name'>>,
): OnWalls | undefined {
  const settled = settledWalls(room);
  if (settled && !instead) return settled;
  const colour = own && deck.get(own.id);
  if (own && colour) {
    const { id, strength } = own;
    return { state: 'proposed', says: `${colour.name} ${strength} %`, swatch: swatchOf(own), paint: { id, strength } };
  }
  if (settled) return settled;
  if (room.oldWall) return { state: 'as it is', says: 'as it is', swatch: colourSwatch(OLD_WALL_ID, room.oldWall), paint: null };
  return undefined;
}

/** What is on each wall: a wall that is decided apart has its own. */
export function eachWall(room: RoomInLight, all: OnWalls | undefined): readonly (Swatch | null)[] {
  const { surfaces } = decidedRoom(room);
  return wallsOf(room).map((wall) => {
    const own = all?.state === 'decided' ? surfaces.find((s) => s.surface.id === wallSurface(wall))?.candidate : undefined;
    return own ? candidateSwatch(own) : (all?.swatch ?? null);
  });
}

/** What is on the trim: as decided, or as it stays; null where nothing is known. */
export function onTrim(room: RoomInLight): Swatch | null {
  const decided = decidedRoom(room).surfaces.find((s) => s.surface.kind === 'trim')?.candidate;
  if (decided) return candidateSwatch(decided);
  const [component] = room.stays.find((s) => thingOf(s) === 'trim')?.components ?? [];
  return component ? colourSwatch(component.id, component.colour) : null;
}

/** What lies on the floor; null where nothing is known. */
export function onFloor(room: RoomInLight): Swatch | null {
  const lies = floorOf(room)?.component;
  return lies ? colourSwatch(lies.id, lies.colour) : null;
}
