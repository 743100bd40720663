'use client';

import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { v7 } from 'uuid';
import { STAY_FACES, type RecordedStay, type StayFace } from '@/core/record/stay';
import type { RecordedColour } from '@/core/record/recorded-colour';
import type { Room } from '@/core/record/room';
import { typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { ColourEntry } from '../entry/colour-entry';
import { hexOf, sayColour } from '../words/say-colour';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { readAgain } from '../session/use-session';
import { useVisit } from '../session/visit-context';
import { sayRefusal } from '../words/words';

type ComponentDraft = {
  readonly id: string;
  readonly name: string;
  readonly share: string;
  readonly colour: RecordedColour | null;
};
type Draft = {
  readonly stay: string;
  readonly kind: RecordedStay['kind'];
  readonly school: RecordedStay['school'];
  readonly lies: StayFace | '';
  readonly cover: string;
  readonly components: readonly ComponentDraft[];
};

const draftOf = (stay: RecordedStay | undefined): Draft =>
  stay
    ? {
        stay: stay.name,
        kind: stay.kind,
        school: stay.school,
        lies: stay.lies ?? '',
        cover: String(Math.round(stay.cover * 100)),
        components: stay.components.map((c) => ({
          id: c.id,
          name: c.name,
          share: String(Math.round(c.share * 1000) / 10),
          colour: c.colour,
        })),
      }
    : {
        stay: '',
        kind: 'fixed',
        school: 'share',
        lies: '',
        cover: '100',
        components: [{ id: v7(), name: 'base', share: '100', colour: null }],
      };

/** Percent left for one more component. */
const restOf = (components: readonly ComponentDraft[]): number =>
  Math.max(0, Math.round((100 - components.reduce((s, c) => s + (typedNumber(c.share) || 0), 0)) * 10) / 10);

type RowProps = {
  readonly component: ComponentDraft;
  readonly index: number;
  readonly open: boolean;
  readonly errors: FieldErrors;
  readonly onOpen: () => void;
  readonly onChange: (change: Partial<ComponentDraft>) => void;
  readonly onRemove: (() => void) | undefined;
};

function ComponentRow({ component, index, open, errors, onOpen, onChange, onRemove }: RowProps) {
  const at = (field: string) => errors[`components.${index}.${field}`];
  const { colour } = component;
  return (
    <li className="border border-line bg-panel">
      <div className="flex flex-wrap items-end gap-2 p-3">
        <button
          type="button"
          aria-label={`Colour of component ${index + 1}${colour ? `: ${sayColour(colour.lab)}` : ': not read yet'}`}
          aria-expanded={open}
          onClick={onOpen}
          className="h-16 w-24 cursor-pointer border-0 p-0"
        >
          {colour ? (
            <Patch hex={hexOf(colour.lab)} label={sayColour(colour.lab)} className="size-full" />
          ) : (
            <span className="grid size-full place-items-center border border-dashed border-line-strong text-sm">read colour</span>
          )}
        </button>
        <TextField
          className="min-w-32 flex-1"
          label="Component"
          value={component.name}
          error={at('name')}
          onChange={(e) => onChange({ name: e.target.value })}
        />
        <TextField
          className="w-28"
          label="Share"
          unit="%"
          inputMode="decimal"
          value={component.share}
          error={at('share')}
          onChange={(e) => onChange({ share: e.target.value })}
        />
        {onRemove && (
          <Button aria-label={`Remove component ${index + 1}`} onClick={onRemove}>
            <X aria-hidden size={18} />
          </Button>
        )}
      </div>
      {errors[`components.${index}.colour`] && (
        <div className="px-3 pb-3">
          <FieldError>Read its colour first.</FieldError>
        </div>
      )}
      {open && (
        <div className="border-t border-line p-3">
          <ColourEntry value={colour} onChange={(next) => onChange({ colour: next })} />
        </div>
      )}
    </li>
  );
}

type Props = { readonly room: Room; readonly stay: RecordedStay | undefined; readonly onDone: () => void };

/** One thing that stays: what it is and its colours with their shares. */
export function StayForm({ room, stay, onDone }: Props) {
  const { write } = useVisit();
  const [ids] = useState(() => ({ stay: stay?.id ?? v7(), operation: v7() }));
  const opened = stay?.revision ?? null;
  // told that it was changed elsewhere, whoever saves again has seen the newer one
  const [conflict, setConflict] = useState(false);
  const newer = room.stays.find((s) => s.id === ids.stay)?.revision ?? null;
  const [draft, setDraft] = useState(() => draftOf(stay));
  const [open, setOpen] = useState<string | undefined>(stay ? undefined : draft.components[0]!.id);
  const [errors, setErrors] = useState<FieldErrors>({});
  const [busy, setBusy] = useState(false);
  const set = (change: Partial<Draft>) => setDraft({ ...draft, ...change });
  const setComponent = (id: string, change: Partial<ComponentDraft>) =>
    set({ components: draft.components.map((c) => (c.id === id ? { ...c, ...change } : c)) });
  const addComponent = () => {
    const id = v7();
    set({
      components: [
        ...draft.components,
        { id, name: `component ${draft.components.length + 1}`, share: String(restOf(draft.components)), colour: null },
      ],
    });
    setOpen(id);
  };

  async function submit() {
    const components = draft.components.map((c) => ({
      id: c.id,
      name: c.name,
      share: typedNumber(c.share) / 100,
      colour: c.colour ?? undefined,
    }));
    const { kind, school } = draft;
    const lies = draft.lies === '' ? null : draft.lies;
    const cover = lies === null ? 1 : typedNumber(draft.cover) / 100;
    const checked = checkWrite({
      name: 'stay.save',
      roomId: room.id,
      revision: conflict ? newer : opened,
      stayId: ids.stay,
      stay: draft.stay,
      kind,
      school,
      lies,
      cover,
      components,
    });
    if (!checked.ok) return setErrors(checked.errors);
    setBusy(true);
    const result = await write(checked.write, { id: ids.operation, answers: true }).result;
    if (!result.ok && result.reason === 'changed-elsewhere') {
      await readAgain();
      setConflict(true);
    }
    setBusy(false);
    if (result.ok) return onDone();
    setErrors({ form: sayRefusal(result) });
  }

  return (
    <form
      noValidate
      className="grid gap-5"
      onSubmit={(e) => {
        e.preventDefault();
        void submit();
      }}
    >
      <TextField
        label="What stays"
        placeholder="Hearth stone"
        autoFocus
        value={draft.stay}
        error={errors['stay']}
        onChange={(e) => set({ stay: e.target.value })}
      />
      <div className="flex flex-wrap gap-5">
        <div>
          <p className="mb-1 text-sm text-soft">It is a</p>
          <ChoiceRow
            label="Kind"
            value={draft.kind}
            onChange={(kind) => set({ kind })}
            options={[
              { value: 'fixed', label: 'fixed finish' },
              { value: 'furnishing', label: 'furnishing' },
            ]}
          />
        </div>
        {draft.kind === 'furnishing' && (
          <div>
            <p className="mb-1 text-sm text-soft">The walls should</p>
            <ChoiceRow
              label="School"
              value={draft.school}
              onChange={(school) => set({ school })}
              options={[
                { value: 'share', label: 'share its undertone' },
                { value: 'answer', label: 'answer it' },
              ]}
            />
          </div>
        )}
      </div>
      <div className="flex flex-wrap items-start gap-3">
        <ChoiceField
          className="w-52"
          label="The room’s light bounces off it on"
          value={draft.lies}
          onChange={(e) => set({ lies: e.target.value as Draft['lies'] })}
        >
          <option value="">no large face</option>
          {STAY_FACES.map((place) => (
            <option key={place} value={place}>
              the {place}
            </option>
          ))}
        </ChoiceField>
        {draft.lies !== '' && (
          <TextField
            className="w-40"
            label={`Covers of the ${draft.lies}`}
            unit="%"
            inputMode="decimal"
            value={draft.cover}
            error={errors['cover']}
            onChange={(e) => set({ cover: e.target.value })}
          />
        )}
      </div>
      <div>
        <h3 className="mb-2 font-semibold">Its colours</h3>
        <ul className="grid gap-2">
          {draft.components.map((c, i) => (
            <ComponentRow
              key={c.id}
              component={c}
              index={i}
              open={open === c.id}
              errors={errors}
              onOpen={() => setOpen(open === c.id ? undefined : c.id)}
              onChange={(change) => setComponent(c.id, change)}
              onRemove={
                draft.components.length > 1 ? () => set({ components: draft.components.filter((x) => x.id !== c.id) }) : undefined
              }
            />
          ))}
        </ul>
        {errors['components'] && <FieldError>{errors['components']}</FieldError>}
        <Button className="mt-2" onClick={addComponent}>
          <Plus aria-hidden size={16} /> Veining, flecks, another colour
        </Button>
      </div>
      {errors['form'] && <FieldError>{errors['form']}</FieldError>}
      <div className="flex justify-end gap-3">
        <Button onClick={onDone}>Cancel</Button>
        <Button type="submit" look="main" disabled={busy}>
          {busy ? 'Saving…' : 'Save'}
        </Button>
      </div>
    </form>
  );
}
