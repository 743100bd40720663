import { angleText, typedAngle, typedPosition } from './angle';

test.each([
  ['-41.29', -41.29],
  ['−41,29', -41.29],
  ['41.29', 41.29],
  ['41,29 S', -41.29],
  ['41.29S', -41.29],
  ['S41.29', -41.29],
  ['S 41 17 20', -(41 + 17 / 60 + 20 / 3600)],
  ['41°17′ S', -(41 + 17 / 60)],
  ['41° 17\' 20" south', -(41 + 17 / 60 + 20 / 3600)],
  ['41°17.5′ N', 41 + 17.5 / 60],
  ['41d17m20sN', 41 + 17 / 60 + 20 / 3600],
  ['41 17 N', 41 + 17 / 60],
  ['90 N', 90],
  ['0', 0],
])('latitude %s is %d°', (text, degrees) => expect(typedAngle(text, 'latitude')).toBeCloseTo(degrees, 9));

test.each([
  ['174°46′ E', 174 + 46 / 60],
  ['2,59 W', -2.59],
  ['-2.59', -2.59],
  ['w 2.59', -2.59],
])('longitude %s is %d°', (text, degrees) => expect(typedAngle(text, 'longitude')).toBeCloseTo(degrees, 9));

test.each(['', 'north', '91', '41.29 E', '-41 S', '41°61′', "41.5° 17'", 'Wellington', '41..2', '1 2 3 4', '12:30'])(
  'latitude “%s” is none',
  (text) => expect(typedAngle(text, 'latitude')).toBeNaN(),
);

test.each([
  ['41°17′ S, 174°46′ E', -(41 + 17 / 60), 174 + 46 / 60],
  ['-41.29, 174.78', -41.29, 174.78],
  ['-41.29 174.78', -41.29, 174.78],
  ['41.29 S 174.78 E', -41.29, 174.78],
  ['41,29 S; 174,78 E', -41.29, 174.78],
])('%s are two', (text, latitude, longitude) => {
  const read = typedPosition(text)!;
  expect(read.latitude).toBeCloseTo(latitude, 9);
  expect(read.longitude).toBeCloseTo(longitude, 9);
});

test.each(['41 17', '41,29', '41°17′ S', '174 E, 41 S', '-41.29', 'here, there'])('%s are not two', (text) =>
  expect(typedPosition(text)).toBeUndefined(),
);

test('is told with its side', () => {
  expect([angleText(-41.2866, 'latitude'), angleText(174.7756, 'longitude'), angleText(-2.5967, 'longitude')]).toEqual([
    '41.29° S',
    '174.78° E',
    '2.60° W',
  ]);
});
