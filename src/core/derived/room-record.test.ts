import { room, roomLamp, verdict } from '../../../tests/made-up-room';
import { severest, inView } from './cell';
import { roomRecord } from './room-record';
import { standingVerdicts } from './standing';
import { sayRulingWord, sayWhy } from './say-ruling';

describe('standing verdicts', () => {
  test('the latest of a cell stands; an undone one gives way to the one before', () => {
    const [first, second] = [verdict({ verdict: 'works' }), verdict({ verdict: 'no' })];
    expect(standingVerdicts([first, second])).toEqual([second]);
    expect(standingVerdicts([first, { ...second, undone: true }])).toEqual([first]);
  });

  test('persons and lights are cells of their own', () => {
    const events = [verdict(), verdict({ person: 'client' }), verdict({ light: 'lamps' }), verdict({ stayId: 'trim' })];
    expect(standingVerdicts(events)).toHaveLength(4);
  });
});

const kindsOf = (of: ReturnType<typeof room>) => roomRecord(of).lights;

describe('room record', () => {
  test('a room with a window and no lamp is judged by day and overcast, and in any light that was judged', () => {
    expect(kindsOf(room())).toEqual(['window-day', 'overcast']);
    expect(kindsOf(room({ verdicts: [verdict({ light: 'lamps' })] }))).toEqual(['window-day', 'overcast', 'lamps']);
    expect(kindsOf(room({ bearingDeg: null, windows: [] }))).toEqual(['window-day', 'overcast', 'lamps']);
    expect(kindsOf(room({ windows: [], lamps: [roomLamp()] }))).toEqual(['lamps']);
  });

  test('a ruling set by hand stands over the derived one, which is kept; taking it back restores it', () => {
    const verdicts = [verdict({ verdict: 'no', reason: 'too-green' })];
    const byHand = {
      id: 'x',
      candidateId: 'c100',
      ruling: 'works' as const,
      note: 'client loves it',
      at: '2026-09-23T12:10:00.000Z',
    };
    const [row] = roomRecord(room({ verdicts, rulings: [byHand] })).rows;
    expect(row).toMatchObject({ ruling: 'works', derived: { ruling: 'not' }, byHand: { note: 'client loves it' } });
    const [back] = roomRecord(room({ verdicts, rulings: [byHand, { ...byHand, id: 'y', ruling: null }] })).rows;
    expect(back).toMatchObject({ ruling: 'not', byHand: undefined });
  });

  test('says why', () => {
    const { stays } = room();
    const verdicts = [verdict({ verdict: 'no', reason: 'too-green', light: 'overcast' })];
    const rows = roomRecord(room({ verdicts })).rows;
    expect(sayWhy(rows[0]!.derived, stays)).toBe('too green beside Oak floor, overcast');
    expect(sayWhy(rows[1]!.derived, stays)).toBe('2 things, window by day and overcast to go');
    expect(sayRulingWord(rows[1]!.ruling)).toBe('Not tried yet');
    expect(sayWhy({ ruling: 'not', because: verdict({ stayId: 'gone', verdict: 'no', person: 'client' }) }, stays)).toBe(
      'no beside something taken out, window by day, says the client',
    );
    expect(sayWhy({ ruling: 'open', staysToGo: 0, lightsToGo: [] }, [])).toBe('nothing that stays is recorded yet');
  });

  test('a cell shows the severest verdict, of equals the latest', () => {
    const [works, nearly, later] = [verdict(), verdict({ verdict: 'nearly' }), verdict({ verdict: 'nearly', light: 'lamps' })];
    expect(severest([works, nearly, later])).toBe(later);
    expect(severest([])).toBeUndefined();
    expect(inView([works, later], { light: 'lamps' })).toEqual([later]);
    expect(inView([works, later], { person: 'client' })).toEqual([]);
  });
});
