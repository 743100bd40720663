import { diffuseShare } from '../glass';
import { shapeOfPlanned } from './known-rooms';
import { plannedAverageDaylightFactor, plannedComputedDaylightFactor } from './planned-daylight-factor';
import { plannedRoomOf, plannedRoomSchema } from './planned-description';

const grey = { reflectance: 0.5 };
const roomOf = (more: object) =>
  plannedRoomOf(
    plannedRoomSchema.parse({
      plan: [
        [0, 0],
        [4, 0],
        [4, 5],
        [0, 5],
      ],
      heightM: 2.6,
      surfaces: { walls: grey, floor: { reflectance: 0.2 }, ceiling: { reflectance: 0.8 } },
      ...more,
    }),
  );
const average = (more: object) => plannedAverageDaylightFactor(shapeOfPlanned([roomOf(more)], []).known);
const computed = (more: object) => plannedComputedDaylightFactor([roomOf(more)], []);

const pane = { leftM: 1, sillM: 0.85, widthM: 2, heightM: 1.3, transmittance: 0.7 };
const rooflight = { ceiling: true, atM: [1.5, 2], widthM: 1, depthM: 1, transmittance: 0.7 };

describe('the average daylight factor of a room of any plan (Crisp & Littlefair 1984, BRE)', () => {
  /** For diffuse light, of the glass that is usual. */
  const tau = 0.7 * diffuseShare(roomOf({ windows: [{ wall: 0, ...pane }] }).windows[0]!.panes);
  const faces = 2 * 20 + 18 * 2.6;
  const mean = (wallHole: number, ceilingHole: number) =>
    (20 * 0.2 + (20 - ceilingHole) * 0.8 + (18 * 2.6 - wallHole) * 0.5) / faces;

  test('by hand, a window in a wall: it sees 90° of the sky', () => {
    const m = mean(2.6, 0);
    expect(average({ windows: [{ wall: 0, ...pane }] })).toBeCloseTo((tau * 2.6 * 90) / (faces * (1 - m * m)), 3);
  });

  test('by hand, one in a flat ceiling: it sees 180°', () => {
    const m = mean(0, 1);
    expect(average({ roofWindows: [rooflight] })).toBeCloseTo((tau * 180) / (faces * (1 - m * m)), 3);
  });

  test('one in a slope lies between', () => {
    const slopes = [{ wall: 0, kneeM: 1.2, pitchDeg: 45 }];
    const at = { slope: 0, leftM: 1, upM: 0.3, widthM: 1, heightM: 1, transmittance: 0.7 };
    const [slope, flat] = [average({ slopes, roofWindows: [at] }), average({ slopes, roofWindows: [rooflight] })];
    expect(slope / flat).toBeGreaterThan(0.7);
    expect(slope / flat).toBeLessThan(0.8);
  });
});

describe('the daylight factor computed for a room of any plan', () => {
  test('a rooflight gives the working plane more for its size than a window does', () => {
    const per = (more: object, area: number) => computed(more) / area;
    expect(per({ roofWindows: [rooflight] }, 1)).toBeGreaterThan(1.5 * per({ windows: [{ wall: 0, ...pane }] }, 2.6));
  });

  test('is of the order of the formula, and none without a window', () => {
    const ratio = computed({ windows: [{ wall: 0, ...pane }] }) / average({ windows: [{ wall: 0, ...pane }] });
    expect(ratio).toBeGreaterThan(0.9);
    expect(ratio).toBeLessThan(1.7);
    expect(computed({})).toBe(0);
  });

  test('curtains do not count, what stands in the room does', () => {
    const windows = [{ wall: 0, ...pane }];
    const drawn = computed({ windows: [{ ...windows[0], curtain: 'drawn' }] });
    expect(drawn).toBeCloseTo(computed({ windows }), 9);
    const cupboard = { atM: [1, 1], widthM: 2, depthM: 0.5, heightM: 2.2, surface: { reflectance: 0.3 } };
    expect(computed({ windows, boxes: [cupboard] })).toBeLessThan(0.8 * computed({ windows }));
  });
});
