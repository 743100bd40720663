import { wallLength, wallsOf } from '../room/plan';
import { upperEdgeOf, type UpperEdge } from './shape-faces';
import type { Wall } from '../room/facing';
import { sizeOf, type Size } from './describe-room';
import { openingsOf, type MeasuredRoom } from './openings';
import { belowRail, railOf, skirtingOf, slopeSurface, wallSurface } from './paint-surfaces';
import { CASING_M } from '@/core/record/paintwork';

export type Box = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
export type UnfoldedPart = Box & {
  readonly what: 'ceiling' | 'slope' | 'wall' | 'below' | 'skirting' | 'frame' | 'glass' | 'door' | 'floor';
  /** The surface it is painted with; null of glass and floor. */
  readonly surface: string | null;
  readonly wall: Wall | null;
  /** Its corners in the drawing, where it is no rectangle; they lie within its box. */
  readonly outline?: readonly (readonly [x: number, y: number])[];
};
/** A room unfolded: its walls side by side as one would turn on the spot to the right, ceiling above, skirting and floor below. Metres. */
export type Unfolded = { readonly width: number; readonly height: number; readonly parts: readonly UnfoldedPart[] };

/** Height of the strips that stand for ceiling and floor, as a share of the room's height; the drawing's own choice. */
const STRIP = { ceiling: 0.17, floor: 0.24 } as const;
/** Least height of the skirting's strip, as a share of the room's height, so that it can be tapped. */
const LEAST_SKIRTING = 0.1;

type Over = {
  readonly edge: UpperEdge;
  readonly x: number;
  readonly length: number;
  readonly top: number;
  readonly heightM: number;
  readonly surface: string | null;
};
/** What leans in over a wall, up to where the ceiling begins: as one sees it turning on the spot. */
function slopesOver({ edge, x, length, top, heightM, surface }: Over): UnfoldedPart[] {
  const outline = [
    [x, top] as const,
    [x + length, top] as const,
    ...[...edge].reverse().map(([s, z]) => [x + s, top + heightM - z] as const),
  ];
  return [
    {
      what: surface === null ? 'ceiling' : 'slope',
      surface: surface ?? 'ceiling',
      wall: null,
      x,
      y: top,
      width: length,
      height: heightM,
      outline,
    },
  ];
}

/** Roof windows in their slopes, as high as they are seen turning on the spot. */
function glassInSlopes(size: Size, starts: readonly number[], yOf: (z: number) => number): UnfoldedPart[] {
  return (size.shape?.roofWindows ?? []).flatMap((w): UnfoldedPart[] => {
    const slope = w.slope === null ? undefined : size.shape!.slopes[w.slope];
    if (!slope || slope.wall >= starts.length) return [];
    const rise = Math.sin((slope.pitchDeg * Math.PI) / 180);
    const [low, high] = [slope.kneeM + w.upM * rise, Math.min(size.heightM, slope.kneeM + (w.upM + w.heightM) * rise)];
    if (high <= low) return [];
    return [
      {
        what: 'glass',
        surface: null,
        wall: null,
        x: starts[slope.wall]! + w.leftM,
        y: yOf(high),
        width: w.widthM,
        height: high - low,
      },
    ];
  });
}

/** A room unfolded, in the order in which its parts are painted over each other. */
export function unfolded(room: MeasuredRoom): Unfolded {
  const size = sizeOf(room);
  const { heightM } = size;
  const top = heightM * STRIP.ceiling;
  const skirting = skirtingOf(room) > 0 ? Math.max(skirtingOf(room), heightM * LEAST_SKIRTING) : 0;
  const lengths = wallsOf(size).map((wall) => wallLength(wall, size));
  const starts = lengths.map((_, k) => lengths.slice(0, k).reduce((sum, l) => sum + l, 0));
  const width = lengths.reduce((sum, l) => sum + l, 0);
  const yOf = (z: number) => top + heightM - z;
  /** The slope that begins over a wall; over a gable there is none, and what is seen above is the room beyond. */
  const slopeOver = (wall: Wall): string | null => {
    const slope = size.shape?.slopes.findIndex((s) => s.wall === wall) ?? -1;
    return slope >= 0 ? slopeSurface(slope) : null;
  };
  const openings = openingsOf(room, size);
  const walls = wallsOf(size).flatMap((wall): UnfoldedPart[] => {
    const x = starts[wall]!;
    const length = lengths[wall]!;
    const rail = railOf(room, wall, heightM);
    const edge = upperEdgeOf(size, wall, length);
    const isLevel = edge.every(([, z]) => z >= heightM - 1e-6);
    const under = isLevel
      ? {}
      : {
          outline: [
            ...edge.map(([s, z]) => [x + s, yOf(Math.max(rail ?? 0, z))] as const),
            [x + length, yOf(rail ?? 0)] as const,
            [x, yOf(rail ?? 0)] as const,
          ],
        };
    return [
      ...(isLevel ? [] : slopesOver({ edge, x, length, top, heightM, surface: slopeOver(wall) })),
      { what: 'wall', surface: wallSurface(wall), wall, x, y: top, width: length, height: heightM - (rail ?? 0), ...under },
      ...(rail === undefined
        ? []
        : [{ what: 'below', surface: belowRail(wall), wall, x, y: yOf(rail), width: length, height: rail } as const]),
    ];
  });
  const inWalls = openings.flatMap(({ kind, id, wall, rect }): UnfoldedPart[] => {
    const x = starts[wall]! + rect.s0;
    const box = { x, y: yOf(rect.z1), width: rect.s1 - rect.s0, height: rect.z1 - rect.z0 };
    if (kind === 'door') return [{ what: 'door', surface: `door:${id}`, wall, ...box }];
    const inset = Math.min(CASING_M, box.width / 4, box.height / 4);
    const glass = { x: box.x + inset, y: box.y + inset, width: box.width - 2 * inset, height: box.height - 2 * inset };
    return [
      { what: 'frame', surface: 'trim', wall, ...box },
      { what: 'glass', surface: null, wall, ...glass },
    ];
  });
  const inSlopes = glassInSlopes(size, starts, yOf);
  const strip = (what: 'ceiling' | 'skirting' | 'floor', surface: string | null, y: number, height: number): UnfoldedPart[] =>
    height > 0 ? [{ what, surface, wall: null, x: 0, y, width, height }] : [];
  return {
    width,
    height: top + heightM + heightM * STRIP.floor,
    parts: [
      ...strip('ceiling', 'ceiling', 0, top),
      ...walls,
      ...strip('skirting', 'trim', yOf(skirting), skirting),
      ...inWalls,
      ...inSlopes,
      ...strip('floor', null, yOf(0), heightM * STRIP.floor),
    ],
  };
}

/** A box of an unfolded room where it is drawn so wide and so high, in the units of the drawing. */
export const fitted =
  (of: Pick<Unfolded, 'width' | 'height'>, { width, height }: Pick<Unfolded, 'width' | 'height'>) =>
  (box: Box): Box => ({
    x: (box.x / of.width) * width,
    y: (box.y / of.height) * height,
    width: (box.width / of.width) * width,
    height: (box.height / of.height) * height,
  });
