import { v7 } from 'uuid';
import { judgingLightOfLook } from '@/core/plan/look-light';
import { OPERATION_VERSION, writeSchema, type WriteInput } from '@/core/operations/operations';
import { houseDoors, saidDoor, withHouseDoors } from '@/core/derived/house-doors';
import { decidedRoom, toSign } from '@/core/derived/decided';
import { USUAL_SAMPLE } from '@/core/record/sample';
import { loadLight, typed } from './load-light';
import type { Database } from '@/data/sql';
import { listVisits } from '@/data/visits';
import {
  DEMO_HOME,
  DEMO_VISIT,
  type DemoColour,
  type DemoJoin,
  type DemoRoom,
  type DemoSample,
  type DemoScheme,
  type DemoStay,
} from '../../../demo/visit';
import { applyOperation } from '../operations/apply';
import { cleanPicture } from '../pictures/clean-picture';
import { sha256 } from '../sha256';
import { storePicture } from '../pictures/store-picture';
import { loadVisit } from '../visits/load-visit';
import { loadPractice } from './load-practice';
import { loadVerdicts } from './load-verdicts';
import { PLACE, type Ids, type Loader } from './loader';
import { demoPicture, PAPER_AT, whiteOf } from './picture';

const START = Date.UTC(2026, 8, 23, 12, 5);
/** The demo’s consultant had practised for so long before the visit. */
const PRACTISED_MS = 40 * 24 * 60 * 60_000;

/** Ids and times that are the same each time the demo is made: one second apart. */
function clock(start = START) {
  let n = 0;
  const id = () => {
    n += 1;
    const random = Uint8Array.from({ length: 16 }, (_, i) => (n * 37 + i * 11) & 255);
    return v7({ msecs: start + n * 1000, seq: n, random });
  };
  return { id, at: () => new Date(start + n * 1000).toISOString() };
}

/** Loads the demo visit into a database that has no visit yet. */
export async function loadDemo(db: Database): Promise<void> {
  if ((await listVisits(db)).length > 0) return;
  await loadHome(db, clock());
}

type Clock = ReturnType<typeof clock>;
/** What writes the demo's rows, stamped by a clock. */
function loaderOf(db: Database, { id, at }: Clock): Loader {
  const write = async (w: WriteInput): Promise<string> => {
    const done = await applyOperation(db, { id: id(), version: OPERATION_VERSION, at: at(), write: writeSchema.parse(w) });
    if (!done.ok) throw new Error(`demo: ${w.name} was refused: ${JSON.stringify(done)}`);
    return done.id;
  };
  return { db, id, write };
}

/** The homes: one in the middle of its work, and one of which no room is a box, begun a month before. */
async function loadHome(db: Database, of: Clock): Promise<void> {
  const loader = loaderOf(db, of);
  const { id, write } = loader;
  const visitId = id();
  const rooms = DEMO_VISIT.rooms.map((room) => ({ roomId: id(), name: room.name }));
  await write({ name: 'visit.create', visitId, label: DEMO_VISIT.label, place: PLACE, units: 'metric', rooms });
  await write({ name: 'visit.brief', visitId, ...DEMO_VISIT.brief });
  await write({ name: 'visit.supply', visitId, supply: { samples: DEMO_VISIT.prices } });
  for (const [i, room] of DEMO_VISIT.rooms.entries()) await loadRoom(loader, { visitId, roomId: rooms[i]!.roomId }, room);
  await loadJoins(loader, visitId, DEMO_VISIT.joins);
  await write({ name: 'visit.people', visitId, ...DEMO_VISIT.people });
  await write({ name: 'consultant.card', ...DEMO_VISIT.card });
  await loadPractice(db, { id, from: START - PRACTISED_MS });
  for (const [makerId, products] of Object.entries(DEMO_VISIT.products))
    await write({ name: 'deck.products', makerId, products });
  await loadOtherHome(loaderOf(db, clock(START - MONTH_MS)));
}

const MONTH_MS = 30 * 24 * 60 * 60 * 1000;
async function loadOtherHome(loader: Loader): Promise<void> {
  const { id, write } = loader;
  const visitId = id();
  const rooms = DEMO_HOME.rooms.map((room) => ({ roomId: id(), name: room.name }));
  await write({ name: 'visit.create', visitId, label: DEMO_HOME.label, place: PLACE, units: 'metric', rooms });
  for (const [i, room] of DEMO_HOME.rooms.entries()) await loadRoom(loader, { visitId, roomId: rooms[i]!.roomId }, room);
  await loadJoins(loader, visitId, DEMO_HOME.joins);
}

/** The doors between rooms, known to both. */
async function loadJoins({ db, write, id }: Loader, visitId: string, joins: readonly DemoJoin[]) {
  for (const { rooms: named, walls, leftM, ...said } of joins) {
    const { rooms } = (await loadVisit(db, visitId))!;
    const [from, to] = named.map((name) => rooms.find((r) => r.name === name)!);
    const known = houseDoors(rooms).find((d) => d.sides.every((s) => s.roomId === from!.id || s.roomId === to!.id));
    const door = known ?? saidDoor(id(), [from!.id, to!.id]);
    const side = (k: 0 | 1) => ({ ...door.sides[k], wall: walls[k], leftM: leftM[k] });
    for (const { roomId, doors } of withHouseDoors(rooms, [{ ...door, ...said, sides: [side(0), side(1)] }])) {
      const { paintwork } = rooms.find((r) => r.id === roomId)!;
      await write({ name: 'room.paintwork', roomId, paintwork: { ...paintwork, doors } });
    }
  }
}

const keyOf = ([code, strength]: DemoColour) => `${code}/${strength}`;

async function loadRoom(loader: Loader, ids: Ids, room: DemoRoom) {
  const { write, id } = loader;
  const { roomId } = ids;
  await loadLight(loader, roomId, room);
  if (room.wish) await write({ name: 'room.wish', roomId, wish: room.wish[0], words: room.wish[1] });
  if (room.brief) await write({ name: 'room.brief', roomId, ...room.brief });
  const stayIds: string[] = [];
  for (const stay of room.stays) stayIds.push(await loadStay(loader, roomId, stay));
  const candidates = new Map<string, string>();
  for (const { code, strength } of room.tries) {
    const deckColourId = `${code.slice(0, 2)}:${code}`;
    candidates.set(
      keyOf([code, strength]),
      await write({ name: 'candidate.add', roomId, candidateId: id(), deckColourId, strength }),
    );
  }
  const idOf = (colour: DemoColour) => candidates.get(keyOf(colour))!;
  const lookIds = await loadLooks(loader, ids, { room, idOf });
  await loadVerdicts(loader, ids, {
    tries: room.tries,
    stayIds,
    idOf,
    lookOf: (light, colour) => lookIds.get(`${light} ${colour}`) ?? null,
  });
  await loadAlone(loader, ids, { room, idOf });
  for (const scheme of room.schemes ?? []) await loadScheme(loader, roomId, scheme, idOf);
  for (const { words, of } of room.notes ?? [])
    await write({ name: 'note.add', roomId, candidateId: of ? idOf(of) : null, words });
  await loadPhoto(loader, roomId, room);
  await loadDecisions(loader, ids, { room, idOf });
}

const PICKED_AT = '2026-09-23T15:20:00.000Z';
async function loadScheme({ write, id }: Loader, roomId: string, scheme: DemoScheme, idOf: (colour: DemoColour) => string) {
  const { name, wall, trim, accents, cloth = [], picked = false } = scheme;
  const colours = { wallId: idOf(wall), trimId: trim ? idOf(trim) : null, accentIds: accents.map(idOf) };
  const parts = cloth.map(([part, l, a, b]) => ({ part, candidateId: null, lab: { l, a, b } }));
  const pickedAt = picked ? PICKED_AT : null;
  await write({ name: 'scheme.save', roomId, schemeId: id(), scheme: name, ...colours, parts, pickedAt });
}

const PAINTED_AT = '2026-09-22T16:00:00.000Z';

/** A sample, painted the day before or still to be painted. */
async function loadSample(
  { write, id }: Loader,
  roomId: string,
  { candidateId, method, painted, read }: DemoSample & { candidateId: string },
) {
  const paintedAt = painted ? PAINTED_AT : null;
  const what = {
    candidateId,
    method,
    ...USUAL_SAMPLE[method],
    coats: 2,
    paintedAt,
    read: read ? typed(...read) : null,
    reason: '',
  };
  await write({ name: 'sample.save', roomId, sampleId: id(), ...what });
}

/** What of a room is in paint, its doors, what was decided of its surfaces, and who signed it. */
async function loadDecisions(
  { db, write, id }: Loader,
  { visitId, roomId }: Ids,
  { room, idOf }: { room: DemoRoom; idOf: (colour: DemoColour) => string },
) {
  for (const sample of room.samples ?? [])
    await loadSample({ db, write, id }, roomId, { ...sample, candidateId: idOf(sample.colour) });
  const doors = (room.doors ?? []).map((door) => ({ id: id(), ...door }));
  await loadPaintwork(write, roomId, { doors, now: room.now });
  const WALLS = ['wall-0', 'wall-1', 'wall-2', 'wall-3'];
  const surfaceOf = (said: string): string[] => {
    const [what, n] = said.split(' ');
    if (what === 'walls') return WALLS;
    return [n === undefined ? said : `${what}:${doors[Number(n)]!.id}`];
  };
  for (const { surfaces, colour, sheen, finish, undercoat = 'none', why = '' } of room.decided ?? []) {
    const what = colour ? ('paint' as const) : ('leave' as const);
    const how = { sheen, finish, coats: 2, primer: 'none', undercoat, why } as const;
    const candidateId = colour && idOf(colour);
    await write({ name: 'decision.make', roomId, surfaces: surfaces.flatMap(surfaceOf), what, candidateId, ...how });
  }
  if (!room.signed) return;
  const now = (await loadVisit(db, visitId))!.rooms.find((r) => r.id === roomId)!;
  const { by: signedBy, on: signedOn } = room.signed;
  await write({ name: 'decision.sign', roomId, signedBy, signedOn, why: '', decided: toSign(decidedRoom(now)) });
}

/** Doors, skirting and what is there now; nothing of a room of which no door is known. */
async function loadPaintwork(
  write: Loader['write'],
  roomId: string,
  {
    doors,
    now,
  }: { readonly now: DemoRoom['now'] | undefined } & {
    readonly doors: readonly ({ readonly id: string } & NonNullable<DemoRoom['doors']>[number])[];
  },
) {
  if (doors.length > 0) await write({ name: 'room.paintwork', roomId, paintwork: { doors, skirtingM: 0.15, now: now ?? {} } });
}

function loadStay({ write, id }: Loader, roomId: string, stay: DemoStay): Promise<string> {
  const components = stay.components.map(([name, share, l, a, b]) => ({ id: id(), name, share, colour: typed(l, a, b) }));
  const { thing, kind, school = 'share', lies } = stay;
  const place = lies && { lies: lies[0], cover: lies[1] };
  return write({
    name: 'stay.save',
    roomId,
    revision: null,
    stayId: id(),
    stay: stay.name,
    thing,
    kind,
    school,
    ...place,
    components,
  });
}

/** The picture of a room, which goes in like one that was taken. */
async function loadPhoto({ db, write }: Loader, roomId: string, { photo, oldWall }: DemoRoom) {
  if (!photo || !oldWall) return;
  const [l, a, b] = oldWall;
  const drawn = await demoPicture({ l, a, b }, photo.boards);
  const clean = await cleanPicture(drawn);
  if (!clean.ok) throw new Error('demo: the picture was refused');
  const { jpeg, width, height } = clean;
  const picture = sha256(drawn);
  await storePicture(db, picture, { jpeg, width, height });
  const photoId = await write({ name: 'photo.add', roomId, picture, width, height, settings: 'locked' });
  const white = { ...PAPER_AT, rgb: await whiteOf(jpeg, { width, height }) };
  await write({ name: 'photo.edit', roomId, photoId, caption: photo.caption, settings: 'locked', white });
}

/** What was said of colours alone, and what the client makes of them. */
async function loadAlone(
  { write }: Loader,
  { roomId }: Ids,
  { room, idOf }: { room: DemoRoom; idOf: (colour: DemoColour) => string },
) {
  for (const [code, strength, intensity] of room.alone ?? []) {
    const said = {
      candidateId: idOf([code, strength]),
      light: 'window-day',
      person: 'consultant',
      intensity,
      moment: null,
      seen: 'in-room',
    } as const;
    await write({ name: 'intensity.give', roomId, ...said });
  }
  for (const [code, strength, reaction] of room.reactions ?? [])
    await write({
      name: 'reaction.give',
      roomId,
      candidateId: idOf([code, strength]),
      reaction,
      moment: null,
      seen: 'in-room',
    });
}

const LOOKED_AT = '2026-09-24T18:40:00.000Z';
const KEY = 'demo-key-of-a-hand-out';

/** Looks that were taken, and what the client answered; the ids of the consultant's by light and colour. */
async function loadLooks(
  { write, id }: Loader,
  { visitId, roomId }: Ids,
  { room, idOf }: { room: DemoRoom; idOf: (colour: DemoColour) => string },
): Promise<ReadonlyMap<string, string>> {
  const found = new Map<string, string>();
  for (const look of room.looks ?? []) {
    const lookId = id();
    const candidateIds = look.colours.map(idOf);
    const theirs = look.takenBy === 'client';
    const said = { number: look.number, light: look.light, decides: look.decides, who: look.takenBy, candidateIds };
    const [fromHour, toHour] = look.hours ?? [null, null];
    const taken = { state: 'taken', takenAt: theirs ? LOOKED_AT : new Date(START).toISOString(), reason: '' } as const;
    const date = theirs ? LOOKED_AT.slice(0, 10) : null;
    const rest = { walls: ['wall-2'], date, fromHour, toHour, missed: '', byHand: false };
    await write({ name: 'look.save', roomId, lookId, ...said, ...taken, ...rest });
    if (!theirs) for (const colour of candidateIds) found.set(`${judgingLightOfLook(look.light)} ${colour}`, lookId);
    if (look.answers)
      await loadAnswers(
        { write, id },
        { visitId, roomId, lookId },
        look.answers.map(([c, v, w]) => [idOf(c), v, w]),
      );
  }
  return found;
}

type Answered = readonly (readonly [candidateId: string, verdict: 'works' | 'nearly' | 'no', words: string])[];
async function loadAnswers(
  { write, id }: Pick<Loader, 'write' | 'id'>,
  { visitId, roomId, lookId }: Ids & { lookId: string },
  answers: Answered,
) {
  const handId = id();
  await write({ name: 'look.hand', visitId, handId, key: KEY, lookIds: [lookId] });
  for (const [candidateId, verdict, words] of answers)
    await write({ name: 'look.answer', roomId, lookId, candidateId, verdict, words, lookedAt: LOOKED_AT, handId });
}
