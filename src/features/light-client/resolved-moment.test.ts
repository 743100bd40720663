import type { DayAnswer } from '@/core/engine/light-protocol';
import { room, roomLamp } from '../../../tests/made-up-room';
import { luxAt, skyAt } from './resolved-moment';
import { momentIndex } from './room-day';

const QUARTER = 15 * 60_000;
const START = Date.parse('2026-09-23T00:00:00Z');
const light = (lux: number) => ({ lux, cctK: lux > 0 ? 5000 : null, duv: null, hex: '#ffffff' });

/** A day of four moments: night, dawn, noon, night; two positions. */
const day = {
  moments: [0, 1, 2, 3].map((k) => START + k * QUARTER),
  positions: ['wall-0', 'wall-2'],
  sun: [-20, -3, 40, -12].map((altitudeDeg) => ({ altitudeDeg, azimuthDeg: 180 })),
  daylight: [0, 4, 300, 0].map((lux) => [light(2 * lux), light(lux)]),
  withLamps: [80, 84, 380, 80].map((lux) => [light(lux), light(lux)]),
} as unknown as DayAnswer;
const at = (k: number) => START + k * QUARTER;
const there = { room: room({ lamps: [roomLamp()] }), position: 'wall-2', scale: 1 };

describe('the light at the cursor', () => {
  test('is that of the position and the nearest quarter of an hour, with the lamps if they are on', () => {
    expect(luxAt(day, at(2), false, there)).toBe(300);
    expect(luxAt(day, at(2) + 7 * 60_000, false, { ...there, position: 'wall-0' })).toBe(600);
    expect(luxAt(day, at(3), false, there)).toBe(0);
    expect(luxAt(day, at(3), true, there)).toBe(80);
  });

  test('is corrected by the meter', () => expect(luxAt(day, at(2), false, { ...there, scale: 0.5 })).toBe(150));

  test('is not known until it is computed', () => expect(luxAt(undefined, at(2), false, there)).toBeNull());

  test('of a room of which no light is recorded only the night is known', () => {
    const bare = { ...there, room: room({ windows: [], lamps: [] }) };
    expect(luxAt(day, at(2), false, bare)).toBeNull();
    expect(luxAt(day, at(1), false, bare)).toBeNull(); // civil twilight
    expect(luxAt(day, at(3), false, bare)).toBe(0);
  });
});

describe('the sky of a moment', () => {
  const hourly = Array.from({ length: 24 }, (_, h) => (h === 15 ? ('overcast' as const) : ('clear' as const)));
  test('is the one chosen, or that of the hour at the home', () => {
    const instant = Date.parse('2026-09-23T14:30:00Z'); // 15:30 in London
    expect(skyAt('broken', instant, hourly, 'Europe/London')).toBe('broken');
    expect(skyAt('service', instant, hourly, 'Europe/London')).toBe('overcast');
    expect(skyAt('service', instant, hourly, 'Europe/Paris')).toBe('clear');
    expect(skyAt('service', instant, [], 'Europe/London')).toBe('clear');
  });
});

test.each([
  [-1, 0],
  [0, 0],
  [1.4, 1],
  [1.6, 2],
  [99, 3],
])('the moment nearest %d quarters is the %dth', (quarters, index) => {
  expect(momentIndex(day, START + quarters * QUARTER)).toBe(index);
});
