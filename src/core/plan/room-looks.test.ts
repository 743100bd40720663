import { deltaE00 } from '../colour/ciede2000';
import { seededRandom } from '../base/random';
import { roomLooks, type LookMoment } from './room-looks';

const HOUR = 3_600_000;
const random = seededRandom(5);
const NONE = { kept: [], dropped: [] };

/** A day of a colour that drifts, on one wall. */
const drifting = (light: LookMoment['light'], as: readonly number[], from = 8): LookMoment[] =>
  as.map((a, k) => ({ light, at: (from + k) * HOUR, labs: [[{ l: 70, a, b: 8 }]], unsuited: 0 }));

/** The fewest moments that show everything, by trying every choice. */
function fewest(moments: readonly LookMoment[], toleranceE: number): number {
  const elements = moments.flatMap((m) =>
    m.labs.flatMap((colours, wall) =>
      colours!.map((lab, c) => (k: number) => deltaE00(lab, moments[k]!.labs[wall]![c]!) <= toleranceE),
    ),
  );
  let least = Infinity;
  for (let choice = 1; choice < 1 << moments.length; choice++) {
    const chosen = moments.map((_, k) => k).filter((k) => choice & (1 << k));
    if (chosen.length < least && elements.every((seen) => chosen.some(seen))) least = chosen.length;
  }
  return least;
}

describe('the looks of a room', () => {
  test('are as few as trying every choice finds, and show everything, in 40 drawn days', () => {
    for (let n = 0; n < 40; n++) {
      const moments = Array.from({ length: 9 }, (_, k): LookMoment => {
        const lab = () => ({ l: 70 + 4 * random(), a: 6 * random(), b: 8 + 6 * random() });
        return {
          light: k < 5 ? 'clear' : 'overcast',
          at: (8 + (k % 5)) * HOUR,
          labs: [
            [lab(), lab()],
            [lab(), lab()],
          ],
          unsuited: k % 3,
        };
      });
      const { looks, exact } = roomLooks(moments, 3, NONE);
      expect(exact).toBe(true);
      expect(looks).toHaveLength(fewest(moments, 3));
      for (const { labs } of moments)
        labs.forEach((colours, wall) =>
          colours!.forEach((lab, c) => {
            const seen = Math.min(...looks.map((l) => deltaE00(lab, moments[l.moment]!.labs[wall]![c]!)));
            expect(seen).toBeLessThanOrEqual(3);
          }),
        );
    }
  });

  test('a light that does not change asks for one look at any hour, under any sky', () => {
    const { looks } = roomLooks([...drifting('clear', [1, 1, 1, 1]), ...drifting('overcast', [1, 1, 1, 1])], 2, NONE);
    expect(looks).toHaveLength(1);
    expect(looks[0]).toMatchObject({ from: 0, to: 3, lights: ['clear', 'overcast'] });
  });

  test('a turn to green late in the day is a look of its own, and says what would be missed', () => {
    const moments = drifting('clear', [2, 2, 2, 2, -6]);
    const { looks } = roomLooks(moments, 2, NONE);
    expect(looks.map((l) => l.moment)).toEqual([expect.any(Number), 4]);
    expect(looks[1]!.missed).toEqual([expect.objectContaining({ moment: 4, wall: 0, colour: 0, instead: looks[0]!.moment })]);
    expect(looks[1]!.missed[0]!.deltaE).toBeGreaterThan(5);
  });

  test('what suits is taken of what shows as much', () => {
    const moments = drifting('clear', [1, 1, 1]).map((m, k) => ({ ...m, unsuited: k === 2 ? 0 : 8 }));
    expect(roomLooks(moments, 2, NONE).looks.map((l) => l.moment)).toEqual([2]);
  });

  test('a look that is kept stays, and nothing is planned that it shows already', () => {
    const moments = drifting('clear', [2, 2, 2, 2, -6]);
    const { looks } = roomLooks(moments, 2, { kept: [1], dropped: [] });
    expect(looks.map((l) => [l.moment, l.kept])).toEqual([
      [1, true],
      [4, false],
    ]);
  });

  test('what a dropped look would show is given up, the rest is not', () => {
    const moments = drifting('clear', [2, 2, 2, 2, -6]);
    const { looks } = roomLooks(moments, 2, { kept: [], dropped: [4] });
    expect(looks).toHaveLength(1);
    expect(looks[0]!.moment).toBeLessThan(4);
  });

  test('a wall too dark at a moment is not seen there, nor asked for', () => {
    const [first, second] = drifting('clear', [2, 2]);
    const { looks } = roomLooks([{ ...first!, labs: [null] }, second!], 2, NONE);
    expect(looks.map((l) => l.moment)).toEqual([1]);
    expect(roomLooks([], 2, NONE).looks).toEqual([]);
  });

  test('what differs by the tolerance itself is shown; by more it is not', () => {
    const moments = drifting('clear', [1, 3]);
    const apart = deltaE00(moments[0]!.labs[0]![0]!, moments[1]!.labs[0]![0]!);
    expect([apart, apart * 0.999].map((tolerance) => roomLooks(moments, tolerance, NONE).looks.length)).toEqual([1, 2]);
  });

  test('of looks that come as near the first is named; within the hour is an hour', () => {
    const moments = [...drifting('clear', [2, 2, -6]), ...drifting('overcast', [-6], 11)];
    const { looks } = roomLooks(moments, 2, { kept: [0, 1], dropped: [] });
    expect(looks.map((l) => [l.moment, l.missed[0]?.instead])).toEqual([
      [0, undefined],
      [1, undefined],
      [2, 0],
    ]);
    // ten o'clock, and eleven under cloud
    expect(looks[2]!.lights).toEqual(['clear', 'overcast']);
    const later = moments.map((m, k) => (k === 3 ? { ...m, at: m.at + 1 } : m));
    expect(roomLooks(later, 2, { kept: [0, 1], dropped: [] }).looks[2]!.lights).toEqual(['clear']);
  });

  test('given up early, so many are needed at least, and what is kept is among them', () => {
    const moments = Array.from({ length: 12 }, (_, k): LookMoment => {
      const lab = () => ({ l: 70 + 9 * random(), a: 9 * random(), b: 9 * random() });
      return { light: 'clear', at: (8 + k / 4) * HOUR, labs: [[lab(), lab()]], unsuited: k % 4 };
    });
    const whole = roomLooks(moments, 3, NONE);
    const early = roomLooks(moments, 3, { ...NONE, mostChoices: 1 });
    expect([whole.exact, whole.atLeast]).toEqual([true, whole.looks.length]);
    expect(early.exact).toBe(false);
    expect(early.atLeast).toBeGreaterThan(0);
    expect(early.atLeast).toBeLessThanOrEqual(whole.looks.length);
    const kept = roomLooks(moments, 3, { kept: [0, 1], dropped: [], mostChoices: 1 });
    expect(kept.atLeast).toBeGreaterThanOrEqual(2);
  });
});
