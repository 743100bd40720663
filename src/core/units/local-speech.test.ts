import { chosenHabitsSchema, countryOfZone, habitsOf, usualHabits, type Habits } from './habits';
import { inAmerican } from './local-words';
import { localSpeech, localText } from './local-speech';

const at = (timeZone: string, units: 'metric' | 'imperial' = 'metric', chosen: object = {}): Habits =>
  habitsOf({ units, place: { timeZone }, habits: chosenHabitsSchema.parse(chosen) });
const US = at('America/Denver', 'imperial');

// zones and what is usual there: IANA zone1970.tab; Unicode CLDR for clock, dates and paper by territory
test.each([
  ['America/Denver', 'US', '12', 'month', 'letter', '$'],
  ['America/Indiana/Knox', 'US', '12', 'month', 'letter', '$'],
  ['America/Toronto', 'CA', '12', 'month', 'letter', '$'],
  ['Europe/London', 'GB', '24', 'day', 'a4', '£'],
  ['Pacific/Auckland', 'NZ', '12', 'day', 'a4', '$'],
  ['Europe/Brussels', 'EU', '24', 'day', 'a4', '€'],
  ['America/Mexico_City', 'other', '24', 'day', 'a4', ''],
] as const)('%s is in %s, with its habits', (zone, country, ...[clock, dates, sheet, currency]) => {
  expect(countryOfZone(zone)).toBe(country);
  expect(usualHabits(zone)).toMatchObject({ clock, dates, sheet, currency });
});

test('what was chosen outranks what is usual, one thing at a time', () => {
  expect(at('Europe/London', 'metric', { clock: '12' })).toMatchObject({ clock: '12', dates: 'day', words: 'british' });
});

test.each([
  ['now until 16:30, Wednesday 23 September 2026', 'now until 4:30 pm, Wednesday, September 23, 2026'],
  ['23 Sept, 09:05–12:00', 'Sept 23, 9:05 am–12:00 pm'],
  ['at 00:15 on 1 May', 'at 12:15 am on May 1'],
  ['from 05:00 to 24:00', 'from 5:00 am to 12:00 am'],
  ['The window is wider than its wall of 3.20 m.', `The window is wider than its wall of 10' 6".`],
  ['A room of 5.03 × 4 m, 31 m² of it', `A room of 16' 6" × 13' 1½", 31 m² of it`],
  ['Leave 5 cm of border, 2 mm deep', `Leave 2" of border, ⅛" deep`],
  ['Skirting, worktop and the sitting room in grey', 'Baseboard, counter and the living room in gray'],
  ['COLOUR, Colours, colourants; the tins', 'COLOR, Colors, colorants; the cans'],
  ['4,300 K, LRV 70, ΔE 1.8, 380 nm, 12:1', '4,300 K, LRV 70, ΔE 1.8, 380 nm, 12:1'],
])('%s', (text, said) => {
  expect(localText(text, US)).toBe(said);
  expect(localText(said, US)).toBe(said);
});

test('a visit in Britain says everything as it is written', () => {
  const text = 'Skirting at 16:30 on 23 September 2026, 3.20 m of grey';
  expect(localText(text, at('Europe/London'))).toBe(text);
});

test('Auckland keeps its metres, its words and its days, and has its clock', () => {
  expect(localText('Grey at 16:30 on 23 September, 3.2 m', at('Pacific/Auckland'))).toBe(
    'Grey at 4:30 pm on 23 September, 3.2 m',
  );
});

test('words keep their case and stand alone: a greyhound is no color', () => {
  expect(inAmerican('Greyhound, greystone, Tintern, tinted, colourway')).toBe('Greyhound, greystone, Tintern, tinted, colourway');
  expect(inAmerican('off-grey')).toBe('off-gray');
});

test('names that people and makers gave stay as they are, wherever they stand', () => {
  const say = localSpeech(US, ['Grey Heron', 'Colour House Paints', 'plain']);
  expect(say('Grey Heron 75 % of Colour House Paints: a grey colour')).toBe(
    'Grey Heron 75 % of Colour House Paints: a gray color',
  );
});
