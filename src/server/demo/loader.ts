import type { WriteInput } from '@/core/operations/operations';
import type { Database } from '@/data/sql';

/** The day of the demo's visit, in its home's calendar. */
export const DATE = '2026-09-23';
export const PLACE = { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' };

/** Who loads the demo: every row goes in as an ordinary write. */
export type Loader = { readonly db: Database; readonly id: () => string; readonly write: (w: WriteInput) => Promise<string> };
export type Ids = { readonly visitId: string; readonly roomId: string };
