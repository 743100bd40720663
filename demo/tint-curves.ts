/**
 * The invented tint system of the demo: no such colourants exist. Their curves are drawn to behave like real pigments of the same
 * name (where they absorb, how strongly they tint, whether they scatter), in units of the white base's scattering.
 */
import { onGrid } from '../src/core/colour/grid';
import type { Colourant, TintBase, TintSystem } from '../src/core/paint/tint-system';

const edge = (nm: number, at: number, width: number) => 1 / (1 + Math.exp((nm - at) / width));
const band = (nm: number, at: number, width: number) => Math.exp(-(((nm - at) / width) ** 2));

type Curve = (nm: number) => number;
/** How strongly all of them tint: so weak that an off-white takes a few shots in a sample jar. */
const TINTING = 0.4;
const colourant = (id: string, name: string, k: Curve, s: Curve = () => 0.0002): Colourant => ({
  id,
  name,
  k: onGrid((nm) => TINTING * k(nm)),
  s: onGrid((nm) => TINTING * s(nm)),
});

const COLOURANTS: readonly Colourant[] = [
  colourant(
    'ochre',
    'ochre',
    (n) => 0.02 * edge(n, 502, 14) + 0.0012 * band(n, 650, 70) + 0.0006,
    () => 0.004,
  ),
  colourant(
    'oxide-red',
    'oxide red',
    (n) => 0.034 * edge(n, 575, 11) + 0.0022,
    () => 0.004,
  ),
  colourant(
    'raw-umber',
    'raw umber',
    (n) => 0.024 * Math.exp(-(n - 400) / 130) + 0.0034,
    () => 0.0015,
  ),
  colourant(
    'burnt-brown',
    'burnt brown',
    (n) => 0.034 * edge(n, 565, 32) + 0.006,
    () => 0.002,
  ),
  colourant('lampblack', 'lampblack', (n) => 0.06 * Math.sqrt(550 / n)),
  colourant(
    'phthalo-blue',
    'phthalo blue',
    (n) => 0.085 * band(n, 612, 42) + 0.07 * band(n, 690, 48) + 0.012 * band(n, 385, 40) + 0.0009,
  ),
  colourant(
    'phthalo-green',
    'phthalo green',
    (n) => 0.075 * band(n, 640, 52) + 0.045 * band(n, 725, 50) + 0.05 * band(n, 425, 30) + 0.0009,
  ),
  colourant('magenta', 'magenta', (n) => 0.05 * band(n, 562, 26) + 0.042 * band(n, 524, 30) + 0.006 * band(n, 400, 45) + 0.0005),
  colourant('organic-yellow', 'organic yellow', (n) => 0.058 * edge(n, 483, 9) + 0.0003),
  colourant('organic-orange', 'organic orange', (n) => 0.054 * edge(n, 546, 13) + 0.0005),
  colourant('organic-red', 'organic red', (n) => 0.05 * edge(n, 592, 8) + 0.0006),
  colourant('violet', 'violet', (n) => 0.07 * band(n, 582, 46) + 0.04 * band(n, 530, 34) + 0.0025),
  colourant(
    'white',
    'white',
    (n) => 0.02 * (0.0008 + 1.1 * edge(n, 388, 5)),
    () => 0.02,
  ),
];

export const DEMO_TINT_SYSTEM: TintSystem = {
  id: 'demo',
  name: 'Demo tint',
  shotMl: 0.05,
  surface: { k1: 0.013, k2: 0.6 },
  colourants: COLOURANTS,
};

/** How a maker's untinted paint absorbs: a little everywhere, more toward blue, and nearly all below 400 nm (titanium dioxide). */
const untinted =
  (grey: number, yellow: number): Curve =>
  (n) =>
    grey + yellow * Math.exp(-(n - 400) / 55) + 1.3 * edge(n, 388, 5);

/** White base, deep base and clear base of a maker; two dry coats are 18 film units. */
export function basesOf(maker: string, grey: number, yellow: number): readonly TintBase[] {
  const clean = untinted(grey, yellow);
  const base = (kind: TintBase['kind'], name: string, scatter: number): TintBase => ({
    id: `${maker}:${kind}`,
    kind,
    name,
    film: 18,
    k: onGrid((n) => Math.max(scatter, 0.05) * clean(n)),
    s: onGrid(() => scatter),
  });
  return [base('white', 'white base', 1), base('deep', 'deep base', 0.34), base('clear', 'clear base', 0.03)];
}
