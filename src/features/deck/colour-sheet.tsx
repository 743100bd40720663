'use client';

import { habitsOf } from '@/core/units/habits';
import { sayTint } from '@/core/units/volume';
import { useHome } from '../session/visit-context';
import dynamic from 'next/dynamic';
import { useState, type ReactNode } from 'react';
import { sayShots } from '@/core/paint/dispense';
import type { RecordedStay } from '@/core/record/stay';
import { ChoiceRow } from '@/ui/choice-row';
import { Dialog } from '@/ui/dialog';
import { Explain } from '@/ui/explain';
import { FieldError } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import type { DeckColour } from '@/core/derived/deck-colour';
import { CounterOrder } from './counter-order';
import { FindStrength } from './find-strength';
import { LighterThanBase } from './lighter-than-base';
import { SharedNames } from './shared-names';
import { Sheens } from './sheens';
import type { Sheet, SheetQuery } from '../entry/sheet-data';

const SpectrumChart = dynamic(() => import('./spectrum-chart').then((module) => module.SpectrumChart), {
  ssr: false,
  loading: () => <div className="h-64 text-sm text-soft">Drawing the curve…</div>,
});

const percent = (share: number) => `${(100 * share).toFixed(share > 0.99 ? 1 : 0)} %`;

function Lights({ sheet }: { readonly sheet: Sheet }) {
  return (
    <section>
      <h3 className="mb-1 text-lg font-semibold">Under other lights, predicted</h3>
      <p className="mb-2 text-sm text-soft">
        {sheet.measured
          ? 'From its spectrum: one answer each, to an eye used to that light.'
          : 'Known by its Lab only: many surfaces have it. The range holds nine in ten plausible ones.'}
      </p>
      <ul className="grid">
        {sheet.lights.map((light) => (
          <li key={light.name} className="grid grid-cols-[5rem_1fr_auto] items-center gap-3">
            <Patch hex={light.hex} label={sayColour(light.lab)} className="h-10" />
            <span>
              {light.name} <span className="block text-sm text-soft">{sayColour(light.lab)}</span>
            </span>
            <span className="text-sm">{light.spread === 0 ? 'certain' : `give or take ΔE ${light.spread.toFixed(1)}`}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Strengths({ sheet }: { readonly sheet: Sheet }) {
  return (
    <section>
      <h3 className="mb-2 text-lg font-semibold">What each strength gives</h3>
      <LighterThanBase sheet={sheet} />
      <table className="w-full text-left text-sm">
        <tbody>
          {sheet.strengths.map((s) => (
            <tr key={s.percent}>
              <td className="w-20">
                <Patch hex={s.hex} label={s.name} className="h-12 w-20" />
              </td>
              <td className="py-1 pl-3">
                <span className="block font-semibold">{s.says}</span>
                {s.name}, LRV {Math.round(s.lrv)}
                {s.hiding !== null && (
                  <>
                    {' '}
                    · two coats hide{' '}
                    <Explain
                      label="Hiding"
                      why="Contrast ratio of two dry coats over a black and white card (ISO 6504-3), predicted; from 98 % a coat hides."
                    >
                      {percent(s.hiding)}
                    </Explain>
                  </>
                )}
                {s.over.map((o) => (
                  <span key={o.name} className="flex items-center gap-2">
                    <Patch hex={o.hex} label={`over ${o.name}: ${sayColour(o.lab)}`} className="h-5 w-10" />
                    two coats over {o.name}: ΔE {o.deltaE00.toFixed(1)} from the hiding colour
                  </span>
                ))}
                {s.caution === 'hides-less' && (
                  <span className="block">
                    ▲ Mixed in a {sheet.base.kind} base: the colourant does the hiding, so cutting strength costs hiding first.
                    Plan another coat or a tinted undercoat.
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Formulas({ sheet, deckColourId }: { readonly sheet: Sheet; readonly deckColourId: string }) {
  const { tint } = habitsOf(useHome());
  const [at, setAt] = useState('100');
  const chosen = sheet.pours.find((p) => String(p.percent) === at);
  if (!chosen || sheet.shotMl === null)
    return (
      <p className="text-soft">
        No formula is known for this colour{sheet.base.assumed && ', nor its maker’s base: strengths are as in a usual white one'}
        .
      </p>
    );
  return (
    <section>
      <h3 className="mb-2 text-lg font-semibold">Formula at the counter</h3>
      <ChoiceRow
        label="Strength of the formula"
        value={at}
        onChange={setAt}
        options={sheet.pours.map((p) => ({ value: String(p.percent), label: `${p.percent} %` }))}
      />
      <p className="my-2 text-sm text-soft">
        In {sheet.base.name}. The counter pours whole measures of {sayTint(sheet.shotMl, tint)}; small cans round more. From ΔE 1
        the can will not be the colour that was meant.
      </p>
      <div className="overflow-x-auto">
        <table className="w-full text-left text-sm">
          <thead>
            <tr>
              <th scope="col" className="py-1 pr-3">
                Can
              </th>
              <th scope="col" className="py-1 pr-3">
                Measures
              </th>
              <th scope="col" className="py-1">
                From the colour meant
              </th>
              <th scope="col" className="py-1 pl-3">
                Counter, simulated
              </th>
            </tr>
          </thead>
          <tbody>
            {chosen.pours.map((pour) => (
              <tr key={pour.container} className="border-t border-line align-top">
                <th scope="row" className="py-1.5 pr-3 font-normal whitespace-nowrap">
                  {pour.name}
                </th>
                <td className="py-1.5 pr-3">
                  {pour.shots.length === 0
                    ? 'nothing but base'
                    : pour.shots.map((s) => `${s.colourant} ${sayShots(s.shots)} (${sayTint(s.ml, tint)})`).join(', ')}
                </td>
                <td className="py-1.5 whitespace-nowrap">
                  ΔE {pour.deltaE00.toFixed(1)} {pour.warns && <b>▲ visibly off</b>}
                </td>
                <td className="py-1.5 pl-3">
                  <CounterOrder
                    key={at}
                    deckColourId={deckColourId}
                    percent={chosen.percent}
                    container={pour.container}
                    name={pour.name}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

type Props = {
  readonly colour: DeckColour;
  readonly twins: readonly DeckColour[];
  readonly asked: SheetQuery;
  readonly stays: readonly RecordedStay[];
  readonly children: ReactNode;
};

/** Everything known and predicted of one deck colour. */
export function ColourSheet({ colour, twins, asked, stays, children }: Props) {
  return (
    <Dialog title={`${colour.name}, ${colour.maker} ${colour.code}`} description={sayColour(colour.lab)} trigger={children} wide>
      {asked.isError && <FieldError>The sheet could not be worked out.</FieldError>}
      {asked.isPending && <p className="text-soft">Working it out…</p>}
      {asked.data && (
        <div className="grid gap-6">
          <div className="flex h-28">
            <Patch
              hex={asked.data.base.hex}
              label={`${asked.data.base.name}: ${sayColour(asked.data.base.lab)}`}
              className="w-24"
            />
            {[...asked.data.strengths].reverse().map((s) => (
              <Patch key={s.percent} hex={s.hex} label={`${s.percent} %: ${s.name}`} className="flex-1" />
            ))}
          </div>
          <SharedNames twins={twins} />
          <div className="grid items-start gap-6 lg:grid-cols-2">
            <SpectrumChart sheet={asked.data} />
            <Lights sheet={asked.data} />
            <Strengths sheet={asked.data} />
            <Formulas sheet={asked.data} deckColourId={colour.id} />
            <FindStrength colourId={colour.id} stays={stays} />
            <Sheens lab={asked.data.lab} />
          </div>
        </div>
      )}
    </Dialog>
  );
}
