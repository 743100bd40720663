'use client';

import { useSyncExternalStore } from 'react';
import { sunToday } from '@/core/light/noon-sun';
import { isTimeZone } from '@/core/light/time-zone';
import type { VisitPlace } from '@/core/record/visit';
import { angleText } from '@/core/units/angle';
import { sayClock } from '../words/say-light';

const neverChanges = () => () => undefined;
/** The day, so that what is drawn on the server and here is the same until the page runs. */
const useToday = (): number | undefined =>
  useSyncExternalStore<number | undefined>(
    neverChanges,
    () => Math.floor(Date.now() / 3_600_000) * 3_600_000,
    () => undefined,
  );

/** What the sun does at a place, in a sentence. */
function saySun(at: number, place: VisitPlace): string {
  const { day, noon, always } = sunToday(at, place);
  const where = noon === 'overhead' ? 'overhead' : `in the ${noon}`;
  const hemisphere = place.latitude < 0 ? 'Southern hemisphere' : 'Northern hemisphere';
  const stands = always
    ? `the sun stands ${where} at noon`
    : `today the sun stands ${where} at noon; that changes through the year`;
  const times =
    day.kind === 'rises'
      ? `Today it rises at ${sayClock(day.sunrise, place.timeZone)} and sets at ${sayClock(day.sunset, place.timeZone)}.`
      : day.kind === 'sun-stays-up'
        ? 'Today it does not set.'
        : 'Today it does not rise.';
  return `${hemisphere}: ${stands}. ${times}`;
}

/** Says back what was understood of a place. */
export function PlaceFacts({ place }: { readonly place: VisitPlace }) {
  const at = useToday();
  return (
    <div className="border-l-4 border-line-strong pl-3 text-[0.9375rem]" data-testid="place-facts">
      <p>
        <b className="font-semibold">{place.name}</b> {angleText(place.latitude, 'latitude')},{' '}
        {angleText(place.longitude, 'longitude')} · {place.timeZone.replaceAll('_', ' ')}
      </p>
      {at !== undefined && isTimeZone(place.timeZone) && <p className="text-soft">{saySun(at, place)}</p>}
    </div>
  );
}
