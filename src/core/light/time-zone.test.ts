import fc from 'fast-check';
import { clockText, isTimeZone, wallClock } from './time-zone';

const at = (iso: string) => Date.parse(iso);

describe('wall clocks', () => {
  // offsets and changes of the IANA time zone database
  test.each([
    ['2026-03-29T00:59:59Z', 'Europe/London', '2026-03-29', '01:00'],
    ['2026-03-29T01:00:00Z', 'Europe/London', '2026-03-29', '02:00'],
    ['2026-10-25T00:59:00Z', 'Europe/London', '2026-10-25', '01:59'],
    ['2026-10-25T01:00:00Z', 'Europe/London', '2026-10-25', '01:00'],
    ['2026-11-01T05:59:00Z', 'America/New_York', '2026-11-01', '01:59'],
    ['2026-11-01T06:00:00Z', 'America/New_York', '2026-11-01', '01:00'],
    ['2026-09-23T20:00:00Z', 'Asia/Kathmandu', '2026-09-24', '01:45'],
    ['2026-09-23T01:00:00Z', 'America/St_Johns', '2026-09-22', '22:30'],
    // half an hour of summer time, from 2 o'clock on the first Sunday of October
    ['2026-10-03T15:29:00Z', 'Australia/Lord_Howe', '2026-10-04', '01:59'],
    ['2026-10-03T15:30:00Z', 'Australia/Lord_Howe', '2026-10-04', '02:30'],
    ['2026-12-31T23:30:00Z', 'Pacific/Auckland', '2027-01-01', '12:30'],
    ['2026-06-21T12:00:00Z', 'UTC', '2026-06-21', '12:00'],
  ])('%s in %s', (instant, zone, date, clock) => {
    const found = wallClock(at(instant), zone);
    expect(found.date).toBe(date);
    expect(clockText(found.hours)).toBe(clock);
  });

  test('shows what the runtime shows, at any instant', () => {
    const zones = [
      'Europe/London',
      'America/New_York',
      'Asia/Kathmandu',
      'Australia/Lord_Howe',
      'America/Santiago',
      'Africa/Casablanca',
    ];
    fc.assert(
      fc.property(
        fc.integer({ min: at('1990-01-01T00:00Z'), max: at('2037-01-01T00:00Z') }),
        fc.constantFrom(...zones),
        (instant, zone) => {
          const { date, hours } = wallClock(instant, zone);
          const minutes = Math.floor(hours * 60 + 1e-9);
          const shown = `${date} ${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
          const clock = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'short' });
          expect(shown).toBe(clock.format(new Date(instant)));
        },
      ),
      { seed: 31, numRuns: 500 },
    );
  });

  test('knows zones from what is none', () => {
    expect(['Europe/London', 'UTC'].map(isTimeZone)).toEqual([true, true]);
    expect(['', 'Europe/Nowhere', '../etc'].map(isTimeZone)).toEqual([false, false, false]);
  });
});
