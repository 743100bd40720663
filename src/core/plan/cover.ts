/** Something that can be chosen, and the elements (by index) it shows. */
export type CoverOption = { readonly cost: number; readonly shows: readonly number[] };

/** Options that together show every element that any option shows. */
export type Cover = {
  /** Indices of the options, ascending. */
  readonly chosen: readonly number[];
  readonly cost: number;
  /** Whether no cheaper choice shows as much; proved, not believed. */
  readonly exact: boolean;
  /** No choice that shows as much costs less than this; the cost itself where it is exact. */
  readonly atLeast: number;
  /** Elements that no option shows. */
  readonly never: readonly number[];
};

/** Choices looked at before the search is given up and the best so far stands. */
export const MOST_CHOICES = 20_000;

type Problem = { readonly costs: readonly number[]; readonly masks: readonly bigint[] };
type Found = { readonly chosen: bigint; readonly cost: number };

function bitsOf(mask: bigint): number[] {
  const bits: number[] = [];
  for (let rest = mask, k = 0; rest > 0n; rest >>= 1n, k++) if (rest & 1n) bits.push(k);
  return bits;
}
const costOf = (mask: bigint, { costs }: Problem): number => bitsOf(mask).reduce((s, k) => s + costs[k]!, 0);

/** For each element the options that show it; of elements only the hardest stay: who shows those shows the others too. */
function hardest(elements: readonly bigint[]): bigint[] {
  const once = [...new Set(elements)].map((mask) => ({ mask, size: bitsOf(mask).length })).sort((p, q) => p.size - q.size);
  const kept: bigint[] = [];
  for (const { mask } of once) if (!kept.some((k) => (k & mask) === k)) kept.push(mask);
  return kept;
}

/** The cheapest of an element's options. */
const cheapest = (mask: bigint, { costs }: Problem): number => Math.min(...bitsOf(mask).map((k) => costs[k]!));

/** What showing the rest costs at least: elements that share no option are paid for one by one. */
function leastFor(rest: readonly bigint[], problem: Problem): number {
  let [taken, cost] = [0n, 0];
  for (const mask of rest) {
    if (mask & taken) continue;
    taken |= mask;
    cost += cheapest(mask, problem);
  }
  return cost;
}

/**
 * By the most that is newly shown for its cost, again and again; at most H(d) times the least cost, d the most that one option shows
 * (Chvátal 1979).
 */
function greedy(problem: Problem): Found {
  let [chosen, rest] = [0n, problem.masks];
  while (rest.length > 0) {
    let [best, worth] = [0, 0];
    problem.costs.forEach((cost, k) => {
      const shown = rest.filter((mask) => mask & (1n << BigInt(k))).length / cost;
      if (shown > worth) [best, worth] = [k, shown];
    });
    chosen |= 1n << BigInt(best);
    rest = rest.filter((mask) => !(mask & chosen));
  }
  for (const k of bitsOf(chosen).reverse()) {
    const without = chosen & ~(1n << BigInt(k));
    if (problem.masks.every((mask) => mask & without)) chosen = without;
  }
  return { chosen, cost: costOf(chosen, problem) };
}

/** Branch and bound over the options of the element that has fewest; the best, and whether all was looked at. */
function searched(problem: Problem, start: Found, mostChoices: number): Found & { readonly exact: boolean } {
  let best = start;
  let left = mostChoices;
  const go = (chosen: bigint, cost: number, rest: readonly bigint[]): void => {
    if (left-- <= 0) return;
    if (rest.length === 0) {
      if (cost < best.cost) best = { chosen, cost };
      return;
    }
    if (cost + leastFor(rest, problem) >= best.cost) return;
    const shows = (k: number) => rest.filter((mask) => mask & (1n << BigInt(k))).length;
    // the masks are sorted: the first has the fewest options
    const ways = bitsOf(rest[0]!).map((k) => ({ k, worth: shows(k) / problem.costs[k]! }));
    for (const { k } of ways.sort((p, q) => q.worth - p.worth)) {
      const bit = 1n << BigInt(k);
      const next = rest.filter((mask) => !(mask & bit));
      go(chosen | bit, cost + problem.costs[k]!, next);
    }
  };
  go(0n, 0, problem.masks);
  return { ...best, exact: left > 0 };
}

/**
 * The cheapest options that show every element: weighted set cover. Exact by branch and bound where it ends within `mostChoices`;
 * otherwise the better of what was found by then and a greedy choice, with a bound below the least cost. Costs are positive.
 *
 * @throws RangeError when a cost is not positive, or an option shows an element that is none
 */
export function smallestCover(options: readonly CoverOption[], elements: number, mostChoices = MOST_CHOICES): Cover {
  const masks = Array<bigint>(elements).fill(0n);
  options.forEach(({ cost, shows }, k) => {
    if (!(cost > 0)) throw new RangeError(`a look costs ${cost}`);
    for (const element of shows) {
      if (masks[element] === undefined) throw new RangeError(`there is no element ${element}`);
      masks[element] |= 1n << BigInt(k);
    }
  });
  const never = masks.flatMap((mask, element) => (mask === 0n ? [element] : []));
  const problem = { costs: options.map((o) => o.cost), masks: hardest(masks.filter((mask) => mask > 0n)) };
  const first = greedy(problem);
  const { chosen, cost, exact } = searched(problem, first, mostChoices);
  return { chosen: bitsOf(chosen), cost, exact, atLeast: exact ? cost : leastFor(problem.masks, problem), never };
}
