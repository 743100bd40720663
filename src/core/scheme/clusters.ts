import { kmeans } from 'ml-kmeans';
import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { apartSquared, type LabPicture } from './lab-picture';

export const CLUSTERS = {
  /** Clusters that are begun with: more than a piece has colours, so that small ones are found, and joined after. */
  first: 24,
  /** Pixels they are found from. */
  sample: 5000,
  /** Nearer than this they are one colour, ΔE00. */
  same: 4.5,
  /** Lying through each other like threads they are one up to here; more than this share of their neighbours is the other. */
  woven: 11,
  /** Where the two are one colour in more and less light, up to here. */
  wovenShade: 17,
  wovenShare: 0.18,
  /** Where the step over their border is so small a part of how far they are apart, the border is not there: it is light that falls off. */
  soft: 0.45,
  /** Light leaves the hue: what is left between them once both are as bright, plain ΔE of a* and b*. */
  shade: 6,
  /** Pixels over which a border is looked at. */
  stride: 2,
  /** Fewer crossings tell nothing. */
  fewest: 12,
} as const;

type Join = { readonly of: Int32Array; readonly count: number };
const seed = 20;

/** Middles of clusters in CIELAB: k-means++ (Arthur & Vassilvitskii 2007; Lloyd 1982) over a sample of the pixels that are no mixtures. */
function middles(lab: LabPicture, pure: readonly number[]): Lab[] {
  const step = Math.max(1, Math.floor(pure.length / CLUSTERS.sample));
  const points = pure.filter((_, n) => n % step === 0).map((i) => [lab.l[i]!, lab.a[i]!, lab.b[i]!]);
  const different = new Set(points.map((p) => p.map((v) => Math.round(v * 4)).join()));
  const count = Math.min(CLUSTERS.first, different.size, points.length);
  const { centroids } = kmeans(points, count, { initialization: 'kmeans++', seed, maxIterations: 12 });
  return centroids.map((c) => ({ l: c[0]!, a: c[1]!, b: c[2]! }));
}

const distance = (p: Lab, q: Lab) => Math.hypot(p.l - q.l, p.a - q.a, p.b - q.b);

/** Index of the nearest of some colours, by the plain distance in CIELAB. */
export function nearestOf(colours: readonly Lab[], lab: Lab): number {
  let best = 0;
  let least = Infinity;
  for (let k = 0; k < colours.length; k++) {
    const { l, a, b } = colours[k]!;
    const far = (l - lab.l) ** 2 + (a - lab.a) ** 2 + (b - lab.b) ** 2;
    if (far < least) [best, least] = [k, far];
  }
  return best;
}

/** How clusters lie beside each other: how often a pixel of one has one of the other at a stride, and how far those are apart. */
function borders(lab: LabPicture, { of, count }: Join) {
  const crossings = new Float64Array(count * count);
  const steps = new Float64Array(count * count);
  const { width, height } = lab;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      if (of[i]! < 0) continue;
      for (let way = 0; way < 2; way++) {
        const inside = way === 0 ? x + CLUSTERS.stride < width : y + CLUSTERS.stride < height;
        const k = i + CLUSTERS.stride * (way === 0 ? 1 : width);
        if (!inside || of[k]! < 0) continue;
        const [p, q] = [Math.min(of[i]!, of[k]!), Math.max(of[i]!, of[k]!)];
        crossings[p * count + q] = crossings[p * count + q]! + 1;
        steps[p * count + q] = steps[p * count + q]! + Math.sqrt(apartSquared(lab, i, k));
      }
    }
  return { crossings, steps };
}

type Group = { lab: Lab; weight: number };

/** Whether one is the other in less light: what is left of their difference once the darker is as bright as the other. */
function isShadeOf(p: Lab, q: Lab): boolean {
  const [dark, bright] = p.l < q.l ? [p, q] : [q, p];
  // in CIELAB a* and b* fall off with the cube root of the light, as L* + 16 does
  const ratio = (bright.l + 16) / (dark.l + 16);
  return Math.hypot(dark.a * ratio - bright.a, dark.b * ratio - bright.b) < CLUSTERS.shade;
}

/** Joins what is one colour, the nearest first. Answers for each cluster which it has become. */
function joined(groups: Group[], { crossings, steps }: ReturnType<typeof borders>): Int32Array {
  const count = groups.length;
  const into = Int32Array.from({ length: count }, (_, k) => k);
  const alive = new Set(into);
  const at = (p: number, q: number) => Math.min(p, q) * count + Math.max(p, q);
  const around = (p: number) => [...alive].reduce((sum, q) => sum + crossings[at(p, q)]! * (p === q ? 2 : 1), 0);
  const isOne = (p: number, q: number) => {
    const [one, other] = [groups[p]!.lab, groups[q]!.lab];
    const far = deltaE00(one, other);
    if (far < CLUSTERS.same) return true;
    const crossed = crossings[at(p, q)]!;
    if (crossed < CLUSTERS.fewest) return false;
    const threads = isShadeOf(one, other) ? CLUSTERS.wovenShade : CLUSTERS.woven;
    if (far < threads && crossed > CLUSTERS.wovenShare * Math.min(around(p), around(q))) return true;
    return steps[at(p, q)]! / crossed < CLUSTERS.soft * distance(one, other) && isShadeOf(one, other);
  };
  for (;;) {
    const pairs = [...alive].flatMap((p) => [...alive].filter((q) => q > p && isOne(p, q)).map((q) => [p, q] as const));
    if (pairs.length === 0) return into;
    const far = ([p, q]: readonly [number, number]) => deltaE00(groups[p]!.lab, groups[q]!.lab);
    const [keep, gone] = pairs.reduce((best, pair) => (far(pair) < far(best) ? pair : best));
    const [a, b] = [groups[keep]!, groups[gone]!];
    const share = b.weight / (a.weight + b.weight);
    const mean = (u: number, v: number) => u + (v - u) * share;
    groups[keep] = {
      lab: { l: mean(a.lab.l, b.lab.l), a: mean(a.lab.a, b.lab.a), b: mean(a.lab.b, b.lab.b) },
      weight: a.weight + b.weight,
    };
    alive.delete(gone);
    for (let k = 0; k < count; k++) if (into[k] === gone) into[k] = keep;
    for (const other of alive) {
      const target = other === keep ? at(keep, keep) : at(keep, other);
      crossings[target] = crossings[target]! + crossings[at(gone, other)]!;
      steps[target] = steps[target]! + steps[at(gone, other)]!;
    }
    crossings[at(keep, keep)] = crossings[at(keep, keep)]! + crossings[at(gone, gone)]!;
  }
}

/**
 * The colours of a picture as clusters of its pixels: found by k-means, then joined where they are one colour, one weave, or one colour in
 * more and less light.
 *
 * @param mixed 1 for a pixel that is a mixture of its neighbours; @returns for each pixel its cluster, −1 for a mixture and what does not
 * count
 */
export function clusters(lab: LabPicture, mixed: Uint8Array): Join {
  const counted = Array.from(lab.l.keys()).filter((i) => !Number.isNaN(lab.l[i]!));
  const clear = counted.filter((i) => mixed[i] === 0);
  // a picture that is nothing but edges is taken as it is
  const pure = clear.length > counted.length / 50 ? clear : counted;
  const found = middles(lab, pure);
  const of = new Int32Array(lab.l.length).fill(-1);
  const groups: Group[] = found.map((c) => ({ lab: c, weight: 0 }));
  const sums = found.map(() => ({ l: 0, a: 0, b: 0 }));
  for (const i of pure) {
    const here = { l: lab.l[i]!, a: lab.a[i]!, b: lab.b[i]! };
    const k = nearestOf(found, here);
    of[i] = k;
    groups[k]!.weight += 1;
    sums[k]!.l += here.l;
    sums[k]!.a += here.a;
    sums[k]!.b += here.b;
  }
  for (const [k, g] of groups.entries())
    if (g.weight > 0) g.lab = { l: sums[k]!.l / g.weight, a: sums[k]!.a / g.weight, b: sums[k]!.b / g.weight };
  const into = joined(groups, borders(lab, { of, count: found.length }));
  const names = [...new Set(of)].filter((k) => k >= 0).map((k) => into[k]!);
  const order = [...new Set(names)];
  const number = new Map(order.map((k, n) => [k, n]));
  for (let i = 0; i < of.length; i++) if (of[i]! >= 0) of[i] = number.get(into[of[i]!]!)!;
  return { of, count: order.length };
}
