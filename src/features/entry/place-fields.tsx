'use client';

import type { Units } from '@/core/units/length';
import { PLACES } from '@/core/light/places';
import { typedNumber } from '@/core/units/length';
import { ChoiceRow } from '@/ui/choice-row';
import { ChoiceField, TextField } from '@/ui/field';

/** A place and units while they are typed. */
export type PlaceDraft = {
  readonly name: string;
  readonly latitude: string;
  readonly longitude: string;
  readonly timeZone: string;
  readonly units: Units;
};

export const placeOf = (d: PlaceDraft) => ({
  name: d.name,
  latitude: typedNumber(d.latitude),
  longitude: typedNumber(d.longitude),
  timeZone: d.timeZone.trim(),
});

type Errors = Readonly<Record<string, string>>;
type Props = { readonly draft: PlaceDraft; readonly errors: Errors; readonly onChange: (draft: PlaceDraft) => void };

/** Place from the short list or typed, and the units lengths are shown in. */
export function PlaceFields({ draft, errors, onChange }: Props) {
  const set = (change: Partial<PlaceDraft>) => onChange({ ...draft, ...change });
  const choose = (name: string) => {
    const place = PLACES.find((p) => p.name === name);
    if (place) set({ name, latitude: String(place.latitude), longitude: String(place.longitude), timeZone: place.timeZone });
  };
  const known = PLACES.some((p) => p.name === draft.name && String(p.latitude) === draft.latitude);
  return (
    <fieldset className="grid grid-cols-2 gap-4 sm:grid-cols-4">
      <legend className="mb-2 text-lg font-semibold">Where the home is</legend>
      <ChoiceField
        label="From the list"
        value={known ? draft.name : ''}
        onChange={(e) => choose(e.target.value)}
        className="col-span-2"
      >
        <option value="">Another place, typed below</option>
        {PLACES.map((p) => (
          <option key={p.name} value={p.name}>
            {p.name}
          </option>
        ))}
      </ChoiceField>
      <TextField
        className="col-span-2"
        label="Place name"
        value={draft.name}
        error={errors['place.name']}
        onChange={(e) => set({ name: e.target.value })}
      />
      <TextField
        label="Latitude"
        unit="°N"
        inputMode="decimal"
        value={draft.latitude}
        error={errors['place.latitude']}
        onChange={(e) => set({ latitude: e.target.value })}
        hint="South is negative."
      />
      <TextField
        label="Longitude"
        unit="°E"
        inputMode="decimal"
        value={draft.longitude}
        error={errors['place.longitude']}
        onChange={(e) => set({ longitude: e.target.value })}
        hint="West is negative."
      />
      <TextField
        className="col-span-2"
        label="Time zone"
        value={draft.timeZone}
        error={errors['place.timeZone']}
        onChange={(e) => set({ timeZone: e.target.value })}
        hint="Such as Europe/London."
      />
      <div className="col-span-2">
        <p className="mb-1 text-sm text-soft">Lengths in</p>
        <ChoiceRow
          label="Lengths in"
          value={draft.units}
          onChange={(units) => set({ units })}
          options={[
            { value: 'metric', label: 'metres' },
            { value: 'imperial', label: 'feet' },
          ]}
        />
      </div>
    </fieldset>
  );
}
