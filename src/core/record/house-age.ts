/** Years in which countries banned lead in house paint: the US and the UK, as the trade's cautions give them; elsewhere local rules. */
const BANNED = { US: 1978, UK: 1992 } as const;

/** Whether old coatings of a house may hold lead. */
export type LeadRisk = 'likely' | 'possible' | 'none';

/** What the year of a house says of lead in its old paint; a house of unknown year may hold it. */
export function leadRisk(builtYear: number | null): LeadRisk {
  if (builtYear === null) return 'possible';
  return builtYear < BANNED.US ? 'likely' : builtYear < BANNED.UK ? 'possible' : 'none';
}
