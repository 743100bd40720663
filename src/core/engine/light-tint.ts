import { adaptCat16 } from '../colour/cat16';
import { labFromXyz } from '../colour/lab';
import { integrationWeights } from '../colour/observer';
import { screenColour } from '../colour/srgb';
import { colourTemperature } from '../colour/temperature';
import { WHITE_D65_10, whiteOf } from '../colour/tristimulus';
import type { PositionLight } from '../light/day-light';
import type { TintedLight } from './light-protocol';

/** Luminance factor at which the tint of a light is shown. */
const TINT_Y = 72;

/** Lux, temperature and tint of what falls on a position. */
export function tinted({ power, lux }: Pick<PositionLight, 'power' | 'lux'>): TintedLight {
  if (!(lux > 0)) return { lux: 0, cctK: null, duv: null, hex: '#000000' };
  // half adapted: as strong as a tint can be and still be believed
  const white = whiteOf(integrationWeights(power, 10));
  const seen = adaptCat16(white, white, WHITE_D65_10, 0.5);
  const share = TINT_Y / seen.y;
  const lab = labFromXyz({ x: seen.x * share, y: TINT_Y, z: seen.z * share }, WHITE_D65_10);
  return { lux, ...colourTemperature(whiteOf(integrationWeights(power, 2))), hex: screenColour(lab).hex };
}
