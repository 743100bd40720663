/**
 * What things are called in American English where the trade's British word is another: the whole word first, longer ones before those
 * they hold. Common practice, no source. Names that people gave are never said otherwise: see `localSpeech`.
 */
export const AMERICAN: readonly (readonly [british: string, american: string])[] = [
  ['colourants', 'colorants'],
  ['colourant', 'colorant'],
  ['colourful', 'colorful'],
  ['colourless', 'colorless'],
  ['colouring', 'coloring'],
  ['coloured', 'colored'],
  ['colours', 'colors'],
  ['colour', 'color'],
  ['off-greys', 'off-grays'],
  ['greyed', 'grayed'],
  ['greyer', 'grayer'],
  ['greyish', 'grayish'],
  ['greys', 'grays'],
  ['grey', 'gray'],
  ['skirtings', 'baseboards'],
  ['skirting', 'baseboard'],
  ['worktops', 'counters'],
  ['worktop', 'counter'],
  ['sitting room', 'living room'],
  ['cloakroom', 'powder room'],
  ['the tins', 'the cans'],
  ['tins', 'cans'],
  ['tin', 'can'],
  ['centred', 'centered'],
  ['centre', 'center'],
  ['neighbouring', 'neighboring'],
  ['neighbours', 'neighbors'],
  ['neighbour', 'neighbor'],
  ['favourites', 'favorites'],
  ['favourite', 'favorite'],
  ['mould', 'mold'],
  ['judgements', 'judgments'],
  ['judgement', 'judgment'],
  ['labelled', 'labeled'],
  ['plasterboard', 'drywall'],
  ['millilitres', 'milliliters'],
  ['millilitre', 'milliliter'],
  ['litres', 'liters'],
  ['litre', 'liter'],
  ['metres', 'meters'],
  ['metre', 'meter'],
];

const BY_WORD = new Map(AMERICAN);
const WORDS = new RegExp(`(?<![\\p{L}\\p{N}])(${AMERICAN.map(([british]) => british).join('|')})(?![\\p{L}\\p{N}])`, 'giu');

/** The case of one word on another: grey, Grey, GREY. */
function inCaseOf(model: string, word: string): string {
  if (model === model.toUpperCase() && model !== model.toLowerCase() && model.length > 1) return word.toUpperCase();
  return model.charAt(0) === model.charAt(0).toUpperCase() ? word.charAt(0).toUpperCase() + word.slice(1) : word;
}

/** A text with its British words said as Americans do. */
export const inAmerican = (text: string): string =>
  text.replace(WORDS, (word) => inCaseOf(word, BY_WORD.get(word.toLowerCase()) ?? word));
