import { all } from '../../../tests/all';
import { solarDay } from './day';
import { clockText, isTimeZone, wallClock } from './time-zone';

const MINUTE = 60_000;
const LONDON = { latitude: 51.5, longitude: -0.1278 };

describe('the day at a place', () => {
  test('equinox in London: sunrise and sunset as almanacs give them', () => {
    // published times for London, 20 March 2026, from general almanacs (from memory): 06:03 and 18:13 UTC
    const day = solarDay(Date.UTC(2026, 2, 20, 12), LONDON);
    if (day.kind !== 'rises') throw new Error(day.kind);
    expect(Math.abs(day.sunrise - Date.UTC(2026, 2, 20, 6, 3))).toBeLessThan(3 * MINUTE);
    expect(Math.abs(day.sunset - Date.UTC(2026, 2, 20, 18, 13))).toBeLessThan(3 * MINUTE);
    expect(day.noon).toBeGreaterThan(day.sunrise);
  });

  test('beyond the polar circles no sunrise is a normal answer', () => {
    const tromso = { latitude: 69.65, longitude: 18.96 };
    expect(solarDay(Date.UTC(2026, 5, 21, 12), tromso).kind).toBe('sun-stays-up');
    expect(solarDay(Date.UTC(2026, 11, 21, 12), tromso).kind).toBe('sun-stays-down');
  });

  test('the southern hemisphere has its long day in December', () => {
    const length = (month: number) => {
      const day = solarDay(Date.UTC(2026, month, 21, 3), { latitude: -36.85, longitude: 174.76 });
      return day.kind === 'rises' ? (day.sunset - day.sunrise) / (60 * MINUTE) : NaN;
    };
    expect(length(11)).toBeGreaterThan(14);
    expect(length(5)).toBeLessThan(10);
  });
});

describe('wall clocks', () => {
  test('an instant as a clock in its zone shows it, across daylight saving', () => {
    expect(wallClock(Date.UTC(2026, 2, 29, 0, 30), 'Europe/London')).toEqual({ date: '2026-03-29', hours: 0.5 });
    expect(wallClock(Date.UTC(2026, 2, 29, 1, 30), 'Europe/London')).toEqual({ date: '2026-03-29', hours: 2.5 });
    expect(wallClock(Date.UTC(2026, 0, 1, 23), 'Asia/Tokyo')).toEqual({ date: '2026-01-02', hours: 8 });
  });

  test('hours as text', () => {
    expect([0, 7.5, 15 + 20 / 60, 23.999].map(clockText)).toEqual(['00:00', '07:30', '15:20', '24:00']);
  });

  test('known zones only', () => {
    expect(all(['Europe/London', 'Pacific/Auckland', 'America/Denver'], isTimeZone)).toBe(true);
    expect(['', 'Nowhere/Land', 'Europe/'].some(isTimeZone)).toBe(false);
  });
});
