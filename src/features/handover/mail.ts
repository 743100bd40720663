import { PAPER_TITLES, type HandOver, type PaperName } from '@/core/handover/hand-over';
import type { People } from '@/core/record/people';

/** To whom a paper goes. */
const TO: Readonly<Record<PaperName, keyof Pick<People, 'clientEmail' | 'painterEmail' | 'counterEmail'>>> = {
  client: 'clientEmail',
  schedule: 'painterEmail',
  order: 'counterEmail',
  board: 'clientEmail',
};

const SAYS: Readonly<Record<PaperName, string>> = {
  client: 'with this come your colours as they were decided, room by room, and what each rests on.',
  schedule: 'with this comes the schedule: what is painted where, in what, and how often. What is not decided stays unpainted.',
  order:
    'with this comes the order: maker, code, strength in both ways, base and litres. Please ask before mixing where anything is unclear.',
  board: 'with this comes a sheet for each room, to lay the painted cards and pieces of your fabrics on.',
};

/** A mail that is ready to send but for its file, which a link cannot carry: RFC 6068. */
export function mailOf(
  name: PaperName,
  { visit, from, client }: HandOver,
  people: People,
  { file, say }: { file: string; say: (text: string) => string },
): string {
  const greeting = (name === 'client' || name === 'board') && client.clientName ? `Dear ${client.clientName},` : 'Good day,';
  const who = [from.consultantName, from.business, from.telephone].filter(Boolean).join('\r\n');
  const body = [greeting, '', say(SAYS[name]), '', `Attached: ${file}`, '', who].join('\r\n').trimEnd();
  const subject = `${PAPER_TITLES[name]}: ${visit.label}`;
  return `mailto:${encodeURIComponent(people[TO[name]]).replaceAll('%40', '@')}?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(body)}`;
}
