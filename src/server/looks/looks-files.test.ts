import { spawnSync } from 'node:child_process';
import { NO_CARD } from '@/core/record/consultant-card';
import ICAL from 'ical.js';
import { look } from '../../../tests/made-up-look';
import { candidate, room, roomLamp, visit } from '../../../tests/made-up-room';
import { cardsOf } from '@/core/formats/look-cards';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import { dayAfter } from '@/core/light/time-zone';
import { looksCalendar } from './calendar';
import { clientPage } from './client-page';

const before = look({ number: 1, date: '2026-10-24' });
const after = look({ number: 2, date: '2026-10-25' });
const dark = look({ number: 3, light: 'lamps', fromHour: null, toHour: null, date: '2026-10-25' });
const evil = '</script><img src=x onerror=alert(1)>\u2028 "Tea" & co; line, two';
const den = room({
  name: evil,
  candidates: [candidate('c100', 100)],
  lamps: [roomLamp()],
  looks: [before, after, dark],
});
const hand = { id: 'h', key: 'AbCdEfGhIjKlMnOpQrStUv', lookIds: [before.id, after.id, dark.id], at: '2026-10-23T15:00:00.000Z' };
const home = (zone: string): VisitInLight => ({
  ...visit(),
  label: 'Quay <b>Row</b>',
  place: { ...visit().place, timeZone: zone },
  rooms: [den],
  hands: [hand],
});

describe('the calendar of the looks, read back by another library (ical.js)', () => {
  const eventsIn = (zone: string) => {
    const of = home(zone);
    const calendar = new ICAL.Component(ICAL.parse(looksCalendar(of, hand, cardsOf(of, hand.lookIds))) as never);
    for (const part of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(part);
    return calendar
      .getAllSubcomponents('vevent')
      .map((e) => ({ event: new ICAL.Event(e), alarm: e.getFirstSubcomponent('valarm')! }));
  };

  test('keeps the hour of the clock over the change of it: 10:15 before and after are 09:15 and 10:15 in UTC', () => {
    const events = eventsIn('Europe/London');
    expect(events.map(({ event }) => event.startDate.toJSDate().toISOString())).toEqual([
      '2026-10-24T09:15:00.000Z',
      '2026-10-25T10:15:00.000Z',
      // the sun sets at 17:51 GMT-1 h = 16:51 UTC there that day, and it is dark some half an hour later
      expect.stringMatching(/^2026-10-25T1[78]:/),
    ]);
    expect(events[0]!.event.startDate.zone.tzid).toBe('Europe/London');
    expect(events[0]!.event.startDate.hour).toBe(10);
  });

  test('in a zone that changes its clocks on another day, and in one that never does', () => {
    const start = (zone: string) => eventsIn(zone)[1]!.event.startDate.toJSDate().toISOString();
    expect(start('America/Denver')).toBe('2026-10-25T16:15:00.000Z');
    expect(start('Asia/Tokyo')).toBe('2026-10-25T01:15:00.000Z');
  });

  test('each has an alarm half an hour before, a stamp in UTC, and an id of its own that stays', () => {
    const events = eventsIn('Europe/London');
    expect(events.map(({ alarm }) => (alarm.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds())).toEqual([
      -1800, -1800, -1800,
    ]);
    expect(events.map(({ event }) => event.uid)).toEqual([before, after, dark].map((l) => `${l.id}@elm-swatch`));
    const stamp = events[0]!.event.component.getFirstPropertyValue('dtstamp') as ICAL.Time;
    expect(stamp.toJSDate().toISOString()).toBe(hand.at);
  });

  test('the name of the calendar is text as any other, and the last line ends', () => {
    const of = { ...home('Europe/London'), label: 'Quay Row; 14, left\\right' };
    const text = looksCalendar(of, hand, cardsOf(of, hand.lookIds));
    expect(text.replace(/\r\n /g, '')).toContain('X-WR-CALNAME:Colours to look at: Quay Row\\; 14\\, left\\\\right\r\n');
    // RFC 7986: NAME is a text as well
    expect(text.replace(/\r\n /g, '')).toContain('\r\nNAME:Colours to look at: Quay Row\\; 14\\, left\\\\right\r\n');
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
  });

  test('the day after is the home’s: eleven at night in Los Angeles, seven in the morning in Auckland', () => {
    expect(dayAfter(Date.parse('2026-10-24T06:00:00.000Z'), 'America/Los_Angeles')).toBe('2026-10-24');
    expect(dayAfter(Date.parse('2026-10-23T18:00:00.000Z'), 'Pacific/Auckland')).toBe('2026-10-25');
    expect(dayAfter(Date.parse('2026-10-23T18:00:00.000Z'), 'Europe/London')).toBe('2026-10-24');
    // half past midnight of a day of 25 hours: 24 hours on it is still the same day
    expect(dayAfter(Date.parse('2026-10-24T23:30:00.000Z'), 'Europe/London')).toBe('2026-10-26');
    expect(dayAfter(Date.parse('2026-12-31T12:00:00.000Z'), 'Europe/London')).toBe('2027-01-01');
  });

  test('two looks never begin at the same minute', () => {
    const of = home('Europe/London');
    const [card] = cardsOf(of, hand.lookIds);
    const twice = [card!, { ...card!, lookId: 'other', room: 'Attic' }];
    const calendar = new ICAL.Component(ICAL.parse(looksCalendar(of, hand, twice)) as never);
    const starts = calendar.getAllSubcomponents('vevent').map((e) => String(e.getFirstPropertyValue('dtstart')));
    expect(new Set(starts).size).toBe(2);
  });

  test('commas, semicolons and line breaks come through', () => {
    const { event } = eventsIn('Europe/London')[0]!;
    expect(event.summary).toContain('"Tea" & co; line, two');
    expect(event.description.split('\n').length).toBeGreaterThan(2);
  });
});

describe('the client’s page', () => {
  const of = home('Europe/London');
  const html = clientPage(of, hand, { cards: cardsOf(of, hand.lookIds), card: NO_CARD });

  test('is one file: nothing is fetched, and only its own script and style may run', () => {
    const policy = /http-equiv="Content-Security-Policy" content="([^"]+)"/.exec(html)![1];
    expect(policy).toMatch(
      /^default-src 'none'; script-src 'sha256-[\w+/=]+'; style-src 'sha256-[\w+/=]+'; font-src data:; base-uri 'none'; form-action 'none'$/,
    );
    const own = html.replace(/<script type="application\/json".*?<\/script>/s, '');
    expect(own).not.toMatch(/https?:\/\/|\ssrc=|<link|<img|<iframe/);
  });

  test('its script is the one that src/client-page says', () => {
    expect(spawnSync(process.execPath, ['scripts/make-client-page.mjs', '--check']).status).toBe(0);
  });

  test('names are text: no tag of theirs is one, and they come through whole', () => {
    expect(html.match(/<script/g)).toHaveLength(2);
    expect(html).toContain('Colours to look at: Quay &lt;b&gt;Row&lt;/b&gt;</h1>');
    const [, data] = /<script type="application\/json" id="data">(.*?)<\/script>/.exec(html)!;
    expect((JSON.parse(data!) as { cards: { room: string }[] }).cards[0]!.room).toBe(evil);
    expect(html).not.toContain('\u2028');
  });
});
