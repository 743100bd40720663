import { contrastOn, recedes, sayOnWall } from './piece-words';

const piece = [
  { lab: { l: 77, a: 10, b: 20 }, share: 0.5 },
  { lab: { l: 30, a: 0, b: -8 }, share: 0.5 },
];

test('a piece recedes on a wall of its largest colour, and stands out on another', () => {
  expect(recedes(piece, { l: 78, a: 9, b: 19 })).toBe(true);
  expect(recedes(piece, { l: 55, a: -20, b: 2 })).toBe(false);
  expect(contrastOn(piece, { l: 55, a: -20, b: 2 })).toBeGreaterThan(contrastOn(piece, { l: 78, a: 9, b: 19 }));
  expect(sayOnWall(piece, { l: 78, a: 9, b: 19 }, 'the rug')).toMatch(/^the rug recedes \(contrast \d+\)$/);
});
