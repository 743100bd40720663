import { potsKnown } from './paint-facts';

const pots = (assumed: boolean, pours: number, testPot?: object) =>
  potsKnown({
    base: { assumed },
    pours: Array.from({ length: pours }, () => ({})),
    products: testPot ? { testPot } : {},
  } as never);

test('pots are as such makers sell them, unless nothing is known of the maker; what somebody said outranks both', () => {
  expect([pots(false, 0), pots(true, 1), pots(false, 2)]).toEqual(['usual', 'usual', 'usual']);
  expect(pots(true, 0)).toBe('unknown');
  const told = { litres: 0.1 };
  expect([pots(true, 0, told), pots(false, 3, told)]).toEqual([told, told]);
});
