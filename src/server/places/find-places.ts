import { adminName, gazetteer, type Town } from './gazetteer';
import { foldedText } from './folded-text';

/** A town as it can be chosen: degrees, north and east positive; an IANA time zone. */
export type FoundPlace = {
  /** As it was asked for: by its own name or by a foreign one. */
  readonly name: string;
  /** Its other name, where it was asked for by one of two; empty otherwise. */
  readonly also: string;
  /** County or state, and country. */
  readonly within: string;
  /** ISO 3166-1, two letters. */
  readonly country: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
};

/** Countries whose towns are told by the two letters of their state, and by their county. */
const BY_LETTERS: ReadonlySet<string> = new Set(['US', 'CA']);
const BY_COUNTY: ReadonlySet<string> = new Set(['GB']);
const countries = new Intl.DisplayNames(['en'], { type: 'region' });
const names = new Map<string, string>();
/** Asking for a name takes longer than everything else that is done for a town. */
function countryName(code: string): string {
  const known = names.get(code);
  if (known !== undefined) return known;
  const name = countries.of(code) ?? code;
  names.set(code, name);
  return name;
}

/**
 * What a town lies in below its country: a county in Britain, two letters in North America, a state or province elsewhere; empty where it
 * is its own.
 */
function regionOf({ country, admin: [state, county], name }: Town): string {
  if (BY_LETTERS.has(country) && /^[A-Z]{2}$/.test(state)) return state;
  const regions = [BY_COUNTY.has(country) ? adminName(country, state, county) : undefined, adminName(country, state)];
  return regions.find((r) => r !== undefined && !foldedText(r).includes(foldedText(name))) ?? '';
}
const withinOf = (town: Town): string => [regionOf(town), countryName(town.country)].filter(Boolean).join(', ');

/** Whether a town lies in the country, state or county that was named, if one was. */
function isWithin(town: Town, within: string): boolean {
  if (within === '') return true;
  const { country, admin } = town;
  const all = [withinOf(town), country, adminName(country, admin[0]), adminName(country, ...admin)];
  return foldedText(all.filter(Boolean).join(' ')).includes(within);
}

/** The name of a town that answers what was asked: its own, or the other one that was meant. */
function namesFor({ name, also }: Town, asked: string): readonly [name: string, also: string] {
  if (foldedText(name).startsWith(asked)) return [name, ''];
  const whole = also.filter((n) => foldedText(n) === asked);
  // of "Munchen" and "München" the one with its marks
  const meant = whole.find((n) => n.toLowerCase() !== asked) ?? whole[0] ?? also.find((n) => foldedText(n).startsWith(asked));
  return meant === undefined ? [name, ''] : [meant, name];
}

function placeOf(town: Town, asked: string): FoundPlace {
  const [name, also] = namesFor(town, asked);
  const { country, latitude, longitude, timeZone } = town;
  return { name, also, within: withinOf(town), country, latitude, longitude, timeZone };
}

/** How well a town's names answer: 0 best; undefined when they do not. */
function rankOf({ searched, name }: Town, asked: string): number | undefined {
  if (!searched.includes(asked)) return undefined;
  if (searched.includes(`|${asked}|`)) return 0;
  const own = foldedText(name);
  if (own.startsWith(asked)) return 1;
  if (own.includes(` ${asked}`) || searched.includes(`|${asked}`)) return 2;
  return undefined;
}

/**
 * Towns whose name begins with what was typed, in their own language or another one: the best answer and the largest first; what follows
 * a comma names country, state or county.
 */
export function findPlaces(text: string, most = 8): FoundPlace[] {
  const [asked = '', ...rest] = text.split(',').map(foldedText);
  const within = rest.join(' ').trim();
  if (asked === '') return [];
  const found: { readonly town: Town; readonly rank: number }[] = [];
  for (const town of gazetteer()) {
    const rank = rankOf(town, asked);
    if (rank !== undefined && isWithin(town, within)) found.push({ town, rank });
  }
  // sort keeps the larger first among equals
  return found
    .sort((p, q) => p.rank - q.rank)
    .slice(0, most)
    .map(({ town }) => placeOf(town, asked));
}
