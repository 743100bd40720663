import { isGuarded } from './border/gate';
import { inBrackets } from './border/hosts';
import { database } from './database';
import type { Sql } from '@/data/sql';

/** Most rooms of a visit that is opened for nobody: a large one would keep its readers waiting. */
const MOST_ROOMS = 12;

/** Addresses of the pages that will be asked for first: the visit written in last where it is not large, and the list of all. */
export async function firstPages(sql: Sql): Promise<string[]> {
  const [last] = await sql.query<{ id: string }>(
    `select v.id from visit v
      where (select count(*) from room r where r.visit_id = v.id) <= $1
      order by (select max(o.seq) from operation o where o.visit_id = v.id) desc nulls last limit 1`,
    [MOST_ROOMS],
  );
  return [...(last ? [`/visits/${last.id}`] : []), '/visits'];
}

/** Set by the server that takes requests once anybody asked for anything. */
const ASKED = Symbol.for('elm-swatch.asked');
/** How long it is waited for somebody to ask, ms: who asks at once is not to wait for pages that nobody wants. */
const PAUSE_MS = 500;

/**
 * Makes these pages for nobody, so that the first who asks need not wait for the program to be read and for its database to have met the
 * questions of a page (half a second). Not when somebody asked already, nor on a server that others can reach: it shows a page to nobody
 * who has not been let in.
 *
 * @throws when the server does not answer
 */
export async function makeFirstPages(): Promise<void> {
  const { ELM_SWATCH_PORT: port, ELM_SWATCH_HOST: host = '127.0.0.1' } = process.env;
  if (isGuarded() || port === undefined) return;
  await new Promise((resolve) => setTimeout(resolve, PAUSE_MS).unref());
  if ((globalThis as unknown as Record<symbol, unknown>)[ASKED] === true) return;
  for (const page of await firstPages(await database()))
    await (await fetch(`http://${inBrackets(host)}:${port}${page}`)).arrayBuffer();
}
