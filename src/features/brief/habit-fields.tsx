'use client';

import { habitsOf, usualHabits, type ChosenHabits } from '@/core/units/habits';
import { UNITS, type Units } from '@/core/units/length';
import { ChoiceField } from '@/ui/field';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { useVisit, useVisitWrite } from '../session/visit-context';

const UNIT_WORDS: Readonly<Record<Units, string>> = { metric: 'metres, litres', imperial: 'feet and inches, gallons' };
type Choice = Exclude<keyof ChosenHabits, 'currency'>;
const FIELDS: {
  readonly [K in Choice]: readonly [label: string, words: Readonly<Record<NonNullable<ChosenHabits[K]>, string>>];
} = {
  words: ['Words', { british: 'colour, skirting', american: 'color, baseboard' }],
  clock: ['Clock', { '24': '16:30', '12': '4:30 pm' }],
  dates: ['Dates', { day: '23 September', month: 'September 23' }],
  sheet: ['Paper', { a4: 'A4', letter: 'Letter' }],
  tint: ['Tint in', { millilitres: 'millilitres', ounces: 'ounces and 96ths' }],
};

/** How the visit speaks: as is usual where the home is, unless something else is chosen. */
export function HabitFields({ onUnits }: { readonly onUnits: (units: Units) => void }) {
  const visit = useVisit();
  const write = useVisitWrite();
  const { habits, place } = visit;
  const usual = usualHabits(place.timeZone);
  const now = habitsOf(visit);
  const say = (change: Partial<ChosenHabits>) =>
    ({ name: 'visit.habits', visitId: visit.id, habits: { ...habits, ...change } }) as const;
  const field = <K extends Choice>(key: K) => {
    const [label, words] = FIELDS[key];
    const values = Object.keys(words) as NonNullable<ChosenHabits[K]>[];
    return (
      <ChoiceField
        key={key}
        label={label}
        value={now[key] as string}
        onChange={(chosen) => {
          // what is usual there is no choice: it follows the place when that is put right
          write(say({ [key]: chosen === (usual[key] as string) ? null : chosen }));
        }}
      >
        {values.map((value) => (
          <option key={value} value={value} translate="no">
            {words[value]}
          </option>
        ))}
      </ChoiceField>
    );
  };
  return (
    <div role="group" aria-label="How it speaks">
      <p className="mb-1 text-sm text-soft">How it speaks: as is usual in {place.name}, until you say otherwise</p>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <ChoiceField label="Lengths and paint in" value={visit.units} onChange={(chosen) => onUnits(chosen)}>
          {UNITS.map((units) => (
            <option key={units} value={units} translate="no">
              {UNIT_WORDS[units]}
            </option>
          ))}
        </ChoiceField>
        {field('words')}
        {field('clock')}
        {field('dates')}
        {field('sheet')}
        {field('tint')}
        <SelfField
          id={`${visit.id}.currency`}
          label="Money"
          where="the home"
          href={addressOf({ visitId: visit.id, roomId: visit.rooms[0]!.id, step: 'brief' })}
          saved={now.currency}
          toWrite={(text) => say({ currency: text.trim() === usual.currency ? null : text })}
        />
      </div>
    </div>
  );
}
