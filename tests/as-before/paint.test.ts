import { fewestLeftover, fewestTins, sayCans, SOLD_IN } from '@/core/paint/cans';
import { coatsOver } from '@/core/paint/coats';
import { CONTAINERS, type Container } from '@/core/paint/containers';
import { MOST_COLOURANT, overloaded, sayShots } from '@/core/paint/dispense';
import { contrastRatio, filmReflectance } from '@/core/paint/film';
import { absorptionOverScattering, reflectanceOfRatio } from '@/core/paint/kubelka-munk';
import { matchWith } from '@/core/paint/match-formula';
import { cautionOf, hidingAtStrength, overUndercoat, paintAtStrength, type Paint } from '@/core/paint/paint';
import { paintFacts, perLitre, potsKnown } from '@/core/paint/paint-facts';
import { isSaid, NO_PRODUCT_LINES, productLinesSchema, testPotSchema } from '@/core/paint/product-lines';
import { litresFor } from '@/core/paint/quantity';
import { internalReflectance, measuredReflectance, surfaceFor } from '@/core/paint/saunderson';
import { addedTowardWindow, potCaution, SHEEN_GRADES, sheenFor, sheenOf, SURFACES, towardWindow } from '@/core/paint/sheen';
import { colourSheet } from '@/core/paint/sheet';
import { strengthForContrast, strengthForLrv } from '@/core/paint/solve';
import { atStrength, isLighterThanBase, sayStrength } from '@/core/paint/strength';
import { loadOf, mix } from '@/core/paint/tint-system';
import { bases, deck, paint, system } from '../demo-paints';
import { expectAsBefore } from './as-before';

const CODES = deck.colours.filter((_, k) => k % 9 === 4).map((c) => c.code);
const kinds = (whole: Paint): readonly [string, Paint][] => [
  ['whole', whole],
  ['without its spectrum', { ...whole, reflectance: undefined }],
  [
    'by its Lab',
    {
      lab: whole.lab,
      reflectance: undefined,
      base: { ...whole.base, optical: undefined, reflectance: undefined },
      tint: undefined,
    },
  ],
];
const UNDER = [null, { l: 96, a: 0, b: 2 }, { l: 70, a: 3, b: 14 }, { l: 40, a: 30, b: 20 }, { l: 18, a: 1, b: -4 }];

test('paint of the demo’s deck at strengths: colour, hiding, coats, pours', () => {
  const found = CODES.flatMap((code) =>
    kinds(paint(code)).map(([kind, p]) => [
      `${code} ${kind}`,
      {
        at: [10, 25, 50, 75, 100, 150].map((strength) => {
          const { lab, lrv } = paintAtStrength(p, strength);
          return [lab, lrv, hidingAtStrength(p, strength), cautionOf(p, strength), overUndercoat(p, strength, 'white')];
        }),
        coats: UNDER.map((under) => {
          const { why, ...rest } = coatsOver(p, 75, under);
          return [rest, why];
        }),
        facts: ['sample-jar', 'litre'].map((container) => {
          const of = { under: null, containers: [container as Container], products: NO_PRODUCT_LINES, makerId: 'm' };
          const facts = paintFacts(p, 50, of);
          return { ...facts, pots: potsKnown(facts), assumed: potsKnown({ ...facts, base: { ...facts.base, assumed: true } }) };
        }),
      },
    ]),
  );
  expectAsBefore('paint-strengths', Object.fromEntries(found) as Record<string, unknown>);
});

test('whole sheets of three colours', () => {
  const found = CODES.slice(0, 3).map((code, k) => {
    const { curve, base, strengths, ...rest } = colourSheet(kinds(paint(code))[k]![1]);
    const ofCurve = (c: readonly number[]) => [c.length, c[0], c[10], c.reduce((s, v) => s + v, 0)];
    return [
      code,
      {
        ...rest,
        curve: ofCurve(curve),
        base: { ...base, curve: ofCurve(base.curve) },
        strengths: strengths.map((s) => ({ ...s, curve: ofCurve(s.curve) })),
      },
    ];
  });
  expectAsBefore('paint-sheets', Object.fromEntries(found) as Record<string, unknown>);
});

test('strengths solved for', () => {
  const found = CODES.slice(0, 6).map((code, k) => {
    const p = kinds(paint(code))[k % 3]![1];
    return [
      code,
      {
        lrv: [5, 30, 60, 75, 90].map((lrv) => strengthForLrv(p, lrv)),
        contrast: [1.2, 3, 8].map((c) => strengthForContrast(p, { l: 60, a: 4, b: 12 }, c)),
      },
    ];
  });
  expectAsBefore('paint-solved', Object.fromEntries(found) as Record<string, unknown>);
});

test('tins, litres, shots', () => {
  const needs = [0, 0.1, 0.5, 0.6, 1, 2.4, 2.5, 2.6, 3.9, 4.4, 5, 7.6, 9.9, 10, 12.6, 17, 18.9, 19, 40];
  const found = needs.map((litres) => [
    `${litres} l`,
    (['metric', 'imperial'] as const).flatMap((units) =>
      [fewestTins, fewestLeftover].map((by) => {
        const choice = by(litres, SOLD_IN[units]);
        return [choice, sayCans(choice)];
      }),
    ),
  ]);
  const quantity = { areaM2: 30, coats: 2, spreadingM2PerL: 10, waste: 0.1 };
  expectAsBefore('paint-tins', {
    ...(Object.fromEntries(found) as Record<string, unknown>),
    litres: [quantity, { ...quantity, waste: 0 }, { ...quantity, areaM2: 0 }, { ...quantity, coats: 0 }].map(litresFor),
    shots: [0, 1, 2].map(sayShots),
    perLitre: (Object.keys(CONTAINERS) as Container[]).map((c) => perLitre(3, c)),
    overloaded: (Object.keys(MOST_COLOURANT) as (keyof typeof MOST_COLOURANT)[]).map((kind) =>
      [0, MOST_COLOURANT[kind], MOST_COLOURANT[kind] + 0.1].map((ml) => overloaded(kind, { a: ml / 2, b: ml / 2 })),
    ),
  });
});

test('what is refused', () => {
  const q = { areaM2: 1, coats: 1, spreadingM2PerL: 1, waste: 0 };
  for (const wrong of [{ spreadingM2PerL: 0 }, { areaM2: -1 }, { coats: -1 }, { waste: -0.1 }, { areaM2: NaN }])
    expect(() => litresFor({ ...q, ...wrong })).toThrow(RangeError);
  for (const litres of [-1, NaN, Infinity]) expect(() => fewestLeftover(litres, SOLD_IN.metric)).toThrow(RangeError);
  expect(() => fewestLeftover(1, ['litre-2-5', 'litre'])).toThrow(RangeError);
  for (const film of [
    { k: -1, s: 1, x: 1 },
    { k: 1, s: 0, x: 1 },
    { k: 1, s: 1, x: -1 },
  ])
    expect(() => filmReflectance(film, 0.5)).toThrow(RangeError);
  for (const gloss of [-1, 101, NaN]) expect(() => sheenOf(gloss)).toThrow(RangeError);
  for (const ratio of [-0.1, NaN]) expect(() => reflectanceOfRatio(ratio)).toThrow(RangeError);
  for (const r of [0, -0.1, 1.01, NaN]) expect(() => absorptionOverScattering(r)).toThrow(RangeError);
  expect(absorptionOverScattering(1)).toBe(0);
  expect(reflectanceOfRatio(0)).toBe(1);
});

test('sheens, surfaces, films, products', () => {
  const curve = paint(CODES[0]!).reflectance!;
  const bright = curve.map((r) => r * 1.4);
  const own = bases[0]!;
  const ids = system.colourants.map((c) => c.id);
  expectAsBefore('paint-parts', {
    gloss: [0, 4.9, 5, 19.9, 20, 39, 40, 69, 70, 94, 95, 100].map(sheenOf),
    window: SHEEN_GRADES.map((s) => [addedTowardWindow(s), towardWindow({ l: 60, a: 8, b: -12 }, s), potCaution(s)]),
    sheens: SURFACES.flatMap((surface) =>
      (['other', 'bath', 'kitchen'] as const).flatMap((room) => [19.9, 20, 60].map((lrv) => sheenFor(surface, lrv, room))),
    ),
    films: [0, 0.3, 1].flatMap((under) => [0.2, 1, 2].map((x) => filmReflectance({ k: 0.1, s: 1.4, x }, under))),
    bare: [filmReflectance({ k: 0.5, s: 1, x: 0 }, 0.8), filmReflectance({ k: 0, s: 1, x: 1 }, 0.8)],
    contrast: bases.map((b) => [0.5, 1, 2].map((x) => contrastRatio(b, x, system.surface))),
    surface: [surfaceFor(curve), surfaceFor(curve, bright), surfaceFor(new Float64Array([0.01, 0.9]))],
    inside: [0.04, 0.2, 0.9].map((r) => [internalReflectance(r), measuredReflectance(internalReflectance(r))]),
    loads: [{}, { a: 1 }, { a: 1, b: 2.5 }].map(loadOf),
    raised: [1, 1.2].map((p) => {
      const found = atStrength(bright, curve, p);
      return found.ok ? found.value.lab : found;
    }),
    beyond: atStrength(
      curve.map((r) => Math.min(0.9, r * 1.02)),
      curve,
      0.5,
    ),
    mixed: [0, 0.5, 1, 1.5].map((p) => {
      const { k, s } = mix(system, own, paint(CODES[1]!).tint!.formula, p);
      return [k[5], s[5], k[20], s[20]];
    }),
    matched: CODES.slice(2, 8).flatMap((code) =>
      bases.slice(0, 2).map((base) => matchWith({ system, base }, paint(code).lab, [ids[0]!, ids[1]!, ids[3]!])),
    ),
    named: [9, 10, 24, 50, 74.6, 75, 100, 120].map(sayStrength),
    lighter: [59, 60, 60.2, 60.6, 61.5, 66].map((lrv) => isLighterThanBase(lrv, 60)),
    strengths: [0.1, 0.25, 0.6, 1, 1.5].map((p) => {
      const { lab, lrv } = paintAtStrength(paint(CODES[3]!), 100 * p);
      return [lab, lrv];
    }),
    said: [
      NO_PRODUCT_LINES,
      { ...NO_PRODUCT_LINES, trim: 'Any' },
      { ...NO_PRODUCT_LINES, testPot: { called: 'tester', coversM2: 1 } },
    ].map(isSaid),
  });
  expect([0, 50, 50.1].map((coversM2) => testPotSchema.safeParse({ called: 't', coversM2 }).success)).toEqual([
    false,
    true,
    false,
  ]);
  expect(testPotSchema.safeParse({ called: '', coversM2: 1 }).success).toBe(false);
  expect(['x'.repeat(120), 'x'.repeat(121)].map((wall) => productLinesSchema.safeParse({ wall }).success)).toEqual([true, false]);
});
