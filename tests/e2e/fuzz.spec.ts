import { readdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { v7 } from 'uuid';
import { z } from 'zod';
import { seededRandom } from '@/core/base/random';
import { OPERATION_VERSION, writeSchema } from '@/core/operations/operations';
import { readVisitText } from '@/core/operations/visit-text';
import { poisoned, valueOf, type Draw } from '../from-schema';
import { expect, filledFolder, startServer, test } from './server';

/**
 * Two thousand requests over every route and every operation, made from the product's own schemas, right and wrong: none is answered with an
 * error of the server, and what was refused left no line in the journal.
 */
const REQUESTS = 2000;
/** What may be answered: done, not found, refused in words. Nothing of 500 and above. */
const FINE = new Set([200, 204, 303, 304, 307, 308, 400, 403, 404, 405, 413, 422]);

const API = 'src/app/api';
type Route = { readonly address: readonly string[]; readonly methods: readonly string[] };

/** Every route of the application, from its files. */
function routes(at: readonly string[] = []): Route[] {
  const folder = path.join(API, ...at);
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry): Route[] => {
    if (entry.isDirectory()) return routes([...at, entry.name]);
    if (entry.name !== 'route.ts') return [];
    const text = readFileSync(path.join(folder, entry.name), 'utf8');
    const methods = [...text.matchAll(/export (?:async )?(?:function|const) (GET|PUT|POST|DELETE)\b/g)].map((m) => m[1]!);
    return [{ address: at, methods }];
  });
}

const WRITES = z.toJSONSchema(writeSchema, { io: 'input', unrepresentable: 'any' }) as { oneOf?: object[]; anyOf?: object[] };
const writes = (WRITES.oneOf ?? WRITES.anyOf ?? []) as Record<string, unknown>[];

const linesIn = (folder: string): number =>
  readdirSync(path.join(folder, 'journal'))
    .map((name) => readFileSync(path.join(folder, 'journal', name), 'latin1').split('\n').length - 1)
    .reduce((sum, n) => sum + n, 0);

test('whatever is asked is answered, and what is refused leaves nothing', async () => {
  test.setTimeout(600_000);
  const demo = await startServer({ folder: filledFolder('demo'), demo: true });
  const random = seededRandom(161616);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const journal = readFileSync(path.join(demo.folder, 'journal', '0001.jsonl'), 'utf8');
  const ids = [...new Set(journal.match(/[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g))];
  const hashes = [...new Set(journal.match(/"picture":"[0-9a-f]{64}/g)?.map((m) => m.slice(-64)))];
  // ids by the members they stand in, so that what is asked makes sense now and then
  const byMember = new Map<string, string[]>();
  for (const [, member, id] of journal.matchAll(/"(\w+)":"([0-9a-f]{8}-[0-9a-f-]{27})"/g))
    byMember.set(member!, [...(byMember.get(member!) ?? []), id!]);
  const draw: Draw = {
    random,
    id: (member) => (random() < 0.2 ? v7() : pick(byMember.get(member) ?? byMember.get(member.replace(/s$/, '')) ?? ids)),
  };
  const segment = (name: string): string => {
    if (!name.startsWith('[')) return name;
    return pick([
      encodeURIComponent(draw.id(name.slice(1, -1))),
      encodeURIComponent('FR:FR 3122'),
      ...hashes,
      'client.pdf',
      'record.json',
      'record.csv',
      'deck.cgats',
      '%00',
      '%E0%A4',
      encodeURIComponent('../../etc/passwd'),
      encodeURIComponent("' or 1=1"),
      encodeURIComponent('a\ud83d\ude00'),
      'x'.repeat(500),
    ]);
  };
  const query = () =>
    pick(['', '', '?at=50', '?at=NaN', '?q=Bristol', '?q=%00', '?name=x.csv', '?latitude=91&longitude=0', '?latitude=1e999']);
  const operation = (): unknown => {
    const write = valueOf(pick(writes), draw, { root: WRITES as never, member: '' });
    const given = { id: v7(), version: OPERATION_VERSION, at: '2026-09-24T12:00:00.000Z', write };
    return random() < 0.5 ? given : poisoned(given, random);
  };
  const body = (): string =>
    pick([
      () => JSON.stringify(operation()),
      () => JSON.stringify(poisoned({ token: 'x', aim: 'lrv', lrv: 50, asked: [] }, random)),
      () => 'code,name,L,a,b\nX1,one,50,1,2\nX2,two,500,1,2\n',
      () => '{"format":"elm-swatch/deck","version":1,"colours":',
      () => 'PK\u0003\u0004',
      () => '\0\ud800',
      () => '',
    ])();

  const all = routes();
  expect(all.length).toBeGreaterThan(18);
  const told = new Map<string, number>();
  const wrong: string[] = [];
  const asked = new Set<string>();
  let [done, refused] = [0, 0];
  let lines = linesIn(demo.folder);
  for (let n = 0; n < REQUESTS; n++) {
    const isOperation = random() < 0.6;
    const route = isOperation ? { address: ['operations'], methods: ['POST'] } : pick(all);
    const method = random() < 0.9 ? pick(route.methods) : pick(['GET', 'PUT', 'POST', 'DELETE', 'PATCH']);
    const address = `/api/${route.address.map(segment).join('/')}${isOperation ? '' : query()}`;
    const sent = method === 'GET' ? undefined : isOperation ? JSON.stringify(operation()) : body();
    const answer = await fetch(demo.url + address, {
      method,
      headers: { origin: demo.url },
      ...(sent === undefined ? {} : { body: sent }),
    });
    const text = await answer.text();
    asked.add(route.address.join('/'));
    told.set(String(answer.status), (told.get(String(answer.status)) ?? 0) + 1);
    if (!FINE.has(answer.status)) wrong.push(`${answer.status} ${method} ${address.slice(0, 120)} ${sent?.slice(0, 200) ?? ''}`);
    if (!isOperation || method !== 'POST') {
      lines = linesIn(demo.folder);
      continue;
    }
    const result = JSON.parse(text) as { ok: boolean; reason?: string; done?: unknown };
    if (!result.ok && result.reason === 'failed') wrong.push(`failed: ${sent!.slice(0, 300)}`);
    const now = linesIn(demo.folder);
    const expected = result.ok && result.done !== null ? 1 : 0;
    if (now - lines !== expected) wrong.push(`${now - lines} lines for ${text.slice(0, 100)}: ${sent!.slice(0, 200)}`);
    lines = now;
    if (result.ok) done += 1;
    else refused += 1;
  }
  expect(wrong).toEqual([]);
  expect(asked.size).toBe(all.length);
  expect(done).toBeGreaterThan(50);
  expect(refused).toBeGreaterThan(300);
  expect(demo.output()).not.toMatch(/operation failed|Aborted/);
  // no row without its line, and no line without its rows: what was kept of every visit, its rows and a database made of the journal say the same
  const visits = [...new Set(ids.filter((id) => journal.includes(`"visitId":"${id}"`)))];
  const said = async (url: string) =>
    Promise.all(
      visits.map(async (id) => {
        const answer = (await (await fetch(`${url}/api/visits/${id}`)).json()) as { text?: string };
        return answer.text && readVisitText(answer.text).visit;
      }),
    );
  const before = await said(demo.url);
  expect(JSON.stringify(before).length).toBeGreaterThan(10_000);
  await demo.end('SIGTERM');
  const asRows = await startServer({ folder: demo.folder, demo: true });
  expect(await said(asRows.url)).toEqual(before);
  await asRows.end('SIGTERM');
  rmSync(path.join(demo.folder, 'pg'), { recursive: true });
  const again = await startServer({ folder: demo.folder, demo: true });
  expect(again.output()).toContain('made anew from the journal');
  expect(await said(again.url)).toEqual(before);
  await again.end('SIGTERM');
  rmSync(path.dirname(demo.folder), { recursive: true, force: true });
});
