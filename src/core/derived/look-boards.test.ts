import { look } from '../../../tests/made-up-look';
import { candidate, room } from '../../../tests/made-up-room';
import { isBeforeBoards } from './look-boards';
import type { Sample } from '@/core/record/sample';

const board = (candidateId: string, paintedAt: string | null): Sample => ({
  ...{ id: 's', candidateId, method: 'board', widthM: 0.6, heightM: 0.9, borderM: 0.05, coats: 2 },
  ...{ paintedAt, read: null, reason: '' },
});
const taken = look({ state: 'taken', takenAt: '2026-09-23T10:00:00.000Z', candidateIds: ['c100'] });
const of = (...samples: Sample[]) => room({ candidates: [candidate('c100', 100), candidate('c75', 75)], samples });

describe('a painted board is a new thing', () => {
  test.each([
    ['no board', [], false],
    ['ordered, not painted yet', [board('c100', null)], true],
    ['painted after the look', [board('c100', '2026-09-23T12:00:00.000Z')], true],
    // two coats of four hours: dry at eleven
    ['painted before, and still wet at it', [board('c100', '2026-09-23T03:00:00.000Z')], true],
    ['dry when it was looked at', [board('c100', '2026-09-22T12:00:00.000Z')], false],
    ['of another colour', [board('c75', null)], false],
  ])('%s: the look stands for nothing: %s', (_, samples, before) => {
    expect(isBeforeBoards(taken, of(...samples))).toBe(before);
  });
  test('a look that names no colour is at all of the room; one that is still to come is before nothing', () => {
    expect(isBeforeBoards({ ...taken, candidateIds: [] }, of(board('c75', null)))).toBe(true);
    expect(isBeforeBoards(look({ candidateIds: ['c100'] }), of(board('c100', null)))).toBe(false);
  });
});
