import type { Random } from '@/core/base/random';
import { relation, type Relation, type Stay } from '@/core/judge/relation';
import type { Reason, Verdict } from '@/core/judge/reasons';
import { MINDED, mindedOf, verdictFor, type Minded, type Minds, type Said } from '@/core/eye/minds';
import casebook from './golden/casebook.json';

const lab = ([l, a, b]: readonly number[]) => ({ l: l!, a: a!, b: b! });
type Case = { stays: { kind: string; name?: string; components: { name: string; share: number; lab: number[] }[] } };
/** Every thing of the casebook. */
export const CASEBOOK_THINGS = (casebook.relation as unknown as Case[]).map(({ stays }): Stay => ({
  name: stays.name ?? 'what stays',
  kind: stays.kind as Stay['kind'],
  components: stays.components.map((c) => ({ ...c, lab: lab(c.lab) })),
}));

/** Pairs about which something could be said: things of the trade beside colours of every lean. */
export function made(random: Random, count: number): Relation[] {
  const found: Relation[] = [];
  while (found.length < count) {
    const stay = CASEBOOK_THINGS[Math.floor(random() * CASEBOOK_THINGS.length)]!;
    const one = relation(stay, { l: 55 + 40 * random(), a: 16 * random() - 8, b: 28 * random() - 8 });
    // what nothing is against tells nothing, what is far beyond no tells little
    if (one.cost > 0.2 && one.cost < 4) found.push(one);
  }
  return found;
}

/** An eye that minds things as it is told, for sure; all else as most do. */
export const eyeOf = (factors: Partial<Record<Minded, number>>): Minds =>
  Object.fromEntries(
    MINDED.map((of) => [of, { factor: factors[of] ?? 1, low: factors[of] ?? 1, high: factors[of] ?? 1 }]),
  ) as Minds;

/** What such an eye says of pairs; one verdict in twenty-five is beside the point. */
export function saidAs(factors: Partial<Record<Minded, number>>, relations: readonly Relation[], random: Random): Said[] {
  const eye = eyeOf(factors);
  return relations.map((r): Said => {
    const beside = (['works', 'nearly', 'no'] as const)[Math.floor(random() * 3)]!;
    const verdict: Verdict = random() < 0.04 ? beside : verdictFor(r, eye);
    const felt = ({ reason, cost }: { reason: Reason; cost: number }) => eye[mindedOf(reason)].factor * cost;
    const strongest = r.components.flatMap((c) => c.conflicts).sort((p, q) => felt(q) - felt(p))[0];
    return { relation: r, verdict, reason: verdict === 'works' ? null : (strongest?.reason ?? null) };
  });
}
