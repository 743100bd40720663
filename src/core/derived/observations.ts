import type { Person } from '../judge/ruling';
import { EYE, type Observation } from '../judge/verdict-likelihood';
import { severest } from './cell';
import { standingVerdicts } from './standing';
import { reactionTo, VERDICT_OF_REACTION } from '@/core/record/reaction';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { reasonsOf, type VerdictEvent } from '@/core/record/verdict';

const PEOPLE: readonly Person[] = ['consultant', 'client'];

/** What one person said of a candidate, all in all: the severest verdict, once for each reason that was given. */
function saidBy(person: Person, candidate: Candidate, verdicts: readonly VerdictEvent[]): Observation[] {
  const own = verdicts.filter((v) => v.person === person && v.candidateId === candidate.id);
  const worst = severest(own);
  if (!worst) return [];
  const reasons = new Set(own.flatMap(reasonsOf));
  const said = { lab: candidate.lab, verdict: worst.verdict, lapse: EYE.lapse[person] };
  return reasons.size === 0 ? [{ ...said, reason: null }] : [...reasons].map((reason) => ({ ...said, reason }));
}

/** What the client makes of a candidate as a whole. */
function reacted({ reactions }: Room, candidate: Candidate): Observation[] {
  const found = reactionTo(reactions, candidate.id);
  if (!found) return [];
  return [{ lab: candidate.lab, verdict: VERDICT_OF_REACTION[found.reaction], lapse: EYE.lapse.client, reason: null }];
}

/** Everything that was said in a room of where the wanted colour lies: a colour is as good as the worst that was said of it. */
export function observationsOf(room: Room): Observation[] {
  const here = new Set(room.stays.map((s) => s.id));
  const verdicts = standingVerdicts(room.verdicts).filter((v) => here.has(v.stayId));
  return room.candidates.flatMap((candidate) => [
    ...PEOPLE.flatMap((person) => saidBy(person, candidate, verdicts)),
    ...reacted(room, candidate),
  ]);
}
