import fc from 'fast-check';
import { shareEqual } from './share-equal';

describe('sharing what is equal', () => {
  test('an equal copy is the old value itself, whatever it is', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const copy = JSON.parse(JSON.stringify(value)) as unknown;
        const old = JSON.parse(JSON.stringify(value)) as unknown;
        expect(shareEqual(old, copy)).toBe(old);
      }),
      { seed: 2 },
    );
  });

  test('the answer always equals the new value', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (before, now) => {
        const plain = JSON.parse(JSON.stringify(now)) as unknown;
        expect(shareEqual(before, plain)).toEqual(plain);
      }),
      { seed: 3 },
    );
  });

  test('only the way down to a change is new', () => {
    const before = {
      rooms: [
        { id: 'a', verdicts: [1, 2] },
        { id: 'b', verdicts: [] as number[] },
      ],
    };
    const now = shareEqual(before, {
      rooms: [
        { id: 'a', verdicts: [1, 2] },
        { id: 'b', verdicts: [3] },
      ],
    });
    expect(now).not.toBe(before);
    expect(now.rooms[0]).toBe(before.rooms[0]);
    expect(now.rooms[1]!.verdicts).toEqual([3]);
    expect(shareEqual(before, { rooms: [before.rooms[0]!] }).rooms).toHaveLength(1);
  });
});
