import { describeBox, plannedDescription } from '../derived/describe-room';
import type { AnyDescription } from '../light/any-room';
import { plainShape } from '../../../tests/made-shapes';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { day as boxDay } from '../../../tests/lit-room';
import { day } from './day';
import { daylightFactorOf } from './daylight-factor-of';
import { toTheEnd } from './steps';
import { engineRoomOf, positionsOf } from './engine-rooms';

const found = (description: AnyDescription) => {
  const answer = toTheEnd(day({ ...boxDay, room: description }));
  if (!answer.ok) throw new Error(JSON.stringify(answer));
  return answer;
};
const factorOf = (description: AnyDescription) => {
  const answer = toTheEnd(daylightFactorOf(description));
  if (!answer.ok) throw new Error(JSON.stringify(answer));
  return answer;
};
const NOON = 48;
const luxOf = (answer: ReturnType<typeof found>, position: string, moment = NOON) =>
  answer.daylight[moment]![answer.positions.indexOf(position)]!.lux;

const box = room({
  bearingDeg: 200,
  widthM: 4,
  depthM: 5,
  heightM: 2.6,
  windows: [roomWindow({ widthM: 1.8, heightM: 1.4, leftM: 1, sillM: 0.9 })],
  lamps: [roomLamp({ lumens: 1500 })],
});

test('a box by its plan has the day of the box: positions, light by day and by lamps, hours of sun', () => {
  const [as, planned] = [found(describeBox(box).description), found(plannedDescription(box))];
  expect(planned.positions).toEqual(as.positions);
  expect(planned.sunHours).toEqual(as.sunHours);
  const [asFactor, plannedFactor] = [factorOf(describeBox(box).description), factorOf(plannedDescription(box))];
  expect(plannedFactor.formula).toBeCloseTo(asFactor.formula, 9);
  expect(Math.abs(plannedFactor.computed / asFactor.computed - 1)).toBeLessThan(0.03);
  for (const position of ['wall-1', 'wall-2', 'wall-3'])
    expect(Math.abs(luxOf(planned, position) / luxOf(as, position) - 1)).toBeLessThan(0.06);
  as.lamps.forEach(({ lux }, p) => expect(Math.abs(planned.lamps[p]!.lux - lux)).toBeLessThan(Math.max(1, 0.02 * lux)));
});

test('in an L the far arm has less light than the part with the window, and there is a place to judge at every wall', () => {
  const l = { ...box, shape: plainShape('L') };
  const answer = found(plannedDescription(l));
  expect(answer.positions.filter((p) => p.startsWith('wall-'))).toHaveLength(6);
  // wall 4 faces the window; wall 1 lies around the corner
  expect(luxOf(answer, 'wall-1')).toBeLessThan(0.6 * luxOf(answer, 'wall-4'));
});

test('a sample under a lamp is held over the island that stands there', () => {
  const shape = {
    ...plainShape('box'),
    boxes: [{ id: 'b', name: 'Island', xM: 1, yM: 1.5, widthM: 2, depthM: 2, heightM: 0.95, colour: null }],
  };
  const low = { ...box, shape, lamps: [roomLamp({ lumens: 1500, heightM: 1.4 })] };
  const { room: made } = engineRoomOf(plannedDescription(low));
  expect(positionsOf(made, 'usual').find((p) => p.name === 'under-lamp')!.at[2]).toBeCloseTo(1.05, 9);
  expect(found(plannedDescription(low)).lamps.at(-1)!.lux).toBeGreaterThan(100);
});

test('a hall without a window has what comes through its open door, tinted by the room it comes from', () => {
  const hall = room({ bearingDeg: 200, widthM: 1.4, depthM: 5, heightM: 2.6, windows: [], lamps: [] });
  const alone = found(plannedDescription(hall));
  expect(luxOf(alone, 'wall-3')).toBe(0);
  const door = {
    rooms: ['hall', 'den'] as [string, string],
    walls: [1, 3] as [number, number],
    leftM: [2, 2] as [number, number],
    widthM: 0.9,
    heightM: 2,
  };
  const joined = (walls: [number, number, number]) =>
    found({ rooms: { hall: plannedDescription(hall), den: plannedDescription(box, { lab: walls }) }, doors: [door] });
  const [grey, orange] = [joined([70, 0, 0]), joined([70, 20, 40])];
  expect(luxOf(grey, 'wall-3')).toBeGreaterThan(5);
  const warmth = (answer: typeof grey) => answer.daylight[NOON]![answer.positions.indexOf('wall-3')]!.cctK!;
  expect(warmth(orange)).toBeLessThan(warmth(grey) - 200);
});

test('what cannot be is said in words', () => {
  const wrong = plannedDescription({
    ...box,
    shape: {
      ...plainShape('L'),
      plan: [
        [0, 0],
        [4, 0],
        [0, 3],
        [4, 3],
      ],
    },
  });
  const answer = toTheEnd(day({ ...boxDay, room: wrong }));
  expect(answer).toMatchObject({ ok: false, reason: 'cannot-be', says: 'Walls 1 and 3 cross each other.' });
});
