import { REASON_WORDS } from '@/core/judge/reasons';
import { seenAndComputed, type ComputedCell, type SeenAndComputed } from '@/core/derived/cell';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedStay } from '@/core/record/stay';
import { howSeen, WAY_SEEN_WORDS } from '@/core/record/seen';
import { reasonsOf, type VerdictEvent } from '@/core/record/verdict';
import { Patch, PatchStack } from '@/ui/patch';
import { MarkedCell } from '@/ui/verdict-mark';
import { sayColour } from '../words/say-colour';
import { usePaint } from '../light-client/in-light';
import { StayPatch } from '../drawings/stay-patch';
import { VisitLink } from '../session/where';

type Props = {
  readonly href: string;
  readonly label: string;
  readonly verdicts: readonly VerdictEvent[];
  /** What is computed for the same cell, in every light it stands for. */
  readonly computed: readonly ComputedCell[];
  readonly left: React.ReactNode;
  readonly candidate: Candidate;
  /** Draws an empty dashed box instead of the colours as long as nothing was said. */
  readonly emptyUntilSeen?: boolean;
};

const sayVerdict = (v: VerdictEvent) => [v.verdict, ...reasonsOf(v).map((r) => REASON_WORDS[r])].join(', ');
const sayUnlooked = (v: VerdictEvent) => `${WAY_SEEN_WORDS[howSeen(v)]}: ${sayVerdict(v)}`;
const saySeen = ({ seen, unlooked }: SeenAndComputed) => {
  if (seen) return sayVerdict(seen);
  return unlooked ? `not looked at yet; ${sayUnlooked(unlooked)}` : 'not looked at yet';
};

function sayCell(cell: SeenAndComputed): string {
  if (cell.differs) return `${saySeen(cell)}; computed otherwise: ${cell.computed}`;
  return !cell.seen && cell.computed ? `${saySeen(cell)}; computed: ${cell.computed}` : saySeen(cell);
}

/** What was said, and under it what was computed where that is another thing, or where nothing was said. */
function Words({ cell }: { readonly cell: SeenAndComputed }) {
  const { seen, unlooked, computed, differs } = cell;
  const line = 'block min-h-4 text-xs leading-4 break-words';
  return (
    <span aria-hidden className="block min-h-8 print:text-black">
      {seen && (
        <span className={`${line} text-soft print:text-black`}>
          {seen.reason
            ? reasonsOf(seen)
                .map((r) => REASON_WORDS[r])
                .join(', ')
            : seen.verdict}
        </span>
      )}
      {unlooked && <span className={`${line} text-soft print:hidden`}>{sayUnlooked(unlooked)}</span>}
      {differs && <b className={`${line} print:hidden`}>≠ {computed}</b>}
      {!seen && computed && <span className={`${line} text-soft print:hidden`}>({computed})</span>}
    </span>
  );
}

/** Two colours touching, what was said of them and what was computed; a tap goes to the bench with this pair. */
function Cell({ href, label, verdicts, computed, left, candidate, emptyUntilSeen = false }: Props) {
  const paint = usePaint();
  const cell = seenAndComputed(verdicts, computed);
  const says = `${label}: ${sayCell(cell)}`;
  const mark = cell.seen?.verdict ?? 'none';
  return (
    <VisitLink
      href={href}
      aria-label={says}
      title={says}
      data-mark={mark}
      data-differs={cell.differs}
      className="block w-20 hover:outline-2 print:w-16 hover:outline-line-strong"
    >
      {emptyUntilSeen && !cell.seen ? (
        <span aria-hidden className="block h-13 border border-dashed border-line-strong" />
      ) : (
        <MarkedCell mark={mark}>
          <span aria-hidden className="flex size-full">
            <span className="flex min-w-0 flex-1 [&>*]:flex-1">{left}</span>
            <Patch hex={paint(candidate.id, candidate.lab)} label={sayColour(candidate.lab)} className="min-w-0 flex-1" />
          </span>
        </MarkedCell>
      )}
      <Words cell={cell} />
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
