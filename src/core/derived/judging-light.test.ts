import { judgingLightOf, keptLightOf } from './judging-light';

describe('the light something is judged in', () => {
  test.each([
    [{ sky: 'clear', lampsOn: false, lux: 400 }, 'window-day'],
    [{ sky: 'broken', lampsOn: false, lux: 400 }, 'window-day'],
    [{ sky: 'overcast', lampsOn: false, lux: 400 }, 'overcast'],
    [{ sky: 'overcast', lampsOn: true, lux: 400 }, 'lamps'],
    [{ sky: 'clear', lampsOn: true, lux: 0 }, 'lamps'],
    [{ sky: 'clear', lampsOn: false, lux: 0 }, undefined],
    [{ sky: 'overcast', lampsOn: false, lux: 0.4 }, undefined],
    [{ sky: 'clear', lampsOn: false, lux: null }, 'window-day'],
    [{ sky: 'clear', lampsOn: false, lux: 2.9 }, undefined],
    [{ sky: 'clear', lampsOn: false, lux: 3 }, 'window-day'],
  ] as const)('%j: %s', (moment, light) => expect(judgingLightOf(moment)).toBe(light));

  test('a verdict that was given in hardly any light keeps the light it was given in; one given in none has none', () => {
    expect(keptLightOf({ sky: 'overcast', lampsOn: false, lux: 1 })).toBe('overcast');
    expect(keptLightOf({ sky: 'overcast', lampsOn: false, lux: 0.1 })).toBeUndefined();
  });
});
