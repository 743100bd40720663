/** What an eye is asked in practice: which of two has more of something. */
export const EXERCISES = ['pinker', 'greener', 'yellower', 'bluer', 'stronger', 'weaker', 'lighter', 'darker'] as const;
export type Exercise = (typeof EXERCISES)[number];
