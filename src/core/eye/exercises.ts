/** What an eye is asked in practice: which of two has more of something. Measured by QUEST+ (`threshold`). */
export const EXERCISES = ['pinker', 'greener', 'yellower', 'bluer', 'stronger', 'weaker', 'lighter', 'darker'] as const;
export type Exercise = (typeof EXERCISES)[number];

/** What else is practised; how hard it is goes up and down a staircase (`staircase`). */
export const SIGHTS = ['odd-one', 'paper-white', 'lean', 'beside', 'depth', 'strength', 'north', 'lamp', 'same-name'] as const;
export type Sight = (typeof SIGHTS)[number];

export const PRACTISED = [...EXERCISES, ...SIGHTS] as const;
export type Practised = (typeof PRACTISED)[number];
export const isMeasured = (of: Practised): of is Exercise => (EXERCISES as readonly string[]).includes(of);

/** The name of each exercise, and what it is good for, in a sentence. */
export const PRACTISED_WORDS: Readonly<Record<Practised, { readonly name: string; readonly says: string }>> = {
  pinker: { name: 'Which is pinker', says: 'Pink in a beige shows late on the chip and early on the wall.' },
  greener: { name: 'Which is greener', says: 'A green turn in grey or cream is what clients mind most.' },
  yellower: { name: 'Which is yellower', says: 'Whites and creams are told apart by this.' },
  bluer: { name: 'Which is bluer', says: 'What goes cold in a north room began a step bluer.' },
  stronger: { name: 'Which is stronger', says: 'More colour at the same depth.' },
  weaker: { name: 'Which is greyer', says: 'Less colour at the same depth.' },
  lighter: { name: 'Which is lighter', says: 'A step of depth hides every other step.' },
  darker: { name: 'Which is darker', says: 'A step of depth hides every other step.' },
  'odd-one': { name: 'The odd one out', says: 'Two are the same, one is not: no word tells you where to look.' },
  'paper-white': { name: 'White against paper', says: 'A white alone looks white; paper beside it shows where it leans.' },
  lean: { name: 'Which way this grey leans', says: 'No grey is only grey.' },
  beside: { name: 'Beside this, yes or no', says: 'A glance, a verdict, then why.' },
  depth: { name: 'How deep', says: 'Light given back, in percent, read off a colour.' },
  strength: { name: 'Which is the 75 %', says: 'What less colourant does: lighter, weaker, and sometimes another lean.' },
  north: { name: 'Which is the north room', says: 'One colour on two walls.' },
  lamp: { name: 'Which did the lamp turn', says: 'Two that are alike by day.' },
  'same-name': { name: 'One name, two makers', says: 'The same word on two tins.' },
};
