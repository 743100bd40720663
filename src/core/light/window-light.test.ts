import { bounce, formFactors, patchesOf, type Box, type Face } from './radiosity';
import { traditionalOvercast } from './sky';
import { polygonFactor } from './view-factor';
import {
  diffuseFromWindow,
  directionOf,
  openingProblem,
  sunFromWindow,
  vectorTo,
  type Opening,
  type Outdoors,
} from './window-light';

const BOX: Box = { widthM: 4, depthM: 5, heightM: 2.6 };
const ROOM = { box: BOX, bearingDeg: 180 };
const WINDOW: Opening = { wall: 0, leftM: 1, sillM: 0.9, widthM: 2, heightM: 1.3, transmittance: 1, obstructionDeg: 0 };
const floorAt = (x: number, y: number) => ({ centre: [x, y, 0] as const, normal: [0, 0, 1] as const });
const outside = (more: Partial<Outdoors> = {}): Outdoors => ({
  skyLuminance: () => 1000,
  groundLuminance: 0,
  obstructionLuminance: 0,
  ...more,
});

describe('directions in a room and outside', () => {
  test('wall 0 faces its bearing, the others follow clockwise', () => {
    expect(directionOf([0, -1, 0], 180).azimuthDeg).toBeCloseTo(180, 9);
    expect(directionOf([1, 0, 0], 180).azimuthDeg).toBeCloseTo(270, 9);
    expect(directionOf([0, 1, 0], 180).azimuthDeg).toBeCloseTo(0, 9);
    const back = vectorTo(directionOf([0.3, -0.5, 0.4], 37), 37);
    expect(back[0] / back[2]).toBeCloseTo(0.75, 9);
    expect(back[1] / back[2]).toBeCloseTo(-1.25, 9);
  });
});

describe('light through a window', () => {
  test('a uniform sky gives π L times the window’s exact factor', () => {
    const element = floorAt(2, 2);
    const corners = [
      [3, 0, 0.9],
      [1, 0, 0.9],
      [1, 0, 2.2],
      [3, 0, 2.2],
    ] as const;
    const exact = Math.PI * 1000 * polygonFactor(element.centre, element.normal, corners);
    expect(diffuseFromWindow(element, ROOM, WINDOW, outside()) / exact).toBeCloseTo(1, 6);
    expect(diffuseFromWindow(element, ROOM, { ...WINDOW, transmittance: 0.7 }, outside()) / exact).toBeCloseTo(0.7, 6);
  });

  test('an element above the sill sees the ground below the horizon, and an obstruction takes the low sky away', () => {
    const high = { centre: [2, 2, 1.55] as const, normal: [0, -1, 0] as const };
    const sky = diffuseFromWindow(high, ROOM, WINDOW, outside());
    const ground = diffuseFromWindow(high, ROOM, WINDOW, outside({ skyLuminance: () => 0, groundLuminance: 1000 }));
    expect(sky / ground).toBeCloseTo(1, 1); // its horizon lies in the middle of the window
    const hidden = { ...WINDOW, obstructionDeg: 90 };
    expect(diffuseFromWindow(high, ROOM, hidden, outside())).toBe(0);
    expect(diffuseFromWindow(high, ROOM, hidden, outside({ obstructionLuminance: 1000 }))).toBeCloseTo(sky, 6);
  });

  test('the sun falls where the window lets it: on the floor inside, not beside, not from behind, not over an obstruction', () => {
    const sun = { azimuthDeg: 180, altitudeDeg: 40, beamNormalLux: 80_000 };
    // the window's middle, 1.55 m up, throws the sun 1.55 / tan 40° = 1.85 m into the room
    expect(sunFromWindow(floorAt(2, 1.85), ROOM, WINDOW, sun)).toBeCloseTo(80_000 * Math.sin((40 * Math.PI) / 180), 6);
    expect(sunFromWindow(floorAt(2, 4.5), ROOM, WINDOW, sun)).toBe(0);
    expect(sunFromWindow(floorAt(0.5, 1.85), ROOM, WINDOW, sun)).toBe(0);
    expect(sunFromWindow(floorAt(2, 1.85), ROOM, WINDOW, { ...sun, azimuthDeg: 0 })).toBe(0);
    expect(sunFromWindow(floorAt(2, 1.85), ROOM, { ...WINDOW, obstructionDeg: 45 }, sun)).toBe(0);
    // from the south-west it crosses y = 0 at x + 1.3: inside the window from x = 0.9, beyond the wall's end from x = 3.1
    const west = { ...sun, azimuthDeg: 225 };
    expect(sunFromWindow(floorAt(0.9, 1.3), ROOM, WINDOW, west)).toBeGreaterThan(0);
    expect(sunFromWindow(floorAt(3.1, 1.3), ROOM, WINDOW, west)).toBe(0);
  });

  test('late sun from the south-west reaches to the left of the window seen from inside, early sun to the right', () => {
    const spot = (azimuthDeg: number) => {
      const lit: number[] = [];
      for (let x = 0.05; x < 4; x += 0.1)
        if (sunFromWindow(floorAt(x, 1.5), ROOM, WINDOW, { azimuthDeg, altitudeDeg: 35, beamNormalLux: 1 }) > 0) lit.push(x);
      return lit.reduce((s, x) => s + x, 0) / lit.length;
    };
    // seen from above with south at y = 0, west is at x = width: light from the west goes east, to smaller x
    expect(spot(215)).toBeLessThan(spot(180));
    expect(spot(145)).toBeGreaterThan(spot(180));
  });

  test('a window larger than its wall is named', () => {
    expect(openingProblem(BOX, WINDOW)).toBeUndefined();
    expect(openingProblem(BOX, { ...WINDOW, widthM: 3.5 })).toBe('wider-than-wall');
    expect(openingProblem(BOX, { ...WINDOW, heightM: 1.8 })).toBe('higher-than-wall');
  });
});

describe('a whole room under an overcast sky', () => {
  const RHO: Record<Face, number> = { 'wall-0': 0.5, 'wall-1': 0.5, 'wall-2': 0.5, 'wall-3': 0.5, floor: 0.2, ceiling: 0.8 };

  /** Mean daylight factor of floor, walls and ceiling below and above mid-height, percent. */
  function meanDaylightFactor(box: Box, opening: Opening): number {
    const patches = patchesOf(box, 0.6);
    const horizontal = 10_000;
    const zenith = (9 / (7 * Math.PI)) * horizontal; // Moon & Spencer 1942
    const outdoors = outside({
      skyLuminance: (a, z) => zenith * traditionalOvercast(a, z),
      groundLuminance: (0.2 * horizontal) / Math.PI,
    });
    const direct = patches.map((p) => diffuseFromWindow(p, { box, bearingDeg: 0 }, opening, outdoors));
    const { total } = bounce(
      formFactors(patches),
      direct,
      patches.map((p) => RHO[p.face]),
    );
    const floor = patches.map((p, i) => ({ area: p.area, e: total[i]!, face: p.face })).filter((p) => p.face === 'floor');
    return (100 * floor.reduce((s, p) => s + p.area * p.e, 0)) / floor.reduce((s, p) => s + p.area, 0) / horizontal;
  }

  /** BRE average daylight factor, percent: τ Aw θ / (A (1 − R²)). Crisp & Littlefair 1984; θ = 90° without obstruction. */
  function averageDaylightFactor({ widthM: w, depthM: d, heightM: h }: Box, opening: Opening): number {
    const areas: [number, number][] = [
      [w * d, RHO.floor],
      [w * d, RHO.ceiling],
      [2 * (w + d) * h, 0.5],
    ];
    const total = areas.reduce((s, [a]) => s + a, 0);
    const mean = areas.reduce((s, [a, r]) => s + a * r, 0) / total;
    return (opening.transmittance * opening.widthM * opening.heightM * 90) / (total * (1 - mean * mean));
  }

  test('the flux that comes in is what falls on the window, times its transmittance', () => {
    const patches = patchesOf(BOX, 0.35);
    const zenith = (9 / (7 * Math.PI)) * 10_000;
    const outdoors = outside({ skyLuminance: (a, z) => zenith * traditionalOvercast(a, z), groundLuminance: 2000 / Math.PI });
    const flux = patches.reduce((s, p) => s + p.area * diffuseFromWindow(p, ROOM, WINDOW, outdoors), 0);
    // a vertical window under the traditional overcast sky: 0.396 of the horizontal illuminance, and half of a ground of 0.2
    expect(Math.abs(flux / (2 * 1.3 * (0.396 + 0.1) * 10_000) - 1)).toBeLessThan(0.03);
  });

  test.each([
    { w: 4, d: 5, h: 2.6, ww: 2, wh: 1.3 },
    { w: 3, d: 4, h: 2.4, ww: 1.2, wh: 1.2 },
    { w: 6, d: 4, h: 2.8, ww: 4, wh: 1.5 },
    { w: 3.5, d: 3.5, h: 2.5, ww: 1.5, wh: 1.3 },
    { w: 5, d: 6, h: 2.7, ww: 2.5, wh: 1.6 },
    { w: 4, d: 3, h: 2.5, ww: 1.8, wh: 1.2 },
    { w: 2.5, d: 4, h: 2.4, ww: 1, wh: 1.2 },
    { w: 5, d: 5, h: 3, ww: 3, wh: 1.8 },
    { w: 3, d: 5, h: 2.6, ww: 1.6, wh: 1.4 },
    { w: 7, d: 5, h: 2.8, ww: 5, wh: 1.6 },
  ])('$w × $d × $h m, window $ww × $wh m: of the order of the published average daylight factor', ({ w, d, h, ww, wh }) => {
    const box = { widthM: w, depthM: d, heightM: h };
    const opening: Opening = {
      wall: 0,
      leftM: (w - ww) / 2,
      sillM: 0.85,
      widthM: ww,
      heightM: wh,
      transmittance: 0.7,
      obstructionDeg: 0,
    };
    const ratio = meanDaylightFactor(box, opening) / averageDaylightFactor(box, opening);
    // the formula is for the working plane and ordinary proportions; the floor lies 0.85 m lower and sees a little less
    expect(ratio).toBeGreaterThan(0.6);
    expect(ratio).toBeLessThan(1.4);
  });
});
