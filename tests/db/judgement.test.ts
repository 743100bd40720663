import { kindByName } from '@/core/room/use';
import { all } from '../all';
import sharp from 'sharp';
import { v7 } from 'uuid';
import { decodeDeckCurves, labAt, placesOf } from '@/core/formats/deck-curves';
import { keptSize, PHOTO_LIMITS } from '@/core/record/photo';
import type { Database } from '@/data/sql';
import { forgetUnusedPictures, storePicture } from '@/server/pictures/store-picture';
import { sha256 } from '@/server/sha256';
import { cleanPicture } from '@/server/pictures/clean-picture';
import { makeCurves } from '@/server/deck/curves';
import { applyOperation, applyUnknown } from '@/server/operations/apply';
import { loadVisit } from '@/server/visits/load-visit';
import { doIt, freshDatabase, madeUpVisit, operation } from './made-up';

let db: Database;
beforeAll(async () => {
  db = await freshDatabase();
}, 60_000);
afterAll(() => db.close());

const roomOf = async (visitId: string) => (await loadVisit(db, visitId))!.rooms[0]!;

describe('what is said while judging', () => {
  test('a verdict keeps the light it was given in, what was computed for it, and how long a glance took', async () => {
    const { visitId, roomId, candidateId, stayId } = await madeUpVisit(db);
    const moment = { at: '2026-09-23T15:30:00.000Z', sky: 'clear' as const, lampsOn: false, position: 'wall-2' };
    const given = {
      name: 'verdict.give' as const,
      roomId,
      candidateId,
      stayId,
      light: 'window-day' as const,
      person: 'client' as const,
    };
    await doIt(db, { ...given, verdict: 'works', predicted: 'nearly', predictedIn: 'light', moment, firstGlanceMs: 1400 });
    expect((await roomOf(visitId)).verdicts).toMatchObject([
      { predicted: 'nearly', predictedIn: 'light', moment: { ...moment, lux: null }, firstGlanceMs: 1400 },
    ]);
  });

  test('what a room is and when it is used is kept; its name tells its kind to begin with', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const { name, kind } = await roomOf(visitId);
    expect(kind).toBe(kindByName(name));
    await doIt(db, { name: 'room.use', roomId, use: 'evening', kind: 'study' });
    expect(await roomOf(visitId)).toMatchObject({ use: 'evening', kind: 'study' });
  });

  test('a wish is kept with its words', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    await doIt(db, { name: 'room.wish', roomId, wish: 'warmer', words: 'like an old hotel' });
    expect(await roomOf(visitId)).toMatchObject({ wish: 'warmer', wishWords: 'like an old hotel' });
    await doIt(db, { name: 'room.wish', roomId, wish: null, words: '' });
    expect((await roomOf(visitId)).wish).toBeNull();
  });

  test('picks between two are appended and can be taken back', async () => {
    const { visitId, roomId, candidateId } = await madeUpVisit(db);
    const otherId = await doIt(db, {
      name: 'candidate.add',
      roomId,
      candidateId: v7(),
      deckColourId: 'FR:FR 3072',
      strength: 100,
    });
    const pickId = await doIt(db, { name: 'pair.pick', roomId, chosenId: otherId, otherId: candidateId });
    await doIt(db, { name: 'pair.unpick', roomId, pickId });
    await doIt(db, { name: 'pair.unpick', roomId, pickId });
    expect((await roomOf(visitId)).picks).toMatchObject([{ id: pickId, chosenId: otherId, otherId: candidateId, undone: true }]);
    await expect(db.query(`delete from pair_pick`)).rejects.toMatchObject({ code: '55000' });
    const same = await applyOperation(db, operation({ name: 'pair.pick', roomId, chosenId: otherId, otherId }));
    expect(same).toMatchObject({ ok: false, reason: 'not-found' });
  });

  test('notes on a room and on a colour', async () => {
    const { visitId, roomId, candidateId } = await madeUpVisit(db);
    const noteId = await doIt(db, { name: 'note.add', roomId, candidateId, words: ' Ask about the hall first. ' });
    await doIt(db, { name: 'note.add', roomId, candidateId: null, words: 'Blinds down.' });
    const removal = (removed: boolean) => doIt(db, { name: 'note.remove', roomId, noteId, removed });
    const [before] = (await roomOf(visitId)).notes;
    await removal(true);
    expect((await roomOf(visitId)).notes[0]).toEqual({ ...before, undone: true });
    await removal(false);
    expect((await roomOf(visitId)).notes[0]).toEqual(before);
    await removal(true);
    await removal(true);
    await expect(db.query(`delete from note_removal`)).rejects.toMatchObject({ code: '55000' });
    expect((await roomOf(visitId)).notes).toMatchObject([
      { candidateId, words: 'Ask about the hall first.', undone: true },
      { candidateId: null, words: 'Blinds down.', undone: false },
    ]);
    const empty = await applyUnknown(db, {
      id: v7(),
      at: '2026-09-23T12:00:00.000Z',
      write: { name: 'note.add', roomId, candidateId: null, words: '  ' },
    });
    expect(empty).toMatchObject({ ok: false, reason: 'invalid', issues: [{ path: 'words', message: 'Write something.' }] });
  });

  test('schemes are saved, changed, and belong to their room', async () => {
    const { visitId, roomId, candidateId } = await madeUpVisit(db);
    const schemeId = v7();
    const scheme = {
      name: 'scheme.save' as const,
      roomId,
      schemeId,
      scheme: 'Calm',
      wallId: candidateId,
      trimId: null,
      accentIds: [],
    };
    await doIt(db, scheme);
    await doIt(db, { ...scheme, trimId: candidateId, accentIds: [candidateId] });
    expect((await roomOf(visitId)).schemes).toEqual([
      {
        ...{ id: schemeId, name: 'Calm', wallId: candidateId, trimId: candidateId, accentIds: [candidateId] },
        ...{ kind: null, parts: [], locked: [], things: [], pickedAt: null },
      },
    ]);
    const other = await madeUpVisit(db);
    expect(await applyOperation(db, operation({ ...scheme, roomId: other.roomId }))).toMatchObject({
      ok: false,
      reason: 'not-found',
    });
    await doIt(db, { name: 'scheme.retire', roomId, schemeId, retired: true });
    expect((await roomOf(visitId)).schemes).toEqual([]);
  });
});

/** A made-up photograph on its side, with a place in its data. */
const photograph = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#c0b090' } })
    .withExif({ IFD0: { Artist: 'Nobody' }, IFD3: { GPSLatitude: '51/1 27/1 0/1', GPSLatitudeRef: 'N' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

test('the schools of a visit are kept, and begin with the usual ones', async () => {
  const { visitId } = await madeUpVisit(db);
  expect((await loadVisit(db, visitId))!.schools).toEqual({ dimWhite: 'warm-only', fightingLight: 'correct' });
  await doIt(db, { name: 'visit.schools', visitId, dimWhite: 'never', fightingLight: 'embrace' });
  expect((await loadVisit(db, visitId))!.schools).toEqual({ dimWhite: 'never', fightingLight: 'embrace' });
  const nowhere = { name: 'visit.schools', visitId: v7(), dimWhite: 'never', fightingLight: 'embrace' };
  expect(await applyOperation(db, operation(nowhere as never))).toMatchObject({ ok: false, reason: 'not-found' });
  const wrong = { name: 'visit.schools', visitId, dimWhite: 'sometimes', fightingLight: 'embrace' };
  expect(await applyUnknown(db, { id: v7(), at: '2026-09-23T12:00:00.000Z', write: wrong })).toMatchObject({
    ok: false,
    reason: 'invalid',
  });
});

describe('photographs', () => {
  test('are turned upright, made smaller and freed of everything but the picture', async () => {
    const raw = await photograph(4000, 3000);
    expect((await sharp(raw).metadata()).exif).toBeDefined();
    expect(raw.includes('Nobody')).toBe(true);
    const clean = await cleanPicture(raw);
    if (!clean.ok) throw new Error(clean.reason);
    expect([clean.width, clean.height]).toEqual([1200, 1600]);
    expect(Math.max(clean.width, clean.height)).toBe(PHOTO_LIMITS.side);
    const kept = await sharp(clean.jpeg).metadata();
    expect(kept.exif).toBeUndefined();
    expect(kept.orientation).toBeUndefined();
    expect(Buffer.from(clean.jpeg).includes('Nobody')).toBe(false);
    expect(Buffer.from(clean.jpeg).includes('Exif')).toBe(false);
  });

  test('a small one is not made larger', async () => {
    expect(await cleanPicture(await photograph(80, 60))).toMatchObject({ ok: true, width: 60, height: 80 });
  });

  test.each([
    ['nothing', new Uint8Array()],
    ['text', new TextEncoder().encode('not a picture at all')],
    ['a drawing that could run', new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')],
  ])('%s is no picture', async (_, bytes) => {
    expect(await cleanPicture(bytes)).toEqual({ ok: false, reason: 'not-a-picture' });
  });

  test('are kept with caption, settings and white point, and can be taken away and back', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const clean = await cleanPicture(await photograph(80, 60));
    if (!clean.ok) throw new Error(clean.reason);
    const { jpeg, width, height } = clean;
    const picture = sha256(jpeg);
    await storePicture(db, picture, { jpeg, width, height });
    const added = operation({ name: 'photo.add', roomId, picture, width, height, settings: 'locked' });
    expect(await applyOperation(db, added)).toMatchObject({ ok: true, id: added.id });
    const white = { x: 0.5, y: 0.25, rgb: [240, 230, 200] as const };
    await doIt(db, {
      name: 'photo.edit',
      roomId,
      photoId: added.id,
      caption: 'Board by the window',
      settings: 'automatic',
      white,
    });
    expect((await roomOf(visitId)).photos).toMatchObject([
      { id: added.id, picture, width: 60, height: 80, caption: 'Board by the window', settings: 'automatic', white },
    ]);
    expect(Buffer.from((await db.pictures.read(picture))!).equals(Buffer.from(jpeg))).toBe(true);
    await doIt(db, { name: 'photo.retire', roomId, photoId: added.id, retired: true });
    expect((await roomOf(visitId)).photos).toHaveLength(0);
    await doIt(db, { name: 'photo.retire', roomId, photoId: added.id, retired: false });
    expect((await roomOf(visitId)).photos).toHaveLength(1);
  });

  test('name a picture that was handed in, at the size it has', async () => {
    const { roomId } = await madeUpVisit(db);
    const photo = (picture: string, width: number) =>
      operation({ name: 'photo.add', roomId, picture, width, height: 80, settings: 'locked' });
    expect(await applyOperation(db, photo('0'.repeat(64), 60))).toEqual({ ok: false, reason: 'not-found', what: 'picture' });
    const clean = await cleanPicture(await photograph(80, 60));
    if (!clean.ok) throw new Error(clean.reason);
    const hash = sha256(clean.jpeg);
    await storePicture(db, hash, clean);
    expect(await applyOperation(db, photo(hash, 90))).toMatchObject({ ok: false, reason: 'invalid' });
    expect(await applyOperation(db, photo(hash, 61))).toMatchObject({ ok: true });
  });

  test('a picture that no photograph names is forgotten after a day', async () => {
    const { roomId } = await madeUpVisit(db);
    const put = async (hash: string) => {
      await storePicture(db, hash, { jpeg: new Uint8Array([1]), width: 60, height: 80 });
      await db.query(`update picture set kept_at = now() - interval '2 days' where hash = $1`, [hash]);
    };
    const [used, unused] = ['a'.repeat(64), 'b'.repeat(64)];
    await put(used);
    await put(unused);
    await doIt(db, { name: 'photo.add', roomId, picture: used, width: 60, height: 80, settings: 'unknown' });
    await forgetUnusedPictures(db);
    expect([used, unused].map(db.pictures.has)).toEqual([true, false]);
    expect((await db.query('select hash from picture where hash = any($1)', [[used, unused]])).length).toBe(1);
  });

  test.each([
    [4000, 3000, 1600, 1200],
    [3000, 4000, 1200, 1600],
    [800, 600, 800, 600],
    [5000, 1, 1600, 1],
  ])('%d × %d is kept at %d × %d, as the page works out beforehand', (width, height, kept, keptHigh) => {
    expect(keptSize(width, height)).toEqual({ width: kept, height: keptHigh });
  });
});

test('the deck as numbers holds every colour at the usual strengths, as the record has them', async () => {
  const deck = decodeDeckCurves((await makeCurves(db)).buffer);
  expect(deck.strengths).toEqual([100, 75, 50, 25]);
  expect(deck.ids.length).toBeGreaterThan(300);
  expect(all(deck.labs, (v) => Number.isFinite(v))).toBe(true);
  expect(all(deck.curves, (r) => r >= 0 && r <= 1)).toBe(true);
  const { visitId } = await madeUpVisit(db);
  const [candidate] = (await roomOf(visitId)).candidates;
  const place = 4 * deck.ids.indexOf(candidate!.deckColourId);
  candidate!.offered.forEach(({ lab }, k) => {
    expect(labAt(deck, place + k).l).toBeCloseTo(lab.l, 4);
    expect(labAt(deck, place + k).b).toBeCloseTo(lab.b, 4);
  });
  expect(placesOf(deck)).toBe(4 * deck.ids.length);
});
