import { PAPER_TITLES, type HandOver } from '@/core/handover/hand-over';
import type { People } from '@/core/record/people';
import { mailOf } from './mail';

const people = { clientEmail: 'ann+home@example.org', painterEmail: 'p@example.org', counterEmail: '' } as People;
const handOver = {
  visit: { label: 'Lane & Sons, 1 May?' },
  from: { consultantName: 'C. Made-up', business: '', telephone: '0100' },
  client: { clientName: 'Ann' },
} as unknown as HandOver;

const say = (text: string) => text;
const read = (name: Parameters<typeof mailOf>[0]) => new URL(mailOf(name, handOver, people, { file: 'colours.pdf', say }));

test('a mail goes to whom the paper is for, and says which file belongs to it', () => {
  const mail = read('client');
  expect(decodeURIComponent(mail.pathname)).toBe(people.clientEmail);
  expect(mail.searchParams.get('subject')).toBe(`${PAPER_TITLES.client}: Lane & Sons, 1 May?`);
  const lines = mail.searchParams.get('body')!.split('\r\n');
  expect(lines[0]).toBe('Dear Ann,');
  expect(lines).toContain('Attached: colours.pdf');
  expect(lines.slice(-2)).toEqual(['C. Made-up', '0100']);
});

test('a painter is not greeted with the client’s name', () => {
  const mail = read('schedule');
  expect(mail.pathname).toBe(people.painterEmail);
  expect(mail.searchParams.get('body')).not.toContain('Ann');
});

test('without an address the mail is still there to be addressed', () => {
  expect(read('order').pathname).toBe('');
});

test('a name cannot add a field or a line of its own', () => {
  const made = mailOf('order', { ...handOver, visit: { ...handOver.visit, label: 'a&bcc=x@example.org\r\nb' } }, people, {
    file: 'o.pdf',
    say,
  });
  expect(new URL(made).searchParams.get('bcc')).toBeNull();
  expect(made).not.toMatch(/[\r\n]/);
});
