import type { Thing } from '../record/thing';

/** What it takes to change a thing, the dearest first. Common practice, no source. */
export const CHANGE_COSTS = ['dear', 'moderate', 'cheap'] as const;
export type ChangeCost = (typeof CHANGE_COSTS)[number];

/** Height from which a ceiling needs a scaffold, metres. Own choice. */
const HIGH_M = 3;

const COSTS: Readonly<Record<Thing, readonly [ChangeCost, how: string]>> = {
  floor: ['dear', 'a new floor'],
  worktop: ['dear', 'a new worktop'],
  tile: ['dear', 'new tiles'],
  hearth: ['dear', 'a new hearth'],
  suite: ['dear', 'a new suite'],
  cabinets: ['moderate', 'painted, they change cheaply'],
  'built-in': ['moderate', 'painted'],
  ceiling: ['cheap', 'painted'],
  trim: ['cheap', 'painted'],
  door: ['cheap', 'painted'],
  sofa: ['moderate', 'a cover, or another one'],
  curtains: ['cheap', 'other curtains'],
  rug: ['cheap', 'another rug, or none'],
  art: ['cheap', 'hung in another room'],
  other: ['cheap', 'replaced, or moved to another room'],
};

/** What it takes to change a thing in a room of such a height, and how that is done. */
export function changeCost(thing: Thing, heightM: number): { readonly cost: ChangeCost; readonly how: string } {
  const [cost, how] = COSTS[thing];
  if (thing === 'ceiling' && heightM >= HIGH_M) return { cost: 'moderate', how: 'painted, from a scaffold' };
  return { cost, how };
}

/** Whether what was said must not change names a thing: every word of three letters and more of its name, or of what it is. */
export function isRuledOut(mustNotChange: string, names: readonly string[]): boolean {
  const said = mustNotChange.toLowerCase();
  return names.some((name) => {
    const words = name
      .toLowerCase()
      .split(/\P{L}+/u)
      .filter((w) => w.length >= 3);
    return words.length > 0 && words.every((w) => said.includes(w));
  });
}
