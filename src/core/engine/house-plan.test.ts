import { all } from '../../../tests/all';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { darkHours } from '../light/dark-hours';
import { wallClock } from '../light/time-zone';
import { sunPosition } from '../light/sun';
import { describeBox } from '@/core/derived/describe-room';
import type { Room } from '@/core/record/room';
import { housePlan } from './house-plan';
import { lampAdvice, lampOptions } from './lamp-advice';
import type { LitRoom } from './lit-room';
import { servingColours } from './serving-colours';
import type { DecidedLook, HousePlan, NamedSwatch, PlanRequest, RoomToPlan } from './plan-protocol';
import { season } from './season';
import { toTheEnd } from './steps';
import type { JudgedStay } from './judgement-protocol';

const ZONE = 'Europe/London';
const place = { latitude: 51.45, longitude: -2.59 };
const DATE = '2026-09-23';
const at = (clock: string, date = DATE) => Date.parse(`${date}T${clock}:00+01:00`);
const colour = (name: string, l: number, a: number, b: number): NamedSwatch => ({
  id: name,
  name,
  lab: { l, a, b },
  population: 'paint',
});
const COLOURS = [colour('greige', 76, 1.2, 8), colour('green-grey', 70, -3, 4), colour('beige', 80, 4, 13)];
const TRAVERTINE: JudgedStay = {
  id: 'floor',
  name: 'Travertine',
  kind: 'fixed',
  school: 'share',
  components: [
    { id: 'f', name: 'field', share: 0.75, lab: { l: 77, a: 4.5, b: 14 } },
    { id: 'v', name: 'veins', share: 0.25, lab: { l: 68, a: 6, b: 17 } },
  ],
};
const facing = (bearingDeg: number, more: Partial<Room> = {}): Room =>
  room({ bearingDeg, windows: [roomWindow({ widthM: 1.8, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })], ...more });
const lit = (of: Room, date = DATE): LitRoom => ({
  day: { room: describeBox(of).description, place, date, zone: ZONE },
  lookIn: { position: 'wall-2', lampsOn: false, scale: 1 },
  usedFor: { use: of.use, skies: null },
});
const toPlan = (roomId: string, of: Room, more: Partial<RoomToPlan> = {}): RoomToPlan => ({
  roomId,
  lit: lit(of),
  candidates: COLOURS,
  stays: [TRAVERTINE],
  kept: [],
  dropped: [],
  ...more,
});
const plan = (rooms: readonly RoomToPlan[], more: Partial<PlanRequest> = {}): HousePlan =>
  toTheEnd(
    housePlan({
      rooms,
      toleranceE: 3,
      visit: [at('10:00'), at('13:00')],
      skies: ['clear', 'broken', 'overcast'],
      dryAt: null,
      ...more,
    }),
  );
const looksOf = (found: HousePlan, n = 0) => found.rooms[n]!.looks;

describe('the looks of a house', () => {
  test('a north room is looked at at any hour by day, and by its lamps (common practice, no source)', () => {
    const looks = looksOf(plan([toPlan('north', facing(0))]));
    const byDay = looks.filter((l) => l.light !== 'lamps' && l.light !== 'both');
    expect(byDay).toHaveLength(1);
    expect((byDay[0]!.to - byDay[0]!.from) / 3_600_000).toBeGreaterThan(6);
    expect(byDay[0]!.lights).toContain('overcast');
    expect(looks.at(-1)).toMatchObject({ light: 'lamps', inVisit: false });
  });

  test('a west room is looked at before and in its afternoon sun (common practice, no source)', () => {
    const looks = looksOf(plan([toPlan('west', facing(270))], { toleranceE: 2 }));
    const hoursOf = (of: typeof looks) => of.map((l) => wallClock(l.at, ZONE).hours);
    expect(Math.min(...hoursOf(looks.filter((l) => l.light !== 'lamps')))).toBeLessThan(13);
    expect(Math.max(...hoursOf(looks.filter((l) => l.light === 'clear')))).toBeGreaterThan(15);
  });

  test('nothing by daylight is planned in the dark, and lamps are planned in it', () => {
    for (const date of ['2026-12-21', '2026-06-21']) {
      const looks = looksOf(plan([{ ...toPlan('west', facing(270)), lit: lit(facing(270), date) }], { visit: null }));
      const byDay = looks.filter((l) => l.light !== 'lamps');
      expect(all(byDay, (l) => sunPosition(l.at, place).altitudeDeg > 0)).toBe(true);
      const lamps = looks.find((l) => l.light === 'lamps')!;
      expect(sunPosition(lamps.at, place).altitudeDeg).toBeLessThan(-5.5);
    }
  });

  test('where it never gets dark no look after dark is planned; a room without a window has its lamps all the same', () => {
    const june = (of: Room, where: { latitude: number; longitude: number }, zone: string): RoomToPlan => {
      const { day, ...rest } = lit(of);
      return { ...toPlan('one', of), lit: { ...rest, day: { ...day, place: where, zone, date: '2026-06-21' } } };
    };
    const afterDark = (of: RoomToPlan) => looksOf(plan([of], { visit: null })).some((l) => l.light === 'lamps');
    const [tromso, lerwick, bristol] = [
      [{ latitude: 69.65, longitude: 18.96 }, 'Europe/Oslo'],
      [{ latitude: 60.15, longitude: -1.14 }, 'Europe/London'],
      [place, ZONE],
    ] as const;
    expect([tromso, lerwick, bristol].map(([where, zone]) => afterDark(june(facing(0), where, zone)))).toEqual([
      false,
      false,
      true,
    ]);
    expect(afterDark(june(room({ windows: [], lamps: [roomLamp({ lumens: 1500 })] }), ...tromso))).toBe(true);
  });

  test('which fall within the visit hangs on its hours, the skies expected, and dry samples', () => {
    const rooms = [toPlan('north', facing(0))];
    const inVisit = (more: Partial<PlanRequest>) => looksOf(plan(rooms, more)).filter((l) => l.inVisit).length;
    expect(inVisit({})).toBe(1);
    expect(inVisit({ visit: null })).toBe(0);
    expect(inVisit({ skies: [] })).toBe(0);
    expect(inVisit({ dryAt: at('12:58') })).toBe(0);
    expect(inVisit({ dryAt: at('11:00') })).toBe(1);
    expect(inVisit({ visit: [at('20:00'), at('22:00')] })).toBe(1);
  });

  test('each look says what it decides, with two colours, and the larger tolerance asks for no more looks', () => {
    const fine = looksOf(plan([toPlan('west', facing(270))], { toleranceE: 2 }));
    const coarse = looksOf(plan([toPlan('west', facing(270))], { toleranceE: 6 }));
    expect(coarse.length).toBeLessThanOrEqual(fine.length);
    expect(all(fine, (l) => l.decides.says.length > 10 && all(l.decides.hexes, (hex) => /^#[0-9a-f]{6}$/.test(hex)))).toBe(true);
    expect(fine.some((l) => l.missed.length > 0)).toBe(true);
  });

  test('a kept look keeps its place, a dropped one takes with it what it alone would show', () => {
    const kept: DecidedLook = { id: 'k', light: 'overcast', hours: [11, 12], taken: false };
    expect(looksOf(plan([toPlan('west', facing(270), { kept: [kept] })])).some((l) => l.id === 'k')).toBe(true);
    const dropped: DecidedLook = { id: 'd', light: 'lamps', hours: null, taken: false };
    expect(looksOf(plan([toPlan('west', facing(270), { dropped: [dropped] })])).some((l) => l.light === 'lamps')).toBe(false);
  });

  test('on the days the clocks change the hours are those of the clock, and nothing lies outside the day', () => {
    for (const date of ['2026-10-25', '2026-03-29']) {
      const room = facing(270);
      const looks = looksOf(plan([{ ...toPlan('west', room), lit: lit(room, date) }], { visit: null }));
      expect(looks.length).toBeGreaterThan(1);
      for (const look of looks) {
        expect(wallClock(look.at, ZONE).date).toBe(date);
        expect(wallClock(look.from, ZONE).date).toBe(date);
        const { hours } = wallClock(look.at, ZONE);
        if (look.light !== 'lamps') expect(hours % 1).toBeCloseTo(0.5, 6);
      }
    }
  });

  test('rooms without colours, light or sense say so', () => {
    const found = plan([toPlan('empty', facing(0), { candidates: [] }), toPlan('dark', room({ windows: [], lamps: [] }))]);
    expect(found.rooms.map((r) => r.problem)).toEqual([
      'No colour is being tried here yet.',
      'Neither a window nor a lamp is recorded.',
    ]);
  });

  test('the route is in the east room while its morning sun is', () => {
    const rooms = [
      toPlan('empty', facing(0), { candidates: [] }),
      toPlan('north', facing(0)),
      toPlan('east', facing(90, { use: 'morning' })),
    ];
    const found = plan(rooms, { visit: [at('07:15'), at('10:00')] });
    // nobody walks to a room to look at nothing
    expect([...found.route!.stops.map((s) => s.id), ...found.route!.left]).not.toContain('empty');
    const east = found.route!.stops.find((s) => s.id === 'east')!;
    // its sun is there from half past eight to ten; slots are quarters of an hour from 07:15
    const clock = 7.25 + east.from / 4;
    // one stays for half an hour: from a quarter past eight the sun comes while one is there
    expect(clock).toBeGreaterThanOrEqual(8.25);
    expect(clock).toBeLessThan(10);
    expect(east.looks.length).toBeGreaterThan(0);
    expect(found.route!.exact).toBe(true);
  });

  test('one order has one sky: what needs cloud is not mixed with what needs sun, and nothing begins before now', () => {
    const request = { visit: [at('14:00'), at('18:00')] as const, skies: ['clear', 'broken', 'overcast'] as const };
    const rooms = [toPlan('west', facing(270)), toPlan('east', facing(90))];
    const found = plan(rooms, request);
    const { sky, stops } = found.route!;
    const seen = stops.flatMap(({ id, looks }) => {
      const open = found.rooms.find((r) => r.roomId === id)!.looks.filter((l) => l.inVisit);
      return looks.map((k) => open[k]!);
    });
    expect(seen.length).toBeGreaterThan(0);
    for (const { light, lights } of seen)
      expect(sky === null || light === 'lamps' || (light === 'both' ? sky === 'overcast' : lights.includes(sky))).toBe(true);
    // the order is that of the sky that shows most
    const alone = request.skies.map((only) => plan(rooms, { ...request, skies: [only] }).route!);
    expect(found.route!.worth).toBeGreaterThanOrEqual(Math.max(...alone.map((r) => r.worth)) - 1e-9);
    const later = plan(rooms, { ...request, now: at('15:10') }).route!;
    expect(later.from).toBe(at('15:15'));
    expect(plan(rooms, { ...request, now: at('18:30') }).route).toBeNull();
  });

  test('after dark begins when the sun is six degrees down; in the polar day it never does', () => {
    const [from, to] = darkHours({ date: '2026-12-21', zone: ZONE, place });
    expect(sunPosition(from, place).altitudeDeg).toBeLessThan(-6);
    expect(sunPosition(from - 15 * 60_000, place).altitudeDeg).toBeGreaterThan(-6);
    expect(to).toBeGreaterThan(from);
    const [never, end] = darkHours({ date: '2026-06-21', zone: 'Europe/Oslo', place: { latitude: 70, longitude: 25 } });
    expect(never).toBe(end);
  });
});

describe('other lamps', () => {
  const answer = toTheEnd(lampAdvice({ lit: lit(facing(0)), stays: [TRAVERTINE], candidates: COLOURS }));
  const row = (id: string) => (answer.ok ? answer.rows.find((r) => r.option.id === id)! : undefined)!;

  test('cooler ones bring colours nearer to how they look by day, warmer ones farther (common practice, no source)', () => {
    COLOURS.forEach((_, k) => {
      expect(row('cooler').colours[k]!.fromDay!).toBeLessThan(row('now').colours[k]!.fromDay!);
      expect(row('warmer').colours[k]!.fromDay!).toBeGreaterThan(row('now').colours[k]!.fromDay!);
    });
  });
  test('twice the lumens are twice the lux, of the same colour', () => {
    expect(row('brighter').lux / row('now').lux).toBeCloseTo(2, 6);
    expect(row('brighter').cctK).toBeCloseTo(row('now').cctK!, 3);
  });
  test('lamps that render well are not offered to render better', () => {
    expect(lampOptions([{ kind: 'filament', cctK: 2700, ra: null }]).map((o) => o.id)).not.toContain('better');
    expect(lampOptions([{ kind: 'led', cctK: 2700, ra: 80 }]).map((o) => o.id)).toContain('better');
    expect(lampOptions([{ kind: 'led', cctK: 2200, ra: 80 }]).map((o) => o.id)).not.toContain('warmer');
    expect(lampOptions([])).toEqual([]);
  });
  test('a room without lamps says so', () => {
    expect(toTheEnd(lampAdvice({ lit: lit(facing(0, { lamps: [] })), stays: [], candidates: COLOURS }))).toMatchObject({
      ok: false,
    });
  });
});

describe('the year of a room', () => {
  const answer = toTheEnd(season({ lit: lit(facing(180)), stays: [TRAVERTINE], candidates: COLOURS }));
  if (!answer.ok) throw new Error('no year');
  const lux = (month: number, hour: number) => answer.months[month - 1]!.hours.find((h) => h.hour === hour)!.lux;

  test('is dark at six on a December morning and at six in the evening, light at six and at eight in June', () => {
    expect(lux(12, 6)).toBeLessThan(3);
    expect(lux(12, 18)).toBeLessThan(3);
    expect(lux(6, 6)).toBeGreaterThan(3);
    expect(lux(6, 20)).toBeGreaterThan(3);
  });
  test('the low sun of December reaches deeper into a south room than that of June (solar geometry)', () => {
    expect(lux(12, 12)).toBeGreaterThan(lux(6, 12));
  });
  test('colours are judged at both solstices and equinoxes, in every light of the room', () => {
    expect(answer.rulings.map((r) => r.month)).toEqual([3, 6, 9, 12]);
    expect(all(answer.rulings, (r) => r.colours.length === 3 && all(r.colours, (c) => c.lights.length === 3))).toBe(true);
  });
});

test('other colours are judged in every light the room is used in', () => {
  const found = toTheEnd(servingColours({ lit: lit(facing(0)), stays: [TRAVERTINE], swatches: COLOURS }));
  expect(found).toMatchObject({ ok: true });
  if (!found.ok) return;
  const worst = (id: string) => found.others.find((o) => o.id === id)!.lights.map((w) => w.verdict);
  // green-leaning greys fight orange-pink stone (common practice, no source)
  expect(worst('green-grey')).toContain('no');
});
