import { roomsOf, type Visit, visitBriefFields } from '@/core/record/visit';
import { roomLightFields, type Room, roomBriefFields } from '@/core/record/room';
import type { Operation, Write, WriteMap, WriteName, WriteOf } from './operations';
import { everyOne } from './retire';
import { byTagIfAny } from '../base/by-tag';
import { sameValue } from '../base/same-value';

/**
 * What takes an operation back, and what does it again: two writes. Of what states something (a measure, a wish, a thing's colours) they
 * state what was and what is; of what adds or takes away they take away and put back.
 */
export type Inverse = { readonly undo: Write; readonly redo: Write };

const roomIn = (visit: Visit, roomId: string): Room | undefined => roomsOf(visit).find((r) => r.id === roomId);
type Of<N extends WriteName, T> = (write: WriteOf<N>, visit: Visit, id: string) => T;

const fieldsOf = <F extends object>(fields: F) => Object.keys(fields) as (keyof F & string)[];
const LIGHT_FIELDS = fieldsOf(roomLightFields);
const BRIEF_FIELDS = fieldsOf(roomBriefFields);
const VISIT_BRIEF_FIELDS = fieldsOf(visitBriefFields);

/** A write of the same name that states what the visit says now; undefined where it says nothing yet. */
const STATED: { readonly [N in WriteName]?: Of<N, Write | undefined> } = {
  'visit.edit': (w, { revision, label, place, units }) => ({ ...w, revision, label, place, units }),
  'visit.schools': (w, { schools }) => ({ ...w, ...schools }),
  'visit.brief': (w, visit) => ({ ...w, ...said(w, visit, VISIT_BRIEF_FIELDS) }),
  'visit.shelve': (w, { shelf }) => ({ ...w, shelf }),
  'visit.people': (w, { people }) => ({ ...w, ...said(w, people, Object.keys(people) as (keyof typeof people)[]) }),
  'visit.plan': (w, { plan }) => ({ ...w, plan }),
  'visit.supply': (w, { supply }) => ({ ...w, supply }),
  'visit.habits': (w, { habits }) => ({ ...w, habits }),
  'room.order': (w, { rooms }) => ({ ...w, roomIds: rooms.map((r) => r.id) }),
  'room.rename': inRoom((w, { revision, name: room }) => ({ ...w, revision, room })),
  'room.light': inRoom((w, r) => ({
    ...w,
    ...partOf(r, LIGHT_FIELDS),
    windows: r.windows,
    lamps: r.lamps,
    revision: r.revision,
  })),
  'room.wish': inRoom((w, { wish, moreWishes: more, wishWords: words }) => ({ ...w, wish, more, words })),
  'room.use': inRoom((w, { use, kind }) => ({ ...w, use, kind })),
  'room.brief': inRoom((w, room) => ({ ...w, ...said(w, room, BRIEF_FIELDS) })),
  'room.paintwork': inRoom((w, { paintwork }) => ({ ...w, paintwork })),
  'light.calibrate': inRoom((w, { calibrated: on }) => ({ ...w, on })),
  'stay.save': inRoom((w, room) => {
    const stay = everyOne(room, 'stays').find((s) => s.id === w.stayId);
    if (!stay) return undefined;
    const { id: _, ordinal: __, name, ...rest } = stay;
    return { ...w, ...rest, stay: name };
  }),
  'photo.edit': inRoom((w, room) => {
    const photo = everyOne(room, 'photos').find((p) => p.id === w.photoId);
    return photo && { ...w, caption: photo.caption, settings: photo.settings, white: photo.white };
  }),
  'scheme.save': inRoom((w, room) => {
    const scheme = room.schemes.find((s) => s.id === w.schemeId);
    if (!scheme) return undefined;
    const { id: _, name, ...rest } = scheme;
    return { ...w, ...rest, scheme: name };
  }),
  'look.save': inRoom((w, room) => {
    const look = room.looks.find((l) => l.id === w.lookId);
    if (!look) return undefined;
    const { id: _, ...rest } = look;
    return { ...w, ...rest };
  }),
  'sample.save': inRoom((w, room) => {
    const sample = room.samples.find((s) => s.id === w.sampleId);
    if (!sample) return undefined;
    const { id: _, ...rest } = sample;
    return { ...w, ...rest };
  }),
  'ruling.set': inRoom((w, { rulings }) => {
    const last = rulings.findLast((r) => r.candidateId === w.candidateId);
    return { ...w, ruling: last?.ruling ?? null, note: last?.note ?? '' };
  }),
  'verdict.reason': inRoom((w, { verdicts }) => {
    const verdict = verdicts.find((v) => v.id === w.verdictId);
    return verdict && { ...w, reason: verdict.reason, more: verdict.moreReasons };
  }),
};

/** Fields of something by their names. */
const partOf = <T extends object, F extends keyof T>(from: T, fields: readonly F[]): Pick<T, F> =>
  Object.fromEntries(fields.map((field) => [field, from[field]])) as Pick<T, F>;

type RoomWrite = WriteOf<WriteName> & { readonly roomId: string };
function inRoom<W extends RoomWrite>(of: (write: W, room: Room) => W | undefined) {
  return (write: W, visit: Visit): W | undefined => {
    const room = roomIn(visit, write.roomId);
    return room && of(write, room);
  };
}
/** Of the fields a write says, what is there now. */
const said = <T extends object, F extends keyof T & string>(write: object, from: T, fields: readonly F[]): Partial<Pick<T, F>> =>
  partOf(
    from,
    fields.filter((f) => (write as Partial<T>)[f] !== undefined),
  );

const swapped = <N extends WriteName>(write: WriteOf<N>, flag: keyof WriteOf<N> & string, value: unknown): Inverse => ({
  undo: { ...write, [flag]: value } as Write,
  redo: write as Write,
});
/** Undo by a taking out, redo by putting back. */
const retiring = (taking: Write): Inverse => ({ undo: taking, redo: { ...taking, retired: false } as Write });
const undoing = (taking: Write): Inverse => ({ undo: taking, redo: { ...taking, undone: false } as Write });

/** What takes back what was added, put away, or said. */
const TAKEN_BACK: { readonly [N in WriteName]?: Of<N, Inverse | undefined> } = {
  'room.add': ({ roomId }) => retiring({ name: 'room.retire', roomId, retired: true }),
  'room.retire': (w) => swapped<'room.retire'>(w, 'retired', !w.retired),
  'stay.save': ({ roomId, stayId }) => retiring({ name: 'stay.retire', roomId, stayId, retired: true }),
  'stay.retire': (w) => swapped<'stay.retire'>(w, 'retired', !w.retired),
  'candidate.add': ({ roomId, deckColourId, strength }, after) => {
    const taken = roomIn(after, roomId)?.candidates.find((c) => c.deckColourId === deckColourId && c.strength === strength);
    return taken && retiring({ name: 'candidate.retire', roomId, candidateId: taken.id, retired: true });
  },
  'candidate.retire': (w) => swapped<'candidate.retire'>(w, 'retired', !w.retired),
  'verdict.give': ({ roomId }, _, verdictId) => undoing({ name: 'verdict.undo', roomId, verdictId, undone: true }),
  'verdict.undo': (w) => swapped<'verdict.undo'>(w, 'undone', !w.undone),
  'intensity.give': ({ roomId }, _, intensityId) => undoing({ name: 'intensity.undo', roomId, intensityId, undone: true }),
  'intensity.undo': (w) => swapped<'intensity.undo'>(w, 'undone', !w.undone),
  'reaction.give': ({ roomId }, _, reactionId) => undoing({ name: 'reaction.undo', roomId, reactionId, undone: true }),
  'reaction.undo': (w) => swapped<'reaction.undo'>(w, 'undone', !w.undone),
  'pair.pick': ({ roomId }, _, pickId) => undoing({ name: 'pair.unpick', roomId, pickId, undone: true }),
  'pair.unpick': (w) => swapped<'pair.unpick'>(w, 'undone', !w.undone),
  'note.add': ({ roomId }, _, noteId) => ({
    undo: { name: 'note.remove', roomId, noteId, removed: true },
    redo: { name: 'note.remove', roomId, noteId, removed: false },
  }),
  'note.remove': (w) => swapped<'note.remove'>(w, 'removed', !w.removed),
  'photo.add': ({ roomId }, _, photoId) => retiring({ name: 'photo.retire', roomId, photoId, retired: true }),
  'photo.retire': (w) => swapped<'photo.retire'>(w, 'retired', !w.retired),
  'scheme.save': ({ roomId, schemeId }) => retiring({ name: 'scheme.retire', roomId, schemeId, retired: true }),
  'scheme.retire': (w) => swapped<'scheme.retire'>(w, 'retired', !w.retired),
  'look.save': ({ roomId, lookId }) => retiring({ name: 'look.retire', roomId, lookId, retired: true }),
  'look.retire': (w) => swapped<'look.retire'>(w, 'retired', !w.retired),
  'sample.save': ({ roomId, sampleId }) => retiring({ name: 'sample.retire', roomId, sampleId, retired: true }),
  'sample.retire': (w) => swapped<'sample.retire'>(w, 'retired', !w.retired),
  'look.answer': ({ roomId }, _, answerId) => undoing({ name: 'look.unanswer', roomId, answerId, undone: true }),
  'look.unanswer': (w) => swapped<'look.unanswer'>(w, 'undone', !w.undone),
  'decision.make': ({ roomId }, _, decisionId) => undoing({ name: 'decision.undo', roomId, decisionId, undone: true }),
  'decision.undo': (w) => swapped<'decision.undo'>(w, 'undone', !w.undone),
  'light.read': ({ roomId }, _, readingId) => undoing({ name: 'light.unread', roomId, readingId, undone: true }),
  'light.unread': (w) => swapped<'light.unread'>(w, 'undone', !w.undone),
};

/** What the visit says now where a write states something, as a write. */
const statedNow = (write: Write, visit: Visit): Write | undefined =>
  byTagIfAny<WriteMap, WriteName, [Visit, string], Write | undefined>(STATED, write.name, write, visit, '');

/**
 * What takes an operation back and does it again; undefined when it changed nothing, or cannot be taken back (a visit begun, a deck taken
 * in, looks handed out).
 */
export function inverseOf(before: Visit, after: Visit, { id, write }: Operation): Inverse | undefined {
  if (before === after) return undefined;
  const [was, is] = [statedNow(write, before), statedNow(write, after)];
  if (was && is) return { undo: was, redo: is };
  return byTagIfAny<WriteMap, WriteName, [Visit, string], Inverse | undefined>(TAKEN_BACK, write.name, write, after, id);
}

const withoutRevision = (write: Write) => ({ ...write, revision: 0 });

/**
 * The write that takes a step, at the revision things are at now; undefined when what it would change is not as this step left it, because
 * someone changed it since.
 *
 * @param to what is to be said; @param from what this step said
 */
export function stepNow(visit: Visit, { to, from }: { readonly to: Write; readonly from: Write }): Write | undefined {
  const now = statedNow(to, visit);
  if (!now || to.name !== from.name || !STATED[to.name]) return to;
  if (!sameValue(withoutRevision(now), withoutRevision(from))) return undefined;
  return 'revision' in now ? ({ ...to, revision: now.revision } as Write) : to;
}
