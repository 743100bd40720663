import Color from 'colorjs.io';
import { differenceCiede2000 } from 'culori';
import { deltaE00 } from '@/core/colour/ciede2000';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import type { Lab } from '@/core/colour/types';
import { seededRandom } from '@/core/random';
import { against, medianSeconds, ratio } from './measure';

const COUNT = 100_000;

function labs(count: number): Lab[] {
  const random = seededRandom(1);
  return Array.from({ length: count }, () => ({ l: 5 + 92 * random(), a: 60 * random() - 30, b: 60 * random() - 30 }));
}

/** CIEDE2000 side by side with the registry's colour libraries, each given Lab under its own mode so that no conversion is timed. */
export function benchDeltaE(): void {
  const [first, second] = [labs(COUNT), labs(COUNT).reverse()];
  let sink = 0;
  const own = medianSeconds(() => {
    for (let i = 0; i < COUNT; i++) sink += deltaE00(first[i]!, second[i]!);
  });
  const culoriDifference = differenceCiede2000();
  const [c1, c2] = [first.map((c) => ({ mode: 'lab65' as const, ...c })), second.map((c) => ({ mode: 'lab65' as const, ...c }))];
  const culori = medianSeconds(() => {
    for (let i = 0; i < COUNT; i++) sink += culoriDifference(c1[i]!, c2[i]!);
  });
  const few = COUNT / 10;
  const asColor = (all: Lab[]) => all.slice(0, few).map((c) => new Color('lab-d65', [c.l, c.a, c.b]));
  const [j1, j2] = [asColor(first), asColor(second)];
  const colorjs =
    medianSeconds(() => {
      for (let i = 0; i < few; i++) sink += j1[i]!.deltaE(j2[i]!, '2000');
    }, 3) * 10;
  ratio(`deltaE00, ${(COUNT / own / 1e6).toFixed(2)} million a second`, own, culori, 'culori');
  ratio('deltaE00', own, colorjs, 'colorjs.io');
  if (!Number.isFinite(sink)) throw new Error('a difference was not a number');
}

/** Smoothest reflectance of ordinary surface colours. */
export function benchReflectance(): void {
  const colours = labs(2000)
    .map((c) => ({ ...c, a: c.a / 2, b: c.b / 2 }))
    .filter((c) => reflectanceFromLab(c).ok);
  const seconds = medianSeconds(() => colours.forEach((c) => reflectanceFromLab(c)), 3);
  against(`reflectance from Lab, ${colours.length} colours, each`, (1000 * seconds) / colours.length, 2, 'ms');
}
