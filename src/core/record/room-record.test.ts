import { room, verdict, visit, roomLamp } from '../../../tests/made-up-room';
import type { Operation } from '../formats/operations';
import { severest, inView } from './cell';
import { withOperations } from './optimistic';
import { judgedLights, roomRecord, standingVerdicts } from './room-record';
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

describe('room record', () => {
  test('a room with a window and no lamp is judged by day and overcast, and in any light that was judged', () => {
    expect(judgedLights(room())).toEqual(['window-day', 'overcast']);
    expect(judgedLights(room({ verdicts: [verdict({ light: 'lamps' })] }))).toEqual(['window-day', 'overcast', 'lamps']);
    expect(judgedLights(room({ bearingDeg: null, windows: [] }))).toEqual(['window-day', 'overcast', 'lamps']);
    expect(judgedLights(room({ windows: [], lamps: [roomLamp()] }))).toEqual(['lamps']);
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

  test('agreement counts the consultant’s standing verdicts only', () => {
    const verdicts = [verdict(), verdict({ stayId: 'trim', verdict: 'no' }), verdict({ person: 'client', verdict: 'no' })];
    expect(roomRecord(room({ verdicts })).agreement).toEqual({ verdicts: 2, agreed: 1 });
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

describe('what is shown before it is saved', () => {
  const at = '2026-09-23T12:30:00.000Z';
  const give: Operation = {
    id: 'op1',
    at,
    write: {
      name: 'verdict.give',
      roomId: 'r1',
      candidateId: 'c100',
      stayId: 'trim',
      light: 'overcast',
      person: 'client',
      verdict: 'nearly',
      predicted: null,
      moment: null,
      firstGlanceMs: 900,
    },
  };

  test('a verdict, its reason, its undoing and a ruling change the room at once', () => {
    const shown = withOperations(visit(), [
      give,
      { id: 'op2', at, write: { name: 'verdict.reason', roomId: 'r1', verdictId: 'op1', reason: 'too-dark' } },
    ]);
    expect(shown.rooms[0]!.verdicts).toMatchObject([{ id: 'op1', verdict: 'nearly', reason: 'too-dark', undone: false }]);
    const undone = withOperations(shown, [{ id: 'op3', at, write: { name: 'verdict.undo', roomId: 'r1', verdictId: 'op1' } }]);
    expect(undone.rooms[0]!.verdicts[0]!.undone).toBe(true);
    const ruled = withOperations(shown, [
      { id: 'op4', at, write: { name: 'ruling.set', roomId: 'r1', candidateId: 'c100', ruling: 'not', note: '' } },
    ]);
    expect(ruled.rooms[0]!.rulings).toHaveLength(1);
  });

  test('what the server has stored already is not shown twice', () => {
    const once = withOperations(visit(), [give]);
    expect(withOperations(once, [give])).toEqual(once);
  });

  test('a verdict on something that is gone changes nothing', () => {
    const gone: Operation = { ...give, write: { ...give.write, candidateId: 'gone' } as Operation['write'] };
    expect(withOperations(visit(), [gone])).toEqual(visit());
  });
});
