import { seededRandom } from '@/core/base/random';
import { LOOK_LIGHTS, LOOK_LIGHT_WORDS, byDaylight, cursorOfLook, judgingLightOfLook } from '@/core/plan/look-light';
import { roomLooks, type LookMoment } from '@/core/plan/room-looks';
import { bestRoute, type RouteRoom } from '@/core/plan/route';
import { dryingOf, potsFor } from '@/core/plan/sample-pots';
import { changeFrom, drivenApart, fartherOf, sayCardWhen, sayChange, sayMissed } from '@/core/plan/say-look';
import { smallestCover } from '@/core/plan/cover';
import { expectAsBefore } from './as-before';

const HOUR = 3_600_000;

/** A day of two colours on two walls under three skies, drifting, a wall dark now and then. */
function drawnDay(seed: number): LookMoment[] {
  const random = seededRandom(seed);
  const start = Array.from({ length: 4 }, () => ({ l: 60 + 20 * random(), a: 6 * random(), b: 14 * random() }));
  const lights = ['clear', 'overcast', 'broken'] as const;
  const byDay = lights.flatMap((light, n) =>
    Array.from({ length: 6 }, (_, k): LookMoment => {
      const labs = [0, 1].map((wall) =>
        random() < 0.15
          ? null
          : [0, 1].map((c) => {
              const { l, a, b } = start[2 * wall + c]!;
              return { l: l - n - 0.4 * k * wall, a: a - 0.5 * k - n * random(), b: b + (k - 3) * (1 + c) * random() };
            }),
      );
      return { light, at: (9 + 0.75 * k) * HOUR, labs, unsuited: (k * (n + 1)) % 5 };
    }),
  );
  const lamps = start.map(({ l, a, b }) => ({ l, a: a + 4, b: b + 9 }));
  const dark = { light: 'lamps', at: 21 * HOUR, labs: [lamps.slice(0, 2), lamps.slice(2)], unsuited: 1 } as const;
  return [...byDay, dark];
}

test('the looks of ten drawn rooms, with some kept and some dropped', () => {
  const found = Array.from({ length: 10 }, (_, n) => {
    const moments = drawnDay(n + 1);
    const decided = { kept: n % 3 === 1 ? [3, 12] : [], dropped: n % 4 === 2 ? [5, 9] : [] };
    return [`room ${n + 1}`, roomLooks(moments, 1.5 + 0.5 * (n % 3), decided)];
  });
  const early = [3, 6, 7, 9].map((n) => {
    const decided = { kept: n === 7 ? [2] : [], dropped: [], mostChoices: 4 };
    return [`room ${n}, given up early`, roomLooks(drawnDay(n), 1.2, decided)];
  });
  found.push(...early);
  expectAsBefore('plan-looks', Object.fromEntries(found) as Record<string, unknown>);
});

test('covers, found exactly and given up early', () => {
  const random = seededRandom(77);
  const found = Array.from({ length: 24 }, (_, n) => {
    const options = Array.from({ length: 9 + (n % 5) }, () => ({
      cost: 1000 + Math.floor(16 * random()),
      shows: Array.from({ length: 16 }, (_, e) => e).filter(() => random() < 0.22),
    }));
    return [`cover ${n}`, smallestCover(options, 16, n % 2 === 0 ? undefined : 3 + n)];
  });
  const limits = [4, 9, 21].map((n) => {
    const options = Array.from({ length: 8 + (n % 5) }, () => ({
      cost: 1 + Math.floor(5 * random()),
      shows: Array.from({ length: 12 }, (_, e) => e).filter(() => random() < 0.3),
    }));
    const tried = Array.from({ length: 40 }, (_, most) => smallestCover(options, 12, most));
    return [`limits ${n}`, tried.map(({ cost, exact, atLeast }) => [cost, exact, atLeast])];
  });
  found.push(...(limits as typeof found));
  expectAsBefore('plan-covers', Object.fromEntries(found) as Record<string, unknown>);
});

test('routes of few rooms and of many', () => {
  const random = seededRandom(31);
  const found = Array.from({ length: 16 }, (_, n) => {
    const slots = 6 + (n % 4) * 4;
    const rooms = Array.from({ length: n % 3 === 2 ? 11 : 2 + (n % 5) }, (_, k): RouteRoom => ({
      id: `r${k}`,
      stay: 1 + Math.floor(3 * random()),
      looks: Array.from({ length: Math.floor(4 * random()) }, () => ({
        worth: 1 + Math.floor(3 * random()),
        slots: new Set(Array.from({ length: slots }, (_, s) => s).filter(() => random() < 0.2)),
      })),
    }));
    return [`visit ${n}`, bestRoute(rooms, slots)];
  });
  expectAsBefore('plan-routes', Object.fromEntries(found) as Record<string, unknown>);
});

test('pots for areas, with prices, with one and without', () => {
  const areas = [0, 0.2, 0.74, 0.75, 1, 1.48, 2.2, 2.78, 2.79, 3.5, 5.6, 9];
  const prices = [
    { pint: null, 'sample-jar': null },
    { pint: 6, 'sample-jar': null },
    { pint: 6, 'sample-jar': 5 },
    { pint: 20, 'sample-jar': 5 },
    { pint: 15, 'sample-jar': 5 },
  ];
  const round = { pint: 3, 'sample-jar': 1 };
  const found = areas.map((area) => [
    `${area} m²`,
    prices.flatMap((p) => [1, 2, 3].map((coats) => potsFor(area, coats, round, p))),
  ]);
  expectAsBefore('plan-pots', {
    ...(Object.fromEntries(found) as Record<string, unknown>),
    drying: [1, 2, 3].map((coats) => dryingOf(0, coats)),
  });
});

test('what is said of looks', () => {
  const from = { l: 70, a: 2, b: 8 };
  const shifts = [
    [0, 0, 0],
    [0, 3, 0],
    [0, -3, 0],
    [0, 0, 5],
    [0, 0, -5],
    [4, 0, 0],
    [-4, 0, 0],
    [0, 2, 8],
    [0, -1.6, -6.4],
    [0.4, 0.3, 0.2],
    [0, 0.4, 0],
    [0, 0.9, 0],
  ];
  const changes = shifts.map(([l, a, b]) => changeFrom(from, { l: from.l + l!, a: from.a + a!, b: from.b + b! }));
  const change = changes[2]!;
  expectAsBefore('plan-words', {
    changes: changes.map(sayChange),
    apart: changes.map((c) => drivenApart(c, changes[3]!)),
    farther: changes.map((c) => fartherOf(c, changes[1]!)),
    missed: LOOK_LIGHTS.map((light) => sayMissed('Pale Ash', change, { light, clock: '16:30' })),
    lights: LOOK_LIGHTS.map((light) => [
      LOOK_LIGHT_WORDS[light],
      cursorOfLook(light),
      judgingLightOfLook(light),
      byDaylight(light),
    ]),
    when: [
      [null, null],
      [9, null],
      [null, 10],
      [9.5, 11.25],
    ].map(([fromHour, toHour]) => sayCardWhen({ light: 'clear', fromHour: fromHour!, toHour: toHour! })),
  });
});

test('a change of exactly a visible step is said, one of just less is not; which way from its sign', () => {
  const none = { lightDark: 0, pinkGreen: 0, yellowBlue: 0, strongWeak: 0, deltaE00: 0 };
  expect([1, 0.999, -1, -0.999].map((pinkGreen) => sayChange({ ...none, pinkGreen }))).toEqual([
    'turns pinker',
    'holds',
    'turns greener',
    'holds',
  ]);
});
