import type { Candidate } from '@/core/record/candidate';
import type { RecordedColour } from '@/core/record/recorded-colour';
import type { Room } from '@/core/record/room';
import { measuredReflectance } from './surface';
import type { Visit } from '@/core/record/visit';

/** What the dry sample of a colour was read to last; undefined where none was. */
export const readOf = ({ samples }: Pick<Room, 'samples'>, candidateId: string): RecordedColour | undefined =>
  samples.findLast((s) => s.candidateId === candidateId && s.read !== null)?.read ?? undefined;

function mixed(room: Room, candidate: Candidate): Candidate {
  const read = readOf(room, candidate.id);
  if (!read) return candidate;
  const spectrum = measuredReflectance(read);
  return { ...candidate, lab: read.lab, spectrum: spectrum ? Array.from(spectrum) : null };
}

/** Rooms as they were worked out; a room that was not changed is the same one. */
const known = new WeakMap<Room, Room>();
function roomAsMixed(room: Room): Room {
  if (!room.samples.some((s) => s.read !== null)) return room;
  const before = known.get(room);
  if (before) return before;
  const made = { ...room, candidates: room.candidates.map((c) => mixed(room, c)) };
  known.set(room, made);
  return made;
}
const visits = new WeakMap<Visit, Visit>();

/**
 * The visit with the colours that were really mixed: a colour whose dry sample was read is that from then on, for light, judgement,
 * record and papers. What the deck says of it at its strengths stays in `offered`. The same visit gives the same answer.
 */
export function asMixed(visit: Visit): Visit {
  const before = visits.get(visit);
  if (before) return before;
  const rooms = visit.rooms.map(roomAsMixed);
  const made = rooms.every((r, k) => r === visit.rooms[k]) ? visit : { ...visit, rooms };
  visits.set(visit, made);
  return made;
}
