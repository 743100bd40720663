import { BENCH_KEYS, PAIR_KEYS } from './bench/keys';
import { DECIDE_KEYS } from './decide/keys';
import { LOOKS_KEYS } from './looks/keys';
import { EVERYWHERE } from './words/everywhere-keys';
import { REASONS } from '@/core/judge/reasons';
import type { KeyTable } from '@/ui/key-table';

const keysOf = (...tables: readonly KeyTable[]) => tables.flatMap((table) => Object.values(table).flatMap((row) => row.keys));

test.each([
  ['the bench', BENCH_KEYS],
  ['the client’s picks', PAIR_KEYS],
  ['looks', LOOKS_KEYS],
  ['deciding', DECIDE_KEYS],
] as const)('on %s no key means two things, nor one of those that hold everywhere', (_, table) => {
  const keys = keysOf(table, EVERYWHERE);
  expect(keys.filter((key, k) => keys.indexOf(key) !== k)).toEqual([]);
});

test('every reason has its key', () => expect(BENCH_KEYS.reason.keys).toHaveLength(REASONS.length));
