'use client';

import { v7 } from 'uuid';
import { preparationFor } from '@/core/handover/preparation';
import { USUAL_COATS } from '@/core/paint/coats';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { finishOf, sheenOf } from '@/core/engine/ways';
import type { WriteOf } from '@/core/operations/operations';
import { partsOfScheme, type FurtherPart, type Scheme, type SchemePart } from '@/core/record/scheme';
import { partedWall } from '@/core/companions/parted-walls';
import { sizeOf } from '@/core/derived/describe-room';
import type { Paintwork } from '@/core/record/paintwork';
import { wallsOf } from '@/core/room/plan';
import { surfacesOfPart } from '@/core/scheme/of-room';
import { SCHEME_KIND_WORDS, type Proposal, type ProposedPart } from '@/core/scheme/parts';
import { takenColour } from '../session/take-colour';
import { useVisitWrite } from '../session/visit-context';

/** "Tonal", or "Tonal 2" where there is one. */
function freeName(room: Pick<RoomInLight, 'schemes'>, name: string): string {
  const taken = new Set(room.schemes.map((s) => s.name));
  for (let n = 1; ; n++) {
    const tried = n === 1 ? name : `${name} ${n}`;
    if (!taken.has(tried)) return tried;
  }
}

/** The write that keeps a scheme as it is. */
export const schemeWrite = (roomId: string, { id, name, ...scheme }: Scheme): WriteOf<'scheme.save'> => ({
  name: 'scheme.save',
  roomId,
  schemeId: id,
  scheme: name,
  ...scheme,
});

/** Rails for walls that a scheme parts where none is there yet, at the height that is usual in such a room. */
function railsFor(room: RoomInLight, has: readonly SchemePart[]): Paintwork['rails'] | undefined {
  if (!has.includes('below') || room.paintwork.rails.length > 0) return undefined;
  const { railM } = partedWall(sizeOf(room).heightM);
  return wallsOf(room).map((wall) => ({ wall, heightM: railM }));
}
const railWrite = (room: RoomInLight, rails: Paintwork['rails']): WriteOf<'room.paintwork'> => ({
  name: 'room.paintwork',
  roomId: room.id,
  paintwork: { ...room.paintwork, rails },
});

/** Keeps what was proposed, and makes of a scheme what is decided. */
export function useKeep(room: RoomInLight, deck: ReadonlyMap<string, DeckColour>) {
  const write = useVisitWrite();

  /** The colour of a part, taken into the room where it is not there; null of what is no paint. */
  function taken({ id, strength, lab }: ProposedPart) {
    const colour = id === null ? undefined : deck.get(id);
    return colour ? takenColour(room, knownColour(colour, lab), strength!) : null;
  }

  /** Keeps a proposal, its paints taken into the room with it: all of it or nothing, one step back. */
  function keep({ kind, parts }: Proposal, before?: Scheme): string {
    const filled = parts.map((p) => ({ ...p, write: taken(p) }));
    const id = before?.id ?? v7();
    const of = (part: SchemePart) => filled.find((f) => f.part === part && f.write)?.write?.candidateId ?? null;
    const accents = filled.filter((f) => f.part === 'accent' && f.write).map((f) => f.write!.candidateId);
    const further = filled.flatMap(({ part, lab, write: paint }): FurtherPart[] => {
      if (paint && (part === 'walls' || part === 'trim' || part === 'accent')) return [];
      return [{ part, candidateId: paint?.candidateId ?? null, lab: paint ? null : lab }];
    });
    const scheme: Scheme = {
      id,
      name: before?.name ?? freeName(room, SCHEME_KIND_WORDS[kind].name),
      wallId: of('walls'),
      trimId: of('trim'),
      accentIds: accents.slice(0, 4),
      kind,
      parts: further,
      locked: before?.locked ?? [],
      things: before?.things ?? [],
      pickedAt: before?.pickedAt ?? null,
    };
    const missing = new Map(filled.flatMap((f) => (f.write ? [[f.write.candidateId, f.write] as const] : [])));
    for (const { id: known } of room.candidates) missing.delete(known);
    write([...missing.values(), schemeWrite(room.id, scheme)]);
    return id;
  }

  const save = (scheme: Scheme) => write(schemeWrite(room.id, scheme));

  /** Decides every surface that a scheme paints, in one step: it is signed as usual. Answers how many surfaces that were. */
  function decide(scheme: Scheme): number {
    const parts = partsOfScheme(scheme);
    const has = parts.map((p) => p.part);
    const rails = railsFor(room, has);
    const parted = rails ? { ...room, paintwork: { ...room.paintwork, rails } } : room;
    const wall = room.candidates.find((c) => c.id === scheme.wallId);
    const decisions = parts.flatMap(({ part, candidateId }): WriteOf<'decision.make'>[] => {
      const candidate = room.candidates.find((c) => c.id === candidateId);
      const surfaces = surfacesOfPart(parted, part, has);
      const [first] = surfaces;
      if (!candidate || !first) return [];
      const { kind } = first;
      const { sheen } = sheenOf(kind, candidate.lab, { room, inWallColour: kind !== 'wall' && candidate.id === wall?.id });
      return [
        {
          name: 'decision.make',
          roomId: room.id,
          surfaces: surfaces.map((s) => s.id),
          what: 'paint',
          candidateId: candidate.id,
          sheen,
          finish: finishOf(kind),
          coats: USUAL_COATS,
          primer: preparationFor(room.paintwork.now[kind])?.primer ?? 'none',
          undercoat: 'none',
          why: scheme.name,
        },
      ];
    });
    if (decisions.length > 0) write(rails ? [railWrite(room, rails), ...decisions] : decisions);
    return decisions.reduce((sum, d) => sum + d.surfaces.length, 0);
  }
  return { keep, save, decide };
}
