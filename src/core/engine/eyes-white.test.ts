import { seenBy, viewOf, type SceneLight } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import { colourTemperature } from '../colour/temperature';
import { integrationWeights } from '../colour/observer';
import { chroma } from '../colour/lab';
import { knownMetamers } from '../colour/metamers';
import { whiteOf } from '../colour/tristimulus';
import type { Lab } from '../colour/types';
import { dayMoments } from '../light/day-moments';
import { positionLights, roomLight } from '../light/day-light';
import { outdoorsAt } from '../light/outdoors';
import { roomSchema, type RoomDescription, type RoomInput } from '../light/room-description';
import { sunPosition } from '../light/sun';
import { bands } from './bands';
import { hexes } from './deck-on-screen';
import { lampsOf, prepare, sceneAt } from './known-days';
import type { Steps } from './steps';
import { spots } from './moment-at-positions';

const PLACE = { latitude: 51.45, longitude: -2.59 };
const ZONE = 'Europe/London';
const DATES = ['2026-03-25', '2026-12-05'];

/** Rooms of common make: light walls, one or two windows, an oak floor; and one with dark walls. */
const ordinary = (bearingDeg: number, more: RoomInput = {}): RoomDescription =>
  roomSchema.parse({
    bearingDeg,
    widthM: 4.2,
    depthM: 5,
    heightM: 2.6,
    windows: [{ wall: 0, widthM: 1.8, heightM: 1.4, leftM: 1.2, sillM: 0.9, revealM: 0.1 }],
    lamps: [{ kind: 'led', cctK: 2700, lumens: 2000, xM: 2.1, yM: 2.5, heightM: 2.3 }],
    ...more,
  });
const dark: RoomInput = {
  windows: [
    { wall: 0, widthM: 1.8, heightM: 1.4, leftM: 1.2, sillM: 0.9, revealM: 0.1 },
    { wall: 1, widthM: 1.2, heightM: 1.4, leftM: 1, sillM: 0.8, revealM: 0.15 },
  ],
  surfaces: { walls: { lab: [40, 2, 4] }, floor: { lab: [50, 9, 24] } },
};
const ROOMS: readonly (readonly [string, RoomDescription])[] = [
  ...[180, 270].map((b) => [`${b}°`, ordinary(b)] as const),
  ['dark walls, 90°', ordinary(90, dark)],
  ['dark walls, 270°', ordinary(270, dark)],
];
const surface = (lab: Lab) => knownMetamers(lab, 'paint')[0]!;
const TRIM = surface({ l: 95.5, a: -0.3, b: 2 });
const GREIGE = surface({ l: 72, a: 1.5, b: 8 });

type Look = {
  readonly altitudeDeg: number;
  readonly lux: number;
  readonly cctK: number;
  readonly trim: Lab;
  readonly greige: Lab;
};
const looked = (scene: SceneLight, altitudeDeg: number): Look => {
  const view = viewOf(scene);
  const { cctK } = colourTemperature(whiteOf(integrationWeights(scene.power, 10)));
  return { altitudeDeg, lux: scene.lux, cctK, trim: seenBy(view, TRIM).lab, greige: seenBy(view, GREIGE).lab };
};

/** Every quarter of an hour of a clear day, by position; undefined where it is too dark to judge. */
function dayIn(room: RoomDescription, date: string): readonly (readonly (Look | undefined)[])[] {
  const prepared = prepare(room, 'usual');
  const moments = dayMoments(date, ZONE);
  const lights = moments.map((at) => positionLights(prepared, outdoorsAt({ at, place: PLACE, date, sky: 'clear' }), false));
  return prepared.receivers.map((_, p) =>
    lights.map((all, m) => {
      const scene = sceneAt(all, p, 1);
      return scene && looked(scene, sunPosition(moments[m]!, PLACE).altitudeDeg);
    }),
  );
}

describe.each(ROOMS)('a room with %s', (_, room) => {
  const days = DATES.map((date) => dayIn(room, date));
  const looks = days.flat(2).filter((l) => l !== undefined);

  test('by day a white trim reads as white: chroma under 10, with the sun above 10°', () => {
    const high = looks.filter((l) => l.altitudeDeg > 10);
    expect(high.length).toBeGreaterThan(200);
    expect(Math.max(...high.map((l) => chroma(l.trim)))).toBeLessThan(10);
  });

  test('nothing jumps within a quarter of an hour unless the light at the spot does', () => {
    let pairs = 0;
    for (const through of days.flat())
      through.forEach((now, m) => {
        const before = through[m - 1];
        if (!now || !before || now.altitudeDeg < 3 || before.altitudeDeg < 3) return;
        const brighter = Math.max(now.lux / before.lux, before.lux / now.lux);
        if (brighter >= 1.4 || Math.abs(now.cctK - before.cctK) >= 400) return;
        pairs += 1;
        expect(deltaE00(now.trim, before.trim)).toBeLessThan(3);
        expect(deltaE00(now.greige, before.greige)).toBeLessThan(3);
      });
    expect(pairs).toBeGreaterThan(200);
  });

  test('warm lamps still warm a white', () => {
    const lamps = lampsOf(room);
    const read = [0, 1, 2, 3].map((p) => chroma(looked(sceneAt(lamps, p, 1)!, 0).trim));
    expect(Math.min(...read)).toBeGreaterThan(8);
    expect(Math.max(...read)).toBeLessThan(20);
  });
});

test('one greige: deeper in a northern room than in a southern one', () => {
  const noon = (bearing: number) => dayIn(ordinary(bearing), DATES[0]!)[2]![13 * 4]!.greige;
  expect(noon(0).l).toBeLessThan(noon(180).l - 1);
});

test('a patch of sun on one wall is one wall of four, however bright', () => {
  const dull = { power: new Float64Array(81).fill(1), lux: 500 };
  const sunlit = { power: Float64Array.from({ length: 81 }, (_, i) => 1 + i), lux: 50_000 };
  const of = (lights: (typeof dull)[]) => roomLight(lights)!;
  expect(of([dull, dull, dull])[40]).toBeCloseTo(1 / 500, 12);
  expect(of([dull, dull, dull, sunlit])[80]).toBeCloseTo(0.75 / 500 + (0.25 * 81) / 50_000, 12);
  expect(roomLight([{ power: new Float64Array(81), lux: 0 }])).toBeUndefined();
});

test('bench, deck and walls show one colour for one surface and moment', () => {
  const run = <T>(steps: Steps<T>): T => {
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
    }
  };
  const room = ordinary(225);
  const day = { room, place: PLACE, date: '2026-09-23', zone: ZONE, skies: 'clear' as const };
  const lab = { l: 80, a: 1, b: 9 };
  const swatch = { id: 'beige', lab, population: 'paint' as const };
  const lookIn = { position: 'wall-1', lampsOn: true, scale: 1 };
  const bench = run(bands({ day, swatches: [swatch], lookIn }));
  const moments = dayMoments(day.date, ZONE);
  if (!bench.ok) throw new Error(bench.reason);
  for (const moment of [36, 52, 64, 90]) {
    const deck = run(hexes({ day, moment, labs: [lab], lookIn }));
    const at = { room, place: PLACE, date: day.date, at: moments[moment]!, sky: 'clear' as const, lampsOn: true, scale: 1 };
    const walls = run(spots({ ...at, where: 'walls' }, [swatch]));
    const usual = run(spots({ ...at, where: 'usual' }, [swatch]));
    if (!deck.ok || !walls.ok || !usual.ok) throw new Error('no answer');
    const hex = bench.bands[0]!.looks[moment]!.hex;
    expect([deck.hexes[0], walls.spots[1]!.looks[0]!.hex, usual.spots[1]!.looks[0]!.hex]).toEqual([hex, hex, hex]);
  }
});
