/** Schools on a white in a dim or north-lit room: never; warm whites only; or choose a little more chroma. */
export const DIM_WHITE_SCHOOLS = ['never', 'warm-only', 'more-chroma'] as const;
export type DimWhiteSchool = (typeof DIM_WHITE_SCHOOLS)[number];
/** Schools on a light that fights the colour: correct it, or embrace it. */
export const FIGHTING_LIGHT_SCHOOLS = ['correct', 'embrace'] as const;
export type FightingLightSchool = (typeof FIGHTING_LIGHT_SCHOOLS)[number];

export type LightSchools = { readonly dimWhite: DimWhiteSchool; readonly fightingLight: FightingLightSchool };
export const DEFAULT_SCHOOLS: LightSchools = { dimWhite: 'warm-only', fightingLight: 'correct' };
