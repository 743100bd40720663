/** The sixteen points of the compass, clockwise from north. */
const POINTS = ['n', 'nne', 'ne', 'ene', 'e', 'ese', 'se', 'sse', 's', 'ssw', 'sw', 'wsw', 'w', 'wnw', 'nw', 'nnw'] as const;
const WORDS: Readonly<Record<string, string>> = { north: 'n', east: 'e', south: 's', west: 'w' };

/**
 * Degrees clockwise from north of a bearing as people give it: `285`, `22.5°`, `NNE`, `south-west`; NaN for anything else. A number is as
 * given.
 *
 * @example typedBearing('NNE') // → 22.5
 */
export function typedBearing(text: string): number {
  const plain = text.trim().toLowerCase();
  const [, number] = /^(\d+(?:[.,]\d+)?)\s*(?:°|deg(?:rees)?)?$/.exec(plain) ?? [];
  if (number !== undefined) return Number(number.replace(',', '.'));
  const letters = plain.replace(/north|east|south|west/g, (word) => WORDS[word]!).replace(/[\s.-]/g, '');
  const point = (POINTS as readonly string[]).indexOf(letters);
  return point < 0 ? NaN : point * 22.5;
}
