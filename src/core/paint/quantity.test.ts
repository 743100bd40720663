import { litresFor } from './quantity';

const wall = { areaM2: 31, coats: 2, spreadingM2PerL: 10, waste: 0 };

test('31 m² in two coats at 10 m² a litre take 6.2 litres, and a tenth more with the waste', () => {
  expect(litresFor(wall)).toBeCloseTo(6.2, 12);
  expect(litresFor({ ...wall, waste: 0.1 })).toBeCloseTo(6.82, 12);
});

test('a US gallon at 400 square feet covers what trade guides say: 800 sq ft in two coats take four gallons', () => {
  const sqFt = 0.3048 ** 2;
  const gallon = 3.785411784;
  const litres = litresFor({ areaM2: 800 * sqFt, coats: 2, spreadingM2PerL: (400 * sqFt) / gallon, waste: 0 });
  expect(litres / gallon).toBeCloseTo(4, 10);
});

test.each([
  { ...wall, spreadingM2PerL: 0 },
  { ...wall, spreadingM2PerL: NaN },
  { ...wall, areaM2: -1 },
  { ...wall, coats: -2 },
  { ...wall, waste: NaN },
])('what no paint does is refused (%#)', (quantity) => expect(() => litresFor(quantity)).toThrow(RangeError));
