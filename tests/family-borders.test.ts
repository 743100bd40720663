import { readFileSync } from 'node:fs';
import { FAMILY_BORDERS, familyOf } from '@/core/colour/family';
import { chroma, hueDeg, labFromXyz } from '@/core/colour/lab';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';

type DeckFile = {
  readonly colours: readonly { readonly code: string; readonly spectrum?: { readonly values: readonly number[] } }[];
};
const colours = ['ferrowmere', 'tullacote'].flatMap((deck) =>
  (JSON.parse(readFileSync(`demo/decks/${deck}.json`, 'utf8')) as DeckFile).colours.flatMap(({ code, spectrum }) =>
    spectrum ? [{ code, lab: labFromXyz(tristimulus(spectrum.values, D65_10)) }] : [],
  ),
);

// every colour of the demo's decks that lies near the border of roses, peaches and beiges; looked at one by one. Common practice, no source
const BORDERLINE: Readonly<Record<string, string>> = {
  'FR 3134': 'beige',
  'FR 3135': 'brown',
  'FR 3201': 'pink',
  'FR 3202': 'pink',
  'TC 0571': 'pink',
  'TC 0573': 'pink',
  'TC 0576': 'red',
  'TC 0601': 'pink',
  'TC 0602': 'pink',
  'TC 0603': 'pink',
};

test('colours on the border of rose, peach and beige are called what a professional calls them', () => {
  const b = FAMILY_BORDERS;
  const near = colours.filter(({ lab }) => {
    const [c, h] = [chroma(lab), hueDeg(lab)];
    if (h < b.warm.from || h >= b.warm.to || c < 6 || c >= b.colourChroma) return false;
    const rose = Math.abs(h - b.roseTo) < 4 || (h < b.roseTo && Math.abs(c - 9) < 1);
    return rose || (h < b.peachTo && Math.abs(c - b.peachChroma) < 2) || (Math.abs(h - b.peachTo) < 2 && c > 17);
  });
  expect(Object.fromEntries(near.map(({ code, lab }) => [code, familyOf(lab)]))).toEqual(BORDERLINE);
});

// what stands in the trade's words for these: Lab from memory
test.each([
  ['dusty rose', { l: 70, a: 12, b: 8 }, 'pink'],
  ['salmon', { l: 72, a: 20, b: 15 }, 'pink'],
  ['peach', { l: 82, a: 10, b: 20 }, 'orange'],
  ['apricot', { l: 80, a: 9, b: 22 }, 'orange'],
  ['pale blush', { l: 88, a: 8, b: 6 }, 'pink'],
  ['old rose, deep', { l: 44, a: 16, b: 10 }, 'red'],
  ['pinkish brown', { l: 40, a: 9, b: 8 }, 'brown'],
  ['travertine', { l: 78, a: 4, b: 13 }, 'beige'],
  ['pinkish beige', { l: 70, a: 5, b: 13 }, 'beige'],
  ['camel', { l: 64, a: 8, b: 23 }, 'beige'],
  ['taupe', { l: 62, a: 3, b: 5 }, 'taupe'],
])('%s is a %s', (_, lab, family) => expect(familyOf(lab)).toBe(family));
