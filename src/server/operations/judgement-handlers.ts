import type { judgementWrites } from '@/core/formats/judgement-writes';
import type { z } from 'zod';
import { insertLightReading, insertLightReadingUndo, lightReadingExists, setCalibrated } from '@/data/light-readings';
import { insertNote, insertNoteRemoval, noteExists } from '@/data/notes';
import { insertPhoto, retirePhoto, updatePhoto } from '@/data/photos';
import { insertPick, insertPickUndo, pickExists } from '@/data/picks';
import { retireScheme, upsertScheme } from '@/data/schemes';
import { insertRuling, insertVerdict, insertVerdictReason, insertVerdictUndo, verdictExists } from '@/data/verdicts';
import { setSchools, setWish } from '@/data/visits';
import { predictedVerdict } from './predict';
import { found, mustBelong, mustExist, refuse, type Handler } from './refuse';

type JudgementName = z.infer<(typeof judgementWrites)[number]>['name'];

/** What is said and kept in a room while it is judged. */
export const JUDGEMENT_HANDLERS: { readonly [N in JudgementName]: Handler<N> } = {
  async 'room.wish'(sql, w) {
    found(await setWish(sql, { id: w.roomId, wish: w.wish, words: w.words }), 'room');
  },
  async 'visit.schools'(sql, w) {
    found(await setSchools(sql, w.visitId, w), 'visit');
  },
  async 'verdict.give'(sql, w, { id, at }) {
    const { roomId, candidateId, stayId, light, person, verdict, moment, firstGlanceMs } = w;
    await mustBelong(sql, roomId, candidateId, stayId);
    const predicted = w.predicted ?? (await predictedVerdict(sql, candidateId, stayId));
    await insertVerdict(sql, { id, roomId, candidateId, stayId, light, person, verdict, predicted, moment, firstGlanceMs, at });
  },
  async 'verdict.reason'(sql, w, { id, at }) {
    if (!(await verdictExists(sql, w.verdictId, w.roomId))) refuse({ reason: 'not-found', what: 'verdict' });
    await insertVerdictReason(sql, { id, verdictId: w.verdictId, reason: w.reason, at });
  },
  async 'verdict.undo'(sql, w, { id, at }) {
    if (!(await verdictExists(sql, w.verdictId, w.roomId))) refuse({ reason: 'not-found', what: 'verdict' });
    await insertVerdictUndo(sql, { id, verdictId: w.verdictId, at });
  },
  async 'ruling.set'(sql, w, { id, at }) {
    await mustBelong(sql, w.roomId, w.candidateId);
    await insertRuling(sql, { id, roomId: w.roomId, candidateId: w.candidateId, ruling: w.ruling, note: w.note, at });
  },
  async 'pair.pick'(sql, { roomId, chosenId, otherId }, { id, at }) {
    if (chosenId === otherId) refuse({ reason: 'not-found', what: 'other colour' });
    await mustBelong(sql, roomId, chosenId);
    await mustBelong(sql, roomId, otherId);
    await insertPick(sql, { id, roomId, chosenId, otherId, at });
  },
  async 'pair.unpick'(sql, w, { id, at }) {
    if (!(await pickExists(sql, w.pickId, w.roomId))) refuse({ reason: 'not-found', what: 'pick' });
    await insertPickUndo(sql, { id, pickId: w.pickId, at });
  },
  async 'note.add'(sql, { roomId, candidateId, words }, { id, at }) {
    await mustExist(sql, roomId);
    if (candidateId !== null) await mustBelong(sql, roomId, candidateId);
    await insertNote(sql, { id, roomId, candidateId, words, at });
  },
  async 'note.remove'(sql, w, { id, at }) {
    if (!(await noteExists(sql, w.noteId, w.roomId))) refuse({ reason: 'not-found', what: 'note' });
    await insertNoteRemoval(sql, { id, noteId: w.noteId, removed: w.removed, at });
  },
  async 'photo.add'(sql, { roomId, width, height, settings }, { id, at, file }) {
    await mustExist(sql, roomId);
    if (!file) return void refuse({ reason: 'not-found', what: 'picture' });
    await insertPhoto(sql, { id, roomId, width, height, settings, at }, file);
  },
  async 'photo.edit'(sql, { roomId, photoId, caption, settings, white }) {
    found(await updatePhoto(sql, { id: photoId, roomId, caption, settings, white }), 'photograph');
  },
  async 'photo.retire'(sql, w) {
    found(await retirePhoto(sql, w.photoId, w.roomId, w.retired), 'photograph');
  },
  async 'scheme.save'(sql, w) {
    await mustExist(sql, w.roomId);
    for (const candidateId of [w.wallId, w.trimId, ...w.accentIds])
      if (candidateId !== null) await mustBelong(sql, w.roomId, candidateId);
    const scheme = { id: w.schemeId, name: w.scheme, wallId: w.wallId, trimId: w.trimId, accentIds: w.accentIds };
    found(await upsertScheme(sql, w.roomId, scheme), 'scheme');
    return w.schemeId;
  },
  async 'scheme.retire'(sql, w) {
    found(await retireScheme(sql, w.schemeId, w.roomId, w.retired), 'scheme');
  },
  async 'light.read'(sql, w, { id, at }) {
    await mustExist(sql, w.roomId);
    const { position, lux, cctK, computedLux, sky, lampsOn } = w;
    await insertLightReading(sql, w.roomId, { id, position, lux, cctK, computedLux, sky, lampsOn, at });
  },
  async 'light.unread'(sql, w, { id, at }) {
    if (!(await lightReadingExists(sql, w.readingId, w.roomId))) refuse({ reason: 'not-found', what: 'reading' });
    await insertLightReadingUndo(sql, { id, readingId: w.readingId, at });
  },
  async 'light.calibrate'(sql, w) {
    found(await setCalibrated(sql, w.roomId, w.on), 'room');
  },
};
