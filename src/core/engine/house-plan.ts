import { viewOf, type SceneLight } from '../appearance/scene';
import { GRID, type Reflectance } from '../colour/grid';
import { deltaE00 } from '../colour/ciede2000';
import { tristimulus } from '../colour/tristimulus';
import type { Lab } from '../colour/types';
import { together, type PositionLight } from '../light/day-light';
import { darkHours, getsDark } from '../light/dark-hours';
import { dayMoments } from '../light/day-moments';
import { sunPosition } from '../light/sun';
import { wallClock } from '../light/time-zone';
import { byDaylight, type LookLight } from '../plan/look-light';
import { roomLooks, type LookMoment, type RoomLook, type RoomLooks } from '../plan/room-looks';
import { wallPosition } from '../room/wall-position';
import { positionsOf } from './engine-rooms';
import { lampsOf, placeOf, roomOf, sceneAt } from './known-days';
import { withoutLights, type LitRoom } from './lit-room';
import { surfacesOf } from './looks';
import { decisionsOf, type SeenMoment } from './look-decisions';
import {
  type DecidedLook,
  type HousePlan,
  type PlannedLook,
  type PlanRequest,
  type RoomPlan,
  type RoomToPlan,
} from './plan-protocol';
import { inPart, type Steps } from './steps';
import { routeOf, withinVisit, type When } from './plan-route';
import { tinted } from './light-tint';
import { judgedDaylight } from './used-lights';

const MINUTE_MS = 60_000;
/** Half of the hour that a moment stands for. */
const HALF_MS = 30 * MINUTE_MS;

/** A perfect white: what the amount of light does to it, it does to everything. */
const WHITE: Reflectance = new Float64Array(GRID.count).fill(1);

/**
 * How surfaces appear in a scene, at the lightness they have beside a white there: that a room is dim or bright is a fact about the room,
 * and no reason to look twice.
 */
function appearIn(scene: SceneLight): (surface: Reflectance) => Lab {
  const { weights, reads } = viewOf(scene);
  const white = reads(tristimulus(WHITE, weights)).lab.l;
  return (surface) => {
    const { l, a, b } = reads(tristimulus(surface, weights)).lab;
    return { l: (100 * l) / white, a, b };
  };
}

type Lit = { readonly light: LookLight; readonly at: number; readonly lights: readonly PositionLight[] };

/**
 * Dusk is nobody's judge: the sun of a look stands so high at least, degrees, or half as high as at noon where it never does. Own choice.
 */
const LOOK_ALTITUDE_DEG = 5;

/** How high the sun has to stand on a day for a look by daylight. */
function lookAltitude({ date, zone, place }: LitRoom['day']): number {
  const highest = Math.max(...dayMoments(date, zone).map((at) => sunPosition(at, place).altitudeDeg));
  return Math.min(LOOK_ALTITUDE_DEG, Math.max(0, highest / 2));
}

/**
 * Every moment at which one could look in a room on a day: by daylight under each sky, by lamps with a grey late daylight, by lamps
 * alone.
 */
function* litMoments({ day, lookIn, usedFor }: LitRoom): Steps<Lit[]> {
  const byDay = yield* judgedDaylight(day, lookIn, usedFor.use);
  const least = lookAltitude(day);
  const found: Lit[] = [];
  for (const [light, lit] of byDay)
    for (const { at, lights } of lit) if (sunPosition(at, day.place).altitudeDeg > least) found.push({ light, at, lights });
  const lamps = lampsOf(day.room);
  if (lamps.every((l) => l.lux === 0)) return found;
  const late = found.findLast((m) => m.light === 'overcast');
  if (late) found.push({ light: 'both', at: late.at, lights: late.lights.map((l, p) => together(l, lamps[p]!)) });
  // by the lamps alone one looks where no daylight comes in, or after dark: where that never comes there is no such look
  if (found.length > 0 && !getsDark(day)) return found;
  return [...found, { light: 'lamps', at: darkHours(day)[0], lights: lamps }];
}

/** How every colour appears on every wall at a moment. */
function labsAt(room: LitRoom, lights: readonly PositionLight[], surfaces: readonly Reflectance[]): (readonly Lab[] | null)[] {
  const box = roomOf(room.day.room).room;
  return positionsOf(box, 'walls').map((_, wall) => {
    const scene = sceneAt(lights, placeOf(box, wallPosition(wall)), room.lookIn.scale);
    return scene ? surfaces.map(appearIn(scene)) : null;
  });
}

/** Whether any of some lights may be met in the visit: by day under the skies expected, lamps whenever it is dark. */
const mayBeMet = (lights: readonly LookLight[], { skies }: When): boolean =>
  lights.some((light) => light === 'lamps' || skies.includes(light === 'both' ? 'overcast' : light));

/** How much less a moment suits than another that shows as much: out of the visit, a sky that changes by the minute, a sun that is low. */
function unsuited({ light, at }: Lit, room: LitRoom, when: When): number {
  const dark = light === 'lamps' ? darkHours(room.day) : undefined;
  const met = withinVisit(dark ?? [at - HALF_MS, at + HALF_MS], when) && mayBeMet([light], when);
  const low = light !== 'lamps' && sunPosition(at, room.day.place).altitudeDeg < 2 * LOOK_ALTITUDE_DEG;
  return (met ? 0 : 8) + (light === 'broken' ? 3 : 0) + (low ? 2 : 0);
}

/** The moment of a light that lies nearest the middle of a look's hours; none where that light is not met. */
function momentOf({ light, hours }: DecidedLook, moments: readonly Lit[], zone: string): number | undefined {
  let [best, far]: [number | undefined, number] = [undefined, Infinity];
  moments.forEach((m, k) => {
    if (m.light !== light) return;
    const off = hours ? Math.abs(wallClock(m.at, zone).hours - (hours[0] + hours[1]) / 2) : 0;
    if (off < far) [best, far] = [k, off];
  });
  return best;
}

/** Walls on which something shows, at a look, that the wall judged at does not; that one first. */
function wallsOf(labs: LookMoment['labs'], position: string, toleranceE: number): string[] {
  const walls = labs.map((_, wall) => wall);
  const own = walls.find((wall) => wallPosition(wall) === position && labs[wall]) ?? walls.find((wall) => labs[wall]) ?? 0;
  const first = labs[own];
  const others = walls.filter((wall) => wall !== own && labs[wall]?.some((lab, c) => changed(lab, first?.[c], toleranceE)));
  return [own, ...others].map(wallPosition);
}
const changed = (lab: Lab, from: Lab | undefined, toleranceE: number): boolean =>
  from === undefined || deltaE00(from, lab) > toleranceE;

const NO_TINTS = { overcast: null, lamps: null };
const without = (roomId: string, problem: string, tints: RoomPlan['tints'] = NO_TINTS): RoomPlan => ({
  roomId,
  looks: [],
  exact: true,
  atLeast: 0,
  tints,
  problem,
});

/** How the light looks at the wall that is judged at, in the middle of the grey hours and by the lamps. */
function tintsOf(moments: readonly Lit[], place: number): RoomPlan['tints'] {
  const hexOf = (light: LookLight) => {
    const all = moments.filter((m) => m.light === light);
    const middle = all[Math.floor(all.length / 2)];
    return middle ? tinted(middle.lights[place]!).hex : null;
  };
  return { overcast: hexOf('overcast'), lamps: hexOf('lamps') };
}

function stretchOf(look: RoomLook, moments: readonly Lit[], room: LitRoom): readonly [number, number] {
  const { light } = moments[look.moment]!;
  // the lamps with a grey day change little by the hour: nobody has to be there within one
  const around = light === 'both' ? 3 * HALF_MS : HALF_MS;
  return light === 'lamps' ? darkHours(room.day) : [moments[look.from]!.at - around, moments[look.to]!.at + around];
}

/**
 * The moment of a look that lies in the visit: the planned one, or the nearest to it at which as much is shown; the planned one where
 * none does.
 */
function momentToMeet(
  { moment, from, to }: RoomLook,
  moments: readonly Lit[],
  met: readonly [number, number] | undefined,
): number {
  const planned = moments[moment]!;
  const inside = (k: number) => met !== undefined && moments[k]!.at >= met[0] && moments[k]!.at <= met[1];
  if (!byDaylight(planned.light) || inside(moment)) return moment;
  const away = (k: number) => Math.abs(moments[k]!.at - planned.at);
  const others = [...moments.keys()].filter((k) => k >= from && k <= to && moments[k]!.light === planned.light && inside(k));
  return others.sort((p, q) => away(p) - away(q))[0] ?? moment;
}

/** The looks of a room. */
function* planRoom(asked: RoomToPlan, request: PlanRequest): Steps<RoomPlan> {
  const { roomId, lit: room, candidates } = asked;
  const { problem } = roomOf(room.day.room);
  if (problem) return without(roomId, problem);
  const moments = yield* inPart(litMoments(room), 0, 0.8);
  if (moments.length === 0) return without(roomId, 'Neither a window nor a lamp is recorded.');
  const tints = tintsOf(moments, placeOf(roomOf(room.day.room).room, room.lookIn.position));
  if (candidates.length === 0) return without(roomId, 'No colour is being tried here yet.', tints);
  const surfaces = candidates.map((c) => surfacesOf(c)[0]!);
  const seen: LookMoment[] = [];
  for (const m of moments) {
    seen.push({ light: m.light, at: m.at, labs: labsAt(room, m.lights, surfaces), unsuited: unsuited(m, room, request) });
    yield 0.8 + (0.1 * seen.length) / moments.length;
  }
  const { zone } = room.day;
  const at = (looks: readonly DecidedLook[]) => looks.map((l) => ({ id: l.id, moment: momentOf(l, moments, zone) }));
  const kept = at(asked.kept);
  const those = (of: typeof kept) => [...new Set(of.flatMap((k) => k.moment ?? []))];
  const found = roomLooks(seen, request.toleranceE, { kept: those(kept), dropped: those(at(asked.dropped)) });
  yield 0.92;
  const looks = describedLooks(asked, request, { moments, seen, found });
  return {
    roomId,
    looks: looks.flatMap((look, k) => {
      const ids = kept.filter((one) => one.moment === found.looks[k]!.moment).map((one) => one.id);
      return ids.length > 0 ? ids.map((id) => ({ ...look, id })) : [look];
    }),
    exact: found.exact,
    atLeast: found.atLeast,
    tints,
    problem: null,
  };
}

type Found = { readonly moments: readonly Lit[]; readonly seen: readonly LookMoment[]; readonly found: RoomLooks };

function describedLooks(asked: RoomToPlan, request: PlanRequest, { moments, seen, found }: Found): PlannedLook[] {
  const { lit: room, candidates, stays } = asked;
  const box = roomOf(room.day.room).room;
  const judged = placeOf(box, room.lookIn.position);
  // told, and gone to, is one and the same moment
  const seenAt = (look: RoomLook): SeenMoment => {
    const { light, at, lights } = moments[momentToMeet(look, moments, withinVisit(stretchOf(look, moments, room), request))]!;
    const { labs } = seen[look.moment]!;
    const walls = wallsOf(labs, room.lookIn.position, request.toleranceE);
    const scene = sceneAt(lights, judged, room.lookIn.scale) ?? sceneAt(lights, placeOf(box, walls[0]!), room.lookIn.scale);
    return { light, at, labs, scene };
  };
  const decided = decisionsOf({
    looks: found.looks.map((look) => ({ ...look, seen: seenAt(look) })),
    moments: seen,
    candidates,
    stays,
    zone: room.day.zone,
  });
  return found.looks.map((look, k): PlannedLook => {
    const { light, at, labs } = seenAt(look);
    const [from, to] = stretchOf(look, moments, room);
    const met = withinVisit([from, to], request);
    return {
      id: null,
      light,
      lights: look.lights,
      at,
      from,
      to,
      walls: wallsOf(labs, room.lookIn.position, request.toleranceE),
      inVisit: met !== undefined && mayBeMet(look.lights, request),
      ...decided[k]!,
    };
  });
}

/** Rooms that were planned, by what their plan depends on: the hour that it is moves nothing but the route. */
const planned = new Map<string, RoomPlan>();
const MOST_PLANNED = 60;

function* knownRoom(asked: RoomToPlan, request: PlanRequest): Steps<RoomPlan> {
  const { toleranceE, visit, skies, dryAt } = request;
  const key = JSON.stringify([{ ...asked, lit: withoutLights(asked.lit) }, toleranceE, visit, skies, dryAt]);
  const known = planned.get(key);
  if (known) return known;
  const found = yield* planRoom(asked, request);
  planned.set(key, found);
  if (planned.size > MOST_PLANNED) planned.delete(planned.keys().next().value!);
  return found;
}

/**
 * What to look at when, over the whole house: for each room the fewest looks that show every change that matters, what each decides, and
 * the order of rooms through the visit. Lights are those the rooms are used in ({@link judgedDaylight}).
 */
export function* housePlan(request: PlanRequest): Steps<HousePlan> {
  const rooms: RoomPlan[] = [];
  for (const [k, room] of request.rooms.entries()) {
    rooms.push(yield* inPart(knownRoom(room, request), k / request.rooms.length, (k + 1) / request.rooms.length));
  }
  return { ok: true, rooms, route: routeOf(request, rooms) };
}
