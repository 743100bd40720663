import { v7 } from 'uuid';
import { writeSchema, type Operation, type WriteInput } from '@/core/formats/operations';
import type { RecordedColour } from '@/core/record/types';
import type { Database } from '@/data/sql';
import { listVisits } from '@/data/visits';
import { DEMO_VISIT, type DemoRoom, type DemoTry } from '../../../demo/visit';
import { applyOperation } from '../operations/apply';

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
  const write = async (w: WriteInput): Promise<string> => {
    const operation: Operation = { id: id(), at: at(), write: writeSchema.parse(w) };
    const done = await applyOperation(db, operation);
    if (!done.ok) throw new Error(`demo: ${w.name} was refused: ${JSON.stringify(done)}`);
    return done.id;
  };
  const visitId = id();
  const rooms = DEMO_VISIT.rooms.map((room) => ({ roomId: id(), name: room.name }));
  const place = { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' };
  await write({ name: 'visit.create', visitId, label: DEMO_VISIT.label, place, units: 'metric', rooms });
  for (const [i, room] of DEMO_VISIT.rooms.entries()) await loadRoom(write, id, rooms[i]!.roomId, room);
}

type Writer = (w: WriteInput) => Promise<string>;

async function loadRoom(write: Writer, id: () => string, roomId: string, room: DemoRoom) {
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
  const stayIds: string[] = [];
  for (const stay of room.stays) {
    const components = stay.components.map(([name, share, l, a, b]) => ({ id: id(), name, share, colour: typed(l, a, b) }));
    const { kind, school = 'share', lies } = stay;
    const place = lies && { lies: lies[0], cover: lies[1] };
    stayIds.push(
      await write({
        name: 'stay.save',
        roomId,
        revision: null,
        stayId: id(),
        stay: stay.name,
        kind,
        school,
        ...place,
        components,
      }),
    );
  }
  for (const tried of room.tries) await loadTry(write, id, { roomId, stayIds }, tried);
}

async function loadTry(
  write: Writer,
  id: () => string,
  { roomId, stayIds }: { roomId: string; stayIds: string[] },
  tried: DemoTry,
) {
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
}
