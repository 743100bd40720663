'use client';

import { useState } from 'react';
import { clockText } from '@/core/light/time-zone';
import { byDaylight, LOOK_LIGHTS, type LookLight } from '@/core/plan/look-light';
import { PERSONS } from '@/core/judge/ruling';
import { hoursIssue, type Look } from '@/core/record/look';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { wallsOf } from '@/core/room/plan';
import { wallPosition } from '@/core/room/wall-position';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { ChoiceRow } from '@/ui/choice-row';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { inQuestion } from '../light-client/house-plan';
import { wallName } from '@/core/room/facing';
import { hourOfText } from './plan-settings';
import type { LookRow } from '@/core/engine/look-rows';

const LIGHT_CHOICES: Readonly<Record<LookLight, string>> = {
  clear: 'clear',
  broken: 'broken: sun and clouds',
  overcast: 'overcast',
  lamps: 'after dark, lamps on',
  both: 'overcast, late, lamps on',
};

type ChosenProps = {
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly value: readonly string[];
  readonly onChange: (value: readonly string[]) => void;
};

/** Any of several, all in view. */
function Chosen({ label, options, value, onChange }: ChosenProps) {
  const toggle = (id: string) => onChange(value.includes(id) ? value.filter((v) => v !== id) : [...value, id]);
  return (
    <div role="group" aria-label={label}>
      <p aria-hidden className="mb-1 text-sm text-soft">
        {label}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {options.map(({ id, name }) => (
          <Chip key={id} on={value.includes(id)} onClick={() => toggle(id)}>
            {name}
          </Chip>
        ))}
      </div>
    </div>
  );
}

const wallChoices = (room: RoomInLight) => wallsOf(room).map((wall) => ({ id: wallPosition(wall), name: wallName(room, wall) }));
const coloursOf = (room: RoomInLight) => inQuestion(room).map((c) => ({ id: c.id, name: `${c.name} ${c.strength} %` }));

/** What of a look is being changed. */
function useLookDraft(row: LookRow) {
  const [light, setLight] = useState(row.light);
  const [from, setFrom] = useState(clockText(row.fromHour ?? 10));
  const [to, setTo] = useState(clockText(Math.min(row.toHour ?? 12, 23.98)));
  const [walls, setWalls] = useState(row.walls);
  const [candidateIds, setColours] = useState(row.candidateIds);
  const [who, setWho] = useState(row.who);
  const [date, setDate] = useState(row.look?.date ?? '');
  const hours = byDaylight(light) || light === 'both';
  const [fromHour, toHour] = hours ? [hourOfText(from) ?? null, hourOfText(to) ?? null] : [null, null];
  const noWall = walls.length === 0 ? 'Choose a wall to hold the board at.' : undefined;
  const change: Partial<Look> = { light, fromHour, toHour, walls, candidateIds, who, date: date || null };
  return {
    light,
    setLight,
    from,
    setFrom,
    to,
    setTo,
    walls,
    setWalls,
    candidateIds,
    setColours,
    who,
    setWho,
    date,
    setDate,
    hours,
    change,
    problem: hoursIssue({ light, fromHour, toHour }) ?? noWall,
  };
}

type DropProps = { readonly look: Look | undefined; readonly onFinish: (more: Partial<Look>) => void };

/** Drops a look, for a reason; or takes that back. */
function Dropping({ look, onFinish }: DropProps) {
  const [why, setWhy] = useState('');
  const [asked, setAsked] = useState(false);
  if (look?.state === 'dropped') return <Button onClick={() => onFinish({ state: 'planned', reason: '' })}>Plan it again</Button>;
  if (!asked) return <Button onClick={() => setAsked(true)}>Drop it…</Button>;
  return (
    <div className="flex min-w-0 flex-1 flex-wrap items-end gap-2">
      <TextField
        label="Why it is dropped"
        className="min-w-48 flex-1"
        value={why}
        maxLength={300}
        autoFocus
        onChange={(e) => setWhy(e.target.value)}
      />
      <Button disabled={why.trim() === ''} onClick={() => onFinish({ state: 'dropped', reason: why, takenAt: null })}>
        Drop it for that reason
      </Button>
    </div>
  );
}

type Props = {
  readonly row: LookRow;
  readonly onKeep: (change: Partial<Look>) => void;
  readonly onDone: () => void;
};

/** Moves a look, says who takes it and at which walls, or drops it with a reason. */
export function LookEditor({ row, onKeep, onDone }: Props) {
  const { room, look } = row;
  const draft = useLookDraft(row);
  const finish = (more: Partial<Look>) => {
    onKeep({ ...draft.change, ...more });
    onDone();
  };
  return (
    <div className="grid gap-4">
      <ChoiceField label="Light" value={draft.light} onChange={(chosen) => draft.setLight(chosen)}>
        {LOOK_LIGHTS.map((l) => (
          <option key={l} value={l}>
            {LIGHT_CHOICES[l]}
          </option>
        ))}
      </ChoiceField>
      {draft.hours && (
        <div className="grid grid-cols-2 gap-3">
          <TextField label="From" type="time" value={draft.from} onChange={(e) => draft.setFrom(e.target.value)} />
          <TextField label="to" type="time" value={draft.to} onChange={(e) => draft.setTo(e.target.value)} />
        </div>
      )}
      <Chosen label="At the walls" options={wallChoices(room)} value={draft.walls} onChange={draft.setWalls} />
      <Chosen
        label={draft.candidateIds.length === 0 ? 'Colours: every one still in question' : 'Colours'}
        options={coloursOf(room)}
        value={draft.candidateIds}
        onChange={draft.setColours}
      />
      <div className="flex flex-wrap items-start gap-4">
        <div>
          <p aria-hidden className="mb-1 text-sm text-soft">
            Who looks
          </p>
          <ChoiceRow
            label="Who looks"
            value={draft.who}
            onChange={draft.setWho}
            options={PERSONS.map((p) => ({ value: p, label: p === 'client' ? 'the client' : 'I do' }))}
          />
        </div>
        <TextField
          label="On the day"
          type="date"
          value={draft.date}
          onChange={(e) => draft.setDate(e.target.value)}
          hint="Empty: any day"
        />
      </div>
      {draft.problem && <FieldError>{draft.problem}</FieldError>}
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div className="flex min-w-0 flex-1 flex-wrap gap-2">
          <Dropping look={look} onFinish={finish} />
          {look?.state === 'taken' && (
            <Button onClick={() => finish({ state: 'planned', takenAt: null })}>Not looked at after all</Button>
          )}
        </div>
        <Button look="main" disabled={draft.problem !== undefined} onClick={() => finish({})}>
          Keep it so
        </Button>
      </div>
    </div>
  );
}
