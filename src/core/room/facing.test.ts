import { compassPoint, daylightWords, LIGHT_NAMES, sunFrom, wallBearingDeg } from './facing';

describe('facing', () => {
  test('walls go clockwise from the one whose bearing was read', () => {
    expect([0, 1, 2, 3].map((w) => wallBearingDeg(285, w as 0))).toEqual([285, 15, 105, 195]);
  });

  test.each([
    [0, 'north'],
    [22, 'north'],
    [23, 'north-east'],
    [285, 'west'],
    [360, 'north'],
  ])('%d° is %s', (bearing, point) => expect(compassPoint(bearing)).toBe(point));

  test('light in the trade’s words, mirrored in the southern hemisphere (common practice, no source)', () => {
    expect(daylightWords([0], 51)).toBe('cool and even');
    expect(daylightWords([180], 51)).toBe('warm');
    expect(daylightWords([180], -37)).toBe('cool and even');
    expect(daylightWords([90], 51)).toBe(daylightWords([90], -37));
    expect(daylightWords([90, 270], 51)).toBe('balanced: light from more than one side');
    expect(daylightWords([], 51)).toBe('no window: lamps only');
    // behind a tall house, or in winter
    expect(daylightWords([90], 51, false)).toBe('sky light alone: no sun comes in on this day');
    expect(daylightWords([0], 51, false)).toBe('cool and even');
  });

  test('the sun that comes in is called by where its wall faces', () => {
    expect([0, 1, 2, 3].map((w) => LIGHT_NAMES[sunFrom(wallBearingDeg(285, w as 0))])).toEqual([
      'sun from the west',
      'sun from the north',
      'sun from the east',
      'sun from the south',
    ]);
  });
});
