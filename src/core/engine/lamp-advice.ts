import { seenBy, viewOf } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import { lampsIn, withLamps, type AnyDescription } from '../light/any-room';
import type { RoomDescription } from '../light/room-description';
import { lightsOfUse } from './advised-room';
import { cannotBe, lampsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { LampAdvice, LampAdviceRequest, LampOption, LampRow } from './plan-protocol';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import type { Steps } from './steps';
import { tinted } from './light-tint';
import { worstBeside } from './worst-beside';

type RoomLampDescription = RoomDescription['lamps'][number];

/** Temperatures lamps are sold in, K. Common practice, no source. */
const SOLD_K = [2200, 2700, 3000, 3500, 4000, 5000] as const;
/** Colour rendering of a good LED: what is sold as 95 or more. */
const GOOD_RA = 97;
/** Ra from which a lamp renders colours well enough that another would not show. */
const ENOUGH_RA = 93;

/** What lamps could be put in their place, from where they are: the middle temperature of those there counts. */
export function lampOptions(lamps: readonly Pick<RoomLampDescription, 'cctK' | 'ra' | 'kind'>[]): LampOption[] {
  if (lamps.length === 0) return [];
  const cctK = [...lamps].sort((p, q) => p.cctK - q.cctK)[Math.floor(lamps.length / 2)]!.cctK;
  const warmer = [...SOLD_K].reverse().find((k) => k < cctK - 150);
  const cooler = SOLD_K.find((k) => k > cctK + 150);
  const renders = lamps.every((l) => l.kind === 'filament' || (l.ra ?? 0) >= ENOUGH_RA);
  const now: LampOption = { id: 'now', says: 'as they are', cctK: null, ra: null, lumensTimes: 1 };
  return [
    now,
    ...(renders ? [] : [{ ...now, id: 'better', says: 'better rendering', ra: GOOD_RA }]),
    ...(warmer ? [{ ...now, id: 'warmer', says: 'warmer', cctK: warmer }] : []),
    ...(cooler ? [{ ...now, id: 'cooler', says: 'cooler', cctK: cooler }] : []),
    ...(cooler && !renders ? [{ ...now, id: 'cooler-better', says: 'cooler, better rendering', cctK: cooler, ra: GOOD_RA }] : []),
    { ...now, id: 'brighter', says: 'twice the light', lumensTimes: 2 },
  ];
}

/** The room with other lamps in its fittings: LEDs wherever the light's colour is changed. */
const withLampsOf = (room: AnyDescription, { cctK, ra, lumensTimes }: LampOption): AnyDescription =>
  withLamps(
    room,
    lampsIn(room).map((lamp) => ({
      ...lamp,
      ...(cctK === null && ra === null ? {} : { kind: 'led' as const, cctK: cctK ?? lamp.cctK, ra: ra ?? lamp.ra ?? null }),
      lumens: lamp.lumens * lumensTimes,
    })),
  );

/** What other lamps would make of a room's colours and what they are seen beside, after dark. */
export function* lampAdvice({ lit, stays, candidates }: LampAdviceRequest): Steps<LampAdvice | NoAnswer> {
  const { room, problem } = roomOf(lit.day.room);
  if (problem) return cannotBe(problem);
  const options = lampOptions(lampsIn(lit.day.room));
  if (options.length === 0) return cannotBe('No lamp is recorded in this room.');
  const place = placeOf(room, lit.lookIn.position);
  const surfaces = candidates.map((c) => surfacesOf(c)[0]!);
  const lights = yield* lightsOfUse(lit);
  const day = 'ok' in lights ? undefined : lights.find((l) => l.judging === 'window-day');
  const byDay = day && viewOf(day.scene);
  const rows: LampRow[] = [];
  for (const option of options) {
    const lamps = lampsOf(withLampsOf(lit.day.room, option));
    const scene = sceneAt(lamps, place, lit.lookIn.scale);
    yield 0.5 + (0.5 * (rows.length + 1)) / options.length;
    if (!scene) continue;
    const view = viewOf(scene);
    const judge = worstBeside(stays, [{ kind: 'lamps', weight: 1, scene }]);
    const { lux, cctK } = tinted({ ...lamps[place]!, lux: lamps[place]!.lux * lit.lookIn.scale });
    rows.push({
      option,
      lux,
      cctK,
      colours: candidates.map((c, k) => {
        const seen = seenBy(view, surfaces[k]!);
        const fromDay = byDay ? deltaE00(seenBy(byDay, surfaces[k]!).lab, seen.lab) : null;
        return { id: c.id, hex: seen.hex, fromDay, worst: judge(surfaces[k]!)[0]! };
      }),
    });
  }
  return { ok: true, rows };
}
