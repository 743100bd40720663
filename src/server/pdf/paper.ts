import path from 'node:path';
import { Font } from '@react-pdf/renderer';
import { SHEETS, type Paper } from './papers';
import { folderOf, OWN_FONT, nameOf, partsFor, type Part } from './scripts';

export { OWN_FONT, SHEETS, type Paper };

/** Points a millimetre. */
export const MM = 72 / 25.4;

const WEIGHTS = [400, 600] as const;
const registered = new Set<string>();
function register(of: Part): string {
  const { font, part } = of;
  const family = nameOf(of);
  if (registered.has(family)) return family;
  if (registered.size === 0) Font.registerHyphenationCallback((word) => [word]); // words are broken at blanks only
  registered.add(family);
  const file = (weight: number) => path.join(folderOf(font), 'files', `${font}-${part}-${weight}-normal.woff`);
  Font.register({ family, fonts: WEIGHTS.map((fontWeight) => ({ src: file(fontWeight), fontWeight })) });
  return family;
}

/** Makes the fonts known that a text needs, whatever its script, and names them; the product's own first. */
export const fontsFor = (text: string): string[] => partsFor(text).map(register);
