import { findPlaces, timeZoneAt } from './find-places';
import { foldedText } from './folded-text';

// coordinates from general geography, to the degree; zones from the IANA time zone database's zone table
test.each([
  ['Wellington', 'New Zealand', -41, 175, 'Pacific/Auckland'],
  ['cape town', 'South Africa', -34, 18, 'Africa/Johannesburg'],
  ['Bristol', 'United Kingdom', 51, -3, 'Europe/London'],
  ['Zürich', 'Switzerland', 47, 9, 'Europe/Zurich'],
  ['zurich', 'Switzerland', 47, 9, 'Europe/Zurich'],
  ['Wellington, KS', 'KS, United States', 37, -97, 'America/Chicago'],
  ['Reykja', 'Iceland', 64, -22, 'Atlantic/Reykjavik'],
])('%s is found in %s', (...[text, within, latitude, longitude, timeZone]) => {
  const [first] = findPlaces(text);
  expect(first).toMatchObject({ within, timeZone });
  expect(Math.abs(first!.latitude - latitude)).toBeLessThan(1);
  expect(Math.abs(first!.longitude - longitude)).toBeLessThan(1);
});

test('towns of one name are told apart, the largest first; nothing is found for nonsense', () => {
  const all = findPlaces('Wellington', 20).map((p) => p.within);
  expect(all[0]).toBe('New Zealand');
  expect(all).toEqual(expect.arrayContaining(['South Africa', 'United Kingdom', 'CO, United States']));
  for (const text of ['', ' , ', 'Qqqqzz', '%_', "'; select"]) expect(findPlaces(text)).toEqual([]);
});

test('every one of the 135,000 has a zone this computer knows, by a sample', () => {
  const zones = findPlaces('San', 400).map((p) => p.timeZone);
  expect(zones.length).toBe(400);
  for (const zone of zones) expect(() => new Intl.DateTimeFormat('en', { timeZone: zone })).not.toThrow();
  expect(timeZoneAt(-41.29, 174.78)).toBe('Pacific/Auckland');
});

test('text is folded for searching', () => expect(foldedText('  Saint-Étienne ')).toBe('saint etienne'));
