import { all } from '../../../tests/all';
import { deck, paint } from '../../../tests/demo-paints';
import { lrvOf } from '../colour/lab';
import { coatsOver, USUAL_COATS } from './coats';
import { contrastRatio, HIDES_FROM } from './film';
import { hidesByColourant, hidingAtStrength, type Paint } from './paint';
import { mix } from './tint-system';

const [WHITE_WALL, DARK_WALL] = [
  { l: 93, a: 0, b: 3 },
  { l: 25, a: 10, b: 12 },
];
const BLACK = { l: 10, a: 0, b: 0 };
const DEEP_RED = { l: 30, a: 45, b: 25 };
const paints = deck.colours.map((c) => paint(c.code));
const known = ({ lab, base }: Paint): Paint => ({
  lab,
  base: { ...base, optical: undefined },
  reflectance: undefined,
  tint: undefined,
});

describe('coats of paints whose K and S are known', () => {
  test('over their like, paints with a contrast ratio of 98 % and more take two coats (ISO 6504-3)', () => {
    const white = paints.filter((p) => !hidesByColourant(p.base) && (hidingAtStrength(p, 100) ?? 0) >= HIDES_FROM);
    expect(all(white, (p) => coatsOver(p, 100, p.lab).coats === USUAL_COATS)).toBe(true);
    expect(all(white, (p) => coatsOver(p, 100, null).coats === USUAL_COATS)).toBe(true);
  });

  test('what would show over a dark wall is said, and asks for a third coat or an undercoat', () => {
    const shows = paints.filter((p) => (coatsOver(p, 100, DARK_WALL).showsThrough ?? 0) >= 1);
    expect(shows.length).toBeGreaterThan(5);
    expect(
      all(shows, (p) => coatsOver(p, 100, DARK_WALL).coats > USUAL_COATS || coatsOver(p, 100, DARK_WALL).undercoat !== 'none'),
    ).toBe(true);
    // ΔE to show and the contrast ratio are two readings of one film
    expect(all(shows, (p) => coatsOver(p, 100, DARK_WALL).why.includes('would show'))).toBe(true);
  });

  test('over what is like it less shows than over what is dark', () => {
    const light = paints.filter((p) => lrvOf(p.lab) > 70);
    const through = (p: Paint, under: typeof DARK_WALL) => coatsOver(p, 100, under).showsThrough!;
    expect(all(light, (p) => through(p, WHITE_WALL) <= through(p, DARK_WALL))).toBe(true);
  });

  test('the contrast ratio is that of two coats', () => {
    const [p] = paints;
    const optical = mix(p!.tint!.system, p!.base.optical!, p!.tint!.formula, 0.5);
    expect(coatsOver(p!, 50, null).contrast).toBeCloseTo(
      contrastRatio(optical, p!.base.optical!.film, p!.tint!.system.surface),
      12,
    );
  });

  test('no undercoat is sold where the computed film hides, thin spots included', () => {
    for (const code of ['FR 3215', 'FR 3246']) {
      expect(hidesByColourant(paint(code).base)).toBe(true);
      expect(coatsOver(paint(code), 100, WHITE_WALL)).toMatchObject({ coats: 2, undercoat: 'none' });
    }
    const hides = paints.filter((p) => coatsOver(p, 100, WHITE_WALL).showsThrough! < 1);
    expect(all(hides, (p) => coatsOver(p, 100, WHITE_WALL).undercoat === 'none')).toBe(true);
  });

  test('thin spots count: a white over black or deep red takes three coats, or an undercoat', () => {
    const whites = paints.filter((p) => lrvOf(p.lab) >= 84);
    for (const under of [BLACK, DEEP_RED])
      expect(all(whites, (p) => coatsOver(p, 100, under).coats === 3 || coatsOver(p, 100, under).undercoat !== 'none')).toBe(
        true,
      );
    expect(coatsOver(paint('FR 3314'), 100, BLACK)).toMatchObject({ coats: 3, undercoat: 'none' });
    expect(coatsOver(paint('FR 3314'), 100, DEEP_RED)).toMatchObject({ coats: 3, undercoat: 'none' });
  });

  test('what does not hide has the undercoat that leaves least: a tenth of a deep base, by what it does', () => {
    const thinned = paints.filter((p) => hidesByColourant(p.base)).map((p) => ({ p, advice: coatsOver(p, 10, BLACK) }));
    const under = thinned.filter(({ advice }) => advice.undercoat !== 'none');
    expect(under.length).toBeGreaterThan(3);
    for (const { p, advice } of under)
      expect([p.lab, advice.undercoat, advice.why.length > 20]).toEqual([p.lab, advice.undercoat, true]);
  });

  test('thinned to a tenth a deep base hides less, and says by how much', () => {
    const deep = paints.find((p) => p.base.kind === 'clear')!;
    const cut = coatsOver(deep, 10, WHITE_WALL);
    expect(cut.contrast!).toBeLessThan(coatsOver(deep, 100, WHITE_WALL).contrast!);
    expect(cut.why).toMatch(/two coats hide \d+\.\d %/);
  });
});

describe('coats by the trade’s rules, where K and S are not known (common practice, no source)', () => {
  const light = known(paints.find((p) => lrvOf(p.lab) > 75)!);
  test('far lighter than what is there: a third coat, and why', () => {
    expect(coatsOver(light, 100, DARK_WALL)).toMatchObject({ coats: 3, undercoat: 'none', contrast: null });
    expect(coatsOver(light, 100, DARK_WALL).why).toContain('points of LRV lighter');
    expect(coatsOver(light, 100, WHITE_WALL).coats).toBe(2);
    expect(coatsOver(light, 100, null).why).toContain('not recorded');
  });

  test('a deep base over a light ground, or over nobody knows what: the undercoat its hue asks for', () => {
    const deep = known(paints.find((p) => p.base.kind === 'deep')!);
    const of = (l: number, a: number, b: number, under: typeof WHITE_WALL | null = WHITE_WALL) =>
      coatsOver({ ...deep, lab: { l, a, b } }, 100, under).undercoat;
    // blues, greens, greys; clear yellows and oranges; deep reds
    expect([of(24, 2, -20), of(30, -12, 8), of(28, 0, -1), of(24, 2, -20, null)]).toEqual(['grey', 'grey', 'grey', 'grey']);
    expect([of(62, 10, 55), of(56, 35, 45)]).toEqual(['white', 'white']);
    expect(of(32, 42, 24)).toBe('tinted');
  });
});
