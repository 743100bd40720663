import { look as madeUpLook } from '../../../tests/made-up-look';
import { room, roomLamp, roomWindow, verdict, visit } from '../../../tests/made-up-room';
import { LIGHT_NAMES } from '../room/facing';
import { asSeen, roomInLight, sunOf, type RoomInLight } from './kinds-of-light';
import { lightConflicts } from './conflicts';
import { roomRecord } from './room-record';
import type { VerdictMoment } from '@/core/record/verdict';

/** Bristol on 23 September 2026: the sun rises at 7, stands in the south at 13:03 and sets at 19:10, summer time. */
const at = (clock: string): string =>
  `2026-09-23T${String(Number(clock.slice(0, 2)) - 1).padStart(2, '0')}${clock.slice(2)}:00.000Z`;
const moment = (clock: string, more: Partial<VerdictMoment> = {}): VerdictMoment => ({
  at: at(clock),
  sky: 'clear',
  lampsOn: false,
  position: 'wall-2',
  lux: 400,
  ...more,
});

const v = visit();
const look = (number: number, more: Parameters<typeof madeUpLook>[0] = {}) =>
  madeUpLook({ id: `look${number}`, number, ...more });
const lit = (more: Parameters<typeof room>[0]): RoomInLight => roomInLight(room(more), sunOf(room(more), v));
const kinds = (more: Parameters<typeof room>[0]) => lit(more).inLight.kinds.map((k) => LIGHT_NAMES[k]);
const lightOf = (of: ReturnType<typeof verdict>, more: Parameters<typeof room>[0] = {}) =>
  lit({ bearingDeg: 270, lamps: [roomLamp()], verdicts: [of], ...more }).verdicts[0]!.light;

describe('kinds of light of a room', () => {
  test('those it has on the day of the visit: morning and late sun are two lights', () => {
    expect(kinds({ bearingDeg: 270, lamps: [roomLamp()] })).toEqual([
      'day without sun',
      'sun from the west',
      'overcast',
      'lamps',
    ]);
    expect(kinds({ bearingDeg: 0 })).toEqual(['day without sun', 'overcast']);
    const both = [roomWindow(), roomWindow({ id: 'w2', wall: 2 })];
    expect(kinds({ bearingDeg: 270, windows: both })).toEqual([
      'day without sun',
      'sun from the east',
      'sun from the west',
      'overcast',
    ]);
  });

  test('a house opposite takes the sun, a drawn curtain too; a sheer one glows', () => {
    expect(kinds({ bearingDeg: 270, windows: [roomWindow({ obstructionDeg: 50 })] })).toEqual(['day without sun', 'overcast']);
    expect(kinds({ bearingDeg: 270, windows: [roomWindow({ curtain: 'drawn' })] })).toEqual(['day without sun', 'overcast']);
    expect(kinds({ bearingDeg: 270, windows: [roomWindow({ curtain: 'sheer' })] })).toContain('sun from the west');
  });

  test('only in its hours of use', () => {
    expect(kinds({ bearingDeg: 270, use: 'morning' })).toEqual(['day without sun', 'overcast']);
    expect(kinds({ bearingDeg: 90, use: 'morning' })).toContain('sun from the east');
  });

  test('without a window lamps alone; nothing is claimed of the sun while it is not known where the room faces', () => {
    expect(kinds({ windows: [], lamps: [roomLamp()] })).toEqual(['lamps']);
    expect(kinds({ bearingDeg: null })).toEqual(['window by day', 'overcast']);
    expect(kinds({ bearingDeg: null, windows: [] })).toEqual(['window by day', 'overcast', 'lamps']);
  });

  test('lamps by day where something was looked at in them, or a look is planned', () => {
    expect(kinds({ bearingDeg: 0, lamps: [roomLamp()] })).not.toContain('lamps by day');
    const grey = moment('16:00', { sky: 'overcast', lampsOn: true });
    const verdicts = [verdict({ light: 'lamps', moment: grey, at: grey.at, seen: 'in-room' })];
    expect(kinds({ bearingDeg: 0, lamps: [roomLamp()], verdicts })).toContain('lamps by day');
    expect(kinds({ bearingDeg: 0, lamps: [roomLamp()], looks: [look(1, { light: 'both' })] })).toContain('lamps by day');
  });

  test('midnight sun and polar night: what there is of a day', () => {
    const north = { ...v, place: { ...v.place, latitude: 69.6, longitude: 18.9, timeZone: 'Europe/Oslo' } };
    const of = (visitedOn: string) =>
      roomInLight(room({ bearingDeg: 0, lamps: [roomLamp()] }), sunOf(room({ bearingDeg: 0 }), { ...north, visitedOn }));
    expect(of('2026-12-21').inLight.kinds).toEqual(['lamps']);
    expect(of('2026-06-21').inLight.kinds).toEqual(['no-sun', 'sun-north', 'overcast', 'lamps']);
  });
});

describe('what was judged is placed', () => {
  test.each([
    ['08:00', {}, 'no-sun'],
    ['17:30', {}, 'sun-west'],
    ['17:30', { sky: 'broken' }, 'sun-west'],
    ['17:30', { sky: 'overcast' }, 'overcast'],
    ['17:30', { sky: 'overcast', lampsOn: true }, 'lamps-by-day'],
    ['10:00', { lampsOn: true }, 'lamps-by-day'],
    ['17:30', { lampsOn: true }, 'sun-west'],
    ['21:00', { lampsOn: true }, 'lamps'],
  ] as const)('at %s, %j: %s', (clock, more, kind) => {
    const light = 'lampsOn' in more ? 'lamps' : 'sky' in more && more.sky === 'overcast' ? 'overcast' : 'window-day';
    expect(lightOf(verdict({ light, moment: moment(clock, more) }))).toBe(kind);
  });

  test('an old verdict without a moment by the hour it was said at; after dark as a day without sun', () => {
    expect(lightOf(verdict({ at: at('17:30') }))).toBe('sun-west');
    expect(lightOf(verdict({ at: at('09:00') }))).toBe('no-sun');
    expect(lightOf(verdict({ at: at('22:00') }))).toBe('no-sun');
    expect(lightOf(verdict({ at: at('22:00'), light: 'lamps' }))).toBe('lamps');
  });

  test('where it is not known where the room faces it stays as it was kept', () => {
    expect(lightOf(verdict({ moment: moment('17:30') }), { bearingDeg: null })).toBe('window-day');
  });

  test('what is seen of a west room in the morning is not seen in late sun: both stand, and a fight of lights is told', () => {
    const morning = verdict({ moment: moment('09:00'), at: at('09:00'), seen: 'in-room' });
    const late = verdict({ moment: moment('17:30'), at: at('17:30'), seen: 'in-room', verdict: 'no', reason: 'too-yellow' });
    const of = (verdicts: (typeof late)[]) => asSeen({ ...v, rooms: [room({ bearingDeg: 270, verdicts })] }).rooms[0]!;
    expect(roomRecord(of([morning])).rows[0]!.coverage).toMatchObject({
      seenIn: ['no-sun'],
      notSeenIn: ['sun-west', 'overcast'],
    });
    expect(lightConflicts(of([morning, late]))).toEqual([
      expect.objectContaining({ worksIn: 'no-sun', failsIn: 'sun-west', reason: 'too-yellow' }),
    ]);
  });

  test('a look is in the light of the middle of its hours', () => {
    const looks = [
      look(1, { fromHour: 16, toHour: 18 }),
      look(2, { fromHour: 8, toHour: 11 }),
      look(3, { light: 'overcast', fromHour: 16, toHour: 18 }),
    ];
    expect([...lit({ bearingDeg: 270, looks }).inLight.ofLook.values()]).toEqual(['sun-west', 'no-sun', 'overcast']);
  });

  test('the same visit is placed once, and a room that was not changed is the same room', () => {
    const visits = { ...v, rooms: [room({ bearingDeg: 270 }), room({ id: 'r2' })] };
    const first = asSeen(visits);
    expect(asSeen(visits)).toBe(first);
    const changed = asSeen({ ...visits, rooms: [visits.rooms[0]!, room({ id: 'r2', wish: 'calmer' })] });
    expect(changed.rooms[0]).toBe(first.rooms[0]);
    expect(asSeen({ ...visits, visitedOn: '2026-12-21' }).rooms[0]).not.toBe(first.rooms[0]);
  });
});
