'use client';

import { useState } from 'react';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import { isHex, labFromHex } from '@/core/colour/srgb';
import type { Lab } from '@/core/colour/types';
import { labSchema } from '@/core/colour/colour-schema';
import type { Photo } from '@/core/record/photo';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { typedNumber } from '@/core/units/length';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { useKept } from '@/ui/use-kept';
import { hexOf, sayColour, saySource } from '../words/say-colour';
import { EyeEntry } from './eye-entry';
import { PhotoEntry } from './photo-entry';
import { ColorimeterEntry } from './colorimeter-entry';
import { SimulatedInstrument } from './simulated-instrument';
import { SpectrumEntry } from './spectrum-entry';
import { findInDeck } from '@/core/derived/deck-colour';
import { useDeck } from './deck-data';

type EntryProps = { readonly onColour: (colour: RecordedColour) => void };

function HexEntry({ onColour }: EntryProps) {
  const [text, setText] = useState('');
  const wrong = text.length > 0 && !isHex(text);
  const change = (value: string) => {
    setText(value);
    if (!isHex(value)) return;
    const lab = labFromHex(value);
    onColour({ lab, source: { kind: 'hex', hex: `#${value.replace('#', '').toLowerCase()}` } });
  };
  return (
    <TextField
      label="Hex value"
      placeholder="#d9cfbd"
      value={text}
      maxLength={7}
      onChange={(e) => change(e.target.value)}
      error={wrong && text.replace('#', '').length >= 6 ? 'Six hexadecimal digits, such as #d9cfbd.' : undefined}
    />
  );
}

function LabEntry({ onColour }: EntryProps) {
  const [text, setText] = useState({ l: '', a: '', b: '' });
  const [error, setError] = useState<string>();
  const change = (part: keyof Lab, value: string) => {
    const next = { ...text, [part]: value };
    setText(next);
    if (Object.values(next).some((v) => v.trim() === '')) return;
    const parsed = labSchema.safeParse({ l: typedNumber(next.l), a: typedNumber(next.a), b: typedNumber(next.b) });
    if (!parsed.success) return setError(parsed.error.issues[0]!.message);
    if (!reflectanceFromLab(parsed.data).ok)
      return setError('No real surface can have this colour: it is too strong for its lightness.');
    setError(undefined);
    onColour({ lab: parsed.data, source: { kind: 'lab' } });
  };
  return (
    <div>
      <div className="grid grid-cols-3 gap-3">
        {(['l', 'a', 'b'] as const).map((part) => (
          <TextField
            key={part}
            label={part === 'l' ? 'L*' : `${part}*`}
            inputMode="decimal"
            value={text[part]}
            onChange={(e) => change(part, e.target.value)}
          />
        ))}
      </div>
      <p className="mt-1 text-sm text-soft">CIELAB under D65 with the 10° observer, as colorimeters give it.</p>
      {error && <FieldError>{error}</FieldError>}
    </div>
  );
}

const SHOWN = 24;

function DeckEntry({ onColour }: EntryProps) {
  const deck = useDeck();
  const [text, setText] = useState('');
  if (deck.isError) return <FieldError>The deck could not be read.</FieldError>;
  if (deck.isPending) return <p className="py-6 text-soft">Reading the deck…</p>;
  const found = findInDeck(deck.data, text);
  return (
    <div>
      <TextField label="Find by name or code" value={text} onChange={(e) => setText(e.target.value)} />
      <ul className="mt-2 max-h-64 overflow-auto border border-line">
        {found.slice(0, SHOWN).map((c) => (
          <li key={c.id}>
            <button
              type="button"
              className="flex min-h-11 w-full cursor-pointer items-center gap-3 pr-3 text-left hover:bg-raised"
              onClick={() => onColour({ lab: c.lab, source: { kind: 'deck', deckColourId: c.id, label: `${c.name} ${c.code}` } })}
            >
              <Patch hex={c.hex} label={c.says} className="h-11 w-16 shrink-0" />
              <span className="flex-1">
                {c.name}
                {c.sharedName && <span className="block text-sm">≠ another maker uses this name too</span>}
              </span>
              <span className="text-soft">{c.code}</span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="p-3 text-soft">Nothing of that name or code.</li>}
      </ul>
      {found.length > SHOWN && <p className="mt-1 text-sm text-soft">{found.length - SHOWN} more; type on to narrow.</p>}
    </div>
  );
}

/** The stand-ins, plainly marked as such. */
function InstrumentEntry({ onColour }: EntryProps) {
  const [which, setWhich] = useKept<'colorimeter' | 'spectrum'>('entry.instrument', 'colorimeter', ['colorimeter', 'spectrum']);
  const Entry = which === 'colorimeter' ? ColorimeterEntry : SpectrumEntry;
  return (
    <div className="grid gap-3">
      <ChoiceRow
        label="Instrument"
        value={which}
        onChange={setWhich}
        options={[
          { value: 'colorimeter', label: 'Colorimeter' },
          { value: 'spectrum', label: 'Spectrophotometer' },
        ]}
      />
      <SimulatedInstrument
        what={which === 'colorimeter' ? 'colorimeter' : 'spectrophotometer'}
        instead="Type what yours says under “Lab”."
        does={
          which === 'colorimeter'
            ? 'it reads made-up surfaces, with realistic scatter, and drifts until it is calibrated.'
            : 'it reads a spectrum (400–700 nm) of made-up surfaces.'
        }
      >
        <Entry onColour={onColour} />
      </SimulatedInstrument>
    </div>
  );
}

const WAYS = ['eye', 'photo', 'deck', 'hex', 'lab', 'instrument'] as const;
type Way = (typeof WAYS)[number];
const WAY_NAMES: Readonly<Record<Way, string>> = {
  eye: 'By eye',
  photo: 'Photograph',
  deck: 'Deck',
  hex: 'Hex',
  lab: 'Lab',
  instrument: 'Instrument',
};

type Props = {
  readonly value: RecordedColour | null;
  readonly onChange: (colour: RecordedColour) => void;
  /** Photographs of the room, to take a colour from. */
  readonly photos?: readonly Photo[];
};

function Entry({ way, value, onChange, photos = [] }: Props & { readonly way: Way }) {
  switch (way) {
    case 'eye':
      return value ? <EyeEntry value={value} onColour={onChange} /> : null;
    case 'photo':
      return <PhotoEntry photos={photos} onColour={onChange} />;
    case 'deck':
      return <DeckEntry onColour={onChange} />;
    case 'hex':
      return <HexEntry onColour={onChange} />;
    case 'lab':
      return <LabEntry onColour={onChange} />;
    case 'instrument':
      return <InstrumentEntry onColour={onChange} />;
  }
}

/** A colour by eye, from a photograph, a deck, a hex value, Lab or an instrument; the way taken last is there again for the next. */
export function ColourEntry({ value, onChange, photos }: Props) {
  const [kept, setWay] = useKept<Way>('entry.way', 'eye', WAYS);
  // before there is a colour there is nothing for the eye to put right
  const way = kept === 'eye' && !value ? 'photo' : kept;
  return (
    <div className="grid min-w-0 grid-cols-1 gap-3">
      <div className="max-w-full overflow-x-auto">
        <ChoiceRow<Way>
          label="Where the colour comes from"
          value={way}
          onChange={setWay}
          options={WAYS.filter((w) => w !== 'eye' || value).map((w) => ({ value: w, label: WAY_NAMES[w] }))}
        />
      </div>
      {value && (
        <div className="flex items-stretch">
          <Patch hex={hexOf(value.lab)} label={sayColour(value.lab)} className="min-h-16 w-36 shrink-0" />
          <div className="min-w-0 flex-1 bg-panel px-3 py-2">
            <p className="font-semibold">{sayColour(value.lab)}</p>
            <p className="text-sm text-soft">{saySource(value.source)}</p>
          </div>
        </div>
      )}
      <Entry way={way} value={value} onChange={onChange} {...(photos ? { photos } : {})} />
    </div>
  );
}
