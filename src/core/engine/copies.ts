import { besideIn } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import { directions } from '../colour/directions';
import type { Lab } from '../colour/types';
import type { PaletteColour } from '../companions/companion';
import { betraysItself } from '../judge/betrays';
import { sayTowards } from '../judge/say-towards';
import type { Surface } from '../judge/surfaces';
import type { UsedLight } from './used-lights';

/** A colour matched in another maker's system, and where the match fails in a room. */
export type Copy = {
  readonly maker: string;
  readonly id: string;
  readonly strength: number;
  readonly lab: Lab;
  /** ΔE00 between the two in the light of the deck, the best there is at that maker's. */
  readonly inDeck: number;
  /** The light of the room they differ in most: ΔE00, and from the colour to its copy in words. */
  readonly worst: {
    readonly kind: UsedLight['kind'];
    readonly at: number;
    readonly deltaE00: number;
    readonly towards: string;
  } | null;
};

/** Where a copy betrays itself; undefined where no light shows more of it than the deck's, or nobody would see it. */
export const betraysAt = ({ worst, inDeck }: Copy): NonNullable<Copy['worst']> | undefined =>
  worst && betraysItself(worst.deltaE00, inDeck) ? worst : undefined;

/** A colour of a palette with its maker. */
export type MadeColour = PaletteColour & { readonly maker: string };

/** The nearest colour of a maker to a colour, as in the deck, and how far off it is (ΔE00); equals by their names. */
export function nearestOf(
  wall: Lab,
  palette: readonly MadeColour[],
  maker: string,
): { readonly colour: MadeColour; readonly off: number } | undefined {
  let best: { colour: MadeColour; off: number } | undefined;
  for (const colour of palette) {
    if (colour.maker !== maker) continue;
    const off = deltaE00(wall, colour.lab);
    if (!best || off < best.off || (off === best.off && colour.id < best.colour.id)) best = { colour, off };
  }
  return best;
}

/**
 * The best match of a colour by each other maker, nearest first, and the light of a room in which it fails most: two surfaces that look
 * alike in one light need not in another (metamerism).
 */
export function copiesOf(
  wall: Surface & { readonly maker: string },
  palette: readonly MadeColour[],
  lights: readonly UsedLight[],
): readonly Copy[] {
  const makers = [...new Set(palette.map((c) => c.maker))].filter((m) => m !== wall.maker).sort();
  const seeing = lights.map((light) => ({ light, see: besideIn(light.scene) }));
  return makers
    .flatMap((maker): Copy[] => {
      const best = nearestOf(wall.lab, palette, maker);
      if (!best) return [];
      const { colour, off } = best;
      const seen = seeing
        .map(({ light: { kind, at }, see }) => {
          const [meant, copied] = [see(wall.reflectance), see(colour.reflectance)];
          return { kind, at, deltaE00: deltaE00(meant, copied), towards: sayTowards(directions(meant, copied)) };
        })
        .sort((p, q) => q.deltaE00 - p.deltaE00);
      return [{ maker, id: colour.id, strength: colour.strength, lab: colour.lab, inDeck: off, worst: seen[0] ?? null }];
    })
    .sort((p, q) => p.inDeck - q.inDeck);
}
