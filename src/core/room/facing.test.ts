import { fromMetres, lengthText, toMetres, typedNumber } from '../units/length';
import { compassPoint, daylightWords, lightsOfRoom, wallBearingDeg } from './facing';

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
  });

  test('lights that can exist in a room', () => {
    expect(lightsOfRoom(0, 0)).toEqual([]);
    expect(lightsOfRoom(1, 0)).toEqual(['window-day', 'overcast']);
    expect(lightsOfRoom(0, 1)).toEqual(['lamps']);
  });
});

describe('lengths', () => {
  test('a foot is 0.3048 m exactly (international yard and pound agreement, 1959)', () => {
    expect(toMetres(1, 'imperial')).toBe(0.3048);
    expect(fromMetres(toMetres(7.25, 'imperial'), 'imperial')).toBeCloseTo(7.25, 12);
    expect(lengthText(1.2, 'imperial')).toBe('3.94');
  });

  test.each([
    ['1,5', 1.5],
    [' −2.25 ', -2.25],
    ['1e3', NaN],
    ['', NaN],
    ['12 m', NaN],
  ])('%j is typed as %d', (text, number) => expect(typedNumber(text)).toBe(number));
});
