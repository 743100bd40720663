import { inUnits, lengthText, sayLength, typedLength, typedNumber } from './length';

// 1 ft = 0.3048 m and 1 in = 0.0254 m, exactly (international yard and pound agreement of 1959)
const FT = 0.3048;
const IN = 0.0254;

test.each([
  [`16'6"`, 16.5 * FT],
  [`16′ 6″`, 16.5 * FT],
  ['16 ft 6 in', 16.5 * FT],
  ['16 feet 6 inches', 16.5 * FT],
  [`16' 6`, 16.5 * FT],
  [`16' 6½"`, 16 * FT + 6.5 * IN],
  [`16' 6 1/2"`, 16 * FT + 6.5 * IN],
  ['16½ ft', 16.5 * FT],
  ['16 1/2 ft', 16.5 * FT],
  [`78"`, 78 * IN],
  ['78 in', 78 * IN],
  ['½ in', 0.5 * IN],
  ['5.03 m', 5.03],
  ['5,03 m', 5.03],
  ['520 cm', 5.2],
  ['5200mm', 5.2],
  ['5 m 20', 5.2],
  ['5 metres 20 cm', 5.2],
])('%s is understood in either system', (text, metres) => {
  expect(typedLength(text, 'metric')).toBeCloseTo(metres, 9);
  expect(typedLength(text, 'imperial')).toBeCloseTo(metres, 9);
  expect(typedLength(text, 'imperial', 'window')).toBeCloseTo(metres, 9);
});

test.each([
  ['16-6', 16.5 * FT],
  ['16 – 6½', 16 * FT + 6.5 * IN],
  ['8-0', 8 * FT],
])('%s is feet and inches as they are jotted down, in a visit in feet', (text, metres) => {
  expect(typedLength(text, 'imperial')).toBeCloseTo(metres, 9);
  expect(typedLength(text, 'metric')).toBeNaN();
});

test('a number without a unit is in that of the visit; of a window, inches', () => {
  expect(typedLength('16½', 'imperial')).toBeCloseTo(16.5 * FT, 9);
  expect(typedLength('47½', 'imperial', 'window')).toBeCloseTo(47.5 * IN, 9);
  expect([typedLength('5.03', 'metric'), typedLength('1,2', 'metric', 'window')]).toEqual([5.03, 1.2]);
});

test.each(['', 'wide', `16' 14"`, '5 m 3 ft', `6" 16'`, '-3', '3 3 3', '1/0 ft', '5..3', `16''6`, '3 miles'])(
  '“%s” is no length',
  (text) => expect(typedLength(text, 'imperial')).toBeNaN(),
);

test.each([
  [5.03, 'room', `16' 6"`],
  [16 * FT + 6.5 * IN, 'room', `16' 6½"`],
  [3 * FT - 0.001, 'room', `3'`],
  [0.5 * IN, 'room', `0' ½"`],
  [1.2, 'window', `47"`],
  [0.1, 'window', `4"`],
  [0, 'window', `0"`],
] as const)('%d m of a %s is shown as %s', (metres, kind, text) => expect(lengthText(metres, 'imperial', kind)).toBe(text));

test('what is shown is understood again, to the half inch it is shown in', () => {
  for (let mm = 1; mm < 9000; mm += 37)
    for (const kind of ['room', 'window'] as const)
      for (const units of ['metric', 'imperial'] as const) {
        const back = typedLength(lengthText(mm / 1000, units, kind), units, kind);
        expect([mm, kind, units, Number.isFinite(back)]).toEqual([mm, kind, units, true]);
        expect(Math.abs(back - mm / 1000)).toBeLessThan(units === 'metric' ? 0.0051 : 0.00636);
      }
});

test('no metre is left in a visit in feet', () => {
  expect(inUnits('The window is wider than its wall of 3.20 m.', 'imperial')).toBe(
    `The window is wider than its wall of 10' 6".`,
  );
  expect(inUnits('A room’s length is a number of metres.', 'imperial')).toBe(`A room’s length is a length, such as 8' 6".`);
  expect(inUnits('A room’s length is at most 60 m.', 'imperial')).toBe(`A room’s length is at most 196' 10".`);
  expect(inUnits('at 3.20 m', 'metric')).toBe('at 3.20 m');
  expect([sayLength(1.2, 'metric'), sayLength(1.2, 'imperial', 'window')]).toEqual(['1.2 m', `47"`]);
});

test.each([
  ['3.5', 3.5],
  ['3,5', 3.5],
  [' −4 ', -4],
  ['x', NaN],
  ['3 5', NaN],
])('%j is typed as %d', (text, number) => expect(typedNumber(text)).toBe(number));
