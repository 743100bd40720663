import { parsedJson } from '@/core/base/parsed-json';
import type { Batch } from '@/core/operations/operations';
import { readOperation } from '@/core/operations/upgrade';

const FORMAT = { format: 'elm-swatch/unsaved', version: 1 } as const;
export const UNSAVED_FILE = 'elm-swatch-unsaved.json';

/** What is not saved yet, as a file: nothing in a browser that keeps nothing outlives its page otherwise. */
export const writeUnsaved = (batches: readonly Batch[]): string => JSON.stringify({ ...FORMAT, batches });

/** What such a file holds, batch by batch; undefined when it is none, or one of them cannot be read. */
export function readUnsaved(text: string): readonly Batch[] | undefined {
  const value = parsedJson(text) as { format?: unknown; version?: unknown; batches?: unknown } | null | undefined;
  if (value?.format !== FORMAT.format || value.version !== FORMAT.version || !Array.isArray(value.batches)) return undefined;
  const batches: Batch[] = [];
  for (const given of value.batches as unknown[]) {
    if (!Array.isArray(given) || given.length === 0) return undefined;
    const read = given.map((one) => readOperation(one));
    if (!read.every((r) => r.success)) return undefined;
    batches.push(read.map((r) => r.data));
  }
  return batches;
}
