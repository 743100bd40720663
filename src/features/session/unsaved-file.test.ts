import { OPERATION_VERSION, type Operation } from '@/core/operations/operations';
import { readUnsaved, writeUnsaved } from './unsaved-file';

const operation = (n: number): Operation => ({
  id: `0190c5c0-000${n}-7000-8000-000000000000`,
  version: OPERATION_VERSION,
  at: '2026-09-23T12:00:00.000Z',
  write: { name: 'room.retire', roomId: '0190c5c0-0000-7000-8000-000000000009', retired: true },
});

test('what is not saved goes into a file and comes back, batch by batch, in its order', () => {
  const batches = [[operation(2), operation(3)], [operation(1)]];
  expect(readUnsaved(writeUnsaved(batches))).toEqual(batches);
  expect(readUnsaved(writeUnsaved([]))).toEqual([]);
});

test.each([
  'nothing',
  '{}',
  '{"format":"elm-swatch/unsaved","version":2,"batches":[]}',
  '{"format":"elm-swatch/unsaved","version":1,"batches":[[]]}',
  '{"format":"elm-swatch/unsaved","version":1,"batches":[[{"id":"x"}]]}',
])('%s is no such file', (text) => expect(readUnsaved(text)).toBeUndefined());
