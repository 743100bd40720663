import { LOOK_LIGHTS, byDaylight, judgingLightOfLook } from './look-light';
import { sayMissed } from './say-look';

const change = { lightDark: 0, pinkGreen: -4, yellowBlue: 0, strongWeak: 0, deltaE00: 4 } as never;

test('a look by daylight names its hour, one after dark or by grey day and lamps does not', () => {
  const says = (light: 'clear' | 'lamps' | 'both') => sayMissed('Pale Ash', change, { light, clock: '16:30' });
  expect(says('clear')).toContain(' at 16:30 ');
  expect([says('lamps').includes('16:30'), says('both').includes('16:30')]).toEqual([false, false]);
});

test('each light of a look is of one kind of the record, and by daylight or not', () => {
  expect(Object.fromEntries(LOOK_LIGHTS.map((light) => [light, [judgingLightOfLook(light), byDaylight(light)]]))).toEqual({
    clear: ['window-day', true],
    broken: ['window-day', true],
    overcast: ['overcast', true],
    lamps: ['lamps', false],
    both: ['lamps-by-day', false],
  });
});
