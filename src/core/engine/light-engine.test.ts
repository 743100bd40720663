import type { RoomDescription } from '../light/room-description';
import { all } from '../../../tests/all';
import { describeBox } from '@/core/derived/describe-room';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import type { DayRequest, MomentRequest, Swatch } from './light-protocol';
import type { Steps } from './steps';
import { bands } from './bands';
import { day } from './day';
import { daylightFactorOf } from './daylight-factor-of';
import { hexes } from './deck-on-screen';
import { spots } from './moment-at-positions';

function run<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

const lit = room({ bearingDeg: 200, windows: [roomWindow({ widthM: 1.8, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })] });
const request: DayRequest & { readonly room: RoomDescription } = {
  room: describeBox(lit).description,
  place: { latitude: 51.45, longitude: -2.59 },
  date: '2026-09-23',
  zone: 'Europe/London',
  skies: 'clear',
};
const cream: Swatch = { id: 'cream', lab: { l: 94, a: 0.2, b: 12 } };
const measured: Swatch = {
  id: 'measured',
  lab: { l: 80, a: 1, b: 5 },
  spectrum: Array.from({ length: 81 }, (_, i) => 0.45 + 0.002 * i),
};
const lookIn = { position: 'wall-2', lampsOn: false, scale: 1 };

function dayOf(asked: DayRequest) {
  const answer = run(day(asked));
  if (!answer.ok) throw new Error(answer.reason);
  return answer;
}

describe('a day in a room', () => {
  const found = dayOf(request);

  test('has a light for every quarter of an hour and position, with lamps never less than without', () => {
    expect(found.moments).toHaveLength(96);
    expect(found.positions).toEqual(['wall-0', 'wall-1', 'wall-2', 'wall-3', 'by-window', 'under-lamp']);
    found.daylight.forEach((all, m) =>
      all.forEach((light, p) => expect(found.withLamps[m]![p]!.lux).toBeGreaterThanOrEqual(light.lux)),
    );
    expect(all(found.daylight[10]!, (l) => l.lux === 0 && l.cctK === null)).toBe(true);
    expect(all(found.lamps, (l) => l.cctK! < 3000)).toBe(true);
    expect(found.sunHours[0]!.length).toBeGreaterThan(0);
  });

  test('has a daylight factor, apart from any day; a room that cannot be has none', () => {
    const factor = run(daylightFactorOf(request.room));
    expect(factor).toMatchObject({ ok: true });
    expect(factor.ok && factor.formula).toBeGreaterThan(1);
    expect(factor.ok && factor.computed).toBeGreaterThan(1);
    const wrong = { ...request.room, windows: [{ ...request.room.windows[0]!, widthM: 9 }] };
    expect(run(daylightFactorOf(wrong))).toMatchObject({ ok: false, reason: 'cannot-be' });
  });

  test('hour by hour the sky may change', () => {
    const mixed = dayOf({ ...request, skies: Array.from({ length: 24 }, (_, h) => (h < 12 ? 'overcast' : 'clear')) });
    const grey = dayOf({ ...request, skies: 'overcast' });
    expect(mixed.daylight[40]![2]!.lux).toBeCloseTo(grey.daylight[40]![2]!.lux, 6);
    expect(mixed.daylight[56]![2]!.lux).toBeCloseTo(found.daylight[56]![2]!.lux, 6);
  });

  test('a room that cannot be says why in words', () => {
    const wrong = { ...request, room: { ...request.room, windows: [{ ...request.room.windows[0]!, widthM: 9 }] } };
    expect(run(day(wrong))).toEqual({
      ok: false,
      reason: 'cannot-be',
      says: 'Window 1 does not fit its wall, which is 4.00 m long.',
    });
    expect(run(bands({ day: wrong, swatches: [cream], lookIn })).ok).toBe(false);
  });
});

describe('bands of colours', () => {
  const answer = run(bands({ day: request, swatches: [cream, measured], lookIn }));
  if (!answer.ok) throw new Error(answer.reason);
  const [first, second] = answer.bands;

  test('follow the day: nothing at night, a look by day, and beside it cloud and lamps', () => {
    expect(first!.looks[8]).toBeNull();
    expect(first!.looks[52]!.hex).toMatch(/^#[0-9a-f]{6}$/);
    expect(first!.lamps!.look.lab.b).toBeGreaterThan(first!.overcast!.look.lab.b); // lamps are yellower than cloud
    expect(first!.looks.some((l) => l?.flags.includes('dingy'))).toBe(true); // cream at dusk, before it is too dark to judge
  });

  test('a colour known by its Lab has a range, a measured one has none', () => {
    expect(first!.lamps!.look.spread).toBeGreaterThan(0.1);
    const lit = second!.looks.filter((l) => l !== null);
    expect(lit.length).toBeGreaterThan(30);
    expect(all(lit, (l) => l.spread === 0)).toBe(true);
  });

  test('a meter’s factor dims or brightens', () => {
    const dim = run(bands({ day: request, swatches: [cream], lookIn: { ...lookIn, scale: 0.2 } }));
    if (!dim.ok) throw new Error(dim.reason);
    expect(dim.bands[0]!.looks[52]!.lab.l).toBeLessThan(first!.looks[52]!.lab.l);
  });

  test('a whole deck at one moment looks like its bands', () => {
    const deck = run(hexes({ day: request, moment: 52, labs: [cream.lab, { l: 20, a: 0, b: 0 }], lookIn }));
    if (!deck.ok) throw new Error(deck.reason);
    expect(deck.hexes[0]).toBe(first!.looks[52]!.hex);
    expect(deck.hexes).toHaveLength(2);
  });
});

describe('one moment', () => {
  const moment: MomentRequest = {
    room: request.room,
    place: request.place,
    date: request.date,
    at: Date.parse('2026-09-23T12:00:00Z'),
    sky: 'clear',
    lampsOn: false,
    scale: 1,
    where: 'usual',
  };
  const ask = (change: Partial<MomentRequest>) => {
    const answer = run(spots({ ...moment, ...change }, [cream]));
    if (!answer.ok) throw new Error(answer.reason);
    return answer.spots;
  };

  test('agrees with the day at that moment', () => {
    const found = dayOf(request);
    const m = found.moments.indexOf(moment.at);
    ask({}).forEach((spot, p) => expect(spot.light.lux).toBeCloseTo(found.daylight[m]![p]!.lux, 6));
  });

  test('on the walls and along the slide', () => {
    expect(ask({ where: 'walls' }).map((s) => s.position)).toEqual(['wall-0', 'wall-1', 'wall-2', 'wall-3']);
    const slide = ask({ where: 'slide', lampsOn: true, sky: 'overcast', at: Date.parse('2026-09-23T17:15:00Z') });
    expect(slide).toHaveLength(9);
    expect(slide[0]!.light.lux).toBeGreaterThan(slide[8]!.light.lux);
    expect(slide[0]!.light.cctK).toBeGreaterThan(slide[8]!.light.cctK!);
  });

  test('in the dark there is no look', () => {
    expect(all(ask({ at: Date.parse('2026-09-23T01:00:00Z') }), (s) => s.looks[0] === null)).toBe(true);
  });
});
