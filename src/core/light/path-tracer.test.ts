import { greyRoom, openWindow } from '../../../tests/light-room';
import { sampled } from '../../../tests/campaign';
import { trace, type TracedRoom } from '../../../tests/path-tracer';
import { flat, type LightRoom } from './light-room';
import { directionOf } from './directions';
import { outdoorsGiven, type GivenSky } from './outdoors';
import { prepareRoom } from './prepare-room';
import { illuminance } from './receiver';

/** Two panes of clear glass by the angles of the ray outside and inside: sin and tan law of Fresnel. */
function twoPanes(cosine: number): number {
  const outside = Math.acos(Math.min(1 - 1e-12, cosine));
  const inside = Math.asin(Math.sin(outside) / 1.52);
  const across = (Math.sin(outside - inside) / Math.sin(outside + inside)) ** 2;
  const along = (Math.tan(outside - inside) / Math.tan(outside + inside)) ** 2;
  return [across, along].reduce((s, r) => s + (1 - r) / (1 + 3 * r) / 2, 0);
}

/** The same room for the path tracer: its walls by axis, its windows as holes. */
function traced(room: LightRoom, sky: GivenSky): TracedRoom {
  const { widthM, depthM, heightM } = room.box;
  const [w0, w1, w2, w3] = room.walls.map((r) => r[0]!) as [number, number, number, number];
  const outdoors = outdoorsGiven(sky);
  return {
    size: [widthM, depthM, heightM],
    rho: [w3, w1, w0, w2, room.floor[0]!, room.ceiling[0]!],
    holes: room.windows.map((w) => [w.leftM, w.leftM + w.widthM, w.sillM, w.sillM + w.heightM, w.glass[0]!]),
    // Fresnel's equations once more, by refractive angles: two panes of index 1.52, no depth
    slant: room.windows[0]!.panes.panes === 2 ? (cosine) => twoPanes(cosine) / twoPanes(1) : () => 1,
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
  [
    'room behind two panes of glass',
    greyRoom({ windows: [openWindow({ glass: flat(0.75), panes: { panes: 2, depth: 0 } })] }),
    { type: 1, horizontalLux: 10_000 },
  ],
];

describe.each(sampled(ROOMS, 3))('%s, against an independent path tracer', (_, room, sky) => {
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

describe('close to the glass and in large rooms, against the path tracer', () => {
  const sky = { type: 12, horizontalLux: 12_000, sun: { azimuthDeg: 250, altitudeDeg: 35 } } as const;
  const outdoors = outdoorsGiven(sky);
  const black = { walls: [flat(0), flat(0), flat(0), flat(0)] as const, floor: flat(0), ceiling: flat(0) };
  const glazed = greyRoom({ ...black, windows: [openWindow({ glass: flat(0.75), panes: { panes: 2, depth: 0 } })] });

  test.each(sampled([0.2, 0.1, 0.03, 0.01], 2))('%d m inside the glass, facing up and facing aside, within 1 %%', (inside) => {
    for (const normal of [
      [0, 0, 1],
      [1, 0, 0],
      [0, -1, 0],
    ] as const) {
      const at = [1.6, inside, 1.37] as const;
      const [found] = prepareRoom(glazed, [{ name: 'spot', at, normal }])
        .lightAt(outdoors, false)
        .map(illuminance);
      const { lux, error } = trace(traced(glazed, sky), [...at], [...normal], RAYS / 4);
      expect(Math.abs(found!.total / lux - 1)).toBeLessThan(0.01 + (2 * error) / lux);
    }
  });

  test('a hall of 30 × 30 m under a low ceiling: within 1 % and what the tracer itself may be off', () => {
    const walls = [flat(0.6), flat(0.6), flat(0.6), flat(0.6)] as const;
    const windows = [openWindow({ leftM: 3, widthM: 24, sillM: 0.9, heightM: 1.4 })];
    const hall = greyRoom({
      box: { widthM: 30, depthM: 30, heightM: 2.6 },
      walls,
      floor: flat(0.3),
      ceiling: flat(0.8),
      windows,
    });
    const spots = [
      ['floor', [15, 15, 0], [0, 0, 1]],
      ['ceiling', [15, 15, 2.6], [0, 0, -1]],
      ['back', [15, 30, 1.3], [0, -1, 0]],
      ['desk', [15, 10, 0.8], [0, 0, 1]],
    ] as const;
    const receivers = spots.map(([name, at, normal]) => ({ name, at, normal }));
    const found = prepareRoom(hall, receivers).lightAt(outdoors, false).map(illuminance);
    sampled([...spots.keys()], 2).forEach((n) => {
      const [, at, normal] = spots[n]!;
      const off = at.map((v, k) => v + 1e-7 * normal[k]!) as [number, number, number];
      const { lux, error } = trace(traced(hall, sky), off, [...normal], RAYS);
      expect(Math.abs(found[n]!.total / lux - 1)).toBeLessThan(0.01 + (2 * error) / lux);
    });
  });
});
