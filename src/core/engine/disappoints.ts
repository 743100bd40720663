import { readIn } from '../appearance/scene';
import type { PaletteColour, Standing } from '../companions/companion';
import { deltaE00 } from '../colour/ciede2000';
import { chroma } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { Surface } from '../judge/surfaces';
import type { UsedLight } from './used-lights';

/** In what way a colour may disappoint on the walls of a room. */
export const DISAPPOINTMENTS = ['grey', 'glare'] as const;
export type Disappointment = (typeof DISAPPOINTMENTS)[number];

export const DISAPPOINTS = {
  /** Steps of ΔE00 by which a light must change it for it to disappoint at all. Own choice: surely seen. */
  from: 2,
  /** Neighbours are looked for so near, ΔE00 in the deck, and must be so far apart to be others. */
  near: 14,
  other: 1.5,
  /** One that is not to go grey is as deep, L*. */
  sameDepth: 6,
} as const;

/** Whether a colour is near another and is another. @param lab D65, 10° */
export function isNeighbour(lab: Lab, other: Lab): boolean {
  const off = deltaE00(lab, other);
  return off <= DISAPPOINTS.near && off >= DISAPPOINTS.other;
}

/** A neighbour to take instead, which in that light reads as the colour does in the deck. */
export type Instead = {
  readonly way: Disappointment;
  /** The light it disappoints in most. */
  readonly kind: UsedLight['kind'];
  readonly at: number;
  /** What the colour reads as there. */
  readonly reads: Lab;
  readonly id: string;
  readonly strength: number;
  readonly lab: Lab;
  readonly standing: Standing;
  /** ΔE00 from what was meant, of the colour and of the neighbour there. */
  readonly off: number;
  readonly left: number;
};

/** How far a light takes a colour in a way, in its own units: chroma lost, lightness gained. */
const LOSES: Readonly<Record<Disappointment, (meant: Lab, reads: Lab) => number>> = {
  grey: (meant, reads) => chroma(meant) - chroma(reads),
  glare: (meant, reads) => reads.l - meant.l,
};

/** How far from what was meant a colour reads, ΔE00: of one that goes grey its colour counts, whatever its depth. */
const OFF: Readonly<Record<Disappointment, (meant: Lab, reads: Lab) => number>> = {
  grey: (meant, reads) => deltaE00(meant, { ...reads, l: meant.l }),
  glare: deltaE00,
};

/** The light of a room that does most of it to a colour; undefined where none does enough to be seen. */
function worstLight(wall: Surface, way: Disappointment, lights: readonly UsedLight[]) {
  const told = lights
    .map((light) => ({ light, reads: readIn(light.scene)(wall.reflectance).lab }))
    .map((l) => ({ ...l, loses: LOSES[way](wall.lab, l.reads), off: OFF[way](wall.lab, l.reads) }))
    .filter((l) => l.loses > 0 && l.off >= DISAPPOINTS.from)
    .sort((p, q) => q.loses - p.loses);
  return told[0];
}

/**
 * For each way in which a colour may disappoint on the walls of a room, the neighbour that reads there as the colour does in the deck and
 * sits well with what stays; none for a way in which this room does nothing to it.
 */
export function disappoints(
  wall: Surface,
  palette: readonly PaletteColour[],
  { lights, judge }: { readonly lights: readonly UsedLight[]; readonly judge: (colour: Surface) => Standing },
): readonly Instead[] {
  const near = palette.filter((c) => isNeighbour(wall.lab, c.lab));
  return DISAPPOINTMENTS.flatMap((way): Instead[] => {
    const worst = worstLight(wall, way, lights);
    if (!worst) return [];
    const read = readIn(worst.light.scene);
    const ranked = near
      .filter(({ lab }) => way === 'glare' || Math.abs(lab.l - wall.lab.l) <= DISAPPOINTS.sameDepth)
      .map((colour) => ({ colour, left: OFF[way](wall.lab, read(colour.reflectance).lab) }))
      .filter((c) => c.left < worst.off)
      .sort((p, q) => p.left - q.left || (p.colour.id < q.colour.id ? -1 : 1));
    for (const { colour, left } of ranked) {
      const standing = judge(colour);
      if (standing.verdict === 'no') continue;
      const { id, strength, lab } = colour;
      const { kind, at } = worst.light;
      return [{ way, kind, at, reads: worst.reads, id, strength, lab, standing, off: worst.off, left }];
    }
    return [];
  });
}
