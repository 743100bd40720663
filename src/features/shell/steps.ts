/** The steps in the order of the work; any of them can be opened at any time. Later ones join when they are built. */
export const STEPS = [
  { slug: 'brief', name: 'Brief' },
  { slug: 'light', name: 'Light' },
  { slug: 'stays', name: 'Stays' },
  { slug: 'deck', name: 'Deck' },
  { slug: 'bench', name: 'Bench' },
  { slug: 'record', name: 'Record' },
] as const;
export type Step = (typeof STEPS)[number]['slug'];

export const isStep = (text: string | undefined): text is Step => STEPS.some((s) => s.slug === text);
