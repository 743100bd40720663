import type { Flag } from '../appearance/readings';
import type { LightSchools } from './light-conflict';
import type { Lab } from '../colour/types';
import { RELATION } from './model';
import { prepareJudgement, roomScore, type JudgedMoment, type RoomScore, type Surface, type SurfaceStay } from './room-score';

/** The best of either school for a room whose light turns its colours. */
export type TwoWays = {
  /** Index of the best colour that no light turns; it works or nearly does. */
  readonly corrected: number;
  /** Index of the best colour of those that a light turns, when that is embraced. */
  readonly embraced: number;
  /** Where and how the embraced one is turned. */
  readonly moment: number;
  readonly flag: Flag;
};

type Asked = {
  /** Colours worth a look, best first. */
  readonly indices: readonly number[];
  readonly surfaceOf: (index: number) => Surface;
  readonly stays: readonly SurfaceStay[];
  readonly moments: readonly JudgedMoment[];
  readonly dimWhite: LightSchools['dimWhite'];
  /** What a ranking adds to the cost of a colour for what it does not bring; nothing when left out. */
  readonly missing?: (lab: Lab) => number;
};

/**
 * Where the schools part (correct the light, or embrace it): the best colour the light leaves alone beside the best one it turns. Undefined
 * when there is no such colour, or when no light turns any of them. Common practice: both are laid side by side as they would look.
 */
export function twoWays({ indices, surfaceOf, stays, moments, dimWhite, missing = () => 0 }: Asked): TwoWays | undefined {
  const under = (fightingLight: LightSchools['fightingLight']) => {
    const room = prepareJudgement(stays, moments, { dimWhite, fightingLight });
    return (index: number) => {
      const surface = surfaceOf(index);
      const score = roomScore(surface, room, RELATION.noFrom);
      return { index, ...score, rank: score.cost + missing(surface.lab) };
    };
  };
  const [correct, embrace] = [under('correct'), under('embrace')];
  const strict = indices.map(correct);
  const corrected = best(strict.filter(({ link }) => link?.kind !== 'light'));
  const turned = strict.flatMap(({ index, verdict, link }) =>
    verdict !== 'works' && link?.kind === 'light' && link.flag !== 'dingy' ? [{ ...embrace(index), at: link }] : [],
  );
  const embraced = best(turned.filter(({ verdict }) => verdict === 'works'));
  if (!corrected || !embraced) return undefined;
  return { corrected: corrected.index, embraced: embraced.index, moment: embraced.at.moment, flag: embraced.at.flag };
}

/** The first of the best ranked that work, or nearly do. */
const best = <T extends Pick<RoomScore, 'verdict'> & { readonly rank: number }>(scores: readonly T[]): T | undefined =>
  scores
    .filter((s) => s.verdict !== 'no')
    .reduce<T | undefined>((found, s) => (found === undefined || s.rank < found.rank ? s : found), undefined);
