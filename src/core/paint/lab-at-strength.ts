import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { atStrength } from './strength';

/**
 * Lab of a colour known by its Lab, at a strength (percent of its formula) in its maker's own base, both by their smoothest reflectance.
 * @throws RangeError when either is no surface colour: decks are checked when they are loaded
 */
export function labAtStrength(full: Lab, base: Lab, percent: number): Lab {
  if (percent === 100) return full;
  const [ink, white] = [reflectanceFromLab(full), reflectanceFromLab(base)];
  if (!ink.ok || !white.ok) throw new RangeError(`not a surface colour: ${JSON.stringify(ink.ok ? base : full)}`);
  const mixed = atStrength(ink.value, white.value, percent / 100);
  if (!mixed.ok) throw new RangeError(`${percent} % of this colour needs less absorption than none at ${mixed.nanometres} nm`);
  return mixed.value.lab;
}
