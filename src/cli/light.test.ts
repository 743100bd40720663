import { all } from '../../tests/all';
import { answer } from './requests';

const WINDOW = { wall: 0, leftM: 1, widthM: 2, heightM: 1.3 } as const;
const OVERCAST = { sky: { type: 'traditional-overcast', horizontalLux: 10_000 } } as const;
const BY_TIME = { place: { latitude: 51.45, longitude: -2.59 }, time: '2026-06-21T12:00:00+01:00' } as const;
type Answer = {
  error?: string;
  positions?: {
    name: string;
    lux: { direct: number; bounced: number; total: number };
    cct: number | null;
    duv: number;
    xyz: number[];
  }[];
  points?: { name: string; lux: { direct: number; bounced: number; total: number }; cct: number }[];
};
const light = (request: object): Answer => answer('light', request) as Answer;

describe('light', () => {
  test('at the usual positions of a room: direct and bounced make the total, XYZ has Y = 100', () => {
    const { positions } = light({ room: { windows: [WINDOW], bearingDeg: 180 }, moment: BY_TIME });
    expect(positions!.map((p) => p.name)).toEqual(['wall-0', 'wall-1', 'wall-2', 'wall-3', 'by-window']);
    for (const { lux, xyz, cct } of positions!) {
      expect(lux.direct + lux.bounced).toBeCloseTo(lux.total, 9);
      expect(xyz[1]).toBeCloseTo(100, 9);
      expect(cct).toBeGreaterThan(3500);
    }
  });

  test('at points that are asked for, their directions made unit length', () => {
    const ask = (normal: number[]) =>
      light({ room: { windows: [WINDOW] }, moment: OVERCAST, points: [{ at: [2, 2, 0], normal }] }).points![0]!;
    expect(ask([0, 0, 3]).lux.total).toBeCloseTo(ask([0, 0, 1]).lux.total, 9);
    expect(ask([0, 0, 1]).name).toBe('point-1');
  });

  test('without a window a room is lit by its lamps alone, and dark without', () => {
    const room = { lamps: [{ cctK: 2700, xM: 2, yM: 2 }] };
    const at = (lamps: boolean) => light({ room, moment: { ...BY_TIME, lamps } }).positions!;
    expect(all(at(true), (p) => p.lux.total > 0)).toBe(true);
    expect(at(true).at(-1)!.name).toBe('under-lamp');
    expect(at(false)[0]).toMatchObject({ lux: { total: 0 }, cct: null });
  });

  test('beyond the polar circle in winter there is no light and no error', () => {
    const moment = { place: { latitude: 78, longitude: 15 }, time: '2026-12-21T12:00:00+01:00' };
    expect(light({ room: { windows: [WINDOW] }, moment }).positions![0]!.lux.total).toBeLessThan(0.01);
  });

  test.each([
    [
      { room: { windows: [WINDOW] }, moment: { ...BY_TIME, place: { latitude: 91, longitude: 0 } } },
      'Latitude lies between −90 and 90°',
    ],
    [{ room: { windows: [{ ...WINDOW, leftM: 3 }] }, moment: OVERCAST }, 'Window 1 does not fit its wall, which is 4.00 m long.'],
    [{ room: { windows: [{ ...WINDOW, heightM: 2.4 }] }, moment: OVERCAST }, 'reaches over the ceiling'],
    [{ room: { windows: [WINDOW, { ...WINDOW, leftM: 2 }] }, moment: OVERCAST }, 'Window 2 overlaps window 1.'],
    [{ room: { wallsM: [4, 5, 4.6, 5] }, moment: OVERCAST }, 'The walls do not close'],
    [{ room: { lamps: [{ cctK: 0, xM: 1, yM: 1 }] }, moment: OVERCAST }, 'A lamp’s warmth lies between'],
    [{ room: { lamps: [{ cctK: 3000, xM: 9, yM: 1 }] }, moment: OVERCAST }, 'Lamp 1 lies outside the room.'],
    [{ room: { surfaces: { walls: { reflectance: 1 } } }, moment: OVERCAST }, 'must be less than 1'],
    [{ room: { surfaces: { floor: { lab: [50, 150, 0] } } }, moment: OVERCAST }, 'outside what a surface can be'],
    [{ room: {}, moment: { sky: { type: 16, horizontalLux: 1 } } }, 'sky types 1 to 15'],
    [{ room: {}, moment: { ...BY_TIME, time: 'noon' } }, 'ISO 8601'],
    [{ room: {}, moment: OVERCAST, points: [{ at: [1, 1, 1], normal: [0, 0, 0] }] }, 'not 0, 0, 0'],
    [
      { room: {}, moment: OVERCAST, points: [{ at: [1, 1, 2.6], normal: [0, 0, 1] }] },
      'point 1 (1, 1, 2.6 m) lies outside the room, 4 × 4 × 2.5 m',
    ],
    [{ room: {}, moment: OVERCAST, points: [{ at: [-0.1, 1, 1], normal: [0, 0, 1] }] }, 'lies outside the room'],
    [{ moment: OVERCAST }, 'room'],
  ])('%j is answered in words', (request, words) => {
    expect(light(request).error).toContain(words);
  });
});

describe('appearance', () => {
  const appearance = (request: object) =>
    answer('appearance', request) as { lab: number[]; hex: string; flags: string[]; error?: string };

  test('in a plain light', () => {
    const dim = appearance({ lab: [94, 0.2, 12], light: { cct: 9000, lux: 60 } });
    expect(dim.flags).toEqual(['dingy']);
    expect(dim.hex).toMatch(/^#[0-9a-f]{6}$/);
    expect(dim.lab[0]).toBeLessThan(94);
  });

  test('at a position of a room', () => {
    const asked = { hex: '#d9cfbd', room: { windows: [WINDOW], bearingDeg: 180 }, moment: BY_TIME };
    expect(appearance({ ...asked, position: 'wall-2' }).lab).toHaveLength(3);
    expect(appearance({ ...asked, position: 'slide-4' }).lab).toHaveLength(3);
    expect(appearance({ ...asked, position: 'roof' }).error).toContain('wall-0, wall-1, wall-2, wall-3, by-window');
    expect(
      appearance({ ...asked, moment: { ...BY_TIME, time: '2026-06-21T01:00:00+01:00' }, position: 'wall-2' }).error,
    ).toContain('no light falls');
  });

  test.each([
    [{ lab: [94, 0, 0], light: { cct: 0, lux: 60 } }, '1,000 to 25,000 K'],
    [{ lab: [94, 0, 0], light: { cct: 5000, lux: 0 } }, 'more than 0 lx'],
    [{ light: { cct: 5000, lux: 10 } }, ''],
  ])('%j is answered in words', (request, words) => {
    expect(appearance(request).error).toContain(words);
  });
});

describe('rooms as they are', () => {
  const L = {
    plan: [
      [0, 0],
      [5, 0],
      [5, 5.5],
      [2.6, 5.5],
      [2.6, 3],
      [0, 3],
    ],
    heightM: 2.7,
    windows: [{ wall: 0, leftM: 0.4, sillM: 0.8, widthM: 1.8, heightM: 1.3 }],
  };

  test('a room by its plan has a position on every wall; the arm has less than what lies before the window', () => {
    const { positions } = light({ room: L, moment: OVERCAST });
    expect(positions!.map((p) => p.name)).toEqual([0, 1, 2, 3, 4, 5].map((k) => `wall-${k}`));
    const at = (x: number, y: number) => ({ at: [x, y, 0], normal: [0, 0, 1] });
    const { points } = light({ room: L, moment: OVERCAST, points: [at(1.3, 1.5), at(3.9, 4.4)] });
    expect(points![0]!.lux.total).toBeGreaterThan(5 * points![1]!.lux.total);
    expect(points![1]!.lux.total).toBeGreaterThan(0);
  });

  test('rooms joined by a door: points name their room, a hall without windows has what it borrows', () => {
    const rooms = {
      kitchen: { ...L, windows: L.windows },
      hall: {
        plan: [
          [0, 0],
          [1.8, 0],
          [1.8, 4],
          [0, 4],
        ],
      },
    };
    const doors = [{ rooms: ['kitchen', 'hall'], walls: [1, 3], leftM: [1, 2], widthM: 0.9, heightM: 2 }];
    const point = { room: 'hall', at: [0.9, 1.6, 0], normal: [0, 0, 1] };
    const { points } = light({ rooms, doors, moment: OVERCAST, points: [point] });
    expect(points![0]).toMatchObject({ room: 'hall' });
    expect(points![0]!.lux.total).toBeGreaterThan(1);
    const shut = light({ rooms, doors: [], moment: OVERCAST, points: [point] });
    expect(shut.points![0]!.lux.total).toBe(0);
  });

  test.each([
    ['a point outside', { room: L, moment: OVERCAST, points: [{ at: [1, 4.5, 0], normal: [0, 0, 1] }] }, 'outside the room'],
    [
      'a door to nowhere',
      { rooms: { a: L }, doors: [{ rooms: ['a', 'b'], walls: [0, 0], leftM: [0, 0], widthM: 1, heightM: 2 }], moment: OVERCAST },
      'no such room',
    ],
    [
      'a point of no room',
      { rooms: { a: L, b: L }, moment: OVERCAST, points: [{ at: [1, 1, 0], normal: [0, 0, 1] }] },
      'names no room',
    ],
  ])('%s is told', (_, request, words) => {
    expect(light(request).error).toContain(words);
  });
});
