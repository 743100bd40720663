'use client';

import { directions } from '@/core/colour/directions';
import { sayTowards } from '@/core/judge/say-towards';
import type { Candidate } from '@/core/record/candidate';
import { Check, SlidersHorizontal } from 'lucide-react';
import { Popover } from 'radix-ui';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { classNames } from '@/ui/class-names';
import { ShownSwitch } from '../light-client/in-light';
import type { Bench } from './use-bench';
import { PACE_WORDS, PACES, type Pace } from './use-going-on';
import { VIEW_WORDS, VIEWS, type Ground } from './use-bench-view';

type RowProps<T extends string> = {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
};

/** One of a few, as a list of large rows. */
function Rows<T extends string>({ label, value, options, onChange }: RowProps<T>) {
  return (
    <div role="radiogroup" aria-label={label} className="mb-3">
      <p className="mb-1 text-sm text-soft">{label}</p>
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          role="radio"
          aria-checked={option.value === value}
          onClick={() => onChange(option.value)}
          className="flex min-h-11 w-full cursor-pointer items-center gap-2.5 px-2 text-left hover:bg-raised aria-checked:font-semibold"
        >
          <Check aria-hidden size={16} className={option.value === value ? '' : 'invisible'} />
          {option.label}
        </button>
      ))}
    </div>
  );
}

type ToolsProps = {
  readonly layout: Bench['layout'];
  readonly pace: Pace;
  readonly onPace: (pace: Pace) => void;
};

/** What lies around the pair, when what is computed shows, and how the bench goes on. */
function How({ layout, pace, onPace }: ToolsProps) {
  const { grounds, ground, setGroundId, glance, setGlance } = layout;
  const says = [ground.id === 'neutral' ? '' : `on ${ground.name}`, glance ? '' : 'computed at once'].filter(Boolean).join(', ');
  return (
    <Popover.Root>
      <Popover.Trigger
        className={classNames(buttonClass('plain'), 'max-w-44 px-2.5')}
        aria-label={`How it is judged${says ? `: ${says}` : ''}`}
        title="What lies around it (U), computed after me or at once (G), how it goes on"
      >
        <SlidersHorizontal aria-hidden size={18} className="shrink-0" />
        {says && <span className="truncate">{says}</span>}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          aria-label="How it is judged"
          className="z-40 max-h-[70dvh] w-64 overflow-auto border border-line-strong bg-ground p-3 text-[0.9375rem]"
        >
          <Rows
            label="What lies around it"
            value={ground.id}
            onChange={setGroundId}
            options={grounds.map((g) => ({ value: g.id, label: g.name }))}
          />
          <Rows
            label="What is computed: after the eye has spoken, whose time is kept, or at once"
            value={glance ? 'on' : 'off'}
            onChange={(next) => setGlance(next === 'on')}
            options={[
              { value: 'on', label: 'after me' },
              { value: 'off', label: 'show at once' },
            ]}
          />
          <Rows
            label="After a verdict"
            value={pace}
            onChange={onPace}
            options={PACES.map((pace) => ({ value: pace, label: PACE_WORDS[pace] }))}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** How the pair is shown, what lies around it, and in which light. */
export function BenchTools(props: ToolsProps) {
  const { view, setView } = props.layout;
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 xl:shrink-0 fold:min-w-0 fold:flex-1 fold:flex-nowrap fold:gap-x-2 fold:pb-2 short:flex-none short:pb-0">
      <div className="fold:hidden">
        <ChoiceRow
          label="How the pair is shown"
          value={view}
          onChange={setView}
          options={VIEWS.map((v) => ({ value: v, label: VIEW_WORDS[v] }))}
        />
      </div>
      <select
        aria-label="How the pair is shown"
        value={view}
        onChange={(e) => setView(VIEWS.find((v) => v === e.target.value) ?? view)}
        className="hidden min-h-11 min-w-0 flex-1 border border-line-strong bg-raised px-2 text-[0.9375rem] fold:block short:w-24 short:flex-none"
      >
        {VIEWS.map((v) => (
          <option key={v} value={v}>
            {VIEW_WORDS[v]}
          </option>
        ))}
      </select>
      <How {...props} />
      <ShownSwitch />
    </div>
  );
}

type WarningProps = { readonly ground: Ground; readonly candidate: Candidate; readonly onLeave: () => void };

/** Judging against a wall that will be painted is judging wrongly: says so, and what the wall does to the eye. */
export function WrongGround({ ground, candidate, onLeave }: WarningProps) {
  if (!ground.willBePainted || !ground.lab) return null;
  const pushed = sayTowards(directions(ground.lab, candidate.lab));
  return (
    <div role="alert" className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-8 border-ink bg-raised px-3 py-2">
      <p className="min-w-0 flex-1">
        <b>Wrong ground: this wall will be painted.</b> Against it the colour looks {pushed} than it is. Judge beside what stays.
      </p>
      <Button onClick={onLeave}>Back to neutral grey</Button>
    </div>
  );
}
