'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { VisitPlace } from '@/core/record/visit';
import type { Units } from '@/core/units/length';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError, TextField } from '@/ui/field';
import { PlaceEntry } from '../entry/place-entry';
import { addressOf, VISITS } from '../session/address';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { useWrite } from '../session/use-session';
import { sayRefusal } from '../words/words';
import { RoomChips, type RoomDraft } from './room-chips';

/** Rooms most homes have; a tap takes one off. */
const USUAL = ['Hall', 'Sitting room', 'Kitchen', 'Main bedroom'];
/** Where lengths are told in feet. */
const IN_FEET: ReadonlySet<string> = new Set(['US', 'LR', 'MM']);

/** The server is away; the visit waits in the browser. */
const KEPT = 'Elm Swatch does not answer just now. The visit is kept in this browser and saved when it is back.';

/** A new visit: where the home is, and which rooms; everything else is asked on the brief, and nothing of it has to be said. */
export function NewVisitForm() {
  const router = useRouter();
  const write = useWrite();
  // one operation and one visit id for this form: sending it twice makes one visit
  const [ids] = useState(() => ({ operation: v7(), visit: v7() }));
  const [label, setLabel] = useState('');
  const [place, setPlace] = useState<VisitPlace>();
  const [units, setUnits] = useState<Units>('metric');
  const [rooms, setRooms] = useState<readonly RoomDraft[]>(() => USUAL.map((name) => ({ roomId: v7(), name })));
  const [errors, setErrors] = useState<FieldErrors>({});
  const [busy, setBusy] = useState(false);
  const called = place ? `Home in ${place.name}` : '';

  async function submit() {
    if (!place) return setErrors({ place: 'Choose the town from the list, or give its coordinates: the light hangs on it.' });
    const named = label.trim() || called;
    const checked = checkWrite({ name: 'visit.create', visitId: ids.visit, label: named, place, units, rooms });
    if (!checked.ok) return setErrors(checked.errors);
    setErrors({});
    setBusy(true);
    const result = await write(checked.write, { id: ids.operation, answers: true }).result;
    if (result.ok && result.saved) return router.push(addressOf({ visitId: ids.visit, roomId: rooms[0]!.roomId, step: 'brief' }));
    setBusy(false);
    setErrors({ form: result.ok ? KEPT : sayRefusal(result) });
  }

  return (
    <main className="mx-auto max-w-3xl px-5 py-8">
      <p className="text-soft">
        <Link href={VISITS} className="inline-flex min-h-11 items-center underline underline-offset-4">
          Visits
        </Link>
      </p>
      <h1 className="mb-6 text-3xl font-semibold">A new visit</h1>
      <form
        noValidate
        className="grid gap-7"
        onSubmit={(e) => {
          e.preventDefault();
          void submit();
        }}
      >
        <section>
          <h2 className="mb-2 text-lg font-semibold">Where is the home?</h2>
          <PlaceEntry
            autoFocus
            place={place}
            error={errors['place']}
            onChange={(next, country) => {
              setPlace(next);
              if (country) setUnits(IN_FEET.has(country) ? 'imperial' : 'metric');
              setErrors({});
            }}
          />
        </section>
        <section>
          <h2 className="mb-2 text-lg font-semibold">Which rooms?</h2>
          <RoomChips rooms={rooms} errors={errors} onChange={setRooms} />
        </section>
        <section className="flex flex-wrap items-start gap-5">
          <TextField
            className="min-w-60 flex-1"
            label="What you call it"
            placeholder={called || 'A street, a surname, a nickname'}
            value={label}
            error={errors['label']}
            onChange={(e) => setLabel(e.target.value)}
          />
          <div>
            <p className="mb-1 text-sm text-soft">Lengths in</p>
            <ChoiceRow
              label="Lengths in"
              value={units}
              onChange={setUnits}
              options={[
                { value: 'metric', label: 'metres' },
                { value: 'imperial', label: 'feet and inches' },
              ]}
            />
          </div>
        </section>
        {errors['form'] && <FieldError>{errors['form']}</FieldError>}
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
