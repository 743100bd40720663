import { sayLightRatio } from './light-ratio';

test('a white of LRV 86 gives back about ten times the light of an off-black of LRV 8 (common practice, no source)', () => {
  expect(sayLightRatio(86, 8.6, 'the wall')).toBe('gives back 10 times the light of the wall');
  expect(sayLightRatio(8.6, 86, 'the wall')).toBe('gives back a tenth of the light of the wall');
});

test.each([
  [50, 50, 'gives back about the light of it'],
  [54, 50, 'gives back about the light of it'],
  [60, 50, 'gives back a little more light than it'],
  [42, 50, 'gives back a little less light than it'],
  [75, 50, 'gives back half as much light again as it'],
  [30, 50, 'gives back two thirds of the light of it'],
  [84, 42, 'gives back twice the light of it'],
  [21, 42, 'gives back half the light of it'],
  [90, 30, 'gives back 3 times the light of it'],
  [10, 30, 'gives back a third of the light of it'],
  [2, 92, 'gives back hardly any light beside it'],
])('LRV %s beside %s: %s', (lrv, other, says) => expect(sayLightRatio(lrv, other, 'it')).toBe(says));
