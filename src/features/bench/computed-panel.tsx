'use client';

import { BENCH_KEYS } from './keys';
import { describeColour } from '@/core/colour/family';
import { DIRECTION_WORDS, VISIBLE_STEP, type Direction, type Directions } from '@/core/colour/directions';
import { lrvOf } from '@/core/colour/lab';
import { judgedThings } from '@/core/engine/judged-things';
import { sayBeside } from '@/core/judge/reasons';
import { sayInduced } from '@/core/judge/say-induced';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedComponent } from '@/core/record/recorded-colour';
import type { RecordedStay } from '@/core/record/stay';
import { Button, Key } from '@/ui/button';
import { Explain } from '@/ui/explain';
import { Scale } from '@/ui/scale';
import { VERDICT_WORDS } from '../words/verdict-words';
import { signed } from '../words/words';
import type { Bench } from './use-bench';
import type { Computed } from './use-computed';

const SHOWN: readonly Direction[] = ['pinkGreen', 'yellowBlue', 'strongWeak', 'lightDark'];
const WHERE: Readonly<Record<Computed['where'], string>> = {
  'in-deck': 'Computed, as in the deck',
  'in-light': 'Computed, in this light',
  computing: 'Computing for this light…; as in the deck until then',
  dark: 'Computed, as in the deck: too dark to judge at the cursor',
};

function sayDirection(directions: Directions, direction: Direction): string {
  const steps = directions[direction];
  if (Math.abs(steps) < VISIBLE_STEP) return `${DIRECTION_WORDS[direction].join(' or ')}: no visible difference`;
  return `${DIRECTION_WORDS[direction][steps > 0 ? 1 : 0]} by ${Math.round(Math.abs(steps))} just-noticeable steps`;
}

/** How sure a verdict in another light is, when spectra are not known. */
function Surety({ sure }: { readonly sure: number }) {
  if (sure === 1) return null;
  return (
    <Explain
      label="How sure"
      why="Where only its Lab is known, a colour can have many spectra, and lights part them. This is the share of plausible surfaces for which the verdict is the same."
    >
      {sure >= 0.75 ? 'fairly sure' : 'unsure'}, {Math.round(sure * 100)} %
    </Explain>
  );
}

/** A colour alone is compared with nothing that is not shown. */
function AloneComputed({ candidate }: { readonly candidate: Candidate }) {
  const lrv = Math.round(lrvOf(candidate.lab));
  return (
    <section aria-label="Computed" className="min-w-0 border-line p-3.5 max-lg:border-t">
      <p className="text-sm text-soft">The colour alone, as in the deck</p>
      <p className="mb-1.5 text-lg font-semibold first-letter:uppercase">{describeColour(candidate.lab)}</p>
      <p>
        <Explain
          label="LRV"
          why="Light reflectance value: CIE Y under D65 with the 10° observer (BS 8493), 0 black to 100 white."
        >
          LRV {lrv}
        </Explain>
        {`: gives back ${lrv} % of the light`}
      </p>
      <p className="mt-1 text-sm text-soft">Judge its strength and depth. What it does beside something is judged beside it.</p>
    </section>
  );
}

type WordsProps = {
  readonly isPainted: boolean;
  readonly candidate: Candidate;
  readonly stay: RecordedStay;
  readonly component: RecordedComponent;
};

/** What the two are called, what one does to the other, and whether the thing will be there as it is. */
function PairInWords({ isPainted, candidate, stay, component }: WordsProps) {
  const several = stay.components.length > 1;
  const induced = sayInduced({ name: several ? `The ${component.name}` : stay.name, lab: component.colour.lab }, candidate.lab);
  return (
    <>
      <p className="mt-1.5 text-sm">
        {describeColour(candidate.lab)}; {several ? component.name : stay.name}: {describeColour(component.colour.lab)}
      </p>
      {induced && <p className="text-sm">{induced}.</p>}
      {isPainted && <p className="text-sm text-soft">{stay.name} is to be painted: judged in its new colour.</p>}
    </>
  );
}

function Scales({ directions }: { readonly directions: Computed['directions'] }) {
  return (
    <div className="grid gap-0.5">
      {SHOWN.map((direction) => (
        <Scale
          key={direction}
          low={DIRECTION_WORDS[direction][0]}
          high={DIRECTION_WORDS[direction][1]}
          value={directions[direction]}
          text={sayDirection(directions, direction)}
        />
      ))}
    </div>
  );
}

type Props = { readonly bench: Bench; readonly computed: Computed; readonly candidate: Candidate; readonly stay: RecordedStay };

/**
 * What the core says of the pair: verdict, reason, the four directions, LRV and contrast. Hidden until the eye has spoken at first
 * glance.
 */
export function ComputedPanel({ bench, computed, candidate, stay }: Props) {
  const { verdict, reasons, directions, component, lrvDifference } = computed;
  if (bench.glance.hides)
    return (
      <section aria-label="Computed" className="min-w-0 border-line p-3.5 max-lg:border-t">
        <p className="text-lg" data-testid="hidden">
          Look, and say it.
        </p>
        <p className="mt-1 text-sm text-soft">What is computed shows once the eye has spoken.</p>
        <Button className="mt-2" onClick={() => bench.layout.setGlance(false)}>
          Show it at once <Key of={BENCH_KEYS.glance} />
        </Button>
      </section>
    );
  if (bench.layout.view === 'alone') return <AloneComputed candidate={candidate} />;
  const isPainted = judgedThings(bench.room).some((t) => t.id === stay.id && t.kind === 'painted');
  const reason = reasons[0];
  const largest = stay.components.reduce((p, q) => (q.share > p.share ? q : p));
  const of = stay.components.length > 1 ? `the ${component.name} (${Math.round(component.share * 100)} %)` : stay.name;
  const beside = stay.components.length > 1 ? `the ${component.name}` : 'it';
  return (
    <section aria-label="Computed" className="min-w-0 border-line p-3.5 max-lg:border-t">
      <p className="text-sm text-soft">
        {WHERE[computed.where]}
        {bench.glance.took !== undefined && ` · the eye took ${(bench.glance.took / 1000).toFixed(1)} s`}
      </p>
      <p className={`mb-1.5 text-lg ${bench.spoken ? 'font-semibold' : ''}`} data-testid="computed" data-where={computed.where}>
        {VERDICT_WORDS[verdict]}
        {reason && `: ${sayBeside(reason, beside)}`}
      </p>
      <p className="text-right text-xs text-soft">steps an eye just notices</p>
      <Scales directions={directions} />
      <PairInWords {...{ isPainted, candidate, stay, component }} />
      <p className="text-sm">
        <Explain
          label="LRV difference"
          why="Light reflectance value: CIE Y under D65 with the 10° observer (BS 8493), 0 to 100. The difference is the contrast in points."
        >
          LRV {Math.round(lrvOf(candidate.lab))}; {of} {Math.round(lrvOf(component.colour.lab))} ({signed(lrvDifference)} points)
        </Explain>
        {largest !== component && `; the ${largest.name}, its largest, ${Math.round(lrvOf(largest.colour.lab))}`}
        {' · '}
        <Explain
          label="Colour difference"
          why="CIEDE2000 between the two, as corresponding colours of the light that is judged in (CAT16, 10° observer); under 1 nobody sees it in a room. The scales above split it in the same just-noticeable steps."
        >
          ΔE {directions.deltaE00.toFixed(1)}
        </Explain>
        {computed.sure < 1 && ' · '}
        <Surety sure={computed.sure} />
      </p>
    </section>
  );
}
