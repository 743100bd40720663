import { TZDate } from '@date-fns/tz';
import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import { tzlib_get_ical_block } from 'timezones-ical-library';
import type { LookCard } from '@/core/formats/look-cards';
import { darkHours } from '@/core/light/dark-hours';
import { instantOf } from '@/core/light/day-moments';
import { dayAfter } from '@/core/light/time-zone';
import type { LookHand } from '@/core/record/look-hand';
import { sayAs, speechOf } from '@/core/derived/visit-speech';
import type { Visit } from '@/core/record/visit';

const MINUTE_MS = 60_000;
/** How long a look takes, and how long before it one is reminded, minutes. Own choice. */
const LOOK_MINUTES = 30;
const REMINDED_MINUTES = 30;

/** The instant a look is put in the calendar at: the middle of its hours, or an hour after dark, on its day. */
export function instantOfLook({ date, fromHour, toHour }: LookCard, day: string, { place }: Pick<Visit, 'place'>): number {
  const on = date ?? day;
  const { timeZone: zone } = place;
  if (fromHour !== null && toHour !== null) {
    const middle = (fromHour + toHour) / 2 - LOOK_MINUTES / 120;
    return instantOf(on, zone, Math.max(fromHour, Math.floor(middle * 4) / 4));
  }
  const [dark, last] = darkHours({ date: on, zone, place });
  return Math.min(dark + 30 * MINUTE_MS, last - LOOK_MINUTES * MINUTE_MS);
}

/** Text of a property that the library writes as it stands (RFC 5545, 3.3.11). */
const escaped = (text: string): string => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');

/**
 * The looks of a hand-out as a calendar (RFC 5545): events in the home's time zone, which the file describes, each with an alarm. The
 * same look has the same UID in every file, so that reading it in again moves it.
 */
export function looksCalendar(visit: Visit, hand: LookHand, cards: readonly LookCard[]): string {
  const { timeZone: zone } = visit.place;
  const say = sayAs(speechOf(visit));
  const calendar = ical({
    name: escaped(`${say('Colours to look at')}: ${visit.label}`),
    prodId: { company: 'Elm Swatch', product: 'Looks', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    // without a zone of its own DTSTAMP stays in UTC, as RFC 5545 asks
    timezone: { name: null, generator: (name) => [tzlib_get_ical_block(name)].flat()[0] ?? null },
  });
  const taken = new Set<number>();
  for (const card of cards) {
    let start = instantOfLook(card, dayAfter(Date.parse(hand.at), zone), visit);
    // nobody is in two rooms at a time
    while (taken.has(start)) start += LOOK_MINUTES * MINUTE_MS;
    taken.add(start);
    const event = calendar.createEvent({
      id: `${card.lookId}@elm-swatch`,
      start: new TZDate(start, zone),
      end: new TZDate(start + LOOK_MINUTES * MINUTE_MS, zone),
      timezone: zone,
      stamp: new Date(hand.at),
      summary: `Look ${card.number}: ${card.room}, ${say(card.when)}`,
      description: [
        `Hold the boards at ${card.where}${card.beside ? `, beside ${card.beside}` : ''}.`,
        card.colours.length > 0 && `Colours: ${card.colours.map((c) => `${c.name} (${c.says})`).join('; ')}.`,
        card.paintFirst.length > 0 && `To be painted on a board first: ${card.paintFirst.join('; ')}.`,
        card.compares && `To see: ${card.compares}.`,
        'If the light is another one then, take the look on the next day on which it is right.',
      ]
        .filter((line) => typeof line === 'string')
        .map(say)
        .join('\n'),
      transparency: ICalEventTransparency.TRANSPARENT,
    });
    event.createAlarm({
      type: ICalAlarmType.display,
      trigger: REMINDED_MINUTES * 60,
      description: `Look ${card.number}, ${card.room}`,
    });
  }
  const text = calendar.toString();
  return text.endsWith('\r\n') ? text : `${text}\r\n`;
}
