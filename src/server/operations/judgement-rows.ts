import { PHOTO_LIMITS } from '@/core/record/photo';
import { upsertRow } from '@/data/columns';
import { insertEvent } from '@/data/events';
import { countPhotos, findPictureRow, insertPhoto, updatePhoto } from '@/data/photos';
import { setRetired } from '@/data/retire';
import { updateRoom } from '@/data/rooms';
import { found, refuse, type RowsOf } from './refuse';

/** How far the size of a picture that a page worked out may be from what was made of it, pixels: rounding. */
const SIZE_SLACK = 2;

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
    await insertEvent(sql, 'verdict', { ...stamp, ...verdict });
  },
  async 'verdict.reason'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'verdict_reason', { ...stamp, ...said });
  },
  async 'verdict.undo'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'verdict_undo', { ...stamp, ...said });
  },
  async 'intensity.give'(sql, { name: _, ...said }, stamp) {
    await insertEvent(sql, 'intensity', { ...stamp, ...said });
  },
  async 'intensity.undo'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'intensity_undo', { ...stamp, ...said });
  },
  async 'reaction.give'(sql, { name: _, ...said }, stamp) {
    await insertEvent(sql, 'reaction', { ...stamp, ...said });
  },
  async 'reaction.undo'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'reaction_undo', { ...stamp, ...said });
  },
  async 'ruling.set'(sql, { name: _, ...ruling }, stamp) {
    await insertEvent(sql, 'ruling', { ...stamp, ...ruling });
  },
  async 'pair.pick'(sql, { name: _, ...pick }, stamp) {
    await insertEvent(sql, 'pair_pick', { ...stamp, ...pick });
  },
  async 'pair.unpick'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'pair_pick_undo', { ...stamp, ...said });
  },
  async 'note.add'(sql, { name: _, ...note }, stamp) {
    await insertEvent(sql, 'note', { ...stamp, ...note });
  },
  async 'note.remove'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'note_removal', { ...stamp, ...said });
  },
  async 'photo.add'(sql, { roomId, picture, width, height, settings, predicted }, { id, at }) {
    if ((await countPhotos(sql, roomId)) >= PHOTO_LIMITS.mostInRoom) refuse({ reason: 'too-many', what: 'photographs' });
    const size = await findPictureRow(sql, picture);
    if (!size) return refuse({ reason: 'not-found', what: 'picture' });
    if (Math.abs(size.width - width) > SIZE_SLACK || Math.abs(size.height - height) > SIZE_SLACK)
      refuse({ reason: 'invalid', issues: [{ path: 'width', message: 'The picture has another size than was said.' }] });
    await insertPhoto(sql, roomId, { id, at, picture, width, height, settings, caption: '', white: null, predicted });
  },
  async 'photo.edit'(sql, { roomId, photoId: id, caption, settings, white }) {
    found((await updatePhoto(sql, { id, roomId, caption, settings, white })).length > 0, 'photograph');
  },
  async 'photo.retire'(sql, w) {
    found(await setRetired(sql, 'photo', { id: w.photoId, ...w }), 'photograph');
  },
  async 'scheme.save'(sql, { name: _, schemeId: id, scheme: name, ...scheme }) {
    found(await upsertRow(sql, 'scheme', { id, name, ...scheme, retired: false }), 'scheme');
  },
  async 'scheme.retire'(sql, w) {
    found(await setRetired(sql, 'scheme', { id: w.schemeId, ...w }), 'scheme');
  },
  async 'look.save'(sql, { name: _, lookId: id, ...look }) {
    found(await upsertRow(sql, 'look', { id, ...look, retired: false }), 'look');
  },
  async 'look.retire'(sql, w) {
    found(await setRetired(sql, 'look', { id: w.lookId, ...w }), 'look');
  },
  async 'look.answer'(sql, { name: _, ...answer }, stamp) {
    await insertEvent(sql, 'look_answer', { ...stamp, ...answer });
  },
  async 'look.unanswer'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'look_answer_undo', { ...stamp, ...said });
  },
  async 'decision.make'(sql, { name: _, ...decision }, stamp) {
    await insertEvent(sql, 'decision', { ...stamp, ...decision });
  },
  async 'decision.undo'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'decision_undo', { ...stamp, ...said });
  },
  async 'decision.sign'(sql, { name: _, ...signed }, stamp) {
    await insertEvent(sql, 'signature', { ...stamp, ...signed });
  },
  async 'sample.save'(sql, { name: _, sampleId: id, ...sample }) {
    found(await upsertRow(sql, 'sample', { id, ...sample, retired: false }), 'sample');
  },
  async 'sample.retire'(sql, w) {
    found(await setRetired(sql, 'sample', { id: w.sampleId, ...w }), 'sample');
  },
  async 'light.read'(sql, { name: _, ...reading }, stamp) {
    await insertEvent(sql, 'light_reading', { ...stamp, ...reading });
  },
  async 'light.unread'(sql, { name: _, roomId: __, ...said }, stamp) {
    await insertEvent(sql, 'light_reading_undo', { ...stamp, ...said });
  },
  async 'light.calibrate'(sql, w) {
    await updateRoom(sql, { id: w.roomId }, { calibrated: w.on });
  },
};
