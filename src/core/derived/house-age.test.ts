import { leadRisk } from './house-age';

// the years of the bans as the cautions of the trade give them: 1978 in the US, 1992 in the UK
test.each([
  [1977, 'America/Denver', 'likely'],
  [1978, 'America/Denver', 'none'],
  [1985, 'Europe/London', 'likely'],
  [1991, 'Europe/London', 'likely'],
  [1992, 'Europe/London', 'none'],
  [1936, 'Europe/Oslo', 'likely'],
  [1985, 'Europe/Oslo', 'possible'],
  [1992, 'Pacific/Auckland', 'none'],
  [null, 'Europe/London', 'possible'],
] as const)('a house of %s in %s: %s', (year, zone, risk) => expect(leadRisk(year, zone)).toBe(risk));
