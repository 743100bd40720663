import { all } from '../../../tests/all';
import { greyRoom, kelvinOf, openWindow, paint, plainLamp } from '../../../tests/light-room';
import { flagsOf, readingsOf } from '../appearance/readings';
import { seenIn } from '../appearance/scene';
import { lightOfTemperature } from '../colour/illuminant';
import { dayLight, roomLight, together, type DayLight } from './day-light';
import { dayMoments } from './day-moments';
import type { Place } from './day';
import type { LightRoom } from './light-room';
import { glassOf, panesOf } from './light-room';
import type { SkyName } from './outdoors';
import { prepareRoom } from './prepare-room';
import { shapeOf } from './room-shape';
import { wallPositions } from './sample-positions';
import { wallClock } from './time-zone';

/** What consultants know about light and colour: common practice, no source. Each is asked of the room model. */
const BRISTOL: Place = { latitude: 51.45, longitude: -2.59 };
const DATE = '2026-03-25';
const ZONE = 'Europe/London';
/** Every hour is enough here. */
const HOURLY = 4;

type Options = { readonly place?: Place; readonly sky?: SkyName; readonly zone?: string; readonly date?: string };

function dayOf(room: LightRoom, { place = BRISTOL, sky = 'clear', zone = ZONE, date = DATE }: Options = {}) {
  const moments = dayMoments(date, zone).filter((_, k) => k % HOURLY === 0);
  const prepared = prepareRoom(room, wallPositions(room), shapeOf(room, 120));
  return { moments, day: dayLight(prepared, { moments, place, date, skies: moments.map(() => sky) }), zone };
}

/** The mean over the four walls, by hour of the clock, where there is light to speak of. */
function byHour({ moments, day, zone }: { moments: readonly number[]; day: DayLight; zone: string }) {
  return moments
    .map((at, k) => {
      const all = day.daylight[k]!.reduce(together);
      return { hours: wallClock(at, zone).hours, lux: all.lux / 4, power: all.power };
    })
    .filter((m) => m.lux > 20)
    .map((m) => ({ hours: m.hours, lux: m.lux, kelvin: kelvinOf(m.power) }));
}

const facing = (bearingDeg: number, more: Partial<LightRoom> = {}): LightRoom =>
  greyRoom({ bearingDeg, windows: [openWindow({ glass: glassOf('double'), panes: panesOf('double') })], ...more });

/** Spread of a list over its mean. */
const unsteadiness = (values: readonly number[]): number => {
  const mean = values.reduce((s, v) => s + v, 0) / values.length;
  return Math.sqrt(values.reduce((s, v) => s + (v - mean) ** 2, 0) / values.length) / mean;
};
const between = (from: number, to: number) => (m: { hours: number }) => m.hours >= from && m.hours <= to;
const meanOf = (values: readonly number[]) => values.reduce((s, v) => s + v, 0) / values.length;

describe('which way the windows face', () => {
  const [north, east, south, west] = [0, 90, 180, 270].map((bearing) => byHour(dayOf(facing(bearing))));
  const noon = between(9, 15);

  test('north light is cooler than south light, and more even', () => {
    const kelvins = (hours: ReturnType<typeof byHour>) => hours.filter(noon).map((m) => m.kelvin);
    expect(meanOf(kelvins(north!))).toBeGreaterThan(meanOf(kelvins(south!)) + 1000);
    // even: no wall outshines the others, as patches of sun make them
    const uneven = (bearing: number) => {
      const { day, moments } = dayOf(facing(bearing));
      const at = moments.findIndex((m) => wallClock(m, ZONE).hours === 11);
      return unsteadiness(day.daylight[at]!.slice(1).map((p) => p.lux));
    };
    expect(uneven(0)).toBeLessThan(uneven(180));
  });

  test('east is bright and warm in the morning and falls and cools after noon', () => {
    const [morning, afternoon] = [between(8, 10), between(14, 16)].map((when) => east!.filter(when));
    expect(meanOf(morning!.map((m) => m.lux))).toBeGreaterThan(2 * meanOf(afternoon!.map((m) => m.lux)));
    expect(meanOf(morning!.map((m) => m.kelvin))).toBeLessThan(meanOf(afternoon!.map((m) => m.kelvin)) - 500);
  });

  test('west is subdued in the morning, warm and strong late in the day', () => {
    const [morning, late] = [between(8, 10), between(15, 17)].map((when) => west!.filter(when));
    expect(meanOf(late!.map((m) => m.lux))).toBeGreaterThan(2 * meanOf(morning!.map((m) => m.lux)));
    expect(meanOf(late!.map((m) => m.kelvin))).toBeLessThan(meanOf(morning!.map((m) => m.kelvin)) - 500);
  });

  test('windows on two sides balance out: steadier than either alone', () => {
    const both = byHour(dayOf(greyRoom({ bearingDeg: 90, windows: [openWindow(), openWindow({ wall: 2 })] })));
    const daytime = between(8, 16);
    const swing = (hours: ReturnType<typeof byHour>) => unsteadiness(hours.filter(daytime).map((m) => m.lux));
    expect(swing(both)).toBeLessThan(Math.min(swing(east!), swing(west!)));
  });

  test('mirrored in the southern hemisphere: there south light is the cool and even one', () => {
    const auckland = { place: { latitude: -36.85, longitude: 174.76 }, zone: 'Pacific/Auckland', date: '2026-09-25' };
    const [toNorth, toSouth] = [0, 180].map((bearing) => byHour(dayOf(facing(bearing), auckland)).filter(noon));
    expect(meanOf(toSouth!.map((m) => m.kelvin))).toBeGreaterThan(meanOf(toNorth!.map((m) => m.kelvin)) + 1000);
  });

  test('on the equator at the equinox the sun stands over the house at noon: north and south get the same', () => {
    const quito = { place: { latitude: 0, longitude: -78.5 }, zone: 'America/Guayaquil', date: '2026-03-20' };
    const [toNorth, toSouth] = [0, 180].map((bearing) => byHour(dayOf(facing(bearing), quito)).filter(noon));
    expect(Math.abs(meanOf(toNorth!.map((m) => m.lux)) / meanOf(toSouth!.map((m) => m.lux)) - 1)).toBeLessThan(0.15);
  });

  test('under cloud the four sides are alike, and near 6,500 K outside', () => {
    const [n, s] = [0, 180].map((bearing) => byHour(dayOf(facing(bearing), { sky: 'overcast' })).filter(noon));
    expect(Math.abs(meanOf(n!.map((m) => m.lux)) / meanOf(s!.map((m) => m.lux)) - 1)).toBeLessThan(0.01);
  });

  test('beyond the polar circle: light all day in June, none in December', () => {
    const tromso = (date: string) => ({ place: { latitude: 69.65, longitude: 18.96 }, zone: 'Europe/Oslo', date });
    expect(byHour(dayOf(facing(0), tromso('2026-06-21')))).toHaveLength(24);
    const winter = dayOf(facing(180), tromso('2026-12-21'));
    expect(all(winter.day.sun, (p) => p.altitudeDeg < 0)).toBe(true);
    expect(byHour(winter).length).toBeLessThan(6); // twilight around noon
  });
});

describe('what rooms do to colours', () => {
  const NOON = 13;
  /** A colour on the wall opposite the window at one o'clock. */
  function at(room: LightRoom, colour: readonly [number, number, number], options: Options = {}, lamps = false) {
    const found = dayOf(room, options);
    const k = found.moments.findIndex((m) => wallClock(m, found.zone).hours === NOON);
    const here = (p: number) => (lamps ? found.day.lamps[p]! : found.day.daylight[k]![p]!);
    const seen = seenIn({ power: here(2).power, lux: here(2).lux, room: roomLight([0, 1, 2, 3].map(here)) })(paint(...colour));
    return { seen, lux: here(2).lux, flags: flagsOf(readingsOf({ l: colour[0], a: colour[1], b: colour[2] }, seen)) };
  }
  const GREIGE = [76, 1.8, 8] as const;

  test('one greige: lighter in strong southern light, deeper in a northern room', () => {
    expect(at(facing(180), GREIGE).seen.lab.l).toBeGreaterThan(
      at(facing(0, { windows: [openWindow({ widthM: 0.8, heightM: 1 })] }), GREIGE).seen.lab.l + 3,
    );
  });

  test('lamps warm a colour: grey goes toward beige', () => {
    const lit = facing(180, { lamps: [plainLamp({ kind: 'filament', cctK: 2700, lumens: 2500 })] });
    const { seen, flags } = at(lit, [79, -2.2, 3], {}, true);
    expect(seen.lab.b).toBeGreaterThan(8);
    expect(flags).toContain('turned-warm');
  });

  test('an off-black turns navy in open daylight and calms under warm lamps', () => {
    const seen = (cctK: number, lux: number) => seenIn({ power: lightOfTemperature(cctK), lux })(paint(33.5, -0.5, -1.6)).lab.b;
    expect(seen(11_000, 10_000)).toBeLessThan(-2.5);
    expect(seen(2700, 200)).toBeGreaterThan(0);
  });

  test('light taupe: washed out in a very bright room, dingy in a dark one', () => {
    const glass = facing(180, {
      windows: [
        openWindow({ leftM: 0.1, widthM: 3.8, sillM: 0.1, heightM: 2.4 }),
        openWindow({ wall: 1, leftM: 0.1, widthM: 4.8, sillM: 0.1, heightM: 2.4 }),
      ],
    });
    expect(at(glass, [86.5, 2, 4.6]).flags).toContain('washed-out');
    const cave = facing(0, { windows: [openWindow({ widthM: 0.5, heightM: 0.6, leftM: 1.7, sillM: 1.2 })] });
    const dark = at(cave, [86.5, 2, 4.6]);
    expect(dark.lux).toBeLessThan(120);
    expect(dark.flags).toContain('dingy');
  });

  test('creamy off-whites want bright rooms', () => {
    const cave = facing(0, { windows: [openWindow({ widthM: 0.5, heightM: 0.6, leftM: 1.7, sillM: 1.2 })] });
    expect(at(cave, [94, 0.2, 12]).flags).toContain('dingy');
    expect(at(facing(180), [94, 0.2, 12]).flags).not.toContain('dingy');
  });

  // by half a step of chroma and not more: most of what walls add to the light the eye takes for the light
  test('a colour on four walls deepens itself', () => {
    const colour = [70, 6, 22] as const;
    const grey = facing(180);
    const r = paint(...colour);
    const painted = facing(180, { walls: [r, r, r, r] });
    const [one, four] = [grey, painted].map((room) => at(room, colour).seen.lab);
    expect(Math.hypot(four!.a, four!.b)).toBeGreaterThan(Math.hypot(one!.a, one!.b) + 0.4);
  });

  test('curtains make it greyer: the same paint reads dimmer behind two closed curtains', () => {
    const [open, sheer] = (['open', 'sheer'] as const).map((curtain) =>
      at(facing(180, { windows: [openWindow({ curtain })] }), GREIGE, { sky: 'overcast' }),
    );
    expect(sheer!.lux).toBeLessThan(open!.lux);
    expect(sheer!.seen.colourfulness).toBeLessThan(open!.seen.colourfulness);
  });
});
