'use client';

import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { v7 } from 'uuid';
import { photographsOf } from '@/core/record/photo';
import { NO_NUDGES, nudged } from '@/core/colour/nudge';
import type { RecordedComponent } from '@/core/record/recorded-colour';
import { STAY_KINDS, STAY_KIND_WORDS } from '@/core/judge/kinds';
import type { Room } from '@/core/record/room';
import { withoutPart, withPart, withShare } from '@/core/derived/shares';
import { STAY_FACES, type RecordedStay, type StayFace } from '@/core/record/stay';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError, ChoiceField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { StayPattern } from '../drawings/stay-pattern';
import { ColourEntry } from '../entry/colour-entry';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { useStayDraft, writeOfStay } from './use-save-stay';
import { thingOf, THING_NAMES, THINGS } from '@/core/record/thing';

/** How a further colour may lie in it, by the word that says so. */
const LIES_AS = ['vein', 'fleck', 'grain', 'grout', 'band', 'pattern', 'border', 'stripe', 'second colour'] as const;
/** What a further colour begins with: a tenth, a little darker than the largest. */
const FIRST_SHARE = 0.1;
const DARKER = { ...NO_NUDGES, lightDark: -6 };

const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;

type ChangeStay = ReturnType<typeof useStayDraft>['change'];

function ComponentRow({
  stay,
  component,
  open,
  onOpen,
  change,
}: {
  readonly stay: RecordedStay;
  readonly component: RecordedComponent;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly change: ChangeStay;
}) {
  const { components } = stay;
  return (
    <div className="flex items-center gap-2">
      <button
        type="button"
        aria-pressed={open}
        aria-label={`Colour of the ${component.name}: ${sayColour(component.colour.lab)}`}
        onClick={onOpen}
        className="flex min-h-14 min-w-0 flex-1 cursor-pointer items-stretch border border-line-strong bg-panel text-left hover:bg-raised aria-pressed:border-2 aria-pressed:border-ink"
      >
        <Patch hex={hexOf(component.colour.lab)} label={sayColour(component.colour.lab)} className="w-20 shrink-0" />
        <span className="min-w-0 px-2.5 py-1">
          <span className="block font-semibold break-words">{component.name}</span>
          <span className="block text-sm break-words text-soft">{sayColour(component.colour.lab)}</span>
        </span>
      </button>
      {components.length > 1 && (
        <>
          <input
            type="range"
            min={1}
            max={99}
            value={Math.round(component.share * 100)}
            aria-label={`Share of the ${component.name}`}
            aria-valuetext={percent(component.share)}
            onChange={(e) =>
              change({ components: withShare(components, component.id, Number(e.target.value) / 100) }, { soon: true })
            }
            className="h-11 w-28 cursor-pointer accent-(--ink)"
          />
          <span className="w-12 text-right tabular-nums">{percent(component.share)}</span>
          <Button
            aria-label={`Take the ${component.name} out`}
            className="px-0"
            onClick={() => change({ components: withoutPart(components, component.id) })}
          >
            <X aria-hidden size={18} />
          </Button>
        </>
      )}
    </div>
  );
}

/** Its colours and their shares, which always make 100 %. */
function Components({ stay, room, change }: { readonly stay: RecordedStay; readonly room: Room; readonly change: ChangeStay }) {
  const { components } = stay;
  const [open, setOpen] = useState(components[0]!.id);
  const [adding, setAdding] = useState(false);
  const shown = components.find((c) => c.id === open) ?? components[0]!;
  const add = (name: string) => {
    const largest = components.reduce((p, q) => (q.share > p.share ? q : p));
    const id = v7();
    const source = { kind: 'eye', from: `the ${largest.name}`.slice(0, 200) } as const;
    const colour = { lab: nudged(largest.colour.lab, DARKER), source };
    change({ components: withPart(components, { id, name, share: FIRST_SHARE, colour }) });
    setOpen(id);
    setAdding(false);
  };
  return (
    <div className="grid min-w-0 grid-cols-1 gap-2">
      {components.map((component) => (
        <ComponentRow
          key={component.id}
          {...{ stay, component, change }}
          open={component.id === shown.id}
          onOpen={() => setOpen(component.id)}
        />
      ))}
      {components.length < 12 &&
        (adding ? (
          <div role="group" aria-label="It lies as" className="flex flex-wrap gap-1.5">
            {LIES_AS.map((name) => (
              <Button key={name} className="px-3" onClick={() => add(name)}>
                {name}
              </Button>
            ))}
          </div>
        ) : (
          <Button className="justify-self-start" onClick={() => setAdding(true)}>
            <Plus aria-hidden size={16} /> Veining, flecks, another colour
          </Button>
        ))}
      <div className="mt-1 min-w-0 border-t border-line pt-3">
        <p className="mb-2 font-semibold">The {shown.name}</p>
        <ColourEntry
          key={shown.id}
          value={shown.colour}
          photos={photographsOf(room)}
          onChange={(colour) =>
            change({ components: components.map((c) => (c.id === shown.id ? { ...c, colour } : c)) }, { soon: true })
          }
        />
      </div>
    </div>
  );
}

const FACE_OPTIONS: readonly { readonly value: StayFace | 'none'; readonly label: string }[] = [
  { value: 'none', label: 'stands in the room' },
  ...STAY_FACES.map((face) => ({
    value: face,
    label: `lies on the ${face}`.replace('lies on the walls', 'covers walls').replace('lies on the ceiling', 'is the ceiling'),
  })),
];

/** What it is, how the walls should answer it, and where it lies. */
function Nature({ stay, room, change }: { readonly stay: RecordedStay; readonly room: Room; readonly change: ChangeStay }) {
  const visit = useHome();
  const field = { room, where: room.name, href: addressOf({ visitId: visit.id, roomId: room.id, step: 'stays' }) };
  return (
    <div className="grid gap-3">
      <SelfField
        {...field}
        id={`${stay.id}.name`}
        label="What you call it"
        saved={stay.name}
        toWrite={(name) => writeOfStay(room.id, { ...stay, name })}
      />
      <ChoiceField
        label="What it is"
        value={thingOf(stay)}
        onChange={(chosen) => change({ thing: chosen })}
        hint={stay.thing === null ? 'By its name, until you say' : undefined}
      >
        {THINGS.map((thing) => (
          <option key={thing} value={thing}>
            {THING_NAMES[thing]}
          </option>
        ))}
      </ChoiceField>
      <ChoiceRow
        label="Kind"
        value={stay.kind}
        onChange={(kind) => change({ kind })}
        options={STAY_KINDS.map((kind) => ({ value: kind, label: STAY_KIND_WORDS[kind] }))}
      />
      {stay.kind === 'furnishing' && (
        <ChoiceRow
          label="The walls should"
          value={stay.school}
          onChange={(school) => change({ school })}
          options={[
            { value: 'share', label: 'share its undertone' },
            { value: 'answer', label: 'answer it' },
          ]}
        />
      )}
      <div className="flex flex-wrap items-end gap-2">
        <ChoiceRow
          label="Where it is"
          vertical
          value={stay.lies ?? 'none'}
          onChange={(face) => change(face === 'none' ? { lies: null, cover: 1 } : { lies: face })}
          options={FACE_OPTIONS}
        />
        {stay.lies !== null && (
          <SelfField
            {...field}
            className="w-40"
            id={`${stay.id}.cover`}
            label={`Seen on … % of the ${stay.lies}`}
            inputMode="numeric"
            saved={String(Math.round(stay.cover * 1000) / 10)}
            toWrite={(text) => writeOfStay(room.id, { ...stay, cover: Number(text.replace(',', '.')) / 100 })}
          />
        )}
      </div>
    </div>
  );
}

type Props = { readonly room: Room; readonly stayId: string; readonly onDone: () => void };

/** One thing that stays: how it looks, its colours with their shares, what it is. Everything is saved as it is changed. */
export function StayEditor({ room, stayId, onDone }: Props) {
  const { stay, error, change } = useStayDraft(room, stayId);
  if (!stay) return <p className="text-soft">It was taken out.</p>;
  return (
    <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,0.85fr)_minmax(0,1fr)]">
      <div className="grid min-w-0 grid-cols-1 gap-4">
        <StayPattern stay={stay} className="h-52 w-full max-lg:h-36" />
        <Nature {...{ stay, room, change }} />
      </div>
      <div className="grid min-w-0 grid-cols-1 gap-4">
        <Components key={stayId} {...{ stay, room, change }} />
        {error && <FieldError>{error}</FieldError>}
        <div className="flex justify-end">
          <Button look="main" onClick={onDone}>
            Done
          </Button>
        </div>
      </div>
    </div>
  );
}
