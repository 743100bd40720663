import { SKIES, type SkyName } from '../light/outdoors';
import type { JudgingLight } from '../room/facing';

/** The light of a look: a sky by day, the lamps alone, or the lamps with a grey late daylight. */
export const LOOK_LIGHTS = [...SKIES, 'lamps', 'both'] as const;
export type LookLight = (typeof LOOK_LIGHTS)[number];

/** "under a clear sky": after "the beige loses its pink". */
export const LOOK_LIGHT_WORDS: Readonly<Record<LookLight, string>> = {
  clear: 'under a clear sky',
  broken: 'in sun and clouds',
  overcast: 'under cloud',
  lamps: 'after dark, lamps on',
  both: 'on a grey day, lamps on',
};

/** What the cursor is set to for a look. */
export const cursorOfLook = (light: LookLight): { readonly sky: SkyName; readonly lampsOn: boolean } => {
  if (light === 'lamps') return { sky: 'clear', lampsOn: true };
  return light === 'both' ? { sky: 'overcast', lampsOn: true } : { sky: light, lampsOn: false };
};

/** The light of the record that a look belongs to, as far as it can be said without the room. */
export const judgingLightOfLook = (light: LookLight): JudgingLight => {
  if (light === 'both') return 'lamps-by-day';
  return light === 'lamps' || light === 'overcast' ? light : 'window-day';
};

export const byDaylight = (light: LookLight): light is SkyName => light !== 'lamps' && light !== 'both';
