import { leadRisk } from './house-age';

// the years of the bans as the cautions of the trade give them: 1978 in the US, 1992 in the UK
test.each([
  [1936, 'likely'],
  [1977, 'likely'],
  [1978, 'possible'],
  [1991, 'possible'],
  [1992, 'none'],
  [2020, 'none'],
  [null, 'possible'],
] as const)('a house of %s: %s', (year, risk) => expect(leadRisk(year)).toBe(risk));
