'use client';

import { X } from 'lucide-react';
import { ASSUMED, CURTAIN_KINDS, CURTAINS, GLAZING_KINDS, GLAZINGS } from '@/core/light/assumptions';
import { wallsOf } from '@/core/room/plan';
import { lengthUnit, sayLength } from '@/core/units/length';
import { Button } from '@/ui/button';
import { ChoiceField, TextField } from '@/ui/field';
import { wallName } from '@/core/room/facing';
import { useHome } from '../session/visit-context';
import type { WindowDraft } from './light-draft';
import { readBearing } from './bearing-field';
import { NoWindow } from './no-window';
import { More, Section, type SectionProps } from './section';

type RowProps = SectionProps & { readonly index: number; readonly set: (change: Partial<WindowDraft>) => void };

const DETAIL_FIELDS = ['leftM', 'sillM', 'obstructionDeg', 'revealM', 'overhangM'] as const;

function WindowDetails({ draft, errors, index, set }: RowProps) {
  const visit = useHome();
  const unit = lengthUnit(visit.units);
  const w = draft.windows[index]!;
  const error = (field: string) => errors[`windows.${index}.${field}`];
  const usual = { left: 'evenly', sill: sayLength(ASSUMED.sillM.value, visit.units, 'window'), reveal: '0', overhang: '0' };
  const length = (label: string, key: 'left' | 'sill' | 'reveal' | 'overhang', field: string) => (
    <TextField
      className="w-34"
      label={label}
      unit={unit}
      placeholder={usual[key]}
      value={w[key]}
      error={error(field)}
      onChange={(e) => set({ [key]: e.target.value })}
    />
  );
  return (
    <More title="place, glass and what is outside" wrong={DETAIL_FIELDS.some((f) => error(f))}>
      {length('From the left, inside', 'left', 'leftM')}
      {length('Sill', 'sill', 'sillM')}
      <ChoiceField className="w-48" label="Glass" value={w.glazing} onChange={(chosen) => set({ glazing: chosen })}>
        {GLAZING_KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {GLAZINGS[kind].name}, {Math.round(100 * GLAZINGS[kind].transmittance)} %
          </option>
        ))}
      </ChoiceField>
      <TextField
        className="w-34"
        label="Opposite, up to"
        unit="°"
        inputMode="decimal"
        value={w.obstruction}
        error={error('obstructionDeg')}
        onChange={(e) => set({ obstruction: e.target.value })}
      />
      {length('Depth in the wall', 'reveal', 'revealM')}
      {length('Roof over it', 'overhang', 'overhangM')}
    </More>
  );
}

function WindowRow(props: RowProps) {
  const { draft, errors, index, set, onChange } = props;
  const visit = useHome();
  const unit = lengthUnit(visit.units);
  const bearing = readBearing(draft.bearing);
  const w = draft.windows[index]!;
  return (
    <li className="flex flex-wrap items-end gap-2 border-b border-line pb-1">
      <ChoiceField
        className="w-40"
        label={`Window ${index + 1} in the`}
        error={errors[`windows.${index}.wall`]}
        value={String(w.wall)}
        onChange={(chosen) => set({ wall: Number(chosen) })}
      >
        {wallsOf(draft).map((wall) => (
          <option key={wall} value={wall}>
            {wallName({ bearingDeg: bearing, windows: draft.windows, shape: draft.shape }, wall)}
          </option>
        ))}
      </ChoiceField>
      <TextField
        className="w-24"
        label="Wide"
        unit={unit}
        value={w.width}
        error={errors[`windows.${index}.widthM`]}
        onChange={(e) => set({ width: e.target.value })}
      />
      <TextField
        className="w-24"
        label="High"
        unit={unit}
        value={w.height}
        error={errors[`windows.${index}.heightM`]}
        onChange={(e) => set({ height: e.target.value })}
      />
      <ChoiceField className="w-40" label="Curtain" value={w.curtain} onChange={(chosen) => set({ curtain: chosen })}>
        {CURTAIN_KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {CURTAINS[kind].name}
          </option>
        ))}
      </ChoiceField>
      <Button
        aria-label={`Remove window ${index + 1}`}
        onClick={() => onChange({ ...draft, windows: draft.windows.filter((x) => x.id !== w.id) })}
      >
        <X aria-hidden size={18} />
      </Button>
      <WindowDetails {...props} />
    </li>
  );
}

/** The windows, each with what shades it. */
export function WindowRows({ draft, errors, onChange, roomName }: SectionProps & { readonly roomName: string }) {
  const set = (id: string) => (change: Partial<WindowDraft>) =>
    onChange({ ...draft, windows: draft.windows.map((w) => (w.id === id ? { ...w, ...change } : w)) });
  return (
    <Section title="Windows">
      {draft.windows.length === 0 && <NoWindow {...{ draft, errors, onChange, roomName }} />}
      <ul className="grid gap-2">
        {draft.windows.map((w, index) => (
          <WindowRow key={w.id} {...{ draft, errors, onChange, index }} set={set(w.id)} />
        ))}
      </ul>
    </Section>
  );
}
