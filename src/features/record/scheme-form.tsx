'use client';

import { useState } from 'react';
import { v7 } from 'uuid';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { Scheme } from '@/core/record/scheme';
import { Button } from '@/ui/button';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { SeveralColours } from '../drawings/several-colours';
import { useVisit } from '../session/visit-context';
import { sayRefusal } from '../words/words';

const MOST_ACCENTS = 4;
const sayName = (c: Candidate) => `${c.name} ${c.strength} %`;

type ChoiceProps = {
  readonly label: string;
  readonly none: string;
  readonly value: string | null;
  readonly candidates: readonly Candidate[];
  readonly onChange: (id: string | null) => void;
};

function ColourChoice({ label, none, value, candidates, onChange }: ChoiceProps) {
  const chosen = candidates.find((c) => c.id === value);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_6rem] items-end">
      <ChoiceField label={label} value={value ?? ''} onChange={(chosen) => onChange(chosen || null)}>
        <option value="">{none}</option>
        {candidates.map((c) => (
          <option key={c.id} value={c.id}>
            {sayName(c)} · {c.code}
          </option>
        ))}
      </ChoiceField>
      {chosen && <Patch hex={hexOf(chosen.lab)} label={sayColour(chosen.lab)} className="h-11" />}
    </div>
  );
}

type Props = {
  readonly room: Room;
  /** The scheme that is changed; a new one without. */
  readonly scheme?: Scheme | undefined;
  readonly onDone: (id?: string) => void;
};

/** Wall, trim and accents of a scheme, from the colours in the room. */
export function SchemeForm({ room, scheme, onDone }: Props) {
  const { write } = useVisit();
  const [draft, setDraft] = useState<Scheme>(
    () =>
      scheme ?? {
        id: v7(),
        name: `Scheme ${room.schemes.length + 1}`,
        wallId: room.candidates[0]?.id ?? null,
        trimId: null,
        accentIds: [],
      },
  );
  const [errors, setErrors] = useState<FieldErrors>({});
  const keep = async () => {
    const { id: schemeId, name, wallId, trimId, accentIds } = draft;
    const here = (id: string | null) => (room.candidates.some((c) => c.id === id) ? id : null);
    const checked = checkWrite({
      name: 'scheme.save',
      roomId: room.id,
      schemeId,
      scheme: name,
      wallId: here(wallId),
      trimId: here(trimId),
      accentIds: accentIds.filter(here),
    });
    if (!checked.ok) return setErrors(checked.errors);
    const result = await write(checked.write, { answers: true }).result;
    if (!result.ok) return setErrors({ form: sayRefusal(result) });
    onDone(schemeId);
  };
  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
    >
      <TextField
        label="Name of the scheme"
        value={draft.name}
        maxLength={80}
        error={errors['scheme']}
        onChange={(e) => setDraft({ ...draft, name: e.target.value })}
      />
      <ColourChoice
        label="Wall"
        none="not chosen yet"
        value={draft.wallId}
        candidates={room.candidates}
        onChange={(wallId) => setDraft({ ...draft, wallId })}
      />
      <ColourChoice
        label="Trim"
        none="as it is"
        value={draft.trimId}
        candidates={room.candidates}
        onChange={(trimId) => setDraft({ ...draft, trimId })}
      />
      <fieldset className="max-h-64 overflow-auto">
        <legend className="mb-1 text-sm text-soft">Accents, at most {MOST_ACCENTS}</legend>
        <SeveralColours
          ids={draft.accentIds}
          candidates={room.candidates}
          most={MOST_ACCENTS}
          onChange={(accentIds) => setDraft({ ...draft, accentIds })}
        />
      </fieldset>
      {errors['form'] && <FieldError>{errors['form']}</FieldError>}
      <div className="flex justify-end gap-3">
        <Button onClick={() => onDone()}>Cancel</Button>
        <Button type="submit" look="main">
          Keep this scheme
        </Button>
      </div>
    </form>
  );
}
