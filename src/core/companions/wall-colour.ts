import { chroma, hueDeg, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { RELATION } from '../judge/model';
import { chromatic } from '../judge/worlds';

/** Under this chroma a wall has no hue of its own to share or to answer. */
const HUELESS = 1.5;
/** Hues that are warm: from pink round to yellow-green, degrees. Common practice, no source. */
const WARM = { from: 335, to: 115 } as const;
/** What stands for the hue of a wall that has none: the warmth that most rooms ask for. Own choice. */
const WARM_HUE = 72;

/** What of a wall colour its companions go by. */
export type WallColour = {
  readonly lab: Lab;
  readonly lrv: number;
  readonly chroma: number;
  /** Its own hue, degrees; of a colour without one, what stands for it. */
  readonly hueDeg: number;
  /** Across the hue circle of CIELAB, degrees; warm where there is no hue to answer. */
  readonly acrossDeg: number;
  readonly hueless: boolean;
  readonly warm: boolean;
  /** How far it is a colour rather than a near-neutral, 0–1. */
  readonly colour: number;
};

/** Reads a wall colour. @param lab D65, 10° */
export function wallColour(lab: Lab): WallColour {
  const [c, h] = [chroma(lab), hueDeg(lab)];
  const hueless = c < HUELESS;
  return {
    lab,
    lrv: lrvOf(lab),
    chroma: c,
    hueDeg: hueless ? WARM_HUE : h,
    acrossDeg: hueless ? WARM_HUE : (h + 180) % 360,
    hueless,
    warm: !hueless && (h >= WARM.from || h <= WARM.to),
    colour: chromatic(lab, RELATION),
  };
}
