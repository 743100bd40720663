import type { Reflectance } from '../colour/grid';
import { conflictsWith, verdictOf } from '../judge/relation';
import type { Reason, Verdict } from '../judge/reasons';
import { roomCell, prepareCells, seenInScenes, type WeighedLight } from '../judge/room-cells';
import type { JudgedStay } from './judgement-protocol';
import { surfaceStay } from './surface-stay';

/** What a colour comes to in one kind of light: beside what it stands worst, and why. */
export type Worst = {
  readonly kind: string;
  readonly verdict: Verdict;
  /** As {@link costOf}: under 1 works, under 2 nearly. */
  readonly cost: number;
  readonly reason: Reason | null;
  /** Index of the thing; −1 where nothing stays. */
  readonly stay: number;
};

/** What is no fault of a colour beside a thing, by its index. */
export type Ignores = (reason: Reason, stay: number) => boolean;

/**
 * Makes ready to say how any surface stands beside what stays, in each kind of light; what is felt in half of it or more.
 *
 * @param ignores reasons that do not count where it is to be painted
 */
export function worstBeside(
  stays: readonly JudgedStay[],
  lights: readonly WeighedLight[],
  ignores: Ignores = () => false,
): (surface: Reflectance) => Worst[] {
  const prepared = prepareCells(stays.map(surfaceStay), lights);
  return (surface) => {
    const seen = seenInScenes(prepared, surface);
    return prepared.kinds.map((kind): Worst => {
      const cells = stays.map((_, stay) => {
        const cell = roomCell(prepared, kind, stay, seen);
        const found = conflictsWith(prepared.scenes[cell.scene]!.things[stay]!, cell.component, seen[cell.scene]!);
        const felt = found.filter((c) => !ignores(c.reason, stay));
        // nothing ignored: as it was; otherwise what is left counts
        return { stay, cost: felt.length === found.length ? cell.cost : (felt[0]?.cost ?? 0), conflict: felt[0] };
      });
      const [worst] = cells.sort((p, q) => q.cost - p.cost);
      if (!worst) return { kind: kind.kind, verdict: 'works', cost: 0, reason: null, stay: -1 };
      const verdict = verdictOf(worst.cost);
      return {
        kind: kind.kind,
        verdict,
        cost: worst.cost,
        reason: verdict === 'works' ? null : (worst.conflict?.reason ?? null),
        stay: worst.stay,
      };
    });
  };
}
