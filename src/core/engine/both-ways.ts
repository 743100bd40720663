import { seenIn } from '../appearance/scene';
import type { Lab } from '../colour/types';
import { missingOf, type Affinity } from '../judge/affinity';
import type { LightSchools } from '../judge/light-conflict';
import type { JudgedMoment } from '../judge/room-score';
import type { Ranked, ShortlistDeck } from '../judge/shortlist';
import { twoWays } from '../judge/two-ways';
import type { BothWays, Found, JudgedStay } from './judgement-protocol';
import { surfaceStay } from './surface-stay';

/** What the ranked colours were judged in. */
type Around = {
  readonly source: ShortlistDeck;
  readonly stays: readonly JudgedStay[];
  readonly moments: readonly JudgedMoment[];
  readonly dimWhite: LightSchools['dimWhite'];
  readonly affinityOf: (lab: Lab) => Affinity;
};

/** The best of either school on what a light does, as both look when it does it. */
export function bothWaysOf(ranked: readonly Ranked[], around: Around, foundOf: (ranked: Ranked) => Found): BothWays | null {
  const { source, stays, moments, dimWhite, affinityOf } = around;
  const surfaceOf = (index: number) => ({ lab: source.labOf(index), reflectance: source.reflectanceOf(index) });
  const ways = twoWays({
    indices: ranked.map((r) => r.index),
    surfaceOf,
    stays: stays.map(surfaceStay),
    moments,
    dimWhite,
    missing: (lab) => missingOf(affinityOf(lab)),
  });
  const scene = ways && moments[ways.moment]!.scene;
  if (!ways || !scene) return null;
  const see = seenIn(scene);
  const look = (index: number) => ({
    found: foundOf(ranked.find((r) => r.index === index)!),
    hex: see(Float64Array.from(source.reflectanceOf(index))).hex,
  });
  return { moment: moments[ways.moment]!.name, flag: ways.flag, corrected: look(ways.corrected), embraced: look(ways.embraced) };
}
