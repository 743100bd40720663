import { z } from 'zod';
import type { Units } from './length';

/** How a clock is read. */
export const CLOCKS = ['24', '12'] as const;
/** What of a date comes first. */
export const DATE_ORDERS = ['day', 'month'] as const;
/** What papers are printed on. */
export const SHEETS = ['a4', 'letter'] as const;
/** Whose words things are called by. */
export const WORDINGS = ['british', 'american'] as const;
/** What a counter measures tint in: millilitres, or fluid ounces and their 96th parts. */
export const TINTS = ['millilitres', 'ounces'] as const;
/** Where homes of old paint are known by a year: see `leadYearOf`. */

/** What was chosen for a visit; what is null is as usual at its place. */
export const chosenHabitsSchema = z.strictObject({
  clock: z.enum(CLOCKS).nullable().default(null),
  dates: z.enum(DATE_ORDERS).nullable().default(null),
  sheet: z.enum(SHEETS).nullable().default(null),
  words: z.enum(WORDINGS).nullable().default(null),
  tint: z.enum(TINTS).nullable().default(null),
  /** A sign or code before an amount; null: as usual there. */
  currency: z.string().trim().max(8, 'At most 8 characters.').nullable().default(null),
});
export type ChosenHabits = Readonly<z.infer<typeof chosenHabitsSchema>>;

/** How a visit speaks: what is usual at its place, but for what was chosen. */
export type Habits = {
  readonly units: Units;
  readonly clock: (typeof CLOCKS)[number];
  readonly dates: (typeof DATE_ORDERS)[number];
  readonly sheet: (typeof SHEETS)[number];
  readonly words: (typeof WORDINGS)[number];
  readonly tint: (typeof TINTS)[number];
  readonly currency: string;
};

/** Countries whose habits are known here, by ISO 3166-1; everywhere else it is as in most of Europe. */
export const COUNTRIES = ['US', 'CA', 'GB', 'IE', 'AU', 'NZ', 'ZA', 'EU', 'other'] as const;
export type Country = (typeof COUNTRIES)[number];

type Usual = Omit<Habits, 'units'>;
const EUROPE: Usual = { clock: '24', dates: 'day', sheet: 'a4', words: 'british', tint: 'millilitres', currency: '' };
/** From the Unicode CLDR's calendars and measurement systems by territory; words and tint are common practice, no source. */
const USUAL: Readonly<Record<Country, Usual>> = {
  US: { clock: '12', dates: 'month', sheet: 'letter', words: 'american', tint: 'ounces', currency: '$' },
  CA: { clock: '12', dates: 'month', sheet: 'letter', words: 'american', tint: 'ounces', currency: '$' },
  GB: { ...EUROPE, currency: '£' },
  IE: { ...EUROPE, currency: '€' },
  AU: { ...EUROPE, clock: '12', currency: '$' },
  NZ: { ...EUROPE, clock: '12', currency: '$' },
  ZA: { ...EUROPE, currency: 'R' },
  EU: { ...EUROPE, currency: '€' },
  other: EUROPE,
};

/** Zones of the IANA database by country: zone1970.tab, 2025b. Of the United States every zone but those of its islands far away. */
const ZONES: Readonly<Record<Exclude<Country, 'EU' | 'other'>, RegExp>> = {
  US: /^(America\/(New_York|Detroit|Kentucky\/.*|Indiana\/.*|Indianapolis|Louisville|Chicago|Menominee|North_Dakota\/.*|Denver|Boise|Phoenix|Los_Angeles|Anchorage|Juneau|Sitka|Metlakatla|Yakutat|Nome|Adak)|Pacific\/Honolulu|US\/.*)$/,
  CA: /^(America\/(St_Johns|Halifax|Glace_Bay|Moncton|Goose_Bay|Toronto|Montreal|Nipigon|Thunder_Bay|Iqaluit|Pangnirtung|Winnipeg|Rainy_River|Resolute|Rankin_Inlet|Regina|Swift_Current|Edmonton|Cambridge_Bay|Yellowknife|Inuvik|Dawson_Creek|Fort_Nelson|Whitehorse|Dawson|Vancouver|Blanc-Sablon|Atikokan|Creston)|Canada\/.*)$/,
  GB: /^Europe\/(London|Belfast|Jersey|Guernsey|Isle_of_Man)$/,
  IE: /^Europe\/Dublin$/,
  AU: /^(Australia\/.*|Antarctica\/Macquarie)$/,
  NZ: /^(Pacific\/(Auckland|Chatham)|Antarctica\/McMurdo)$/,
  ZA: /^Africa\/Johannesburg$/,
};
/** Cities of zones whose country pays in euros. */
const EURO =
  /^(Europe\/(Amsterdam|Andorra|Athens|Berlin|Bratislava|Brussels|Busingen|Helsinki|Lisbon|Ljubljana|Luxembourg|Madrid|Malta|Monaco|Paris|Riga|Rome|San_Marino|Tallinn|Vatican|Vienna|Vilnius|Zagreb|Mariehamn)|Atlantic\/(Madeira|Canary|Azores)|Asia\/Nicosia)$/;

/** The country of a time zone, as far as its habits are known here. */
export function countryOfZone(timeZone: string): Country {
  const found = (Object.keys(ZONES) as (keyof typeof ZONES)[]).find((country) => ZONES[country].test(timeZone));
  return found ?? (EURO.test(timeZone) ? 'EU' : 'other');
}

/** What is usual at a place, by its time zone. */
export const usualHabits = (timeZone: string): Usual => USUAL[countryOfZone(timeZone)];

export const SHEET_NAMES: Readonly<Record<Habits['sheet'], string>> = { a4: 'A4', letter: 'Letter' };

type Spoken = { readonly units: Units; readonly place: { readonly timeZone: string }; readonly habits: ChosenHabits };
/** How a visit speaks. */
export function habitsOf({ units, place, habits }: Spoken): Habits {
  const usual = usualHabits(place.timeZone);
  return {
    units,
    clock: habits.clock ?? usual.clock,
    dates: habits.dates ?? usual.dates,
    sheet: habits.sheet ?? usual.sheet,
    words: habits.words ?? usual.words,
    tint: habits.tint ?? usual.tint,
    currency: habits.currency ?? usual.currency,
  };
}

/**
 * The year from which homes are free of leaded paint by a country's own rule: 1978 in the United States (Consumer Product Safety
 * Commission, 16 CFR 1303), 1992 in the United Kingdom (Environmental Protection (Controls on Injurious Substances) Regulations 1992);
 * null where only local rules say.
 */
export const leadYearOf = (timeZone: string): number | null =>
  ({ US: 1978, GB: 1992 })[countryOfZone(timeZone) as string] ?? null;

/** The sheets papers can be made for, that of the place first. */
export const sheetsOf = (visit: Spoken): readonly [Habits['sheet'], Habits['sheet']] =>
  habitsOf(visit).sheet === 'letter' ? ['letter', 'a4'] : ['a4', 'letter'];

/** A full hour on an axis: "08", or "8 am". */
export const hourTick = (hour: number, clock: Habits['clock']): string =>
  clock === '24' ? String(hour).padStart(2, '0') : `${hour % 12 === 0 ? 12 : hour % 12} ${hour % 24 < 12 ? 'am' : 'pm'}`;
