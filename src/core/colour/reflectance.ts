import { ok, type Ok, type Refused } from '../base/result';
import type { Reflectance } from './grid';
import { xyzFromLab } from './lab';
import { smoothestReflectance } from './smoothest-reflectance';
import { D65_10 } from './tristimulus';
import type { Lab } from './types';

/** Largest residual of XYZ (white Y = 100) in a reconstruction; under 0.0005 ΔE00 anywhere in Lab. */
const TOLERANCE = 5e-5;

/** No surface without fluorescence has this colour: it lies outside the object-colour solid under D65. */
export type NotASurface = Refused<'not-a-surface-colour', { lab: Lab }>;

/**
 * The smoothest reflectance whose colour under D65 and the 10° observer is `lab`; 81 values, each strictly between 0 and 1,
 * round trip under 0.001 ΔE00. One of many possible curves: under another light a real sample may differ. Burns 2020.
 */
export function reflectanceFromLab(lab: Lab): Ok<Reflectance> | NotASurface {
  const { x, y, z } = xyzFromLab(lab);
  const solved = smoothestReflectance([x, y, z], [D65_10.x, D65_10.y, D65_10.z], TOLERANCE);
  return solved.ok ? ok(solved.value.reflectance) : { ok: false, reason: 'not-a-surface-colour', lab };
}
