import { v7 } from 'uuid';
import { writeSchema, type Operation, type WriteInput } from '@/core/formats/operations';
import type { RecordedColour } from '@/core/record/types';
import type { Database } from '@/data/sql';
import { listVisits } from '@/data/visits';
import { DEMO_VISIT, type DemoColour, type DemoRoom, type DemoStay, type DemoTry } from '../../../demo/visit';
import { applyOperation } from '../operations/apply';
import { cleanPhoto } from '../photos/clean-photo';
import { demoPicture, PAPER_AT, whiteOf } from './picture';

const START = Date.UTC(2026, 8, 23, 12, 5);
const VERDICTS = { W: 'works', N: 'nearly', X: 'no' } as const;

const typed = (l: number, a: number, b: number): RecordedColour & { source: { kind: 'lab' } } => ({
  lab: { l, a, b },
  source: { kind: 'lab' },
});

/** Ids and times that are the same each time the demo is made: one second apart. */
function clock() {
  let n = 0;
  const id = () => {
    n += 1;
    const random = Uint8Array.from({ length: 16 }, (_, i) => (n * 37 + i * 11) & 255);
    return v7({ msecs: START + n * 1000, seq: n, random });
  };
  return { id, at: () => new Date(START + n * 1000).toISOString() };
}

/** Loads the demo visit into a database that has no visit yet; every row goes in as an ordinary write. */
export async function loadDemo(db: Database): Promise<void> {
  if ((await listVisits(db)).length > 0) return;
  const { id, at } = clock();
  const write = async (w: WriteInput, file?: Uint8Array): Promise<string> => {
    const operation: Operation = { id: id(), at: at(), write: writeSchema.parse(w) };
    const done = await applyOperation(db, operation, file);
    if (!done.ok) throw new Error(`demo: ${w.name} was refused: ${JSON.stringify(done)}`);
    return done.id;
  };
  const visitId = id();
  const rooms = DEMO_VISIT.rooms.map((room) => ({ roomId: id(), name: room.name }));
  const place = { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' };
  await write({ name: 'visit.create', visitId, label: DEMO_VISIT.label, place, units: 'metric', rooms });
  for (const [i, room] of DEMO_VISIT.rooms.entries()) await loadRoom(write, id, rooms[i]!.roomId, room);
}

type Writer = (w: WriteInput, file?: Uint8Array) => Promise<string>;

async function loadRoom(write: Writer, id: () => string, roomId: string, room: DemoRoom) {
  await loadLight(write, id, roomId, room);
  if (room.wish) await write({ name: 'room.wish', roomId, wish: room.wish[0], words: room.wish[1] });
  const stayIds: string[] = [];
  for (const stay of room.stays) stayIds.push(await loadStay(write, id, roomId, stay));
  const candidates = new Map<string, string>();
  for (const tried of room.tries)
    candidates.set(keyOf([tried.code, tried.strength]), await loadTry(write, id, { roomId, stayIds }, tried));
  const idOf = (colour: DemoColour) => candidates.get(keyOf(colour))!;
  for (const { name, wall, trim, accents } of room.schemes ?? []) {
    const colours = { wallId: idOf(wall), trimId: trim ? idOf(trim) : null, accentIds: accents.map(idOf) };
    await write({ name: 'scheme.save', roomId, schemeId: id(), scheme: name, ...colours });
  }
  for (const { words, of } of room.notes ?? [])
    await write({ name: 'note.add', roomId, candidateId: of ? idOf(of) : null, words });
  await loadPhoto(write, roomId, room);
}

async function loadLight(write: Writer, id: () => string, roomId: string, room: DemoRoom) {
  await write({
    name: 'room.light',
    roomId,
    revision: 1,
    bearingDeg: room.bearingDeg,
    ...(room.size && { widthM: room.size[0], depthM: room.size[1], heightM: room.size[2] }),
    ...(room.ground && { ground: room.ground }),
    ...(room.obstruction && { obstruction: room.obstruction }),
    windows: room.windows.map((window) => ({ id: id(), ...window })),
    lamps: room.lamps.map((lamp) => ({ id: id(), ...lamp })),
    oldWall: room.oldWall && typed(...room.oldWall),
  });
}

function loadStay(write: Writer, id: () => string, roomId: string, stay: DemoStay): Promise<string> {
  const components = stay.components.map(([name, share, l, a, b]) => ({ id: id(), name, share, colour: typed(l, a, b) }));
  const { kind, school = 'share', lies } = stay;
  const place = lies && { lies: lies[0], cover: lies[1] };
  return write({ name: 'stay.save', roomId, revision: null, stayId: id(), stay: stay.name, kind, school, ...place, components });
}

const keyOf = ([code, strength]: DemoColour) => `${code}/${strength}`;

/** The picture of a room, which goes in like one that was taken. */
async function loadPhoto(write: Writer, roomId: string, { photo, oldWall }: DemoRoom) {
  if (!photo || !oldWall) return;
  const [l, a, b] = oldWall;
  const clean = await cleanPhoto(await demoPicture({ l, a, b }, photo.boards));
  if (!clean.ok) throw new Error('demo: the picture was refused');
  const { jpeg, width, height } = clean;
  const photoId = await write({ name: 'photo.add', roomId, width, height, settings: 'locked' }, jpeg);
  const white = { ...PAPER_AT, rgb: await whiteOf(jpeg, { width, height }) };
  await write({ name: 'photo.edit', roomId, photoId, caption: photo.caption, settings: 'locked', white });
}

async function loadTry(
  write: Writer,
  id: () => string,
  { roomId, stayIds }: { roomId: string; stayIds: string[] },
  tried: DemoTry,
): Promise<string> {
  const deckColourId = `${tried.code.slice(0, 2)}:${tried.code}`;
  const candidateId = await write({ name: 'candidate.add', roomId, candidateId: id(), deckColourId, strength: tried.strength });
  const rows = [
    ['window-day', 'consultant', tried.day],
    ['overcast', 'consultant', tried.overcast],
    ['lamps', 'consultant', tried.lamps],
    ['window-day', 'client', tried.client],
  ] as const;
  for (const [light, person, marks] of rows) {
    for (const [i, mark] of (marks?.split(' ') ?? []).entries()) {
      const [letter, reason] = mark.split(':');
      if (letter === '.') continue;
      const verdict = VERDICTS[letter as keyof typeof VERDICTS];
      const verdictId = await write({ name: 'verdict.give', roomId, candidateId, stayId: stayIds[i]!, light, person, verdict });
      if (reason) await write({ name: 'verdict.reason', roomId, verdictId, reason: reason as never });
    }
  }
  return candidateId;
}
