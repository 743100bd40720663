/** A verdict as it stands at the head of a line. */
export const VERDICT_WORDS = { works: 'Works', nearly: 'Nearly', no: 'No' } as const;
