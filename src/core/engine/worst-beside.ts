import type { Reflectance } from '../colour/grid';
import { conflictsWith, verdictOf } from '../judge/relation';
import type { Reason, Verdict } from '../judge/reasons';
import { cellOf, prepareCells, seenInScenes, type WeighedLight } from '../judge/room-cells';
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

/** Makes ready to say how any surface stands beside what stays, in each kind of light; what is felt in half of it or more. */
export function worstBeside(stays: readonly JudgedStay[], lights: readonly WeighedLight[]): (surface: Reflectance) => Worst[] {
  const prepared = prepareCells(stays.map(surfaceStay), lights);
  return (surface) => {
    const seen = seenInScenes(prepared, surface);
    return prepared.kinds.map((kind): Worst => {
      const cells = stays.map((_, stay) => ({ stay, ...cellOf(prepared, kind, stay, seen) }));
      const [worst] = cells.sort((p, q) => q.cost - p.cost);
      if (!worst) return { kind: kind.kind, verdict: 'works', cost: 0, reason: null, stay: -1 };
      const verdict = verdictOf(worst.cost);
      const [conflict] = conflictsWith(prepared.scenes[worst.scene]!.things[worst.stay]![worst.component]!, seen[worst.scene]!);
      return {
        kind: kind.kind,
        verdict,
        cost: worst.cost,
        reason: verdict === 'works' ? null : (conflict?.reason ?? null),
        stay: worst.stay,
      };
    });
  };
}
