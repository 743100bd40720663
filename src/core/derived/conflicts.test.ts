import { look } from '../../../tests/made-up-look';
import { candidate, room, verdict } from '../../../tests/made-up-room';
import { lightConflicts } from './conflicts';

const one = (more: Parameters<typeof room>[0]) => lightConflicts(room({ candidates: [candidate('c100', 100)], ...more }));

describe('what works in one light and not in another', () => {
  test('is told with both lights and the reason', () => {
    const verdicts = [verdict(), verdict({ light: 'lamps', verdict: 'no', reason: 'too-yellow' })];
    expect(one({ verdicts })).toEqual([
      expect.objectContaining({ stayId: 'floor', worksIn: 'window-day', failsIn: 'lamps', verdict: 'no', reason: 'too-yellow' }),
    ]);
  });
  test('is none where it works everywhere, nowhere, or beside other things', () => {
    expect(one({ verdicts: [verdict(), verdict({ light: 'lamps' })] })).toEqual([]);
    expect(one({ verdicts: [verdict({ verdict: 'no' }), verdict({ light: 'lamps', verdict: 'no' })] })).toEqual([]);
    expect(one({ verdicts: [verdict(), verdict({ light: 'lamps', stayId: 'trim', verdict: 'no' })] })).toEqual([]);
  });
  test('two persons who differ in one light are no conflict of lights', () => {
    expect(one({ verdicts: [verdict(), verdict({ person: 'client', verdict: 'no' })] })).toEqual([]);
  });
  test('the client’s answers count, of the colour as a whole', () => {
    const [day, lamps] = [look({ number: 1 }), look({ number: 2, light: 'lamps', fromHour: null, toHour: null })];
    const said = (lookId: string, is: 'works' | 'nearly') => ({
      id: lookId,
      lookId,
      candidateId: 'c100',
      verdict: is,
      words: '',
      lookedAt: '2026-09-24T18:00:00.000Z',
      handId: 'h',
      at: '2026-09-25T08:00:00.000Z',
      undone: false,
    });
    expect(one({ looks: [day, lamps], answers: [said(day.id, 'works'), said(lamps.id, 'nearly')] })).toEqual([
      expect.objectContaining({ stayId: null, worksIn: 'window-day', failsIn: 'lamps', verdict: 'nearly', person: 'client' }),
    ]);
  });
});
