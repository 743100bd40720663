import { coloursOfScheme } from '@/core/operations/scheme-save';
import { isSurfaceColour } from '@/core/record/recorded-colour';
import { PHOTO_LIMITS } from '@/core/record/photo';
import { countCandidates } from '@/data/candidates';
import { insertEvent } from '@/data/events';
import { countPhotos, findPictureRow, insertPhoto, updatePhoto } from '@/data/photos';
import { setRetired } from '@/data/retire';
import { setCalibrated } from '@/data/rooms';
import { upsertLook } from '@/data/looks';
import { upsertSample } from '@/data/samples';
import { upsertScheme } from '@/data/schemes';
import type { Sql } from '@/data/sql';
import { found, mustHold, refuse, type RowsOf } from './refuse';

/** How far the size of a picture that a page worked out may be from what was made of it, pixels: rounding. */
const SIZE_SLACK = 2;

/** Every colour that is named has to be one of the room. */
async function mustHoldColours(sql: Sql, roomId: string, named: readonly { readonly candidateId: string | null }[]) {
  const ids = [...new Set(named.flatMap((n) => n.candidateId ?? []))];
  found((await countCandidates(sql, roomId, ids)) === ids.length, 'colour');
}

/** What is said and kept in a room while it is judged. */
export const JUDGEMENT_ROWS: RowsOf<
  | 'verdict.give'
  | 'verdict.reason'
  | 'verdict.undo'
  | 'intensity.give'
  | 'intensity.undo'
  | 'reaction.give'
  | 'reaction.undo'
  | 'ruling.set'
  | 'pair.pick'
  | 'pair.unpick'
  | 'note.add'
  | 'note.remove'
  | 'photo.add'
  | 'photo.edit'
  | 'photo.retire'
  | 'scheme.save'
  | 'scheme.retire'
  | 'look.save'
  | 'look.retire'
  | 'look.answer'
  | 'look.unanswer'
  | 'decision.make'
  | 'decision.undo'
  | 'decision.sign'
  | 'sample.save'
  | 'sample.retire'
  | 'light.read'
  | 'light.unread'
  | 'light.calibrate'
> = {
  async 'verdict.give'(sql, { name: _, ...verdict }, stamp) {
    await mustHold(sql, verdict.roomId, [
      ['candidate', verdict.candidateId],
      ['stay', verdict.stayId],
      ...(verdict.lookId === null ? [] : [['look', verdict.lookId] as const]),
    ]);
    await insertEvent(sql, 'verdict', { ...stamp, ...verdict });
  },
  async 'verdict.reason'(sql, { roomId, verdictId, reason, more }, stamp) {
    await mustHold(sql, roomId, [['verdict', verdictId]]);
    await insertEvent(sql, 'verdict_reason', { ...stamp, verdictId, reason, more });
  },
  async 'verdict.undo'(sql, { roomId, verdictId, undone }, stamp) {
    await mustHold(sql, roomId, [['verdict', verdictId]]);
    await insertEvent(sql, 'verdict_undo', { ...stamp, verdictId, undone });
  },
  async 'intensity.give'(sql, { name: _, ...said }, stamp) {
    await mustHold(sql, said.roomId, [['candidate', said.candidateId]]);
    await insertEvent(sql, 'intensity', { ...stamp, ...said });
  },
  async 'intensity.undo'(sql, { roomId, intensityId, undone }, stamp) {
    await mustHold(sql, roomId, [['intensity', intensityId]]);
    await insertEvent(sql, 'intensity_undo', { ...stamp, intensityId, undone });
  },
  async 'reaction.give'(sql, { name: _, ...said }, stamp) {
    await mustHold(sql, said.roomId, [['candidate', said.candidateId]]);
    await insertEvent(sql, 'reaction', { ...stamp, ...said });
  },
  async 'reaction.undo'(sql, { roomId, reactionId, undone }, stamp) {
    await mustHold(sql, roomId, [['reaction', reactionId]]);
    await insertEvent(sql, 'reaction_undo', { ...stamp, reactionId, undone });
  },
  async 'ruling.set'(sql, { name: _, ...ruling }, stamp) {
    await mustHold(sql, ruling.roomId, [['candidate', ruling.candidateId]]);
    await insertEvent(sql, 'ruling', { ...stamp, ...ruling });
  },
  async 'pair.pick'(sql, { name: _, ...pick }, stamp) {
    found(pick.chosenId !== pick.otherId, 'other colour');
    await mustHold(sql, pick.roomId, [
      ['candidate', pick.chosenId],
      ['candidate', pick.otherId],
    ]);
    await insertEvent(sql, 'pair_pick', { ...stamp, ...pick });
  },
  async 'pair.unpick'(sql, { roomId, pickId, undone }, stamp) {
    await mustHold(sql, roomId, [['pair_pick', pickId]]);
    await insertEvent(sql, 'pair_pick_undo', { ...stamp, pickId, undone });
  },
  async 'note.add'(sql, { name: _, ...note }, stamp) {
    if (note.candidateId !== null) await mustHold(sql, note.roomId, [['candidate', note.candidateId]]);
    await insertEvent(sql, 'note', { ...stamp, ...note });
  },
  async 'note.remove'(sql, { roomId, noteId, removed }, stamp) {
    await mustHold(sql, roomId, [['note', noteId]]);
    await insertEvent(sql, 'note_removal', { ...stamp, noteId, removed });
  },
  async 'photo.add'(sql, { roomId, picture, width, height, settings }, { id, at }) {
    if ((await countPhotos(sql, roomId)) >= PHOTO_LIMITS.mostInRoom) refuse({ reason: 'too-many', what: 'photographs' });
    const size = await findPictureRow(sql, picture);
    if (!size) return refuse({ reason: 'not-found', what: 'picture' });
    if (Math.abs(size.width - width) > SIZE_SLACK || Math.abs(size.height - height) > SIZE_SLACK)
      refuse({ reason: 'invalid', issues: [{ path: 'width', message: 'The picture has another size than was said.' }] });
    await insertPhoto(sql, roomId, { id, at, picture, width, height, settings, caption: '', white: null });
  },
  async 'photo.edit'(sql, { roomId, photoId: id, caption, settings, white }) {
    found((await updatePhoto(sql, { id, roomId, caption, settings, white })).length > 0, 'photograph');
  },
  async 'photo.retire'(sql, w) {
    found(await setRetired(sql, 'photo', { id: w.photoId, ...w }), 'photograph');
  },
  async 'scheme.save'(sql, w) {
    await mustHoldColours(
      sql,
      w.roomId,
      coloursOfScheme(w).map((candidateId) => ({ candidateId })),
    );
    found((await upsertScheme(sql, w.roomId, { ...w, id: w.schemeId, name: w.scheme })).length > 0, 'scheme');
  },
  async 'scheme.retire'(sql, w) {
    found(await setRetired(sql, 'scheme', { id: w.schemeId, ...w }), 'scheme');
  },
  async 'look.save'(sql, { name: _, roomId, lookId, ...look }) {
    await mustHoldColours(
      sql,
      roomId,
      look.candidateIds.map((candidateId) => ({ candidateId })),
    );
    found((await upsertLook(sql, roomId, { id: lookId, ...look })).length > 0, 'look');
  },
  async 'look.retire'(sql, w) {
    found(await setRetired(sql, 'look', { id: w.lookId, ...w }), 'look');
  },
  async 'look.answer'(sql, { name: _, ...answer }, stamp) {
    await mustHold(sql, answer.roomId, [
      ['look', answer.lookId],
      ['candidate', answer.candidateId],
    ]);
    await insertEvent(sql, 'look_answer', { ...stamp, ...answer });
  },
  async 'look.unanswer'(sql, { roomId, answerId, undone }, stamp) {
    await mustHold(sql, roomId, [['look_answer', answerId]]);
    await insertEvent(sql, 'look_answer_undo', { ...stamp, answerId, undone });
  },
  async 'decision.make'(sql, { name: _, ...decision }, stamp) {
    await mustHoldColours(sql, decision.roomId, [decision]);
    await insertEvent(sql, 'decision', { ...stamp, ...decision });
  },
  async 'decision.undo'(sql, { roomId, decisionId, undone }, stamp) {
    await mustHold(sql, roomId, [['decision', decisionId]]);
    await insertEvent(sql, 'decision_undo', { ...stamp, decisionId, undone });
  },
  async 'decision.sign'(sql, { name: _, ...signed }, stamp) {
    await mustHoldColours(sql, signed.roomId, signed.decided);
    await insertEvent(sql, 'signature', { ...stamp, ...signed });
  },
  async 'sample.save'(sql, { name: _, roomId, sampleId, ...sample }) {
    if (sample.read && !isSurfaceColour(sample.read)) refuse({ reason: 'not-a-surface-colour', what: 'sample' });
    await mustHoldColours(sql, roomId, [sample]);
    found((await upsertSample(sql, roomId, { id: sampleId, ...sample })).length > 0, 'sample');
  },
  async 'sample.retire'(sql, w) {
    found(await setRetired(sql, 'sample', { id: w.sampleId, ...w }), 'sample');
  },
  async 'light.read'(sql, { name: _, ...reading }, stamp) {
    await insertEvent(sql, 'light_reading', { ...stamp, ...reading });
  },
  async 'light.unread'(sql, { roomId, readingId, undone }, stamp) {
    await mustHold(sql, roomId, [['light_reading', readingId]]);
    await insertEvent(sql, 'light_reading_undo', { ...stamp, readingId, undone });
  },
  async 'light.calibrate'(sql, w) {
    await setCalibrated(sql, w.roomId, w.on);
  },
};
