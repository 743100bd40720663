import { KIND_WORDS, USE_WORDS } from '@/core/room/use';
import { byTag } from '@/core/base/by-tag';
import type { Write, WriteMap, WriteName, WriteOf } from '@/core/operations/operations';
import { quoted } from '@/core/base/quoted';
import { INTENSITY_WORDS } from '@/core/record/intensity';
import { REACTION_WORDS } from '@/core/record/reaction';
import type { Room } from '@/core/record/room';
import { roomsOf, type Shelf, type Visit } from '@/core/record/visit';
import { LIGHT_NAMES } from '@/core/room/facing';
import { sayReasons, VERDICT_WORDS } from './verdict-words';

const quotedShort = (text: string) => quoted(text.length > 60 ? `${text.slice(0, 58)}…` : text);
const candidates = (room: Room | undefined) => [...(room?.candidates ?? []), ...(room?.retired.candidates ?? [])];
const sayCandidate = (room: Room | undefined, id: string | null) => {
  const found = candidates(room).find((c) => c.id === id);
  return found ? `${found.name} ${found.strength} %` : 'a colour';
};
const sayStay = (room: Room | undefined, id: string) =>
  [...(room?.stays ?? []), ...(room?.retired.stays ?? [])].find((s) => s.id === id)?.name ?? 'something that stays';
const outOrBack = (retired: boolean) => (retired ? 'taken out' : 'put back');

const backOrAgain = (undone: boolean) => (undone ? 'taken back' : 'put back');
const SHELF_WORDS: Readonly<Record<Shelf, string>> = { current: 'taken up again', archived: 'put away', deleted: 'thrown away' };
const BRIEF_WORDS = {
  decides: 'who decides',
  budget: 'the budget',
  painter: 'the painter',
  builtYear: 'the year of the house',
  visitedOn: 'the day of the visit',
} as const;
const ROOM_BRIEF_WORDS = { mustNotChange: 'what must not change', annoys: 'what annoys', mayChange: 'what may change' } as const;
const sayStated = (said: object, words: Readonly<Record<string, string>>) =>
  Object.keys(words)
    .filter((key) => (said as Record<string, unknown>)[key] !== undefined)
    .map((key) => words[key])
    .join(', ');

type Say<N extends WriteName> = (write: WriteOf<N>, room: Room | undefined) => string;

function saySample({ read, paintedAt }: Pick<WriteOf<'sample.save'>, 'read' | 'paintedAt'>): string {
  if (read) return ', read';
  return paintedAt ? ', painted' : '';
}

const SAY: { readonly [N in WriteName]: Say<N> } = {
  'visit.create': (w) => `The new visit ${quotedShort(w.label)}`,
  'visit.edit': (w) => `The visit as ${quotedShort(w.label)}, ${w.place.name}`,
  'visit.schools': () => 'Which school the visit follows',
  'visit.brief': (w) => `For the whole home: ${sayStated(w, BRIEF_WORDS)}`,
  'visit.people': () => 'Who is to be reached',
  'visit.plan': () => 'What looks are planned by',
  'visit.habits': () => 'How the visit speaks',
  'visit.supply': () => 'What quantities are worked out by',
  'visit.shelve': (w) => `The visit ${SHELF_WORDS[w.shelf]}`,
  'room.add': (w) => `The new room ${quotedShort(w.room)}`,
  'room.rename': (w) => `The room’s name ${quotedShort(w.room)}`,
  'room.retire': (w, room) => `${room?.name ?? 'A room'} ${w.retired ? 'taken off' : 'put back on'} the visit`,
  'room.light': () => 'Windows, lamps and measures',
  'room.wish': (w) => `What the client wants${w.words ? `: ${quotedShort(w.words)}` : ''}`,
  'room.use': (w) => `A ${KIND_WORDS[w.kind]}, used ${USE_WORDS[w.use]}`,
  'room.brief': (w) => `What the client says: ${sayStated(w, ROOM_BRIEF_WORDS)}`,
  'room.paintwork': () => 'Doors, rails, trim and cabinets',
  'room.order': () => 'The order of the rooms',
  'stay.save': (w) => `${quotedShort(w.stay)} with its colours`,
  'stay.retire': (w, room) => `${sayStay(room, w.stayId)} ${outOrBack(w.retired)}`,
  'candidate.add': (w) => `${w.facts?.name ?? w.deckColourId} ${w.strength} % as a candidate`,
  'candidate.retire': (w, room) => `${sayCandidate(room, w.candidateId)} ${outOrBack(w.retired)}`,
  'verdict.give': (w, room) =>
    `${VERDICT_WORDS[w.verdict]}, said by the ${w.person}: ${sayCandidate(room, w.candidateId)} beside ${sayStay(room, w.stayId)}, ${LIGHT_NAMES[w.light]}`,
  'verdict.reason': (w) => {
    const reasons = sayReasons(w);
    return reasons ? `Why: ${reasons}` : 'A reason taken back';
  },
  'verdict.undo': (w) => `A verdict ${backOrAgain(w.undone)}`,
  'intensity.give': (w, room) =>
    `${sayCandidate(room, w.candidateId)} alone: ${INTENSITY_WORDS[w.intensity]}, said by the ${w.person}, ${LIGHT_NAMES[w.light]}`,
  'intensity.undo': (w) => `What was said of a colour alone ${backOrAgain(w.undone)}`,
  'reaction.give': (w, room) => `${sayCandidate(room, w.candidateId)}: ${REACTION_WORDS[w.reaction]}`,
  'reaction.undo': (w) => `A reaction of the client ${backOrAgain(w.undone)}`,
  'ruling.set': (w, room) => `The ruling on ${sayCandidate(room, w.candidateId)}${w.note ? `: ${quotedShort(w.note)}` : ''}`,
  'pair.pick': (w, room) => `The client’s pick: ${sayCandidate(room, w.chosenId)} over ${sayCandidate(room, w.otherId)}`,
  'pair.unpick': (w) => `A pick ${backOrAgain(w.undone)}`,
  'note.add': (w) => `The note ${quotedShort(w.words)}`,
  'note.remove': (w) => `A note ${w.removed ? 'taken away' : 'put back'}`,
  'photo.add': () => 'A photograph',
  'photo.edit': (w) => `What a photograph shows${w.caption ? `: ${quotedShort(w.caption)}` : ''}`,
  'photo.retire': (w) => `A photograph ${w.retired ? 'taken away' : 'put back'}`,
  'scheme.save': (w) => `The scheme ${quotedShort(w.scheme)}`,
  'scheme.retire': (w) => `A scheme ${w.retired ? 'taken away' : 'put back'}`,
  'look.save': (w) => `Look ${w.number} ${w.state}`,
  'look.retire': (w, room) =>
    `Look ${[...(room?.looks ?? []), ...(room?.retired.looks ?? [])].find((l) => l.id === w.lookId)?.number ?? ''} ${w.retired ? 'taken off' : 'put back on'} the plan`,
  'look.answer': (w, room) =>
    `The client’s answer: ${sayCandidate(room, w.candidateId)} ${VERDICT_WORDS[w.verdict].toLowerCase()}`,
  'look.unanswer': (w) => `An answer of the client ${backOrAgain(w.undone)}`,
  'look.hand': (w) => `${w.lookIds.length === 1 ? 'One look' : `${w.lookIds.length} looks`} for the client`,
  'decision.make': (w, room) => {
    const of = w.surfaces.length === 1 ? 'one surface' : `${w.surfaces.length} surfaces`;
    if (w.what === 'paint') return `Decided: ${sayCandidate(room, w.candidateId)} for ${of}`;
    return w.what === 'leave' ? `Decided: ${of} left as it is` : `Open again: ${of}`;
  },
  'decision.undo': (w) => `A decision ${backOrAgain(w.undone)}`,
  'decision.sign': (w) => `What is decided, signed by ${quotedShort(w.signedBy)}`,
  'sample.save': (w, room) => `The sample of ${sayCandidate(room, w.candidateId)}${saySample(w)}`,
  'sample.retire': (w) => `A sample ${outOrBack(w.retired)}`,
  'light.read': (w) => `A light meter’s reading of ${Math.round(w.lux)} lx`,
  'light.unread': (w) => `A reading ${backOrAgain(w.undone)}`,
  'light.calibrate': (w) => `Readings ${w.on ? 'correct' : 'do not correct'} what is computed`,
  'deck.import': () => 'A deck',
  'deck.products': () => 'What a maker’s products are called',
  'deck.rename': (w) => (w.called ? `A deck called ${quotedShort(w.called)}` : 'A deck’s own name'),
  'deck.retire': (w) => `A deck ${w.retired ? 'put away' : 'put back'}`,
  'consultant.card': () => 'The consultant’s card',
  'eye.practise': () => 'A sitting of practice',
  'eye.set': () => 'How your eye is learnt from',
};

/** What was written, in words, and in which room: "Nearly, said by the client: Oat 75 % beside Oak floor, lamps · Kitchen". */
export function sayWrite(write: Write, visit: Visit): string {
  const room = 'roomId' in write ? roomsOf(visit).find((r) => r.id === write.roomId) : undefined;
  const says = byTag<WriteMap, WriteName, [Room | undefined], string>(SAY, write.name, write, room);
  return room && write.name !== 'room.retire' ? `${says} · ${room.name}` : says;
}
