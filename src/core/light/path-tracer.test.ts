import { greyRoom, openWindow } from '../../../tests/light-room';
import { trace, type TracedRoom } from '../../../tests/path-tracer';
import { flat, type LightRoom } from './light-room';
import { directionOf } from './directions';
import { outdoorsGiven, type GivenSky } from './outdoors';
import { prepareRoom } from './prepare-room';
import { illuminance } from './receiver';

/** The same room for the path tracer: its walls by axis, its windows as holes. */
function traced(room: LightRoom, sky: GivenSky): TracedRoom {
  const { widthM, depthM, heightM } = room.box;
  const [w0, w1, w2, w3] = room.walls.map((r) => r[0]!) as [number, number, number, number];
  const outdoors = outdoorsGiven(sky);
  return {
    size: [widthM, depthM, heightM],
    rho: [w3, w1, w0, w2, room.floor[0]!, room.ceiling[0]!],
    holes: room.windows.map((w) => [w.leftM, w.leftM + w.widthM, w.sillM, w.sillM + w.heightM, w.glass[0]!]),
    luminance: (direction) => {
      const { altitudeDeg, azimuthDeg } = directionOf(direction, room.bearingDeg);
      return altitudeDeg > 0 ? outdoors.luminance(altitudeDeg, azimuthDeg) : (room.ground[0]! * sky.horizontalLux) / Math.PI;
    },
  };
}

/** Centres of the faces within 2 %; beside a window, where patches are coarse for what they see, within 4 %. */
const SPOTS = [
  ['floor', [2, 2.5, 0], [0, 0, 1], 0.02],
  ['ceiling', [2, 2.5, 2.6], [0, 0, -1], 0.02],
  ['wall 1', [4, 2.5, 1.3], [-1, 0, 0], 0.02],
  ['wall 2', [2, 5, 1.3], [0, -1, 0], 0.02],
  ['wall 3', [0, 2.5, 1.3], [1, 0, 0], 0.02],
  ['beside the window', [0.5, 0, 1.3], [0, 1, 0], 0.04],
] as const;
const RAYS = 600_000;

const ROOMS: readonly (readonly [string, LightRoom, GivenSky])[] = [
  [
    'grey room, standard overcast sky',
    greyRoom({ walls: [flat(0.5), flat(0.6), flat(0.5), flat(0.4)], windows: [openWindow({ glass: flat(0.7) })] }),
    { type: 1, horizontalLux: 10_000 },
  ],
  [
    'light room, clear sky without its sun, two windows in one wall',
    greyRoom({
      walls: [flat(0.7), flat(0.7), flat(0.7), flat(0.7)],
      floor: flat(0.3),
      bearingDeg: 40,
      windows: [openWindow({ leftM: 0.7, widthM: 0.8 }), openWindow({ leftM: 1.9, widthM: 0.8, sillM: 0.2, heightM: 2.1 })],
    }),
    { type: 12, horizontalLux: 12_000, sun: { azimuthDeg: 250, altitudeDeg: 35 } },
  ],
];

describe.each(ROOMS)('%s, against an independent path tracer', (_, room, sky) => {
  const receivers = SPOTS.map(([name, at, normal]) => ({ name, at, normal }));
  const found = prepareRoom(room, receivers).lightAt(outdoorsGiven(sky), false).map(illuminance);

  test.each(SPOTS.map(([name], n) => [name, n] as const))('%s', (_name, n) => {
    const [, at, normal, within] = SPOTS[n]!;
    const inside = at.map((v, k) => v + 1e-7 * normal[k]!) as [number, number, number];
    const { lux, error } = trace(traced(room, sky), inside, [...normal], RAYS);
    expect(error / lux).toBeLessThan(0.01); // how sure the tracer itself is
    expect(Math.abs(found[n]!.total / lux - 1)).toBeLessThan(within);
  });
});
