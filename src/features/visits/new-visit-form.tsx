'use client';

import { Plus, X } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import { PLACES } from '@/core/light/places';
import { Button, buttonClass } from '@/ui/button';
import { FieldError, TextField } from '@/ui/field';
import { useWrite } from '../session/use-session';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { placeOf, PlaceFields, type PlaceDraft } from '../entry/place-fields';
import { sayRefusal } from '../words/words';
import { addressOf, VISITS } from '../session/address';

const FIRST_PLACE = PLACES[2];
const START: PlaceDraft = {
  name: FIRST_PLACE.name,
  latitude: String(FIRST_PLACE.latitude),
  longitude: String(FIRST_PLACE.longitude),
  timeZone: FIRST_PLACE.timeZone,
  units: 'metric',
};
const SUGGESTED = ['Hall', 'Sitting room', 'Kitchen', 'Main bedroom'];

/** The server is away; the visit waits in the browser. */
const KEPT = 'Elm Swatch does not answer just now. The visit is kept in this browser and saved when it is back.';

type RoomDraft = { readonly roomId: string; readonly name: string };

/** A new visit: whose, where, and which rooms in walking order. */
export function NewVisitForm() {
  const router = useRouter();
  const write = useWrite();
  // one operation and one visit id for this form: sending it twice makes one visit
  const [ids] = useState(() => ({ operation: v7(), visit: v7() }));
  const [label, setLabel] = useState('');
  const [place, setPlace] = useState(START);
  const [rooms, setRooms] = useState<readonly RoomDraft[]>(() => [{ roomId: v7(), name: '' }]);
  const [errors, setErrors] = useState<FieldErrors>({});
  const [busy, setBusy] = useState(false);

  const addRoom = (name: string) =>
    setRooms((all) => {
      const empty = all.findIndex((r) => r.name.trim() === '');
      if (empty >= 0 && name) return all.map((r, i) => (i === empty ? { ...r, name } : r));
      return [...all, { roomId: v7(), name }];
    });

  async function submit() {
    const named = rooms.filter((r) => r.name.trim() !== '');
    const checked = checkWrite({
      name: 'visit.create',
      visitId: ids.visit,
      label,
      place: placeOf(place),
      units: place.units,
      rooms: named,
    });
    if (!checked.ok) return setErrors(checked.errors);
    setErrors({});
    setBusy(true);
    const result = await write(checked.write, { id: ids.operation, answers: true }).result;
    if (result.ok && result.saved) return router.push(addressOf({ visitId: ids.visit, roomId: named[0]!.roomId, step: 'light' }));
    setBusy(false);
    setErrors({ form: result.ok ? KEPT : sayRefusal(result) });
  }

  return (
    <main className="mx-auto max-w-3xl px-5 py-8">
      <p className="text-soft">
        <Link href={VISITS} className="underline underline-offset-4">
          Visits
        </Link>
      </p>
      <h1 className="mb-6 text-3xl font-semibold">Start a visit</h1>
      <form
        noValidate
        className="grid gap-8"
        onSubmit={(e) => {
          e.preventDefault();
          void submit();
        }}
      >
        <TextField
          label="Client label"
          hint="What you will recognise it by: a street, a surname, a nickname."
          autoFocus
          value={label}
          error={errors['label']}
          onChange={(e) => setLabel(e.target.value)}
        />
        <PlaceFields draft={place} errors={errors} onChange={setPlace} />
        <fieldset className="grid gap-3">
          <legend className="mb-2 text-lg font-semibold">Rooms, in walking order</legend>
          {rooms.map((room, i) => (
            <div key={room.roomId} className="flex items-end gap-2">
              <TextField
                className="flex-1"
                label={`Room ${i + 1}`}
                value={room.name}
                error={errors[`rooms.${rooms.slice(0, i).filter((r) => r.name.trim() !== '').length}.name`]}
                onChange={(e) =>
                  setRooms((all) => all.map((r) => (r.roomId === room.roomId ? { ...r, name: e.target.value } : r)))
                }
              />
              {rooms.length > 1 && (
                <Button
                  aria-label={`Remove room ${i + 1}`}
                  onClick={() => setRooms((all) => all.filter((r) => r.roomId !== room.roomId))}
                >
                  <X aria-hidden size={18} />
                </Button>
              )}
            </div>
          ))}
          {errors['rooms'] && <FieldError>{errors['rooms']}</FieldError>}
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => addRoom('')}>
              <Plus aria-hidden size={18} /> Another room
            </Button>
            {SUGGESTED.filter((name) => !rooms.some((r) => r.name === name)).map((name) => (
              <Button key={name} look="quiet" onClick={() => addRoom(name)}>
                {name}
              </Button>
            ))}
          </div>
        </fieldset>
        {errors['form'] && <FieldError>{errors['form']}</FieldError>}
        <div className="flex gap-3">
          <Button type="submit" look="main" disabled={busy}>
            {busy ? 'Starting…' : 'Start the visit'}
          </Button>
          <Link href={VISITS} className={buttonClass('plain')}>
            Back
          </Link>
        </div>
      </form>
    </main>
  );
}
