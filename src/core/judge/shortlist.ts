import type { Lab } from '../colour/types';
import { missingOf, type Affinity } from './affinity';
import { fitOf, roomScore, type PreparedJudgement, type RoomLink } from './room-score';

/** A deck at several strengths: by colour, then strength, in one run of numbers each. */
export type ShortlistDeck = {
  /** Colours times strengths. */
  readonly count: number;
  readonly labOf: (index: number) => Lab;
  /** Reflectance on the grid; may be a view of one array. */
  readonly reflectanceOf: (index: number) => ArrayLike<number>;
};

export const SHORTLIST = {
  /** Colours between two looks at the clock. */
  batch: 16,
  /** A cost so high that how much higher is of no interest; also what keeps a whole deck quick. */
  giveUpAt: 4,
  /** Kept in the ranked list. */
  most: 300,
} as const;

export type Ranked = {
  readonly index: number;
  readonly cost: number;
  /** 0–100, of the cost and of what the colour does not bring ({@link missingOf}), see {@link fitOf}. */
  readonly fit: number;
  readonly link: RoomLink | undefined;
  readonly affinity: Affinity;
};

export type Shortlist = {
  /** Best fit first; equals in the order of the deck. */
  readonly ranked: readonly Ranked[];
  /** By index: the cost of the weakest link; {@link SHORTLIST}.giveUpAt or more was not followed further. */
  readonly costs: Float32Array;
  readonly looked: { readonly works: number; readonly nearly: number; readonly no: number };
  /** Why colours were dropped: by link (thing and reason, or what the light does), most often first. */
  readonly drops: readonly { readonly link: RoomLink; readonly count: number }[];
};

export type ShortlistWays = {
  /** Leaves out what a filter took away. */
  readonly wanted?: (index: number) => boolean;
  readonly affinityOf: (lab: Lab) => Affinity;
};

/** What links have in common for counting: the thing and the reason, whatever the component and moment. */
const kindOf = (link: RoomLink): string => (link.kind === 'light' ? link.flag : `${link.stay} ${link.reason}`);

/**
 * Every colour of a deck at every strength against everything that stays in every light, weakest link by weakest link, and what speaks for it;
 * yields the share that is done.
 */
export function* shortlistSteps(
  deck: ShortlistDeck,
  room: PreparedJudgement,
  { wanted = () => true, affinityOf }: ShortlistWays,
): Generator<number, Shortlist> {
  const costs = new Float32Array(deck.count).fill(NaN);
  const links = new Map<string, { readonly link: RoomLink; count: number }>();
  const looked = { works: 0, nearly: 0, no: 0 };
  const found: Ranked[] = [];
  for (let index = 0; index < deck.count; index++) {
    if (index % SHORTLIST.batch === 0) yield index / deck.count;
    if (!wanted(index)) continue;
    const lab = deck.labOf(index);
    const { cost, verdict, link } = roomScore({ lab, reflectance: deck.reflectanceOf(index) }, room, SHORTLIST.giveUpAt);
    costs[index] = cost;
    looked[verdict] += 1;
    if (cost < SHORTLIST.giveUpAt) {
      const affinity = affinityOf(lab);
      found.push({ index, cost, link, affinity, fit: fitOf(cost + missingOf(affinity)) });
    }
    if (verdict !== 'no' || !link) continue;
    const key = kindOf(link);
    const counted = links.get(key);
    if (counted) counted.count += 1;
    else links.set(key, { link, count: 1 });
  }
  found.sort((p, q) => q.fit - p.fit || p.index - q.index);
  return {
    ranked: found.slice(0, SHORTLIST.most),
    costs,
    looked,
    drops: [...links.values()].sort((p, q) => q.count - p.count),
  };
}
