import { hoursIssue } from '@/core/record/look';
import { fitsLook } from './look-fits';

const ZONE = 'Europe/London';
const morning = { light: 'clear', fromHour: 9, toHour: 11 } as const;
const at = (time: string, more: Partial<{ sky: 'clear' | 'broken' | 'overcast'; lampsOn: boolean }> = {}) => ({
  at: `2026-09-23T${time}:00Z`,
  sky: 'clear' as const,
  lampsOn: false,
  ...more,
});

describe('whether something was said at a look', () => {
  test.each([
    ['within its hours and under its sky', at('09:00'), true],
    ['half an hour after them', at('10:30'), true],
    ['a minute more after them', at('10:31'), false],
    ['half an hour before them', at('07:30'), true],
    ['a minute more before them', at('07:29'), false],
    ['long after them', at('14:00'), false],
    ['under another sky', at('09:00', { sky: 'overcast' }), false],
    ['with the lamps on', at('09:00', { lampsOn: true }), false],
  ])('%s', (_, moment, fits) => {
    // British summer time: nine o'clock there is eight in UTC
    expect(fitsLook(morning, moment, ZONE)).toBe(fits);
  });

  test('by the lamps alone no hour is asked for, on a grey afternoon with lamps there is', () => {
    const lamps = { light: 'lamps', fromHour: null, toHour: null } as const;
    expect(fitsLook(lamps, at('20:00', { sky: 'overcast', lampsOn: true }), ZONE)).toBe(true);
    expect(fitsLook(lamps, at('20:00'), ZONE)).toBe(false);
    const grey = { light: 'both', fromHour: 16, toHour: 17 } as const;
    expect(fitsLook(grey, at('15:30', { sky: 'overcast', lampsOn: true }), ZONE)).toBe(true);
    expect(fitsLook(grey, at('12:00', { sky: 'overcast', lampsOn: true }), ZONE)).toBe(false);
  });

  test('by day a look has hours, in their order; after dark it has none', () => {
    expect(hoursIssue(morning)).toBeUndefined();
    expect(hoursIssue({ ...morning, toHour: 9 })).toBe('It ends before it begins.');
    expect(hoursIssue({ ...morning, toHour: null })).toBe('By day a look has hours.');
    expect(hoursIssue({ ...morning, light: 'lamps' })).toBe('After dark has no hours.');
    expect(hoursIssue({ light: 'lamps', fromHour: null, toHour: null })).toBeUndefined();
  });
});
