import { describeColour, familyOf, nameColour } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import type { DeckColour } from '@/core/derived/deck-colour';
import { alongStrip } from '@/core/derived/deck-colour';
import { fanRows, filterDeck, NO_FILTER, readFilter, stripsOf } from './deck-filter';

const colour = (code: string, [l, a, b]: readonly [number, number, number], more: Partial<DeckColour> = {}): DeckColour => {
  const lab = { l, a, b };
  return {
    id: `MM:${code}`,
    maker: 'Mademaker',
    code,
    name: `Name ${code}`,
    strip: '01 strip',
    step: 1,
    lab,
    hex: '#888888',
    lrv: lrvOf(lab),
    family: familyOf(lab),
    lean: nameColour(lab).lean,
    baseKind: 'white',
    measured: false,
    hasFormula: false,
    says: describeColour(lab),
    sharedName: false,
    makerLrv: null,
    baseKnown: true,
    ownStrip: true,
    ...more,
  };
};
const BEIGE = colour('A 1', [82, 3.5, 12]);
const GREEN_GREY = colour('A 2', [72, -3, 2.5], { strip: '02 other', hasFormula: true });
const BLUE_GREY = colour('A 3', [60, -1, -4], {
  strip: '02 other',
  step: 2,
  baseKind: 'deep',
  maker: 'Othermaker',
  id: 'OM:A 3',
});
const DECK = [BEIGE, GREEN_GREY, BLUE_GREY];
const codes = (colours: readonly DeckColour[]) => colours.map((c) => c.code);

describe('filtering the deck', () => {
  test('nothing asked shows everything', () => expect(filterDeck(DECK, NO_FILTER)).toEqual(DECK));

  test.each([
    [{ family: 'beige' as const }, ['A 1']],
    [{ lean: 'blue' as const }, ['A 3']],
    [{ base: 'deep' as const }, ['A 3']],
    [{ withFormula: true }, ['A 2']],
    [{ maker: 'Mademaker' }, ['A 1', 'A 2']],
    [{ from: 55, to: 65 }, ['A 1']],
    [{ text: 'name a 2' }, ['A 2']],
    [{ text: 'othermaker' }, ['A 3']],
    [{ text: 'nothing of the kind' }, []],
  ])('%j', (asked, expected) => expect(codes(filterDeck(DECK, { ...NO_FILTER, ...asked }))).toEqual(expected));

  test('a green-leaning grey is warm in one school and cool in the other', () => {
    expect(codes(filterDeck(DECK, { ...NO_FILTER, lean: 'warm', school: 'warm' }))).toEqual(['A 1', 'A 2']);
    expect(codes(filterDeck(DECK, { ...NO_FILTER, lean: 'cool', school: 'cool' }))).toEqual(['A 2', 'A 3']);
  });
});

describe('the fan', () => {
  const strip = (name: string, l: number) =>
    [1, 2, 3].map((step) =>
      colour(`${name}${step}`, [l - 10 * step, 3.5, 12], { strip: name, step, family: name < 'm' ? 'beige' : 'grey' }),
    );
  const all = [...strip('a', 95), ...strip('b', 93), ...strip('z', 90)];

  test('strips keep their steps; what the filter took away leaves a gap', () => {
    const shown = new Set(all.filter((c) => c.code !== 'a2' && c.strip !== 'b').map((c) => c.id));
    const strips = stripsOf(all, shown);
    expect(strips.map((s) => s.name)).toEqual(['z', 'a']);
    expect(strips[1]!.steps.map((c) => c?.code)).toEqual(['a1', undefined, 'a3']);
  });

  test('a family begins a row of its own', () => {
    const rows = fanRows(stripsOf(all, new Set(all.map((c) => c.id))), 5);
    expect(rows.map((r) => [r.family, r.strips.length])).toEqual([
      ['grey', 1],
      ['beige', 2],
    ]);
    expect(fanRows(stripsOf(all, new Set(all.map((c) => c.id))), 1)).toHaveLength(3);
  });

  test('two steps along the strip, and nothing beyond its end', () => {
    const [first, , third] = strip('a', 95);
    expect(alongStrip(all, third!, -2)?.code).toBe('a1');
    expect(alongStrip(all, first!, 2)?.code).toBe('a3');
    expect(alongStrip(all, first!, -1)).toBeUndefined();
  });
});

test('a filter that was kept is there again; what is none is not', () => {
  const kept = { ...NO_FILTER, text: 'shell', from: 60 };
  expect(readFilter(JSON.stringify(kept))).toEqual(kept);
  for (const text of [null, '', '{"text"', '[]', '7', '{"text":"x"}', JSON.stringify({ ...kept, from: 'low' })])
    expect(readFilter(text)).toBeUndefined();
});
