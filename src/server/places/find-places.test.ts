import { findPlaces } from './find-places';
import { timeZoneAt } from './time-zone-at';
import { foldedText } from './folded-text';

// coordinates from general geography, to the degree; zones from the IANA time zone database's zone table
test.each([
  ['Wellington', 'New Zealand', -41, 175, 'Pacific/Auckland'],
  ['cape town', 'Western Cape, South Africa', -34, 18, 'Africa/Johannesburg'],
  ['Bristol', 'England, United Kingdom', 51, -3, 'Europe/London'],
  ['Zürich', 'Switzerland', 47, 9, 'Europe/Zurich'],
  ['zurich', 'Switzerland', 47, 9, 'Europe/Zurich'],
  ['Wellington, KS', 'KS, United States', 37, -97, 'America/Chicago'],
  ['Reykja', 'Capital Region, Iceland', 64, -22, 'Atlantic/Reykjavik'],
])('%s is found in %s', (...[text, within, latitude, longitude, timeZone]) => {
  const [first] = findPlaces(text);
  expect(first).toMatchObject({ within, timeZone });
  expect(Math.abs(first!.latitude - latitude)).toBeLessThan(1);
  expect(Math.abs(first!.longitude - longitude)).toBeLessThan(1);
});

// own and English names, and where each lies: general geography
test.each([
  ['Ghent', 'Ghent', 'Gent', 'Belgium', 51, 4],
  ['gent', 'Gent', '', 'Belgium', 51, 4],
  ['Cologne', 'Cologne', 'Köln', 'Germany', 51, 7],
  ['koln', 'Köln', '', 'Germany', 51, 7],
  ['Bruges', 'Bruges', 'Brugge', 'Belgium', 51, 3],
  ['Brugge', 'Brugge', '', 'Belgium', 51, 3],
  ['Wien', 'Wien', 'Vienna', 'Austria', 48, 16],
  ['Vienna', 'Vienna', '', 'Austria', 48, 16],
  ['Newcastle upon Tyne', 'Newcastle upon Tyne', '', 'England, United Kingdom', 55, -2],
  ['newcastle-on-tyne', 'Newcastle-on-Tyne', 'Newcastle upon Tyne', 'England, United Kingdom', 55, -2],
  ['Newcastle, Staffordshire', 'Newcastle under Lyme', '', 'Staffordshire, United Kingdom', 53, -2],
  ['München', 'München', 'Munich', 'Germany', 48, 12],
  ['Munich', 'Munich', '', 'Germany', 48, 12],
])('%s is %s (%s) in %s', (...[text, name, also, country, latitude, longitude]) => {
  const [first] = findPlaces(text);
  expect(first).toMatchObject({ name, also });
  expect(first!.within.endsWith(country)).toBe(true);
  expect([Math.abs(first!.latitude - latitude) < 1, Math.abs(first!.longitude - longitude) < 1]).toEqual([true, true]);
});

test('towns of one name are told apart, the largest first; nothing is found for nonsense', () => {
  const all = findPlaces('Wellington', 20).map((p) => p.within);
  expect(all[0]).toBe('New Zealand');
  expect(all).toEqual(
    expect.arrayContaining(['Western Cape, South Africa', 'Telford and Wrekin, United Kingdom', 'CO, United States']),
  );
  for (const text of ['', ' , ', 'Qqqqzz', '%_', "'; select"]) expect(findPlaces(text)).toEqual([]);
});

test('every one of the 135,000 has a zone this computer knows, by a sample', () => {
  const zones = findPlaces('San', 400).map((p) => p.timeZone);
  expect(zones.length).toBe(400);
  for (const zone of zones) expect(() => new Intl.DateTimeFormat('en', { timeZone: zone })).not.toThrow();
  expect(timeZoneAt(-41.29, 174.78)).toBe('Pacific/Auckland');
});

test('text is folded for searching', () => expect(foldedText('  Saint-Étienne ')).toBe('saint etienne'));
