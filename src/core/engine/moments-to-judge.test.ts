import { all as each } from '../../../tests/all';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { describeRoom } from '../record/describe-room';
import type { Room } from '../record/room';
import { dayOf, type KnownDay } from './known-days';
import type { Steps } from './steps';
import { momentsToJudge } from './moments-to-judge';

const done = <T>(steps: Steps<T>): T => {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
const dayIn = (of: Room, skies: 'clear' | 'overcast'): KnownDay =>
  done(
    dayOf({
      room: describeRoom(of).description,
      place: { latitude: 51.45, longitude: -2.59 },
      date: '2026-09-23',
      zone: 'Europe/London',
      skies,
    }),
  );
const momentsOf = (of: Room, scale = 1) =>
  momentsToJudge({ clear: dayIn(of, 'clear'), grey: dayIn(of, 'overcast'), zone: 'Europe/London' }, 0, scale);

const window = roomWindow({ widthM: 1.8, heightM: 1.4 });
const lamp = roomLamp({ lumens: 1500 });
const hours = (name: string) => Number(name.slice(0, 2)) + Number(name.slice(3, 5)) / 60;

describe('moments a room is judged in', () => {
  const all = momentsOf(room({ bearingDeg: 200, windows: [window], lamps: [lamp] }));

  test('twelve in a room with a window and a lamp, the deck first', () => {
    expect(all).toHaveLength(12);
    expect(all[0]).toEqual({ name: 'as in the deck', scene: undefined });
    expect(each(all.slice(1), (m) => m.scene !== undefined && m.scene.lux > 0)).toBe(true);
    expect(new Set(all.map((m) => m.name)).size).toBe(12);
  });

  test('they are spread over the daylit day, in order', () => {
    const clear = all.filter((m) => m.name.endsWith('clear sky')).map((m) => hours(m.name));
    expect(clear).toHaveLength(6);
    expect([...clear].sort((p, q) => p - q)).toEqual(clear);
    // 23 September: sunrise about 7, sunset about 19, by summer time
    expect(clear[0]).toBeGreaterThan(6.5);
    expect(clear[5]).toBeLessThan(19.5);
    expect(clear[5]! - clear[0]!).toBeGreaterThan(8);
  });

  test('no lamp: no moment by lamplight; no window: only by lamplight', () => {
    expect(momentsOf(room({ windows: [window] })).some((m) => m.name.includes('lamps'))).toBe(false);
    expect(momentsOf(room({ windows: [], lamps: [lamp] })).map((m) => m.name)).toEqual([
      'as in the deck',
      'after dark, lamps',
      expect.stringContaining('overcast with lamps'),
    ]);
  });

  test('the light meter’s correction is in every scene, and a dark correction leaves no day', () => {
    const bright = momentsOf(room({ bearingDeg: 200, windows: [window], lamps: [lamp] }), 2);
    const lux = (of: typeof all) => of.find((m) => m.name === 'after dark, lamps')!.scene!.lux;
    expect(lux(bright)).toBeCloseTo(2 * lux(all), 6);
    const dark = momentsOf(room({ bearingDeg: 200, windows: [window], lamps: [] }), 1e-6);
    expect(dark.map((m) => m.name)).toEqual(['as in the deck']);
  });
});
