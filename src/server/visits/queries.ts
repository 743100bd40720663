import { cache } from 'react';
import type { Visit } from '@/core/record/types';
import type { VisitSummary } from '@/data/rows';
import { listVisits } from '@/data/visits';
import { database } from '../database';
import { loadVisit } from './load-visit';

export type { VisitSummary };

/** The visits, newest first. */
export const visitSummaries = async (): Promise<VisitSummary[]> => listVisits(await database());

/** One visit, read once per request however many parts of the page ask for it. */
export const visitById = cache(async (id: string): Promise<Visit | undefined> => {
  const db = await database();
  return db.transaction((sql) => loadVisit(sql, id));
});
