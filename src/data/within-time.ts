/** How long things may take, milliseconds. */
export type Limits = {
  /** What a transaction does; after it the transaction is taken back. */
  readonly workMs: number;
  /** An answer of the database; after it the database is past using. Longer than {@link workMs}, so that taking back has its time. */
  readonly stuckMs: number;
};
/** Own choice: the longest transaction, a deck of 20,000 colours, takes some ten seconds on a slow machine. */
export const USUAL_LIMITS: Limits = { workMs: 90_000, stuckMs: 120_000 };

/** Something took longer than it may. */
export class TookTooLong extends Error {
  /** Whether the database itself does not answer any more. */
  readonly stuck: boolean;
  constructor(ms: number, stuck: boolean) {
    super(`no answer within ${Math.round(ms / 1000)} s`);
    this.name = 'TookTooLong';
    this.stuck = stuck;
  }
}

/** The database was closed: the process is on its way out. */
export class DatabaseClosed extends Error {
  constructor() {
    super('the database was closed');
    this.name = 'DatabaseClosed';
  }
}

/** What a promise gives, or a refusal when it gives nothing in time. */
export async function withinTime<T>(work: Promise<T>, ms: number, stuck = true): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new TookTooLong(ms, stuck)), ms);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}

const stateOf = (e: unknown): string => {
  const code = typeof e === 'object' && e !== null && 'code' in e ? e.code : undefined;
  return typeof code === 'string' ? code : '';
};

/**
 * By names, not classes: a server is bundled in pieces, and each has classes of its own.
 * Whether the database is past using: its program ended (WebAssembly traps), it does not answer, or it says of itself that it is broken
 * (SQLSTATE class XX, 57P0x, 58030).
 */
export function isFatal(e: unknown): boolean {
  const name = e instanceof Error ? e.name : '';
  if (name === 'TookTooLong') return (e as TookTooLong).stuck;
  if (name === 'DatabaseClosed') return true;
  if (e instanceof WebAssembly.RuntimeError) return true;
  if (e instanceof Error && /Aborted\(|unreachable|memory access out of bounds|PGlite is closed/.test(e.message)) return true;
  const state = stateOf(e);
  return state.startsWith('XX') || state.startsWith('57P') || state === '58030';
}
