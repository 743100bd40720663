'use client';

import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { GLAZING_KINDS, GLAZINGS } from '@/core/light/assumptions';
import type { RoomBox, RoomRoofWindow, RoomShape } from '@/core/record/shape';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { ColourEntry } from '../entry/colour-entry';
import { hexOf, sayColour } from '../words/say-colour';
import { MeasureField } from './measure-field';

type Props = {
  readonly shape: RoomShape;
  readonly names: readonly string[];
  readonly errors: Readonly<Record<string, string>>;
  readonly set: (change: Partial<RoomShape>) => void;
};

/** What is wrong with a row that no field of it shows. */
const rowErrors = (errors: Props['errors'], row: string, shown: readonly string[]): string[] =>
  Object.entries(errors).flatMap(([path, says]) =>
    path.startsWith(`${row}.`) && !shown.includes(path.slice(row.length + 1)) ? [says] : [],
  );

function Row({ remove, label, errors, children }: { remove: () => void; label: string; errors: string[]; children: ReactNode }) {
  return (
    <li className="flex flex-wrap items-end gap-2 border-b border-line pb-1">
      {children}
      <Button aria-label={`Remove ${label}`} onClick={remove}>
        <X aria-hidden size={18} />
      </Button>
      {errors.map((says) => (
        <FieldError key={says}>{says}</FieldError>
      ))}
    </li>
  );
}

/** An angle that is taken up when its field is left. */
function PitchField({ valueDeg, onChange }: { readonly valueDeg: number; readonly onChange: (deg: number) => void }) {
  const [text, setText] = useState<string | null>(null);
  const take = () => {
    const deg = Number((text ?? '').replace(',', '.'));
    setText(null);
    if (text !== null && text.trim() !== '' && Number.isFinite(deg)) onChange(Math.min(85, Math.max(1, deg)));
  };
  return (
    <TextField
      className="w-24"
      label="Pitch"
      unit="°"
      inputMode="decimal"
      value={text ?? String(valueDeg)}
      onChange={(e) => setText(e.target.value)}
      onBlur={take}
      onKeyDown={(e) => e.key === 'Enter' && take()}
    />
  );
}

/** Slopes, each over its wall. */
export function SlopeRows({ shape, names, errors, set }: Props) {
  const { slopes, roofWindows } = shape;
  if (slopes.length === 0) return null;
  const change = (k: number, to: Partial<RoomShape['slopes'][number]>) =>
    set({ slopes: slopes.map((s, n) => (n === k ? { ...s, ...to } : s)) });
  // windows of later slopes go on belonging to them
  const without = (k: number) =>
    set({
      slopes: slopes.filter((_, n) => n !== k),
      roofWindows: roofWindows
        .filter((w) => w.slope !== k)
        .map((w) => (w.slope !== null && w.slope > k ? { ...w, slope: w.slope - 1 } : w)),
    });
  return (
    <ul className="grid gap-2" aria-label="Slopes">
      {slopes.map(({ wall, kneeM, pitchDeg }, k) => (
        <Row
          key={k}
          remove={() => without(k)}
          label={`slope ${k + 1}`}
          errors={rowErrors(errors, `shape.slopes.${k}`, ['kneeM'])}
        >
          <ChoiceField
            className="w-40"
            label={`Slope ${k + 1} over the`}
            value={String(wall)}
            onChange={(chosen) => change(k, { wall: Number(chosen) })}
          >
            {names.map((name, w) => (
              <option key={w} value={w}>
                {name}
              </option>
            ))}
          </ChoiceField>
          <MeasureField
            label="Begins at"
            valueM={kneeM}
            error={errors[`shape.slopes.${k}.kneeM`]}
            onChange={(m) => change(k, { kneeM: m })}
          />
          <PitchField valueDeg={pitchDeg} onChange={(deg) => change(k, { pitchDeg: deg })} />
        </Row>
      ))}
    </ul>
  );
}

/** Roof windows, in a slope or in the flat ceiling. */
export function RoofWindowRows({ shape, names, errors, set }: Props) {
  const { slopes, roofWindows } = shape;
  if (roofWindows.length === 0) return null;
  const change = (k: number, to: Partial<RoomRoofWindow>) =>
    set({ roofWindows: roofWindows.map((w, n) => (n === k ? { ...w, ...to } : w)) });
  return (
    <ul className="grid gap-2" aria-label="Roof windows">
      {roofWindows.map((w, k) => {
        const length = (label: string, key: 'leftM' | 'upM' | 'widthM' | 'heightM') => (
          <MeasureField
            label={label}
            kind="window"
            valueM={w[key]}
            error={errors[`shape.roofWindows.${k}.${key}`]}
            onChange={(m) => change(k, { [key]: m })}
          />
        );
        const flat = w.slope === null;
        return (
          <Row
            key={w.id}
            remove={() => set({ roofWindows: roofWindows.filter((o) => o.id !== w.id) })}
            label={`roof window ${k + 1}`}
            errors={rowErrors(errors, `shape.roofWindows.${k}`, ['leftM', 'upM', 'widthM', 'heightM'])}
          >
            <ChoiceField
              className="w-44"
              label={`Roof window ${k + 1} in the`}
              value={flat ? '' : String(w.slope)}
              onChange={(chosen) => change(k, { slope: chosen === '' ? null : Number(chosen) })}
            >
              <option value="">flat ceiling</option>
              {slopes.map((s, n) => (
                <option key={n} value={n}>
                  slope over the {names[s.wall] ?? 'wall that is gone'}
                </option>
              ))}
            </ChoiceField>
            {length(flat ? 'Right of the plan’s corner' : 'From the left, inside', 'leftM')}
            {length(flat ? 'Into the room' : 'Up along it', 'upM')}
            {length('Wide', 'widthM')}
            {length(flat ? 'Deep' : 'High', 'heightM')}
            <ChoiceField className="w-44" label="Glass" value={w.glazing} onChange={(chosen) => change(k, { glazing: chosen })}>
              {GLAZING_KINDS.map((kind) => (
                <option key={kind} value={kind}>
                  {GLAZINGS[kind].name}
                </option>
              ))}
            </ChoiceField>
          </Row>
        );
      })}
    </ul>
  );
}

function BoxRow({
  box,
  k,
  errors,
  change,
  remove,
}: {
  box: RoomBox;
  k: number;
  errors: Props['errors'];
  change: (to: Partial<RoomBox>) => void;
  remove: () => void;
}) {
  const [open, setOpen] = useState(false);
  const length = (label: string, key: 'xM' | 'yM' | 'widthM' | 'depthM' | 'heightM') => (
    <MeasureField
      label={label}
      valueM={box[key]}
      error={errors[`shape.boxes.${k}.${key}`]}
      onChange={(m) => change({ [key]: m })}
    />
  );
  return (
    <Row
      remove={remove}
      label={box.name}
      errors={rowErrors(errors, `shape.boxes.${k}`, ['xM', 'yM', 'widthM', 'depthM', 'heightM', 'name'])}
    >
      <TextField
        className="w-40"
        label="What stands there"
        value={box.name}
        error={errors[`shape.boxes.${k}.name`]}
        onChange={(e) => change({ name: e.target.value })}
      />
      {length('Right of the corner', 'xM')}
      {length('Into the room', 'yM')}
      {length('Wide', 'widthM')}
      {length('Deep', 'depthM')}
      {length('High', 'heightM')}
      <Dialog
        title={`The colour of ${box.name}`}
        open={open}
        onOpenChange={setOpen}
        trigger={
          <Button>
            {box.colour ? (
              <Patch hex={hexOf(box.colour.lab)} label={sayColour(box.colour.lab)} className="size-6" />
            ) : (
              'as the walls'
            )}
          </Button>
        }
      >
        <ColourEntry value={box.colour} onChange={(colour) => change({ colour })} />
        <div className="mt-5 flex justify-end">
          <Button look="main" onClick={() => setOpen(false)}>
            Done
          </Button>
        </div>
      </Dialog>
    </Row>
  );
}

/** What stands in the room, each with its own colour. */
export function BoxRows({ shape, errors, set }: Props) {
  const { boxes } = shape;
  if (boxes.length === 0) return null;
  return (
    <ul className="grid gap-2" aria-label="What stands in the room">
      {boxes.map((box, k) => (
        <BoxRow
          key={box.id}
          {...{ box, k, errors }}
          change={(to) => set({ boxes: boxes.map((b) => (b.id === box.id ? { ...b, ...to } : b)) })}
          remove={() => set({ boxes: boxes.filter((b) => b.id !== box.id) })}
        />
      ))}
    </ul>
  );
}
