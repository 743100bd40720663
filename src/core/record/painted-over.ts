import type { DecidedRoom } from './decided';
import type { SurfaceKind } from './paintwork';

/** What a thing is called that is painted over with surfaces of a kind: it is about to vanish, and nothing is judged against it. */
const PAINTED_OVER: Readonly<Partial<Record<SurfaceKind, RegExp>>> = {
  trim: /skirting|baseboard|trim|frame|casing|architrave|moulding/i,
  door: /\bdoors?\b/i,
  cabinets: /cupboard|cabinet/i,
  'built-in': /built-in|bookcase|shel(f|ves)/i,
  ceiling: /ceiling/i,
};

/** What a surface of a kind has on it now, as far as a thing that stays says so: "Skirting" of trim. */
export const nowPainted = <T extends { readonly name: string }>(stays: readonly T[], kind: SurfaceKind): T | undefined =>
  stays.find((s) => PAINTED_OVER[kind]?.test(s.name));

/** Kinds of surfaces that are decided to be painted. */
export const paintedKinds = ({ painted }: Pick<DecidedRoom, 'painted'>): readonly SurfaceKind[] => [
  ...new Set(painted.map((p) => p.surface.kind)),
];

/** Things that will still be there when surfaces of some kinds are painted. */
export const stayingWith = <T extends { readonly name: string }>(
  stays: readonly T[],
  kinds: readonly SurfaceKind[],
): readonly T[] => stays.filter((s) => !nowPaintedAs(s.name, kinds));

/** The kind of surface, among some, that a thing is painted over with; undefined where it stays as it is. */
export const nowPaintedAs = (name: string, kinds: readonly SurfaceKind[]): SurfaceKind | undefined =>
  kinds.find((kind) => PAINTED_OVER[kind]?.test(name));
