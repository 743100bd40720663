// bin/bench --faults, --truth: campaigns of which bin/test takes a share, whole: power cuts and hurt folders; rooms, colours and light against what
// is known from elsewhere.
import { spawnSync } from 'node:child_process';
import { ROOT } from './prepare.mjs';

const CAMPAIGNS = {
  '--faults': [
    'tests/db/power-loss',
    'tests/db/replay',
    'tests/db/differential',
    'tests/db/folder',
    'tests/db/hurt-folder',
    'tests/db/archive',
  ],
  '--truth': ['src/cli/shortlist', 'src/cli/colour-rooms', 'light/path-tracer', 'colour/metamers', 'judge/relation'],
};
const { status } = spawnSync(process.execPath, ['node_modules/jest/bin/jest.js', ...CAMPAIGNS[process.argv[2]]], {
  cwd: ROOT,
  stdio: 'inherit',
  env: {
    ...process.env,
    ELM_SWATCH_CAMPAIGNS: 'whole',
    NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning',
  },
});
process.exitCode = status ?? 1;
