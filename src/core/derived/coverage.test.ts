import { look as madeUpLook } from '../../../tests/made-up-look';
import { candidate, room, roomLamp, verdict } from '../../../tests/made-up-room';
import type { Look } from '@/core/record/look';
import type { LookAnswer } from '@/core/record/look-answer';
import { sayLooked } from './coverage';
import { roomRecord } from './room-record';
import { sayRuling, sayWhy } from './say-ruling';

const look = (number: number, more: Partial<Look> = {}): Look =>
  madeUpLook({ id: `look${number}`, number, who: 'consultant', ...more });
const answer = (more: Partial<LookAnswer> = {}): LookAnswer => ({
  id: 'a1',
  lookId: 'look6',
  candidateId: 'c100',
  verdict: 'works',
  words: '',
  lookedAt: '2026-09-24T18:00:00.000Z',
  handId: 'h1',
  at: '2026-09-25T08:00:00.000Z',
  undone: false,
  ...more,
});
const lamps = look(6, { light: 'lamps', fromHour: null, toHour: null, who: 'client' });
const RULED = { id: 'r1', candidateId: 'c100', ruling: 'works' as const, note: '', at: '2026-09-23T12:00:00.000Z' };
const rowOf = (more: Parameters<typeof room>[0]) =>
  roomRecord(room({ candidates: [candidate('c100', 100)], lamps: [roomLamp()], ...more })).rows[0]!;
const stays = room().stays;

describe('what a ruling rests on', () => {
  test('the looks at which something was said, and those to come', () => {
    const row = rowOf({
      looks: [look(1), look(3), lamps],
      verdicts: [verdict({ lookId: 'look1' }), verdict({ lookId: 'look3', stayId: 'trim' })],
    });
    expect(row.coverage).toMatchObject({ looked: [1, 3], toLook: [6], seenIn: ['window-day'] });
    expect(sayLooked(row.coverage)).toBe('rests on looks 1 and 3, look 6 to come');
  });

  test('a look planned for other colours, or dropped, is not to come', () => {
    const row = rowOf({ looks: [look(1, { candidateIds: ['other'] }), look(2, { state: 'dropped' })], verdicts: [verdict()] });
    expect(row.coverage).toMatchObject({ looked: [], toLook: [] });
    expect(sayLooked(row.coverage)).toBe('');
  });

  test('what works by hand in one light only says so, until the others were seen', () => {
    const byHand = rowOf({ verdicts: [verdict()], rulings: [RULED] });
    expect(sayRuling(byHand)).toBe('Works here, seen in window by day only');
    expect(sayRuling(rowOf({ rulings: [RULED] }))).toBe('Works here, not seen in any light of the room');
    const all = (['window-day', 'overcast', 'lamps'] as const).map((light) => verdict({ light }));
    expect(sayRuling(rowOf({ verdicts: all, rulings: [RULED] }))).toBe('Works here');
    expect(sayRuling(rowOf({ verdicts: [verdict({ verdict: 'no' })] }))).toBe('Not here');
  });
});

describe('the client’s answers at looks', () => {
  const byDay = (['window-day', 'overcast'] as const).flatMap((light) => stays.map((s) => verdict({ light, stayId: s.id })));
  test('their light counts as looked at', () => {
    expect(rowOf({ verdicts: byDay }).ruling).toBe('open');
    expect(rowOf({ verdicts: byDay, looks: [lamps], answers: [answer()] }).ruling).toBe('works');
  });
  test('a no rules the colour out, and says who said it in which light', () => {
    const row = rowOf({ verdicts: byDay, looks: [lamps], answers: [answer({ verdict: 'no' })] });
    expect(row.ruling).toBe('not');
    expect(sayWhy(row.derived, [])).toBe('no beside everything, lamps, says the client');
  });
  test('the latest look counts, not the latest file; what was undone does not', () => {
    const first = answer({ id: 'a1', verdict: 'no', lookedAt: '2026-09-24T18:00:00.000Z' });
    const later = answer({ id: 'a2', verdict: 'works', lookedAt: '2026-09-26T18:00:00.000Z' });
    expect(rowOf({ looks: [lamps], answers: [later, first] }).answers).toEqual([later]);
    expect(rowOf({ looks: [lamps], answers: [first, { ...later, undone: true }] }).answers).toEqual([first]);
  });
  test('a colour tried by nobody but the client is tried', () => {
    expect(rowOf({ looks: [lamps], answers: [answer()] }).ruling).toBe('open');
    expect(rowOf({}).ruling).toBe('untried');
  });
});
