import type { JudgingLight } from '../room/facing';
import type { Reason, Verdict } from './reasons';

export const PERSONS = ['consultant', 'client'] as const;
export type Person = (typeof PERSONS)[number];

/** One verdict that stands: the latest of its cell (candidate, thing, light, person) that was not undone. */
export type StandingVerdict = {
  /** null: of the colour as a whole, as the client answers at a look. */
  readonly stayId: string | null;
  /** null: in no light in particular, as the client reacts to a colour. */
  readonly light: JudgingLight | null;
  readonly person: Person;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
};

export const RULINGS = ['works', 'nearly', 'not'] as const;
export type Ruling = (typeof RULINGS)[number];
export const RULING_WORDS: Readonly<Record<Ruling, string>> = { works: 'Works here', nearly: 'Nearly', not: 'Not here' };

export type DerivedRuling =
  | { readonly ruling: 'works' }
  | { readonly ruling: 'nearly' | 'not'; readonly because: StandingVerdict }
  | { readonly ruling: 'open'; readonly staysToGo: number; readonly lightsToGo: readonly JudgingLight[] };

/**
 * The ruling on one candidate at one strength, from the verdicts that stand. The rules, in order:
 *
 * 1. any "no", by consultant or client, on a thing that stays or on the colour as a whole, in any light: not here
 *    (the consultant's is named first);
 * 2. else any "nearly": nearly;
 * 3. else, when each thing has been judged in some light and each light of the room has been looked at: works here;
 * 4. else it is open, and says how many things and which lights are left. A room with nothing that stays is open.
 */
export function deriveRuling(
  verdicts: readonly StandingVerdict[],
  stayIds: readonly string[],
  lights: readonly JudgingLight[],
): DerivedRuling {
  const here = verdicts.filter((v) => v.stayId === null || stayIds.includes(v.stayId));
  const worst = (verdict: Verdict) => {
    const found = here.filter((v) => v.verdict === verdict);
    return found.find((v) => v.person === 'consultant') ?? found[0];
  };
  const no = worst('no');
  if (no) return { ruling: 'not', because: no };
  const nearly = worst('nearly');
  if (nearly) return { ruling: 'nearly', because: nearly };
  const staysToGo = stayIds.filter((id) => !here.some((v) => v.stayId === id)).length;
  const lightsToGo = lights.filter((light) => !here.some((v) => v.light === light));
  if (stayIds.length > 0 && staysToGo === 0 && lightsToGo.length === 0) return { ruling: 'works' };
  return { ruling: 'open', staysToGo, lightsToGo };
}

export type RoomProgress =
  | { readonly state: 'nothing-recorded' }
  | { readonly state: 'being-tried' | 'settled'; readonly tried: number; readonly work: number; readonly inPart: number };

/**
 * How far a room is: settled when something works here and nothing tried is still open.
 *
 * @param inPart of what works, how many were not seen in every light of the room
 */
export function roomProgress(rulings: readonly (Ruling | 'open' | 'untried')[], inPart = 0): RoomProgress {
  const tried = rulings.filter((r) => r !== 'untried');
  if (tried.length === 0) return { state: 'nothing-recorded' };
  const work = tried.filter((r) => r === 'works').length;
  const settled = work > 0 && !tried.includes('open');
  return { state: settled ? 'settled' : 'being-tried', tried: tried.length, work, inPart };
}
