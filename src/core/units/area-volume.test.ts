import { areaOf, areaText, M2_PER_SQ_FT, sayArea } from './area';
import { LITRES_PER_GALLON, sayNeed, spreadingOf, spreadingText } from './volume';

test('a square foot is 0.09290304 m² and a US gallon 3.785411784 l (NIST Handbook 44, appendix C)', () => {
  expect(M2_PER_SQ_FT).toBeCloseTo(0.09290304, 12);
  expect(LITRES_PER_GALLON).toBeCloseTo((231 * 2.54 ** 3) / 1000, 12);
});

test('areas are said in the units of the visit', () => {
  expect(sayArea(31.2, 'metric')).toBe('31 m²');
  expect(sayArea(3.44, 'metric')).toBe('3.4 m²');
  expect(sayArea(9.97, 'metric')).toBe('10 m²');
  expect(sayArea(31, 'imperial')).toBe('334 sq ft');
  expect(areaOf(100, 'imperial')).toBeCloseTo(9.290304, 9);
  expect(areaText(areaOf(38.5, 'imperial'), 'imperial')).toBe('38.5');
});

test('a need is never said as less than it is', () => {
  expect(sayNeed(5.11, 'metric')).toBe('5.2 l');
  expect(sayNeed(5.2, 'metric')).toBe('5.2 l');
  expect(sayNeed(LITRES_PER_GALLON * 1.31, 'imperial')).toBe('1.4 gal');
});

test('400 square feet a gallon are 9.8 m² a litre, there and back', () => {
  expect(spreadingOf(400, 'imperial')).toBeCloseTo(9.817, 3);
  expect(spreadingText(spreadingOf(400, 'imperial'), 'imperial')).toBe('400');
  expect(spreadingText(10, 'metric')).toBe('10');
});
