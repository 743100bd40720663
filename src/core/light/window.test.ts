import { duvOf, greyRoom, kelvinOf, openWindow, paint, plainLamp } from '../../../tests/light-room';
import { CURTAINS, type Curtain } from './assumptions';
import { directionOf, vectorTo } from './directions';
import { lampSpectrum } from './lamp';
import { flat, glassOf, roomProblems, type LightRoom } from './light-room';
import { outdoorsGiven, type GivenSky } from './outdoors';
import { prepareRoom } from './prepare-room';
import { illuminance, totalOf, type Receiver } from './receiver';
import { shapeOf } from './room-shape';
import { luxOf } from './spectral';
import { areaOf, sunPatches } from './sun-patch';
import { polygonFactor } from './view-factor';

/** Enough for what is not about bounces. */
const COARSE = 80;
const UNIFORM: GivenSky = { type: 'uniform', horizontalLux: 1000 * Math.PI }; // 1,000 cd/m² everywhere
const BLACK = { walls: [flat(0), flat(0), flat(0), flat(0)] as LightRoom['walls'], floor: flat(0), ceiling: flat(0) };
const floorAt = (x: number, y: number): Receiver => ({ name: `floor ${x} ${y}`, at: [x, y, 0], normal: [0, 0, 1] });
const luxAt = (room: LightRoom, sky: GivenSky, receiver: Receiver, lamps = false) =>
  illuminance(prepareRoom(room, [receiver], shapeOf(room, COARSE)).lightAt(outdoorsGiven(sky), lamps)[0]!);

describe('directions in a room and outside', () => {
  test('wall 0 faces its bearing, the others follow clockwise, and back', () => {
    expect(directionOf([0, -1, 0], 180).azimuthDeg).toBeCloseTo(180, 9);
    expect(directionOf([1, 0, 0], 180).azimuthDeg).toBeCloseTo(270, 9);
    expect(directionOf([0, 1, 0], 180).azimuthDeg).toBeCloseTo(0, 9);
    const back = vectorTo(directionOf([0.3, -0.5, 0.4], 37), 37);
    expect(back[0] / back[2]).toBeCloseTo(0.75, 9);
    expect(back[1] / back[2]).toBeCloseTo(-1.25, 9);
  });
});

describe('light through a window', () => {
  const corners = [
    [3, 0, 0.9],
    [1, 0, 0.9],
    [1, 0, 2.2],
    [3, 0, 2.2],
  ] as const;

  test('a uniform sky gives π L times the window’s exact factor, glass takes its share', () => {
    const exact = Math.PI * 1000 * polygonFactor([2, 2, 0], [0, 0, 1], corners);
    expect(luxAt(greyRoom(BLACK), UNIFORM, floorAt(2, 2)).total / exact).toBeCloseTo(1, 4);
    const glazed = greyRoom({ ...BLACK, windows: [openWindow({ glass: flat(0.7) })] });
    expect(luxAt(glazed, UNIFORM, floorAt(2, 2)).total / exact).toBeCloseTo(0.7, 4);
    const tinted = greyRoom({ ...BLACK, windows: [openWindow({ glass: glassOf('bronze') })] });
    const lit = prepareRoom(tinted, [floorAt(2, 2)]).lightAt(outdoorsGiven(UNIFORM), false)[0]!;
    expect(illuminance(lit).total / exact).toBeCloseTo(0.4, 2);
    expect(kelvinOf(totalOf(lit))).toBeLessThan(6000); // bronze glass warms it
  });

  test('a point above the sill sees the ground below its horizon, and an obstruction takes the low sky away', () => {
    const high: Receiver = { name: 'high', at: [2, 2, 1.55], normal: [0, -1, 0] };
    const sky = luxAt(greyRoom({ ...BLACK, ground: flat(0) }), UNIFORM, high).total;
    const both = luxAt(greyRoom({ ...BLACK, ground: flat(0.5) }), UNIFORM, high).total;
    expect((both - sky) / sky).toBeCloseTo(0.5, 1); // its horizon lies in the window's middle
    const hidden = [openWindow({ obstructionDeg: 89 })];
    const dark = luxAt(greyRoom({ ...BLACK, ground: flat(0), obstruction: flat(0), windows: hidden }), UNIFORM, high);
    expect(dark.total).toBeLessThan(0.001 * sky);
    const facade = luxAt(greyRoom({ ...BLACK, ground: flat(0), obstruction: flat(0.5), windows: hidden }), UNIFORM, high);
    expect(facade.total / sky).toBeLessThan(0.01); // hardly any sky is left for the façade itself
  });

  test('a reveal and an overhang take light away, and never all of it', () => {
    const back: Receiver = { name: 'side', at: [0, 1, 1.3], normal: [1, 0, 0] };
    const lux = (w: Parameters<typeof openWindow>[0]) =>
      luxAt(greyRoom({ ...BLACK, windows: [openWindow(w)] }), UNIFORM, back).total;
    const plain = lux({});
    expect(lux({ revealM: 0.4 })).toBeLessThan(plain);
    expect(lux({ revealM: 0.4 })).toBeGreaterThan(0.3 * plain);
    expect(lux({ overhangM: 1 })).toBeLessThan(plain);
    expect(lux({ overhangM: 3 })).toBeLessThan(lux({ overhangM: 1 }));
  });

  test.each(Object.keys(CURTAINS) as Curtain[])(
    'curtain %s: the wall opposite gets the share of its light that it lets through',
    (curtain) => {
      const room = greyRoom({ ...BLACK, ground: flat(0.2), windows: [openWindow({ curtain })] });
      const open = luxAt(greyRoom({ ...BLACK, windows: [openWindow()] }), UNIFORM, {
        name: 'back',
        at: [2, 5, 1.5],
        normal: [0, -1, 0],
      });
      const lux = luxAt(room, UNIFORM, { name: 'back', at: [2, 5, 1.5], normal: [0, -1, 0] });
      const { clear, through } = CURTAINS[curtain];
      expect(lux.total / open.total).toBeGreaterThan(0.9 * (clear + (1 - clear) * through) - 0.02);
      expect(lux.total / open.total).toBeLessThan(1.15 * (clear + (1 - clear) * through) + 0.02);
    },
  );
});

describe('the sun’s beam', () => {
  const sky: GivenSky = { type: 5, horizontalLux: 0.001, sun: { azimuthDeg: 180, altitudeDeg: 40 }, beamNormalLux: 80_000 };
  const at = (azimuthDeg: number): GivenSky => ({ ...sky, sun: { azimuthDeg, altitudeDeg: 40 } });
  /** By the beam alone: ground and façades are black. */
  const direct = (given: GivenSky, x: number, y: number, window = {}) => {
    const room = greyRoom({ ...BLACK, ground: flat(0), obstruction: flat(0), windows: [openWindow(window)] });
    return luxAt(room, given, floorAt(x, y)).direct;
  };

  test('falls where the window lets it: on the floor inside, not beside, not from behind, not over an obstruction', () => {
    // the window's middle, 1.55 m up, throws the sun 1.55 / tan 40° = 1.85 m into the room
    expect(direct(sky, 2, 1.85)).toBeCloseTo(80_000 * Math.sin((40 * Math.PI) / 180), -1);
    expect(direct(sky, 2, 4.5)).toBeLessThan(1);
    expect(direct(sky, 0.5, 1.85)).toBeLessThan(1);
    expect(direct(at(0), 2, 1.85)).toBeLessThan(1);
    expect(direct(sky, 2, 1.85, { obstructionDeg: 45 })).toBeLessThan(1);
    // from the south-west it crosses y = 0 at x + 1.3: inside the window from x = 0.9, beyond its end from x = 3.1
    expect(direct(at(225), 0.9, 1.3)).toBeGreaterThan(1000);
    expect(direct(at(225), 3.1, 1.3)).toBeLessThan(1);
  });

  test('a deep reveal cuts the low side of the patch, an overhang its far side', () => {
    // the ray to y = 1.2 crosses the inner face 1.007 m up and is 0.25 m higher after 0.3 m of reveal
    expect(direct(sky, 2, 1.2, { revealM: 0.3 })).toBeGreaterThan(1000);
    // the ray to y = 2.5 crosses it 2.098 m up; the head is at 2.2 m
    expect(direct(sky, 2, 2.5)).toBeGreaterThan(1000);
    // the reveal's own painted sides still glow
    expect(direct(sky, 2, 2.5, { revealM: 0.3 })).toBeLessThan(1000);
    expect(direct(sky, 2, 1.85, { overhangM: 0.5 })).toBeGreaterThan(1000);
    expect(direct(sky, 2, 2.3, { overhangM: 0.5 })).toBeLessThan(1);
  });

  test('its patches carry all that comes through the window', () => {
    for (const azimuthDeg of [120, 150, 180, 200, 240])
      for (const altitudeDeg of [5, 20, 40, 70]) {
        const room = greyRoom();
        const sun = { azimuthDeg, altitudeDeg };
        const flux = sunPatches(room, sun).reduce((s, p) => s + areaOf(p.polygon) * p.cosine, 0);
        const toSun = vectorTo(sun, room.bearingDeg);
        expect(flux).toBeCloseTo(2 * 1.3 * -toSun[1], 6);
      }
  });

  test('curtains that scatter let no patch of sun in', () => {
    const sheer = greyRoom({ windows: [openWindow({ curtain: 'sheer' })] });
    expect(sunPatches(sheer, { azimuthDeg: 180, altitudeDeg: 40 })).toEqual([]);
    expect(sunPatches(greyRoom(), { azimuthDeg: 180, altitudeDeg: 40 })).toHaveLength(1);
  });
});

describe('lamps', () => {
  const night: GivenSky = { type: 'uniform', horizontalLux: 0 };

  test('a point source by the inverse square, a diffuse one by Lambert’s law', () => {
    const under = (throws: 'round' | 'down' | 'up') =>
      luxAt(greyRoom({ ...BLACK, windows: [], lamps: [plainLamp({ throws })] }), night, floorAt(2, 2.5), true).direct;
    expect(under('round')).toBeCloseTo(1000 / (4 * Math.PI) / 4, 9);
    expect(under('down')).toBeCloseTo(1000 / Math.PI / 4, 9);
    expect(under('up')).toBe(0);
  });

  test.each(['round', 'down', 'up'] as const)('thrown %s: a grey closed room absorbs all its lumens', (throws) => {
    const rho = 0.6;
    const room = greyRoom({
      walls: [flat(rho), flat(rho), flat(rho), flat(rho)],
      floor: flat(rho),
      ceiling: flat(rho),
      windows: [],
      lamps: [plainLamp({ throws, at: [1.2, 3.1, 1.4] })],
    });
    // mean illuminance of the faces, on a grid of receivers on each
    const { widthM: w, depthM: d, heightM: h } = room.box;
    const grid = [0.1, 0.3, 0.5, 0.7, 0.9].flatMap((s) => [0.1, 0.3, 0.5, 0.7, 0.9].map((t) => [s, t] as const));
    const receivers = grid.flatMap(([s, t], k): (Receiver & { share: number })[] => [
      { name: `f${k}`, at: [s * w, t * d, 0], normal: [0, 0, 1], share: w * d },
      { name: `c${k}`, at: [s * w, t * d, h], normal: [0, 0, -1], share: w * d },
      { name: `0${k}`, at: [s * w, 0, t * h], normal: [0, 1, 0], share: w * h },
      { name: `2${k}`, at: [s * w, d, t * h], normal: [0, -1, 0], share: w * h },
      { name: `1${k}`, at: [w, s * d, t * h], normal: [-1, 0, 0], share: d * h },
      { name: `3${k}`, at: [0, s * d, t * h], normal: [1, 0, 0], share: d * h },
    ]);
    const lit = prepareRoom(room, receivers).lightAt(outdoorsGiven(night), true);
    const landed = receivers.reduce((s, r, k) => s + (r.share / grid.length) * illuminance(lit[k]!).bounced, 0);
    // everything that is reflected lands again: ρ + ρ² + … of the lumens
    expect(Math.abs(landed / ((1000 * rho) / (1 - rho)) - 1)).toBeLessThan(0.03);
  });

  test('add to daylight', () => {
    const room = greyRoom({ lamps: [plainLamp()] });
    const [off, on] = [false, true].map((lamps) => luxAt(room, UNIFORM, floorAt(2, 2.5), lamps).total);
    const alone = luxAt(room, night, floorAt(2, 2.5), true).total;
    expect(on! - off!).toBeCloseTo(alone, 6);
  });
});

describe('coloured surfaces', () => {
  test('a lawn outside and an oak floor tint what comes in', () => {
    const ceiling: Receiver = { name: 'ceiling', at: [2, 1.5, 2.6], normal: [0, 0, -1] };
    const duv = (ground: Float64Array) => {
      const room = greyRoom({ ground });
      return duvOf(totalOf(prepareRoom(room, [ceiling]).lightAt(outdoorsGiven(UNIFORM), false)[0]!));
    };
    expect(duv(paint(44, -17, 28))).toBeGreaterThan(duv(flat(0.15)) + 0.005); // greener
    const kelvin = (floor: Float64Array) => {
      const room = greyRoom({ floor });
      return kelvinOf(totalOf(prepareRoom(room, [ceiling]).lightAt(outdoorsGiven(UNIFORM), false)[0]!));
    };
    expect(kelvin(paint(51, 9.6, 21.8))).toBeLessThan(kelvin(flat(0.2)) - 100);
  });

  test('between its bands of 40 nm the bounce is what a grey room of the reflectance there would give, within 2.5 %', () => {
    const night: GivenSky = { type: 'uniform', horizontalLux: 0 };
    const at = floorAt(2, 2.5);
    const bouncedIn = (rho: Float64Array) => {
      const room = greyRoom({ walls: [rho, rho, rho, rho], floor: rho, ceiling: rho, windows: [], lamps: [plainLamp()] });
      return prepareRoom(room, [at], shapeOf(room, COARSE)).lightAt(outdoorsGiven(night), true)[0]!.bounced;
    };
    const rho = paint(60, 18, 25);
    const coloured = bouncedIn(rho);
    const lamp = lampSpectrum(plainLamp());
    for (const i of [4, 20, 36, 44, 52, 60, 76]) {
      const grey = luxOf(bouncedIn(flat(rho[i]!)));
      expect(Math.abs(coloured[i]! / (lamp[i]! * grey) - 1)).toBeLessThan(0.025);
    }
  });
});

describe('rooms that cannot be', () => {
  test.each([
    [{ windows: [openWindow({ widthM: 3.5 })] }, 'wider-than-wall'],
    [{ windows: [openWindow({ heightM: 1.8 })] }, 'higher-than-wall'],
    [{ windows: [openWindow(), openWindow({ leftM: 2.5, widthM: 1 })] }, 'windows-overlap'],
    [{ lamps: [plainLamp({ at: [2, 2, 3] })] }, 'lamp-outside'],
    [{ ceiling: flat(1) }, 'reflects-everything'],
  ] as const)('%j: %s', (change, reason) => {
    const room = greyRoom(change as Partial<LightRoom>);
    expect(roomProblems(room).map((p) => p.reason)).toEqual([reason]);
    expect(() => prepareRoom(room, [])).toThrow('cannot be computed');
  });

  test('two windows that touch do not overlap; nor do windows in different walls', () => {
    expect(
      roomProblems(greyRoom({ windows: [openWindow({ leftM: 0.5, widthM: 1 }), openWindow({ leftM: 1.5, widthM: 1 })] })),
    ).toEqual([]);
    expect(roomProblems(greyRoom({ windows: [openWindow(), openWindow({ wall: 2 })] }))).toEqual([]);
  });
});

describe('left and right', () => {
  test('a window left of the middle lights the left side more, seen from inside, in every wall', () => {
    // looking out at a wall that faces `bearing`, the left hand points to bearing − 90
    for (const wall of [0, 1, 2, 3] as const) {
      const room = greyRoom({ ...BLACK, windows: [openWindow({ wall, leftM: 0.2, widthM: 1 })] });
      const { widthM: w, depthM: d } = room.box;
      const spots = {
        0: [
          [0.7, 0.5],
          [w - 0.7, 0.5],
        ],
        1: [
          [w - 0.5, 0.7],
          [w - 0.5, d - 0.7],
        ],
        2: [
          [w - 0.7, d - 0.5],
          [0.7, d - 0.5],
        ],
        3: [
          [0.5, d - 0.7],
          [0.5, 0.7],
        ],
      } as const;
      const [left, right] = spots[wall].map(([x, y]) => luxAt(room, UNIFORM, floorAt(x, y)).total);
      expect(left).toBeGreaterThan(2 * right!);
      const toLeft = directionOf(
        [spots[wall][0][0] - spots[wall][1][0], spots[wall][0][1] - spots[wall][1][1], 0],
        room.bearingDeg,
      );
      const outward = (room.bearingDeg + 90 * wall) % 360;
      expect((toLeft.azimuthDeg - (outward - 90) + 720) % 360).toBeCloseTo(0, 6);
    }
  });
});
