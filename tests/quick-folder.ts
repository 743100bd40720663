import { existsSync } from 'node:fs';
import { tmpdir } from 'node:os';

/** Where a test puts folders it makes by the dozen: in memory, where the machine has such a place. */
export const quickFolder = (): string => (existsSync('/dev/shm') ? '/dev/shm' : tmpdir());
