'use client';

import { describeColour } from '@/core/colour/family';
import { DIRECTION_WORDS, VISIBLE_STEP, type Direction, type Directions } from '@/core/colour/directions';
import { lrvOf } from '@/core/colour/lab';
import { REASON_WORDS } from '@/core/judge/reasons';
import type { Relation } from '@/core/judge/relation';
import type { Candidate, RecordedStay } from '@/core/record/types';
import { Explain } from '@/ui/explain';
import { Scale } from '@/ui/scale';
import { signed } from '../shared/words';

const VERDICT_WORDS = { works: 'Works', nearly: 'Nearly', no: 'No' } as const;
const SHOWN: readonly Direction[] = ['pinkGreen', 'yellowBlue', 'strongWeak', 'lightDark'];

function sayDirection(directions: Directions, direction: Direction): string {
  const steps = directions[direction];
  if (Math.abs(steps) < VISIBLE_STEP) return `${DIRECTION_WORDS[direction].join(' or ')}: no visible difference`;
  return `${DIRECTION_WORDS[direction][steps > 0 ? 1 : 0]} by ${Math.abs(steps).toFixed(1)} just-noticeable steps`;
}

type Props = { readonly relation: Relation; readonly candidate: Candidate; readonly stay: RecordedStay };

/** What the core says of the pair: verdict, reason, the four directions, LRV and contrast. */
export function ComputedPanel({ relation, candidate, stay }: Props) {
  const link = relation.components.find((c) => c.component === relation.link) ?? relation.components[0]!;
  const linkLab = stay.components.find((c) => c.name === link.component)!.colour.lab;
  const reason = relation.reasons[0];
  const beside = stay.components.length > 1 ? `the ${link.component}` : 'it';
  return (
    <section aria-label="Computed" className="min-w-0 p-3.5">
      <p className="text-sm text-soft">Computed, as in the deck</p>
      <p className="mb-1.5 text-lg font-semibold" data-testid="computed">
        {VERDICT_WORDS[relation.verdict]}
        {reason && `: ${REASON_WORDS[reason]} beside ${beside}`}
      </p>
      <div className="grid gap-0.5">
        {SHOWN.map((direction) => (
          <Scale
            key={direction}
            low={DIRECTION_WORDS[direction][0]}
            high={DIRECTION_WORDS[direction][1]}
            value={link.directions[direction]}
            text={sayDirection(link.directions, direction)}
          />
        ))}
      </div>
      <p className="mt-1.5 text-sm">
        {describeColour(candidate.lab)}; {beside === 'it' ? stay.name : link.component}: {describeColour(linkLab)}
      </p>
      <p className="text-sm">
        <Explain
          label="LRV difference"
          why="Light reflectance value: CIE Y under D65 with the 10° observer (BS 8493), 0 to 100. The difference is the contrast in points."
        >
          LRV {Math.round(lrvOf(candidate.lab))} against {Math.round(lrvOf(linkLab))}, {signed(link.lrvDifference)} points
        </Explain>
        {' · '}
        <Explain
          label="Colour difference"
          why="CIEDE2000 between the two colours under D65 with the 10° observer; under 1 nobody sees it in a room. The scales above split it in the same just-noticeable steps."
        >
          ΔE {link.directions.deltaE00.toFixed(1)}
        </Explain>
      </p>
    </section>
  );
}
