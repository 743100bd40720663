'use client';

import { useWatch } from 'react-hook-form';
import { v7 } from 'uuid';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { Scheme } from '@/core/record/scheme';
import { Button } from '@/ui/button';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';
import { useWriteForm } from '../session/use-write-form';
import { SeveralColours } from '../drawings/several-colours';
import { useVisitWrite } from '../session/visit-context';

const MOST_ACCENTS = 4;
const sayName = (c: Candidate) => `${c.name} ${c.strength} %`;

type ChoiceProps = {
  readonly label: string;
  readonly none: string;
  readonly value: string | null;
  readonly candidates: readonly Candidate[];
  readonly error: string | undefined;
  readonly onChange: (id: string | null) => void;
};

function ColourChoice({ label, none, value, candidates, error, onChange }: ChoiceProps) {
  const chosen = candidates.find((c) => c.id === value);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_6rem] items-end">
      <ChoiceField label={label} error={error} value={value ?? ''} onChange={(chosen) => onChange(chosen || null)}>
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
  const write = useVisitWrite();
  const here = (id: string | null) => (room.candidates.some((c) => c.id === id) ? id : null);
  const { form, submit, refused, wrong } = useWriteForm<Scheme>({
    fields: scheme ?? {
      id: v7(),
      name: `Scheme ${room.schemes.length + 1}`,
      wallId: room.candidates[0]?.id ?? null,
      trimId: null,
      accentIds: [],
    },
    toWrite: ({ id: schemeId, name, wallId, trimId, accentIds }) => ({
      name: 'scheme.save',
      roomId: room.id,
      schemeId,
      scheme: name,
      wallId: here(wallId),
      trimId: here(trimId),
      accentIds: accentIds.filter(here),
    }),
    at: { scheme: 'name' },
    send: (said) => write(said, { answers: true }).result,
    onDone: (_, { id }) => onDone(id),
  });
  const { control } = form;
  const [wallId, trimId, accentIds] = useWatch({ control, name: ['wallId', 'trimId', 'accentIds'] });
  const { candidates } = room;
  return (
    <form noValidate className="grid gap-4" onSubmit={(e) => void submit(e)}>
      <TextField label="Name of the scheme" maxLength={80} error={wrong('name')} {...form.register('name')} />
      <ColourChoice
        {...{ candidates }}
        label="Wall"
        none="not chosen yet"
        value={wallId}
        error={wrong('wallId')}
        onChange={(id) => form.setValue('wallId', id)}
      />
      <ColourChoice
        {...{ candidates }}
        label="Trim"
        none="as it is"
        value={trimId}
        error={wrong('trimId')}
        onChange={(id) => form.setValue('trimId', id)}
      />
      <fieldset className="max-h-64 overflow-auto">
        <legend className="mb-1 text-sm text-soft">Accents, at most {MOST_ACCENTS}</legend>
        <SeveralColours
          ids={accentIds}
          candidates={candidates}
          most={MOST_ACCENTS}
          onChange={(ids) => form.setValue('accentIds', ids)}
        />
        {wrong('accentIds') && <FieldError>{wrong('accentIds')}</FieldError>}
      </fieldset>
      {refused && <FieldError>{refused}</FieldError>}
      <div className="flex justify-end gap-3">
        <Button onClick={() => onDone()}>Cancel</Button>
        <Button type="submit" look="main">
          Keep this scheme
        </Button>
      </div>
    </form>
  );
}
