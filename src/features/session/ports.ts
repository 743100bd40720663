import type { Batch } from '@/core/operations/operations';
import type { ApplyResult, Revision, VisitNews } from '@/core/operations/revision';

export type { TextStorage } from '@/ui/browser-text';

/** Runs something after so many milliseconds, unless it is stopped before. */
export type Timer = (ms: number, run: () => void) => () => void;

/** The way to the server. Both reject when it cannot be reached. */
export type Transport = {
  readonly send: (batch: Batch) => Promise<ApplyResult>;
  readonly news: (visitId: string, known: Revision | undefined) => Promise<VisitNews | undefined>;
};
