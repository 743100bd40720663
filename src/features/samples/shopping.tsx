'use client';

import { POT_REMINDERS, sampleList, sayPotsOf, type SampleLine } from '@/core/handover/sampling';
import { CONTAINERS } from '@/core/paint/containers';
import { sayShots } from '@/core/paint/dispense';
import { potsKnown, type PaintFacts, type PotsKnown } from '@/core/paint/paint-facts';
import { sayStrength } from '@/core/paint/strength';
import type { Supply } from '@/core/record/supply';
import { habitsOf } from '@/core/units/habits';
import { areaOf, areaText, areaUnit, sayArea } from '@/core/units/area';
import { typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { Patch } from '@/ui/patch';
import { TestPotDialog } from './test-pot';
import { SelfField } from '../entry/self-field';
import { POT_CONTAINERS, usePaintFacts } from '../entry/paint-facts';
import { addressOf } from '../session/address';
import { useHome, useVisit } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';

const CONTAINER_OF = { 'sample-jar': 'sample-jar', pint: 'pint' } as const;

const POTS_COVER = {
  imperial: 'Two coats. A pint covers up to 30 square feet, a jar of 4 fl oz eight: two feet by four (common practice).',
  metric:
    'Two coats. A pot of 473 ml (a US pint) covers up to 2.8 m², a jar of 118 ml (4 fl oz) 0.74 m²: 61 by 122 cm (common practice).',
} as const;

/** What pots cover and what things cost. Every field saves itself. */
function Prices({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const { supply, units } = visit;
  const { samples } = supply;
  const href = addressOf({ visitId: visit.id, roomId, step: 'samples' });
  const where = 'samples';
  const say = (change: Partial<Supply['samples']>) => ({
    name: 'visit.supply' as const,
    visitId: visit.id,
    supply: { ...supply, samples: { ...samples, ...change } },
  });
  const covers = (label: string, of: 'jarM2' | 'pintM2') => (
    <SelfField
      id={`${visit.id}.${of}`}
      label={`${label}, ${areaUnit(units)}`}
      {...{ where, href }}
      saved={areaText(samples[of], units)}
      toWrite={(text) => say({ [of]: areaOf(typedNumber(text), units) })}
    />
  );
  const price = (label: string, of: 'jar' | 'pint' | 'board' | 'card') => (
    <SelfField
      id={`${visit.id}.price.${of}`}
      label={label}
      {...{ where, href }}
      placeholder="not known"
      saved={samples[of] === null ? '' : String(samples[of])}
      toWrite={(text) => say({ [of]: text.trim() === '' ? null : typedNumber(text) })}
    />
  );
  return (
    <Dialog title="Pots and prices" description={POTS_COVER[units]} trigger={<Button>Pots and prices</Button>}>
      <div className="grid grid-cols-2 gap-3">
        {covers('A jar covers', 'jarM2')}
        {covers('A pint covers', 'pintM2')}
        {price('A jar costs', 'jar')}
        {price('A pint costs', 'pint')}
        {price('A board costs', 'board')}
        {price('A card costs', 'card')}
        <SelfField
          id={`${visit.id}.currency`}
          label="Currency"
          {...{ where, href }}
          placeholder={habitsOf(visit).currency || 'EUR'}
          saved={samples.currency}
          toWrite={(currency) => say({ currency })}
        />
      </div>
    </Dialog>
  );
}

const money = (value: number, currency: string) => `${currency}${currency.length > 1 ? ' ' : ''}${value.toFixed(2)}`;

type LineProps = {
  readonly line: SampleLine;
  /** How the maker’s pots of it are known. */
  readonly known: PotsKnown;
  readonly facts: PaintFacts | undefined;
};

/** One colour to buy: how much of it, what to say at the counter, for which rooms. */
function ShoppingLine({ line, known, facts }: LineProps) {
  const visit = useVisit();
  const { candidate, pots } = line;
  const pours = facts?.pours.filter((p) => pots.counts[p.container as 'pint'] > 0 && CONTAINER_OF[p.container as 'pint']) ?? [];
  return (
    <li className="flex gap-3 border-t border-line py-2.5">
      <Patch hex={hexOf(candidate.lab)} label={sayColour(candidate.lab)} className="size-14 shrink-0" />
      <div className="min-w-0 flex-1 text-[0.9375rem] leading-snug">
        <b>{sayPotsOf(line, known, visit.units)}</b> of {candidate.maker} {candidate.code}, {candidate.name}
        <p>
          Say:{' '}
          <b>
            “{candidate.maker} {candidate.code} at {sayStrength(candidate.strength)}”
          </b>
        </p>
        <p className="text-sm text-soft">
          {sayArea(line.areaM2, visit.units)} in {line.rooms.join(', ')}
          {known === 'usual' ? `, ${Math.round(pots.used * 100)} % of what it covers` : ''}
          {candidate.sharedName && `; another maker sells a different colour as ${candidate.name}`}
        </p>
        {pours.map((p) => (
          <p key={p.container} className={p.warns ? 'font-semibold' : 'text-sm text-soft'}>
            {CONTAINERS[p.container].name}:{' '}
            {p.shots.map((s) => `${s.colourant} ${sayShots(s.shots)}`).join(', ') || 'no colourant'}, ΔE {p.deltaE00.toFixed(1)}{' '}
            from what is meant
            {p.warns && ': rounding shows in so small a pot; a larger one is nearer'}
          </p>
        ))}
      </div>
    </li>
  );
}

/** One list for the visit: pots by colour over all rooms, boards and cards, what it costs, and what to say at the counter. */
export function Shopping({ roomId }: { readonly roomId: string }) {
  const visit = useVisit();
  const asked = sampleList(visit).lines.map(({ candidate: { deckColourId, strength } }) => ({
    deckColourId,
    strength,
    under: null,
    containers: POT_CONTAINERS,
  }));
  const facts = usePaintFacts(asked);
  const known = new Map(asked.map((a) => [`${a.deckColourId} ${a.strength}`, facts.of(a)]));
  const potsOfKey = (key: string) => {
    const of = known.get(key);
    return of ? potsKnown(of) : 'usual';
  };
  const list = sampleList(visit, potsOfKey);
  const unknown = new Map(
    [...known.values()].flatMap((of) => (of && potsKnown(of) === 'unknown' ? [[of.makerId, of.products] as const] : [])),
  );
  const things = [
    list.boards > 0 && `${list.boards} primed white ${list.boards === 1 ? 'board' : 'boards'}`,
    list.cards > 0 && `${list.cards} white ${list.cards === 1 ? 'card' : 'cards'}`,
    list.lines.length > 0 && 'painter’s tape',
  ].filter(Boolean);
  const currency = visit.supply.samples.currency || habitsOf(visit).currency;
  return (
    <section aria-label="To buy for samples">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-[1.0625rem] font-semibold">To buy, for the whole visit</h2>
        <Prices roomId={roomId} />
      </div>
      {list.lines.length === 0 ? (
        <p className="py-3 text-soft">Nothing: no sample is waiting to be painted.</p>
      ) : (
        <ul>
          {list.lines.map((line, k) => (
            <ShoppingLine key={line.key} line={line} known={potsOfKey(line.key)} facts={facts.of(asked[k]!)} />
          ))}
        </ul>
      )}
      {list.lines.length > 0 && (
        <p className="border-t border-line py-2">
          {things.join(', ')}
          {(list.cost > 0 || list.unpriced.length === 0) && (
            <>
              {' '}
              · <b>{money(list.cost, currency)}</b>
            </>
          )}
          {list.unpriced.length > 0 && <span className="text-soft"> · without {list.unpriced.join(', ')}: no price is set</span>}
        </p>
      )}
      {[...unknown].map(([makerId, products]) => (
        <TestPotDialog
          key={makerId}
          {...{ makerId, products }}
          maker={list.lines.find((l) => known.get(l.key)?.makerId === makerId)?.candidate.maker ?? makerId}
          onSaid={facts.again}
        />
      ))}
      <ul className="mt-2 list-disc pl-5 text-sm text-soft">
        {POT_REMINDERS.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
    </section>
  );
}
