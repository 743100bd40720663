import { typedBearing } from './bearing';

test.each([
  ['285', 285],
  ['22,5°', 22.5],
  ['360', 360],
  ['NNE', 22.5],
  ['nw', 315],
  ['N.W.', 315],
  ['south-west', 225],
  ['North North East', 22.5],
  ['west', 270],
  [' s ', 180],
])('%s faces %d°', (text, degrees) => expect(typedBearing(text)).toBe(degrees));

test.each(['', '-5', 'nns', 'up', '12 34', 'ns'])('“%s” is no bearing', (text) => expect(typedBearing(text)).toBeNaN());
