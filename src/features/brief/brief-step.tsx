'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { WISH_WORDS, WISHES, type Wish } from '@/core/judge/wish';
import type { Room } from '@/core/record/room';
import { KIND_WORDS, ROOM_KINDS, ROOM_USES, USE_WORDS, type RoomKind, type RoomUse } from '@/core/room/use';
import { Button } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { StepTitle } from '@/ui/step-title';
import { Fights } from '../drawings/fights';
import { SchoolFields } from '../entry/school-fields';
import { takeAway } from '../session/take-away';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { readAgain } from '../session/use-session';
import { placeOf, PlaceFields, type PlaceDraft } from '../entry/place-fields';
import { useVisit } from '../session/visit-context';
import { goTo } from '../session/where';
import { sayRefusal } from '../words/words';
import { addressOf } from '../session/address';

function VisitForm() {
  const { visit, write } = useVisit();
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
  const [opened, setOpened] = useState(visit.revision);
  // told that it was changed elsewhere, whoever saves again has seen the newer one
  const [conflict, setConflict] = useState(false);
  const revision = conflict ? visit.revision : opened;
  const submit = async () => {
    const edit = {
      name: 'visit.edit',
      visitId: visit.id,
      revision,
      label: draft.label,
      place: placeOf(draft.place),
      units: draft.place.units,
    };
    const checked = checkWrite(edit);
    if (!checked.ok) return setErrors(checked.errors);
    const result = await write(checked.write, { answers: true }).result;
    if (result.ok) {
      setErrors({});
      setConflict(false);
      setOpened(revision + 1);
      return void toast.success('Visit saved');
    }
    setErrors({ form: sayRefusal(result) });
    if (result.reason === 'changed-elsewhere') {
      await readAgain();
      setConflict(true);
    }
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

/** What the client wants of a room, one of a few and in the client's own words; what it is and when it is used. */
function WishFields({ room }: { readonly room: Room }) {
  const { write } = useVisit();
  const [words, setWords] = useState(room.wishWords);
  const keep = (wish: Wish | null) => write({ name: 'room.wish', roomId: room.id, wish, words: words.trim() });
  return (
    <div role="group" aria-label={`What the client wants of ${room.name}`} className="grid w-full grid-cols-[11rem_1fr] gap-2">
      <ChoiceField
        label="The client wants it"
        value={room.wish ?? ''}
        onChange={(e) => keep((e.target.value || null) as Wish | null)}
      >
        <option value="">not said yet</option>
        {WISHES.map((wish) => (
          <option key={wish} value={wish}>
            {WISH_WORDS[wish]}
          </option>
        ))}
      </ChoiceField>
      <TextField
        label="In their words"
        value={words}
        maxLength={500}
        onChange={(e) => setWords(e.target.value)}
        onBlur={() => words.trim() !== room.wishWords && keep(room.wish)}
      />
      <ChoiceField
        label="It is a"
        value={room.kind}
        onChange={(e) => write({ name: 'room.use', roomId: room.id, use: room.use, kind: e.target.value as RoomKind })}
      >
        {ROOM_KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {KIND_WORDS[kind]}
          </option>
        ))}
      </ChoiceField>
      <ChoiceField
        label="Used"
        value={room.use}
        onChange={(e) => write({ name: 'room.use', roomId: room.id, use: e.target.value as RoomUse, kind: room.kind })}
      >
        {ROOM_USES.map((use) => (
          <option key={use} value={use}>
            {USE_WORDS[use]}
          </option>
        ))}
      </ChoiceField>
      <div className="col-span-2">
        <Fights room={room} />
      </div>
    </div>
  );
}

function RoomRow({ room, alone }: { readonly room: Room; readonly alone: boolean }) {
  const { visit, write } = useVisit();
  const [name, setName] = useState(room.name);
  const [error, setError] = useState<string>();
  const rename = async () => {
    if (name.trim() === room.name) return;
    const checked = checkWrite({ name: 'room.rename', roomId: room.id, revision: room.revision, room: name });
    if (!checked.ok) return setError(checked.errors['room']);
    const result = await write(checked.write, { answers: true }).result;
    setError(result.ok ? undefined : sayRefusal(result));
  };
  const retire = async () => {
    const set = (retired: boolean) => write({ name: 'room.retire', roomId: room.id, retired }, { answers: true }).result;
    if (!(await takeAway(set, `${room.name} taken off the visit`))) return;
    const next = visit.rooms.find((r) => r.id !== room.id)!;
    goTo(addressOf({ visitId: visit.id, roomId: next.id, step: 'brief' }));
  };
  return (
    <li className="flex flex-wrap items-end gap-2 border-b border-line pb-3">
      <TextField
        className="min-w-40 flex-1"
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
      <WishFields room={room} />
    </li>
  );
}

function AddRoom() {
  const { visit, write } = useVisit();
  const [name, setName] = useState('');
  const [error, setError] = useState<string>();
  const add = async () => {
    const checked = checkWrite({ name: 'room.add', visitId: visit.id, roomId: v7(), room: name });
    if (!checked.ok) return setError(checked.errors['room']);
    const result = await write(checked.write, { answers: true }).result;
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
      <div className="grid items-start gap-10 xl:grid-cols-[minmax(0,1fr)_30rem]">
        <div>
          <VisitForm />
          <section aria-labelledby="schools" className="mt-8">
            <h2 id="schools" className="mb-2 text-lg font-semibold">
              Where good consultants disagree
            </h2>
            <div className="flex flex-wrap gap-3">
              <SchoolFields />
            </div>
            <p className="mt-2 max-w-xl text-sm text-soft">
              Followed when the deck is searched for what could work. The predicted look is shown whatever is chosen.
            </p>
          </section>
        </div>
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
