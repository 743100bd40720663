import { room, roomWindow } from '../../../tests/made-up-room';
import { entryIssues } from './entry-issues';
import type { WriteOf } from './operations';

const light = (more: Partial<WriteOf<'room.light'>>): WriteOf<'room.light'> => ({
  name: 'room.light',
  roomId: 'r1',
  revision: 1,
  bearingDeg: null,
  widthM: null,
  depthM: null,
  heightM: null,
  shape: null,
  borrows: false,
  ground: 'paving',
  obstruction: 'masonry',
  ceiling: null,
  oldWall: null,
  windowless: false,
  lightFrom: '',
  windows: [],
  lamps: [],
  ...more,
});
const said = (write: Parameters<typeof entryIssues>[0], of = room()) =>
  entryIssues(write, of).map((i) => [i.path.join('.'), i.message]);

test('a window of 3.4 m does not stand in a room that is taken as 2.5 m high, until it is measured as higher', () => {
  const windows = [roomWindow({ heightM: 3.4 })];
  expect(said(light({ windows }))).toEqual([
    ['windows.0.heightM', 'The window is higher than the room of 2.50 m, taken as such until it is measured.'],
  ]);
  expect(said(light({ windows, heightM: 3.8 }))).toEqual([]);
  expect(said(light({ windows, heightM: 2.5 }))).toEqual([
    ['windows.0.heightM', 'The window is higher than the room of 2.50 m.'],
  ]);
});

test('a window wider than an unmeasured wall says so; the other wall may be measured', () => {
  expect(said(light({ windows: [roomWindow({ wall: 1, widthM: 4.4 })], widthM: 6 }))).toEqual([
    ['windows.0.widthM', 'The window is wider than its wall of 4.00 m, taken as such until it is measured.'],
  ]);
});

const rug = (more: Partial<WriteOf<'stay.save'>> = {}): WriteOf<'stay.save'> => ({
  name: 'stay.save',
  roomId: 'r1',
  revision: null,
  picture: null,
  stayId: 'rug',
  stay: 'Rug',
  thing: 'rug',
  kind: 'furnishing',
  school: 'share',
  lies: 'floor',
  cover: 0.3,
  components: room().stays[0]!.components,
  ...more,
});

test('a floor is covered once: a rug of 30 % on a floor of 100 % is answered at its field', () => {
  expect(said(rug())).toEqual([
    ['cover', 'With Oak floor (100 %) that makes 130 % of the floor. Say what is seen of each: together 100 % at most.'],
  ]);
  const seventy = room({ stays: room().stays.map((s) => (s.id === 'floor' ? { ...s, cover: 0.7 } : s)) });
  expect(said(rug(), seventy)).toEqual([]);
  expect(said(rug({ stayId: 'floor', cover: 1 }), seventy)).toEqual([]);
  expect(said(rug({ lies: null, cover: 1 }))).toEqual([]);
});
