'use client';

import { useState } from 'react';
import { X } from 'lucide-react';
import { useWatch } from 'react-hook-form';
import { v7 } from 'uuid';
import { upperFirst } from '@/core/base/words';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { schemeSchema, type FurtherPart, type Scheme, type SchemePart, type SchemeThing } from '@/core/record/scheme';
import { SCHEME_PART_WORDS } from '@/core/scheme/parts';
import { Button } from '@/ui/button';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { NewStayChoice } from '../drawings/new-stay';
import { SeveralColours } from '../drawings/several-colours';
import { useWriteForm } from '../session/use-write-form';
import { useVisitWrite } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { schemeWrite } from './use-keep';

const MOST_ACCENTS = 4;
/** Painted parts beside walls and trim that have one colour. */
const FURTHER = ['ceiling', 'door', 'focal', 'below'] as const satisfies readonly SchemePart[];
const sayName = (c: Candidate) => `${c.name} ${c.strength} %`;

type ChoiceProps = {
  readonly label: string;
  readonly none: string;
  readonly value: string | null;
  readonly candidates: readonly Candidate[];
  readonly error?: string | undefined;
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

type CarriedProps<T> = { readonly all: readonly T[]; readonly onChange: (all: readonly T[]) => void };

/** Cloth and lamps: what no deck holds is only taken out here; it comes from a proposal. */
function Cloth({ all, onChange }: CarriedProps<FurtherPart>) {
  const cloth = all.filter((p) => p.lab !== null);
  if (cloth.length === 0) return null;
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">To look for</legend>
      <ul className="grid gap-1.5">
        {cloth.map((p, k) => (
          <li key={`${p.part} ${k}`} className="flex items-center gap-2.5">
            <Patch hex={hexOf(p.lab!)} label={sayColour(p.lab!)} className="h-11 w-16" />
            <span className="min-w-0 flex-1">
              {upperFirst(SCHEME_PART_WORDS[p.part])}: {sayColour(p.lab!)}
            </span>
            <Button
              className="px-2.5"
              aria-label={`Take out ${SCHEME_PART_WORDS[p.part]}`}
              onClick={() => onChange(all.filter((one) => one !== p))}
            >
              <X aria-hidden size={18} />
            </Button>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

/** What stands in this scheme alone: chair A in one, chair B in the other. */
function OwnThings({ room, all, onChange }: CarriedProps<SchemeThing> & { readonly room: Room }) {
  const [adding, setAdding] = useState(false);
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">In this scheme alone</legend>
      <ul className="mb-2 grid gap-1.5">
        {all.map((thing) => (
          <li key={thing.id} className="flex items-center gap-2.5">
            <Patch
              hex={hexOf(thing.components[0]!.colour.lab)}
              label={sayColour(thing.components[0]!.colour.lab)}
              className="h-11 w-16"
            />
            <span className="min-w-0 flex-1">{thing.name}</span>
            <Button
              className="px-2.5"
              aria-label={`Take out ${thing.name}`}
              onClick={() => onChange(all.filter((one) => one !== thing))}
            >
              <X aria-hidden size={18} />
            </Button>
          </li>
        ))}
      </ul>
      {adding ? (
        <NewStayChoice
          room={room}
          onNew={({ name, thing, components }) => {
            onChange([...all, { id: v7(), name, thing: thing ?? 'other', components }]);
            setAdding(false);
          }}
        />
      ) : (
        <Button onClick={() => setAdding(true)}>Add a chair, curtains, a rug…</Button>
      )}
    </fieldset>
  );
}

type FurtherProps = CarriedProps<FurtherPart> & { readonly candidates: readonly Candidate[] };

/** Paint beside walls and trim: ceiling, doors, a focal wall, what lies below a rail. */
function FurtherPaint({ all, onChange, candidates }: FurtherProps) {
  const paintOf = (part: SchemePart) => all.find((p) => p.part === part && p.candidateId !== null)?.candidateId ?? null;
  const set = (part: SchemePart, id: string | null) => {
    const others = all.filter((p) => p.part !== part);
    onChange(id === null ? others : [...others, { part, candidateId: id, lab: null }]);
  };
  return FURTHER.map((part) => (
    <ColourChoice
      key={part}
      candidates={candidates}
      label={upperFirst(SCHEME_PART_WORDS[part])}
      none={part === 'focal' || part === 'below' ? 'none' : 'as it is'}
      value={paintOf(part)}
      onChange={(id) => set(part, id)}
    />
  ));
}

type Props = {
  readonly room: Room;
  /** The scheme that is changed; a new one without. */
  readonly scheme?: Scheme | undefined;
  readonly onDone: (id?: string) => void;
};

/** Every part of a scheme, from the colours in the room, and what stands in it alone. */
export function SchemeForm({ room, scheme, onDone }: Props) {
  const write = useVisitWrite();
  const here = (id: string | null) => (room.candidates.some((c) => c.id === id) ? id : null);
  const { form, submit, refused, wrong } = useWriteForm<Scheme>({
    fields:
      scheme ??
      schemeSchema.parse({
        id: v7(),
        name: `Scheme ${room.schemes.length + 1}`,
        wallId: room.candidates[0]?.id ?? null,
        trimId: null,
        accentIds: [],
      }),
    toWrite: (said) =>
      schemeWrite(room.id, {
        ...said,
        wallId: here(said.wallId),
        trimId: here(said.trimId),
        accentIds: said.accentIds.filter(here),
        parts: said.parts.filter((p) => p.candidateId === null || here(p.candidateId)),
      }),
    at: { scheme: 'name' },
    send: (said) => write(said, { answers: true }).result,
    onDone: (_, { id }) => onDone(id),
  });
  const { control } = form;
  const [wallId, trimId, accentIds, parts, things] = useWatch({
    control,
    name: ['wallId', 'trimId', 'accentIds', 'parts', 'things'],
  });
  const { candidates } = room;
  return (
    <form noValidate className="grid gap-4" onSubmit={(e) => void submit(e)}>
      <TextField label="Name of the scheme" maxLength={80} error={wrong('name')} {...form.register('name')} />
      <ColourChoice
        {...{ candidates }}
        label="Walls"
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
      <FurtherPaint all={parts} candidates={candidates} onChange={(next) => form.setValue('parts', next)} />
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
      <Cloth all={parts} onChange={(next) => form.setValue('parts', next)} />
      <OwnThings room={room} all={things} onChange={(next) => form.setValue('things', next)} />
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
