/** The fixed list of reasons a candidate does not sit well beside something. */
export const REASONS = [
  'too-pink',
  'too-green',
  'too-yellow',
  'too-violet',
  'too-strong',
  'too-weak',
  'too-dark',
  'too-light',
  'too-close',
  'reads-dirty',
  'dates-it',
] as const;
export type Reason = (typeof REASONS)[number];

/** Plain words of each reason, as they read after "nearly:" or "no:". */
export const REASON_WORDS: Readonly<Record<Reason, string>> = {
  'too-pink': 'too pink',
  'too-green': 'too green',
  'too-yellow': 'too yellow',
  'too-violet': 'too violet',
  'too-strong': 'too strong',
  'too-weak': 'too weak, washed out',
  'too-dark': 'too dark',
  'too-light': 'too light',
  'too-close': 'too close, blends',
  'reads-dirty': 'looks dirty beside it',
  'dates-it': 'makes it look dirty or dated',
};

/** The same, where there is room for a word or two: on a button. */
export const REASON_SHORT: Readonly<Record<Reason, string>> = {
  'too-pink': 'pink',
  'too-green': 'green',
  'too-yellow': 'yellow',
  'too-violet': 'violet',
  'too-strong': 'strong',
  'too-weak': 'weak',
  'too-dark': 'dark',
  'too-light': 'light',
  'too-close': 'close',
  'reads-dirty': 'looks dirty',
  'dates-it': 'dates the other',
};

/** A reason with what it is felt beside: "too green beside the band", "makes the carpet look dirty or dated". */
export function sayBeside(reason: Reason, what: string): string {
  if (reason === 'dates-it') return `makes ${what} look dirty or dated`;
  return `${reason === 'reads-dirty' ? 'looks dirty' : REASON_WORDS[reason]} beside ${what}`;
}

export const VERDICTS = ['works', 'nearly', 'no'] as const;
export type Verdict = (typeof VERDICTS)[number];
