import type { Candidate } from '@/core/record/candidate';
import type { Choice, Signature, SignedSurface } from '@/core/record/decision';
import { paintSurfaces, type PaintSurface } from './paint-surfaces';
import type { Room } from '@/core/record/room';

/** A surface with what holds of it. */
export type DecidedSurface = {
  readonly surface: PaintSurface;
  /** undefined while it is open. */
  readonly choice: Choice | undefined;
  /** Its colour; undefined unless it is painted. */
  readonly candidate: Candidate | undefined;
  /** As it stands in the last signature: the same, otherwise, or not there. */
  readonly signed: 'as-signed' | 'changed' | 'never';
};

export type DecidedRoom = {
  readonly surfaces: readonly DecidedSurface[];
  readonly open: readonly PaintSurface[];
  readonly painted: readonly DecidedSurface[];
  readonly signature: Signature | undefined;
  /** How often it was signed. */
  readonly revision: number;
  /** What was signed last is not what holds now. */
  readonly changed: boolean;
};

/** What holds of each surface: the last that was said of it and not taken back; undefined when nothing was, or it was opened again. */
function choices({ decisions }: Pick<Room, 'decisions'>): Map<string, Choice> {
  const found = new Map<string, Choice>();
  for (const { id: _, at: __, undone, surfaces, ...choice } of decisions) {
    if (undone) continue;
    for (const surface of surfaces) {
      if (choice.what === 'open') found.delete(surface);
      else found.set(surface, choice);
    }
  }
  return found;
}

const CHOICE_FIELDS = ['what', 'candidateId', 'sheen', 'finish', 'coats', 'primer', 'undercoat'] as const;
/** Whether a surface is decided as it was signed; why it is so may be said otherwise. */
export const sameChoice = (p: Choice, q: SignedSurface): boolean => CHOICE_FIELDS.every((field) => p[field] === q[field]);

/** What is decided in a room, surface by surface, and whether that is what was signed. */
export const decidedRoom = (room: Room): DecidedRoom => withChoices(room, choices(room));

/**
 * What papers say of a room: what was signed last; what is decided now as long as nothing was signed. `changed` says that something else
 * holds by now.
 */
export function signedRoom(room: Room): DecidedRoom {
  const now = decidedRoom(room);
  if (!now.signature) return now;
  const signed = new Map(now.signature.decided.map(({ surface, name: _, ...choice }) => [surface, choice]));
  return { ...withChoices(room, signed), changed: now.changed };
}

function withChoices(room: Room, chosen: ReadonlyMap<string, Choice>): DecidedRoom {
  const signature = room.signatures.at(-1);
  const candidates = new Map([...room.retired.candidates, ...room.candidates].map((c) => [c.id, c]));
  const surfaces = paintSurfaces(room).map((surface): DecidedSurface => {
    const choice = chosen.get(surface.id);
    const before = signature?.decided.find((d) => d.surface === surface.id);
    const signed = !choice
      ? before
        ? 'changed'
        : 'never'
      : !before
        ? 'never'
        : sameChoice(choice, before)
          ? 'as-signed'
          : 'changed';
    return { surface, choice, candidate: choice?.candidateId ? candidates.get(choice.candidateId) : undefined, signed };
  });
  const gone = signature?.decided.some((d) => !surfaces.some((s) => s.surface.id === d.surface)) ?? false;
  return {
    surfaces,
    open: surfaces.filter((s) => !s.choice).map((s) => s.surface),
    painted: surfaces.filter((s) => s.choice?.what === 'paint'),
    signature,
    revision: room.signatures.length,
    changed:
      signature !== undefined && (gone || surfaces.some((s) => s.signed === 'changed' || (s.signed === 'never' && s.choice))),
  };
}

/** What would be signed now: every surface that is decided. */
export const toSign = ({ surfaces }: DecidedRoom): SignedSurface[] =>
  surfaces.flatMap(({ surface, choice }) => (choice ? [{ surface: surface.id, name: surface.name, ...choice }] : []));

/** The focal wall: alone in its colour while at least two others share one. */
export function focalWall({ surfaces }: Pick<DecidedRoom, 'surfaces'>): string | undefined {
  const walls = surfaces.filter((s) => s.surface.kind === 'wall' && s.choice?.candidateId && !s.surface.id.endsWith('-below'));
  const count = (id: string) => walls.filter((w) => w.choice!.candidateId === id).length;
  const alone = walls.filter((w) => count(w.choice!.candidateId!) === 1);
  return alone.length === 1 && walls.some((w) => count(w.choice!.candidateId!) >= 2) ? alone[0]!.surface.id : undefined;
}

/** "5 of 7 surfaces", "decided, signed", "" where nothing is decided. */
export function sayDecided({ surfaces, open, signature, changed }: DecidedRoom): string {
  const decided = surfaces.length - open.length;
  if (decided === 0) return '';
  const done = open.length === 0 ? 'decided' : `${decided} of ${surfaces.length} surfaces`;
  return signature ? `${done}, ${changed ? 'changed since signed' : 'signed'}` : done;
}
