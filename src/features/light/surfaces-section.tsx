'use client';

import { useState } from 'react';
import { GROUND_KINDS, GROUNDS, OBSTRUCTION_KINDS, OBSTRUCTIONS } from '@/core/light/assumptions';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { WALLS } from '@/core/room/facing';
import { lengthUnit } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { ChoiceField, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { ColourEntry } from '../entry/colour-entry';
import { hexOf, sayColour, saySource } from '../words/say-colour';
import { wallName } from '@/core/room/facing';
import { useHome } from '../session/visit-context';
import { readBearing } from './bearing-field';
import { Section, type SectionProps } from './section';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The room's measures: four walls, of which opposite ones are the same in a box, and its height. */
export function SizeSection({ draft, errors, onChange }: SectionProps) {
  const visit = useHome();
  const unit = lengthUnit(visit.units);
  const bearing = readBearing(draft.bearing);
  const setWall = (wall: number, text: string) =>
    onChange({ ...draft, walls: draft.walls.map((w, i) => (i === wall ? text : w)) as unknown as typeof draft.walls });
  const errorOf = (wall: number) => errors[`walls.${wall}`] ?? (wall < 2 ? errors[['widthM', 'depthM'][wall]!] : undefined);
  return (
    <Section title="Size">
      <div className="flex flex-wrap items-start gap-2">
        {(draft.shape ? [] : WALLS).map((wall) => (
          <TextField
            key={wall}
            className="w-42"
            label={`${capital(wallName({ bearingDeg: bearing, windows: draft.windows, shape: draft.shape }, wall))}, how long`}
            unit={unit}
            placeholder={draft.walls[(wall + 2) % 4] || 'not measured'}
            value={draft.walls[wall]}
            error={errorOf(wall)}
            onChange={(e) => setWall(wall, e.target.value)}
          />
        ))}
        <TextField
          className="w-42"
          label="How high the room is"
          unit={unit}
          placeholder="not measured"
          value={draft.height}
          error={errors['heightM']}
          onChange={(e) => onChange({ ...draft, height: e.target.value })}
        />
      </div>
      <p className="text-sm text-soft">
        {draft.shape ? 'The lengths of the walls stand under Shape.' : 'One of two opposite walls is enough.'} High ceilings:
        measure from the floor, not from a chair.
      </p>
    </Section>
  );
}

/** What lies outside the windows. */
export function OutsideSection({ draft, onChange }: SectionProps) {
  return (
    <Section title="Outside">
      <div className="flex flex-wrap gap-2">
        <ChoiceField
          className="w-48"
          label="On the ground"
          value={draft.ground}
          onChange={(chosen) => onChange({ ...draft, ground: chosen })}
        >
          {GROUND_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {GROUNDS[kind].name}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField
          className="w-48"
          label="Opposite"
          value={draft.obstruction}
          onChange={(chosen) => onChange({ ...draft, obstruction: chosen })}
        >
          {OBSTRUCTION_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {OBSTRUCTIONS[kind].name}
            </option>
          ))}
        </ChoiceField>
      </div>
      <p className="text-sm text-soft">
        The ground’s colour comes in with the light; how high the opposite reaches is set per window.
      </p>
    </Section>
  );
}

type ColourProps = {
  readonly title: string;
  readonly hint: string;
  readonly read: string;
  readonly value: RecordedColour | null;
  readonly onChange: (colour: RecordedColour | null) => void;
};

function SurfaceColour({ title, hint, read, value, onChange }: ColourProps) {
  const [open, setOpen] = useState(false);
  return (
    <Section title={title}>
      <p className="text-sm text-soft">{hint}</p>
      {value && (
        <div className="flex">
          <Patch hex={hexOf(value.lab)} label={sayColour(value.lab)} className="h-16 w-40" />
          <div className="flex-1 bg-panel p-2">
            <p className="font-semibold">{sayColour(value.lab)}</p>
            <p className="text-sm text-soft">{saySource(value.source)}</p>
          </div>
        </div>
      )}
      <div className="flex gap-2">
        <Dialog title={title} open={open} onOpenChange={setOpen} trigger={<Button>{value ? 'Read it again' : read}</Button>}>
          <ColourEntry value={value} onChange={onChange} />
          <div className="mt-5 flex justify-end">
            <Button look="main" onClick={() => setOpen(false)}>
              Done
            </Button>
          </div>
        </Dialog>
        {value && <Button onClick={() => onChange(null)}>Remove</Button>}
      </div>
    </Section>
  );
}

/** The colours the light bounces off: walls as they are today, and the ceiling. The floor is recorded among what stays. */
export function SurfacesSection({ draft, onChange }: SectionProps) {
  return (
    <>
      <SurfaceColour
        title="Existing wall colour"
        hint="It will be gone, but today it bends everything held against it."
        read="Read the wall"
        value={draft.oldWall}
        onChange={(oldWall) => onChange({ ...draft, oldWall })}
      />
      <SurfaceColour
        title="Ceiling"
        hint="White until it is read."
        read="Read the ceiling"
        value={draft.ceiling}
        onChange={(ceiling) => onChange({ ...draft, ceiling })}
      />
    </>
  );
}
