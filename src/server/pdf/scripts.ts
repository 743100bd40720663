import { readFileSync } from 'node:fs';
import path from 'node:path';

/** The product's own font, and those that stand behind it for other scripts, in the order in which they are asked. */
const OWN = 'hanken-grotesk';
const OTHERS = ['noto-sans', 'noto-sans-arabic', 'noto-sans-hebrew', 'noto-sans-thai', 'noto-sans-sc', 'noto-sans-kr'] as const;
/** The font of what holds no words of a person. */
export const OWN_FONT = `${OWN} latin`;

export const folderOf = (font: string) => path.join(process.cwd(), 'node_modules/@fontsource', font);

export type Part = { readonly font: string; readonly part: string; readonly holds: (code: number) => boolean };

/** What a part of a font is known under. */
export const nameOf = ({ font, part }: Pick<Part, 'font' | 'part'>): string => `${font} ${part}`;

/** "U+0-FF,U+131" as what holds a character's code. */
function holderOf(ranges: string): Part['holds'] {
  const all = ranges.split(',').map((range) => {
    const [from, to] = range.trim().slice(2).split('-');
    return [parseInt(from!, 16), parseInt(to ?? from!, 16)] as const;
  });
  return (code) => all.some(([from, to]) => code >= from && code <= to);
}

const parts = new Map<string, readonly Part[]>();
/** The files a font is parted into, by the characters they hold. */
function partsOf(font: string): readonly Part[] {
  const known = parts.get(font);
  if (known) return known;
  const ranges = JSON.parse(readFileSync(path.join(folderOf(font), 'unicode.json'), 'utf8')) as Record<string, string>;
  const made = Object.entries(ranges).map(([part, of]) => ({ font, part: part.replace(/[[\]]/g, ''), holds: holderOf(of) }));
  parts.set(font, made);
  return made;
}

/** The parts of fonts that a text needs, whatever its script; the product's own first. */
export function partsFor(text: string): Part[] {
  // the letters that almost everything is written in come first: a font that is asked and has none of them parts every word
  const own = ['latin', 'latin-ext'].flatMap((part) => partsOf(OWN).filter((p) => p.part === part));
  const found = new Set<Part>(own);
  for (const character of new Set(text)) {
    const code = character.codePointAt(0)!;
    if (own.some((p) => p.holds(code))) continue;
    for (const font of OTHERS) {
      const part = partsOf(font).find((p) => p.holds(code));
      if (!part) continue;
      found.add(part);
      break;
    }
  }
  return [...found];
}
