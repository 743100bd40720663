import { all } from '../../../tests/all';
import { greyRoom, openWindow, plainLamp } from '../../../tests/light-room';
import { dayMoments, instantOf } from './day-moments';
import { dayLight, dayLightSteps, sunHours } from './day-light';
import { prepareRoom } from './prepare-room';
import { shapeOf } from './room-shape';
import { heldPositions, slidePositions, SLIDE_STEPS, usualPositions, wallPositions } from './sample-positions';
import { sunPosition } from './sun';
import { wallClock } from './time-zone';

describe('the moments of a day', () => {
  test('an ordinary day has 96 quarters from local midnight', () => {
    const moments = dayMoments('2026-09-23', 'Europe/London');
    expect(moments).toHaveLength(96);
    expect(new Date(moments[0]!).toISOString()).toBe('2026-09-22T23:00:00.000Z');
  });

  test.each([
    ['2026-03-29', 'Europe/London', 92],
    ['2026-10-25', 'Europe/London', 100],
    ['2026-03-08', 'America/New_York', 92],
    ['2026-10-04', 'Australia/Lord_Howe', 94], // half an hour there
    ['2026-06-21', 'Asia/Kathmandu', 96], // 5:45 from Greenwich
  ])('%s in %s has %d quarters, all of that date', (date, zone, count) => {
    const moments = dayMoments(date, zone);
    expect(moments).toHaveLength(count);
    expect(all(moments, (at) => wallClock(at, zone).date === date)).toBe(true);
  });
});

describe('a day in a room', () => {
  const room = greyRoom({ bearingDeg: 270, lamps: [plainLamp()] });
  const place = { latitude: 51.45, longitude: -2.59 };
  const date = '2026-09-23';
  const moments = dayMoments(date, 'Europe/London').filter((_, k) => k % 4 === 0);
  const prepared = prepareRoom(room, usualPositions(room), shapeOf(room, 80));

  test('is dark at night, light by day, and the lamps stand apart', () => {
    const day = dayLight(prepared, { moments, place, date, skies: moments.map(() => 'clear' as const) });
    expect(all(day.daylight[2]!, (p) => p.lux === 0)).toBe(true);
    expect(all(day.daylight[13]!, (p) => p.lux > 100)).toBe(true);
    expect(all(day.lamps, (p) => p.lux > 1)).toBe(true);
  });

  test('tells its progress and can be left at any step', () => {
    const steps = dayLightSteps(prepared, { moments, place, date, skies: moments.map(() => 'overcast' as const) });
    expect([steps.next().value, steps.next().value]).toEqual([1, 2]);
    const closed = steps.return(undefined as never);
    expect(closed.done).toBe(true);
    expect(steps.next().done).toBe(true);
  });

  test('the west window has sun in the afternoon only, one behind an obstruction never', () => {
    const quarters = dayMoments(date, 'Europe/London');
    const sun = quarters.map((at) => sunPosition(at, place));
    const [stretch, ...more] = sunHours(room, sun)[0]!;
    expect(more).toEqual([]);
    const hours = stretch!.map((k) => wallClock(quarters[k]!, 'Europe/London').hours);
    expect(hours[0]).toBeGreaterThan(13);
    expect(hours[1]).toBeLessThan(19.25);
    expect(sunHours(greyRoom({ bearingDeg: 270, windows: [openWindow({ obstructionDeg: 60 })] }), sun)).toEqual([[]]);
  });
});

describe('where samples are held', () => {
  test('on the middle of each wall, clear of windows', () => {
    const positions = wallPositions(greyRoom({ windows: [openWindow({ leftM: 0.5, widthM: 2 })] }));
    expect(positions.map((p) => p.name)).toEqual(['wall-0', 'wall-1', 'wall-2', 'wall-3']);
    // the free piece of wall 0 is 2.5–4 m from its left end, which lies at x = 0
    expect(positions[0]!.at[0]).toBeCloseTo(3.25, 9);
    expect(positions[2]!.at).toEqual([2, 5, 1.3]);
  });

  test('under the window where a wall is all glass', () => {
    const [first] = wallPositions(greyRoom({ windows: [openWindow({ leftM: 0, widthM: 4, sillM: 0.4, heightM: 2 })] }));
    expect(first!.at[2]).toBeCloseTo(0.2, 9);
  });

  test('by the window and under the lamp, when there are any', () => {
    expect(heldPositions(greyRoom({ windows: [] }))).toEqual([]);
    const [byWindow, underLamp] = heldPositions(greyRoom({ lamps: [plainLamp()] }));
    expect(byWindow).toMatchObject({ name: 'by-window', normal: [-0, -1, 0] });
    expect(byWindow!.at[1]).toBeCloseTo(0.5, 9);
    expect(underLamp).toMatchObject({ name: 'under-lamp', at: [2, 2.5, 1], normal: [0, 0, 1] });
  });

  test('the slide goes from window to lamp at 45°, and does without one of them', () => {
    const slide = slidePositions(greyRoom({ lamps: [plainLamp()] }));
    expect(slide).toHaveLength(SLIDE_STEPS);
    expect(slide[0]!.at[1]).toBeCloseTo(0.5, 9);
    expect(slide.at(-1)!.at).toEqual([2, 2.5, 1]);
    expect(all(slide, (p) => Math.abs(p.normal[2] - Math.SQRT1_2) < 1e-12)).toBe(true);
    expect(slidePositions(greyRoom())).toHaveLength(SLIDE_STEPS);
    expect(slidePositions(greyRoom({ windows: [], lamps: [plainLamp()] }))).toHaveLength(SLIDE_STEPS);
    expect(slidePositions(greyRoom({ windows: [] }))).toEqual([]);
  });
});

describe('the instant of an hour of the clock', () => {
  const LONDON = 'Europe/London';
  const utc = (date: string, hour: number) => new Date(instantOf(date, LONDON, hour)).toISOString().slice(0, 16);
  test.each([
    ['in summer time', '2026-09-23', 9.5, '2026-09-23T08:30'],
    ['to the minute', '2026-12-01', 16 + 7 / 60, '2026-12-01T16:07'],
    // the clocks go back at two in the morning of 25 October 2026, and on at one of 29 March
    ['the morning after the clocks went back', '2026-10-25', 9, '2026-10-25T09:00'],
    ['the evening before', '2026-10-24', 19.75, '2026-10-24T18:45'],
    ['an hour that is there twice: the first', '2026-10-25', 1.5, '2026-10-25T00:30'],
    ['an hour that is leapt over', '2026-03-29', 1.5, '2026-03-29T01:00'],
    ['the end of the day', '2026-10-25', 24, '2026-10-26T00:00'],
  ])('%s', (_, date, hour, instant) => {
    expect(utc(date, hour)).toBe(instant);
  });
});
