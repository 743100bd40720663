import { v7 } from 'uuid';
import { OPERATION_VERSION, writeSchema, type Operation, type WriteInput } from '@/core/operations/operations';

export const PLACE = { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' };
export const operation = (write: WriteInput): Operation => ({
  id: v7(),
  version: OPERATION_VERSION,
  at: '2026-09-23T12:00:00.000Z',
  write: writeSchema.parse(write),
});
export const lab = (l: number, a: number, b: number) => ({ lab: { l, a, b }, source: { kind: 'lab' as const } });
