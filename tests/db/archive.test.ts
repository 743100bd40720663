import sharp from 'sharp';
import { v7 } from 'uuid';
import { seededRandom } from '@/core/base/random';
import type { journalInMemory } from '@/data/journal/journal';
import { findPictureRow, insertPictureRow } from '@/data/photos';
import type { Database } from '@/data/sql';
import { cleanPicture } from '@/server/pictures/clean-picture';
import { bringPictures, storePicture } from '@/server/pictures/store-picture';
import { listVisits } from '@/data/visits';
import { previewVisit, takeVisit } from '@/server/archive/bring-in';
import { visitFile } from '@/server/archive/visit-file';
import { sha256 } from '@/server/sha256';
import { ArchiveRefused, unzip, zipOf } from '@/server/archive/zip';
import { loadDemo } from '@/server/demo/load';
import { loadVisit } from '@/server/visits/load-visit';
import { doIt, freshDatabase, madeUpVisit } from './made-up';
import { tablesOf } from './tables';

let home: Database;
let visitId: string;
let bytes: Uint8Array;
const opened: Database[] = [];
const empty = async () => {
  const db = await freshDatabase();
  opened.push(db);
  return db;
};
beforeAll(async () => {
  home = await empty();
  await loadDemo(home);
  visitId = (await listVisits(home))[0]!.id;
  bytes = (await visitFile(home, visitId))!.bytes;
});
afterAll(async () => {
  for (const db of opened) await db.close();
});

const bringIn = async (db: Database, file: Uint8Array) => takeVisit(db, (await previewVisit(db, file)).token);
const OPEN = { allows: () => true, mostFiles: 1000, mostBytes: 1e9 };
const entriesOf = (files: ReadonlyMap<string, Uint8Array>) => [...files].map(([name, b]) => ({ name, bytes: () => b }));
type Json = { operations: Record<string, never>[] } & Record<string, unknown>;
/** The visit's file with its visit.json changed and signed anew, or other files in it. */
function changed(change: (json: Json) => void, also: (files: Map<string, Uint8Array>) => void = () => undefined): Uint8Array {
  const files = new Map(unzip(bytes, OPEN));
  const json = JSON.parse(new TextDecoder().decode(files.get('visit.json'))) as Json;
  change(json);
  const text = new TextEncoder().encode(JSON.stringify(json));
  files.set('visit.json', text);
  files.set('visit.sha256', new TextEncoder().encode(sha256(text)));
  also(files);
  return zipOf(entriesOf(files));
}

/** What was journalled of a database in memory. */
const linesOf = (db: Database) => (db.journal as ReturnType<typeof journalInMemory>).lines;
type SaidPicture = { hash: string; sha256: string; width: number; height: number };
const picturesOf = (file: Uint8Array) =>
  (JSON.parse(new TextDecoder().decode(unzip(file, OPEN).get('visit.json'))) as { pictures: SaidPicture[] }).pictures;
/** The visit's file with another picture under the name of its first. */
const withPicture = (jpeg: Uint8Array, { width, height }: { width: number; height: number }) => {
  const [{ hash }] = picturesOf(bytes) as [SaidPicture];
  return changed(
    (j) =>
      ((j['pictures'] as SaidPicture[])[0] = { ...(j['pictures'] as SaidPicture[])[0]!, sha256: sha256(jpeg), width, height }),
    (f) => void f.set(`pictures/${hash}.jpg`, jpeg),
  );
};

describe('its pictures', () => {
  const other = () =>
    sharp({ create: { width: 40, height: 30, channels: 3, background: '#c33' } })
      .jpeg()
      .toBuffer();

  test('one that stands under another’s name is put right by the true one, whichever comes first', async () => {
    const db = await empty();
    const upload = await sharp({ create: { width: 64, height: 48, channels: 3, background: '#3a6' } })
      .png()
      .toBuffer();
    const hash = sha256(upload);
    const clean = await cleanPicture(upload);
    if (!clean.ok) throw new Error('no picture');
    const hostile = await other();
    const row = { jpeg: hostile, width: 40, height: 30, hash };
    const { rows } = await bringPictures(db, [row]);
    for (const picture of rows)
      await db.journalled(async (sql) => ({
        entry: { kind: 'picture', ...picture },
        value: await insertPictureRow(sql, picture),
      }));
    expect(await db.pictures.read(hash)).toEqual(new Uint8Array(hostile));
    await storePicture(db, hash, clean);
    expect(await db.pictures.read(hash)).toEqual(clean.jpeg);
    expect(await findPictureRow(db, hash)).toMatchObject({ sha256: sha256(clean.jpeg), width: 64, height: 48 });
    // and the false one does not come back
    await bringPictures(db, [row]);
    expect(await db.pictures.read(hash)).toEqual(clean.jpeg);
    // a hurt file is put right by itself
    db.pictures.keep(hash, hostile);
    await storePicture(db, hash, clean);
    expect(await db.pictures.read(hash)).toEqual(clean.jpeg);
  });

  test('come bare: a comment, a place and what follows their end are left out', async () => {
    const [{ hash, width, height }] = picturesOf(bytes) as [SaidPicture];
    const jpeg = await sharp({ create: { width, height, channels: 3, background: '#c33' } })
      .jpeg()
      .toBuffer();
    const comment = Buffer.concat([Buffer.from([0xff, 0xfe, 0, 12]), Buffer.from('51.45 N, x')]);
    const dressed = new Uint8Array(Buffer.concat([jpeg.subarray(0, 2), comment, jpeg.subarray(2), Buffer.from('<script>')]));
    const db = await empty();
    await bringIn(db, withPicture(dressed, { width, height }));
    expect(await db.pictures.read(hash)).toEqual(new Uint8Array(jpeg));
    expect(await findPictureRow(db, hash)).toMatchObject({ sha256: sha256(jpeg) });
    // the line that brings them in does it again
    expect(linesOf(db).at(-1)!.entry).toMatchObject({ kind: 'operations', pictures: expect.any(Array) });
  });

  test('one that is cut short is refused', async () => {
    const jpeg = await other();
    const db = await empty();
    const short = new Uint8Array(jpeg.subarray(0, jpeg.length - 40));
    await expect(bringIn(db, withPicture(short, { width: 40, height: 30 }))).rejects.toThrow(/no picture of the size it says/);
  });
});

test('goes into an empty application with no loss, and out again to the byte', async () => {
  const db = await empty();
  const preview = await previewVisit(db, bytes);
  expect(preview).toMatchObject({ known: false, rooms: 4, newColours: 0 });
  expect(preview.verdicts).toBeGreaterThan(30);
  expect(preview.photographs).toBeGreaterThan(0);
  expect(await takeVisit(db, preview.token)).toBe(visitId);
  expect(await loadVisit(db, visitId)).toEqual(await loadVisit(home, visitId));
  expect(Buffer.from((await visitFile(db, visitId))!.bytes).equals(Buffer.from(bytes))).toBe(true);
  for (const photo of (await loadVisit(db, visitId))!.rooms.flatMap((r) => r.photos))
    expect(await db.pictures.read(photo.picture)).toEqual(await home.pictures.read(photo.picture));
});

test('into one with other visits: they stay as they are, and twice is once', async () => {
  const db = await empty();
  const other = await madeUpVisit(db);
  const before = await loadVisit(db, other.visitId);
  await bringIn(db, bytes);
  const tables = await tablesOf(db);
  expect(await previewVisit(db, bytes)).toMatchObject({ known: true, fresh: 0 });
  await bringIn(db, bytes);
  expect(await tablesOf(db)).toEqual(tables);
  expect(await loadVisit(db, other.visitId)).toEqual(before);
  expect(await listVisits(db)).toHaveLength(2);
});

test('a visit that is here grows by what is new', async () => {
  const [there, here] = [await empty(), await empty()];
  const { visitId: id, roomId } = await madeUpVisit(there);
  await bringIn(here, (await visitFile(there, id))!.bytes);
  await doIt(there, { name: 'room.wish', roomId, wish: 'calmer', words: 'tea' });
  const preview = await previewVisit(here, (await visitFile(there, id))!.bytes);
  expect(preview).toMatchObject({ known: true, fresh: 1 });
  await takeVisit(here, preview.token);
  expect(await loadVisit(here, id)).toEqual(await loadVisit(there, id));
});

test('colours of decks that are not here come with it', async () => {
  const [there, here] = [await empty(), await empty()];
  const { visitId: id, roomId } = await madeUpVisit(there);
  const deck = {
    format: 'elm-swatch/deck' as const,
    version: 1 as const,
    about: '',
    maker: { id: 'ZZ', name: 'Zedwick' },
    bases: [],
    colours: ['1', '2'].map((code) => ({ code, name: `Z ${code}`, strip: 'Z', step: 1, lab: { l: 60, a: 2, b: 8 } })),
  };
  await doIt(there, { name: 'deck.import', decks: [deck] });
  await doIt(there, { name: 'candidate.add', roomId, candidateId: v7(), deckColourId: 'ZZ:1', strength: 100 });
  const file = (await visitFile(there, id))!.bytes;
  expect(await previewVisit(here, file)).toMatchObject({ newColours: 1 });
  await bringIn(here, file);
  expect(await loadVisit(here, id)).toEqual(await loadVisit(there, id));
  expect(Buffer.from((await visitFile(here, id))!.bytes).equals(Buffer.from(file))).toBe(true);
});

describe('what is wrong with it is said, and nothing is changed', () => {
  let db: Database;
  let before: Awaited<ReturnType<typeof tablesOf>>;
  let lines: number;
  beforeAll(async () => {
    db = await empty();
    await madeUpVisit(db);
    before = await tablesOf(db);
    lines = linesOf(db).length;
  });
  const refused = async (file: Uint8Array, says: RegExp) => {
    const wrong = await bringIn(db, file).then(
      () => 'taken',
      (e: unknown) => (e instanceof ArchiveRefused ? e.message : e),
    );
    expect(wrong).toEqual(expect.stringMatching(says));
    const after = await tablesOf(db);
    expect(after).toEqual(before);
    expect(linesOf(db)).toHaveLength(lines);
    expect(picturesOf(bytes).map(({ hash }) => db.pictures.has(hash))).not.toContain(true);
  };

  test.each<readonly [string, () => Uint8Array, RegExp]>([
    ['nothing', () => new Uint8Array(), /no zip file/],
    ['text', () => new TextEncoder().encode('hello'), /no zip file/],
    ['a file that climbs out', () => zipOf([{ name: '../../x', bytes: () => new Uint8Array(3) }]), /does not belong/],
    ['a file from the root', () => zipOf([{ name: '/etc/x', bytes: () => new Uint8Array(3) }]), /does not belong/],
    ['a bomb', () => zipOf([{ name: 'visit.json', bytes: () => new Uint8Array(60_000_000) }]), /larger than it may be/],
    ['the same file twice', () => zipOf([1, 2].map(() => ({ name: 'visit.json', bytes: () => new Uint8Array(3) }))), /twice/],
    ['no visit', () => zipOf([]), /no visit\.json|no zip/],
    ['another format', () => changed((j) => (j['format'] = 'other')), /not one of Elm Swatch/],
    ['a newer version', () => changed((j) => (j['version'] = 2)), /newer Elm Swatch/],
    [
      'a picture with other bytes',
      () =>
        changed(
          () => undefined,
          (f) => f.forEach((b, n) => n.endsWith('.jpg') && f.set(n, b.with(9, 7))),
        ),
      /damaged/,
    ],
    [
      'a picture missing',
      () =>
        changed(
          () => undefined,
          (f) => f.forEach((_, n) => n.endsWith('.jpg') && f.delete(n)),
        ),
      /missing/,
    ],
    [
      'a picture too many',
      () =>
        changed(
          () => undefined,
          (f) => void f.set(`pictures/${'0'.repeat(64)}.jpg`, new Uint8Array(3)),
        ),
      /does not name/,
    ],
    [
      'an operation of a deck',
      () =>
        changed((j) =>
          j.operations.push({
            ...j.operations[1]!,
            id: v7(),
            write: { name: 'deck.retire', makerId: 'FR', retired: true },
          } as never),
        ),
      /not of a visit/,
    ],
    ['an entry twice', () => changed((j) => j.operations.push(j.operations[1]!)), /twice/],
    ['an entry that cannot be read', () => changed((j) => j.operations.push({ id: 'x' } as never)), /cannot be read/],
    ['its first entry missing', () => changed((j) => j.operations.shift()), /does not begin a visit/],
    ['half of what was said missing', () => changed((j) => j.operations.splice(1, 20)), /does not fit/],
  ])('%s', async (_, file, says) => refused(file(), says));

  test('ids of another visit’s rooms', async () => {
    const mine = await madeUpVisit(db);
    before = await tablesOf(db);
    lines = linesOf(db).length;
    const wish = {
      id: v7(),
      version: 1,
      at: '2026-09-23T12:00:00.000Z',
      write: { name: 'room.wish', roomId: mine.roomId, wish: null, words: '' },
    };
    await refused(
      changed((j) => j.operations.push(wish as never)),
      /of another visit/,
    );
  });

  test('cut anywhere, or with any bit flipped, it is refused or is the same', async () => {
    const random = seededRandom(77);
    const outcome = async (file: Uint8Array) => {
      try {
        const preview = await previewVisit(db, file);
        return { fresh: preview.fresh, label: preview.label, verdicts: preview.verdicts };
      } catch (e) {
        return e instanceof ArchiveRefused ? 'refused' : e;
      }
    };
    const whole = await outcome(bytes);
    const told = { refused: 0, same: 0 };
    for (let n = 0; n < 60; n++) {
      const hurt = n < 20 ? bytes.slice(0, Math.floor(random() * bytes.length)) : bytes.slice();
      if (n >= 20) hurt[Math.floor(random() * hurt.length)]! ^= 1 << Math.floor(random() * 8);
      const got = await outcome(hurt);
      if (got === 'refused') told.refused += 1;
      else {
        expect(got).toEqual(whole);
        told.same += 1;
      }
    }
    expect(told.refused).toBeGreaterThan(50);
    expect(await tablesOf(db)).toEqual(before);
  });
});
