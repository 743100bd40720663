import { cache } from 'react';
import { idSchema } from '@/core/base/fields';
import type { Revision, VisitAt, VisitNews } from '@/core/operations/revision';
import { asSeen, type VisitInLight } from '@/core/derived/kinds-of-light';
import type { VisitFields } from '@/core/record/visit';
import { findVisit } from '@/data/visits';
import { database } from '../database';
import { newsFrom, textOf, visitAt } from './news';

const isId = (text: string): boolean => idSchema.safeParse(text).success;

/** One visit, read once per request however many parts of the page ask for it. */
export const visitWithRevision = cache(async (id: string): Promise<VisitAt | undefined> =>
  isId(id) ? (await database()).transaction((sql) => visitAt(sql, id)) : undefined,
);
/** What is recorded of a visit itself, without its rooms. */
export const visitFields = async (id: string): Promise<VisitFields | undefined> =>
  isId(id) ? findVisit(await database(), id) : undefined;
/** A visit as text, to hand to a page. */
export const visitText = async (id: string): Promise<string | undefined> => {
  const found = await visitWithRevision(id);
  return found && textOf(found);
};
/** A visit as papers and files tell it: as it is shown on its pages. */
export const visitById = async (id: string): Promise<VisitInLight | undefined> => {
  const found = await visitWithRevision(id);
  return found && asSeen(found.visit);
};

/** What happened to a visit since a revision. */
export const newsOf = async (id: string, known: Revision | undefined): Promise<VisitNews | undefined> =>
  isId(id) ? newsFrom(await database(), id, known) : undefined;
