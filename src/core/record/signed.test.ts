import { decision, signedBy, WALL_SURFACES } from '../../../tests/made-up-decision';
import { room, verdict } from '../../../tests/made-up-room';
import { decidedRoom } from './decided';
import { reachesSigned, stillOpen } from './signed';

const walls = decision(WALL_SURFACES);
const trim = decision(['trim'], { sheen: 'satin', finish: 'trim' });

test('what was decided before the last signing is not taken back; what was decided since is, as far as it was not signed so', () => {
  const open = room({ decisions: [walls, trim] });
  expect(reachesSigned(open, walls.id, true)).toBe(false);
  const signed = signedBy(open);
  expect(reachesSigned(signed, walls.id, true)).toBe(true);
  // what was decided after it is taken back freely: it goes back to what was signed
  const later = decision(['wall-1'], { sheen: 'matte' });
  const changed = { ...signed, decisions: [...signed.decisions, later] };
  expect(reachesSigned(changed, later.id, true)).toBe(false);
  // said again as it was signed, it is what was signed
  const again = decision(['wall-1'], {});
  expect(reachesSigned({ ...changed, decisions: [...changed.decisions, again] }, again.id, true)).toBe(true);
  // a surface decided since, and not signed, is free
  const ceiling = decision(['ceiling'], { finish: 'ceiling' });
  expect(reachesSigned({ ...signed, decisions: [...signed.decisions, ceiling] }, ceiling.id, true)).toBe(false);
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
