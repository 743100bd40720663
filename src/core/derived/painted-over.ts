import type { DecidedRoom } from './decided';
import type { SurfaceKind } from '@/core/record/paintwork';
import type { RecordedStay } from '@/core/record/stay';
import { surfaceOfThing } from '@/core/record/thing';

/** A thing by what it is painted over with: then it is about to vanish, and nothing is judged against it. */
type Thing = Pick<RecordedStay, 'name' | 'kind' | 'thing'>;

/** What a surface of a kind has on it now, as far as a thing that stays says so: "Skirting" of trim. */
export const nowPainted = <T extends Thing>(stays: readonly T[], kind: SurfaceKind): T | undefined =>
  stays.find((stay) => surfaceOfThing(stay) === kind);

/** Kinds of surfaces that are decided to be painted. */
export const paintedKinds = ({ painted }: Pick<DecidedRoom, 'painted'>): readonly SurfaceKind[] => [
  ...new Set(painted.map((p) => p.surface.kind)),
];

/** Things that will still be there when surfaces of some kinds are painted. */
export const stayingWith = <T extends Thing>(stays: readonly T[], kinds: readonly SurfaceKind[]): readonly T[] =>
  stays.filter((stay) => !nowPaintedAs(stay, kinds));

/** The kind of surface, among some, that a thing is painted over with; undefined where it stays as it is. */
export const nowPaintedAs = (stay: Thing, kinds: readonly SurfaceKind[]): SurfaceKind | undefined => {
  const surface = surfaceOfThing(stay);
  return surface && kinds.includes(surface) ? surface : undefined;
};
