import { sunToday } from './noon-sun';

const at = (date: string) => Date.parse(`${date}T12:00Z`);

// solar declination ±23.44° at the solstices: north of the tropics the sun culminates in the south, south of them in the north
test.each([
  ['Wellington in summer', '2026-12-21', -41.29, 174.78, 'north', true],
  ['Wellington in winter', '2026-06-21', -41.29, 174.78, 'north', true],
  ['Cape Town', '2026-12-21', -33.93, 18.42, 'north', true],
  ['Bristol', '2026-06-21', 51.45, -2.6, 'south', true],
  ['Singapore in June', '2026-06-21', 1.35, 103.82, 'north', false],
  ['Singapore in December', '2026-12-21', 1.35, 103.82, 'south', false],
  ['Honolulu in late May, when the sun passes overhead', '2026-05-26', 21.31, -157.86, 'overhead', false],
] as const)('%s', (...[, date, latitude, longitude, noon, always]) =>
  expect(sunToday(at(date), { latitude, longitude })).toMatchObject({ noon, always }),
);

test('beyond the polar circle there is a day without a sunrise', () => {
  expect(sunToday(at('2026-12-21'), { latitude: 69.65, longitude: 18.96 }).day.kind).toBe('sun-stays-down');
});
