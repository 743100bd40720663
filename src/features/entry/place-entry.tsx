'use client';

import { quoted } from '@/core/base/quoted';
import { MapPin } from 'lucide-react';
import { useState } from 'react';
import { isTimeZone } from '@/core/light/time-zone';
import type { VisitPlace } from '@/core/record/visit';
import { angleText, typedAngle, typedPosition } from '@/core/units/angle';
import { FieldError, TextField } from '@/ui/field';
import { PlaceFacts } from './place-facts';
import { usePlaces, zoneOf, type FoundPlace } from './use-places';

type Props = {
  /** The place as it is understood; undefined until one is. */
  readonly place: VisitPlace | undefined;
  /** A place was understood, and which country it is in when it came from the gazetteer. */
  readonly onChange: (place: VisitPlace, country: string | undefined) => void;
  readonly error?: string | undefined;
  readonly autoFocus?: boolean;
};

const row = 'flex min-h-11 w-full cursor-pointer items-center gap-3 px-3 text-left hover:bg-panel focus-visible:bg-panel';

/** Places that answer what was typed. */
function Results({
  text,
  place,
  onChoose,
  onOnlyName,
}: {
  readonly text: string;
  readonly place: VisitPlace | undefined;
  readonly onChoose: (found: FoundPlace) => void;
  readonly onOnlyName: () => void;
}) {
  const { of, places, failed } = usePlaces(text);
  if (of === '') return null;
  return (
    <div className="border border-t-0 border-line-strong bg-raised" role="group" aria-label="Places of this name">
      {places.map((found) => (
        <button key={`${found.latitude} ${found.longitude}`} type="button" onClick={() => onChoose(found)} className={row}>
          <MapPin aria-hidden size={16} className="shrink-0" />
          <span className="min-w-0 flex-1">
            <b className="font-semibold">{found.name}</b>
            {found.also && ` (${found.also})`} {found.within}
          </span>
          <span className="shrink-0 text-sm text-soft">{angleText(found.latitude, 'latitude')}</span>
        </button>
      ))}
      {places.length === 0 && (
        <p className="px-3 py-2 text-soft">
          {failed
            ? 'Places cannot be looked up just now: type the coordinates below.'
            : 'No town of this name: type its coordinates below.'}
        </p>
      )}
      {place && text.trim() !== place.name && (
        <button type="button" onClick={onOnlyName} className={row}>
          Only call it {quoted(text)}, where it is now
        </button>
      )}
      <p className="border-t border-line px-3 py-1 text-xs text-soft">Towns over 1,000 people, from GeoNames (CC BY 4.0)</p>
    </div>
  );
}

/** Latitude, longitude and time zone, in any usual way of writing them. */
function Coordinates({
  place,
  name,
  onChange,
}: {
  readonly place: VisitPlace | undefined;
  readonly name: string;
  readonly onChange: (place: VisitPlace) => void;
}) {
  const shown = (axis: 'latitude' | 'longitude') => (place ? angleText(place[axis], axis) : '');
  const [typed, setTyped] = useState<{ latitude?: string; longitude?: string; timeZone?: string }>({});
  const text = {
    latitude: typed.latitude ?? shown('latitude'),
    longitude: typed.longitude ?? shown('longitude'),
    timeZone: typed.timeZone ?? place?.timeZone ?? '',
  };
  const number = (axis: 'latitude' | 'longitude', given: string) =>
    place && given === shown(axis) ? place[axis] : typedAngle(given, axis);
  const wrong = (axis: 'latitude' | 'longitude') =>
    text[axis].trim() !== '' && Number.isNaN(number(axis, text[axis]))
      ? `Not a ${axis}: such as ${axis === 'latitude' ? '41°17′ S or −41.29' : '174°46′ E or 174.78'}.`
      : undefined;
  const settle = async (next: typeof text, zoneTyped: boolean) => {
    const both = typedPosition(next.latitude);
    const [latitude, longitude] = both
      ? [both.latitude, both.longitude]
      : [number('latitude', next.latitude), number('longitude', next.longitude)];
    if (Number.isNaN(latitude) || Number.isNaN(longitude)) return;
    const timeZone = zoneTyped ? next.timeZone.trim() : ((await zoneOf(latitude, longitude)) ?? next.timeZone.trim());
    if (!isTimeZone(timeZone)) return;
    if (place && latitude === place.latitude && longitude === place.longitude && timeZone === place.timeZone) return;
    setTyped({});
    onChange({
      name: name.trim() || `${angleText(latitude, 'latitude')} ${angleText(longitude, 'longitude')}`,
      latitude,
      longitude,
      timeZone,
    });
  };
  const field = (axis: 'latitude' | 'longitude', label: string) => (
    <TextField
      label={label}
      value={text[axis]}
      error={axis === 'latitude' && typedPosition(text.latitude) ? undefined : wrong(axis)}
      placeholder={axis === 'latitude' ? '41°17′ S' : '174°46′ E'}
      onChange={(e) => setTyped({ ...typed, [axis]: e.target.value })}
      onBlur={() => void settle(text, typed.timeZone !== undefined)}
      onKeyDown={(e) => {
        if (e.key !== 'Enter') return;
        e.preventDefault();
        void settle(text, typed.timeZone !== undefined);
      }}
    />
  );
  return (
    <div className="grid gap-3 pt-1 sm:grid-cols-3">
      {field('latitude', 'Latitude')}
      {field('longitude', 'Longitude')}
      <TextField
        label="Time zone"
        value={text.timeZone}
        error={
          text.timeZone.trim() !== '' && !isTimeZone(text.timeZone.trim())
            ? 'Not a time zone this computer knows, such as Europe/London.'
            : undefined
        }
        hint="Worked out from the coordinates."
        onChange={(e) => setTyped({ ...typed, timeZone: e.target.value })}
        onBlur={() => typed.timeZone !== undefined && void settle(text, true)}
      />
    </div>
  );
}

/** What was understood, and that what is typed now was not. */
function Understood({ place, stale }: { readonly place: VisitPlace | undefined; readonly stale: boolean }) {
  if (!place) return null;
  return (
    <>
      {stale && <FieldError>{`Not chosen yet: the light is still that of ${place.name}.`}</FieldError>}
      <div className="mt-3">
        <PlaceFacts place={place} />
      </div>
    </>
  );
}

/** Where the home is: a town by its name, or coordinates; and what was understood of it. */
export function PlaceEntry({ place, onChange, error, autoFocus = false }: Props) {
  const [typed, setTyped] = useState<string>();
  const take = (next: VisitPlace, country?: string) => {
    setTyped(undefined);
    onChange(next, country);
  };
  const name = typed ?? place?.name ?? '';
  const stale = typed !== undefined && typed.trim() !== '' && typed.trim() !== place?.name;
  return (
    <div role="group" aria-label="Where the home is">
      <TextField
        label="Town or city"
        autoFocus={autoFocus}
        autoComplete="off"
        placeholder="Begin to type its name"
        value={name}
        error={error}
        onChange={(e) => setTyped(e.target.value)}
      />
      {stale && (
        <Results
          text={name}
          place={place}
          onChoose={({ within: _, also: _also, country, ...found }) => take(found, country)}
          onOnlyName={() => place && take({ ...place, name: name.trim() })}
        />
      )}
      <Understood place={place} stale={stale} />
      <details className="mt-1">
        <summary className="flex min-h-11 cursor-pointer items-center text-sm text-soft underline underline-offset-4">
          by coordinates
        </summary>
        <Coordinates key={`${place?.latitude} ${place?.longitude}`} place={place} name={name} onChange={(next) => take(next)} />
      </details>
    </div>
  );
}
