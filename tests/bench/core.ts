import Color from 'colorjs.io';
import { converter, differenceCiede2000 } from 'culori';
import { cam16, viewing, xyzFromCam16 } from '@/core/colour/cam16';
import { lightOfTemperature } from '@/core/colour/illuminant';
import { labFromXyz } from '@/core/colour/lab';
import { metamers } from '@/core/colour/metamers';
import { paintAtStrength } from '@/core/paint/paint';
import { strengthForLook, strengthForLrv } from '@/core/paint/solve';
import { deltaE00 } from '@/core/colour/ciede2000';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import type { Lab } from '@/core/colour/types';
import { seededRandom } from '@/core/base/random';
import { against, medianSeconds, ratio, sized } from './measure';

const COUNT = sized(100_000, 5_000);

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
  ratio('CIEDE2000', own, culori, { than: 'culori', least: 2 });
  ratio('CIEDE2000', own, colorjs, { than: 'colorjs.io', least: 2 });
  if (!Number.isFinite(sink)) throw new Error('a difference was not a number');
}

/** CAM16 forward and back, and Lab from XYZ, side by side with a registry library that has both. */
export function benchConversions(): void {
  const count = COUNT / 5;
  const random = seededRandom(2);
  const xyz = Array.from({ length: count }, () => {
    const y = 2 + 90 * random();
    return { x: y * (0.85 + 0.2 * random()), y, z: y * (0.8 + 0.5 * random()) };
  });
  const v = viewing({ white: { x: 95.047, y: 100, z: 108.883 }, la: (64 / Math.PI) * 0.2, yb: 20, surround: 'average' });
  let sink = 0;
  const forward = medianSeconds(() => {
    for (let i = 0; i < count; i++) sink += cam16(xyz[i]!, v).j;
  });
  const looks = xyz.map((c) => cam16(c, v));
  const back = medianSeconds(() => {
    for (let i = 0; i < count; i++) sink += xyzFromCam16(looks[i]!, v).y;
  });
  const toLab = medianSeconds(() => {
    for (let i = 0; i < count; i++) sink += labFromXyz(xyz[i]!).l;
  });
  const few = count / 10;
  const from = Color.Space.get('xyz-d65');
  const coords = xyz.slice(0, few).map((c): [number, number, number] => [c.x / 100, c.y / 100, c.z / 100]);
  const theirs = (name: string) => {
    const to = Color.Space.get(name);
    const seconds = medianSeconds(() => {
      for (let i = 0; i < few; i++) sink += Number(from.to(to, coords[i]!)[0]);
    }, 3);
    return 10 * seconds;
  };
  ratio('CAM16 from XYZ', forward, theirs('cam16-jmh'), { than: 'colorjs.io' });
  ratio('Lab from XYZ', toLab, theirs('lab-d65'), { than: 'colorjs.io', least: 3 });
  const culoriLab = converter('lab65');
  const c = xyz.map((p) => ({ mode: 'xyz65' as const, x: p.x / 100, y: p.y / 100, z: p.z / 100 }));
  const culori = medianSeconds(() => {
    for (let i = 0; i < count; i++) sink += culoriLab(c[i]!).l;
  });
  ratio('Lab from XYZ', toLab, culori, { than: 'culori', least: 3 });
  against('XYZ from CAM16, a million', (1e6 * back) / count, 1, 's');
  if (!Number.isFinite(sink)) throw new Error('a conversion was not a number');
}

/** An ensemble of metamers, and strengths solved for. */
export function benchPaint(): void {
  const colours = labs(sized(40, 4)).map((c) => ({ l: 40 + c.l / 2, a: c.a / 4, b: c.b / 3 }));
  const ensemble = medianSeconds(() => colours.forEach((c) => metamers(c)), 3);
  against('ensemble of plausible metamers, each', (1000 * ensemble) / colours.length, 20, 'ms');
  const base = {
    id: 'b',
    kind: 'white' as const,
    name: 'base',
    lab: { l: 96, a: -0.5, b: 2 },
    reflectance: undefined,
    optical: undefined,
  };
  const paints = colours.slice(0, 10).map((lab) => ({ lab, reflectance: undefined, tint: undefined, base }));
  const lrv = medianSeconds(() => paints.forEach((p) => strengthForLrv(p, 70)), 3);
  against('strength solved for an LRV, each', (1000 * lrv) / paints.length, 100, 'ms');
  const [day, lamp] = [
    { power: lightOfTemperature(6500), lux: 500 },
    { power: lightOfTemperature(2800), lux: 150 },
  ];
  const look = medianSeconds(
    () => paints.forEach((p) => strengthForLook(p, lamp, { reflectance: paintAtStrength(p, 100).reflectance, light: day })),
    3,
  );
  against('strength solved for a look in another light, each', (1000 * look) / paints.length, 150, 'ms');
}

/** Smoothest reflectance of ordinary surface colours. */
export function benchReflectance(): void {
  const colours = labs(sized(2000, 60))
    .map((c) => ({ ...c, a: c.a / 2, b: c.b / 2 }))
    .filter((c) => reflectanceFromLab(c).ok);
  const seconds = medianSeconds(() => colours.forEach((c) => reflectanceFromLab(c)), 3);
  against('reflectance from Lab, each', (1000 * seconds) / colours.length, 2, 'ms');
}
