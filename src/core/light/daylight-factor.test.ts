import { greyRoom, openWindow } from '../../../tests/light-room';
import { averageDaylightFactor, computedDaylightFactor } from './daylight-factor';
import { flat } from './light-room';

const ROOMS = [
  { w: 4, d: 5, h: 2.6, ww: 2, wh: 1.3 },
  { w: 3, d: 4, h: 2.4, ww: 1.2, wh: 1.2 },
  { w: 6, d: 4, h: 2.8, ww: 4, wh: 1.5 },
  { w: 3.5, d: 3.5, h: 2.5, ww: 1.5, wh: 1.3 },
  { w: 5, d: 6, h: 2.7, ww: 2.5, wh: 1.6 },
  { w: 4, d: 3, h: 2.5, ww: 1.8, wh: 1.2 },
  { w: 2.5, d: 4, h: 2.4, ww: 1, wh: 1.2 },
  { w: 5, d: 5, h: 3, ww: 3, wh: 1.8 },
  { w: 3, d: 5, h: 2.6, ww: 1.6, wh: 1.4 },
  { w: 7, d: 5, h: 2.8, ww: 5, wh: 1.6 },
] as const;

const roomOf = ({ w, d, h, ww, wh }: (typeof ROOMS)[number], obstructionDeg = 0) =>
  greyRoom({
    box: { widthM: w, depthM: d, heightM: h },
    windows: [openWindow({ leftM: (w - ww) / 2, widthM: ww, heightM: wh, sillM: 0.85, glass: flat(0.7), obstructionDeg })],
  });

describe('the average daylight factor (Crisp & Littlefair 1984, BRE)', () => {
  test('by hand: τ Aw θ / (A (1 − R²))', () => {
    const room = roomOf(ROOMS[0]);
    // 2 × 1.3 m of glass in 86.8 m² of faces: 20 m² at 0.2, 20 at 0.8, 46.8 at 0.5 less the window
    const mean = (20 * 0.2 + 20 * 0.8 + (46.8 - 2.6) * 0.5) / 86.8;
    expect(averageDaylightFactor(room)).toBeCloseTo((0.7 * 2.6 * 90) / (86.8 * (1 - mean * mean)), 4);
    expect(averageDaylightFactor(roomOf(ROOMS[0], 30)) / averageDaylightFactor(room)).toBeCloseTo(60 / 90, 9);
    expect(averageDaylightFactor(greyRoom({ windows: [] }))).toBe(0);
  });

  // Of the same order and no nearer: the formula spreads what comes in over all faces alike, while the working plane of a side-lit room
  // gets the most of it straight from the sky; here the sky through the window alone makes up the difference.
  test.each(ROOMS)('$w × $d × $h m, window $ww × $wh m: computed between 0.9 and 1.7 times it', (room) => {
    const ratio = computedDaylightFactor(roomOf(room)) / averageDaylightFactor(roomOf(room));
    expect(ratio).toBeGreaterThan(0.9);
    expect(ratio).toBeLessThan(1.7);
  });

  test('the ten rooms come in the same order of brightness by both', () => {
    const ranked = (of: (room: (typeof ROOMS)[number]) => number) => ROOMS.map(of);
    const [formula, computed] = [
      ranked((r) => averageDaylightFactor(roomOf(r))),
      ranked((r) => computedDaylightFactor(roomOf(r))),
    ];
    let agree = 0;
    let pairs = 0;
    formula.forEach((p, i) =>
      formula.slice(i + 1).forEach((q, k) => {
        pairs++;
        if (Math.sign(p - q) === Math.sign(computed[i]! - computed[i + 1 + k]!)) agree++;
      }),
    );
    expect(agree / pairs).toBeGreaterThan(0.8);
  });

  test.each([
    [45, 0.85, 1.1],
    [60, 0.65, 0.8],
    [75, 0.6, 0.75],
    [85, 0.5, 0.6],
  ])('before a street of %d° the ten rooms stay between %d and %d times it', (obstructionDeg, least, most) => {
    const ratios = ROOMS.map((r) => roomOf(r, obstructionDeg)).map((r) => computedDaylightFactor(r) / averageDaylightFactor(r));
    expect(Math.min(...ratios)).toBeGreaterThan(least);
    expect(Math.max(...ratios)).toBeLessThan(most);
  });

  test('a closed curtain does not count, an obstruction does', () => {
    const drawn = greyRoom({ windows: [openWindow({ curtain: 'drawn' })] });
    expect(computedDaylightFactor(drawn)).toBeCloseTo(computedDaylightFactor(greyRoom()), 9);
    expect(computedDaylightFactor(roomOf(ROOMS[0], 40))).toBeLessThan(0.7 * computedDaylightFactor(roomOf(ROOMS[0])));
  });
});
