type Part = { readonly id: string; readonly share: number };

/** Least share of a component, so that it can be seen and taken out again. */
export const LEAST_SHARE = 0.01;
/** Shares are kept to the tenth of a percent. */
const STEP = 0.001;
const rounded = (share: number) => Math.round(share / STEP) * STEP;

/** Shares to the step, the largest taking what rounding leaves. */
function settled<T extends Part>(parts: readonly T[]): readonly T[] {
  const all = parts.map((p) => ({ ...p, share: rounded(p.share) }));
  const most = all.reduce((best, p, i) => (p.share > all[best]!.share ? i : best), 0);
  const others = all.reduce((sum, p, i) => (i === most ? sum : sum + p.share), 0);
  return all.map((p, i) => (i === most ? { ...p, share: rounded(1 - others) } : p));
}

/**
 * Gives one part another share; the others keep their proportions in what is left, so that all make 1.
 *
 * @param share 0–1; held within what leaves every other its least share
 */
export function withShare<T extends Part>(parts: readonly T[], id: string, share: number): readonly T[] {
  if (parts.length === 1) return parts.map((p) => ({ ...p, share: 1 }));
  const most = 1 - LEAST_SHARE * (parts.length - 1);
  const own = Math.max(LEAST_SHARE, Math.min(most, share));
  const others = parts.reduce((sum, p) => (p.id === id ? sum : sum + p.share), 0);
  // each other has its least and its proportion of the rest
  const spare = 1 - own - LEAST_SHARE * (parts.length - 1);
  const scaled = parts.map((p) => {
    if (p.id === id) return { ...p, share: own };
    const proportion = others > 0 ? p.share / others : 1 / (parts.length - 1);
    return { ...p, share: LEAST_SHARE + spare * proportion };
  });
  return settled(scaled);
}

/** Takes a part in at a share; the others make room in proportion. */
export const withPart = <T extends Part>(parts: readonly T[], part: T): readonly T[] =>
  withShare([...parts, part], part.id, part.share);

/** Takes a part out; the others fill its place in proportion. Of the last one nothing is taken. */
export function withoutPart<T extends Part>(parts: readonly T[], id: string): readonly T[] {
  const rest = parts.filter((p) => p.id !== id);
  if (rest.length === 0) return parts;
  const sum = rest.reduce((s, p) => s + p.share, 0);
  return settled(rest.map((p) => ({ ...p, share: p.share / sum })));
}
