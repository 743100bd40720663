/** Things that stay: a fixed finish rules, a furnishing can be replaced, a picture or piece is hung on what is there. */
export const STAY_KINDS = ['fixed', 'furnishing', 'artwork'] as const;
export type StayKind = (typeof STAY_KINDS)[number];
export const STAY_KIND_WORDS: Readonly<Record<StayKind, string>> = {
  fixed: 'fixed finish',
  furnishing: 'furnishing',
  artwork: 'artwork',
};

/**
 * What a colour is judged beside: what stays, or what is painted in the same job, which may contrast on purpose and is dated by nothing.
 */
export const JUDGED_KINDS = [...STAY_KINDS, 'painted'] as const;
export type JudgedKind = (typeof JUDGED_KINDS)[number];

/** Furnishings may share the undertone (calm) or answer it from across the hue circle (lively); fixed finishes always share. */
export const SCHOOLS = ['share', 'answer'] as const;
export type School = (typeof SCHOOLS)[number];
