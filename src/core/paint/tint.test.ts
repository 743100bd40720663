import { all } from '../../../tests/all';
import fc from 'fast-check';
import { base, deck, paint, system, bases } from '../../../tests/demo-paints';
import golden from '../../../tests/golden/kubelka-munk.json';
import { deltaE00 } from '../colour/ciede2000';
import { GRID } from '../colour/grid';
import { CONTAINERS, type Container } from './containers';
import { dispense, overloaded, ROUNDING_WARNS_FROM } from './dispense';
import { contrastRatio, filmReflectance, HIDES_FROM, opaqueReflectance } from './film';
import { labOfFormula, matchWith } from './match-formula';
import { absorptionOverScattering, reflectanceOfRatio } from './kubelka-munk';
import { cautionOf, hidingAtStrength, overUndercoat, paintAtStrength } from './paint';
import { internalReflectance, measuredReflectance } from './saunderson';
import { colourSheet } from './sheet';
import { mix, type Optical } from './tint-system';

describe('films (Kubelka 1948)', () => {
  test.each(golden.film)('K $K, S $S, thickness $X over $Rg, as integrated', ({ K, S, X, Rg, ode }) => {
    expect(filmReflectance({ k: K, s: S, x: X }, Rg)).toBeCloseTo(ode, 9);
  });

  test('no film shows the undercoat, a thick one does not', () => {
    expect(filmReflectance({ k: 0.1, s: 1, x: 0 }, 0.3)).toBe(0.3);
    expect(filmReflectance({ k: 0.1, s: 1, x: 1000 }, 0.3)).toBeCloseTo(reflectanceOfRatio(0.1), 9);
    expect(() => filmReflectance({ k: 0.1, s: 0, x: 1 }, 0.3)).toThrow(RangeError);
  });

  test.each(golden.contrast)('over black and white: K $K, S $S, thickness $X', ({ K, S, X, R_black, R_white }) => {
    expect(filmReflectance({ k: K, s: S, x: X }, 0)).toBeCloseTo(R_black, 9);
    expect(filmReflectance({ k: K, s: S, x: X }, 0.8)).toBeCloseTo(R_white, 9);
  });
});

test('two-constant mixing agrees with worked examples', () => {
  const { mixInput, mixes } = golden;
  const surface = { k1: mixInput.k1, k2: mixInput.k2 };
  const names = ['white', 'black', 'yellow'] as const;
  for (const { c_white_black_yellow: amounts, spectrum } of mixes)
    spectrum.forEach(({ R_measured }, i) => {
      const parts = names.map((name) => {
        const s = mixInput.S_relative[name][i]!;
        return { s, k: s * absorptionOverScattering(internalReflectance(mixInput.R_measured[name][i]!, surface)) };
      });
      const sum = (key: 'k' | 's') => parts.reduce((total, p, n) => total + amounts[n]! * p[key], 0);
      expect(measuredReflectance(reflectanceOfRatio(sum('k') / sum('s')), surface)).toBeCloseTo(R_measured, 9);
    });
});

describe('the demo tint system', () => {
  test('has 10 to 14 colourants and three bases of each maker', () => {
    expect(system.colourants.length).toBeGreaterThanOrEqual(10);
    expect(system.colourants.length).toBeLessThanOrEqual(14);
    expect(bases.map((b) => b.kind)).toEqual(['white', 'deep', 'clear', 'white', 'deep', 'clear']);
    for (const { k, s } of [...system.colourants, ...bases]) expect([k.length, s.length]).toEqual([GRID.count, GRID.count]);
  });

  test.each([
    ['ochre', (l: { a: number; b: number }) => l.b > 10 && Math.abs(l.a) < 6],
    ['oxide-red', (l: { a: number; b: number }) => l.a > 10],
    ['lampblack', (l: { a: number; b: number }) => Math.hypot(l.a, l.b) < 4],
    ['phthalo-blue', (l: { a: number; b: number }) => l.b < -8 && l.a < 0],
    ['phthalo-green', (l: { a: number; b: number }) => l.a < -15],
    ['magenta', (l: { a: number; b: number }) => l.a > 15 && l.b < 0],
    ['organic-yellow', (l: { a: number; b: number }) => l.b > 25],
  ] as const)('%s tints as its namesake does', (id, looks) => {
    expect(looks(labOfFormula(system, base('FR:white'), { [id]: 5 }))).toBe(true);
  });

  test('every deck colour is what its formula gives', () => {
    for (const entry of deck.colours) {
      const made = opaqueReflectance(mix(system, base(entry.base!), entry.formula!), system.surface);
      entry.spectrum!.values.forEach((v, i) => expect(Math.abs(v - made[i]!)).toBeLessThan(2e-5));
      expect(overloaded(base(entry.base!).kind, entry.formula!)).toBe(false);
    }
  });

  test('an unknown colourant or a negative amount is a caller’s bug', () => {
    expect(() => mix(system, base('FR:white'), { gold: 1 })).toThrow('has no colourant gold');
    expect(() => mix(system, base('FR:white'), { ochre: -1 })).toThrow(RangeError);
  });

  test('a colour made from three colourants is found again', () => {
    const aim = labOfFormula(system, base('FR:white'), { ochre: 2, 'oxide-red': 0.4, lampblack: 0.3 });
    const found = matchWith({ system, base: base('FR:white') }, aim, ['ochre', 'oxide-red', 'lampblack']);
    if (!found.ok) throw new Error(found.reason);
    expect(found.value.formula['ochre']).toBeCloseTo(2, 1);
    expect(deltaE00(labOfFormula(system, base('FR:white'), found.value.formula), aim)).toBeLessThan(0.02);
    expect(matchWith({ system, base: base('FR:white') }, { l: 60, a: 0, b: -40 }, ['ochre', 'oxide-red', 'lampblack']).ok).toBe(
      false,
    );
  });
});

describe('strength by colourants', () => {
  test('LRV never falls when the strength falls, in a white base', () => {
    const codes = deck.colours.filter((c) => c.base === 'FR:white').map((c) => c.code);
    fc.assert(
      fc.property(fc.constantFrom(...codes), fc.integer({ min: 0, max: 145 }), (code, percent) => {
        expect(paintAtStrength(paint(code), percent).lrv).toBeGreaterThanOrEqual(
          paintAtStrength(paint(code), percent + 5).lrv - 1e-9,
        );
      }),
      { numRuns: 80, seed: 14 },
    );
  });

  test('with little colourant it agrees with the one-constant rule', () => {
    const full = paint('FR 3112');
    for (const percent of [75, 50, 25]) {
      const one = paintAtStrength({ ...full, tint: undefined }, percent);
      const two = paintAtStrength(full, percent);
      expect([one.how, two.how]).toEqual(['one-constant', 'colourants']);
      expect(deltaE00(one.lab, two.lab)).toBeLessThan(0.6);
    }
  });

  test('in a clear base cutting strength costs hiding, in a white base it does not', () => {
    const clear = paint(deck.colours.find((c) => c.base === 'FR:clear')!.code);
    const [full, quarter] = [hidingAtStrength(clear, 100)!, hidingAtStrength(clear, 25)!];
    expect(full).toBeGreaterThan(quarter);
    expect(contrastRatio(clear.base.optical as Optical, 18)).toBeLessThan(0.5);
    const stray = (percent: number) => deltaE00(overUndercoat(clear, percent, 'white')!, overUndercoat(clear, percent, 'grey')!);
    expect(stray(25)).toBeGreaterThan(stray(100));
    expect(hidingAtStrength(paint('FR 3114'), 50)!).toBeGreaterThan(HIDES_FROM);
    expect([cautionOf(clear, 50), cautionOf(clear, 100), cautionOf(paint('FR 3114'), 50)]).toEqual([
      'hides-less',
      'none',
      'none',
    ]);
  });
});

describe('at the counter', () => {
  test('shots are whole, and a large can rounds less than a sample jar', () => {
    const { base: own, tint } = paint('FR 3301');
    const pour = (container: Container, percent = 100) =>
      dispense({ system, base: own.optical! }, tint!.formula, percent, container);
    for (const container of Object.keys(CONTAINERS) as Container[])
      for (const n of Object.values(pour(container).shots)) expect(Number.isInteger(n) && n > 0).toBe(true);
    expect(pour('litre-5').deltaE00).toBeLessThan(0.1);
    expect(pour('sample-jar').deltaE00).toBeGreaterThan(pour('litre-5').deltaE00);
  });

  test('a formula at 75 % in a jar rounds otherwise than in a gallon, and from ΔE 1 on it warns', () => {
    const worst = deck.colours
      .filter((c) => c.base === 'FR:white')
      .map((c) => dispense({ system, base: base(c.base!) }, c.formula!, 75, 'sample-jar'))
      .sort((p, q) => q.deltaE00 - p.deltaE00)[0]!;
    expect(worst.deltaE00).toBeGreaterThan(ROUNDING_WARNS_FROM);
    expect(worst.warns).toBe(true);
    const { base: own, tint } = paint('FR 3112');
    expect(dispense({ system, base: own.optical! }, tint!.formula, 75, 'gallon').warns).toBe(false);
  });
});

describe('colour sheet', () => {
  test('of a measured colour: no range under other lights, formulas per container', () => {
    const sheet = colourSheet(paint('FR 3112'));
    expect(sheet.measured).toBe(true);
    expect(all(sheet.lights, (l) => l.spread === 0)).toBe(true);
    expect(sheet.strengths.map((s) => s.percent)).toEqual([100, 75, 50, 25]);
    expect(sheet.pours[0]!.pours).toHaveLength(7);
  });

  test('of a colour known by its Lab: a range, no formula', () => {
    const full = paint('FR 3112');
    const sheet = colourSheet({ ...full, reflectance: undefined, tint: undefined });
    expect(sheet.measured).toBe(false);
    expect(all(sheet.lights, (l) => l.spread > 0.1)).toBe(true);
    expect([sheet.pours, sheet.shotMl]).toEqual([[], null]);
  });
});
