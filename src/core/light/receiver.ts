import type { SpectralPower } from '../colour/grid';
import { pointOf, type Plane } from './box';
import { cosineThrough, slantTable } from './glass';
import { wallFrame, type LightRoom } from './light-room';
import { targetOf, TARGETS, type RoomShape } from './room-shape';
import { cutsOf, sightsThrough } from './see-out';
import { luxOf } from './spectral';
import { polygonFactor, type Vector } from './view-factor';

/** A small flat element in the room: where it is and where it faces (length 1). */
export type Receiver = { readonly name: string; readonly at: Vector; readonly normal: Vector };

/** Spectral illuminance at a receiver (lux when weighted by V): straight from window, sun and lamps, and after bounces. */
export type ReceivedLight = { readonly direct: SpectralPower; readonly bounced: SpectralPower };

export const totalOf = ({ direct, bounced }: ReceivedLight): SpectralPower => direct.map((v, i) => v + bounced[i]!);

/** Illuminance in lux of what a receiver gets. */
export function illuminance({ direct, bounced }: ReceivedLight): {
  readonly direct: number;
  readonly bounced: number;
  readonly total: number;
} {
  const [straight, after] = [luxOf(direct), luxOf(bounced)];
  return { direct: straight, bounced: after, total: straight + after };
}

/** Pieces across and up an aperture, seen from receivers: what is behind each counts as even. */
const PIECES = 16;
/**
 * A piece is cut in four while it is longer than this share of its distance, so many times at most: near the glass it shows many
 * directions.
 */
const WIDE = 0.25;
const MOST_CUTS = 6;

/** What a receiver sees straight through one piece of an aperture: its share of the hemisphere, by the cosine. */
export type ReceiverSight = {
  readonly factor: number;
  readonly target: number;
  readonly altitudeDeg: number;
  readonly azimuthDeg: number;
};

type Rect = readonly [u0: number, u1: number, v0: number, v1: number];

/** Calls back with a piece of a plane, or with its parts where it is wide for its distance from a point. */
function eachPiece(
  [u0, u1, v0, v1]: Rect,
  from: { readonly plane: Plane; readonly at: Vector },
  cutsLeft: number,
  found: (piece: Rect) => void,
): void {
  const { plane, at } = from;
  const [u, v] = [(u0 + u1) / 2, (v0 + v1) / 2];
  const away = Math.hypot(plane.value - at[plane.axis], u - at[plane.u], v - at[plane.v]);
  if (cutsLeft === 0 || Math.max(u1 - u0, v1 - v0) <= WIDE * away) return found([u0, u1, v0, v1]);
  for (const part of [
    [u0, u, v0, v],
    [u, u1, v0, v],
    [u0, u, v, v1],
    [u, u1, v, v1],
  ] as const)
    eachPiece(part, from, cutsLeft - 1, found);
}

/** What a receiver sees straight through every aperture of a room, in the apertures' order, less what the glass takes aslant. */
export function straightSights(room: LightRoom, shape: RoomShape, { at, normal }: Receiver): ReceiverSight[][] {
  return shape.apertures.map((aperture) => {
    const window = room.windows[aperture.window]!;
    const sightThrough = sightsThrough(window, room);
    const slantOf = slantTable(window.panes);
    const frame = wallFrame(room.box, window.wall);
    const { us, vs } = cutsOf(frame, aperture.rect, at[2], PIECES);
    const on = (u: number, v: number) => pointOf(frame.plane, u, v);
    const from = { plane: frame.plane, at };
    const found: ReceiverSight[] = [];
    const add = ([u0, u1, v0, v1]: Rect) => {
      const factor = polygonFactor(at, normal, [on(u0, v0), on(u1, v0), on(u1, v1), on(u0, v1)]);
      if (factor <= 0) return;
      if (aperture.scatters) {
        found.push({ factor, target: TARGETS.cloth, altitudeDeg: 0, azimuthDeg: 0 });
        return;
      }
      const through = on((u0 + u1) / 2, (v0 + v1) / 2);
      const { altitudeDeg, azimuthDeg, ...sight } = sightThrough(at, through);
      const slant = slantOf(cosineThrough(frame.plane, at, through));
      found.push({ factor: factor * slant, target: targetOf({ ...sight, altitudeDeg, azimuthDeg }), altitudeDeg, azimuthDeg });
    };
    for (let j = 0; j < PIECES; j++)
      for (let i = 0; i < PIECES; i++) eachPiece([us[i]!, us[i + 1]!, vs[j]!, vs[j + 1]!], from, MOST_CUTS, add);
    return found;
  });
}
