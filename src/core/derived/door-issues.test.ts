import { room } from '../../../tests/made-up-room';
import { doorIssues } from './door-issues';
import { paintworkSchema, roomDoorSchema } from '@/core/record/paintwork';

const id = (n: number) => `0190c5c0-0000-7000-8000-00000000000${n}`;
const door = (n: number, more: object) => roomDoorSchema.parse({ id: id(n), wall: 1, ...more });
const said = (doors: ReturnType<typeof door>[], more: object = {}) =>
  doorIssues({
    ...room({ widthM: 5, depthM: 4, heightM: 2.4, windows: [], ...more }),
    paintwork: paintworkSchema.parse({ doors }),
  }).map((i) => i.says);

test('a door that fits, and one that was not placed, say nothing', () => {
  expect(said([door(1, { leftM: 0.2 }), door(2, { leftM: 2 }), door(3, {})])).toEqual([]);
});

test('a door over a door, wherever it leads, and over a window', () => {
  expect(said([door(1, { leftM: 1, leadsTo: 'the hall' }), door(2, { leftM: 1.5 })])).toEqual([
    'It stands over the door to the hall.',
  ]);
  const [window] = room().windows;
  const inWall = [{ ...window!, wall: 1 as const, leftM: 1, widthM: 1, sillM: 0.5 }];
  expect(said([door(1, { leftM: 1.2 })], { windows: inWall })).toEqual(['It stands over window 1.']);
  expect(said([door(1, { leftM: 2.2 })], { windows: inWall })).toEqual([]);
});

test('a door higher than the room, wider than its wall, beyond it; nothing of a room that was not measured', () => {
  expect(said([door(1, { heightM: 2.6 })])).toEqual(['It is higher than the room of 2.40 m.']);
  expect(said([door(1, { widthM: 4.5 })])).toEqual(['It is wider than its wall of 4.00 m.']);
  expect(said([door(1, { leftM: 3.5 })])).toEqual(['So far from the left it reaches beyond its wall of 4.00 m.']);
  expect(said([door(1, { heightM: 2.6, leftM: 3.5 })], { widthM: null, depthM: null, heightM: null })).toEqual([]);
});
