'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import type { Room } from '@/core/record/types';
import { Button } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { FieldError, TextField } from '@/ui/field';
import { StepTitle } from '@/ui/step-title';
import { checkWrite, type FieldErrors } from '../shared/issues';
import { placeOf, PlaceFields, type PlaceDraft } from '../shared/place-fields';
import { useVisit } from '../shared/visit-context';
import { goTo } from '../shared/where';
import { sayRefusal } from '../shared/words';

function VisitForm() {
  const { visit, save } = useVisit();
  const [draft, setDraft] = useState(() => ({
    label: visit.label,
    place: {
      name: visit.place.name,
      latitude: String(visit.place.latitude),
      longitude: String(visit.place.longitude),
      timeZone: visit.place.timeZone,
      units: visit.units,
    } satisfies PlaceDraft as PlaceDraft,
  }));
  const [errors, setErrors] = useState<FieldErrors>({});
  const [revision, setRevision] = useState(visit.revision);
  const submit = async () => {
    const write = {
      name: 'visit.edit',
      visitId: visit.id,
      revision,
      label: draft.label,
      place: placeOf(draft.place),
      units: draft.place.units,
    };
    const checked = checkWrite(write);
    if (!checked.ok) return setErrors(checked.errors);
    const result = await save(checked.write);
    if (result.ok) {
      setErrors({});
      setRevision(revision + 1);
      return void toast.success('Visit saved');
    }
    setErrors({ form: sayRefusal(result) });
    if (result.reason === 'changed-elsewhere') setRevision(visit.revision);
  };
  return (
    <form
      noValidate
      className="grid max-w-3xl gap-6"
      onSubmit={(e) => {
        e.preventDefault();
        void submit();
      }}
    >
      <TextField
        label="Client label"
        value={draft.label}
        error={errors['label']}
        onChange={(e) => setDraft({ ...draft, label: e.target.value })}
      />
      <PlaceFields draft={draft.place} errors={errors} onChange={(place) => setDraft({ ...draft, place })} />
      {errors['form'] && <FieldError>{errors['form']}</FieldError>}
      <div>
        <Button type="submit" look="main">
          Save the visit
        </Button>
      </div>
    </form>
  );
}

function RoomRow({ room, alone }: { readonly room: Room; readonly alone: boolean }) {
  const { visit, save } = useVisit();
  const [name, setName] = useState(room.name);
  const [error, setError] = useState<string>();
  const rename = async () => {
    if (name.trim() === room.name) return;
    const checked = checkWrite({ name: 'room.rename', roomId: room.id, revision: room.revision, room: name });
    if (!checked.ok) return setError(checked.errors['room']);
    const result = await save(checked.write);
    setError(result.ok ? undefined : sayRefusal(result));
  };
  const retire = async () => {
    const result = await save({ name: 'room.retire', roomId: room.id, retired: true });
    if (!result.ok) return void toast.error(sayRefusal(result));
    toast(`${room.name} taken off the visit`, {
      action: { label: 'Undo', onClick: () => void save({ name: 'room.retire', roomId: room.id, retired: false }) },
    });
    const next = visit.rooms.find((r) => r.id !== room.id)!;
    goTo(`/visits/${visit.id}/${next.id}/brief`);
  };
  return (
    <li className="flex items-end gap-2">
      <TextField
        className="flex-1"
        label="Room"
        value={name}
        error={error}
        onChange={(e) => setName(e.target.value)}
        onBlur={() => void rename()}
        onKeyDown={(e) => e.key === 'Enter' && void rename()}
      />
      {!alone && (
        <Confirm
          title={`Take ${room.name} off the visit?`}
          body="Its record is kept and comes back with Undo, but it is not shown any more."
          action="Take it off"
          onConfirm={() => void retire()}
        >
          <Button>Take off</Button>
        </Confirm>
      )}
    </li>
  );
}

function AddRoom() {
  const { visit, save } = useVisit();
  const [name, setName] = useState('');
  const [error, setError] = useState<string>();
  const add = async () => {
    const checked = checkWrite({ name: 'room.add', visitId: visit.id, roomId: v7(), room: name });
    if (!checked.ok) return setError(checked.errors['room']);
    const result = await save(checked.write);
    if (!result.ok) return setError(sayRefusal(result));
    setError(undefined);
    setName('');
  };
  return (
    <form
      noValidate
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      <TextField className="flex-1" label="Another room" value={name} error={error} onChange={(e) => setName(e.target.value)} />
      <Button type="submit">
        <Plus aria-hidden size={18} /> Add
      </Button>
    </form>
  );
}

/** The visit itself: whose, where, and its rooms in walking order. */
export function BriefStep() {
  const { visit } = useVisit();
  return (
    <div className="p-5">
      <StepTitle
        title={`The visit: ${visit.label}`}
        aside={`${visit.rooms.length} ${visit.rooms.length === 1 ? 'room' : 'rooms'}`}
      />
      <div className="grid items-start gap-10 xl:grid-cols-[minmax(0,1fr)_24rem]">
        <VisitForm />
        <section>
          <h2 className="mb-2 text-lg font-semibold">Rooms, in walking order</h2>
          <ul className="mb-4 grid gap-3">
            {visit.rooms.map((room) => (
              <RoomRow key={`${room.id} ${room.name}`} room={room} alone={visit.rooms.length === 1} />
            ))}
          </ul>
          <AddRoom />
        </section>
      </div>
    </div>
  );
}
