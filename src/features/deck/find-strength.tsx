'use client';

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { lrvOf } from '@/core/colour/lab';
import { SHEET_LIGHTS } from '@/core/paint/sheet';
import type { RecordedStay } from '@/core/record/stay';
import { typedNumber } from '@/core/units/length';
import type { Aim, SolveAnswer } from '@/server/deck/solve';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { askJson, asPost } from '@/ui/queries';

const LIGHTS = [{ id: 'D65', name: 'daylight, 6,500 K' }, ...SHEET_LIGHTS] as const;
type LightId = (typeof LIGHTS)[number]['id'];
type Kind = Aim['kind'];

type Draft = {
  readonly kind: Kind;
  readonly lrv: string;
  readonly finish: number;
  readonly deltaE: string;
  readonly here: LightId;
  readonly hereLux: string;
  readonly there: LightId;
  readonly thereLux: string;
};
const START: Draft = {
  kind: 'lrv',
  lrv: '',
  finish: 0,
  deltaE: '6',
  here: 'LED-3000',
  hereLux: '150',
  there: 'D65',
  thereLux: '500',
};

const UNITS: Record<Kind, string> = { lrv: 'LRV points', contrast: 'ΔE', look: 'visible steps' };

type Finish = { readonly name: string; readonly lab: { readonly l: number; readonly a: number; readonly b: number } };
const finishesOf = (stays: readonly RecordedStay[]): Finish[] =>
  stays.flatMap((s) => s.components.map((c) => ({ name: `${s.name}, ${c.name}`, lab: c.colour.lab })));

function aimOf(draft: Draft, finishes: readonly Finish[]): Aim | undefined {
  const number = (text: string, most: number) => {
    const value = typedNumber(text);
    return value >= 0 && value <= most ? value : NaN;
  };
  const { kind, here, there } = draft;
  const aim: Record<Kind, () => Aim | undefined> = {
    lrv: () => ({ kind: 'lrv', lrv: number(draft.lrv, 100) }),
    contrast: () => {
      const finish = finishes[draft.finish];
      return finish && { kind: 'contrast', finish: finish.lab, deltaE: number(draft.deltaE, 100) };
    },
    look: () => ({ kind: 'look', here, there, hereLux: number(draft.hereLux, 1e5), thereLux: number(draft.thereLux, 1e5) }),
  };
  const made = aim[kind]();
  return made && Object.values(made).every((v) => typeof v !== 'number' || Number.isFinite(v)) ? made : undefined;
}

function LightFields({
  label,
  light,
  lux,
  onLight,
  onLux,
}: {
  label: string;
  light: LightId;
  lux: string;
  onLight: (l: LightId) => void;
  onLux: (t: string) => void;
}) {
  return (
    <div className="flex items-end gap-2">
      <ChoiceField className="w-60" label={label} value={light} onChange={(chosen) => onLight(chosen)}>
        {LIGHTS.map((l) => (
          <option key={l.id} value={l.id}>
            {l.name}
          </option>
        ))}
      </ChoiceField>
      <TextField className="w-28" label="at" unit="lx" inputMode="numeric" value={lux} onChange={(e) => onLux(e.target.value)} />
    </div>
  );
}

function AimFields({
  draft,
  finishes,
  set,
}: {
  draft: Draft;
  finishes: readonly Finish[];
  set: (change: Partial<Draft>) => void;
}) {
  if (draft.kind === 'lrv')
    return (
      <TextField
        className="w-32"
        label="LRV wanted"
        inputMode="decimal"
        value={draft.lrv}
        onChange={(e) => set({ lrv: e.target.value })}
      />
    );
  if (draft.kind === 'look')
    return (
      <div className="flex flex-wrap gap-4">
        <LightFields
          label="In this light"
          light={draft.here}
          lux={draft.hereLux}
          onLight={(here) => set({ here })}
          onLux={(hereLux) => set({ hereLux })}
        />
        <LightFields
          label="it shall look as at 100 % in"
          light={draft.there}
          lux={draft.thereLux}
          onLight={(there) => set({ there })}
          onLux={(thereLux) => set({ thereLux })}
        />
      </div>
    );
  if (finishes.length === 0) return <p className="text-soft">Record what stays in this room first.</p>;
  return (
    <div className="flex flex-wrap items-end gap-2">
      <ChoiceField
        className="w-60"
        label="From"
        value={String(draft.finish)}
        onChange={(chosen) => set({ finish: Number(chosen) })}
      >
        {finishes.map((f, i) => (
          <option key={i} value={i}>
            {f.name} (LRV {Math.round(lrvOf(f.lab))})
          </option>
        ))}
      </ChoiceField>
      <TextField
        className="w-28"
        label="Contrast"
        unit="ΔE"
        inputMode="decimal"
        value={draft.deltaE}
        onChange={(e) => set({ deltaE: e.target.value })}
      />
    </div>
  );
}

const FILL_IN = 'Fill in a number: an LRV or ΔE from 0 to 100, or lux above 0.';

type Props = { readonly colourId: string; readonly stays: readonly RecordedStay[] };

/** The strength that reaches an LRV, a contrast with what stays, or a look; says when it cannot and how near it comes. */
export function FindStrength({ colourId, stays }: Props) {
  const [draft, setDraft] = useState(START);
  const [asked, setAsked] = useState<Aim | 'nothing'>();
  const aim = asked === 'nothing' ? undefined : asked;
  const { data: answer, isError } = useQuery({
    queryKey: ['solve', colourId, aim],
    queryFn: ({ signal }) => askJson<SolveAnswer>(`/api/deck/${encodeURIComponent(colourId)}/solve`, asPost(aim, signal)),
    enabled: aim !== undefined,
  });
  const failed = isError ? 'It could not be worked out.' : undefined;
  const error = asked === 'nothing' ? FILL_IN : failed;
  const finishes = finishesOf(stays);
  const set = (change: Partial<Draft>) => {
    setDraft({ ...draft, ...change });
    setAsked(undefined);
  };
  return (
    <section className="grid gap-3">
      <h3 className="text-lg font-semibold">Find a strength</h3>
      <ChoiceRow<Kind>
        label="What to reach"
        value={draft.kind}
        onChange={(kind) => set({ kind })}
        options={[
          { value: 'lrv', label: 'an LRV' },
          { value: 'contrast', label: 'a contrast' },
          { value: 'look', label: 'a look' },
        ]}
      />
      <form
        noValidate
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          setAsked(aimOf(draft, finishes) ?? 'nothing');
        }}
      >
        <AimFields draft={draft} finishes={finishes} set={set} />
        <Button type="submit">Work it out</Button>
      </form>
      {error && <FieldError>{error}</FieldError>}
      {answer && (
        <div className="flex" role="status">
          <Patch hex={answer.hex} label={answer.name} className="h-20 w-24 shrink-0" />
          <p className="bg-panel p-3">
            <b>{answer.reached ? answer.says : `Cannot be reached. Nearest: ${answer.says}`}</b>
            <span className="block text-sm">
              {answer.name}, LRV {Math.round(answer.lrv)}
              {!answer.reached && `; ${answer.missing.toFixed(1)} ${UNITS[draft.kind]} short`}
            </span>
          </p>
        </div>
      )}
    </section>
  );
}
