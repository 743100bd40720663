import { reflectanceFromLab } from '@/core/colour/reflectance';
import { integrationWeights } from '@/core/colour/observer';
import { colourTemperature } from '@/core/colour/temperature';
import { whiteOf } from '@/core/colour/tristimulus';
import { flat, type LightRoom, type LightWindow } from '@/core/light/light-room';
import type { Lamp } from '@/core/light/lamp';

/** A plain window in the middle of a wall 4 m long. */
export const openWindow = (more: Partial<LightWindow> = {}): LightWindow => ({
  wall: 0,
  leftM: 1,
  sillM: 0.9,
  widthM: 2,
  heightM: 1.3,
  glass: flat(1),
  panes: { panes: 0, depth: 0 },
  curtain: 'open',
  obstructionDeg: 0,
  revealM: 0,
  overhangM: 0,
  ...more,
});

export const plainLamp = (more: Partial<Lamp> = {}): Lamp => ({
  kind: 'led',
  cctK: 2733,
  lumens: 1000,
  throws: 'round',
  at: [2, 2.5, 2],
  dimmedShare: 1,
  ra: null,
  ...more,
});

/** A grey room of 4 × 5 × 2.6 m. */
export const greyRoom = (more: Partial<LightRoom> = {}): LightRoom => ({
  box: { widthM: 4, depthM: 5, heightM: 2.6 },
  bearingDeg: 180,
  walls: [flat(0.5), flat(0.5), flat(0.5), flat(0.5)],
  floor: flat(0.2),
  ceiling: flat(0.8),
  ground: flat(0.2),
  obstruction: flat(0.3),
  windows: [openWindow()],
  lamps: [],
  ...more,
});

/** The smoothest reflectance of a Lab colour. */
export function paint(l: number, a: number, b: number): Float64Array {
  const solved = reflectanceFromLab({ l, a, b });
  if (!solved.ok) throw new Error(`not a surface: ${l} ${a} ${b}`);
  return solved.value;
}

export const kelvinOf = (power: Float64Array): number => colourTemperature(whiteOf(integrationWeights(power, 2))).cctK;
export const duvOf = (power: Float64Array): number => colourTemperature(whiteOf(integrationWeights(power, 2))).duv;
