import type { Operation } from '@/core/operations/operations';
import type { ApplyResult, Revision, VisitNews } from '@/core/operations/revision';

/** Text by its key, kept when the page is closed. Setting may fail: a browser's storage can be full. */
export type TextStorage = {
  readonly keys: () => readonly string[];
  readonly get: (key: string) => string | null;
  readonly set: (key: string, text: string) => void;
  readonly remove: (key: string) => void;
};

/** Runs something after so many milliseconds, unless it is stopped before. */
export type Timer = (ms: number, run: () => void) => () => void;

/** The way to the server. Both reject when it cannot be reached. */
export type Transport = {
  readonly send: (operation: Operation) => Promise<ApplyResult>;
  readonly news: (visitId: string, known: Revision | undefined) => Promise<VisitNews | undefined>;
};
