import path from 'node:path';
import { Font } from '@react-pdf/renderer';

/** Paper that is printed on. */
export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Points a millimetre. */
export const MM = 72 / 25.4;

const FONT = 'Hanken Grotesk';
let registered = false;
/** Makes the shipped font known to whoever renders; once. */
export function registerFont() {
  if (registered) return;
  const file = (weight: number, part: string) =>
    path.join(process.cwd(), 'node_modules/@fontsource/hanken-grotesk/files', `hanken-grotesk-${part}-${weight}-normal.woff`);
  for (const [family, part] of [
    [FONT, 'latin'],
    [`${FONT} ext`, 'latin-ext'],
  ] as const)
    Font.register({
      family,
      fonts: [400, 600].map((fontWeight) => ({ src: file(fontWeight, part), fontWeight })),
    });
  // words are broken at blanks only
  Font.registerHyphenationCallback((word) => [word]);
  registered = true;
}

/** The shipped font, with the letters of other languages behind it. */
export const FONTS = [FONT, `${FONT} ext`];
