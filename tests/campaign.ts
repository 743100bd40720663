/**
 * Campaigns: much of the same, tried to be sure. `bin/test` takes a share of each, always the same one; `bin/bench --faults` and `--truth` take them
 * whole.
 */
export const WHOLE = process.env['ELM_SWATCH_CAMPAIGNS'] === 'whole';

/** Every so-manieth of a list, the first among them; all of it in a whole campaign. */
export const sampled = <T>(all: readonly T[], every: number): readonly T[] => all.filter((_, i) => WHOLE || i % every === 0);

/** So many, or that share of them every day. */
export const fewer = (whole: number, every: number): number => (WHOLE ? whole : Math.ceil(whole / every));
