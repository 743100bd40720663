import { room, verdict } from '../../../tests/made-up-room';
import { seenAndComputed } from './cell';
import { hitRate, wilsonInterval } from './hit-rate';

describe('hit rate', () => {
  const verdicts = [
    verdict({ verdict: 'works', predicted: 'works' }),
    verdict({ stayId: 'trim', verdict: 'no', predicted: 'nearly' }),
    verdict({ candidateId: 'c75', verdict: 'nearly', predicted: 'works' }),
    verdict({ candidateId: 'c75', verdict: 'works', predicted: 'works' }),
    verdict({ person: 'client', verdict: 'no', predicted: 'works' }),
    verdict({ light: 'overcast', verdict: 'no', predicted: 'works', undone: true }),
  ];

  test('counts what stands of the consultant, by what was computed and what was seen', () => {
    const rate = hitRate([room({ verdicts })]);
    expect([rate.seen, rate.agreed]).toEqual([3, 2]);
    expect(rate.counts.works).toEqual({ works: 2, nearly: 0, no: 0 });
    expect(rate.counts.nearly).toEqual({ works: 0, nearly: 0, no: 1 });
    expect(rate.missed.map((v) => v.stayId)).toEqual(['trim']);
  });

  test('only what was computed for the light is a hit of its model; the deck’s, and what nobody predicted, are told apart', () => {
    const elsewhere = [
      verdict({ predicted: 'works', predictedIn: 'deck' }),
      verdict({ stayId: 'trim', verdict: 'no', predicted: 'works', predictedIn: null }),
      verdict({ candidateId: 'c75', predicted: null, predictedIn: null }),
    ];
    const rate = hitRate([room({ verdicts: elsewhere })]);
    expect([rate.seen, rate.agreed, rate.missed]).toEqual([0, 0, []]);
    expect(rate.asInDeck).toEqual({ seen: 2, agreed: 1 });
  });

  test('rooms add up, and a room with nothing said adds nothing', () => {
    const rate = hitRate([room({ verdicts }), room(), room({ verdicts })]);
    expect([rate.seen, rate.agreed, rate.missed.length]).toEqual([6, 4, 2]);
  });

  test.each([
    // Newcombe 1998, "Two-sided confidence intervals for the single proportion", Statist. Med. 17, table I, method 3
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('Wilson’s interval of %d in %d', (agreed, of, low, high) => {
    const found = wilsonInterval(agreed, of);
    expect(found[0]).toBeCloseTo(low, 4);
    expect(found[1]).toBeCloseTo(high, 4);
  });

  test('of nothing nothing is known', () => expect(wilsonInterval(0, 0)).toEqual([0, 1]));
});

describe('a cell of the record', () => {
  const cell = (light: 'window-day' | 'overcast', said: 'works' | 'nearly' | 'no') => ({
    candidateId: 'c100',
    stayId: 'floor',
    light,
    verdict: said,
    reason: null,
  });

  test('not looked at yet, it says the severest that is computed', () => {
    const found = seenAndComputed([], [cell('window-day', 'works'), cell('overcast', 'nearly')]);
    expect(found).toEqual({ seen: undefined, computed: 'nearly', differs: false });
    expect(seenAndComputed([], [])).toEqual({ seen: undefined, computed: undefined, differs: false });
  });

  test('seen, it says what had been computed when it was said; a difference anywhere in it counts', () => {
    const agreed = verdict({ verdict: 'no', predicted: 'no' });
    const missed = verdict({ verdict: 'works', predicted: 'nearly', light: 'overcast' });
    expect(seenAndComputed([agreed], [cell('window-day', 'works')])).toEqual({ seen: agreed, computed: 'no', differs: false });
    expect(seenAndComputed([agreed, missed], [])).toEqual({ seen: agreed, computed: 'nearly', differs: true });
  });

  test('where nothing had been predicted nothing is computed, and nothing differs', () => {
    const seen = verdict({ verdict: 'no', predicted: null, predictedIn: null });
    expect(seenAndComputed([seen], [cell('window-day', 'works')])).toEqual({ seen, computed: undefined, differs: false });
  });

  test('what the client says is shown but is no miss of what was computed', () => {
    const client = verdict({ person: 'client', verdict: 'no', predicted: 'works' });
    expect(seenAndComputed([client], [])).toEqual({ seen: client, computed: 'works', differs: false });
  });
});
