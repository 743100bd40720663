import { relation } from '@/core/judge/relation';
import type { Verdict } from '@/core/judge/reasons';
import { paintAtStrength } from '@/core/paint/paint';
import { findCandidate } from '@/data/candidates';
import { findDeckColour } from '@/data/decks';
import type { Sql } from '@/data/sql';
import { findStay, listComponentsOfStay } from '@/data/stays';
import { paintsOf } from '../paint/paint-of';

/** What the core computes for a candidate beside a thing that stays, kept with every verdict so that the two can be compared. */
export async function predictedVerdict(sql: Sql, candidateId: string, stayId: string): Promise<Verdict> {
  const candidate = (await findCandidate(sql, candidateId))!;
  const colour = (await findDeckColour(sql, candidate.deck_colour_id))!;
  const stay = (await findStay(sql, stayId))!;
  const components = (await listComponentsOfStay(sql, stayId)).map((c) => ({ name: c.name, share: c.share, lab: c.colour.lab }));
  const paint = (await paintsOf(sql, [colour])).get(colour.id)!;
  const { lab } = paintAtStrength(paint, candidate.strength);
  return relation({ name: stay.name, kind: stay.kind, components }, lab, stay.school).verdict;
}
