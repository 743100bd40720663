import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { lightRoomOf } from '../light/light-room-of';
import { roomProblems } from '../light/light-room';
import { calibrationOf, lightScale } from './calibration';
import { describeBox } from './describe-room';
import type { LightMeterReading } from '@/core/record/meter-reading';
import type { Room } from '@/core/record/room';

const bare: Partial<Room> = { bearingDeg: null, windows: [], lamps: [], stays: [], oldWall: null };
const lab = (l: number, a = 0, b = 0) => ({ lab: { l, a, b }, source: { kind: 'lab' as const } });

describe('a recorded room as its light sees it', () => {
  test('with nothing recorded it is still a room, and says what was assumed', () => {
    const { description, assumed } = describeBox(room(bare));
    expect(assumed).toEqual(['size', 'walls', 'floor', 'ceiling']);
    expect(roomProblems(lightRoomOf(description))).toEqual([]);
  });

  test('what is measured is not assumed', () => {
    const full = room({
      widthM: 4,
      depthM: 5,
      heightM: 2.6,
      oldWall: lab(90),
      ceiling: lab(95),
      windows: [roomWindow({ sillM: 0.9 })],
    });
    expect(describeBox(full).assumed).toEqual([]);
    expect(describeBox(full).description).toMatchObject({ widthM: 4, depthM: 5, heightM: 2.6, bearingDeg: 285 });
  });

  test('an unmeasured room is large enough for its windows; unplaced windows stand evenly', () => {
    const wide = room({ windows: [roomWindow({ widthM: 3 }), roomWindow({ id: 'w2', widthM: 3 })] });
    const { description } = describeBox(wide);
    expect(description.widthM).toBe(6);
    expect(roomProblems(lightRoomOf(description))).toEqual([]);
    const two = describeBox(
      room({ widthM: 5, depthM: 4, heightM: 2.5, windows: [roomWindow({ widthM: 1 }), roomWindow({ id: 'w2', widthM: 1 })] }),
    );
    expect(two.description.windows.map((w) => w.leftM)).toEqual([1, 3]);
  });

  test('a tall window of unknown sill stands as low as it must', () => {
    const { description } = describeBox(room({ heightM: 2.4, widthM: 4, depthM: 4, windows: [roomWindow({ heightM: 2.2 })] }));
    expect(description.windows[0]!.sillM).toBeCloseTo(0.2, 9);
  });

  test('what lies on the floor is mixed by what it covers, the rug over the boards', () => {
    const thing = (id: string, l: number, cover: number) => ({
      id,
      name: id,
      thing: null,
      kind: 'fixed' as const,
      school: 'share' as const,
      lies: 'floor' as const,
      cover,
      picture: null,
      revision: 1,
      ordinal: 1,
      components: [{ id, name: 'one', share: 1, colour: lab(l) }],
    });
    const mean = (...stays: Room['stays']) => {
      const { floor } = lightRoomOf(describeBox(room({ stays })).description);
      return floor.reduce((s, r) => s + r, 0) / floor.length;
    };
    const [boards, rug] = [mean(thing('boards', 50, 1)), mean(thing('rug', 80, 1))];
    const both = mean(thing('rug', 80, 0.3), thing('boards', 50, 1));
    expect(both).toBeCloseTo(0.7 * boards + 0.3 * rug, 3);
  });

  test('walls can be painted; lamps without a place hang in the middle, under the ceiling', () => {
    const low = room({ heightM: 2, widthM: 4, depthM: 4, lamps: [roomLamp()], windows: [] });
    const { description, assumed } = describeBox(low, { reflectance: 0.3 });
    expect(description.surfaces.walls).toEqual({ reflectance: 0.3 });
    expect(assumed).not.toContain('walls');
    expect(description.lamps[0]).toMatchObject({ xM: 2, yM: 2, heightM: 1.9 });
  });
});

describe('the light meter’s correction', () => {
  const reading = (lux: number, computedLux: number, more: Partial<LightMeterReading> = {}): LightMeterReading => ({
    id: `${lux}`,
    position: 'wall-2',
    lux,
    cctK: null,
    computedLux,
    sky: 'clear',
    lampsOn: false,
    at: '2026-09-23T12:00:00.000Z',
    undone: false,
    ...more,
  });

  test('is the median of read over computed; what was taken back or has no comparison does not count', () => {
    expect(calibrationOf({ readings: [] })).toBeUndefined();
    expect(calibrationOf({ readings: [reading(80, 100)] })).toEqual({ factor: expect.closeTo(0.8, 9) as number, readings: 1 });
    const three = [reading(80, 100), reading(90, 100), reading(300, 100)];
    expect(calibrationOf({ readings: three })!.factor).toBeCloseTo(0.9, 9);
    expect(calibrationOf({ readings: [...three, reading(1, 100, { undone: true }), reading(5, 0)] })!.readings).toBe(3);
    expect(calibrationOf({ readings: [reading(80, 100), reading(125, 100)] })!.factor).toBeCloseTo(1, 9); // between them, evenly
  });

  test('is in force only when it was switched on', () => {
    const readings = [reading(80, 100)];
    expect(lightScale({ readings, calibrated: false })).toBe(1);
    expect(lightScale({ readings, calibrated: true })).toBeCloseTo(0.8, 9);
    expect(lightScale({ readings: [], calibrated: true })).toBe(1);
  });
});
