import type { SpectralPower } from '../colour/grid';
import { pointOf } from './box';
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

/** What a receiver sees straight through one piece of an aperture: its share of the hemisphere, by the cosine. */
export type ReceiverSight = {
  readonly factor: number;
  readonly target: number;
  readonly altitudeDeg: number;
  readonly azimuthDeg: number;
};

/** What a receiver sees straight through every aperture of a room, in the apertures' order. */
export function straightSights(room: LightRoom, shape: RoomShape, { at, normal }: Receiver): ReceiverSight[][] {
  return shape.apertures.map((aperture) => {
    const window = room.windows[aperture.window]!;
    const sightThrough = sightsThrough(window, room);
    const frame = wallFrame(room.box, window.wall);
    const { us, vs } = cutsOf(frame, aperture.rect, at[2], PIECES);
    const on = (u: number, v: number) => pointOf(frame.plane, u, v);
    const found: ReceiverSight[] = [];
    for (let j = 0; j < PIECES; j++)
      for (let i = 0; i < PIECES; i++) {
        const [u0, u1, v0, v1] = [us[i]!, us[i + 1]!, vs[j]!, vs[j + 1]!];
        const factor = polygonFactor(at, normal, [on(u0, v0), on(u1, v0), on(u1, v1), on(u0, v1)]);
        if (factor <= 0) continue;
        if (aperture.scatters) found.push({ factor, target: TARGETS.cloth, altitudeDeg: 0, azimuthDeg: 0 });
        else {
          const sight = sightThrough(at, on((u0 + u1) / 2, (v0 + v1) / 2));
          found.push({ factor, target: targetOf(sight), altitudeDeg: sight.altitudeDeg, azimuthDeg: sight.azimuthDeg });
        }
      }
    return found;
  });
}
