import { leadYearOf } from '../units/habits';

/**
 * Years between which paints without lead came, where no rule of the country is known here: the earliest and the latest of {@link
 * leadYearOf}.
 */
const ELSEWHERE = { from: 1978, to: 1992 } as const;

/** Whether old coatings of a house may hold lead. */
export type LeadRisk = 'likely' | 'possible' | 'none';

/** What the year of a house says of lead in its old paint, by the rule of its country; a house of unknown year may hold it. */
export function leadRisk(builtYear: number | null, timeZone: string): LeadRisk {
  if (builtYear === null) return 'possible';
  const banned = leadYearOf(timeZone);
  if (banned !== null) return builtYear < banned ? 'likely' : 'none';
  if (builtYear < ELSEWHERE.from) return 'likely';
  return builtYear < ELSEWHERE.to ? 'possible' : 'none';
}
