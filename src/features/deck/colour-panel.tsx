'use client';

import { useEffect, useRef } from 'react';
import { ArrowDown, ArrowUp, Check, Columns3, FileText, Plus } from 'lucide-react';
import type { Lab } from '@/core/colour/types';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedStay } from '@/core/record/stay';
import { MARKED_BELOW } from '@/core/paint/strength';
import type { Room } from '@/core/record/room';
import { AnyStrength } from '../entry/any-strength';
import { ColourAcross } from '../drawings/colour-across';
import { GoesWith } from '../drawings/goes-with';
import { knownColour } from '@/core/derived/deck-colour';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import type { DeckColour } from '@/core/derived/deck-colour';
import { ColourSheet } from './colour-sheet';
import { LighterThanBase } from './lighter-than-base';
import { SharedNames } from './shared-names';
import { useSheet, type Sheet, type SheetQuery } from '../entry/sheet-data';

/** What the strengths are predicted from; nothing is claimed of a maker nothing is known of. */
const predictedFrom = ({ hasFormula, baseKnown, maker }: DeckColour): string =>
  hasFormula
    ? 'from its formula, colourant by colourant'
    : baseKnown
      ? `from the colour and ${maker}’s own base`
      : `as if it stood in a usual white base: ${maker}’s own is not known`;

const DEPTH_STEP = {
  strip: 'On the same strip: a step that can be seen',
  colour: 'Nearest in hue, a step that can be seen: its maker names no strips',
} as const;
const sayLrv = (lrv: number): string => String(Math.round(lrv * 10) / 10);

type Toggle = (strength: number, lab: Lab, candidate: Candidate | undefined) => void;

type RowProps = {
  readonly strength: Sheet['strengths'][number];
  readonly candidate: Candidate | undefined;
  readonly onToggle: Toggle;
};

function StrengthRow({ strength, candidate, onToggle }: RowProps) {
  const { percent, says, hex, lab, lrv, name, caution } = strength;
  return (
    <li>
      <button
        type="button"
        aria-pressed={candidate !== undefined}
        aria-label={says}
        onClick={() => onToggle(percent, lab, candidate)}
        className="flex min-h-14 w-full cursor-pointer items-stretch text-left hover:bg-raised"
      >
        <Patch hex={hex} label={`${name}, LRV ${Math.round(lrv)}`} className="w-20 shrink-0" />
        <span className="flex-1 px-3 py-2">
          <span className="font-semibold">{percent} %</span> · LRV {Math.round(lrv)}
          <span className="block text-sm text-soft">
            {says.replace(/^.*\((.*)\)$/, '$1')}
            {percent < MARKED_BELOW && ', hardly any tint left'}
            {caution === 'hides-less' && ', hides less'}
          </span>
        </span>
        <span className="grid w-12 place-items-center">
          {candidate ? <Check aria-hidden size={20} /> : <Plus aria-hidden size={20} />}
        </span>
      </button>
    </li>
  );
}

function Strengths({
  asked,
  candidates,
  colour,
  onToggle,
}: {
  asked: SheetQuery;
  candidates: readonly Candidate[];
  colour: DeckColour;
  onToggle: Toggle;
}) {
  if (asked.isPending) return <p className="h-56 text-sm text-soft">Working out the strengths…</p>;
  if (asked.isError)
    return (
      <div className="grid justify-items-start gap-2">
        <FieldError>The strengths could not be worked out.</FieldError>
        <Button onClick={() => void asked.refetch()}>Try again</Button>
      </div>
    );
  return (
    <>
      <LighterThanBase sheet={asked.data} />
      <ul className="grid">
        {asked.data.strengths.map((strength) => (
          <StrengthRow
            key={strength.percent}
            strength={strength}
            candidate={candidates.find((c) => c.deckColourId === colour.id && c.strength === strength.percent)}
            onToggle={onToggle}
          />
        ))}
      </ul>
    </>
  );
}

type Props = {
  readonly colour: DeckColour;
  readonly twins: readonly DeckColour[];
  readonly room: Room;
  readonly candidates: readonly Candidate[];
  readonly stays: readonly RecordedStay[];
  readonly onToggle: Toggle;
  readonly lighter: DeckColour | undefined;
  readonly deeper: DeckColour | undefined;
  readonly onChoose: (colour: DeckColour) => void;
  readonly compared: boolean;
  readonly onCompare: () => void;
};

/** A deck colour large, its neighbours on the strip, and its strengths to take to the bench. */
export function ColourPanel(props: Props) {
  const { room, colour, twins, candidates, stays, onToggle, lighter, deeper, onChoose, compared, onCompare } = props;
  const asked = useSheet(colour.id);
  const taken = candidates.find((c) => c.deckColourId === colour.id);
  const panel = useRef<HTMLElement>(null);
  useEffect(() => {
    // on a phone it lies under the fan
    if (window.matchMedia('(max-width: 39.99em)').matches) panel.current?.scrollIntoView({ block: 'start' });
  }, [colour.id]);
  return (
    <aside
      ref={panel}
      aria-label="Chosen colour"
      className="flex w-80 shrink-0 flex-col overflow-auto border-l border-line bg-panel max-md:w-full max-md:border-t max-md:border-l-0"
    >
      <Patch hex={colour.hex} label={sayColour(colour.lab)} className="h-36 shrink-0" />
      <div className="p-4">
        <h2 className="text-lg font-semibold break-words">{colour.name}</h2>
        <p className="text-soft">
          {colour.maker} {colour.code}
        </p>
        <p className="mt-1">
          {sayColour(colour.lab)}
          {colour.makerLrv !== null && <span className="text-soft"> (its maker prints LRV {sayLrv(colour.makerLrv)})</span>}
        </p>
        <SharedNames twins={twins} />
        <div className="mt-3 grid grid-cols-2 gap-2">
          <Button
            disabled={!lighter}
            onClick={() => lighter && onChoose(lighter)}
            title={DEPTH_STEP[colour.ownStrip ? 'strip' : 'colour']}
          >
            <ArrowUp aria-hidden size={16} /> 2 lighter
          </Button>
          <Button
            disabled={!deeper}
            onClick={() => deeper && onChoose(deeper)}
            title={DEPTH_STEP[colour.ownStrip ? 'strip' : 'colour']}
          >
            <ArrowDown aria-hidden size={16} /> 2 deeper
          </Button>
          <Button aria-pressed={compared} onClick={onCompare}>
            <Columns3 aria-hidden size={16} /> {compared ? 'In the tray' : 'Compare'}
          </Button>
          <ColourSheet colour={colour} twins={twins} asked={asked} stays={stays}>
            <Button>
              <FileText aria-hidden size={16} /> Sheet
            </Button>
          </ColourSheet>
        </div>
        <h3 className="mt-4 mb-2 font-semibold">Take to this room at</h3>
        <Strengths asked={asked} candidates={candidates} colour={colour} onToggle={onToggle} />
        <div className="mt-2 flex flex-wrap gap-2">
          <AnyStrength room={room} colour={knownColour(colour, colour.lab)} from={85} onTaken={() => undefined}>
            <Button>Another strength…</Button>
          </AnyStrength>
          <ColourAcross colour={{ ...knownColour(colour, taken?.lab ?? colour.lab), strength: taken?.strength ?? 100 }}>
            <Button>Also try in…</Button>
          </ColourAcross>
          <GoesWith roomId={room.id} colour={{ deckColourId: colour.id, strength: taken?.strength ?? 100 }} />
        </div>
        <p className="mt-3 text-sm text-soft">
          Predicted {predictedFrom(colour)}
          (Kubelka–Munk).
        </p>
      </div>
    </aside>
  );
}
