import type { WriteName, WriteOf, Write } from '@/core/operations/operations';
import { isBehindSignature } from '@/core/derived/signed';
import { coloursOfScheme } from '@/core/record/scheme';
import { isSurfaceColour, type RecordedColour } from '@/core/record/recorded-colour';
import { roomsOf } from '@/core/record/visit';
import { heldIn, type HeldTable, type Named } from '@/data/held';
import { visitOfRoom } from '@/data/rooms';
import type { Sql } from '@/data/sql';
import { loadVisit } from '../visits/load-visit';
import { found, refuse } from './refuse';

const colours = (ids: readonly (string | null)[]): Named[] =>
  ids.flatMap((id): Named[] => (id === null ? [] : [['candidate', id]]));

/** What of its room a write names: all of it has to be there, taken out or not. */
const NAMED: { readonly [N in WriteName]?: (write: WriteOf<N>) => readonly Named[] } = {
  'verdict.give': ({ candidateId, stayId, lookId }) => [
    ['candidate', candidateId],
    ['stay', stayId],
    ...(lookId === null ? [] : [['look', lookId] as const]),
  ],
  'verdict.reason': ({ verdictId }) => [['verdict', verdictId]],
  'verdict.undo': ({ verdictId }) => [['verdict', verdictId]],
  'intensity.give': ({ candidateId }) => [['candidate', candidateId]],
  'intensity.undo': ({ intensityId }) => [['intensity', intensityId]],
  'reaction.give': ({ candidateId }) => [['candidate', candidateId]],
  'reaction.undo': ({ reactionId }) => [['reaction', reactionId]],
  'ruling.set': ({ candidateId }) => [['candidate', candidateId]],
  'pair.pick': ({ chosenId, otherId }) => colours([chosenId, otherId]),
  'pair.unpick': ({ pickId }) => [['pair_pick', pickId]],
  'note.add': ({ candidateId }) => colours([candidateId]),
  'note.remove': ({ noteId }) => [['note', noteId]],
  'scheme.save': (scheme) => colours(coloursOfScheme(scheme)),
  'look.save': ({ candidateIds }) => colours(candidateIds),
  'look.answer': ({ lookId, candidateId }) => [
    ['look', lookId],
    ['candidate', candidateId],
  ],
  'look.unanswer': ({ answerId }) => [['look_answer', answerId]],
  'decision.make': ({ candidateId }) => colours([candidateId]),
  'decision.undo': ({ decisionId }) => [['decision', decisionId]],
  'decision.sign': ({ decided }) => colours(decided.map((d) => d.candidateId)),
  'sample.save': ({ candidateId }) => [['candidate', candidateId]],
  'light.unread': ({ readingId }) => [['light_reading', readingId]],
};

/** In a refusal. */
const WORDS: Readonly<Record<HeldTable, string>> = {
  candidate: 'colour',
  stay: 'thing that stays',
  look: 'look',
  sample: 'sample',
  scheme: 'scheme',
  photo: 'photograph',
  verdict: 'verdict',
  intensity: 'what was said',
  reaction: 'reaction',
  pair_pick: 'pick',
  note: 'note',
  look_answer: 'answer',
  decision: 'decision',
  light_reading: 'reading',
};

/** Only colours that a surface can have are kept. */
function mustBeSurface(colour: RecordedColour | null, what: string) {
  if (colour && !isSurfaceColour(colour)) refuse({ reason: 'not-a-surface-colour', what });
}

/** What can be told of a write without asking. */
function checkAlone(write: Write) {
  switch (write.name) {
    case 'pair.pick':
      return found(write.chosenId !== write.otherId, 'other colour');
    case 'sample.save':
      return mustBeSurface(write.read, 'sample');
    case 'room.light':
      mustBeSurface(write.oldWall, 'existing wall colour');
      return mustBeSurface(write.ceiling, 'ceiling');
    case 'stay.save':
      return write.components.forEach((component) => mustBeSurface(component.colour, component.name));
    default:
      return undefined;
  }
}

/** What was signed is not taken back: it is decided anew and signed again. */
async function refuseSigned(sql: Sql, { roomId, decisionId }: WriteOf<'decision.undo'>): Promise<void> {
  const visitId = await visitOfRoom(sql, roomId);
  const visit = visitId === undefined ? undefined : await loadVisit(sql, visitId);
  const room = visit && roomsOf(visit).find((r) => r.id === roomId);
  if (room && isBehindSignature(room, decisionId)) refuse({ reason: 'signed' });
}

/**
 * Refuses what cannot be, asking once for all that a write names. What stands in the journal was checked when it was said, and is never
 * asked again.
 *
 * @param saidNow false for what was said elsewhere before: what was taken out or signed since does not refuse it
 */
export async function checkWrite(sql: Sql, write: Write, saidNow: boolean): Promise<void> {
  checkAlone(write);
  const named = (NAMED[write.name] as ((write: Write) => readonly Named[]) | undefined)?.(write) ?? [];
  if (!('roomId' in write) || named.length === 0) return;
  const held = await heldIn(sql, write.roomId, named);
  if (saidNow && write.name === 'verdict.give')
    for (const [table, id] of named) if (held.get(id) === true) refuse({ reason: 'taken-out', what: WORDS[table] });
  for (const [table, id] of named) found(held.has(id), WORDS[table]);
  if (saidNow && write.name === 'decision.undo') await refuseSigned(sql, write);
}
