import { candidate, room } from '../../../tests/made-up-room';
import { clientRanking } from './client-ranking';
import type { PairPick } from '@/core/record/pick';

let n = 0;
const pick = (chosenId: string, otherId: string, undone = false): PairPick => ({
  id: `p${++n}`,
  chosenId,
  otherId,
  undone,
  at: '2026-09-23T12:00:00.000Z',
});
const candidates = ['a', 'b', 'c'].map((id) => candidate(id, 100));
const asked = ['a', 'b', 'c'];

describe('the client’s ranking', () => {
  test('nothing picked: a pair to show, nothing settled', () => {
    const found = clientRanking(room({ candidates }), asked);
    expect(found).toMatchObject({ picks: 0, settled: false });
    expect(found.next).toHaveLength(2);
  });

  test('a client who always takes the same one is settled in few taps', () => {
    const picks: PairPick[] = [];
    let found = clientRanking(room({ candidates }), asked);
    while (!found.settled && picks.length < 20) {
      const [p, q] = found.next!.map((c) => c.id) as [string, string];
      const order = ['b', 'a', 'c'];
      picks.push(order.indexOf(p) < order.indexOf(q) ? pick(p, q) : pick(q, p));
      found = clientRanking(room({ candidates, picks }), asked);
    }
    expect(found.ranked[0]!.candidate.id).toBe('b');
    expect(found.ranked[0]!.ahead).toBeGreaterThanOrEqual(0.9);
    expect(picks.length).toBeLessThanOrEqual(10);
  });

  test('picks that were taken back, or of colours not asked about, do not count', () => {
    const picks = [pick('a', 'b'), pick('b', 'a', true), pick('c', 'a')];
    const found = clientRanking(room({ candidates, picks }), ['a', 'b']);
    expect(found.picks).toBe(1);
    expect(found.ranked.map((r) => [r.candidate.id, r.picks])).toEqual([
      ['a', 1],
      ['b', 0],
    ]);
    expect(found.lastPickId).toBe(picks[0]!.id);
  });

  test('one colour, or none, is no ranking', () => {
    expect(clientRanking(room({ candidates }), ['a'])).toMatchObject({ next: undefined, settled: false });
    expect(clientRanking(room({ candidates }), [])).toMatchObject({ ranked: [], next: undefined });
  });
});
