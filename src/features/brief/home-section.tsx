'use client';

import { leadRisk, type LeadRisk } from '@/core/derived/house-age';
import { dayOfVisit, type VisitPlace } from '@/core/record/visit';
import type { WriteInput } from '@/core/operations/operations';
import type { Units } from '@/core/units/length';
import { HabitFields } from './habit-fields';
import { PeopleFields } from './people-fields';
import { PlaceEntry } from '../entry/place-entry';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { useVisit, useVisitWrite } from '../session/visit-context';

const LEAD: Readonly<Record<LeadRisk, string | undefined>> = {
  likely:
    'A house of this age may well have lead in its old paint: no dry sanding or scraping before a certified person has tested it. Local rules hold.',
  possible: 'Old paint can hold lead: have it tested before any sanding. Local rules hold.',
  none: undefined,
};

/** What is written of the home: fields of the visit itself, and what the client says. */
function useHomeWrites() {
  const visit = useVisit();
  const write = useVisitWrite();
  const { id: visitId, revision, label, place, units } = visit;
  const edit = (change: { label?: string; place?: VisitPlace; units?: Units }): WriteInput => ({
    name: 'visit.edit',
    visitId,
    revision,
    label,
    place,
    units,
    ...change,
  });
  const brief = (
    said: Partial<Record<'decides' | 'budget' | 'painter' | 'visitedOn', string | null>> & { builtYear?: number | null },
  ) => ({ name: 'visit.brief', visitId, ...said }) as WriteInput;
  return { visit, write, edit, brief };
}

function HomeFields() {
  const { visit, edit, brief } = useHomeWrites();
  const field = { where: 'the home', href: addressOf({ visitId: visit.id, roomId: visit.rooms[0]!.id, step: 'brief' }) };
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <SelfField
        {...field}
        id={`${visit.id}.label`}
        label="What you call it"
        saved={visit.label}
        toWrite={(label) => edit({ label })}
      />
      <SelfField
        {...field}
        id={`${visit.id}.visitedOn`}
        label="Day of the visit"
        type="date"
        saved={dayOfVisit(visit)}
        toWrite={(text) => brief({ visitedOn: text === '' ? null : text })}
      />
      <SelfField
        {...field}
        id={`${visit.id}.decides`}
        label="Who decides"
        placeholder="Both of them"
        saved={visit.decides}
        toWrite={(decides) => brief({ decides })}
      />
      <SelfField
        {...field}
        id={`${visit.id}.budget`}
        label="Budget, in words"
        placeholder="Walls this year, trim the next"
        saved={visit.budget}
        toWrite={(budget) => brief({ budget })}
      />
      <SelfField
        {...field}
        id={`${visit.id}.painter`}
        label="Painter"
        saved={visit.painter}
        toWrite={(painter) => brief({ painter })}
      />
      <SelfField
        {...field}
        id={`${visit.id}.builtYear`}
        label="House built in"
        inputMode="numeric"
        placeholder="1936"
        saved={visit.builtYear === null ? '' : String(visit.builtYear)}
        toWrite={(text) => brief({ builtYear: text.trim() === '' ? null : Number(text) })}
      />
    </div>
  );
}

/** Whose home, where, when, and what is agreed for all of it. Every field saves itself. */
export function HomeSection() {
  const { visit, write, edit } = useHomeWrites();
  const caution = LEAD[leadRisk(visit.builtYear, visit.place.timeZone)];
  return (
    <section aria-labelledby="home" className="grid grid-cols-1 gap-4">
      <h2 id="home" className="text-lg font-semibold">
        The home
      </h2>
      <PlaceEntry
        place={visit.place}
        onChange={(place, country) => void write(edit({ place, ...(country === 'US' ? { units: 'imperial' } : {}) }))}
      />
      <HomeFields />
      <PeopleFields />
      {caution && (
        <p role="note" className="border-l-4 border-ink pl-3 text-sm">
          {caution}
        </p>
      )}
      <HabitFields onUnits={(units) => void write(edit({ units }))} />
    </section>
  );
}
