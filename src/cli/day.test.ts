import { answer } from './requests';

const WINDOW = { wall: 0, leftM: 1, widthM: 1.6, heightM: 1.3 };
const ASKED = {
  room: { bearingDeg: 180, windows: [WINDOW], lamps: [{ cctK: 2700, xM: 2, yM: 2 }] },
  place: { latitude: 51.45, longitude: -2.59 },
  date: '2026-06-21',
  zone: 'Europe/London',
};
type Figures = { lux: number; cct: number | null };
type Answer = {
  error?: string;
  positions: string[];
  moments: { at: string; sky: string; sun: { altitude: number }; daylight: Figures[]; withLamps: Figures[] }[];
  lamps: Figures[];
  sun: [string, string][][];
  daylightFactor: { computed: number };
};
const day = (more: object = {}) => answer('day', { ...ASKED, ...more }) as Answer;

describe('day', () => {
  const found = day();

  test('every quarter of an hour of the date, at the usual positions', () => {
    expect(found.moments).toHaveLength(96);
    expect(found.moments[0]!.at).toBe('2026-06-20T23:00:00.000Z');
    expect(found.positions).toEqual(['wall-0', 'wall-1', 'wall-2', 'wall-3', 'by-window', 'under-lamp']);
    for (const { daylight } of found.moments) expect(daylight).toHaveLength(found.positions.length);
  });

  test('dark at midnight but for the lamps, light at noon, and the sun comes through a southern window about noon', () => {
    const [midnight, noon] = [found.moments[0]!, found.moments[50]!];
    expect(midnight.daylight[2]!.lux).toBeLessThan(0.01);
    expect(midnight.withLamps[2]!.lux).toBeCloseTo(found.lamps[2]!.lux, 1);
    expect(noon.daylight[2]!.lux).toBeGreaterThan(100);
    // highest at 90° − latitude + obliquity
    expect(Math.max(...found.moments.map((m) => m.sun.altitude))).toBeCloseTo(90 - 51.45 + 23.44, 1);
    expect(found.sun).toHaveLength(1);
    const [[from, to]] = found.sun[0] as [[string, string]];
    expect(from < '2026-06-21T12:00:00Z' && to > '2026-06-21T12:30:00Z').toBe(true);
  });

  test('the sky hour by hour', () => {
    const skies = Array.from({ length: 24 }, (_, h) => (h < 12 ? 'overcast' : 'clear'));
    const moments = day({ skies }).moments;
    expect([moments[47]!.sky, moments[48]!.sky]).toEqual(['overcast', 'clear']);
  });

  test.each([
    [{ date: 'midsummer' }, 'date'],
    [{ zone: 'Mars/Olympus' }, 'a time zone'],
    [{ skies: ['clear'] }, 'skies'],
    [{ room: { windows: [{ ...WINDOW, leftM: 3 }] } }, 'does not fit its wall'],
  ])('%j is answered in words', (wrong, words) => expect(day(wrong).error).toContain(words));

  test('with the hours of use the lights it is used in, by their shares', () => {
    const { lights } = day({ use: 'evening', climate: { clear: 0, broken: 0, overcast: 1 } }) as Answer & {
      lights: { kind: string; light: string; share: number; at: string | null; lux: number }[];
    };
    expect(lights.reduce((s, l) => s + l.share, 0)).toBeCloseTo(1, 9);
    expect(lights.at(-1)).toMatchObject({ kind: 'lamps', light: 'lamps', share: 0.55, at: null });
    expect(lights.at(-2)).toMatchObject({ kind: 'both', light: 'lamps', share: 0.15 });
    expect(lights.at(-2)!.lux).toBeGreaterThan(lights.at(-1)!.lux);
    expect(lights.filter((l) => l.kind === 'overcast').reduce((s, l) => s + l.share, 0)).toBeCloseTo(0.3, 9);
    expect(found).not.toHaveProperty('lights');
  });
});
