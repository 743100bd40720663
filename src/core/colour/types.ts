/** CIE tristimulus values; Y = 100 for the perfect reflecting diffuser. */
export type XYZ = { readonly x: number; readonly y: number; readonly z: number };

/**
 * CIELAB under D65 with the CIE 1964 10° observer, the product's one stored colour.
 * Inside the core the white is fixed; at borders it travels tagged as {@link TaggedLab}.
 */
export type Lab = { readonly l: number; readonly a: number; readonly b: number };

/** A colour as it crosses a border: the white and observer are part of the value. */
export type TaggedLab = Lab & { readonly space: 'lab'; readonly white: 'D65'; readonly observer: 10 };

export const tagged = ({ l, a, b }: Lab): TaggedLab => ({ space: 'lab', white: 'D65', observer: 10, l, a, b });
