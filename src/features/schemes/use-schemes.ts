'use client';

import { useMemo } from 'react';
import type { NoAnswer, Swatch } from '@/core/engine/light-protocol';
import { withoutLights } from '@/core/engine/lit-room';
import { coloursOf, judgedThings } from '@/core/engine/judged-things';
import type { KeptPart, SchemeStay } from '@/core/engine/scheme-walls';
import type { SchemesAnswer, SchemesRequest } from '@/core/engine/schemes-of-deck';
import { colourSwatch } from '@/core/engine/swatches';
import { decidedRoom } from '@/core/derived/decided';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { Candidate } from '@/core/record/candidate';
import type { SurfaceKind } from '@/core/record/paintwork';
import { partsOfScheme, type Scheme, type SchemeKind, type SchemePart, type SchemeThing } from '@/core/record/scheme';
import type { RecordedStay } from '@/core/record/stay';
import { thingOf, type Thing } from '@/core/record/thing';
import { areasOfRoom } from '@/core/scheme/of-room';
import type { Proposal } from '@/core/scheme/parts';
import { coloursOfStay } from '@/core/scheme/pieces';
import { useJob } from '../light-client/light-worker';
import { useAdvisedRoom } from '../light-client/room-day';

/** Parts that are painted although what is there now was recorded as staying. */
export const REPAINTED = ['trim', 'ceiling', 'door'] as const satisfies readonly Thing[];
export type Repainted = (typeof REPAINTED)[number];

/** What a scheme begins from. */
export type Begun = {
  readonly kinds: readonly SchemeKind[];
  readonly kept: readonly KeptPart[];
  readonly piece: RecordedStay | undefined;
  readonly repainted: readonly Repainted[];
};

const work = (
  w: Parameters<Parameters<typeof useJob<SchemesRequest, SchemesAnswer>>[2]['work']>[0],
  id: number,
  asked: SchemesRequest,
  progress: (share: number) => void,
): Promise<SchemesAnswer | NoAnswer> => w.schemes(id, asked, progress);
const of = (request: SchemesRequest) => ({ ...request, room: withoutLights(request.room) });

/** What stays in a room as a scheme is made around it, less what is painted over; with the things of a scheme's own. */
function schemeStays(room: RoomInLight, repainted: readonly Repainted[], own: readonly SchemeThing[] = []): SchemeStay[] {
  const things = judgedThings(room);
  const stays = room.stays.flatMap((stay, k): SchemeStay[] => {
    const thing = thingOf(stay);
    if ((repainted as readonly Thing[]).includes(thing)) return [];
    return [{ ...things[k]!, thing, cover: stay.lies ? stay.cover : null }];
  });
  const added = own.map(({ id, name, thing, components }): SchemeStay => ({
    id,
    name,
    thing,
    kind: thing === 'art' ? 'artwork' : 'furnishing',
    school: 'share',
    cover: null,
    components: components.map((c) => ({ ...colourSwatch(c.id, c.colour), name: c.name, share: c.share })),
  }));
  return [...stays, ...added];
}

/** Whole schemes for a room, one of each kind that is asked for. */
export function useProposals(room: RoomInLight, { kinds, kept, piece, repainted }: Begun, given: boolean) {
  const advised = useAdvisedRoom(room.id);
  const request = useMemo((): SchemesRequest | undefined => {
    if (!advised || given) return undefined;
    const stays = schemeStays(room, repainted);
    const asked = {
      kinds,
      stays,
      areas: areasOfRoom(room),
      wish: room.wish,
      kept,
      piece: piece ? coloursOfStay(piece) : [],
      pieceName: piece?.name ?? '',
    };
    return { room: advised, things: judgedThings(room), asked };
  }, [advised, given, room, kinds, kept, piece, repainted]);
  return useJob('schemes', request, { of, work });
}

/** Parts of a kept scheme as they are judged; a part whose colour is out of the room is left out. */
export function keptParts(room: Pick<RoomInLight, 'candidates'>, scheme: Scheme): KeptPart[] {
  return partsOfScheme(scheme).flatMap(({ part, candidateId, lab }): KeptPart[] => {
    if (lab) return [{ part, id: null, strength: null, lab }];
    const candidate = room.candidates.find((c) => c.id === candidateId);
    return candidate ? [{ part, ...asKept(candidate) }] : [];
  });
}
/** A colour of the room as it is kept in a scheme. */
export const asKept = ({ deckColourId, strength, lab, spectrum }: Candidate): Omit<KeptPart, 'part'> => ({
  id: deckColourId,
  strength,
  lab,
  spectrum,
});

/** Parts as the kinds of surfaces they are painted on. */
const OF_KIND: Readonly<Partial<Record<SurfaceKind, SchemePart>>> = {
  wall: 'walls',
  trim: 'trim',
  ceiling: 'ceiling',
  door: 'door',
};

/** What is decided in a room, as parts of a scheme: of each kind of surface the colour with most of it; none while the walls are open. */
export function decidedParts(room: RoomInLight): KeptPart[] {
  const decided = decidedRoom(room);
  const parts = Object.entries(OF_KIND).flatMap(([kind, part]): KeptPart[] => {
    const [most] = coloursOf(decided, kind as SurfaceKind);
    return most ? [{ part, ...asKept(most.candidate) }] : [];
  });
  return parts.some((p) => p.part === 'walls') ? parts : [];
}

/** What a scheme paints that was recorded as staying. */
const paintedBy = (scheme: Scheme): Repainted[] => {
  const parts = partsOfScheme(scheme).map((p) => p.part);
  return REPAINTED.filter((part) => parts.includes(part));
};

/** A scheme as it is kept, with its shares and its links; undefined while it is judged. */
export function useJudged(room: RoomInLight, scheme: Scheme) {
  const advised = useAdvisedRoom(room.id);
  const request = useMemo((): SchemesRequest | undefined => {
    const kept = keptParts(room, scheme);
    if (!advised || kept.length === 0) return undefined;
    const kinds = [scheme.kind ?? ('shared' as const)];
    const stays = schemeStays(room, paintedBy(scheme), scheme.things);
    const asked = { kinds, stays, areas: areasOfRoom(room), wish: room.wish, kept, only: true, piece: [], pieceName: '' };
    return { room: advised, things: [], asked };
  }, [advised, room, scheme]);
  return useJob('scheme', request, { of, work });
}

/** What stays beside a scheme, in the order of its shares. */
export const stayingBeside = (room: RoomInLight, scheme: Scheme | undefined, repainted: readonly Repainted[]) =>
  schemeStays(room, scheme ? paintedBy(scheme) : repainted, scheme?.things);

/** A part of a scheme as something that is looked at. */
export const partSwatch = (name: string, part: SchemePart, k: number, lab: Swatch['lab']): Swatch => ({
  id: `${name} ${part} ${k}`,
  lab,
  population: 'any',
});
export const swatchesOfProposal = (name: string, { parts }: Pick<Proposal, 'parts'>): readonly Swatch[] =>
  parts.map((p, k) => partSwatch(name, p.part, k, p.lab));
