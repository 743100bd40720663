import { z } from 'zod';
import { nameSchema } from '@/core/base/fields';
import { fewestFor } from '@/core/house/fewest';
import { housePalette } from '@/core/house/palette';
import { strengthSchema } from '@/core/record/candidate';
import { kindByName, ROOM_KINDS, ROOM_USES } from '@/core/room/use';
import { deckSchema, samplesOf } from './deck-samples';

const worksSchema = z.object({ id: nameSchema, strength: strengthSchema.default(100) });

/** What `bin/core house` is asked: the rooms with what works in each, and the deck they are of. */
const houseSchema = z.object({
  rooms: z
    .array(
      z.object({
        name: nameSchema,
        works: z.array(worksSchema).max(20_000),
        use: z.enum(ROOM_USES).default('all'),
        kind: z.enum(ROOM_KINDS).optional(),
      }),
    )
    .min(1)
    .max(60),
  doors: z
    .array(z.object({ rooms: z.tuple([nameSchema, nameSchema]) }))
    .max(200)
    .default([]),
  ...deckSchema.shape,
});

const keyOf = ({ id, strength }: z.infer<typeof worksSchema>) => JSON.stringify([id, strength]);
const ofKey = (key: string): { id: string; strength: number } => {
  const [id, strength] = JSON.parse(key) as [string, number];
  return { id, strength };
};

/** `house`: the fewest colours that serve every room, and a palette with roles. */
export function house(request: Record<string, unknown>) {
  const asked = houseSchema.parse(request);
  const { rooms } = asked;
  const names = new Set(rooms.map((r) => r.name));
  if (names.size < rooms.length) throw new RangeError('two rooms have the same name');
  const unknown = asked.doors.flatMap((d) => d.rooms).find((name) => !names.has(name));
  if (unknown !== undefined) throw new RangeError(`a door leads to ${unknown}, which is no room`);
  const strengths = [...new Set([...asked.strengths, ...rooms.flatMap((r) => r.works.map((w) => w.strength))])];
  const samples = new Map(samplesOf({ ...asked, strengths }).map((s) => [keyOf(s), s]));
  const missing = rooms.flatMap((r) => r.works).find((w) => !samples.has(keyOf(w)));
  if (missing) throw new RangeError(`the deck has no ${missing.id} at ${missing.strength} %`);
  const works = rooms.map((r) => ({ works: r.works.map(keyOf) }));
  const { chosen, exact, without } = fewestFor(works);
  const keys = [...new Set(works.flatMap((r) => r.works))];
  const sets = works.map((r) => new Set(r.works));
  const colours = keys.map((key) => ({
    key,
    lab: samples.get(key)!.lab,
    rooms: sets.flatMap((of, k) => (of.has(key) ? [k] : [])),
  }));
  const parts = rooms.map((r) => ({ kind: r.kind ?? kindByName(r.name), use: r.use }));
  const deck = [...samples].map(([key, { lab }]) => ({ key, lab }));
  const named = (indices: readonly number[]) => indices.map((k) => rooms[k]!.name);
  return {
    fewest: chosen.map(({ colour, rooms: where }) => ({ ...ofKey(colour), rooms: named(where) })),
    exact,
    without: named(without),
    palette: housePalette(parts, colours, deck).map(({ role, key, rooms: where }) => ({
      role,
      ...ofKey(key),
      rooms: named(where),
    })),
  };
}
