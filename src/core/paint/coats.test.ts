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

  test('a deep base over a light wall has a grey undercoat, however well it hides; over a dark one it has none', () => {
    const deep = paints.filter((p) => hidesByColourant(p.base) && lrvOf(p.lab) < 20);
    expect(all(deep, (p) => coatsOver(p, 100, WHITE_WALL).undercoat === 'grey')).toBe(true);
    expect(coatsOver(deep[0]!, 100, deep[0]!.lab)).toMatchObject({ coats: 2, undercoat: 'none' });
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

  test('a deep base over a light ground, or over nobody knows what: a grey undercoat', () => {
    const deep = known(paints.find((p) => p.base.kind === 'deep')!);
    expect(coatsOver(deep, 100, WHITE_WALL).undercoat).toBe('grey');
    expect(coatsOver(deep, 100, null).undercoat).toBe('grey');
  });
});
