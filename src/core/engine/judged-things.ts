import type { Candidate } from '@/core/record/candidate';
import { decidedRoom, type DecidedRoom } from '@/core/derived/decided';
import type { SurfaceKind } from '@/core/record/paintwork';
import { nowPaintedAs, paintedKinds } from '@/core/derived/painted-over';
import type { Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import type { JudgedStay } from './judgement-protocol';
import { candidateSwatch, judgedStay } from './swatches';

/** A colour with the area it has, m². */
export type ColourByArea = { readonly candidate: Candidate; readonly areaM2: number };

/** The decided colours of the surfaces of a kind, largest area first. */
export function coloursOf({ surfaces }: Pick<DecidedRoom, 'surfaces'>, kind: SurfaceKind): readonly ColourByArea[] {
  const areas = new Map<string, ColourByArea>();
  for (const { surface, candidate } of surfaces) {
    if (surface.kind !== kind || !candidate) continue;
    const before = areas.get(candidate.id)?.areaM2 ?? 0;
    areas.set(candidate.id, { candidate, areaM2: before + surface.areaM2 });
  }
  return [...areas.values()].sort((p, q) => q.areaM2 - p.areaM2);
}

/** Surfaces of a kind as they are painted in this job; null while none of them is decided. */
export function paintedThing(decided: Pick<DecidedRoom, 'surfaces'>, kind: SurfaceKind, as: Pick<JudgedStay, 'id' | 'name'>) {
  const colours = coloursOf(decided, kind);
  const total = colours.reduce((sum, c) => sum + c.areaM2, 0);
  if (total <= 0) return null;
  const components = colours.map(({ candidate, areaM2 }) => ({
    ...candidateSwatch(candidate),
    name: candidate.name,
    share: areaM2 / total,
  }));
  return { ...as, kind: 'painted', school: 'share', components } satisfies JudgedStay;
}

/** What was made of the things of a room last, and of what. */
type Kept = Pick<Room, 'decisions' | 'candidates'> & { readonly things: readonly JudgedStay[] };
const kept = new WeakMap<readonly RecordedStay[], Kept>();

/**
 * What a room's walls are judged beside, in the order of what stays: the one place that search, record, looks, predictions and Decide
 * take it from. What is decided to be painted over stands there in its new colour, as a paint of the same job.
 */
export function judgedThings(room: Room): readonly JudgedStay[] {
  const { stays, decisions, candidates } = room;
  const before = kept.get(stays);
  if (before?.decisions === decisions && before.candidates === candidates) return before.things;
  const things = decisions.length === 0 ? stays.map(judgedStay) : withDecisions(room);
  kept.set(stays, { decisions, candidates, things });
  return things;
}

function withDecisions(room: Room): JudgedStay[] {
  const decided = decidedRoom(room);
  const kinds = paintedKinds(decided);
  return room.stays.map((stay) => {
    const kind = nowPaintedAs(stay, kinds);
    return (kind && paintedThing(decided, kind, { id: stay.id, name: stay.name })) ?? judgedStay(stay);
  });
}
