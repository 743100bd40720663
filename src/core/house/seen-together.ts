import { deltaE00 } from '../colour/ciede2000';
import { directions, VISIBLE_STEP, type Directions } from '../colour/directions';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { relation } from '../judge/relation';
import type { Reason } from '../judge/reasons';

/** How two walls stand that are seen together, the worst last. */
export const SEEN_KINDS = ['runs-on', 'step', 'jump', 'clash'] as const;
export type SeenKind = (typeof SEEN_KINDS)[number];
export const SEEN_WORDS: Readonly<Record<SeenKind, string>> = {
  'runs-on': 'runs on',
  step: 'a step',
  jump: 'a jump, meant?',
  clash: 'a clash',
};

/** Where one kind ends: ΔE00 up to which it runs on, L* and ΔE00 from which it jumps. Own choices, on common practice. */
export const SEEN_TOGETHER = { runsOnUpTo: 9, jumpsFromL: 25, jumpsFrom: 28 } as const;

/**
 * Reasons that are about an undertone, which is what fights through a door, with what they are of the other wall. Depth is a step or a
 * jump.
 */
const UNDERTONE: Readonly<Partial<Record<Reason, Reason>>> = {
  'too-pink': 'too-green',
  'too-green': 'too-pink',
  'too-yellow': 'too-violet',
  'too-violet': 'too-yellow',
  'reads-dirty': 'dates-it',
  'dates-it': 'reads-dirty',
};

export type SeenTogether = {
  readonly kind: SeenKind;
  /** What the far wall is beside the near one, of a clash; null of the rest. */
  readonly reason: Reason | null;
  readonly deltaE00: number;
  /** LRV of the far wall less that of the near one, points. */
  readonly lrvDifference: number;
};

/** Something else that is seen at once on both sides of a door. */
export type SeenAlso = SeenTogether & {
  readonly of: 'trims' | 'floors';
  /** By the lamps rather than by day. */ readonly byLamps: boolean;
};

/**
 * How a wall behind a door stands beside the one the door is in, both as the eye sees them that is adapted to where one stands, each at its
 * own lightness: in a brighter room it glows, which is told apart.
 */
export function seenTogether(near: Lab, far: Lab): SeenTogether {
  const apart = deltaE00(near, far);
  const lrvDifference = lrvOf(far) - lrvOf(near);
  const told = (kind: SeenKind, reason: Reason | null = null): SeenTogether => ({ kind, reason, deltaE00: apart, lrvDifference });
  const reason = fights(near, far) ?? across(fights(far, near));
  if (reason) return told('clash', reason);
  if (Math.abs(far.l - near.l) >= SEEN_TOGETHER.jumpsFromL || apart >= SEEN_TOGETHER.jumpsFrom) return told('jump');
  return told(apart <= SEEN_TOGETHER.runsOnUpTo ? 'runs-on' : 'step');
}

const across = (reason: Reason | undefined): Reason | undefined => reason && UNDERTONE[reason];

/** Why a wall's undertone fights another's; undefined where it does not. */
function fights(near: Lab, far: Lab): Reason | undefined {
  const thing = { name: 'wall', kind: 'painted' as const, components: [{ name: 'wall', share: 1, lab: near }] };
  const { verdict, reasons } = relation(thing, far);
  return verdict === 'no' && reasons[0] !== undefined && reasons[0] in UNDERTONE ? reasons[0] : undefined;
}

/** What the light of where one stands makes of a wall, in just-noticeable steps: from how it reads in its own room. */
export const turnedBy = (own: Lab, seen: Lab): Directions => directions(own, seen);

/** The hue direction a wall is turned in most, and by how many steps; null where nobody would see it. */
export function turnOf({ pinkGreen, yellowBlue }: Pick<Directions, 'pinkGreen' | 'yellowBlue'>): {
  readonly towards: 'pinker' | 'greener' | 'yellower' | 'bluer';
  readonly steps: number;
} | null {
  const along = Math.abs(pinkGreen) >= Math.abs(yellowBlue) ? pinkGreen : yellowBlue;
  if (Math.abs(along) < VISIBLE_STEP) return null;
  const words = along === pinkGreen ? (['greener', 'pinker'] as const) : (['bluer', 'yellower'] as const);
  return { towards: words[along > 0 ? 1 : 0], steps: Math.abs(along) };
}
