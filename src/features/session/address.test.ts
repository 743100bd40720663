import { addressOf, readAddress } from './address';

describe('addresses', () => {
  test.each([
    [{ visitId: 'v' }, '/visits/v'],
    [{ visitId: 'v', roomId: 'r' }, '/visits/v/r'],
    [{ visitId: 'v', roomId: 'r', step: 'bench' as const }, '/visits/v/r/bench'],
    [
      { visitId: 'v', roomId: 'r', step: 'bench' as const, at: { colour: 'c', stay: 's & t' } },
      '/visits/v/r/bench?colour=c&stay=s+%26+t',
    ],
  ])('%j is %s', (place, address) => expect(addressOf(place)).toBe(address));

  test('are read back as they were made', () => {
    expect(readAddress(addressOf({ visitId: 'v', roomId: 'r', step: 'record' }))).toEqual({ roomId: 'r', step: 'record' });
    expect(readAddress(addressOf({ visitId: 'v' }))).toEqual({ roomId: undefined, step: undefined });
  });
});
