import type { HousePlan, PlannedLook } from './plan-protocol';
import { clockText, wallClock } from '../light/time-zone';
import { byDaylight, LOOK_LIGHT_WORDS, type LookLight } from '../plan/look-light';
import type { Person } from '../judge/ruling';
import { judgingPosition } from '@/core/derived/judging-position';
import type { Look, LookState } from '@/core/record/look';
import type { RoomInLight, VisitInLight } from '@/core/derived/kinds-of-light';

/** A look as it stands in the list: kept or only planned. */
export type LookRow = {
  readonly key: string;
  readonly number: number;
  readonly room: RoomInLight;
  /** As it is kept; undefined while it is only planned. */
  readonly look: Look | undefined;
  /** As it is computed; undefined where today has no such light. */
  readonly planned: PlannedLook | undefined;
  readonly light: LookLight;
  /** Skies that would do as well. */
  readonly lights: readonly LookLight[];
  readonly fromHour: number | null;
  readonly toHour: number | null;
  readonly walls: readonly string[];
  readonly candidateIds: readonly string[];
  readonly who: Person;
  readonly state: LookState;
  readonly decides: string;
  readonly missed: string;
  readonly hexes: readonly [string, string] | undefined;
  readonly worth: number;
};

/** Hours of the home's clock from an instant; the end of the day is 24. */
const hourOf = (at: number, zone: string, end = false): number => {
  const { hours } = wallClock(at, zone);
  return end && hours === 0 ? 24 : hours;
};

type Numbered = Omit<LookRow, 'number'> & { readonly number: number | undefined };

function plannedRow(room: RoomInLight, planned: PlannedLook, zone: string): Numbered {
  const daylight = byDaylight(planned.light) || planned.light === 'both';
  return {
    key: `${room.id} ${planned.light} ${planned.at}`,
    number: undefined,
    room,
    look: undefined,
    planned,
    light: planned.light,
    lights: planned.lights,
    fromHour: daylight ? hourOf(planned.from, zone) : null,
    toHour: daylight ? hourOf(planned.to, zone, true) : null,
    walls: planned.walls,
    candidateIds: [],
    who: planned.inVisit ? 'consultant' : 'client',
    state: 'planned',
    decides: planned.decides.says,
    missed: planned.missed.join('; '),
    hexes: planned.decides.hexes,
    worth: planned.worth,
  };
}

/** What a person chose by hand is that light; of a planned look any that would show the same. */
const lightsOf = ({ byHand, light }: Look, planned: PlannedLook | undefined): readonly LookLight[] =>
  !byHand && planned?.lights.includes(light) ? planned.lights : [light];

/**
 * What is still to be looked at says what is predicted now, as the bench does; what was looked at, or made by hand, what it was kept
 * with.
 */
function toldOf(look: Look, planned: PlannedLook | undefined): Pick<LookRow, 'decides' | 'missed'> {
  const now = { decides: planned?.decides.says ?? '', missed: planned?.missed.join('; ') ?? '' };
  const isAsked = look.state === 'planned' && !look.byHand;
  const [first, second] = isAsked ? [now, look] : [look, now];
  return { decides: first.decides || second.decides, missed: first.missed || second.missed };
}

function keptRow(room: RoomInLight, look: Look, planned: PlannedLook | undefined): Numbered {
  return {
    key: look.id,
    number: look.number,
    room,
    look,
    planned,
    light: look.light,
    lights: lightsOf(look, planned),
    fromHour: look.fromHour,
    toHour: look.toHour,
    walls: look.walls,
    candidateIds: look.candidateIds,
    who: look.who,
    state: look.state,
    ...toldOf(look, planned),
    hexes: planned?.decides.hexes,
    worth: planned?.worth ?? 0,
  };
}

const startOf = ({ fromHour, light }: Numbered): number => fromHour ?? (light === 'lamps' ? 30 : 0);

/** Every look of a house: those kept with their numbers, those only planned with the numbers that are free, early ones first. */
export function lookRows(visit: Pick<VisitInLight, 'rooms' | 'place'>, plan: HousePlan | undefined): LookRow[] {
  const zone = visit.place.timeZone;
  const rows = visit.rooms.flatMap((room): Numbered[] => {
    const found = plan?.rooms.find((r) => r.roomId === room.id)?.looks ?? [];
    const kept = room.looks.map((look) =>
      keptRow(
        room,
        look,
        found.find((p) => p.id === look.id),
      ),
    );
    return [...kept, ...found.filter((p) => p.id === null).map((p) => plannedRow(room, p, zone))];
  });
  const taken = new Set(rows.flatMap((r) => r.number ?? []));
  const free = (function* () {
    for (let n = 1; ; n++) if (!taken.has(n)) yield n;
  })();
  const numbers = new Map(
    rows
      .filter((r) => r.number === undefined)
      .sort((p, q) => Number(p.who === 'client') - Number(q.who === 'client') || startOf(p) - startOf(q))
      .map((r) => [r.key, free.next().value!]),
  );
  return rows.map((r) => ({ ...r, number: r.number ?? numbers.get(r.key)! }));
}

/** Whether the light of a look is there at an hour under a sky, or would be with the lamps put on. */
export function isOn(
  { light, lights, fromHour, toHour }: LookRow,
  hour: number,
  { sky, dark }: { sky: LookLight; dark: boolean },
) {
  if (light === 'lamps') return dark;
  const within = fromHour !== null && toHour !== null && hour >= fromHour && hour < toHour;
  return within && (light === 'both' ? sky === 'overcast' : lights.includes(sky));
}

const SKY_WORDS = { clear: 'clear', broken: 'broken', overcast: 'overcast' } as const;

/** Skies of daylight that a look may be taken under, as far as they are told apart. */
const ANY_SKY = 3;
function saySkies(light: LookRow['light'], daylight: readonly (keyof typeof SKY_WORDS)[]): string {
  if (light === 'both') return 'overcast, lamps on';
  return daylight.length === ANY_SKY ? 'any sky' : daylight.map((l) => SKY_WORDS[l]).join(' or ');
}

/** "09:00–12:00, any sky", "16:00–17:00, clear or broken", "after dark, lamps on". */
export function sayLookWhen({
  light,
  lights,
  fromHour,
  toHour,
}: Pick<LookRow, 'light' | 'lights' | 'fromHour' | 'toHour'>): string {
  if (light === 'lamps') return LOOK_LIGHT_WORDS.lamps;
  return `${clockText(fromHour ?? 0)}–${clockText(toHour ?? 24)}, ${saySkies(light, lights.filter(byDaylight))}`;
}

/** What is written to keep a row, as it is or changed. */
export function lookOf(row: LookRow, change: Partial<Look> = {}): Omit<Look, 'id'> {
  const { look } = row;
  return {
    number: row.number,
    light: row.light,
    fromHour: row.fromHour,
    toHour: row.toHour,
    walls: row.walls.length > 0 ? row.walls : [judgingPosition(row.room)],
    candidateIds: row.candidateIds,
    who: row.who,
    date: look?.date ?? null,
    decides: row.decides.slice(0, 500),
    missed: row.missed.slice(0, 500),
    byHand: look?.byHand ?? false,
    state: row.state,
    reason: look?.reason ?? '',
    takenAt: look?.takenAt ?? null,
    ...change,
  };
}

/** The colour and the thing a look is about: what it decides, else what was said at it, else the first of its colours. */
export function aboutOf({ room, look, planned, candidateIds }: LookRow): Readonly<Record<string, string>> {
  const said = look && room.verdicts.find((v) => v.lookId === look.id && !v.undone);
  const colour = planned?.decides.candidateIds[0] ?? said?.candidateId ?? candidateIds[0];
  const stay = planned ? planned.decides.stayId : said?.stayId;
  return { ...(colour ? { colour } : {}), ...(stay ? { stay } : {}) };
}
