'use client';

import { Trash2 } from 'lucide-react';
import { deltaE00 } from '@/core/colour/ciede2000';
import { paintedArea, sampleReminders, sayMethod, potsOf, sayPotsOf } from '@/core/handover/sampling';
import { potsKnown } from '@/core/paint/paint-facts';
import { dryingOf } from '@/core/plan/sample-pots';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { SAMPLE_METHODS, type Sample, type SampleMethod } from '@/core/record/sample';
import { lengthText, lengthUnit, typedLength } from '@/core/units/length';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { ChoiceRow } from '@/ui/choice-row';
import { useInstant } from '../cursor/use-instant';
import { POT_CONTAINERS, usePaintFacts } from '../entry/paint-facts';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { sayWhen } from '../words/say-light';
import { ReadSample } from './read-sample';
import { SampleDrawing } from './sample-drawing';
import { useSamples } from './use-samples';

const METHOD_SHORT: Readonly<Record<SampleMethod, string>> = { board: 'Board', patch: 'Wall patch', card: 'Card' };

/** What the deck says of a colour at its strength, whatever was read since. */
const deckLab = (room: Room, sample: Sample): Candidate['lab'] | undefined => {
  const found = [...room.candidates, ...room.retired.candidates].find((c) => c.id === sample.candidateId);
  return found?.offered.find((o) => o.strength === found.strength)?.lab ?? found?.lab;
};

function Measures({ room, sample }: { readonly room: Room; readonly sample: Sample }) {
  const visit = useHome();
  const { save } = useSamples(room);
  const { units } = visit;
  const href = addressOf({ visitId: visit.id, roomId: room.id, step: 'samples' });
  const { id: sampleId, ...said } = sample;
  const side = (label: string, of: 'widthM' | 'heightM' | 'borderM') => (
    <div className="w-24">
      <SelfField
        id={`${sample.id}.${of}`}
        label={`${label}${lengthUnit(units) ? `, ${lengthUnit(units)!}` : ''}`}
        where={`a sample · ${room.name}`}
        href={href}
        saved={lengthText(sample[of], units, 'window')}
        toWrite={(text) => ({
          name: 'sample.save',
          roomId: room.id,
          sampleId,
          ...said,
          [of]: typedLength(text, units, 'window'),
        })}
      />
    </div>
  );
  return (
    <div className="flex flex-wrap items-end gap-3">
      {side('Width', 'widthM')}
      {side('Height', 'heightM')}
      {sample.method !== 'patch' && side('Border', 'borderM')}
      <ChoiceField
        className="w-20"
        label="Coats"
        value={String(sample.coats)}
        onChange={(chosen) => save({ ...sample, coats: Number(chosen) })}
      >
        {[1, 2, 3, 4].map((n) => (
          <option key={n}>{n}</option>
        ))}
      </ChoiceField>
    </div>
  );
}

/** The clock of a sample: to be painted, wet until, dry since; and its reading. */
function Clock({ room, sample, candidate }: { readonly room: Room; readonly sample: Sample; readonly candidate: Candidate }) {
  const visit = useHome();
  const { save } = useSamples(room);
  const now = useInstant() ?? 0;
  const zone = visit.place.timeZone;
  const say = (at: number) => sayWhen(new Date(at).toISOString(), zone);
  if (sample.paintedAt === null)
    return (
      <Button look="strong" onClick={() => void save({ ...sample, paintedAt: new Date().toISOString() })}>
        First coat is on
      </Button>
    );
  const { coatsFrom, dryFrom } = dryingOf(Date.parse(sample.paintedAt), sample.coats);
  const next = coatsFrom.find((at) => at > now);
  const dry = now >= dryFrom;
  const meant = deckLab(room, sample);
  const off = sample.read && meant ? deltaE00(meant, sample.read.lab) : null;
  return (
    <>
      <p data-dry={dry}>
        {dry ? <b>Dry: judge it</b> : <b>Wet until {say(dryFrom)}</b>}
        <span className="block text-sm text-soft">
          first coat {say(Date.parse(sample.paintedAt))}
          {next !== undefined && `; next coat from ${say(next)}`}
          {off !== null && `; read, ΔE ${off.toFixed(1)} from what was meant`}
        </span>
      </p>
      <div className="flex flex-wrap gap-2">
        {meant && <ReadSample {...{ room, sample, dry }} meant={candidate} asDeck={meant} />}
        <Button look="quiet" onClick={() => void save({ ...sample, paintedAt: null, read: null })}>
          Not painted yet
        </Button>
      </div>
    </>
  );
}

type Props = { readonly room: Room; readonly sample: Sample; readonly candidate: Candidate; readonly hex: string };

/** One sample: how it will stand there, how it is put up, what it takes, and its clock. */
export function SampleCard({ room, sample, candidate, hex }: Props) {
  const visit = useHome();
  const { put, remove } = useSamples(room);
  const reminders = sampleReminders(sample);
  const asked = { deckColourId: candidate.deckColourId, strength: candidate.strength, under: null, containers: POT_CONTAINERS };
  const facts = usePaintFacts([asked]).of(asked);
  const line = { pots: potsOf(sample, visit.supply), twoCoatsM2: (paintedArea(sample) * sample.coats) / 2 };
  const pots = sayPotsOf(line, facts ? potsKnown(facts) : 'usual', visit.units);
  const shown = sample.read ? hexOf(sample.read.lab) : hex;
  return (
    <li data-sample={sample.id} className="flex gap-4 border-t border-line py-3 max-sm:flex-col">
      <SampleDrawing
        sample={sample}
        hex={shown}
        label={`${candidate.name} ${candidate.strength} %: ${sayColour(candidate.lab)}`}
      />
      <div className="grid min-w-0 flex-1 content-start gap-3">
        <div className="flex flex-wrap items-start justify-between gap-2">
          <p>
            <b>
              {candidate.name} {candidate.strength} %
            </b>
            <span className="block text-sm text-soft">
              {candidate.maker} {candidate.code} · {sayMethod(sample.method)} · {pots}
            </span>
          </p>
          <Button
            look="quiet"
            aria-label={`Take the sample of ${candidate.name} ${candidate.strength} % out`}
            onClick={() => remove(sample)}
          >
            <Trash2 aria-hidden size={18} />
          </Button>
        </div>
        <ChoiceRow
          label="How it is put up"
          value={sample.method}
          onChange={(method) => void put(sample, method)}
          options={SAMPLE_METHODS.map((value) => ({ value, label: METHOD_SHORT[value] }))}
        />
        <Measures {...{ room, sample }} />
        {reminders.map((words) => (
          <p key={words} role="note" className="border-l-4 border-ink pl-3 text-sm">
            {words}
          </p>
        ))}
        <div className="flex flex-wrap items-center justify-between gap-3">
          <Clock {...{ room, sample, candidate }} />
        </div>
      </div>
    </li>
  );
}
