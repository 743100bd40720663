'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { useWatch } from 'react-hook-form';
import { v7 } from 'uuid';
import type { WriteOf } from '@/core/operations/operations';
import { newVisit } from '@/core/operations/visit-create';
import type { Visit, VisitPlace } from '@/core/record/visit';
import type { Units } from '@/core/units/length';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError, TextField } from '@/ui/field';
import { PlaceEntry } from '../entry/place-entry';
import { addressOf, VISITS } from '../session/address';
import { browserSession } from '../session/browser-session';
import { useWriteForm } from '../session/use-write-form';
import type { WriteResult } from '../session/sender';
import { useWrite } from '../session/use-session';
import { afterEdits, editsOf } from './edits-of';
import { RoomChips, ROOMS, type RoomDraft } from './room-chips';
import { usualHabits } from '@/core/units/habits';
import { inAmerican } from '@/core/units/local-words';

/** Rooms most homes have; a tap takes one off. */
const USUAL = ['Hall', 'Sitting room', 'Kitchen', 'Main bedroom'];
/** Where lengths are told in feet. */
const IN_FEET: ReadonlySet<string> = new Set(['US', 'LR', 'MM']);

/** A usual room by the name it has there; what somebody typed stays. */
function inWords(room: RoomDraft, american: boolean): RoomDraft {
  const usual = ROOMS.find((name) => name === room.name || inAmerican(name) === room.name);
  return usual ? { ...room, name: american ? inAmerican(usual) : usual } : room;
}

/** The server is away; the visit waits in the browser. */
const KEPT = 'Elm Swatch does not answer just now. The visit is kept in this browser and saved when it is back.';

const NO_PLACE = 'Choose the town from the list, or give its coordinates: the light hangs on it.';
/** Stands for a place that is not chosen yet: it is asked for, and never written. */
const NOWHERE: VisitPlace = { name: '-', latitude: 0, longitude: 0, timeZone: 'UTC' };
const calledAfter = ({ name }: VisitPlace): string => `Home in ${name}`;

type Fields = {
  readonly label: string;
  readonly place: VisitPlace | undefined;
  readonly units: Units;
  readonly rooms: RoomDraft[];
};

/** What the form says, and the writing of it. */
function useNewVisit() {
  const router = useRouter();
  const write = useWrite();
  // one visit of this form, however often it is sent
  const [visitId] = useState(() => v7());
  const [rooms] = useState((): RoomDraft[] => USUAL.map((name) => ({ roomId: v7(), name })));
  /** What was written of it last, whether or not the server has answered. */
  const written = useRef<Visit | undefined>(undefined);
  /** Writes the visit; one that was written before is changed to what the form says now. */
  async function send(next: WriteOf<'visit.create'>): Promise<WriteResult> {
    const before = written.current;
    const writes = before ? editsOf(before, next) : [next];
    const stamp = { id: visitId, at: new Date().toISOString() };
    written.current = before ? afterEdits(before, writes) : newVisit(next, stamp);
    const told = writes.length === 0 ? undefined : await write(writes, { answers: true }).result;
    if (told?.ok === false) {
      if (!before) written.current = undefined;
      return told;
    }
    return { ok: true, id: visitId, saved: browserSession().session.state().unsaved.size === 0 };
  }

  const made = useWriteForm<Fields>({
    fields: { label: '', place: undefined, units: 'metric', rooms },
    toWrite: ({ label, place, ...said }) => ({
      name: 'visit.create',
      visitId,
      // without a town that is what is asked for, and not a name too
      label: label.trim() || calledAfter(place ?? NOWHERE),
      place: place ?? NOWHERE,
      ...said,
    }),
    also: ({ place }) => (place ? {} : { place: NO_PLACE }),
    send: (next) => send(next as WriteOf<'visit.create'>),
    onDone: ({ saved }, fields) => {
      if (!saved) return KEPT;
      router.push(addressOf({ visitId, roomId: fields.rooms[0]!.roomId, step: 'brief' }));
      return undefined;
    },
  });
  const { form } = made;
  const choosePlace = (next: VisitPlace | undefined, country?: string) => {
    form.setValue('place', next);
    form.clearErrors();
    if (!next) return;
    if (country) form.setValue('units', IN_FEET.has(country) ? 'imperial' : 'metric');
    const american = usualHabits(next.timeZone).words === 'american';
    form.setValue(
      'rooms',
      form.getValues('rooms').map((room) => inWords(room, american)),
    );
  };
  return { ...made, choosePlace };
}

const LENGTHS = [
  { value: 'metric', label: 'metres' },
  { value: 'imperial', label: 'feet and inches' },
] as const;

/** A new visit: where the home is, and which rooms; everything else is asked on the brief, and nothing of it has to be said. */
export function NewVisitForm() {
  const { form, submit, busy, refused, wrong, choosePlace } = useNewVisit();
  const [place, units, rooms] = useWatch({ control: form.control, name: ['place', 'units', 'rooms'] });
  return (
    <main className="mx-auto max-w-3xl px-5 py-8">
      <p className="text-soft">
        <Link href={VISITS} className="inline-flex min-h-11 items-center underline underline-offset-4">
          Visits
        </Link>
      </p>
      <h1 className="mb-6 text-3xl font-semibold">A new visit</h1>
      <form noValidate className="grid gap-7" onSubmit={(e) => void submit(e)}>
        <section>
          <h2 className="mb-2 text-lg font-semibold">Where is the home?</h2>
          <PlaceEntry autoFocus place={place} error={wrong('place')} onChange={choosePlace} />
        </section>
        <section>
          <h2 className="mb-2 text-lg font-semibold">Which rooms?</h2>
          <RoomChips
            rooms={rooms}
            wrong={wrong('rooms')}
            american={place !== undefined && usualHabits(place.timeZone).words === 'american'}
            onChange={(next) => form.setValue('rooms', [...next])}
          />
        </section>
        <section className="flex flex-wrap items-start gap-5">
          <TextField
            className="min-w-60 flex-1"
            label="What you call it"
            placeholder={place ? calledAfter(place) : 'A street, a surname, a nickname'}
            error={wrong('label')}
            {...form.register('label')}
          />
          <div>
            <p className="mb-1 text-sm text-soft">Lengths in</p>
            <ChoiceRow<Units>
              label="Lengths in"
              value={units}
              onChange={(next) => form.setValue('units', next)}
              options={LENGTHS}
            />
          </div>
        </section>
        {refused && <FieldError>{refused}</FieldError>}
        <div className="flex gap-3">
          <Button type="submit" look="main" className="min-h-14 px-7 text-lg" disabled={busy}>
            {busy ? 'Starting…' : 'Start'}
          </Button>
          <Link href={VISITS} className={buttonClass('plain')}>
            Back
          </Link>
        </div>
      </form>
    </main>
  );
}
