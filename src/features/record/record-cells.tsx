import { REASON_WORDS } from '@/core/judge/reasons';
import { cellVerdict } from '@/core/record/cell';
import type { Candidate, RecordedStay, VerdictEvent } from '@/core/record/types';
import { Patch, PatchStack } from '@/ui/patch';
import { MarkedCell } from '@/ui/verdict-mark';
import { sayColour } from '../shared/colour-entry';
import { usePaint } from '../shared/in-light';
import { StayPatch } from '../shared/stay-patch';
import { VisitLink } from '../shared/where';

type Props = {
  readonly href: string;
  readonly label: string;
  readonly verdicts: readonly VerdictEvent[];
  readonly left: React.ReactNode;
  readonly candidate: Candidate;
  /** Draws an empty dashed box instead of the colours as long as nothing was said. */
  readonly emptyUntilSeen?: boolean;
};

const sayVerdict = (verdict: VerdictEvent | undefined) =>
  verdict ? `${verdict.verdict}${verdict.reason ? `, ${REASON_WORDS[verdict.reason]}` : ''}` : 'not looked at yet';

/** Two colours touching and what was said of them; a tap goes to the bench with this pair. */
function Cell({ href, label, verdicts, left, candidate, emptyUntilSeen = false }: Props) {
  const paint = usePaint();
  const shown = cellVerdict(verdicts);
  const says = `${label}: ${sayVerdict(shown)}`;
  return (
    <VisitLink
      href={href}
      aria-label={says}
      title={says}
      data-mark={shown?.verdict ?? 'none'}
      className="block w-20 hover:outline-2 hover:outline-line-strong"
    >
      {emptyUntilSeen && !shown ? (
        <span aria-hidden className="block h-13 border border-dashed border-line-strong" />
      ) : (
        <MarkedCell mark={shown?.verdict ?? 'none'}>
          <span aria-hidden className="flex size-full">
            <span className="flex min-w-0 flex-1 [&>*]:flex-1">{left}</span>
            <Patch hex={paint(candidate.id, candidate.lab)} label={sayColour(candidate.lab)} className="min-w-0 flex-1" />
          </span>
        </MarkedCell>
      )}
      <span aria-hidden className="block h-4 truncate text-xs leading-4 text-soft print:text-black">
        {shown && (shown.reason ? REASON_WORDS[shown.reason] : shown.verdict)}
      </span>
    </VisitLink>
  );
}

type StayProps = Omit<Props, 'left' | 'label'> & { readonly stay: RecordedStay };

/** A candidate beside one thing that stays. */
export function StayCell({ stay, ...rest }: StayProps) {
  return (
    <Cell
      {...rest}
      label={`${rest.candidate.name} ${rest.candidate.strength} % beside ${stay.name}`}
      left={<StayPatch stay={stay} />}
    />
  );
}

type LightProps = Omit<Props, 'left' | 'label'> & { readonly light: string; readonly stays: readonly RecordedStay[] };

/** A candidate beside everything that stays, in one light. */
export function LightCell({ light, stays, ...rest }: LightProps) {
  const paint = usePaint();
  const parts = stays.map((stay) => {
    const largest = stay.components.reduce((p, q) => (q.share > p.share ? q : p));
    return { hex: paint(largest.id, largest.colour.lab), share: 1, label: stay.name };
  });
  return (
    <Cell
      {...rest}
      label={`${rest.candidate.name} ${rest.candidate.strength} %, ${light}`}
      left={<PatchStack parts={parts} />}
      emptyUntilSeen
    />
  );
}
