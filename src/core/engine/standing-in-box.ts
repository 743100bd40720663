import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import type { SpectralPower } from '../colour/grid';
import { beyondWindow } from '../light/beyond-window';
import { planesOf, pointOf } from '../light/box';
import { facesOf, wallFrame, type LightRoom } from '../light/light-room';
import type { Outdoors } from '../light/outdoors';
import { onFacet, type Facet, type Rect } from '../light/plan/patches';
import { openingOf } from '../light/room-fit';
import type { RoomShape } from '../light/room-shape';
import { noLight } from '../light/spectral';
import { sunPatches } from '../light/sun-patch';
import type { BoxWall } from '../room/facing';
import type { LitFace, LitPatch } from './standing-face';
import { glowing, type Adapted } from './standing-looks';

const WALLS = 4;

/** The faces of a box as those of a plan are: walls from their left end up, floor and ceiling along x and y. */
export function boxFacets(room: LightRoom): Facet[] {
  return planesOf(room.box).map((plane, f): Facet => {
    const { from, turn } = f < WALLS ? wallFrame(room.box, f as BoxWall) : { from: 0, turn: 1 };
    const begin = pointOf(plane, from, 0);
    const towards = (u: number, v: number) => pointOf(plane, u, v).map((c, k) => c - begin[k]!) as [number, number, number];
    const inward: [number, number, number] = [0, 0, 0];
    inward[plane.axis] = plane.inward;
    return {
      from: begin,
      along: towards(from + turn, 0),
      up: towards(from, 1),
      inward,
      outline: [
        [0, 0],
        [plane.uM, 0],
        [plane.uM, plane.vM],
        [0, plane.vM],
      ],
      reflectance: facesOf(room)[f]!,
      holes: [],
    };
  });
}

type Seen = {
  readonly room: LightRoom;
  readonly shape: RoomShape;
  /** Of every patch. */
  readonly light: readonly SpectralPower[];
  readonly outdoors: Outdoors;
};

/** What a window shows through its middle: the sky over what stands opposite, or that. */
function windowHex({ room, outdoors }: Seen, w: number, adapted: Adapted): string {
  const window = room.windows[w]!;
  const beyond = beyondWindow(room, w, outdoors);
  const bearing = (room.bearingDeg + 90 * window.wall) % 360;
  const amounts = outdoors.skyAt(Math.max(8, window.obstructionDeg + 8), bearing);
  const sky = DAYLIGHT_COMPONENTS.reduce((sum, c, k) => sum.map((v, i) => v + c[i]! * amounts[k]!), noLight());
  const shows = window.obstructionDeg > 25 ? beyond.obstruction : sky;
  // a radiance is that of a white under π times as much light
  return glowing(
    adapted,
    shows.map((v, i) => Math.PI * v * window.glass[i]!),
  );
}

/** The faces of a box with their light, in the order of FACES. */
export function facesInBox(seen: Seen, adapted: Adapted): LitFace[] {
  const { room, shape, light, outdoors } = seen;
  const facets = boxFacets(room);
  const suns = sunPatches(room, outdoors.sun);
  return shape.patched.faces.map(({ us, vs, first }, f): LitFace => {
    const facet = facets[f]!;
    const { from, turn } = f < WALLS ? wallFrame(room.box, f as BoxWall) : { from: 0, turn: 1 };
    const along = (u: number) => (u - from) * turn;
    const columns = us.length - 1;
    const patches = Array.from({ length: columns * (vs.length - 1) }, (_, k): LitPatch => {
      const [i, j] = [k % columns, Math.floor(k / columns)];
      const [a, b, low, top] = [along(us[i]!), along(us[i + 1]!), vs[j]!, vs[j + 1]!];
      const at = (u: number, v: number) => onFacet(facet, u, v);
      return {
        corners: [at(a, low), at(b, low), at(b, top), at(a, top)],
        at: at((a + b) / 2, (low + top) / 2),
        light: light[first + k]!,
      };
    });
    const windows = room.windows.flatMap((window, w) => {
      if (window.wall !== f) return [];
      const { s0, s1, z0, z1 } = openingOf(window);
      return [{ rect: [s0, s1, z0, z1] as Rect, hex: windowHex(seen, w, adapted) }];
    });
    const sun = suns
      .filter((patch) => patch.face === f)
      .map(({ polygon, window, cosine, slant }) => {
        const { glass } = room.windows[window]!;
        const lux = outdoors.beamNormalLux * cosine * slant;
        return {
          outline: polygon.map(([u, v]) => [along(u), v] as const),
          power: outdoors.beam.map((v, i) => lux * v * glass[i]!),
        };
      });
    return { facet, patches, windows, sun, open: [] };
  });
}
