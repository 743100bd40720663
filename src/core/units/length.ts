/** What lengths are shown and typed in. Everything is stored in metres. */
export const UNITS = ['metric', 'imperial'] as const;
export type Units = (typeof UNITS)[number];
/** How long things are of a kind: rooms are told in metres or feet and inches, windows in metres or inches. */
export type LengthKind = 'room' | 'window';

/** Metres in one international foot and inch (exact, 1959 agreement). */
const METRES_PER_FOOT = 0.3048;
const METRES_PER_INCH = 0.0254;

/**
 * A number as people type it, with a point or a comma; NaN when it is none.
 *
 * @example typedNumber('2,55') // → 2.55
 */
export const typedNumber = (text: string): number =>
  /^\s*[-+−]?\d+([.,]\d+)?\s*$/.test(text) ? Number(text.replace('−', '-').replace(',', '.')) : NaN;

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
/** Metres of each unit as it is written; the larger first where one follows another. */
const METRES: Readonly<Record<string, number>> = { m: 1, ft: METRES_PER_FOOT, cm: 0.01, in: METRES_PER_INCH, mm: 0.001 };
const UNIT = String.raw`(cm|mm|m(?:et(?:er|re)s?)?|ft|feet|foot|'|in(?:ch(?:es)?)?|")`;
const PART = new RegExp(String.raw`^(?:(\d+(?:[.,]\d+)?)(?![\d/])(?:[\s-]+(?=\d+\/))?)?(?:(\d+)\/(\d+))?\s*${UNIT}?\s*`, 'i');

const unitOf = (text: string): string =>
  text === "'" || /^f/i.test(text)
    ? 'ft'
    : text === '"' || /^in/i.test(text)
      ? 'in'
      : /^m(et|$)/i.test(text)
        ? 'm'
        : text.toLowerCase();
/** The signs people and keyboards write, as one of each; ½ as 1/2. */
const plainMarks = (text: string): string =>
  text
    .trim()
    .replace(/[′’‘]/g, "'")
    .replace(/[″”“]|''/g, '"')
    .replace(/[½¼¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${FRACTIONS[sign]!}`)
    .trim();

type Part = { readonly value: number; readonly unit: string | undefined; readonly rest: string };
function partOf(text: string): Part | undefined {
  const [all, whole, over, under, unit] = PART.exec(text) ?? [];
  if (!all || (whole === undefined && over === undefined) || under === '0') return undefined;
  const value = Number((whole ?? '0').replace(',', '.')) + (over === undefined ? 0 : Number(over) / Number(under));
  return { value, unit: unit && unitOf(unit), rest: text.slice(all.length) };
}

/** The unit of a number that stands without one. */
const BARE: Readonly<Record<Units, Readonly<Record<LengthKind, string>>>> = {
  metric: { room: 'm', window: 'm' },
  imperial: { room: 'ft', window: 'in' },
};
/** What follows a unit when none is written: 16' 6. */
const AFTER: Readonly<Record<string, string>> = { ft: 'in', m: 'cm' };

/** Feet-inches as they are jotted down, `16-6`, with their signs. */
const jotted = (text: string, units: Units): string =>
  units === 'metric' ? text : text.replace(/^\s*(\d+)\s*[-–]\s*(\d+(?:[.,]\d+)?(?:\s+\d\/\d+|\s*[½¼¾⅛⅜⅝⅞])?)\s*$/, `$1' $2"`);

/**
 * Metres of a length as people type it, whatever the visit's units: `5.03`, `5,03 m`, `520 cm`, `16'6"`, `16-6` in a visit in feet, `16
 * ft 6 in`, `16½`, `6 1/2 in`. A number without a unit is in that of the visit and the kind. NaN for anything else.
 *
 * @example typedLength('16-6', 'imperial') // → 5.0292
 */
export function typedLength(text: string, units: Units, kind: LengthKind = 'room'): number {
  let rest = plainMarks(jotted(text, units));
  let metres = 0;
  let before: string | undefined;
  if (rest === '') return NaN;
  while (rest !== '') {
    const part = partOf(rest);
    if (!part) return NaN;
    const unit = part.unit ?? (before === undefined ? BARE[units][kind] : AFTER[before]);
    // the smaller follows the larger, in the same system
    if (unit === undefined || (before !== undefined && AFTER[before] !== unit)) return NaN;
    if (before !== undefined && part.value >= METRES[before]! / METRES[unit]! - 1e-9) return NaN;
    metres += part.value * METRES[unit]!;
    before = unit;
    rest = part.rest;
  }
  return metres;
}

const halves = (value: number): string => {
  const doubled = Math.round(value * 2);
  const whole = Math.floor(doubled / 2);
  return doubled % 2 === 0 ? String(whole) : `${whole === 0 ? '' : whole}½`;
};

/**
 * A length as it is shown and typed: metres to the centimetre; feet and inches to the half inch, of windows inches: `16' 6½"`, `47½"`.
 *
 * @example lengthText(5.0292, 'imperial') // → '16\' 6"'
 */
export function lengthText(metres: number, units: Units, kind: LengthKind = 'room'): string {
  if (units === 'metric') return String(Math.round(metres * 100) / 100);
  const halfInches = Math.round((metres / METRES_PER_INCH) * 2);
  if (kind === 'window') return `${halves(halfInches / 2)}"`;
  const feet = Math.floor(halfInches / 24);
  const inches = halves((halfInches - 24 * feet) / 2);
  return inches === '0' ? `${feet}'` : `${feet}' ${inches}"`;
}

/** The unit that stands behind a field; feet and inches carry their own marks. */
export const lengthUnit = (units: Units): 'm' | undefined => (units === 'metric' ? 'm' : undefined);

/** A length with its unit: `5.03 m`, `16' 6"`. */
export const sayLength = (metres: number, units: Units, kind: LengthKind = 'room'): string =>
  units === 'metric' ? `${lengthText(metres, units)} m` : lengthText(metres, units, kind);

/** A length of a sentence in feet and inches, under a foot in inches alone: `10' 6"`, `4"`. */
export const feetAndInches = (metres: number): string =>
  lengthText(metres, 'imperial', metres < METRES_PER_FOOT ? 'window' : 'room');

/** A short length in inches, to the eighth. */
function inches(metres: number): string {
  const eighths = Math.max(1, Math.round((metres / METRES_PER_INCH) * 8));
  const whole = Math.floor(eighths / 8);
  const part = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'][eighths % 8]!;
  return `${whole === 0 && part ? '' : whole}${part}"`;
}

const FIGURE = String.raw`(\d+(?:[.,]\d+)?)`;
const value = (text: string): number => Number(text.replace(',', '.'));
const inFeet = (text: string): string =>
  text
    .replace(/\ba number of metres\b/g, `a length, such as 8' 6"`)
    .replace(
      new RegExp(`${FIGURE} × ${FIGURE} m\\b(?!²)`, 'g'),
      (_, a: string, b: string) => `${feetAndInches(value(a))} × ${feetAndInches(value(b))}`,
    )
    .replace(new RegExp(`${FIGURE} m\\b(?![²/])`, 'g'), (_, m: string) => feetAndInches(value(m)))
    .replace(new RegExp(`${FIGURE} cm\\b`, 'g'), (_, cm: string) => inches(value(cm) / 100))
    .replace(new RegExp(`${FIGURE} mm\\b`, 'g'), (_, mm: string) => inches(value(mm) / 1000));

/** What the core says in metres, in the visit's units: every "3.20 m", "4 × 3 m", "30 cm" in a sentence, and "a number of metres". */
export const inUnits = (sentence: string, units: Units): string => (units === 'metric' ? sentence : inFeet(sentence));
