import { spawnSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** Runs bin/core from another folder than the project's, as scripts do. */
const core = (operation: string, input: string) =>
  spawnSync(path.resolve('bin/core'), [operation], {
    cwd: tmpdir(),
    input,
    encoding: 'utf8',
    env: { ...process.env, NODE_OPTIONS: '' },
  });

describe('bin/core', () => {
  test('answers an array in order, errors in their place, and exits with 0', () => {
    const { stdout, status } = core(
      'deltaE',
      '[{"lab1":[50,2.6772,-79.7751],"lab2":[50,0,-82.7485]},{},{"lab1":[50,0,0],"lab2":[50,0,0]}]',
    );
    expect(JSON.parse(stdout)).toEqual([{ dE00: expect.closeTo(2.0425, 4) }, { error: expect.any(String) }, { dE00: 0 }]);
    expect(status).toBe(0);
  });

  test.each([
    ['deltaE', 'no JSON', 1],
    ['deltaE', '{"not":"an array"}', 1],
    ['nonsense', '[]', 2],
  ])('%s on %j exits with another status', (operation, input, expected) => {
    const { status, stdout, stderr } = core(operation, input);
    expect([status, stdout]).toEqual([expected, '']);
    expect(stderr).toMatch(/array|operations:/);
  });
});
