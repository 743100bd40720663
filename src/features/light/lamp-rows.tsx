'use client';

import { Plus, X } from 'lucide-react';
import { v7 } from 'uuid';
import { LAMP_KIND_NAMES, LAMP_KINDS, LAMP_THROW_NAMES, LAMP_THROWS, USUAL_RA } from '@/core/light/lamp';
import { ASSUMED } from '@/core/light/assumptions';
import { lengthUnit, sayLength } from '@/core/units/length';
import { Button } from '@/ui/button';
import { ChoiceField, TextField } from '@/ui/field';
import { useHome } from '../session/visit-context';
import { isLed, type LampDraft } from './light-draft';
import { More, Section, type SectionProps } from './section';

const WARMTHS = [
  { cctK: 2700, name: 'warm, 2,700 K' },
  { cctK: 3000, name: 'warm white, 3,000 K' },
  { cctK: 4000, name: 'neutral white, 4,000 K' },
  { cctK: 6500, name: 'daylight white, 6,500 K' },
] as const;

type RowProps = SectionProps & { readonly index: number; readonly set: (change: Partial<LampDraft>) => void };

const DETAIL_FIELDS = ['ra', 'xM', 'yM', 'heightM', 'dimmedPercent'] as const;

function LampDetails({ draft, errors, index, set }: RowProps) {
  const visit = useHome();
  const unit = lengthUnit(visit.units);
  const l = draft.lamps[index]!;
  const error = (field: string) => errors[`lamps.${index}.${field}`];
  const field = (label: string, key: 'x' | 'y' | 'height', name: string, placeholder: string) => (
    <TextField
      className="w-38"
      label={label}
      unit={unit}
      placeholder={placeholder}
      value={l[key]}
      error={error(name)}
      onChange={(e) => set({ [key]: e.target.value })}
    />
  );
  return (
    <More title="where it stands, how it shines" wrong={DETAIL_FIELDS.some((f) => error(f))}>
      <ChoiceField className="w-34" label="Shines" value={l.throws} onChange={(chosen) => set({ throws: chosen })}>
        {LAMP_THROWS.map((kind) => (
          <option key={kind} value={kind}>
            {LAMP_THROW_NAMES[kind]}
          </option>
        ))}
      </ChoiceField>
      {field('Height', 'height', 'heightM', sayLength(ASSUMED.lampHeightM.value, visit.units))}
      {field('From the left end of the thick wall', 'x', 'xM', 'middle')}
      {field('Out from the thick wall', 'y', 'yM', 'middle')}
      {isLed(l.kind) && (
        <TextField
          className="w-34"
          label="Rendering"
          unit="Ra"
          inputMode="numeric"
          placeholder={`usual ${USUAL_RA[l.kind as keyof typeof USUAL_RA]}`}
          value={l.ra}
          error={error('ra')}
          onChange={(e) => set({ ra: e.target.value })}
        />
      )}
      <TextField
        className="w-34"
        label="Dimmed to"
        unit="%"
        inputMode="numeric"
        value={l.dimmed}
        error={error('dimmedPercent')}
        onChange={(e) => set({ dimmed: e.target.value })}
      />
    </More>
  );
}

function LampRow(props: RowProps) {
  const { draft, errors, index, set, onChange } = props;
  const l = draft.lamps[index]!;
  return (
    <li className="flex flex-wrap items-end gap-2 border-b border-line pb-1">
      <TextField
        className="w-40"
        label={`Lamp ${index + 1}`}
        value={l.name}
        error={errors[`lamps.${index}.name`]}
        onChange={(e) => set({ name: e.target.value })}
      />
      <TextField
        className="w-26"
        label="Warmth"
        unit="K"
        inputMode="numeric"
        value={l.cctK}
        error={errors[`lamps.${index}.cctK`]}
        onChange={(e) => set({ cctK: e.target.value })}
      />
      <TextField
        className="w-28"
        label="Light"
        unit="lm"
        inputMode="numeric"
        value={l.lumens}
        error={errors[`lamps.${index}.lumens`]}
        onChange={(e) => set({ lumens: e.target.value })}
      />
      <ChoiceField className="w-42" label="Kind" value={l.kind} onChange={(chosen) => set({ kind: chosen })}>
        {LAMP_KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {LAMP_KIND_NAMES[kind]}
          </option>
        ))}
      </ChoiceField>
      <Button
        aria-label={`Remove lamp ${index + 1}`}
        onClick={() => onChange({ ...draft, lamps: draft.lamps.filter((x) => x.id !== l.id) })}
      >
        <X aria-hidden size={18} />
      </Button>
      <LampDetails {...props} />
    </li>
  );
}

const newLamp = (number: number, cctK: number): LampDraft => ({
  id: v7(),
  name: `Lamp ${number}`,
  cctK: String(cctK),
  ra: '',
  kind: 'led',
  lumens: String(ASSUMED.lampLumens.value),
  throws: 'round',
  x: '',
  y: '',
  height: '',
  dimmed: '100',
});

/** The lamps, each with its kind, light and place. */
export function LampRows({ draft, errors, onChange }: SectionProps) {
  const set = (id: string) => (change: Partial<LampDraft>) =>
    onChange({ ...draft, lamps: draft.lamps.map((l) => (l.id === id ? { ...l, ...change } : l)) });
  return (
    <Section title="Lamps">
      <ul className="grid gap-2">
        {draft.lamps.map((l, index) => (
          <LampRow key={l.id} {...{ draft, errors, onChange, index }} set={set(l.id)} />
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        {WARMTHS.map(({ cctK, name }) => (
          <Button
            key={cctK}
            onClick={() => onChange({ ...draft, lamps: [...draft.lamps, newLamp(draft.lamps.length + 1, cctK)] })}
          >
            <Plus aria-hidden size={16} /> {name}
          </Button>
        ))}
      </div>
      <p className="text-sm text-soft">
        Reading a lamp’s label: switch it off and let it cool. Wiring is for a licensed electrician.
      </p>
    </Section>
  );
}
