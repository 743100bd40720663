import { findInDeck, knownColour, type DeckColour } from './deck-colour';

const colour = (maker: string, code: string, name: string): DeckColour => ({
  id: `${maker}:${code}`,
  maker,
  code,
  name,
  strip: 's',
  step: 1,
  lab: { l: 80, a: 2, b: 9 },
  hex: '#d0c8b8',
  lrv: 56,
  family: 'beige',
  lean: 'orange-pink',
  baseKind: 'white',
  measured: false,
  hasFormula: false,
  says: 'beige',
  sharedName: false,
  makerLrv: null,
  baseKnown: true,
  ownStrip: true,
});
const DECK = [
  colour('Ferrowmere', 'FR 3112', 'Esk Mossen'),
  colour('Tullacote', 'TC 0332', 'Cobb Wharf'),
  colour('Tullacote', 'TC 0362', 'Esk Wharf'),
];
const found = (text: string) => findInDeck(DECK, text).map((c) => c.code);

describe('finding in the deck', () => {
  test.each([
    ['', ['FR 3112', 'TC 0332', 'TC 0362']],
    ['  ', ['FR 3112', 'TC 0332', 'TC 0362']],
    ['esk', ['FR 3112', 'TC 0362']],
    ['fr3112', ['FR 3112']],
    ['FR-3112', ['FR 3112']],
    ['tc03', ['TC 0332', 'TC 0362']],
    ['wharf tc 03', ['TC 0332', 'TC 0362']],
    ['tullacote esk', ['TC 0362']],
    ['0332', ['TC 0332']],
    ['nothing such', []],
  ])('“%s” finds %j', (text, codes) => expect(found(text)).toEqual(codes));
});

test('a colour is taken into a room under its id, with the Lab of its strength', () => {
  expect(knownColour(DECK[0]!, { l: 85, a: 1, b: 6 })).toEqual({
    deckColourId: 'Ferrowmere:FR 3112',
    maker: 'Ferrowmere',
    code: 'FR 3112',
    name: 'Esk Mossen',
    baseKind: 'white',
    sharedName: false,
    lab: { l: 85, a: 1, b: 6 },
  });
});
