import type { Reason, Verdict } from '../judge/reasons';
import { relation, type Stay } from '../judge/relation';
import type { JudgingLight } from '../room/facing';
import { severest, type ComputedCell } from './cell';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { Scheme } from '@/core/record/scheme';

export const SCHEME_PARTS = ['wall', 'trim', 'accent'] as const;
export type SchemePart = (typeof SCHEME_PARTS)[number];

/** How one colour of a scheme stands to something that stays, or to another colour of it. */
export type SchemeLink = {
  readonly part: SchemePart;
  readonly candidate: Candidate;
  /** Name of the thing that stays, or the part it meets. */
  readonly beside: string;
  /** The light it is weakest in; null for two paints, which are compared as in the deck. */
  readonly light: JudgingLight | null;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
};

/** The colours of a scheme that are still candidates of the room, each with its part. */
export function schemeColours(room: Room, { wallId, trimId, accentIds }: Scheme): { part: SchemePart; candidate: Candidate }[] {
  const parts = [
    { part: 'wall' as const, id: wallId },
    { part: 'trim' as const, id: trimId },
    ...accentIds.map((id) => ({ part: 'accent' as const, id })),
  ];
  return parts.flatMap(({ part, id }) => {
    const candidate = room.candidates.find((c) => c.id === id);
    return candidate ? [{ part, candidate }] : [];
  });
}

const asStay = (c: Candidate, kind: Stay['kind']): Stay => ({
  name: c.name,
  kind,
  components: [{ name: c.name, share: 1, lab: c.lab }],
});

/**
 * Trim and wall are two paints of one job, judged the same both ways round; the wall is the ground of an accent, which may answer it from
 * across the hue circle.
 */
function betweenPaints(wall: Candidate, part: SchemePart, other: Candidate): SchemeLink {
  const { verdict, reasons } =
    part === 'accent' ? relation(asStay(other, 'furnishing'), wall.lab, 'answer') : relation(asStay(wall, 'painted'), other.lab);
  return { part, candidate: other, beside: 'the wall', light: null, verdict, reason: reasons[0] ?? null };
}

/**
 * Every link of a scheme: each colour beside each thing that stays, in the light it is weakest in, and the wall beside its trim and
 * accents.
 *
 * @param computed the cells of the room's record; @returns links that do not work first, in the order of the parts otherwise
 */
export function schemeLinks(room: Room, scheme: Scheme, computed: readonly ComputedCell[]): SchemeLink[] {
  const colours = schemeColours(room, scheme);
  const wall = colours.find((c) => c.part === 'wall')?.candidate;
  const links = colours.flatMap(({ part, candidate }): SchemeLink[] => {
    const besideStays = room.stays.flatMap((stay): SchemeLink[] => {
      const weakest = severest(computed.filter((c) => c.candidateId === candidate.id && c.stayId === stay.id));
      if (!weakest) return [];
      const { light, verdict, reason } = weakest;
      return [{ part, candidate, beside: stay.name, light, verdict, reason }];
    });
    return wall && part !== 'wall' ? [betweenPaints(wall, part, candidate), ...besideStays] : besideStays;
  });
  const rank = { no: 0, nearly: 1, works: 2 } as const;
  return links.sort((p, q) => rank[p.verdict] - rank[q.verdict]);
}
