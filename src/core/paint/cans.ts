import type { Units } from '../units/length';
import { CONTAINERS, type Container } from './containers';

/** What paint for rooms is sold in, largest first. Common practice, no source. */
export const SOLD_IN: Readonly<Record<Units, readonly Container[]>> = {
  metric: ['litre-10', 'litre-5', 'litre-2-5', 'litre', 'litre-0-5'],
  imperial: ['pail', 'gallon', 'quart'],
};

/** So many of one container. */
export type Cans = { readonly container: Container; readonly count: number };
export type CanChoice = {
  /** Largest first. */
  readonly cans: readonly Cans[];
  readonly litres: number;
  /** Litres left over when all is painted. */
  readonly leftover: number;
};

/** How finely litres are told apart, litres: far below what anyone pours. */
const GRAIN = 1e-6;

const choice = (counts: ReadonlyMap<Container, number>, sizes: readonly Container[], need: number): CanChoice => {
  const cans = sizes.flatMap((container) => {
    const count = counts.get(container) ?? 0;
    return count > 0 ? [{ container, count }] : [];
  });
  const litres = cans.reduce((sum, { container, count }) => sum + count * CONTAINERS[container].litres, 0);
  return { cans, litres, leftover: Math.max(0, litres - need) };
};

/**
 * The containers that leave the least over, and among those the fewest: exact. Every size sold is a whole number of the smallest, so the
 * least total is the next whole number of it; how few make it is found total by total (dynamic programming over what is left to fill).
 *
 * @param litres what is needed, ≥ 0; @param sizes containers, each a whole multiple of the smallest
 * @throws RangeError when a size is no multiple of the smallest, or the need no number
 */
export function fewestLeftover(litres: number, sizes: readonly Container[]): CanChoice {
  if (!(litres >= 0 && Number.isFinite(litres))) throw new RangeError(`${litres} litres: must be 0 or more`);
  const smallest = Math.min(...sizes.map((s) => CONTAINERS[s].litres));
  const units = sizes.map((s) => {
    const exact = CONTAINERS[s].litres / smallest;
    if (Math.abs(exact - Math.round(exact)) > GRAIN) throw new RangeError(`${s} is no multiple of the smallest container`);
    return Math.round(exact);
  });
  const total = Math.ceil(litres / smallest - GRAIN);
  const fewest = [0];
  const last: number[] = [];
  for (let t = 1; t <= total; t++) {
    const ways = units.map((u, k) => ({ k, count: u <= t ? fewest[t - u]! + 1 : Infinity }));
    const best = ways.reduce((p, q) => (q.count < p.count ? q : p));
    fewest.push(best.count);
    last[t] = best.k;
  }
  const counts = new Map<Container, number>();
  for (let t = total; t > 0; t -= units[last[t]!]!) counts.set(sizes[last[t]!]!, (counts.get(sizes[last[t]!]!) ?? 0) + 1);
  return choice(counts, sizes, litres);
}

/** What may be left over for the sake of fewer tins: a share of the need. Common practice, no source; own choice. */
const MAY_BE_LEFT = 0.25;

/** Every total that meets the need with at most a quarter over, litres; the first that meets it where none does. */
const totalsFrom = (litres: number, sizes: readonly Container[]): number[] => {
  const smallest = Math.min(...sizes.map((s) => CONTAINERS[s].litres));
  const first = Math.ceil(litres / smallest - GRAIN);
  const last = Math.floor((litres * (1 + MAY_BE_LEFT)) / smallest + GRAIN);
  return Array.from({ length: Math.max(1, last - first + 1) }, (_, n) => (first + n) * smallest);
};

/**
 * The fewest containers that leave no more than a quarter over, and among those the least left over: every tin is tinted by itself, and
 * one less is one less that can come out different. Where nothing leaves so little, the least left over.
 *
 * @param litres what is needed, ≥ 0; @param sizes containers, each a whole multiple of the smallest
 */
export function fewestTins(litres: number, sizes: readonly Container[]): CanChoice {
  const count = ({ cans }: CanChoice) => cans.reduce((sum, c) => sum + c.count, 0);
  const all = totalsFrom(litres, sizes).map((total) => ({
    ...fewestLeftover(total, sizes),
    leftover: Math.max(0, total - litres),
  }));
  return all.reduce((best, next) => (count(next) < count(best) ? next : best));
}

const ONE: Readonly<Partial<Record<Container, readonly [one: string, many: string]>>> = {
  quart: ['quart', 'quarts'],
  gallon: ['gallon', 'gallons'],
  pail: ['pail of 5 gallons', 'pails of 5 gallons'],
};
function sayCan({ container, count }: Cans): string {
  const names = ONE[container];
  if (names) return `${count} ${names[count === 1 ? 0 : 1]}`;
  const { litres } = CONTAINERS[container];
  return count === 1 ? `${litres} l` : `${count} × ${litres} l`;
}

/** "5 l + 0.5 l", "2 × 10 l", "1 gallon + 3 quarts"; "none" where nothing is needed. */
export const sayCans = ({ cans }: Pick<CanChoice, 'cans'>): string => (cans.length === 0 ? 'none' : cans.map(sayCan).join(' + '));
