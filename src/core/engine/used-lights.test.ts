import { all } from '../../../tests/all';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { wallClock } from '../light/time-zone';
import { describeBox } from '@/core/derived/describe-room';
import type { Room } from '@/core/record/room';
import { ROOM_USES, USES, type RoomUse } from '../room/use';
import { daylightAt, dayOf } from './known-days';
import { toTheEnd } from './steps';
import { roomLightOf, usedLights, type UsedLight } from './used-lights';

const ZONE = 'Europe/London';
const place = { latitude: 51.45, longitude: -2.59 };
const window = roomWindow({ widthM: 1.8, heightM: 1.4 });
const lamp = roomLamp({ lumens: 1500 });
const both = room({ bearingDeg: 200, windows: [window], lamps: [lamp] });
const dayIn = (of: Room, date = '2026-09-23') => ({ room: describeBox(of).description, place, date, zone: ZONE });

type Ask = { use?: RoomUse; scale?: number; date?: string; skies?: { clear: number; broken: number; overcast: number } | null };
const lightsOf = (of: Room, { use = 'all', scale = 1, date = '2026-09-23', skies = null }: Ask = {}): UsedLight[] =>
  toTheEnd(usedLights(dayIn(of, date), { position: 'wall-2', lampsOn: false, scale }, { use, skies }));
const share = (lights: readonly UsedLight[], judging: string) =>
  lights.filter((l) => l.judging === judging).reduce((s, l) => s + l.weight, 0);

describe('the lights a room is used in', () => {
  test.each(ROOM_USES)('their shares add up to 1, and its hours are kept: %s', (use) => {
    const lights = lightsOf(both, { use });
    expect(lights.reduce((s, l) => s + l.weight, 0)).toBeCloseTo(1, 12);
    const hours = lights.filter((l) => l.kind !== 'lamps').map((l) => wallClock(l.at, ZONE).hours);
    expect(all(hours, (h) => USES[use].hours.some(([from, to]) => h >= from && h < to))).toBe(true);
  });

  test('by day under three skies, early, in the middle and late, and by the lamps', () => {
    const lights = lightsOf(both);
    expect(lights.map((l) => l.kind)).toEqual([
      ...Array<string>(3).fill('clear'),
      ...Array<string>(3).fill('broken'),
      ...Array<string>(3).fill('overcast'),
      'both',
      'lamps',
    ]);
    expect(share(lights, 'lamps')).toBeCloseTo(0.35, 9);
    const clear = lights.filter((l) => l.kind === 'clear').map((l) => l.at);
    expect([...clear].sort((p, q) => p - q)).toEqual(clear);
  });

  test('an evening room is judged by its lamps, a morning room hardly', () => {
    expect(share(lightsOf(both, { use: 'evening' }), 'lamps')).toBeCloseTo(0.7, 9);
    expect(share(lightsOf(both, { use: 'morning' }), 'lamps')).toBeCloseTo(0.15, 9);
  });

  test('the climate weighs the skies', () => {
    const lights = lightsOf(both, { skies: { clear: 0.1, broken: 0.1, overcast: 0.8 } });
    expect(share(lights, 'overcast')).toBeCloseTo(0.65 * 0.8, 9);
  });

  test('no lamp: daylight alone; no window: lamps alone; neither: none', () => {
    expect(share(lightsOf(room({ windows: [window], lamps: [] })), 'lamps')).toBe(0);
    expect(lightsOf(room({ windows: [], lamps: [lamp] })).map((l) => [l.kind, l.weight])).toEqual([['lamps', 1]]);
    expect(lightsOf(room({ windows: [], lamps: [] }))).toEqual([]);
  });

  test('the light meter’s correction is in every scene, and a dark one leaves no day', () => {
    const [once, twice] = [lightsOf(both), lightsOf(both, { scale: 2 })];
    expect(twice.at(-1)!.scene.lux).toBeCloseTo(2 * once.at(-1)!.scene.lux, 6);
    expect(lightsOf(room({ bearingDeg: 200, windows: [window], lamps: [] }), { scale: 1e-6 })).toEqual([]);
  });

  test('on the days the clocks change there are as many hours of use as on others', () => {
    for (const date of ['2026-03-29', '2026-10-25']) {
      const lights = lightsOf(both, { date });
      expect(lights).toHaveLength(11);
    }
  });

  test('a moment out of a known day is the same as computed alone', () => {
    const day = dayIn(both, '2026-04-11');
    const at = lightsOf(both, { date: '2026-04-11' })[1]!.at;
    const alone = daylightAt({ ...day, at, sky: 'clear' });
    const known = toTheEnd(dayOf({ ...day, skies: 'clear' }));
    expect(known.day.daylight[known.moments.indexOf(at)]![0]!.lux).toBe(alone[0]!.lux);
    expect(daylightAt({ ...day, at, sky: 'clear' })[0]!.lux).toBe(alone[0]!.lux);
  });
});

describe('how dim and how bright a room is', () => {
  const small = room({ bearingDeg: 0, windows: [roomWindow({ widthM: 0.7, heightM: 0.9 })], lamps: [lamp] });
  const wide = room({
    bearingDeg: 180,
    windows: [roomWindow({ widthM: 3.4, heightM: 2.1, leftM: 0.2, sillM: 0.2 })],
    lamps: [lamp],
  });

  test('a north room with a small window is dim, a south one with a wide window is not and may be very bright', () => {
    expect(roomLightOf(lightsOf(small)).dim).toBeGreaterThan(0.5);
    expect(roomLightOf(lightsOf(small)).bright).toBe(0);
    expect(roomLightOf(lightsOf(wide)).dim).toBeLessThan(0.1);
  });

  test('used in the evening, its daylight counts by its share', () => {
    expect(roomLightOf(lightsOf(small, { use: 'evening' })).dim).toBeLessThan(roomLightOf(lightsOf(small, { use: 'day' })).dim);
  });
});
