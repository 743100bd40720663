import { decision, signedBy, WALL_SURFACES } from '../../../tests/made-up-decision';
import { room, verdict } from '../../../tests/made-up-room';
import { decidedRoom } from './decided';
import { isBehindSignature, stillOpen } from './signed';

const walls = decision(WALL_SURFACES);
const trim = decision(['trim'], { sheen: 'satin', finish: 'trim' });

test('what was decided before the last signing is behind it; what was decided since is not', () => {
  const open = room({ decisions: [walls, trim] });
  expect(isBehindSignature(open, walls.id)).toBe(false);
  const signed = signedBy(open);
  expect([walls.id, trim.id].map((id) => isBehindSignature(signed, id))).toEqual([true, true]);
  const later = decision(['wall-1'], { sheen: 'matte' });
  const changed = { ...signed, decisions: [...signed.decisions, later] };
  expect(isBehindSignature(changed, later.id)).toBe(false);
  expect(isBehindSignature(signedBy(changed), later.id)).toBe(true);
  // by arrival: a clock that was set back changes nothing
  expect(
    isBehindSignature({ ...changed, decisions: [...signed.decisions, { ...later, at: '2026-09-01T00:00:00.000Z' }] }, later.id),
  ).toBe(false);
});

test('what is still open of the colours that are signed is told, a line each; of others nothing', () => {
  const nearly = verdict({ candidateId: 'c75', verdict: 'nearly', reason: 'too-green', seen: 'in-room' });
  const made = room({ decisions: [walls], verdicts: [nearly, verdict({ candidateId: 'c100', verdict: 'no' })] });
  const [line, ...others] = stillOpen(made, decidedRoom(made));
  expect(others).toEqual([]);
  expect(line).toMatch(/^Test Shell 75 %: nearly, too green beside .*, window by day, not looked at: /);
  const bare = room({ decisions: [walls] });
  expect(stillOpen(bare, decidedRoom(bare))[0]).toMatch(/^Test Shell 75 %: not tried yet, not looked at: /);
});
