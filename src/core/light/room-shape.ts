import { openingOf } from './room-fit';
import { wallFrame, aperturesOf, type Aperture, type LightRoom } from './light-room';
import { patchBox, patchesFor, patchSize, pointOf, pointsOf, type PatchedBox } from './box';
import { cosineThrough, slantTable } from './glass';
import { elementFactors } from './element-factors';
import { formFactors } from './radiosity';
import { cutsOf, sightsThrough, type Seen, type Sight } from './see-out';
import { SKY_GRID, skyCell } from './sky-grid';

/** What a ray out of a window can end at: a cell of the sky, or one of the rest, numbered after them. */
const BEYOND: Readonly<Record<Exclude<Seen, 'sky'>, number>> = {
  ground: SKY_GRID.cells,
  obstruction: SKY_GRID.cells + 1,
  overhang: SKY_GRID.cells + 2,
  reveal: SKY_GRID.cells + 3,
};
/** Cloth that glows evenly, as a target of its own. */
export const CLOTH = SKY_GRID.cells + 4;
export const TARGETS = { ...BEYOND, cloth: CLOTH, count: SKY_GRID.cells + 5 } as const;

/** The target of a sight. */
export const targetOf = ({ seen, altitudeDeg, azimuthDeg }: Sight): number =>
  seen === 'sky' ? skyCell(altitudeDeg, azimuthDeg) : BEYOND[seen];

/**
 * What patches see through one aperture, less what the glass takes aslant: the share `factor[k]` of the light on patch `patch[k]` comes
 * from `target[k]`.
 */
export type PatchSights = { readonly patch: Int32Array; readonly target: Int32Array; readonly factor: Float64Array };

/** Everything about a room that its colours do not change: patches, form factors, and what each patch sees of outside. */
export type RoomShape = {
  readonly patched: PatchedBox;
  readonly factors: Float64Array;
  readonly apertures: readonly Aperture[];
  /** In the order of the apertures. */
  readonly sights: readonly PatchSights[];
  /** Share of each patch that is wall and not window. */
  readonly solid: Float64Array;
};

export const SHAPE = {
  /** Pieces across and up an aperture, seen from patches. */
  pieces: 6,
  /** Points across and up a patch at which daylight is taken. */
  points: 2,
} as const;

function sightsOf(room: LightRoom, { patches, faces }: PatchedBox, aperture: Aperture): PatchSights {
  const window = room.windows[aperture.window]!;
  const sightThrough = sightsThrough(window, room);
  const slantOf = slantTable(window.panes);
  const frame = wallFrame(room.box, window.wall);
  const n = SHAPE.pieces;
  const found: [number, number, number][] = [];
  patches.forEach((patch, p) => {
    if (patch.face === window.wall) return;
    const own = faces[patch.face]!.plane;
    const seen = new Map<number, number>();
    for (const at of pointsOf(patch, SHAPE.points)) {
      const { us, vs } = cutsOf(frame, aperture.rect, at[2], n);
      elementFactors(at, own, { plane: frame.plane, us, vs }).forEach((factor, cell) => {
        if (factor <= 0) return;
        const [i, j] = [cell % n, Math.floor(cell / n)];
        const through = pointOf(frame.plane, (us[i]! + us[i + 1]!) / 2, (vs[j]! + vs[j + 1]!) / 2);
        const target = aperture.scatters ? CLOTH : targetOf(sightThrough(at, through));
        const slant = aperture.scatters ? 1 : slantOf(cosineThrough(frame.plane, at, through));
        seen.set(target, (seen.get(target) ?? 0) + (slant * factor) / SHAPE.points ** 2);
      });
    }
    for (const [target, factor] of seen) found.push([p, target, factor]);
  });
  return {
    patch: Int32Array.from(found, (f) => f[0]),
    target: Int32Array.from(found, (f) => f[1]),
    factor: Float64Array.from(found, (f) => f[2]),
  };
}

/** Share of each patch that no window takes. */
function solidShares(room: LightRoom, { patches, faces }: PatchedBox): Float64Array {
  return Float64Array.from(patches, ({ face, corners, area }) => {
    const { plane } = faces[face]!;
    const [u0, u1] = [corners[0]![plane.u]!, corners[1]![plane.u]!];
    const [v0, v1] = [corners[0]![plane.v]!, corners[2]![plane.v]!];
    const taken = room.windows.reduce((sum, window) => {
      if (window.wall !== face) return sum;
      const { from, turn } = wallFrame(room.box, window.wall);
      const { s0, s1, z0, z1 } = openingOf(window);
      const [w0, w1] = [from + turn * s0, from + turn * s1].sort((p, q) => p - q) as [number, number];
      return sum + Math.max(0, Math.min(u1, w1) - Math.max(u0, w0)) * Math.max(0, Math.min(v1, z1) - Math.max(v0, z0));
    }, 0);
    return Math.max(0, 1 - taken / area);
  });
}

/**
 * Cuts a room into at most `most` patches, as many as its shape asks for if not given, and finds what each sees. Depends on box, bearing
 * and windows only, not on the glass’s colour.
 */
export function shapeOf(room: LightRoom, most: number = patchesFor(room.box)): RoomShape {
  const patched = patchBox(room.box, patchSize(room.box, most));
  const apertures = aperturesOf(room.windows);
  return {
    patched,
    factors: formFactors(patched),
    apertures,
    sights: apertures.map((aperture) => sightsOf(room, patched, aperture)),
    solid: solidShares(room, patched),
  };
}

/** What the shape depends on; two rooms with the same key share one shape. */
export const shapeKey = ({ box, bearingDeg, windows }: Pick<LightRoom, 'box' | 'bearingDeg' | 'windows'>): string =>
  JSON.stringify([
    box,
    bearingDeg,
    windows.map((w) => [openingOf(w), w.wall, w.curtain, w.obstructionDeg, w.revealM, w.overhangM, w.panes]),
  ]);
