type Axis = 'latitude' | 'longitude';
const LETTERS: Readonly<Record<Axis, string>> = { latitude: 'NS', longitude: 'EW' };
const MOST: Readonly<Record<Axis, number>> = { latitude: 90, longitude: 180 };

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const ANGLE = new RegExp(
  String.raw`^([-+]?)\s*${NUMBER}\s*(?:[°ºd]|deg)?\s*(?:${NUMBER}\s*(?:['m]|min)?\s*)?(?:${NUMBER}\s*(?:["s]|sec)?\s*)?$`,
  'i',
);
/** The signs people and keyboards write, as one of each. */
const plainMarks = (text: string) =>
  text
    .replace(/[−–]/g, '-')
    .replace(/[′’‘´]/g, "'")
    .replace(/[″”“]|''/g, '"')
    .trim();

/** The side of the world an angle names, and the rest of its text. */
function sideOf(text: string, axis: Axis): { readonly side: string | undefined; readonly bare: string } {
  const letter = new RegExp(`^([${LETTERS[axis]}])|([${LETTERS[axis]}])(?:orth|outh|ast|est)?$`, 'i').exec(text);
  const side = (letter?.[1] ?? letter?.[2])?.toUpperCase();
  return { side, bare: letter ? text.replace(letter[0], '').trim() : text };
}

/** Degrees of an angle's parts; NaN where a fraction leaves nothing for the smaller ones to say. */
function degreesOf(parts: readonly (string | undefined)[]): number {
  const [d, m, s] = parts.map((part) => Number((part ?? '0').replace(',', '.'))) as [number, number, number];
  if (m >= 60 || s >= 60) return NaN;
  const broken = (parts[1] !== undefined && !Number.isInteger(d)) || (parts[2] !== undefined && !Number.isInteger(m));
  return broken ? NaN : d + m / 60 + s / 3600;
}

/**
 * Degrees, north and east positive, of a latitude or longitude as people type it: `41°17′ S`, `41,29 S`, `-41.29`, `S 41 17 20`.
 * NaN for anything else, out of range included.
 *
 * @example typedAngle('41°17′ S', 'latitude') // → -41.2833
 */
export function typedAngle(text: string, axis: Axis): number {
  const { side, bare } = sideOf(plainMarks(text), axis);
  const [, sign, degrees, minutes, seconds] = ANGLE.exec(bare) ?? [];
  if (degrees === undefined || (sign && side)) return NaN;
  const value = degreesOf([degrees, minutes, seconds]);
  if (!(value <= MOST[axis])) return NaN;
  return sign === '-' || side === 'S' || side === 'W' ? -value : value;
}

/**
 * A latitude and a longitude typed or pasted together, in this order: `41°17′ S, 174°46′ E`, `-41.29, 174.78`; undefined when they are
 * not two.
 */
export function typedPosition(text: string): { readonly latitude: number; readonly longitude: number } | undefined {
  const halves = [...text.matchAll(/[;,\s]+/g)].map((m) => [text.slice(0, m.index), text.slice(m.index + m[0].length)] as const);
  for (const [first, second] of halves) {
    const [latitude, longitude] = [typedAngle(first, 'latitude'), typedAngle(second, 'longitude')];
    if (Number.isFinite(latitude) && Number.isFinite(longitude) && isSplit(first, second)) return { latitude, longitude };
  }
  return undefined;
}
/** Two numbers without a letter or a mark between them are two angles only when nothing else can be meant: "41 17" is one. */
const isSplit = (first: string, second: string): boolean =>
  /[NSEW]/i.test(first + second)
    ? /[NS]/i.test(first) && /[EW]/i.test(second)
    : /^\s*[-+−]?\d+\.\d+\s*$/.test(first) && /[.]\d/.test(second);

/**
 * "41.29° S" of a latitude, "174.78° E" of a longitude.
 *
 * @example angleText(-41.29, 'latitude') // → '41.29° S'
 */
export function angleText(degrees: number, axis: Axis): string {
  const [under, over] = axis === 'latitude' ? ['S', 'N'] : ['W', 'E'];
  return `${Math.abs(degrees).toFixed(2)}° ${degrees < 0 ? under : over}`;
}
